import type { Bottle } from '../src/core/model/bottle'
import type { Build } from '../src/core/model/build'
import { isAct } from '../src/core/model/isAct'
import type { LoggedAct } from '../src/core/model/loggedAct'
import type { Project } from '../src/core/model/project'
import { demoProject } from '../src/demo/demo'

/** How large a bench is made. */
export type Sizes = {
  acts: number
  readings: number
  builds: number
  parts: number
  bottles: number
}

/** Years of work on one bench. */
export const BIG: Sizes = { acts: 50_000, readings: 10_000, builds: 40, parts: 10, bottles: 1000 }

const MINUTE = 60_000
const DAY = 24 * 60 * MINUTE
/** Finished builds lie behind the demo's own work. */
const BEHIND = 30 * DAY

/** The demo's bench with finished builds, their log and a sensor's readings behind it. Deterministic. */
export function bigProject(now: number, sizes: Sizes = BIG): Project {
  const demo = demoProject(now, 'Europe/Lisbon')
  const own = demo.builds ?? []
  const patterns = own as [Build, ...Build[]]
  const finished = Array.from({ length: sizes.builds - own.length }, (_, i) =>
    finishedBuild(patterns[i % patterns.length] as Build, i, sizes.parts),
  )
  const acts = demo.acts ?? []
  const room = sizes.acts - acts.length
  const logged = finished.flatMap((build, i) => logOf(build, now - BEHIND - (i + 1) * 20 * DAY))
  const shelf = shelfOf(demo.shelf ?? [], sizes.bottles)
  const beside = Array.from({ length: Math.max(0, room - logged.length) }, (_, i) =>
    besideOf(finished[i % finished.length] as Build, shelf, i, now),
  )
  const all = [...logged, ...beside].slice(0, room)
  all.sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
  return {
    ...demo,
    builds: [...own, ...finished],
    shelf,
    acts: [...all, ...acts],
    climate: [...readings(now, sizes.readings), ...(demo.climate ?? [])],
  }
}

/** The demo's bottles, and more after their pattern. */
function shelfOf(own: readonly Bottle[], count: number): Bottle[] {
  const more = Array.from({ length: count - own.length }, (_, i) => {
    const pattern = own[i % own.length] as Bottle
    return { ...pattern, id: `big-${i}`, name: `${pattern.name} ${Math.floor(i / own.length) + 2}` }
  })
  return [...own, ...more]
}

/** A build after the pattern of another, of so many parts; every step lies on those that took the places of its own. */
function finishedBuild(pattern: Build, number: number, count: number): Build {
  const parts = Array.from({ length: count }, (_, i) => {
    const part = pattern.parts[i % pattern.parts.length] as Build['parts'][number]
    return { ...part, id: `${part.id}-${i}`, name: `${part.name} ${i + 1}` }
  })
  const steps = pattern.steps.map((step) => ({
    ...step,
    parts: parts
      .filter((_, i) =>
        step.parts.includes((pattern.parts[i % pattern.parts.length] as Build['parts'][number]).id),
      )
      .map(({ id }) => id),
  }))
  const firstOf = (id: string) => parts[pattern.parts.findIndex((part) => part.id === id)]?.id ?? id
  const { steps: _, parts: __, ...rest } = pattern
  return {
    ...(onParts(rest, firstOf) as Omit<Build, 'steps' | 'parts'>),
    ...{ id: `big-${number}`, name: `${pattern.name}, ${number + 2}`, parts, steps },
  }
}

/** What is said of a part is said of the one that took its place. */
function onParts(value: unknown, nameOf: (part: string) => string): unknown {
  if (Array.isArray(value)) return value.map((one) => onParts(one, nameOf))
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value).map(([key, inner]) => [
      key,
      key === 'part' && typeof inner === 'string' ? nameOf(inner) : onParts(inner, nameOf),
    ]),
  )
}

/** Everything of a build done, one step after the other, each within a day. */
function logOf(build: Build, begin: number): LoggedAct[] {
  const acts: LoggedAct[] = []
  let at = begin
  const add = (kind: LoggedAct['kind'], of: Partial<LoggedAct>) => {
    acts.push({ ...of, kind, id: `${build.id}.${acts.length}`, at: new Date(at).toISOString() })
    at += 7 * MINUTE
  }
  for (const step of build.steps)
    for (const part of step.parts) {
      const base = { build: build.id, part, step: step.id }
      add('started', base)
      const coats = isAct(step) ? (step.coats?.length ?? 0) : 0
      for (let coat = 1; coat <= coats; coat++) add('coat-done', { ...base, coat })
      add('finished', base)
    }
  return acts
}

/** What is logged beside the steps: of ten a mix, something poured in, a bottle weighed, else notes; some are taken back or corrected. */
function besideOf(build: Build, shelf: readonly Bottle[], number: number, now: number): LoggedAct {
  const at = new Date(now - BEHIND - number * 23 * MINUTE)
  const act = { id: `beside.${number}`, at: at.toISOString() }
  // The one before it, since the higher number is the older.
  const older = `beside.${number + 1}`
  if (number % 100 === 53) return { ...act, kind: 'undone', undoes: older }
  if (number % 200 === 54)
    return {
      ...act,
      kind: 'corrected',
      corrects: older,
      happenedAt: new Date(+at - DAY).toISOString(),
    }
  const bottle = (shelf[number % shelf.length] as Bottle).id
  const thinner = (shelf[(number + 1) % shelf.length] as Bottle).id
  const drawn = [bottle, thinner].map((id) => ({ bottle: id, ml: 0.4 }))
  switch (number % 10) {
    case 0:
      return { ...act, kind: 'mixed', build: build.id, mix: `mix.${number}`, drawn }
    case 1:
      return { ...act, kind: 'poured', bottle, ml: 1, share: 0, drawn: drawn.slice(1) }
    case 2:
      return { ...act, kind: 'weighed', bottle, ml: 6 }
    default:
      return { ...act, kind: 'noted', build: build.id, text: `Looked at it again, ${number}` }
  }
}

/** One reading every ten minutes until now, warm by day and damp by night. */
function readings(now: number, count: number): NonNullable<Project['climate']> {
  return Array.from({ length: count }, (_, i) => {
    const at = now - (count - i) * 10 * MINUTE
    const wave = Math.sin((2 * Math.PI * at) / DAY)
    const round = (n: number) => Math.round(10 * n) / 10
    return {
      id: `reading.${i}`,
      at: new Date(at).toISOString(),
      celsius: round(20 + 2 * wave),
      humidity: round(52 - 8 * wave),
      air: 'still',
    }
  })
}
