import type { Pace } from '../../drying/clock'
import type { ClimateSeries } from '../../drying/series'
import type { FilmState } from '../../knowledge/reactions'
import type { ActStep, Step } from '../../model/sequence'
import type { Act, Coat, Family, Sheen } from '../../model/vocabulary'
import type { Draft, RuleName } from '../rules/finding'
import type { RegionId, Regions, Stacks } from '../state/regions'
import type { Since, Stack } from '../state/stack'
import type { BottleAtHand, StepContext } from '../state/stepContext'
import type { TestPieces } from '../state/testPieces'
/** What lies on the part after a step. Minutes from the start. */
export type TimelineEntry = {
  step: number
  from: number
  to: number
  top: Family | null
  state: FilmState | null
  sheen: Sheen | null
}

/** A rule's draft, where it was drafted. `context` is null for what is wrong at the end of the work. */
export type Drafted = {
  step: number
  rule: RuleName
  draft: Draft
  context: StepContext | null
  /** Where it is so, on a part of several regions; left out: on all of it. */
  regions?: readonly RegionId[]
}

/** A wait that was filled in: minutes, why, and what it counts from: a film, a mask, filler, a rub. */
export type FilledWait = { before: number; minutes: number; because: string; since: Since }

/** One step as it was done on a region: when it began, when its coats ended, what lay there before and after. */
export type SimulatedStep = {
  index: number
  region: RegionId
  step: ActStep
  context: StepContext
  ends: number[]
  after: Stack
}

/** A sequence simulated: what the rules drafted, when each step was done, and what lies there in the end. */
export type Simulation = {
  drafts: Drafted[]
  timeline: TimelineEntry[]
  waits: FilledWait[]
  /** In order; a step of several regions stands there for each of them. */
  simulated: SimulatedStep[]
  stacks: Stacks
  series: ClimateSeries
  /** Minutes in all. */
  total: number
  /** How things stood before each step: where the simulation of an edited sequence takes up again. */
  marks: State[]
}

/** When a step was really done, minutes from the start: facts that the simulation follows instead of reckoning. */
export type Fact = { start: number; ends: readonly number[] } | 'skipped'

/** The step of which the first coats are laid, and those coats. */
export type GoesOn = { step: number; coats: readonly Coat[] }

/** What is known beside the sequence. */
export type SimulateOptions = {
  /** What happened already, by index of the step. */
  facts?: ReadonlyMap<number, Fact>
  /** Minute at which the sequence begins; 0 where it is left out. */
  from?: number
  /** Steps that aren't facts begin no sooner than this, minutes from the start. */
  notBefore?: number
  /** Corrections of drying learnt from the log. Source: handbook 3.5. */
  correction?: Corrections
  /** What was seen of films that were laid, by index of the step. */
  paces?: ReadonlyMap<number, Pace>
  /** Steps that lay what is left of another, which is a fact: they go on with its film. */
  goesOn?: ReadonlyMap<Step, GoesOn>
  /** The climate over time where it was logged; otherwise the sequence's own. */
  series?: ClimateSeries
  /** Regions of the part; left out: it is one. */
  regions?: Regions
  /** Bottles at hand. */
  shelf?: readonly BottleAtHand[]
  /** Pairs of film and solvent that the log knows; left out: there is no log to ask. */
  usedPairs?: ReadonlySet<string>
  testPieces?: TestPieces
  /** Acts that the modeller is new at. */
  newAt?: ReadonlySet<Act>
  /** Of the surface, cm²; left out: nobody says. */
  areaCm2?: number
}

/** The modeller's own factor on the drying of what a step lays. */
export type Corrections = (family: Family, step: ActStep) => number

/** How things stand between two steps. Minutes from the start. */
export type State = { at: number; stacks: Stacks; series: ClimateSeries }
