import { actRow, laysClear } from '../knowledge/acts'
import { TOOL_ENERGY } from '../knowledge/energies'
import {
  OVER_DECALS,
  USUAL_CLEAR,
  USUAL_COATS,
  USUAL_FAMILY,
  USUAL_SHEEN,
} from '../knowledge/usual'
import { isAct } from '../model/isAct'
import type { ActStep, Step } from '../model/sequence'
import type { Coat } from '../model/vocabulary'

/**
 * A step as it is usually done, as far as nobody says otherwise: the family that an act must say (that of the step before it of
 * the same kind), the sheen of a clear, coats by act, tool and what lies there. What is said stays.
 *
 * @param said the act, and what is said of it
 * @param before the steps before it on the same part, in order of work
 */
export function usualStep<T extends ActStep>(said: T, before: readonly Step[]): T {
  const acts = before.filter(isAct)
  const painted = withPaint(said)
  const row = actRow(painted.do, painted.family)
  const step = { ...painted }
  if (row.family === 'must' && step.family === undefined)
    step.family = familyBefore(step, acts) ?? USUAL_FAMILY
  if (laysClear(step) && step.sheen === undefined) step.sheen = USUAL_SHEEN
  const tool = step.tool ?? row.tool
  if (step.coats === undefined && row.inCoats && TOOL_ENERGY[tool].sprayed) {
    const coats = usualCoats(step, acts)
    if (coats) step.coats = [...coats]
  }
  return step
}

/** "Wash" with a paint is a wash over all. */
function withPaint<T extends ActStep>(said: T): T {
  const { withPaint: family } = actRow(said.do, said.family)
  const { bottle } = said as { bottle?: unknown }
  const isPaint = said.colour !== undefined || bottle !== undefined || said.over === 'all'
  return family && isPaint ? { ...said, family } : said
}

/** The family of the newest step with the same role. */
function familyBefore(step: ActStep, before: readonly ActStep[]): ActStep['family'] {
  const { role } = actRow(step.do, step.family)
  return before.findLast(
    (other) => actRow(other.do, other.family).role === role && other.family !== undefined,
  )?.family
}

function usualCoats(step: ActStep, before: readonly ActStep[]): readonly Coat[] | undefined {
  if (!laysClear(step)) return USUAL_COATS[step.do]
  const coats = USUAL_CLEAR[step.sheen ?? USUAL_SHEEN]
  const last = before.findLast((other) => actRow(other.do, other.family).kind === 'film')
  const overDecals = last !== undefined && actRow(last.do, last.family).role === 'decal'
  return overDecals ? [...OVER_DECALS, ...coats] : coats
}
