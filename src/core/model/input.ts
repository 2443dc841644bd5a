import * as v from 'valibot'
import { tooDeep } from './tooDeep'

/** One thing wrong with input from outside: where, what stood there, what should. */
export type Problem = { path: string; found: string; expected: string }

/** A value that was read, or every problem that was found on the way. */
export type Parsed<T> = { ok: true; value: T } | { ok: false; problems: Problem[] }

/** How much of a wrong value is quoted back, characters. */
const QUOTE_LIMIT = 80

/** A value from outside as it is quoted in a message: JSON, cut short. */
export function quote(value: unknown): string {
  if (value === undefined) return 'nothing'
  let text: string
  try {
    text = JSON.stringify(value) ?? String(value)
  } catch {
    text = String(value)
  }
  return text.length > QUOTE_LIMIT ? `${text.slice(0, QUOTE_LIMIT)}…` : text
}

type Issue = v.BaseIssue<unknown>

/** The path of a field, as "steps[3].do"; "" is the whole document. */
function pathOf(keys: readonly unknown[]): string {
  let path = ''
  for (const key of keys) {
    if (typeof key === 'number') path += `[${key}]`
    else path += `${path === '' ? '' : '.'}${String(key)}`
  }
  return path
}

/**
 * The innermost issues of a union: the branch that got furthest tells what is really wrong. A branch counts its path from the
 * union on.
 */
function flatten(issue: Issue, above: readonly unknown[] = []): { issue: Issue; path: string }[] {
  const keys = [...above, ...(issue.path ?? []).map(({ key }) => key)]
  const deepest = Math.max(0, ...(issue.issues ?? []).map((i) => i.path?.length ?? 0))
  if (deepest === 0) return [{ issue, path: pathOf(keys) }]
  const inner = issue.issues?.filter((i) => (i.path?.length ?? 0) === deepest) ?? []
  return inner.flatMap((one) => flatten(one, keys))
}

/**
 * Reads a value from outside by its schema.
 *
 * @returns the typed value, or every problem with path, found and expected; never throws
 */
export function parse<T>(
  schema: v.BaseSchema<unknown, T, v.BaseIssue<unknown>>,
  value: unknown,
): Parsed<T> {
  const result = v.safeParse(schema, value)
  if (result.success) return { ok: true, value: result.output }
  const issues = result.issues.flatMap((issue) => flatten(issue))
  const problems = issues.map(({ issue, path }) => ({
    path,
    found: quote(issue.input),
    expected: expectedOf(issue),
  }))
  return { ok: false, problems }
}

/** What a schema says it wants in its own words; where it has none, what Valibot derives from it. */
function expectedOf(issue: v.BaseIssue<unknown>): string {
  const ownWords = !issue.message.startsWith('Invalid ')
  return ownWords || !issue.expected ? issue.message : readable(issue.expected)
}

/** Valibot writes pick lists as ("a" | "b"): the same as plain words. */
function readable(expected: string): string {
  return expected
    .replace(/^\((.*)\)$/, '$1')
    .replaceAll('"', '')
    .replaceAll(' | ', ', ')
}

/** Reads JSON text; what is wrong with it comes back as a problem of the whole document. */
export function parseJson(text: string): Parsed<unknown> {
  try {
    const value: unknown = JSON.parse(text)
    const deep = tooDeep(value)
    if (deep === null) return { ok: true, value }
    const expected = 'lists and objects at most 64 deep'
    return { ok: false, problems: [{ path: deep, found: 'what lies deeper', expected }] }
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error)
    return { ok: false, problems: [{ path: '', found: quote(text), expected: `JSON (${why})` }] }
  }
}

/**
 * Checks the two fields every format begins with, before anything else is judged: a foreign file or a newer
 * version is told in one sentence instead of a hundred.
 *
 * @returns the problem, or null when the document is this format in a version that can be read
 */
export function formatProblem(value: unknown, format: string, newest: number): Problem | null {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return { path: '', found: quote(value), expected: `an object of format ${format}` }
  const { format: found, version } = value as { format?: unknown; version?: unknown }
  if (found !== format) return { path: 'format', found: quote(found), expected: format }
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return { path: 'version', found: quote(version), expected: `a whole number up to ${newest}` }
  if (version > newest)
    return {
      path: 'version',
      found: quote(version),
      expected: `version ${newest} or older: this file was made by a newer Tectoria`,
    }
  return null
}

/**
 * Reads a small request that may leave out `format` and `version`, but not say others.
 *
 * @returns the typed value, or every problem; never throws
 */
export function readOptional<T>(
  schema: v.BaseSchema<unknown, T, v.BaseIssue<unknown>>,
  value: unknown,
  format: string,
  newest: number,
): Parsed<T> {
  const said = typeof value === 'object' && value !== null && !Array.isArray(value)
  const whole = said ? { format, version: newest, ...value } : value
  const problem = formatProblem(whole, format, newest)
  return problem ? { ok: false, problems: [problem] } : parse(schema, whole)
}
