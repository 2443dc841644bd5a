export { type ColourFilm, colourOver, opticsOf } from './film'
export { CLEAR_HIDING, defaultHiding } from './hiding'
export { curveOf, deltaE00, type Lab, labOf, labOfCurve } from './spectrum'
