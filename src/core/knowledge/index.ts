export { ACT_TABLE, type ActRow, actRow, laysClear } from './acts'
export { CAUTIONS, type Caution, cautionsFor, generalCautions } from './cautions'
export { DECAL_FILM_TABLE, dwellSeconds, ladderFor } from './decals'
export { FAMILY_TABLE, familyRow } from './families'
export { FAULT_TABLE, type FaultId, faultRow } from './faults'
export { GLOSSARY } from './glossary'
export { bears, HOLDER_WORDS } from './holders'
export { ACT_MINUTES } from './limits'
export { type Band, CUT_LINE_MM, FILTER_MOST, PLATE_GAP_MM } from './lining'
export { MILESTONE_WORDS, SEEN_WORDS } from './milestones'
export {
  COMPLEXITY,
  CUPS,
  DENSITY,
  DROPS_PER_ML,
  LOSS_PER_FILL,
  TWO_PART_TOLERANCE,
} from './mixing'
export { questionRow, SCHOOL_TABLE, usualSchool } from './schools'
export { defaultSheen, GLOSS_UNITS } from './sheens'
export { solventRow } from './solvents'
export { SPOT_WORDS } from './spots'
export { STAGE_NAMES, type Stage } from './stages'
export { STARTER_KINDS, type Starter, type StarterKind } from './starters/starter'
export { STARTERS } from './starters/starters'
export { stepName } from './stepName'
export { substrateRow } from './substrates'
export { oversprayMm, TAPE_TABLE, USUAL_SPRAY } from './tapes'
export { TECHNIQUE_GROUPS, type Technique } from './techniques/technique'
export { TECHNIQUES } from './techniques/techniques'
export { LEFT_ON_FACE } from './thinning'
export {
  WEAR_EFFECTS,
  WEAR_EVENT_TABLE,
  WEAR_TABLE as WEAR_EFFECT_TABLE,
  type WearEffect,
} from './wearMap'
export { PICTURE_WORDS, PIN_STATE_WORDS, PIN_WORDS } from './words/pictures'
export { GROUND_WORDS } from './words/tests'
