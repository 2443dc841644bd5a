import { actRow } from '../knowledge/acts'
import type { BuildAct, BuildStep } from '../model/build'
import { isAct } from '../model/isAct'

/**
 * Is a step done once for all of its parts: joined, glazed, or marked by the modeller as "all in one go"? A step of one part is
 * not. Source: handbook 7.1.
 */
export function isJoint(step: BuildStep): step is BuildAct {
  if (!isAct(step) || step.parts.length < 2) return false
  const row = actRow(step.do, step.family)
  return step.together ?? (row.joins === true || row.fitsGlass === true)
}
