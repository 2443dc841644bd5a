import { entries } from './technique'

/** Source: handbook 6, colour and masking. */
export const COLOUR = entries('Colour and masking', 5, [
  {
    id: 'base-colour',
    name: 'Base colour',
    purpose: 'The colour of the thing, in as many coats as its pigment needs over this primer.',
    needs: 'primer; thinner coats on plastic that solvent bites',
    tools: ['airbrush 0.3 mm'],
    steps: [
      {
        step: {
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#8FA0A3',
          coats: ['light', 'light', 'light'],
        },
        window: 'the flash time between coats',
      },
    ],
    amounts: 'coats to cover, and one for safety if you like',
    lookFor: 'Even cover, lines still open.',
    faults: ['uneven-cover', 'runs', 'tip-dry'],
    schools: ['colourCoats'],
  },
  {
    id: 'two-layer-colour',
    name: 'Two-layer colour',
    purpose:
      'An even ground chosen for the top colour (grey, silver, pink), then the colour: weak pigments shine.',
    needs: 'primer',
    tools: ['airbrush 0.3 mm'],
    steps: [
      {
        step: {
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#D9A6A0',
          coats: ['light', 'light'],
        },
      },
      {
        step: {
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#A8321F',
          coats: ['light', 'light'],
        },
      },
    ],
    lookFor: 'The same tone in recesses and on edges.',
    faults: ['uneven-cover'],
  },
  {
    id: 'pre-shade',
    name: 'Pre-shade or post-shade',
    stage: 4,
    purpose: 'Depth along recesses and from below; lighter mixes in panel centres.',
    needs: 'primer; a thin top colour, or the shade is buried',
    tools: ['airbrush 0.2 mm, 0.8–1.0 bar'],
    steps: [
      { step: { do: 'preshade', family: 'alcohol-acrylic', colour: '#2B2C2E', coats: ['light'] } },
    ],
    lookFor: 'Soft edges, stronger low down.',
    faults: ['spider-lines', 'uneven-cover'],
    variants: [
      { name: 'Before', say: 'dark under a thin colour' },
      { name: 'After', say: 'a lighter mix of the colour in panel centres' },
    ],
  },
  {
    id: 'mottle',
    name: 'Mottle',
    stage: 4,
    purpose: 'Breaks a large face into several off-whites that read as age.',
    needs: 'an even ground; a thin overall coat to unify',
    tools: ['airbrush 0.2 mm, 0.5–0.9 bar', 'stencil'],
    steps: [
      {
        step: {
          do: 'mottle',
          family: 'alcohol-acrylic',
          colour: '#C9C4B4',
          coats: ['mist', 'mist'],
        },
      },
      { step: { do: 'base', family: 'alcohol-acrylic', colour: '#DAD5C4', coats: ['mist'] } },
    ],
    lookFor: 'No pattern that repeats.',
    faults: ['spider-lines', 'dusty-spray'],
  },
  {
    id: 'top-light',
    name: 'Top light',
    purpose: 'Short bursts of a lighter colour from straight above.',
    needs: 'the base colour, dry',
    tools: ['airbrush 0.2 mm'],
    steps: [
      { step: { do: 'toplight', family: 'alcohol-acrylic', colour: '#C2CBCB', coats: ['mist'] } },
    ],
    lookFor: 'Only what faces up has changed.',
    faults: ['dusty-spray'],
  },
  {
    id: 'masking',
    name: 'Masking',
    purpose: 'A second colour with crisp edges, with the fewest edges masked.',
    needs: 'a first colour that bears tape; light first if it hides, large areas first',
    tools: ['flexible tape for curves', 'sheet cut in the groove', 'liquid for odd shapes'],
    steps: [
      { step: { do: 'tape', minutes: 25 }, window: 'once the film bears tape' },
      {
        step: {
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#5E6A70',
          coats: ['mist', 'light', 'light'],
        },
      },
      {
        step: { do: 'untape', minutes: 10 },
        wait: '10 min',
        window: '5–15 min after the last coat',
      },
    ],
    lookFor:
      'Edges pressed and sealed with a mist of the colour under them; folded back on itself when it comes off.',
    faults: ['lifts-with-tape'],
    schools: ['subAssemblies'],
  },
  {
    id: 'freehand-zones',
    name: 'Freehand zones',
    purpose: 'A soft edge between colours where hardness would look wrong.',
    needs: 'the first colour, dry',
    tools: ['airbrush 0.2 mm, close and thin'],
    steps: [
      {
        step: {
          do: 'toplight',
          family: 'alcohol-acrylic',
          colour: '#6B7658',
          coats: ['light', 'light'],
        },
      },
    ],
    lookFor: 'One soft edge of the same width all round.',
    faults: ['spider-lines'],
  },
  {
    id: 'window-trim',
    name: 'Window and trim lines',
    stage: 12,
    purpose: 'Thin straight trim round glass on car bodies.',
    needs: 'hard clear, so that overspray can be polished off',
    tools: ['sheet tape', 'blade led by the groove'],
    steps: [
      { step: { do: 'tape', minutes: 30 } },
      {
        step: {
          do: 'detail',
          family: 'water-acrylic',
          colour: '#1C1C1D',
          tool: 'airbrush',
          coats: ['mist', 'light'],
        },
      },
      {
        step: { do: 'untape', minutes: 10 },
        wait: '10 min',
        window: '5–15 min after the last coat',
      },
    ],
    lookFor: 'Lifted edges pushed back before each coat.',
    faults: ['lifts-with-tape'],
    marks: { what: 'trim strip', from: 10, to: 25 },
  },
  {
    id: 'brush-detail',
    name: 'Brush detail over a shielded coat',
    stage: 12,
    purpose: 'Small things by brush, in a family whose slips wipe off.',
    needs: 'a film under it that the slip’s solvent leaves alone: water over lacquer',
    tools: ['good pointed brush', 'damp brush for slips'],
    steps: [{ step: { do: 'detail', family: 'water-acrylic', colour: '#B08D3E', minutes: 45 } }],
    lookFor: 'Crisp edges; slips wiped at once.',
    faults: ['colour-wiped'],
  },
  {
    id: 'wipe-back',
    name: 'Wipe-back',
    stage: 11,
    purpose: 'A dark thin coat taken off the raised faces again, so that recesses stay dark.',
    needs: 'a cured metal or lacquer under it that the wiping solvent leaves alone',
    tools: ['swab just damp'],
    steps: [
      {
        step: {
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#2A2522',
          coats: ['mist', 'light'],
        },
      },
      {
        step: { do: 'wipe-back', solvent: 'alcohol', minutes: 20 },
        window: 'while it still moves',
      },
    ],
    lookFor: 'Raised faces bright, recesses dark; turn round parts while wiping.',
    faults: ['colour-wiped'],
  },
  {
    id: 'lens',
    name: 'Candy or lens',
    stage: 12,
    purpose: 'Transparent colour over bright metal: lamps, sensors, candy panels.',
    needs: 'bright metal, cured; nothing dull over it afterwards',
    tools: ['fine brush', 'airbrush for panels'],
    steps: [
      {
        step: {
          do: 'metal',
          family: 'metal-enamel',
          colour: '#C9CBCD',
          over: 'patch',
          tool: 'brush',
          coats: ['light'],
        },
      },
      {
        step: {
          do: 'clear-colour',
          family: 'water-acrylic',
          colour: '#A8321F',
          over: 'patch',
          tool: 'brush',
          thinning: 0.67,
        },
      },
    ],
    amounts: '2 thinner : 1 paint flowed into recesses, or undiluted and left to level',
    lookFor: 'Depth, without pools at the edges.',
    faults: ['effect-lost'],
  },
  {
    id: 'bright-metal',
    name: 'Bright metal',
    purpose: 'A mirror: very thin coats over hard gloss black.',
    needs: 'gloss black, cured',
    surface: ['gloss'],
    tools: ['airbrush 0.2 mm, low pressure'],
    steps: [
      {
        step: {
          do: 'base',
          family: 'lacquer',
          sheen: 'gloss',
          colour: '#0B0B0C',
          coats: ['mist', 'light', 'light'],
        },
      },
      {
        step: { do: 'mirror-metal', colour: '#C9CBCD', coats: ['mist', 'mist', 'mist'] },
        window: 'on cured black',
      },
      { step: { do: 'clear', family: 'acrylic-pu', sheen: 'gloss', coats: ['mist', 'light'] } },
    ],
    lookFor: 'It turns to mirror as it flashes; don’t touch.',
    faults: ['metal-dull'],
  },
  {
    id: 'tinted-glass',
    name: 'Tinted glass',
    stage: 12,
    purpose: 'Glass in passes to the darkness that is wanted.',
    needs: 'clear parts, masked; sprayed on the inside',
    tools: ['airbrush 0.2 mm', 'masks'],
    steps: [
      {
        step: {
          do: 'clear-colour',
          family: 'water-acrylic',
          colour: '#3C4A44',
          side: 'inside',
          coats: ['mist', 'mist', 'light'],
        },
      },
    ],
    lookFor: 'Even tone against a white card.',
    faults: ['glass-fogged'],
  },
  {
    id: 'chrome-trim',
    name: 'Liquid chrome trim',
    stage: 12,
    purpose: 'Chrome strips and fittings, and their protection.',
    needs: 'a hard gloss under it; 48–72 h untouched',
    tools: ['airbrush, or chrome pen'],
    steps: [
      {
        step: { do: 'chrome', colour: '#D3D6D8', over: 'patch', coats: ['mist', 'mist', 'mist'] },
        window: 'mist by mist',
      },
      {
        step: {
          do: 'clear',
          family: 'acrylic-pu',
          sheen: 'gloss',
          over: 'patch',
          coats: ['mist', 'light'],
        },
        window: 'after 48–72 h',
      },
    ],
    lookFor: 'Mirror; leave it alone.',
    faults: ['chrome-smeared', 'metal-dull'],
  },
])
