export { GUIDE, type Guide } from './guide'
export { TECHNIQUES, technique } from './library'
export { placeFor, STAGE_NAMES, type Stage, stagesOf } from './stages'
export { STARTERS, type Starter } from './starters'
export {
  type Comparison,
  TECHNIQUE_GROUPS,
  type Technique,
  type TechniqueGroup,
  type TechniqueStep,
} from './technique'
