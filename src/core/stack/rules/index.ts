import type { Rule } from '../finding'
import { additiveCap } from './additiveCap'
import { needsDegrease, needsEtch, needsPrimer, neverCures } from './bareSubstrate'
import { buriedPreshade } from './buriedPreshade'
import { chipWindow } from './chipWindow'
import { cleanTooEarly, cleanTooLate } from './cleanWindow'
import { clearColourNeedsBrightBase } from './clearColourNeedsBrightBase'
import { clearEatsPowder } from './clearEatsPowder'
import { clearKillsMetal } from './clearKillsMetal'
import { clearPartOutside } from './clearPartOutside'
import { clearTooThinToPolish } from './clearTooThinToPolish'
import { tooCold, tooDamp, tooHot } from './climateLimits'
import { decalBubbleCheck, decalMoisture } from './decalChecks'
import { decalHotClear } from './decalHotClear'
import { decalNeedsGloss } from './decalNeedsGloss'
import { flowNeedsGloss } from './flowNeedsGloss'
import { fogsClearPart } from './fogsClearPart'
import { againstGravity, fitCheckMissing, turnedWhileWet } from './handlingWet'
import { hardOverSoft } from './hardOverSoft'
import { linesWillClose } from './linesWillClose'
import { contrastInvisible, contrastStark } from './liningContrast'
import { lockFirst } from './lockFirst'
import { marksTooBig } from './marksTooBig'
import { maskLeftOn } from './maskLeftOn'
import { mattHidesEffect } from './mattHidesEffect'
import { mirrorNeedsGlossBlack } from './mirrorNeedsGlossBlack'
import { noReleaseUnder } from './noReleaseUnder'
import { polishTooEarly } from './polishTooEarly'
import { potLife } from './potLife'
import { powderLoose } from './powderLoose'
import { ppe } from './ppe'
import { degreaseExpired, fillerCuring, gritSkipped } from './preparation'
import { recoatTooEarly } from './recoatTooEarly'
import { recoatWindowMissed } from './recoatWindowMissed'
import { releaseNeedsFriendlyTop } from './releaseNeedsFriendlyTop'
import { rustStillGrowing } from './rustStillGrowing'
import { saltNotDry, saltResidue } from './salt'
import { sandTooEarly } from './sandTooEarly'
import { scrapTestFirst } from './scrapTestFirst'
import { sealFirst } from './sealFirst'
import { solventAttacksFilm } from './solventAttacksFilm'
import { solventAttacksSubstrate } from './solventAttacksSubstrate'
import { tapeTooEarly } from './tapeTooEarly'
import { drillAfterPaint, edgeRubThrough, tightFit } from './thickness'
import { tideMarkRisk } from './tideMarkRisk'
import { toothNeeded } from './toothNeeded'
import { undercoatNotFast } from './undercoatNotFast'
import { unmaskLate } from './unmaskLate'
import { unsealedChips } from './unsealedChips'
import { wearThrough } from './wearThrough'

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
  clearTooThinToPolish,
  mirrorNeedsGlossBlack,
  clearKillsMetal,
  clearColourNeedsBrightBase,
  powderLoose,
  clearEatsPowder,
  mattHidesEffect,
  buriedPreshade,
  potLife,
  fogsClearPart,
  saltNotDry,
  saltResidue,
  unsealedChips,
  decalMoisture,
  decalBubbleCheck,
  rustStillGrowing,
  wearThrough,
  fillerCuring,
  degreaseExpired,
  gritSkipped,
  linesWillClose,
  tightFit,
  edgeRubThrough,
  drillAfterPaint,
  marksTooBig,
  additiveCap,
  contrastInvisible,
  contrastStark,
  tideMarkRisk,
  turnedWhileWet,
  fitCheckMissing,
  clearPartOutside,
  againstGravity,
  scrapTestFirst,
  tooCold,
  tooDamp,
  tooHot,
  ppe,
]
