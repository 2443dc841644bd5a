export { type Drawn, type PouredIn, pouredInto, thinnerFor } from './bottles'
export { bottlesThatCan, canDo } from './canDo'
export { conditionOf } from './condition'
export { type MixLabel, mixLabel } from './mixLabel'
export { paintFor } from './paintFor'
export {
  type GradedWashes,
  gradedWashes,
  type LinedBy,
  type LiningQuestion,
  pickLining,
  washGradient,
} from './pickLining'
export { asPainted } from './sheet'
export { bottlePaint, type MixablePaint, mixableFamilies, mixablePaints } from './shelfColours'
export { type StepCard, stepCard } from './stepCard'
export { waitBetween } from './waitBetween'
