import type { ActStep } from '../../model/sequence'
import type { SchoolQuestion, Sheen } from '../../model/vocabulary'
import type { FaultId } from '../faults'
import type { Stage } from '../stages'

/** The headings of the handbook's chapter of techniques, in its order. */
export const TECHNIQUE_GROUPS = [
  'Preparation and priming',
  'Colour and masking',
  'Clear coats, decals, polishing',
  'Panel lining and washes',
  'Chipping',
  'Rust, patina, heat',
  'Streaks, stains, dust, mud, powders',
  'Finish and handling',
] as const

/** The shelf of the library that a technique stands on. */
export type TechniqueGroup = (typeof TECHNIQUE_GROUPS)[number]

/**
 * Where a step of a technique goes in the order of work: `here` at the technique's own stage, `under-colour` before the
 * newest whole colour (release, salt, latex), `over-colour` right behind it.
 */
export type TechniquePlace = 'here' | 'under-colour' | 'over-colour'

/** A step that a technique brings, where in the part it goes, and when it is left out. */
export type TechniqueStep = {
  step: ActStep
  at?: TechniquePlace
  /** A wait that the handbook asks for before it and no rule reckons. Source: handbook 3.4, 6. */
  wait?: string
  /** The wait or window in words, for reading; the planner reckons the real one. */
  window?: string
}

/** How a way of chipping compares: 1 little to 5 much. */
export type Comparison = { control: number; randomness: number; topCoat: string; goesWrong: string }

/** An entry of the library. Source: handbook 6. */
export type Technique = {
  id: string
  name: string
  group: TechniqueGroup
  /** Stage of the order of work, 1 to 13. Source: handbook 1. */
  stage: Stage
  purpose: string
  /** Surface it wants; left out: any. */
  surface?: readonly Sheen[]
  /** What must protect what is under it, or be true of the part. */
  needs: string
  tools: readonly string[]
  /** Empty: it is a way of looking and holding, and adds no step. */
  steps: readonly TechniqueStep[]
  amounts: string
  lookFor: string
  faults: readonly FaultId[]
  /** Questions of school that it depends on. */
  schools: readonly SchoolQuestion[]
  variants: readonly { name: string; say: string }[]
  /** Real sizes of what it imitates, mm; shown at the build's scale. Source: handbook 10.1. */
  marks?: { what: string; from: number; to: number }
  compare?: Comparison
}

type Draft = Partial<Technique> & Pick<Technique, 'id' | 'name' | 'purpose' | 'tools' | 'lookFor'>

/** The entries of one heading: what they leave out means none. */
export function entries(
  group: TechniqueGroup,
  stage: Stage,
  drafts: readonly Draft[],
): Technique[] {
  return drafts.map((draft) => ({
    stage,
    needs: 'nothing beyond a dry, sound surface',
    steps: [],
    amounts: 'as the step’s mix says',
    faults: [],
    schools: [],
    variants: [],
    ...draft,
    group,
  }))
}
