export { GUIDE, type Guide } from './guide'
export { TECHNIQUES, technique } from './library'
export { type QuestionRow, questionRow, SCHOOL_TABLE, type SchoolRow, usualSchool } from './schools'
export { placeFor, STAGE_NAMES, type Stage, stagesOf } from './stages'
export { STARTER_KINDS, STARTERS, type Starter, type StarterKind } from './starters'
export {
  type Comparison,
  TECHNIQUE_GROUPS,
  type Technique,
  type TechniqueGroup,
  type TechniqueStep,
} from './technique'
