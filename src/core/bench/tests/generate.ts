import type { BenchLink, BenchProblem, BenchTask, Interval } from '../problem'
import { Dice } from '../solver/search'

const DAY = 1440

/** One act of a part: how many tasks, how long, what it needs, and the gap from the act before. */
type Act = {
  name: string
  minutes: number
  coats: number
  sprayed: boolean
  noisy: boolean
  /** From the last task of the act before, minutes. */
  gap: [min: number, max: number | null]
  /** Between its own coats. */
  flash: [min: number, max: number | null]
}

const act = (
  name: string,
  minutes: number,
  coats: number,
  sprayed: boolean,
  gap: Act['gap'],
  flash: Act['flash'] = [10, null],
): Act => ({ name, minutes, coats, sprayed, noisy: sprayed || name === 'sand', gap, flash })

/** The sequences of the handbook, chapters 1 and 3.4, as acts with their waits and windows. */
const SEQUENCES: readonly (readonly Act[])[] = [
  [
    act('prime', 15, 3, true, [0, null], [10, 60]),
    act('base', 20, 2, true, [1440, null]),
    act('gloss', 15, 2, true, [720, null], [15, 120]),
    act('line', 40, 1, false, [1440, null]),
    act('clean', 25, 1, false, [30, 1440]),
    act('matt', 15, 2, true, [1440, null]),
  ],
  [
    act('prime', 15, 2, true, [0, null]),
    act('release', 10, 2, true, [1440, null], [10, 60]),
    act('top', 20, 2, true, [20, 720]),
    act('chip', 45, 1, false, [20, 1440]),
    act('seal', 15, 1, true, [720, null]),
  ],
  [
    act('mask', 35, 1, false, [0, null]),
    act('stripe', 15, 2, true, [0, null], [10, 45]),
    act('unmask', 10, 1, false, [5, 15]),
    act('decal', 50, 1, false, [1440, null]),
    act('seal', 15, 2, true, [720, null]),
  ],
  [
    act('oils', 30, 1, false, [0, null]),
    act('blend', 35, 1, false, [0, 480]),
    act('streak', 10, 1, false, [4320, null]),
    act('drag', 10, 1, false, [5, 60]),
    act('fix', 15, 1, true, [1440, null]),
  ],
  [
    act('two-part', 15, 1, true, [0, null]),
    act('second', 15, 1, true, [15, 1440]),
    act('sand', 40, 1, false, [1440, null]),
    act('compound', 30, 1, false, [0, 2880]),
  ],
]

const PAINTS = ['grey lacquer', 'teal acrylic', 'sand acrylic', 'gloss', 'matt', 'rust']

export type Shape = {
  tasks: number
  /** Widens or narrows every latest gap: 1 as in the handbook. */
  slack?: number
  days?: number
  /** Most minutes of a session. */
  session?: number
  /** Coats of an act are one sitting. */
  sittings?: boolean
  /** Most evenings, two of them a week, or weekends alone; evenings unless said. */
  calendar?: 'evenings' | 'scarce' | 'weekend'
}

/** Five kinds of bench, at any size: roomy, crowded, scarce, weekends alone, and tight in its windows. */
export const BENCH_SHAPES = {
  evenings: {},
  crowded: { session: 120, slack: 0.5, sittings: true },
  scarce: { session: 180, slack: 2, calendar: 'scarce' },
  weekend: { calendar: 'weekend', slack: 1, sittings: true },
  tight: { session: 240, slack: 0.3, sittings: true },
} as const satisfies Record<string, Omit<Shape, 'tasks'>>

/**
 * A bench problem of the handbook's shapes: parts with their sequences, evenings and some weekends, quiet hours, one airbrush.
 *
 * @param seed the same seed gives the same problem
 */
