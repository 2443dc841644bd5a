import { parseSequence } from '../../model/sequence'
import { type PanelPlan, panelPlan } from '../runPanel'

/** Steps as they are typed in a test, judged for a panel. */
export function planned(steps: readonly object[]): PanelPlan {
  const read = parseSequence({
    format: 'tectoria-sequence',
    version: 1,
    substrate: 'polystyrene',
    waits: 'auto',
    steps,
  })
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return panelPlan(read.value)
}
