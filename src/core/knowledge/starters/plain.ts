import type { Starter } from './starter'

const GREY = '#8B8C8B'

/** The four that most builds begin with. Source: handbook 1, the order of work; 6. */
export const PLAIN_STARTERS: readonly Starter[] = [
  {
    id: 'ship',
    kind: 'ship',
    name: 'Ship',
    about: 'Lacquer primer, two colours, gloss, panel lining, matt and streaks.',
    scale: 144,
    use: 'display',
    school: { liningSurface: 'gloss' },
    parts: [
      { id: 'hull', name: 'Hull', substrate: 'polystyrene', areaCm2: 374 },
      { id: 'details', name: 'Details', substrate: 'polystyrene', areaCm2: 60 },
    ],
    steps: [
      { step: { do: 'prime', family: 'lacquer', colour: GREY, coats: ['mist', 'light', 'light'] } },
      {
        step: {
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#D5D1C4',
          coats: ['light', 'light', 'light'],
        },
      },
      { on: ['hull'], step: { do: 'tape', minutes: 20 } },
      {
        on: ['hull'],
        step: {
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#5E6A70',
          coats: ['light', 'light'],
        },
      },
      { on: ['hull'], step: { do: 'untape', minutes: 10 } },
      {
        step: { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light', 'light'] },
      },
      { step: { do: 'line', family: 'enamel-wash', colour: '#3B3A38', minutes: 20 } },
      { step: { do: 'line-clean', minutes: 15 } },
      {
        step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] },
      },
      {
        on: ['hull'],
        step: { do: 'streak', family: 'enamel-wash', colour: '#6E4A2C', minutes: 15 },
      },
      { on: ['hull'], step: { do: 'streak-drag', minutes: 10 } },
      {
        on: ['hull'],
        step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] },
      },
    ],
  },
  {
    id: 'mecha',
    kind: 'mecha',
    name: 'Mecha',
    about: 'Parts painted apart, satin under restrained lining, sponge chips, matt.',
    scale: 72,
    use: 'display',
    school: { liningSurface: 'satin' },
    parts: [
      { id: 'frame', name: 'Frame', substrate: 'abs', areaCm2: 140 },
      { id: 'armour', name: 'Armour', substrate: 'polystyrene', areaCm2: 210 },
    ],
    steps: [
      { step: { do: 'prime', family: 'lacquer', colour: GREY, coats: ['mist', 'light', 'light'] } },
      {
        on: ['frame'],
        step: { do: 'base', family: 'lacquer', colour: '#55585A', coats: ['light', 'light'] },
      },
      {
        on: ['armour'],
        step: {
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#7A8471',
          coats: ['light', 'light', 'light'],
        },
      },
      {
        step: { do: 'clear', family: 'acrylic-pu', sheen: 'satin', coats: ['mist', 'light'] },
      },
      {
        on: ['armour'],
        step: { do: 'line', family: 'enamel-wash', colour: '#3B2F27', minutes: 25 },
      },
      { on: ['armour'], step: { do: 'line-clean', minutes: 20 } },
      {
        on: ['armour'],
        step: { do: 'chip-sponge', family: 'water-acrylic', colour: '#4A4038', minutes: 20 },
      },
      {
        step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] },
      },
    ],
  },
  {
    id: 'miniature',
    kind: 'miniature',
    name: 'Miniature',
    about: 'Printed resin, water acrylics by brush, sealed for play before the wash.',
    scale: 56,
    use: 'handled',
    school: { liningSurface: 'matt' },
    parts: [{ id: 'figure', name: 'Figure', substrate: 'resin-printed', areaCm2: 40 }],
    steps: [
      { step: { do: 'wash', minutes: 10 } },
      {
        step: {
          do: 'prime',
          family: 'lacquer',
          colour: '#222223',
          coats: ['mist', 'light', 'light'],
        },
      },
      {
        step: { do: 'base', family: 'water-acrylic', colour: '#4F5B6B', coats: ['light', 'light'] },
      },
      { step: { do: 'detail', family: 'water-acrylic', colour: '#A8321F', minutes: 60 } },
      {
        step: {
          do: 'clear',
          family: 'acrylic-pu',
          sheen: 'satin',
          coats: ['mist', 'light', 'light'],
        },
      },
      { step: { do: 'wash', family: 'water-wash', colour: '#2E3524', minutes: 15 } },
      {
        step: {
          do: 'clear',
          family: 'alcohol-acrylic',
          sheen: 'matt',
          coats: ['mist', 'light', 'light'],
        },
      },
    ],
  },
  {
    id: 'car-body',
    kind: 'car',
    name: 'Car body',
    about: 'Lacquer colour under a deep gloss, cut and polished.',
    scale: 24,
    use: 'display',
    school: { liningSurface: 'gloss' },
    parts: [
      { id: 'body', name: 'Body', substrate: 'polystyrene', areaCm2: 260 },
      { id: 'glass', name: 'Glass', substrate: 'clear-styrene', areaCm2: 24 },
    ],
    steps: [
      {
        on: ['body'],
        step: {
          do: 'prime',
          family: 'lacquer',
          colour: '#E9E9E6',
          coats: ['mist', 'light', 'light'],
        },
      },
      { on: ['body'], step: { do: 'sand', grit: 2000, minutes: 20 } },
      {
        on: ['body'],
        step: {
          do: 'base',
          family: 'lacquer',
          colour: '#1F3B2C',
          coats: ['mist', 'light', 'light'],
        },
      },
      {
        on: ['body'],
        step: {
          do: 'clear',
          family: 'lacquer',
          sheen: 'gloss',
          coats: ['mist', 'light', 'light', 'wet'],
        },
      },
      { on: ['body'], step: { do: 'cut-polish', grit: 3000, minutes: 45 } },
      { on: ['body'], step: { do: 'compound', minutes: 40 } },
      { on: ['glass'], step: { do: 'glue-clear', adhesive: 'white-glue' } },
    ],
  },
]