export function generate(seed: number, shape: Shape): BenchProblem {
  const dice = new Dice(seed)
  const { slack = 1, session = 180 } = shape
  const tasks: BenchTask[] = []
  const links: BenchLink[] = []
  const sittings: string[][] = []
  for (let part = 0; tasks.length < shape.tasks; part++) {
    const sequence = SEQUENCES[dice.below(SEQUENCES.length)] as readonly Act[]
    const first = dice.below(Math.max(1, sequence.length - 1))
    let last: string | null = null
    for (const one of sequence.slice(first)) {
      const setup = PAINTS[dice.below(PAINTS.length)] as string
      const sitting: string[] = []
      if (shape.sittings && one.coats > 1) sittings.push(sitting)
      for (let coat = 1; coat <= one.coats && tasks.length < shape.tasks; coat++) {
        const id = `p${part}.${one.name}.${coat}`
        const [min, max] = coat === 1 ? one.gap : one.flash
        tasks.push({
          id,
          minutes: Math.max(3, one.minutes + 5 * (dice.below(5) - 2)),
          ...(one.sprayed ? { needs: ['airbrush', 'booth'], setup } : {}),
          ...(one.noisy ? { noisy: true } : {}),
        })
        if (last !== null)
          links.push({
            from: last,
            to: id,
            minGap: min,
            ...(max === null ? {} : { maxGap: Math.max(min, Math.round(max * slack)) }),
          })
        last = id
        sitting.push(id)
      }
    }
  }
  const calendar = shape.calendar ?? 'evenings'
  const days = shape.days ?? Math.max(14, Math.ceil((shape.tasks / 2) * LONGER[calendar]) + 14)
  return {
    format: 'tectoria-bench-problem',
    version: 1,
    horizonMinutes: days * DAY,
    availability: CALENDARS[calendar](dice, days, session),
    quiet: Array.from({ length: days }, (_, d): Interval => [d * DAY + 1290, (d + 1) * DAY]),
    resources: { airbrush: 1, booth: 1 },
    tasks,
    links,
    ...(shape.sittings ? { sittings } : {}),
    changeover: { resource: 'airbrush', minutes: 8 },
  }
}

/** Most evenings, and a few Saturday mornings. */
function evenings(dice: Dice, days: number, session: number): Interval[] {
  return Array.from({ length: days }, (_, d): Interval[] => {
    const length = session - 30 * dice.below(3)
    const evening: Interval[] =
      dice.below(5) > 0 ? [[d * DAY + 1140, Math.min((d + 1) * DAY, d * DAY + 1140 + length)]] : []
    return d % 7 === 5 ? [[d * DAY + 600, d * DAY + 720], ...evening] : evening
  }).flat()
}

/** Tuesday and Thursday. */
function scarce(_: Dice, days: number, session: number): Interval[] {
  return Array.from({ length: days }, (_, d): Interval[] =>
    d % 7 === 1 || d % 7 === 3
      ? [[d * DAY + 1140, Math.min((d + 1) * DAY, d * DAY + 1140 + session)]]
      : [],
  ).flat()
}

/** Saturday and Sunday, morning and afternoon. */
function weekend(_: Dice, days: number): Interval[] {
  return Array.from({ length: days }, (_, d): Interval[] =>
    d % 7 >= 5
      ? [
          [d * DAY + 540, d * DAY + 780],
          [d * DAY + 840, d * DAY + 1140],
        ]
      : [],
  ).flat()
}

const CALENDARS = { evenings, scarce, weekend }
/** How many more days than evenings they ask for. */
const LONGER = { evenings: 1, scarce: 3, weekend: 2 }

/**
 * A bench problem without a shape: links anywhere, gaps of either sign, sessions and quiet hours at random. What a person
 * wouldn't write, and a file may hold.
 */
export function scatter(seed: number, count: number): BenchProblem {
  const dice = new Dice(seed * 7919 + 13)
  const tasks = Array.from({ length: count }, (_, i): BenchTask => {
    const sprayed = dice.below(2) === 0
    return {
      id: `t${i}`,
      minutes: dice.below(12) === 0 ? 0 : 1 + dice.below(50),
      ...(sprayed ? { needs: ['airbrush'], setup: `paint ${dice.below(5)}` } : {}),
      ...(dice.below(3) === 0 ? { noisy: true } : {}),
    }
  })
  const links = Array.from({ length: dice.below(count * 2) }, (): BenchLink => {
    const from = dice.below(count)
    const to = (from + 1 + dice.below(count - 1)) % count
    const [a, b] = dice.below(8) === 0 ? [from, to] : [Math.min(from, to), Math.max(from, to)]
    const minGap = dice.below(6) === 0 ? -dice.below(120) : dice.below(4) * dice.below(60)
    return {
      from: `t${a}`,
      to: `t${b}`,
      minGap,
      ...(dice.below(2) ? { maxGap: minGap + dice.below(400) } : {}),
    }
  })
  const availability: Interval[] = []
  const quiet: Interval[] = []
  let at = dice.below(60)
  for (let i = 0; i < 5 + count; i++) {
    const length = 30 + dice.below(150)
    availability.push([at, at + length])
    if (dice.below(4) === 0) {
      const from = at + dice.below(length)
      quiet.push([from, from + dice.below(60)])
    }
    at += length + dice.below(300)
  }
  return {
    format: 'tectoria-bench-problem',
    version: 1,
    horizonMinutes: dice.below(3) === 0 ? Math.round(at / 2) : at,
    availability,
    quiet,
    resources: { airbrush: 1 },
    tasks,
    links,
    changeover: { resource: 'airbrush', minutes: 5 + dice.below(15) },
  }
}
