import { entries } from './technique'

const CHIP = { what: 'chip', from: 5, to: 40 } as const
const SCRATCH = { what: 'scratch', from: 1, to: 5 } as const
const RUST = '#5A3222'

/** Source: handbook 6, chipping; 10.1 for sizes. */
export const CHIPPING = entries('Chipping', 11, [
  {
    id: 'sponge-chips',
    name: 'Sponge chips',
    purpose: 'Irregular chips on edges: quick, and easily stopped.',
    needs: 'a sealed or cured face, so that a slip wipes off',
    tools: ['torn foam', 'card to dab off on'],
    steps: [
      { step: { do: 'chip-sponge', family: 'water-acrylic', colour: '#C9C9C2', minutes: 20 } },
      { step: { do: 'chip-sponge', family: 'water-acrylic', colour: '#3A2E28', minutes: 15 } },
    ],
    amounts: 'load, then dab nearly all of it off',
    lookFor: 'Light colour first, dark inside; a cause for each group.',
    faults: ['too-stark'],
    schools: ['wear', 'chips', 'chipBase'],
    marks: CHIP,
    compare: {
      control: 3,
      randomness: 4,
      topCoat: 'any that is dry',
      goesWrong: 'too many, all of one size',
    },
  },
  {
    id: 'brush-chips',
    name: 'Brush and liner chips',
    purpose: 'Chips and scratches each where it belongs.',
    needs: 'a sealed or cured face, so that a slip wipes off',
    tools: ['fine liner, held far back'],
    steps: [
      { step: { do: 'chip-brush', family: 'water-acrylic', colour: '#C9C9C2', minutes: 45 } },
      { step: { do: 'chip-brush', family: 'water-acrylic', colour: '#3A2E28', minutes: 30 } },
    ],
    amounts: 'a few drops, thinned a little',
    lookFor: 'Scratches run with travel, falls run down.',
    faults: ['too-stark'],
    schools: ['wear', 'chips', 'chipBase'],
    marks: CHIP,
    compare: {
      control: 5,
      randomness: 1,
      topCoat: 'any that is dry',
      goesWrong: 'looks drawn: even spacing, even size',
    },
  },
  {
    id: 'release-chips',
    name: 'Release coat',
    stage: 6,
    purpose: 'The top colour really flakes off, down to rust, metal or primer.',
    needs: 'a water-fast undercoat; a thin water- or alcohol-acrylic on top',
    tools: ['chipping fluid or hairspray', 'stiff brush', 'needle or pick', 'clean water'],
    steps: [
      {
        step: { do: 'release', coats: ['light', 'light'] },
        at: 'under-colour',
        window: '20 min to 12 h before the top coat',
      },
      { step: { do: 'chip-wet', minutes: 30 }, at: 'over-colour', window: 'touch-dry to 24 h' },
      {
        step: { do: 'clear', family: 'lacquer', sheen: 'satin', coats: ['mist', 'light'] },
        at: 'over-colour',
        window: 'dry first, then sealed',
      },
    ],
    amounts: 'two coats of release; the top coat thin',
    lookFor: 'Damp, wait half a minute, work along lines; stop before it is enough.',
    faults: ['chips-wont-open', 'chips-sheets', 'undercoat-off'],
    schools: ['chips', 'chipBase', 'wear'],
    variants: [
      { name: 'Alcohol-thinned top', say: 'lets go soonest' },
      { name: 'Lacquer top', say: 'scratch it to start' },
      { name: 'Several layers', say: 'each with its own release' },
    ],
    marks: CHIP,
    compare: {
      control: 3,
      randomness: 4,
      topCoat: 'thin water- or alcohol-acrylic, within a day',
      goesWrong: 'won’t open, or comes off in sheets',
    },
  },
  {
    id: 'salt-chips',
    name: 'Salt',
    stage: 6,
    purpose: 'Clusters of blistered, flaked paint over rust.',
    needs: 'a water-fast undercoat',
    tools: ['mixed salt grains', 'water', 'soft brush', 'warm air'],
    steps: [
      {
        step: { do: 'salt', minutes: 15 },
        at: 'under-colour',
        window: 'dry for 30 min before paint',
      },
      {
        step: { do: 'unsalt', minutes: 15 },
        at: 'over-colour',
        wait: '24 h',
        window: 'a day for heavy cover',
      },
      { step: { do: 'wash', minutes: 10 }, at: 'over-colour' },
    ],
    amounts: 'light top coats',
    lookFor: 'Clusters, not a pattern; frost washed off, unless it is wanted.',
    faults: ['chips-wont-open'],
    schools: ['chips'],
    marks: CHIP,
    compare: {
      control: 2,
      randomness: 5,
      topCoat: 'light coats of anything but flooding water',
      goesWrong: 'grains too large for the scale; frost left behind',
    },
  },
  {
    id: 'latex-chips',
    name: 'Latex by sponge',
    stage: 6,
    purpose: 'Larger flakes with clean edges.',
    needs: 'an undercoat that bears latex',
    tools: ['torn foam', 'liquid latex', 'eraser'],
    steps: [
      { step: { do: 'latex', minutes: 15 }, at: 'under-colour', window: '20 min before paint' },
      {
        step: { do: 'unlatex', minutes: 15 },
        at: 'over-colour',
        wait: '40 min',
        window: 'touch-dry to 24 h',
      },
    ],
    amounts: 'dab, don’t flood',
    lookFor: 'Irregular, heavier low and forward.',
    faults: ['lifts-with-tape'],
    schools: ['chips'],
    marks: CHIP,
    compare: {
      control: 3,
      randomness: 3,
      topCoat: 'any, taken off within a day',
      goesWrong: 'a rim left standing; left on too long it tears',
    },
  },
  {
    id: 'needle-scratch',
    name: 'Needle scratch',
    purpose: 'Through the top colour to metal, or wiped off with thinner.',
    needs: 'a metal or primer under the colour; hard enough not to tear',
    tools: ['needle', 'knife tip', 'damp swab'],
    steps: [
      {
        step: {
          do: 'scratch',
          family: 'water-acrylic',
          colour: '#B9BBBC',
          tool: 'needle',
          minutes: 20,
        },
      },
    ],
    amounts: 'few, and fine',
    lookFor: 'They run with travel.',
    faults: ['undercoat-off'],
    schools: ['chips', 'chipBase'],
    marks: SCRATCH,
    compare: {
      control: 5,
      randomness: 1,
      topCoat: 'any that is hard',
      goesWrong: 'cuts through to the plastic',
    },
  },
  {
    id: 'pencil-graphite',
    name: 'Pencil and graphite',
    stage: 13,
    purpose: 'A dull metal gleam on worn edges.',
    needs: 'matt; after the last clear, which would hide it',
    surface: ['matt', 'satin'],
    tools: ['soft pencil', 'graphite on a fingertip'],
    steps: [
      { step: { do: 'pencil', colour: '#6A6C6E', minutes: 10 } },
      { step: { do: 'graphite', colour: '#6A6C6E', minutes: 10 } },
    ],
    amounts: 'a touch',
    lookFor: 'A gleam only where hands and feet go.',
    faults: ['effect-lost'],
    marks: SCRATCH,
  },
  {
    id: 'story-rule',
    name: 'Story rule',
    purpose:
      'Every group of chips has a cause: feet on hatches and steps, travel on leading edges, hands on corners, ground low down.',
    needs: 'a story for the thing',
    tools: ['reference pictures'],
    lookFor: 'Heaviest low and forward.',
    faults: ['too-stark'],
    schools: ['wear'],
  },
])

/** The colour of the undercoat that revealed chips show. Source: handbook 6, rust undercoat. */
export const RUST_GROUND = RUST
