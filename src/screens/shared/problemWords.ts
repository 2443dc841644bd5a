import type { Problem } from '@/core/model/input'

/** A problem in one sentence, for beside the field: "Enter a number from 1 to 9 ml, not “much”". */
export function sayProblem({ found, expected }: Problem): string {
  const nothing = found === 'nothing' || found === '""'
  return `Enter ${expected}${nothing ? '' : `, not ${found.replace(/^"(.*)"$/, '“$1”')}`}`
}

/** The first problem of a file that was refused, by where in it. */
export function sayRefused([first]: readonly Problem[]): string {
  return `${first?.path || 'The file'}: found ${first?.found}, expected ${first?.expected}`
}
