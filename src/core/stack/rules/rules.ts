import { rulesetOf } from '../simulate/ruleset'
import { chipWindow } from './chipping/chipWindow'
import { marksTooBig } from './chipping/marksTooBig'
import { noReleaseUnder } from './chipping/noReleaseUnder'
import { releaseNeedsFriendlyTop } from './chipping/releaseNeedsFriendlyTop'
import { undercoatNotFast } from './chipping/undercoatNotFast'
import { unsealedChips } from './chipping/unsealedChips'
import { clearTooThinToPolish } from './clears/clearTooThinToPolish'
import { mattHidesEffect } from './clears/mattHidesEffect'
import { drillAfterPaint, edgeRubThrough, tightFit } from './clears/thickness'
import { tooCold, tooDamp, tooHot } from './climate/climateLimits'
import { buriedPreshade } from './colour/buriedPreshade'
import { clearColourNeedsBrightBase } from './colour/clearColourNeedsBrightBase'
import { thinPaintCoats } from './colour/thinPaintCoats'
import { decalBubbleCheck, decalMoisture } from './decals/decalChecks'
import { decalHotClear } from './decals/decalHotClear'
import { decalNeedsGloss } from './decals/decalNeedsGloss'
import { softenerTooStrong } from './decals/softenerTooStrong'
import type { Rule } from './finding'
import { flowNeedsGloss } from './lining/flowNeedsGloss'
import { contrastInvisible, contrastStark } from './lining/liningContrast'
import { tideMarkRisk } from './lining/tideMarkRisk'
import { wearThrough } from './lining/wearThrough'
import { maskLeftOn } from './masks/maskLeftOn'
import { maskTooEarly } from './masks/maskTooEarly'
import { nothingToTakeOff } from './masks/nothingToTakeOff'
import { saltNotDry, saltResidue } from './masks/salt'
import { tapeTooEarly } from './masks/tapeTooEarly'
import { unmaskLate } from './masks/unmaskLate'
import { unmaskTooEarly } from './masks/unmaskTooEarly'
import { clearKillsMetal } from './metals/clearKillsMetal'
import { mirrorNeedsGlossBlack } from './metals/mirrorNeedsGlossBlack'
import { clearEatsPowder } from './powders/clearEatsPowder'
import { powderLoose } from './powders/powderLoose'
import { needsDegrease, needsEtch, needsPrimer, neverCures } from './preparation/bareSubstrate'
import { clearPartOutside } from './preparation/clearPartOutside'
import { fogsClearPart } from './preparation/fogsClearPart'
import { joinedAlready } from './preparation/joinedAlready'
import { linesWillClose } from './preparation/linesWillClose'
import { degreaseExpired, fillerCuring, gritSkipped } from './preparation/preparation'
import { toothNeeded } from './preparation/toothNeeded'
import { ppe } from './safety/ppe'
import { additiveCap } from './solvents/additiveCap'
import { hardOverSoft } from './solvents/hardOverSoft'
import { lockFirst } from './solvents/lockFirst'
import { scrapTestFirst } from './solvents/scrapTestFirst'
import { sealFirst } from './solvents/sealFirst'
import { solventAttacksFilm } from './solvents/solventAttacksFilm'
import { solventAttacksSubstrate } from './solvents/solventAttacksSubstrate'
import { cleanTooEarly, cleanTooLate } from './waits/cleanWindow'
import { handledTooEarly } from './waits/handledTooEarly'
import { againstGravity, fitCheckMissing, turnedWhileWet } from './waits/handlingWet'
import { polishTooEarly } from './waits/polishTooEarly'
import { potLife } from './waits/potLife'
import { recoatTooEarly } from './waits/recoatTooEarly'
import { recoatWindowMissed } from './waits/recoatWindowMissed'
import { rustStillGrowing } from './waits/rustStillGrowing'
import { sandTooEarly } from './waits/sandTooEarly'

/** Every rule, in the order in which findings of one step are told. Adding one: its file, its name in finding.ts, this list. */
const RULES: readonly Rule[] = [
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
  maskTooEarly,
  unmaskTooEarly,
  unmaskLate,
  maskLeftOn,
  nothingToTakeOff,
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
  handledTooEarly,
  clearTooThinToPolish,
  mirrorNeedsGlossBlack,
  clearKillsMetal,
  clearColourNeedsBrightBase,
  powderLoose,
  clearEatsPowder,
  mattHidesEffect,
  buriedPreshade,
  thinPaintCoats,
  potLife,
  fogsClearPart,
  saltNotDry,
  saltResidue,
  unsealedChips,
  decalMoisture,
  decalBubbleCheck,
  softenerTooStrong,
  rustStillGrowing,
  wearThrough,
  fillerCuring,
  degreaseExpired,
  gritSkipped,
  linesWillClose,
  tightFit,
  edgeRubThrough,
  drillAfterPaint,
  joinedAlready,
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

/** Every rule of the handbook, as a simulation asks them. */
export const RULESET = rulesetOf(RULES)
