import type { LimitBreach } from '../../drying/limits'
import type { ClimateSeries } from '../../drying/series'
import type { Climate } from '../../model/climate'
import type { ActStep, Product, School, Sequence, Step } from '../../model/sequence'
import type { Act, Family, Role, Sheen, Solvent, Substrate } from '../../model/vocabulary'
import type { Film } from './film'
import type { RegionId } from './regions'
import type { ResolvedStep } from './resolvedStep'
import type { FilmEffect } from './solventEffects'
import type { Stack } from './stack'
import type { TestPieces } from './testPieces'

/** A step about to be done on a stack at a minute: what every rule judges. */
export type StepContext = {
  /** Before the step. */
  stack: Stack
  /** Index in `steps` as given. */
  index: number
  /** The region of the part that it is judged on. */
  region: RegionId
  step: ActStep
  resolved: ResolvedStep
  /** Minute at which the step would begin. */
  at: number
  series: ClimateSeries
  climate: Climate
  /** Films that the act works on: they are not at fault for moving. Source: handbook 2.3, films meant to move. */
  targets: ReadonlySet<Film>
  /** The newest of the targets. */
  target: Film | null
  setting: Setting
  /** The film that its first coats laid already, where it only goes on with it; null: it begins one. */
  goesOn: Film | null
  /** What several rules ask of this minute, reckoned once; a copy for another minute gets its own. */
  memo: ContextMemo
}

/** What was reckoned once for a step and is asked by several rules. */
export type ContextMemo = { effects?: readonly FilmEffect[]; breaches?: readonly LimitBreach[] }

/** The same step at another minute. */
export function atMinute(context: StepContext, at: number): StepContext {
  return { ...context, at, memo: {} }
}

/** What a sequence says of itself beside its steps. */
export type Setting = {
  substrate: Substrate
  use: 'display' | 'handled'
  school: School
  climate: Climate
  steps: readonly Step[]
  /** The same, with a pause for each that isn’t done on this region: what rules look for before and after. */
  here: readonly Step[]
  sequence: Sequence
  /** Bottles at hand, offered as ways out; empty where none are known. */
  shelf: readonly BottleAtHand[]
  /** Pairs of film and solvent that the log knows, as `pairKey`; null: there is no log to ask. */
  usedPairs: ReadonlySet<string> | null
  testPieces: TestPieces
  /** Acts that the modeller is new at. */
  newAt: ReadonlySet<Act>
  areaCm2: number | null
}

/** What a way out needs to know of a bottle. */
export type BottleAtHand = {
  id?: string | undefined
  name: string
  family: Family
  role: Role
  sheen?: Sheen | undefined
  colour?: string | undefined
  product?: Product | undefined
  /** Left of its own paint after it was thinned, and whether it is used as it comes. */
  share?: number | undefined
  workingStrength?: boolean | undefined
  /** What its swatch card says, where one was made. */
  undertone?: string | undefined
  hiding?: number | undefined
  /** The colour that it wants under it. */
  undercoat?: string | undefined
}

/** A film and the solvent put on it, as one key. */
export function pairKey(film: Family, solvent: Solvent): string {
  return `${film} ${solvent}`
}
