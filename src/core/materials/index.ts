export { ACT_TABLE, type ActKind, type ActRow, actRow } from './acts'
export {
  CHIP_WINDOW,
  type ClockKey,
  type ClockRow,
  DEPTH_WETNESS,
  DRAG_FROM,
  DRAG_TO,
  DRYING,
  FAMILY_CLOCK,
  RELEASE_TO_TOP,
  WETNESS,
} from './drying'
export { applyEnergy, TOOL_ENERGY } from './energies'
export { type DryingProcess, FAMILY_TABLE, type FamilyRow, familyRow } from './families'
export {
  ACT_MINUTES,
  ADDITIVE_CAP,
  BELIEVABLE,
  CUT_MICRONS,
  DEGREASED_FOR,
  DRY_SHARE,
  FILLER_CURES,
  GASSES_OFF,
  GRIT_STEP,
  IRON_SETTLES,
  type MarkKind,
  POLISH_2K,
  POT_LIFE,
  RUB_HOUR,
  RUBS_AN_HOUR,
  SALT_DRY,
  SMALLEST_MARK,
  WET_MICRONS,
} from './limits'
export { HARSH, LINE_BANDS, lineBand } from './lining'
export {
  EFFECT_WORDS,
  type Effect,
  type FilmState,
  hotter,
  REACTIONS,
  reaction,
  shiftEffect,
  worseEffect,
} from './reactions'
export { defaultSheen, FLOW, GLOSS_UNITS, SATIN_GRIT, SHINIER } from './sheens'
export { type PrimerNeed, SUBSTRATE_TABLE, type SubstrateRow, substrateRow } from './substrates'
export { DECANTED_THINNING, PRESSURE_BAR, PSI_PER_BAR, type ShareRange, THINNING } from './thinning'
