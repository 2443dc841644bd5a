import * as v from 'valibot'
import { idField, wholeRanged } from '../model/fields'
import { formatProblem, type Parsed, type Problem, parse } from '../model/input'

/** Two years of minutes: the longest horizon that is taken. */
export const LONGEST_HORIZON = 2 * 366 * 1440
const MINUTE = wholeRanged(0, LONGEST_HORIZON, 'minutes')

/** Minutes from time 0, from … to; the end is not part of it. */
const intervalSchema = v.pipe(
  v.tuple([MINUTE, MINUTE], 'two minutes, [from, to]'),
  v.check(([from, to]) => to >= from, 'an interval [from, to] that does not end before it begins'),
)

/** A stretch of the horizon, minutes from its start; `to` isn't in it. */
export type Interval = [from: number, to: number]

const taskSchema = v.looseObject({
  id: v.pipe(
    v.string(),
    v.minLength(1, 'an id'),
    v.maxLength(300, 'an id of up to 300 characters'),
  ),
  minutes: wholeRanged(0, 1440, 'minutes'),
  needs: v.optional(v.array(v.string())),
  noisy: v.optional(v.boolean()),
  setup: v.optional(v.string()),
  /** Ours: which of several airbrushes it is sprayed with: only paints of one are cleaned out between. The first unless said. */
  gun: v.optional(wholeRanged(0, 20)),
  /** Ours: not before this minute (what it waits for has happened already). */
  earliest: v.optional(MINUTE),
  /** Ours: no place to dry is free for it before this minute. */
  place: v.optional(MINUTE),
  /** Ours: begins at this minute at the latest. */
  latest: v.optional(wholeRanged(-LONGEST_HORIZON, LONGEST_HORIZON, 'minutes')),
  /** Ours: never during these minutes (the air doesn't bear it). */
  closed: v.optional(v.array(intervalSchema)),
})

/**
 * One act to be planned: its hands-on minutes, what it needs, and from when to when it may start. Source:
 * docs/formats.md.
 */
export type BenchTask = v.InferOutput<typeof taskSchema>

const GAP = wholeRanged(-LONGEST_HORIZON, LONGEST_HORIZON, 'minutes')
const linkSchema = v.looseObject({
  from: v.string('the id of a task'),
  to: v.string('the id of a task'),
  minGap: v.optional(GAP),
  maxGap: v.optional(v.nullable(GAP)),
})
/** minGap ≤ start(to) − end(from) ≤ maxGap; minGap 0 and no maxGap unless said. */
export type BenchLink = v.InferOutput<typeof linkSchema>

/**
 * A bench as a problem for the solver: horizon, sessions, tasks and links, all in whole minutes. Source:
 * docs/formats.md.
 */
export const benchProblemSchema = v.looseObject({
  format: v.literal('tectoria-bench-problem'),
  version: v.literal(1),
  horizonMinutes: wholeRanged(0, LONGEST_HORIZON, 'minutes'),
  availability: v.optional(v.array(intervalSchema)),
  quiet: v.optional(v.array(intervalSchema)),
  resources: v.optional(v.record(idField, wholeRanged(0, 1000))),
  tasks: v.optional(v.pipe(v.array(taskSchema), v.maxLength(2000, 'a list of up to 2000 tasks'))),
  links: v.optional(v.pipe(v.array(linkSchema), v.maxLength(20000, 'a list of up to 20000 links'))),
  /** Ours: tasks that are done within one opening of the availability. */
  sittings: v.optional(v.array(v.array(v.string()))),
  changeover: v.optional(
    v.looseObject({ resource: v.string(), minutes: wholeRanged(0, 1440, 'minutes') }),
  ),
})

/** A bench problem: one pair of hands, sessions, windows. Source: handbook 7.3. */
export type BenchProblem = v.InferOutput<typeof benchProblemSchema>

/** Reads a bench problem: the format, ids that are unique and links that lead somewhere. */
export function readBenchProblem(value: unknown): Parsed<BenchProblem> {
  const problem = formatProblem(value, 'tectoria-bench-problem', 1)
  if (problem) return { ok: false, problems: [problem] }
  const parsed = parse(benchProblemSchema, value)
  if (!parsed.ok) return parsed
  const problems = danglingIds(parsed.value)
  return problems.length > 0 ? { ok: false, problems } : parsed
}

function danglingIds({ tasks = [], links = [], sittings = [] }: BenchProblem): Problem[] {
  const ids = new Set<string>()
  const problems: Problem[] = []
  tasks.forEach((task, i) => {
    if (ids.has(task.id))
      problems.push({
        path: `tasks[${i}].id`,
        found: JSON.stringify(task.id),
        expected: 'an id that no other task has',
      })
    ids.add(task.id)
  })
  sittings.forEach((sitting, i) => {
    sitting.forEach((id, j) => {
      if (!ids.has(id))
        problems.push({
          path: `sittings[${i}][${j}]`,
          found: JSON.stringify(id),
          expected: 'the id of a task in "tasks"',
        })
    })
  })
  links.forEach((link, i) => {
    for (const end of ['from', 'to'] as const)
      if (!ids.has(link[end]))
        problems.push({
          path: `links[${i}].${end}`,
          found: JSON.stringify(link[end]),
          expected: 'the id of a task in "tasks"',
        })
  })
  return problems
}
