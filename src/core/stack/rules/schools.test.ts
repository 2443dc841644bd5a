import type { Step } from '../../model/sequence'
import { table } from '../tests/table'

/** What a school or an intent makes deliberate is no fault: the same steps, told and silent. */
const PRIME: Step = { do: 'prime' }
const DAY: Step = { wait: '24 h' }
const clear = (sheen: 'gloss' | 'satin' | 'matt'): Step => ({
  do: 'clear',
  family: 'acrylic-pu',
  sheen,
  coats: ['mist', 'light'],
})
const lined = (sheen: 'gloss' | 'satin' | 'matt', more: object = {}): Step[] => [
  PRIME,
  DAY,
  clear(sheen),
  DAY,
  { do: 'line', ...more },
]

table('the surface of the lining', [
  {
    why: 'satin by the gloss school a note',
    steps: lined('satin'),
    told: ['4 flow-needs-gloss note'],
  },
  {
    why: 'satin by the satin school',
    steps: lined('satin'),
    more: { school: { liningSurface: 'satin' } },
    told: [],
  },
  {
    why: 'matt by the satin school stays a risk',
    steps: lined('matt'),
    more: { school: { liningSurface: 'satin' } },
    told: ['4 flow-needs-gloss risk'],
  },
  {
    why: 'straight on matt',
    steps: lined('matt'),
    more: { school: { liningSurface: 'matt' } },
    told: [],
  },
  { why: 'a pen draws on anything', steps: lined('matt', { tool: 'pen' }), told: [] },
  { why: 'a ghost that is wanted', steps: lined('matt', { wanted: ['ghost'] }), told: [] },
])

const twice: Step[] = [
  PRIME,
  DAY,
  clear('matt'),
  DAY,
  { do: 'streak' },
  { wait: '26 h' },
  { do: 'oil-dots' },
]
table('between weathering layers', [
  { why: 'a set layer that is re-wetted a note', steps: twice, told: ['6 lock-first note'] },
  {
    why: 'by the school that waits for it to set',
    steps: twice,
    more: { school: { betweenLayers: 'set' } },
    told: [],
  },
  {
    why: 'a fresh one stays a risk in any school',
    steps: [...twice.slice(0, 5), { wait: '2 h' }, { do: 'oil-dots' }],
    more: { school: { betweenLayers: 'set' } },
    told: ['6 lock-first risk'],
  },
])

const unprimed: Step[] = [{ do: 'base', family: 'water-acrylic' }]
table('priming', [
  {
    why: 'water-borne colour on bare polystyrene a note',
    steps: unprimed,
    told: ['0 needs-primer note'],
  },
  {
    why: 'self-priming paint',
    steps: unprimed,
    more: { school: { priming: 'self-priming' } },
    told: [],
  },
  {
    why: 'the moulded colour under clear',
    steps: [clear('satin'), DAY, { do: 'detail' }],
    more: { school: { mouldedPlastic: 'clear-only' } },
    told: [],
  },
  {
    why: 'no school makes resin hold unprimed paint',
    steps: [{ do: 'degrease' }, ...unprimed],
    more: { substrate: 'resin-cast', school: { priming: 'self-priming' } },
    told: ['1 needs-primer risk'],
  },
  {
    why: 'a product whose sheet says so does',
    steps: [
      { do: 'degrease' },
      { do: 'base', family: 'water-acrylic', product: { suits: ['resin-cast'] } },
    ],
    more: { substrate: 'resin-cast' },
    told: [],
  },
])

const bitten: Step[] = [
  PRIME,
  DAY,
  { do: 'base', family: 'water-acrylic' },
  { wait: '5 h' },
  { do: 'wipe-back', solvent: 'lacquer-hot', tool: 'wet-swab' },
]
table('damage on purpose', [
  {
    why: 'hot thinner rubbed through colour into primer',
    steps: bitten,
    told: ['4 solvent-attacks-film stop'],
  },
  {
    why: 'meant, and tried before',
    steps: [...bitten.slice(0, 4), { ...bitten[4], intent: 'attack', tested: true } as Step],
    told: ['4 solvent-attacks-film note'],
  },
  {
    why: 'meant, and not tried',
    steps: [...bitten.slice(0, 4), { ...bitten[4], intent: 'attack' } as Step],
    told: ['4 solvent-attacks-film note', '4 scrap-test-first note'],
  },
])
