export { limitBreaches } from './limits'
