export { ADDITIVE_DROPS, type Additive, additiveDrops } from './additives'
export {
  barOf,
  JOBS,
  type Job,
  largestParticle,
  nozzleWarning,
  type Pressure,
  pressureFor,
  psiOf,
  type ThinningAdvice,
  thinningAdvice,
  viscosityFactor,
} from './advice'
export { type Cleaning, cleaningFor } from './cleaning'
export {
  type Correction,
  correction,
  type Liquid,
  putRight,
  shareTogether,
  type TopUp,
  topUp,
} from './correct'
export {
  brushedVolume,
  coatVolume,
  isBrush,
  LANDS,
  LOSS_PER_FILL,
  lineVolume,
  MARGIN,
  MIX_COATS,
  MIX_TOOLS,
  type MixCoat,
  type MixTool,
  mixVolume,
  WET_FILM_UM,
} from './coverage'
export { DROPS_PER_ML, dropError, roundToDrops, smallestGoodSize } from './drops'
export { DENSITY, densityOf, massOf, volumeOf } from './mass'
export { type Ingredient, type Mix, type MixRequest, mix } from './mix'
export { addedFromShare, exactParts, sayRatio, shareFromAdded, wholeParts } from './ratio'
export { COMPLEXITY, type Shape, shapeArea } from './shapes'
export {
  type PouredTwoPart,
  pouredTwoPart,
  TWO_PART_TOLERANCE,
  type TwoPart,
  type TwoPartAmounts,
  twoPartAmounts,
} from './twoPart'
