import { entries } from './technique'

/** Source: handbook 6, finish and handling. */
export const FINISH = entries('Finish and handling', 13, [
  {
    id: 'final-clear',
    name: 'Final clear',
    purpose: 'Usually matt; on gaming pieces gloss or satin under matt, for wear.',
    needs: 'wet, shiny and metal effects come after it',
    tools: ['airbrush 0.3 mm'],
    steps: [
      { step: { do: 'clear', family: 'acrylic-pu', sheen: 'satin', coats: ['mist', 'light'] } },
      { step: { do: 'clear', family: 'acrylic-pu', sheen: 'matt', coats: ['mist', 'light'] } },
    ],
    lookFor: 'No frost, one sheen.',
    faults: ['white-frost', 'effect-lost'],
    schools: ['finalSheen'],
  },
  {
    id: 'fit-glass',
    name: 'Fit glass',
    purpose: 'Clear parts with white or fog-free glue; touch-up from the stored mix.',
    needs: 'finished paint; no cyanoacrylate',
    tools: ['white glue', 'toothpick'],
    steps: [{ step: { do: 'glue-clear', adhesive: 'white-glue', minutes: 15 } }],
    amounts: 'small dots',
    lookFor: 'No fog, no squeeze-out.',
    faults: ['glass-fogged'],
  },
  {
    id: 'unpainted-plastic',
    name: 'Unpainted plastic',
    stage: 5,
    purpose:
      'The moulded colour stays: satin or matt on it, missing colours by brush, line, streak, scratch.',
    needs: 'clean plastic of the right colour',
    tools: ['airbrush or spray can', 'brushes', 'needle'],
    steps: [
      { step: { do: 'wash', minutes: 10 } },
      { step: { do: 'clear', family: 'acrylic-pu', sheen: 'satin', coats: ['mist', 'light'] } },
      { step: { do: 'detail', family: 'water-acrylic', colour: '#B98A2F', minutes: 40 } },
      { step: { do: 'line', family: 'enamel-wash', colour: '#3B3A38', minutes: 20 } },
      { step: { do: 'line-clean', minutes: 15 } },
      { step: { do: 'clear', family: 'acrylic-pu', sheen: 'matt', coats: ['mist', 'light'] } },
    ],
    lookFor: 'Plastic no longer looks like plastic.',
    faults: ['wash-wont-run'],
    schools: ['mouldedPlastic', 'liningSurface'],
  },
  {
    id: 'spray-can-only',
    name: 'Spray-can only',
    stage: 3,
    purpose: 'Rust primer from below, release or salt, colour, light from above, wash, highlights.',
    needs: 'warm cans, 15 °C and more, dry air',
    tools: ['spray cans', 'brush'],
    steps: [
      {
        step: {
          do: 'prime',
          family: 'lacquer',
          tool: 'spray-can',
          colour: '#6A3A26',
          coats: ['mist', 'light', 'light'],
        },
      },
      { step: { do: 'release', coats: ['light', 'light'] } },
      {
        step: {
          do: 'base',
          family: 'lacquer',
          tool: 'spray-can',
          colour: '#6F7A5C',
          coats: ['light', 'light'],
        },
      },
      { step: { do: 'chip-wet', minutes: 30 } },
      {
        step: {
          do: 'toplight',
          family: 'lacquer',
          tool: 'spray-can',
          colour: '#93A07C',
          coats: ['mist'],
        },
      },
      { step: { do: 'wash', family: 'enamel-wash', colour: '#33281F', minutes: 15 } },
      { step: { do: 'drybrush', family: 'water-acrylic', colour: '#C4C7AE', minutes: 15 } },
    ],
    lookFor: 'Thin coats; lacquer wants scratching to start.',
    faults: ['dusty-spray', 'chips-wont-open'],
    schools: ['decanting'],
  },
])
