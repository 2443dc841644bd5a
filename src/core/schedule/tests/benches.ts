import fc from 'fast-check'
import { buildFromStarter } from '../../builds/newBuild'
import { STARTERS } from '../../knowledge/starters/starters'
import type { ClimateReading, Pin } from '../../model/bench'
import type { Build, BuildStep, Part } from '../../model/build'
import { coatsOf } from '../../model/coats'
import { isAct } from '../../model/isAct'
import type { LoggedAct } from '../../model/loggedAct'
import type { Project } from '../../model/project'
import { PROJECT_FORMAT, PROJECT_VERSION } from '../../model/projectFormat'
import { DAYS, type Sessions } from '../../model/sessions'
import { sequencesOf } from '../../stack/tests/arbitrary'

/** The instant that the random benches are planned at: a Tuesday, early in the evening. */
export const NOW = Date.parse('2026-03-17T18:25:00Z')

const MINUTE = 60_000
const HOUR = 60 * MINUTE
const DAY = 24 * HOUR
const ZONE = 'Europe/Lisbon'

/** Evenings, weekends, an odd hour; some of them short. */
const sessions: fc.Arbitrary<Sessions> = fc
  .record({
    days: fc.subarray([...DAYS], { minLength: 2 }),
    from: fc.constantFrom('18:00', '19:00', '20:30'),
    to: fc.constantFrom('21:00', '22:00', '23:30', '00:30'),
    saturday: fc.boolean(),
    quiet: fc.option(fc.constant({ from: '22:00', to: '08:00' }), { nil: undefined }),
    outage: fc.option(fc.integer({ min: 0, max: 9 }), { nil: undefined, freq: 3 }),
  })
  .map(({ days, from, to, saturday, quiet, outage }) => ({
    zone: ZONE,
    pattern: [
      ...days.map((day) => ({ day, from, to })),
      ...(saturday ? [{ day: 'sat' as const, from: '10:00', to: '13:00' }] : []),
    ],
    ...(quiet ? { quiet } : {}),
    ...(outage === undefined
      ? {}
      : {
          outages: [
            {
              from: new Date(NOW + outage * DAY).toISOString(),
              to: new Date(NOW + outage * DAY + 3 * HOUR).toISOString(),
            },
          ],
        }),
  }))

/** A day of a room, °C and percent, three hours each: cold and damp at night, in steps that are felt. */
const COLD_NIGHTS = [
  [11, 86],
  [10, 88],
  [12, 80],
  [16, 62],
  [18, 54],
  [20, 50],
  [21, 48],
  [17, 70],
] as const

/** A room that nobody read, one that stays as it is, and one that is cold at night, every night the same. */
const climate = fc.oneof<fc.Arbitrary<ClimateReading[]>[]>(
  fc.constant([]),
  fc
    .record({
      celsius: fc.integer({ min: 15, max: 26 }),
      humidity: fc.integer({ min: 35, max: 70 }),
    })
    .map((air) => [{ id: 'r', at: new Date(NOW - HOUR).toISOString(), ...air }]),
  fc.constant(
    Array.from({ length: 5 * 8 }, (_, i): ClimateReading => {
      const at = NOW - (5 * 8 - i) * 3 * HOUR
      const [celsius = 20, humidity = 50] = COLD_NIGHTS[Math.floor((at % DAY) / (3 * HOUR))] ?? []
      return { id: `r${i}`, at: new Date(at).toISOString(), celsius, humidity }
    }),
  ),
)

