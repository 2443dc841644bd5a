import type { ClimateSeries } from '../drying'
import type { Climate } from '../model/climate'
import type { ActStep, School, Sequence, Step } from '../model/sequence'
import type { Substrate } from '../model/vocabulary'
import type { Film } from './film'
import type { Stack } from './stack'
import type { Work } from './work'

/** A step about to be done on a stack at a minute: what every rule judges. */
export type Moment = {
  /** Before the step. */
  stack: Stack
  /** Index in `steps` as given. */
  index: number
  step: ActStep
  work: Work
  /** Minute at which the step would begin. */
  at: number
  series: ClimateSeries
  climate: Climate
  /** Films that the act works on: they are not at fault for moving. Source: handbook 2.3, films meant to move. */
  targets: ReadonlySet<Film>
  /** The newest of the targets. */
  target: Film | null
  setting: Setting
}

/** What a sequence says of itself beside its steps. */
export type Setting = {
  substrate: Substrate
  use: 'display' | 'handled'
  school: School
  climate: Climate
  steps: readonly Step[]
  sequence: Sequence
}
