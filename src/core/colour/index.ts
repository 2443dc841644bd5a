export { CHIP_DEEP, CHIP_DEEP_SHARE, CHIP_LIGHTER, chipColours } from './chips'
export {
  type Cast,
  type Covering,
  castOf,
  cover,
  coverWith,
  rankUndercoats,
  SHADE_GONE,
  SHADE_SHOWS,
  type ShadeLeft,
  shadeLeft,
  type Undercoat,
} from './cover'
export { type ColourFilm, colourOver, stackOver, thicknessOf } from './film'
export { CLEAR_HIDING, defaultHiding } from './hiding'
export {
  LIGHT_NEUTRAL,
  lightened,
  OFF_WHITE_SHARES,
  type OffWhite,
  offWhites,
  SCALE_EFFECT,
  scaleEffectShare,
} from './lighten'
export { blend, match, portionsOf, type Recipe } from './match/match'
export type { MatchBottle } from './match/palette'
export type { SearchOptions } from './match/search'
export { mixColour, mixOptics, type Portion } from './mixture'
export {
  groundOf,
  labInside,
  layer,
  type Optics,
  opaque,
  opticsOf,
  outside,
  type Paint,
} from './optics'
export {
  colourOfLight,
  type Light,
  patchLight,
  patchUnsure,
  type WhiteBalance,
  whiteBalance,
} from './picture'
export { surfaceReflection, underSheen } from './sheen'
export { type Curve, curveOf, deltaE00, hexOf, type Lab, labOf, labOfCurve } from './spectrum'
export { fitHiding, type SeenSwatch, type SwatchFit } from './swatch'
export {
  interleaved,
  SPREAD_LIVELY,
  TOLD_APART,
  type Tone,
  type Variety,
  varietyOf,
} from './variety'
export {
  type FaceFor,
  faceFor,
  nearestPass,
  type Veil,
  type VeilStep,
  veilSteps,
} from './veils'