/** A build of random acts on one to six parts, or one of the starters with up to six of its parts. */
const builds: fc.Arbitrary<Build> = fc.oneof(
  {
    weight: 1,
    arbitrary: fc
      .record({ starter: fc.constantFrom(...STARTERS), twins: fc.integer({ min: 1, max: 3 }) })
      .map(({ starter, twins }) => {
        let next = 0
        const build = buildFromStarter(starter, starter.name, () => `i${next++}`)
        return twinned({ ...build, id: 'b' }, twins)
      }),
  },
  {
    weight: 1,
    arbitrary: fc
      .record({
        sequence: sequencesOf(9),
        count: fc.integer({ min: 1, max: 6 }),
        shared: fc.array(fc.nat(3), { minLength: 24, maxLength: 24 }),
        joint: fc.array(fc.boolean(), { minLength: 24, maxLength: 24 }),
      })
      .map(({ sequence, count, shared, joint }) => {
        const parts = Array.from(
          { length: count },
          (_, i): Part => ({ id: `p${i}`, name: `Part ${i}`, substrate: sequence.substrate }),
        )
        const ids = parts.map(({ id }) => id)
        const steps = sequence.steps.map(
          (step, i): BuildStep =>
            ({
              ...step,
              id: `s${i}`,
              parts: shared[i] ? ids : [ids[i % count] as string],
              ...('do' in step && joint[i] && shared[i] === 3 ? { together: true } : {}),
            }) as BuildStep,
        )
        return { id: 'b', name: 'Skiff', parts, steps }
      }),
  },
)

/** The same build with each of its parts so many times, six of them at the most. */
function twinned(build: Build, times: number): Build {
  const copies = (id: string) =>
    Array.from({ length: times }, (_, i) => (i === 0 ? id : `${id}-${i + 1}`))
  const parts = build.parts
    .slice(0, 6)
    .flatMap((part) => copies(part.id).map((id) => ({ ...part, id })))
    .slice(0, 6)
  const kept = new Set(parts.map(({ id }) => id))
  const steps = build.steps.map((step) => ({
    ...step,
    parts: step.parts.flatMap(copies).filter((id) => kept.has(id)),
  }))
  return { ...build, parts, steps: steps.filter((step) => step.parts.length > 0) }
}

/** The first steps of each part were done, one after the other, days ago or just now. */
function logOf(build: Build, done: readonly number[], agoHours: number): LoggedAct[] {
  const begun = build.parts.flatMap((part, i) =>
    build.steps
      .filter((step) => isAct(step) && step.parts.includes(part.id))
      .slice(0, done[i % done.length] ?? 0)
      .map((step) => ({ part: part.id, step })),
  )
  const acts: LoggedAct[] = []
  let at = NOW - (begun.length * 26 + agoHours) * HOUR
  const log = (kind: LoggedAct['kind'], part: string, step: string, more = {}) => {
    at += 20 * MINUTE
    const instant = new Date(at).toISOString()
    acts.push({ id: `a${acts.length}`, at: instant, kind, build: build.id, part, step, ...more })
  }
  begun.forEach(({ part, step }, i) => {
    log('started', part, step.id)
    const coats = coatsOf(step)
    // The newest may be only half laid.
    const laid = i === begun.length - 1 ? Math.max(1, coats - 1) : coats
    for (let coat = 1; coat <= laid; coat++) log('coat-done', part, step.id, { coat })
    if (laid === coats) log('finished', part, step.id)
    at += 25 * HOUR
  })
  return acts
}

/**
 * Random benches of one build: one to six parts, shared and joint steps, rooms that change, logs half done, pins, outages. Source:
 * handbook 7.
 */
export const benches: fc.Arbitrary<Project> = fc
  .record({
    build: builds,
    sessions,
    climate,
    done: fc.array(fc.constantFrom(0, 0, 1, 2, 4), { minLength: 6, maxLength: 6 }),
    agoHours: fc.constantFrom(0, 1, 9),
    pin: fc.option(fc.nat(40), { nil: undefined, freq: 3 }),
  })
  .map(({ build, sessions, climate, done, agoHours, pin }) => ({
    format: PROJECT_FORMAT,
    version: PROJECT_VERSION,
    builds: [build],
    sessions,
    climate,
    acts: logOf(build, done, agoHours),
    pins: pin === undefined ? [] : pinsOf(build, pin),
  }))

/** One act put into the fourth day from now. */
function pinsOf(build: Build, number: number): Pin[] {
  const step = build.steps.filter(isAct)[number % Math.max(1, build.steps.filter(isAct).length)]
  if (!step) return []
  const at = (hours: number) => new Date(NOW + hours * HOUR).toISOString()
  return [{ id: `${build.id}/${step.parts[0]}/${step.id}`, from: at(72), to: at(96) }]
}
