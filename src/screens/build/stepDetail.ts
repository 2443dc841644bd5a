import { actRow, FAMILY_TABLE } from '@/core/knowledge'
import { isAct } from '@/core/model/isAct'
import type { Step } from '@/core/model/sequence'
import { plain } from '../shared/words'

/** Family, coats and tool of a step in a few words. */
export function stepDetail(step: Step): string {
  if (!isAct(step)) return 'before the next step'
  const row = actRow(step.do, step.family)
  const family = step.family ?? (row.family === 'must' ? null : row.family)
  const parts = [
    family ? FAMILY_TABLE[family].name : null,
    step.coats ? step.coats.join(', ') : null,
    plain(step.tool ?? row.tool).toLowerCase(),
  ]
  return parts.filter(Boolean).join(' · ')
}
