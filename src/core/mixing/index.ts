export {
  boxArea,
  COMPLEXITY,
  coatVolume,
  LANDS,
  MARGIN,
  MIX_COATS,
  MIX_TOOLS,
  type MixCoat,
  type MixTool,
  mixVolume,
  WET_FILM_UM,
} from './coverage'
export { DROPS_PER_ML, dropError, roundToDrops, smallestGoodSize } from './drops'
export { type Ingredient, type Mix, type MixRequest, mix } from './mix'
export { addedFromShare, exactParts, sayRatio, shareFromAdded, wholeParts } from './ratio'
