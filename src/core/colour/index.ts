export { isReadyMade, paintIn, paintLaid } from './bottled'
export { CHIP_DEEP, CHIP_DEEP_SHARE, CHIP_LIGHTER, chipColours } from './chips'
export {
  type Cast,
  type Covering,
  coverWith,
  rankUndercoats,
  SHADE_GONE,
  SHADE_SHOWS,
  shadeLeft,
} from './cover'
export { lightened, offWhites, SCALE_EFFECT } from './lighten'
export { match, portionsOf, type Recipe } from './match/match'
export type { MatchBottle } from './match/palette'
export { mixColour, mixOptics } from './mixture'
export { groundOf } from './optics'
export {
  colourOfLight,
  levelOf,
  levelOfLightness,
  patchColour,
  patchLight,
  patchUnsure,
  type WhiteBalance,
  whiteBalance,
} from './picture'
export { colourSaid, isColourWord } from './saidColour'
export { underSheen } from './sheen'
export { deltaE00, hexOf, type Lab, labOf } from './spectrum'
export { fitHiding, type SwatchFit } from './swatch'
export { thicknessOf } from './thickness'
export { interleaved, type Variety, varietyOf } from './variety'
export { faceFor, nearestPass, type Veil, type VeilStep, veilSteps } from './veils'
