export { type Drawn, drawDown, type PouredIn, pourInto, thinnerFor } from './bottles'
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
export { bottlePaint, mixableFamilies, mixablePaints, type ShelfPaint } from './shelfColours'
export { type StepCard, stepCard } from './stepCard'
export { waitBetween } from './waitBetween'
