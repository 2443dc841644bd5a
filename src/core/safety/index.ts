export { CAUTIONS, type Caution, cautionsFor } from './cautions'
