import type * as v from 'valibot'
import { type Problem, parse } from '@/core/model/input'
import { sayProblem } from './problemWords'

/** Fields that are kept as shares and typed in percent. */
const IN_PERCENT: ReadonlySet<string> = new Set(['thinning', 'share', 'paintShare', 'amount'])

/** A problem with a share, in the percent that was typed: "a number from 0 to 1" as "a number from 0 to 100 %". */
function inPercent(problem: Problem): Problem {
  const hundredfold = (text: string) =>
    text.replace(/-?\d+(\.\d+)?/g, (number) => String(Math.round(Number(number) * 1e4) / 100))
  const [, range] = /^(a number from \S+ to \S+)/.exec(problem.expected) ?? []
  return range
    ? { ...problem, found: hundredfold(problem.found), expected: `${hundredfold(range)} %` }
    : problem
}

/** The problems of a form by the first name of their paths. */
export function errorsByField(problems: readonly Problem[]): Record<string, string> {
  const errors: Record<string, string> = {}
  for (const given of problems) {
    const last = given.path.split(/[.[]/).at(-1) ?? ''
    const problem = IN_PERCENT.has(last) ? inPercent(given) : given
    const field = problem.path.split(/[.[]/)[0] ?? ''
    errors[field] ??= sayProblem(problem)
    // A field of an object within a row is one by itself: "product.recoat".
    if (/^\w+\.\w+$/.test(problem.path)) errors[problem.path] ??= sayProblem(problem)
  }
  return errors
}

export type FormResult<T> = { ok: true; value: T } | { ok: false; errors: Record<string, string> }

/** Reads a form by its schema: the value, or what to say beside each field. */
export function readForm<T>(
  schema: v.BaseSchema<unknown, T, v.BaseIssue<unknown>>,
  value: unknown,
): FormResult<T> {
  const parsed = parse(schema, value)
  return parsed.ok ? parsed : { ok: false, errors: errorsByField(parsed.problems) }
}
