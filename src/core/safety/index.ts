export { CAUTIONS, type Caution, cautionsFor, generalCautions } from './cautions'
