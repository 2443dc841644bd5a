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
