import type * as v from 'valibot'
import { type Problem, parse } from '@/core/model/input'

/** A problem in one sentence, for beside the field: "Enter a number from 1 to 9 ml, not “much”". */
export function sayProblem({ found, expected }: Problem): string {
  const nothing = found === 'nothing' || found === '""'
  return `Enter ${expected}${nothing ? '' : `, not ${found.replace(/^"(.*)"$/, '“$1”')}`}`
}

/** The first problem of a file that was refused, by where in it. */
export function sayRefused([first]: readonly Problem[]): string {
  return `${first?.path || 'The file'}: found ${first?.found}, expected ${first?.expected}`
}

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

/** The text of a number field as a number; nothing typed is undefined, nonsense stays as it is for the schema to refuse. */
export function numberOf(text: string): number | string | undefined {
  const trimmed = text.trim().replace(',', '.')
  if (trimmed === '') return undefined
  const number = Number(trimmed)
  return Number.isNaN(number) ? text : number
}

/** A number that is read, from one bound to another. */
export function isWithin(value: unknown, least: number, most: number): value is number {
  return typeof value === 'number' && value >= least && value <= most
}

/** A number that is read: an amount above nothing, up to the most. */
export function isAmount(value: unknown, most: number): value is number {
  return typeof value === 'number' && value > 0 && value <= most
}

/** Moves the focus to the first field of a form that is wrong, once it is drawn. */
export function focusFirstError(form: HTMLElement | null): void {
  requestAnimationFrame(() => form?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus())
}
