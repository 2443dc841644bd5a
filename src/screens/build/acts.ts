import { ACT_TABLE, actRow, laysClear, STAGE_NAMES } from '@/core/knowledge'
import type { BuildStep } from '@/core/model/build'
import { ACTS, type Act } from '@/core/model/vocabulary'

/** Acts by the stage of work, as they are chosen from. Source: handbook 1, the order of work. */
export const ACT_GROUPS: readonly { name: string; acts: readonly Act[] }[] = Object.entries(
  STAGE_NAMES,
)
  .map(([stage, name]) => ({
    name,
    acts: ACTS.filter((act) => ACT_TABLE[act].stage === Number(stage)),
  }))
  .filter(({ acts }) => acts.length > 0)

/** A new step of an act, with what the act must say filled in. */
export function newStep(act: Act, part: string, id: string): BuildStep {
  const row = actRow(act, undefined)
  return {
    id,
    parts: [part],
    do: act,
    ...(row.family === 'must' ? { family: 'alcohol-acrylic' as const } : {}),
    ...(laysClear({ do: act }) ? { sheen: 'satin' as const } : {}),
    ...(row.kind === 'film' && row.tool === 'airbrush'
      ? { coats: ['light' as const, 'light' as const] }
      : {}),
  }
}
