import type { ActStep } from '../../model/sequence'
import type { Starter } from './starter'

const GREY = '#8B8C8B'
const MATT: ActStep = { do: 'clear', family: 'acrylic-pu', sheen: 'matt', coats: ['mist', 'light'] }

/** Whole finishes by school: cans only, water only, moulded colour, restrained, metal and resin figures. Source: handbook 1, 6. */
export const SCHOOL_STARTERS: readonly Starter[] = [
  {
    id: 'spray-can-wreck',
    kind: 'mecha',
    name: 'Spray cans only',
    about:
      'Rust primer, colour and light from cans, enamel wash, drybrushed highlights; no airbrush.',
    scale: 48,
    use: 'display',
    school: { decanting: 'can', liningSurface: 'matt', wear: 'bold' },
    parts: [{ id: 'hulk', name: 'Hulk', substrate: 'polystyrene', areaCm2: 300 }],
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
      {
        step: {
          do: 'base',
          family: 'lacquer',
          tool: 'spray-can',
          colour: '#6F7A5C',
          coats: ['mist', 'light'],
        },
      },
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
      { step: { do: 'wash-clean', minutes: 15 } },
      { step: { do: 'drybrush', family: 'water-acrylic', colour: '#C4C7AE', minutes: 15 } },
      {
        step: {
          do: 'clear',
          family: 'lacquer',
          tool: 'spray-can',
          sheen: 'matt',
          coats: ['mist', 'mist'],
        },
      },
    ],
  },
  {
    id: 'water-only-walker',
    kind: 'mecha',
    name: 'Water only',
    about: 'Water-borne from primer to matt, warm air between; no solvent in the room.',
    scale: 56,
    use: 'handled',
    school: { speed: 'water-and-warm-air', liningSurface: 'satin', liningCarrier: 'water-acrylic' },
    parts: [{ id: 'walker', name: 'Walker', substrate: 'polystyrene', areaCm2: 120 }],
    steps: [
      { step: { do: 'wash', minutes: 10 } },
      {
        step: {
          do: 'prime',
          family: 'acrylic-pu',
          colour: GREY,
          coats: ['mist', 'light', 'light'],
        },
      },
      {
        step: { do: 'base', family: 'water-acrylic', colour: '#4F5B6B', coats: ['light', 'light'] },
      },
      { step: { do: 'detail', family: 'water-acrylic', colour: '#B98A2F', minutes: 40 } },
      { step: { do: 'clear', family: 'acrylic-pu', sheen: 'satin', coats: ['mist', 'light'] } },
      {
        step: {
          do: 'wash',
          family: 'water-wash',
          colour: '#2E2A26',
          wick: true,
          flowAid: 1,
          minutes: 15,
        },
      },
      { step: MATT },
    ],
  },
  {
    id: 'moulded-mecha',
    kind: 'mecha',
    name: 'Unpainted plastic',
    about: 'The moulded colour under satin, missing colours by brush, lining, streaks, matt.',
    scale: 144,
    use: 'display',
    school: { mouldedPlastic: 'clear-only', liningSurface: 'satin', wear: 'restrained' },
    parts: [{ id: 'figure', name: 'Figure', substrate: 'polystyrene', areaCm2: 90 }],
    steps: [
      { step: { do: 'wash', minutes: 10 } },
      { step: { do: 'clear', family: 'acrylic-pu', sheen: 'satin', coats: ['mist', 'light'] } },
      { step: { do: 'detail', family: 'water-acrylic', colour: '#B98A2F', minutes: 40 } },
      { step: { do: 'line', family: 'enamel-wash', colour: '#3B3A38', minutes: 20 } },
      { step: { do: 'line-clean', minutes: 15 } },
      { step: MATT },
      { step: { do: 'streak', family: 'enamel-wash', colour: '#6E4A2C', minutes: 10 } },
      { step: { do: 'streak-drag', minutes: 10 } },
      { step: MATT },
    ],
  },
  {
    id: 'restrained-ship',
    kind: 'ship',
    name: 'Restrained ship',
    about: 'Mottled off-white, satin under thin lining, a filter, oils in place; true to scale.',
    scale: 350,
    use: 'display',
    school: { liningSurface: 'satin', wear: 'restrained', betweenLayers: 'seal' },
    parts: [{ id: 'hull', name: 'Hull', substrate: 'resin-cast', areaCm2: 280 }],
    steps: [
      { step: { do: 'degrease' } },
      {
        step: {
          do: 'prime',
          family: 'lacquer',
          colour: '#3A2B22',
          coats: ['mist', 'light', 'light'],
        },
      },
      { step: { do: 'mottle', family: 'lacquer', colour: '#B9B4A6', coats: ['mist', 'mist'] } },
      { step: { do: 'base', family: 'alcohol-acrylic', colour: '#DAD5C4', coats: ['mist'] } },
      { step: { do: 'clear', family: 'lacquer', sheen: 'satin', coats: ['mist', 'light'] } },
      { step: { do: 'line', family: 'enamel-wash', colour: '#6A6A68', minutes: 25 } },
      { step: { do: 'line-clean', minutes: 20 } },
      { step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] } },
      {
        step: {
          do: 'filter',
          family: 'enamel-wash',
          colour: '#7A6E58',
          thinning: 0.97,
          minutes: 15,
        },
      },
      { step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist'] } },
      { step: { do: 'oil-dots', colour: '#8A7E6A', minutes: 20 } },
      { step: { do: 'blend', minutes: 20 } },
      { step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist'] } },
    ],
  },
  {
    id: 'metal-champion',
    kind: 'miniature',
    name: 'Metal champion',
    about: 'White metal degreased and etched, brush colours, wash, satin under matt for play.',
    scale: 56,
    use: 'handled',
    school: { finalSheen: 'matt' },
    parts: [{ id: 'figure', name: 'Figure', substrate: 'metal', areaCm2: 35 }],
    steps: [
      { step: { do: 'degrease' } },
      {
        step: {
          do: 'prime',
          family: 'lacquer',
          etch: true,
          colour: '#222223',
          coats: ['mist', 'light'],
        },
      },
      {
        step: {
          do: 'base',
          family: 'water-acrylic',
          colour: '#7A2A22',
          tool: 'brush',
          coats: ['light', 'light'],
        },
      },
      { step: { do: 'detail', family: 'water-acrylic', colour: '#B08D3E', minutes: 60 } },
      {
        step: {
          do: 'clear',
          family: 'acrylic-pu',
          sheen: 'satin',
          coats: ['mist', 'light', 'light'],
        },
      },
      { step: { do: 'wash', family: 'water-wash', colour: '#241C18', wick: true, minutes: 15 } },
      { step: MATT },
    ],
  },
  {
    id: 'iron-idol',
    kind: 'miniature',
    name: 'Iron idol',
    about: 'Printed resin, real rust that grows for days, sealed, powders round the foot.',
    scale: 32,
    use: 'display',
    school: { wear: 'bold' },
    parts: [{ id: 'idol', name: 'Idol', substrate: 'resin-printed', areaCm2: 80 }],
    steps: [
      { step: { do: 'wash', minutes: 10 } },
      {
        step: {
          do: 'prime',
          family: 'lacquer',
          colour: '#3A2B22',
          coats: ['mist', 'light', 'light'],
        },
      },
      { step: { do: 'iron', over: 'all', coats: ['light', 'light'] } },
      { step: { do: 'iron-activate', minutes: 10 } },
      { step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] } },
      { step: { do: 'powder', colour: '#A06A3A', minutes: 15 } },
      { step: { do: 'powder-fix', minutes: 10 } },
    ],
  },
]
