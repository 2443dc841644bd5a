import type { ActStep } from '../../model/sequence'
import type { Starter } from './starter'

const GREY = '#8B8C8B'
const PRIME: ActStep = {
  do: 'prime',
  family: 'lacquer',
  colour: GREY,
  coats: ['mist', 'light', 'light'],
}
const MATT: ActStep = {
  do: 'clear',
  family: 'alcohol-acrylic',
  sheen: 'matt',
  coats: ['mist', 'light'],
}
const GLOSS: ActStep = {
  do: 'clear',
  family: 'lacquer',
  sheen: 'gloss',
  coats: ['mist', 'light', 'light'],
}

/** Wrecks, ruins, cars and trophies: whole finishes by what is built. Source: handbook 1, 6. */
export const BUILT_STARTERS: readonly Starter[] = [
  {
    id: 'derelict-ship',
    kind: 'ship',
    name: 'Derelict ship',
    about: 'Rust under flaking colour: release coat, wet chipping, rust washes, streaks, powders.',
    scale: 144,
    use: 'display',
    school: { liningSurface: 'satin', wear: 'bold', chips: 'revealed', chipBase: 'rust' },
    parts: [{ id: 'hull', name: 'Hull', substrate: 'polystyrene', areaCm2: 320 }],
    steps: [
      { step: PRIME },
      { step: { do: 'base', family: 'lacquer', colour: '#5A3222', coats: ['light', 'light'] } },
      { step: { do: 'release', coats: ['light', 'light'] } },
      {
        step: { do: 'base', family: 'water-acrylic', colour: '#7C8A84', coats: ['light', 'light'] },
      },
      { step: { do: 'chip-wet', minutes: 40 } },
      { step: { do: 'clear', family: 'lacquer', sheen: 'satin', coats: ['mist', 'light'] } },
      { step: { do: 'line', family: 'enamel-wash', colour: '#2E2622', minutes: 20 } },
      { step: { do: 'line-clean', minutes: 15 } },
      { step: MATT },
      { step: { do: 'streak', family: 'enamel-wash', colour: '#8A4B22', minutes: 25 } },
      { step: { do: 'streak-drag', minutes: 15 } },
      { step: MATT },
      { step: { do: 'powder', colour: '#8A5A38', minutes: 20 } },
      { step: { do: 'powder-fix', minutes: 10 } },
    ],
  },
  {
    id: 'bold-mecha',
    kind: 'mecha',
    name: 'Bold mecha',
    about:
      'Pre-shade, light from above, gloss and graded lining, chips on top, dust; reads across a room.',
    scale: 100,
    use: 'display',
    school: { liningSurface: 'gloss', wear: 'bold', chips: 'on-top', liningColours: 'graded' },
    parts: [
      { id: 'armour', name: 'Armour', substrate: 'polystyrene', areaCm2: 240 },
      { id: 'weapon', name: 'Weapon', substrate: 'polystyrene', areaCm2: 40 },
    ],
    steps: [
      { step: PRIME },
      {
        on: ['armour'],
        step: { do: 'preshade', family: 'lacquer', colour: '#2B2C2E', coats: ['light'] },
      },
      {
        on: ['armour'],
        step: { do: 'base', family: 'alcohol-acrylic', colour: '#C9A227', coats: ['light'] },
      },
      {
        on: ['armour'],
        step: { do: 'toplight', family: 'alcohol-acrylic', colour: '#E3C868', coats: ['mist'] },
      },
      {
        on: ['weapon'],
        step: { do: 'metal', family: 'lacquer', colour: '#4A4C4E', coats: ['light', 'light'] },
      },
      { step: GLOSS },
      { step: { do: 'line', family: 'enamel-wash', colour: '#4A3E34', minutes: 25 } },
      { step: { do: 'line-clean', minutes: 20 } },
      {
        on: ['armour'],
        step: { do: 'chip-sponge', family: 'water-acrylic', colour: '#F0E3B0', minutes: 20 },
      },
      {
        on: ['armour'],
        step: { do: 'chip-sponge', family: 'water-acrylic', colour: '#3A2E28', minutes: 20 },
      },
      { step: MATT },
      {
        on: ['armour'],
        step: { do: 'dust', family: 'enamel-wash', colour: '#B9A98A', minutes: 15 },
      },
      { on: ['armour'], step: { do: 'streak-drag', minutes: 15 } },
      { on: ['weapon'], step: { do: 'graphite', minutes: 10 } },
    ],
  },
  {
    id: 'ruin',
    kind: 'terrain',
    name: 'Ruined wall',
    about:
      'Foam and card: sealed with water-borne paint, stone tones, overall wash, drybrush, mud.',
    scale: 56,
    use: 'handled',
    school: { speed: 'water-and-warm-air' },
    parts: [{ id: 'wall', name: 'Wall', substrate: 'foam', areaCm2: 600 }],
    steps: [
      {
        step: {
          do: 'prime',
          family: 'acrylic-pu',
          colour: '#3B3A37',
          tool: 'brush',
          coats: ['light', 'light'],
        },
      },
      {
        step: {
          do: 'base',
          family: 'water-acrylic',
          colour: '#7A766C',
          tool: 'flat-brush',
          coats: ['light', 'light'],
        },
      },
      { step: { do: 'clear', family: 'acrylic-pu', sheen: 'matt', coats: ['light'] } },
      {
        step: {
          do: 'wash',
          family: 'water-wash',
          colour: '#33302A',
          wick: true,
          flowAid: 1,
          minutes: 20,
        },
      },
      { step: { do: 'drybrush', family: 'water-acrylic', colour: '#B5B0A2', minutes: 20 } },
      { step: { do: 'clear', family: 'acrylic-pu', sheen: 'matt', coats: ['mist', 'light'] } },
      { step: { do: 'mud', family: 'texture', colour: '#5F4E38', minutes: 30 } },
    ],
  },
  {
    id: 'outpost',
    kind: 'terrain',
    name: 'Outpost on MDF',
    about: 'Sealed wood, rust from salt, water acrylics, powders fixed for play.',
    scale: 56,
    use: 'handled',
    school: { wear: 'bold', chips: 'revealed', chipBase: 'rust' },
    parts: [{ id: 'hut', name: 'Hut', substrate: 'wood-mdf', areaCm2: 420 }],
    steps: [
      {
        step: {
          do: 'prime',
          family: 'lacquer',
          colour: '#5A3222',
          tool: 'spray-can',
          coats: ['mist', 'light', 'light'],
        },
      },
      { step: { do: 'salt', minutes: 15 } },
      {
        step: {
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#6F7A5C',
          coats: ['light', 'light'],
        },
      },
      { step: { do: 'unsalt', minutes: 15 } },
      { step: { do: 'wash', minutes: 10 } },
      {
        step: {
          do: 'clear',
          family: 'acrylic-pu',
          sheen: 'matt',
          coats: ['mist', 'light', 'light'],
        },
      },
      { step: { do: 'powder', colour: '#8A5A38', minutes: 15 } },
      { step: { do: 'powder-fix', minutes: 10 } },
    ],
  },
  {
    id: 'candy-car',
    kind: 'car',
    name: 'Candy car body',
    about: 'Silver, transparent red, two levellings of clear, tinted glass from the inside.',
    scale: 24,
    use: 'display',
    school: { finalSheen: 'gloss-body' },
    parts: [
      { id: 'body', name: 'Body', substrate: 'polystyrene', areaCm2: 260 },
      { id: 'glass', name: 'Glass', substrate: 'clear-styrene', areaCm2: 24 },
    ],
    steps: [
      { on: ['body'], step: { ...PRIME, colour: '#222223' } },
      {
        on: ['body'],
        step: {
          do: 'metal',
          family: 'lacquer',
          colour: '#C9CBCD',
          coats: ['mist', 'light', 'light'],
        },
      },
      {
        on: ['body'],
        step: {
          do: 'clear-colour',
          family: 'lacquer',
          colour: '#8E1F1C',
          coats: ['mist', 'light', 'light'],
        },
      },
      { on: ['body'], step: GLOSS },
      { on: ['body'], step: { do: 'cut-polish', grit: 2000, minutes: 40 } },
      { on: ['body'], step: GLOSS },
      { on: ['body'], step: { do: 'cut-polish', grit: 3000, minutes: 30 } },
      { on: ['body'], step: { do: 'compound', minutes: 40 } },
      {
        on: ['glass'],
        step: {
          do: 'clear-colour',
          family: 'water-acrylic',
          colour: '#3C4A44',
          side: 'inside',
          coats: ['mist', 'mist'],
        },
      },
      { on: ['glass'], step: { do: 'glue-clear', adhesive: 'white-glue' } },
    ],
  },
  {
    id: 'rally-shell',
    kind: 'car',
    name: 'Flexible shell',
    about: 'Polycarbonate painted from the inside with paint made for it; nothing over it.',
    scale: 10,
    use: 'handled',
    school: {},
    parts: [{ id: 'shell', name: 'Shell', substrate: 'polycarbonate', areaCm2: 900 }],
    steps: [
      { step: { do: 'degrease' } },
      {
        step: {
          do: 'base',
          family: 'water-acrylic',
          colour: '#B23A1E',
          side: 'inside',
          coats: ['mist', 'light', 'light'],
          product: { name: 'Shell paint', suits: ['polycarbonate'] },
        },
      },
      {
        step: {
          do: 'base',
          family: 'water-acrylic',
          colour: '#E9E9E6',
          side: 'inside',
          coats: ['light', 'light'],
          product: { name: 'Shell paint', suits: ['polycarbonate'] },
        },
      },
    ],
  },
  {
    id: 'mirror-racer',
    kind: 'ship',
    name: 'Mirror-bright racer',
    about: 'Hard gloss black, mirror metal in mist, light acrylic-PU over it, watercolour lining.',
    scale: 72,
    use: 'display',
    school: { liningCarrier: 'watercolour' },
    parts: [{ id: 'hull', name: 'Hull', substrate: 'polystyrene', areaCm2: 150 }],
    steps: [
      { step: { ...PRIME, colour: '#222223' } },
      {
        step: {
          do: 'base',
          family: 'lacquer',
          sheen: 'gloss',
          colour: '#0B0B0C',
          coats: ['mist', 'light', 'light'],
        },
      },
      { step: { do: 'mirror-metal', colour: '#C9CBCD', coats: ['mist', 'mist', 'mist'] } },
      { step: { do: 'clear', family: 'acrylic-pu', sheen: 'gloss', coats: ['mist', 'light'] } },
      { step: { do: 'line', family: 'watercolour', colour: '#3B3430', minutes: 25, flowAid: 1 } },
      { step: { do: 'line-clean', solvent: 'water', tool: 'swab', minutes: 20 } },
      { step: { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'mist'] } },
    ],
  },
]
