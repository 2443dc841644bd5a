import type { Accident } from '@/core/model/accident'
import type { ClimateReading } from '@/core/model/bench'
import type { Build } from '@/core/model/build'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { PhotoPin, Picture } from '@/core/model/picture'
import type { TestPiece } from '@/core/model/testPiece'

const MINUTE = 60_000
const DAY = 24 * 60 * MINUTE

const SIZE = { width: 960, height: 600 }
/** The grey card lies in the corner. */
const CARD = { at: [0.94, 0.93] as [number, number], l: 50 }

const pin = (id: string, at: [number, number], fields: Partial<PhotoPin>): PhotoPin => ({
  id: `demo.pin.${id}`,
  at,
  effect: 'rust',
  state: 'wanted',
  ...fields,
})

/**
 * What is known of the demo's pictures, which lie beside the page by their ids: panels that our own engine painted, as a camera sees them.
 *
 * @param now epoch milliseconds
 */
export function demoPictures(now: number): Picture[] {
  const at = (ago: number) => new Date(now - ago).toISOString()
  return [
    {
      ...{ id: 'demo-hull', name: 'Port hull, lined', at: at(20 * 60 * MINUTE), kind: 'model' },
      ...{ ...SIZE, build: 'gannets-lament', part: 'hull-port', grey: CARD },
    },
    {
      ...{ id: 'demo-digger', name: 'A digger in a yard', at: at(6 * DAY), kind: 'reference' },
      ...{ ...SIZE, build: 'ploughman-6', part: 'armour', grey: CARD },
      known: { from: [0.24, 0.14], to: [0.77, 0.17], mm: 1100, real: true },
      pins: [
        pin('edge', [0.245, 0.3], {
          ...{ effect: 'chip', zone: 'armour-edges', mm: 0.4, strength: 0.6, tone: '#4A4238' },
        }),
        pin('run', [0.46, 0.77], {
          ...{ effect: 'streak', zone: 'armour-outside', direction: 92, mm: 5, state: 'waived' },
          why: 'It works indoors',
        }),
        pin('rust', [0.2, 0.86], { zone: 'armour-joint', strength: 0.3, tone: '#6B5236' }),
      ],
    },
    {
      ...{ id: 'demo-spoon-1', name: 'Streaks, a little', at: at(2 * DAY), kind: 'test' },
      ...{ ...SIZE, build: 'gannets-lament', grey: CARD },
    },
    {
      ...{
        id: 'demo-spoon-2',
        name: 'Streaks, a lot',
        at: at(2 * DAY - 30 * MINUTE),
        kind: 'test',
      },
      ...{ ...SIZE, build: 'gannets-lament', grey: CARD },
    },
    {
      ...{ id: 'demo-card', name: 'Ochre, one coat', at: at(26 * 60 * MINUTE), kind: 'test' },
      ...{ ...SIZE, grey: CARD },
    },
    {
      ...{ id: 'demo-tide', name: 'The tide mark', at: at(5 * 60 * MINUTE), kind: 'model' },
      ...{ ...SIZE, build: 'ploughman-6', part: 'armour', grey: CARD },
    },
  ] satisfies Picture[]
}

/** A register: two strengths of streaks, of which the weaker one was chosen, and a card of one coat whose colour was read. */
export function demoTests(now: number): TestPiece[] {
  const steps = (amount: number): TestPiece['tried'][number]['steps'] => [
    { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt' },
    { do: 'streak', family: 'enamel-wash', amount },
  ]
  return [
    {
      ...{ id: 'demo-test', name: 'Streaks on the hulls', on: 'spoon', areaCm2: 12 },
      at: new Date(now - 2 * DAY).toISOString(),
      ...{
        build: 'gannets-lament',
        step: 'streaks',
        chosen: 'demo-try-1',
        result: 'good',
        tries: 2,
      },
      tried: [
        { id: 'demo-try-1', steps: steps(0.2), picture: 'demo-spoon-1', note: 'Reads as rain' },
        { id: 'demo-try-2', steps: steps(0.7), picture: 'demo-spoon-2', note: 'Reads as a wreck' },
      ],
    },
    {
      ...{ id: 'demo-swatch', name: 'Band Ochre over black', on: 'card', areaCm2: 20 },
      at: new Date(now - 26 * 60 * MINUTE).toISOString(),
      tried: [
        {
          id: 'demo-try-3',
          steps: [
            { do: 'base', family: 'lacquer', colour: '#141415', coats: ['wet', 'wet'] },
            { do: 'base', family: 'alcohol-acrylic', colour: '#B98A2F', coats: ['light'] },
          ],
          picture: 'demo-card',
        },
      ],
    },
  ]
}

/** A tide mark that nobody meant and everybody liked. */
export function demoAccidents(now: number): Accident[] {
  return [
    {
      ...{
        id: 'demo-accident',
        name: 'A tide mark in the moss',
        build: 'ploughman-6',
        part: 'armour',
      },
      ...{ at: new Date(now - 5 * 60 * MINUTE).toISOString(), zone: 'armour-outside' },
      ...{ picture: 'demo-tide', cause: 'A drop of thinner stood on the wash while it dried.' },
      steps: [{ do: 'rust-wash', amount: 0.04 }],
    },
  ]
}

/** What Gannet's Lament is to be. */
export const DEMO_BRIEF: NonNullable<Build['brief']> = {
  for: 'contest',
  near: 'close',
  points: [
    { id: 'demo-point-1', say: 'Panel lines read from a metre away', state: 'done' },
    { id: 'demo-point-2', say: 'No gloss left anywhere but on the glass', state: 'wanted' },
    {
      ...{ id: 'demo-point-3', say: 'Numbers on both hulls', state: 'waived' },
      why: 'The sheet has one of each',
    },
  ],
}

/** The damp evening on which the port hull got its gloss: a milky veil came, and the readings know why. */
export function dampEvening(now: number): { climate: ClimateReading[]; acts: LoggedAct[] } {
  const at = (ago: number) => new Date(now - ago).toISOString()
  const reading = (id: string, ago: number, celsius: number, humidity: number): ClimateReading => ({
    ...{ id: `demo.damp.${id}`, at: at(ago), celsius, humidity },
  })
  return {
    climate: [
      reading('before', 3 * DAY + 20 * MINUTE, 17, 82),
      reading('after', 3 * DAY - 100 * MINUTE, 20, 50),
    ],
    acts: [
      {
        ...{ id: 'demo.note.veil', at: at(3 * DAY - 60 * MINUTE), kind: 'noted' },
        ...{ build: 'gannets-lament', part: 'hull-port', step: 'gloss', fault: 'white-frost' },
        text: 'A milky veil in the gloss, along the spine.',
      },
    ],
  }
}
