import { type ActRow, actRow, laysClear } from '../knowledge/acts'
import { familyRow } from '../knowledge/families'
import { type Problem, quote } from '../model/input'
import { isAct } from '../model/isAct'
import type { ActStep, Step } from '../model/sequence'
import { FAMILIES, type Family, SHEENS, TOOLS, type Tool } from '../model/vocabulary'

/** The families that an act can be laid from. Source: handbook 2.1, 6. */
export function familiesFor({ takes }: ActRow): readonly Family[] {
  return takes ? FAMILIES.filter((family) => takes.includes(familyRow(family).nature)) : FAMILIES
}

/** The tools that an act can be done with. */
export function toolsFor({ notWith = [] }: ActRow): readonly Tool[] {
  return TOOLS.filter((tool) => !notWith.includes(tool))
}

/** What an act must say and doesn't: without it nothing can be reckoned. @param path where the steps stand in what was read */
export function missingIn(steps: readonly Step[], path = 'steps'): Problem[] {
  return problemsOf(steps, path, missing)
}

/** Families, tools and coats that make no sense for their act. */
export function senselessIn(steps: readonly Step[], path = 'steps'): Problem[] {
  return problemsOf(steps, path, senseless)
}

function problemsOf(
  steps: readonly Step[],
  path: string,
  of: (step: ActStep) => Problem[],
): Problem[] {
  return steps.flatMap((step, i) =>
    isAct(step)
      ? of(step).map((problem) => ({ ...problem, path: `${path}[${i}].${problem.path}` }))
      : [],
  )
}

/**
 * What an act must say and doesn't (a family where there is no default, the sheen of a clear), and what makes no sense for it:
 * a family that it isn't laid from, a tool that it can't be done with, coats where nothing is laid in coats.
 *
 * @param path where the steps stand in what was read
 */
export function stepProblems(steps: readonly Step[], path = 'steps'): Problem[] {
  return problemsOf(steps, path, (step) => [...missing(step), ...senseless(step)])
}

function missing(step: ActStep): Problem[] {
  const row = actRow(step.do, step.family)
  const problems: Problem[] = []
  if (row.family === 'must' && step.family === undefined)
    problems.push({
      path: 'family',
      found: 'nothing',
      expected: `the family of "${step.do}": ${familiesFor(row).join(', ')}`,
    })
  if (laysClear(step) && step.sheen === undefined)
    problems.push({
      path: 'sheen',
      found: 'nothing',
      expected: `the sheen of a clear: ${SHEENS.join(', ')}`,
    })
  return problems
}

function senseless(step: ActStep): Problem[] {
  const row = actRow(step.do, step.family)
  const problems: Problem[] = []
  const families = familiesFor(row)
  if (step.family !== undefined && !families.includes(step.family))
    problems.push({
      path: 'family',
      found: quote(step.family),
      expected:
        families.length > 0
          ? `what "${step.do}" is laid from: ${families.join(', ')}`
          : `no family: "${step.do}" lays nothing`,
    })
  if (step.tool !== undefined && !toolsFor(row).includes(step.tool))
    problems.push({
      path: 'tool',
      found: quote(step.tool),
      expected: `a tool that "${step.do}" is done with: ${toolsFor(row).join(', ')}`,
    })
  if (step.coats !== undefined && !row.inCoats)
    problems.push({
      path: 'coats',
      found: quote(step.coats),
      expected: `no coats: "${step.do}" is not done in coats`,
    })
  return problems
}
