import type { Rule } from '../finding'
import { needsDegrease, needsEtch, needsPrimer, neverCures } from './bareSubstrate'
import { chipWindow } from './chipWindow'
import { cleanTooEarly, cleanTooLate } from './cleanWindow'
import { clearEatsPowder } from './clearEatsPowder'
import { tooCold, tooDamp, tooHot } from './climateLimits'
import { decalHotClear } from './decalHotClear'
import { decalNeedsGloss } from './decalNeedsGloss'
import { flowNeedsGloss } from './flowNeedsGloss'
import { hardOverSoft } from './hardOverSoft'
import { lockFirst } from './lockFirst'
import { maskLeftOn } from './maskLeftOn'
import { noReleaseUnder } from './noReleaseUnder'
import { polishTooEarly } from './polishTooEarly'
import { ppe } from './ppe'
import { recoatTooEarly } from './recoatTooEarly'
import { recoatWindowMissed } from './recoatWindowMissed'
import { releaseNeedsFriendlyTop } from './releaseNeedsFriendlyTop'
import { sandTooEarly } from './sandTooEarly'
import { sealFirst } from './sealFirst'
import { solventAttacksFilm } from './solventAttacksFilm'
import { solventAttacksSubstrate } from './solventAttacksSubstrate'
import { tapeTooEarly } from './tapeTooEarly'
import { toothNeeded } from './toothNeeded'
import { undercoatNotFast } from './undercoatNotFast'
import { unmaskLate } from './unmaskLate'

/** Every rule, in the order in which findings of one step are told. Adding one: its file, its name in finding.ts, this list. */
export const RULES: readonly Rule[] = [
  solventAttacksSubstrate,
  solventAttacksFilm,
  recoatTooEarly,
  recoatWindowMissed,
  hardOverSoft,
  cleanTooEarly,
  cleanTooLate,
  sealFirst,
  lockFirst,
  tapeTooEarly,
  unmaskLate,
  maskLeftOn,
  flowNeedsGloss,
  toothNeeded,
  decalNeedsGloss,
  decalHotClear,
  noReleaseUnder,
  releaseNeedsFriendlyTop,
  chipWindow,
  undercoatNotFast,
  neverCures,
  needsPrimer,
  needsDegrease,
  needsEtch,
  sandTooEarly,
  polishTooEarly,
  clearEatsPowder,
  tooCold,
  tooDamp,
  tooHot,
  ppe,
]
