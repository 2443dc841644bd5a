export { GUIDE, type Guide } from './guide'
export { STARTERS, type Starter } from './starters'
