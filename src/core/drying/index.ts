export {
  type ClockPoint,
  clockMinutes,
  type DryingFilm,
  type Pace,
  referenceMinutes,
} from './clock'
export { dewPoint } from './dewPoint'
export { temperatureFactor } from './factors'
export { type ClimateSeries, progress, reachedAt } from './integral'
export { HOT_AIR_RETARDER, type LimitBreach, limitBreaches } from './limits'
