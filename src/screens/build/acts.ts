import { actRow, STAGE_NAMES } from '@/core/knowledge'
import type { ActStep } from '@/core/model/sequence'
import { ACTS } from '@/core/model/vocabulary'

/** An act to choose: what it is called, and what it says. A wash that is paint is another act than washing the part. */
export type ActChoice = { key: string; name: string; said: ActStep }

const CHOICES: readonly ActChoice[] = ACTS.flatMap((act) => {
  const { name, withPaint: family } = actRow(act, undefined)
  const plain = { key: act, name, said: { do: act } }
  if (family === undefined) return [plain]
  const painted = {
    key: `${act}-${family}`,
    name: actRow(act, family).name,
    said: { do: act, family },
  }
  return [plain, painted]
})

/** Acts by the stage of work, as they are chosen from. Source: handbook 1, the order of work. */
export const ACT_GROUPS: readonly { name: string; acts: readonly ActChoice[] }[] = Object.entries(
  STAGE_NAMES,
)
  .map(([stage, name]) => ({
    name,
    acts: CHOICES.filter(({ said }) => actRow(said.do, said.family).stage === Number(stage)),
  }))
  .filter(({ acts }) => acts.length > 0)
