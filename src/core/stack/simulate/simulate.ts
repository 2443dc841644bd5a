import { RULESET } from '../rules/rules'
import { simulatorOf } from './simulator'

/** The simulation that asks every rule of the handbook. Source: handbook 2.3 to 2.6, 3.2. */
export const { simulate, resume } = simulatorOf(RULESET)
