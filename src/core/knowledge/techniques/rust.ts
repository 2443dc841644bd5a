import { RUST_GROUND } from './chipping'
import { entries } from './technique'

/** Source: handbook 6, rust, patina, heat. */
export const RUST = entries('Rust, patina, heat', 11, [
  {
    id: 'rust-undercoat',
    name: 'Rust undercoat',
    stage: 4,
    purpose: 'What revealed chips show: red-brown, then orange patches, darker in the middle.',
    needs: 'primer; water-fast before any release goes on',
    tools: ['airbrush', 'torn foam'],
    steps: [
      { step: { do: 'base', family: 'lacquer', colour: RUST_GROUND, coats: ['light', 'light'] } },
      { step: { do: 'chip-sponge', family: 'lacquer', colour: '#9A5A2C', minutes: 15 } },
      { step: { do: 'chip-sponge', family: 'lacquer', colour: '#3A2018', minutes: 10 } },
    ],
    lookFor: 'Several tones, none of them even.',
    faults: ['undercoat-off'],
    schools: ['chipBase'],
  },
  {
    id: 'rust-from-chips',
    name: 'Rust from chips and bolts',
    purpose: 'Many thin layers, each smaller than the last, out of every chip and bolt.',
    needs: 'a sealed face',
    tools: ['fine brush', 'dry brush to wick'],
    steps: [
      {
        step: {
          do: 'rust-wash',
          family: 'water-acrylic',
          colour: '#8A4B22',
          minutes: 15,
          thinning: 0.8,
        },
      },
      {
        step: {
          do: 'rust-wash',
          family: 'water-acrylic',
          colour: '#5A3222',
          minutes: 15,
          thinning: 0.8,
        },
      },
    ],
    amounts: 'wash-thin; a small ring, wicked, then a streak',
    lookFor: 'Soft rim, darker heart, several tones.',
    faults: ['tide-marks', 'too-stark'],
    marks: { what: 'rust blister', from: 10, to: 60 },
  },
  {
    id: 'reactive-iron',
    name: 'Reactive iron',
    purpose: 'Real rust that grows for days, until it is sealed.',
    needs: 'a sealed or cured face',
    tools: ['old brush', 'activator'],
    steps: [
      { step: { do: 'iron', minutes: 15, coats: ['light'] } },
      { step: { do: 'iron-activate', minutes: 10 }, wait: '1 h', window: 'when it is dry' },
      {
        step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] },
        wait: '2 d',
        window: 'seal after 1–5 d',
      },
    ],
    lookFor: 'Seal it when a day changes little.',
    faults: ['too-stark'],
  },
  {
    id: 'bubbled-paint',
    name: 'Bubbled paint',
    stage: 6,
    purpose: 'Blisters that lift: clear, coarse salt, colour dabbed over, rust wash.',
    needs: 'a water-fast undercoat',
    tools: ['coarse salt', 'foam'],
    steps: [
      { step: { do: 'salt', minutes: 10 }, at: 'under-colour' },
      { step: { do: 'unsalt', minutes: 10 }, at: 'over-colour', wait: '24 h' },
      { step: { do: 'wash', minutes: 10 }, at: 'over-colour' },
      {
        step: { do: 'clear', family: 'lacquer', sheen: 'satin', coats: ['mist', 'light'] },
        at: 'over-colour',
      },
      {
        step: { do: 'rust-wash', family: 'water-acrylic', colour: '#8A4B22', minutes: 15 },
        at: 'over-colour',
      },
    ],
    lookFor: 'Craters with rust in them.',
    faults: ['too-stark'],
    marks: { what: 'rust blister', from: 10, to: 60 },
  },
  {
    id: 'solvent-bitten',
    name: 'Solvent-bitten paint',
    purpose: 'A spot of strong solvent eats the paint, on purpose.',
    needs: 'a test piece first; only where damage is meant',
    tools: ['fine brush', 'hot thinner'],
    steps: [
      {
        step: {
          do: 'wipe-back',
          solvent: 'lacquer-hot',
          tool: 'brush',
          intent: 'attack',
          tested: true,
          minutes: 10,
        },
      },
    ],
    amounts: 'a spot at a time',
    lookFor: 'Stop while it still wrinkles.',
    faults: ['wrinkles', 'plastic-cracked'],
  },
  {
    id: 'chalking',
    name: 'Chalking and fading',
    purpose: 'Sun-bleached upper faces: thin off-white dabbed and dragged, or dusted on.',
    needs: 'cured colour',
    tools: ['brush', 'barely damp cloth'],
    steps: [
      {
        step: {
          do: 'chalk',
          family: 'water-acrylic',
          colour: '#DEDBD0',
          minutes: 20,
          thinning: 0.6,
        },
      },
    ],
    lookFor: 'Upper faces first.',
    faults: ['too-stark'],
  },
  {
    id: 'rusted-through',
    name: 'Rusted through',
    stage: 2,
    purpose: 'Plastic thinned from behind until it breaks.',
    needs: 'raw parts; something dark behind the hole',
    tools: ['rotary cutter', 'eye cover', 'blade'],
    lookFor: 'A paper-thin ragged rim.',
    faults: ['plastic-cracked'],
  },
  {
    id: 'tarnished-bright-work',
    name: 'Tarnished bright work',
    purpose: 'Cream and blue oils streaked on sealed chrome.',
    needs: 'sealed metal',
    tools: ['fine brush', 'damp brush'],
    steps: [
      { step: { do: 'oil-dots', colour: '#D8CFA8', minutes: 15, over: 'patch' } },
      { step: { do: 'blend', minutes: 10 }, window: 'at once to 8 h' },
    ],
    lookFor: 'Straw, then blue, nearest the heat.',
    faults: ['metal-dull'],
  },
  {
    id: 'heat-and-soot',
    name: 'Heat and soot',
    purpose: 'Stained fan behind an exhaust, or a blast mark: dark heart, soft streaks.',
    needs: 'a dry, matt face',
    tools: ['airbrush 0.2 mm, 0.5–0.9 bar'],
    steps: [
      {
        step: {
          do: 'soot',
          family: 'alcohol-acrylic',
          colour: '#2A221C',
          coats: ['mist', 'mist', 'mist'],
        },
      },
    ],
    amounts: 'thin black-brown, built slowly',
    lookFor: 'Dark heart, soft fan with the flow.',
    faults: ['spider-lines', 'too-stark'],
  },
])
