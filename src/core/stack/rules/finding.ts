import type { ClimateSeries } from '../../drying/series'
import type { FilmState } from '../../knowledge/reactions'
import type { ActStep, Sequence, Step } from '../../model/sequence'
import type { Act, Family, Severity, Substrate } from '../../model/vocabulary'
import type { RegionId } from '../state/regions'
import type { Stack } from '../state/stack'
import type { StepContext } from '../state/stepContext'

/** Every rule that can speak so far. Source: handbook 2.6. */
export const RULE_NAMES = [
  'solvent-attacks-film',
  'solvent-attacks-substrate',
  'recoat-too-early',
  'recoat-window-missed',
  'hard-over-soft',
  'clean-too-early',
  'clean-too-late',
  'tape-too-early',
  'mask-too-early',
  'unmask-too-early',
  'unmask-late',
  'mask-left-on',
  'nothing-to-take-off',
  'flow-needs-gloss',
  'tooth-needed',
  'decal-needs-gloss',
  'decal-hot-clear',
  'seal-first',
  'lock-first',
  'no-release-under',
  'release-needs-thin-water-friendly-top',
  'chip-window',
  'undercoat-not-fast',
  'needs-primer',
  'needs-degrease',
  'needs-etch',
  'never-cures',
  'sand-too-early',
  'polish-too-early',
  'handled-too-early',
  'clear-too-thin-to-polish',
  'mirror-needs-gloss-black',
  'clear-kills-metal',
  'clear-colour-needs-bright-base',
  'powder-loose',
  'clear-eats-powder',
  'matt-hides-effect',
  'buried-preshade',
  'thin-paint-coats',
  'too-cold',
  'too-damp',
  'too-hot',
  'pot-life',
  'fogs-clear-part',
  'tide-mark-risk',
  'salt-not-dry',
  'salt-residue',
  'unsealed-chips',
  'decal-moisture',
  'decal-bubble-check',
  'softener-too-strong',
  'rust-still-growing',
  'wear-through',
  'lines-will-close',
  'tight-fit',
  'edge-rub-through',
  'drill-after-paint',
  'joined-already',
  'fit-check-missing',
  'clear-part-outside',
  'scrap-test-first',
  'turned-while-wet',
  'additive-cap',
  'contrast-invisible',
  'contrast-stark',
  'against-gravity',
  'marks-too-big',
  'filler-curing',
  'degrease-expired',
  'grit-skipped',
  'ppe',
] as const

/** A rule by its name in findings. Source: docs/formats.md. */
export type RuleName = (typeof RULE_NAMES)[number]

/** One change of a sequence, with indices into `steps` as given. Source: docs/formats.md. */
export type SequenceEdit =
  | { insert: { before: number; step: Step } | { before: number; steps: Step[] } }
  | { replace: { step: number; with: Step } }
  | { remove: { step: number } }
  | { move: { step: number; before: number } }
  | { set: Partial<Sequence> }

/**
 * What a way out costs, cheapest first: a wait that takes no further session, another solvent, another coat weight, a
 * gentler tool, another order or a step of preparation, a longer wait, a shield coat, another bottle, going without.
 */
export const REMEDY_KINDS = [
  'wait',
  'solvent',
  'coat',
  'tool',
  'order',
  'long-wait',
  'shield',
  'bottle',
  'leave-out',
] as const

/** The effort a way out asks for, least first. */
export type RemedyKind = (typeof REMEDY_KINDS)[number]

/** A way out: what to say, what kind of effort it is, and the edit that does it. */
export type Remedy = { say: string; kind: RemedyKind; edit: SequenceEdit }

/** What a finding is about: a film in its state, the bare substrate, or a mask. */
export type FindingOn = {
  film?: Family
  state?: FilmState
  substrate?: Substrate
  mask?: Act
}

/** Rules that look at a part as a thing: its zones, spots, holder and joints. Source: handbook 2.6, second table, 12. */
export const PART_RULES = [
  'zone-forgotten',
  'open-defects',
  'out-of-reach',
  'mount-too-weak',
  'held-on-wet',
] as const

/** A rule that looks at a part as a thing. */
export type PartRuleName = (typeof PART_RULES)[number]

/** Rules that look at a whole build: its sides, its scale, its parts as things. Source: handbook 2.6, second table. */
export const BUILD_RULES = ['left-right', 'scale-mismatch', ...PART_RULES] as const

/** A rule that looks at a whole build. */
export type BuildRule = (typeof BUILD_RULES)[number]

/** What may be wrong at one step. */
export type Finding = {
  /** Index in `steps`. */
  step: number
  rule: RuleName
  severity: Severity
  /** One plain sentence with the numbers. */
  because: string
  on: FindingOn
  /** Where it is so, on a part of several regions; left out: wherever the step is done. */
  regions?: readonly RegionId[]
  /** The finding that it only follows from: one mistake, one message. Left out: it stands for itself. */
  follows?: { step: number; rule: RuleName }
  remedies: Remedy[]
}

/** A finding as a rule drafts it: the ways out are candidates until they have been tried. */
export type Draft = {
  severity: Severity
  because: string
  on: FindingOn
  /** Ways out that the rule itself knows, best first; waits and leaving out are added for every rule. */
  candidates?: () => Remedy[]
  /** It can't be over before this minute, however long one waits: earlier minutes needn't be tried. */
  until?: number | null
  /** These ways can't fail and needn't be tried. */
  certain?: boolean
}

/** What a rule drafts of one step: nothing, one finding, or one for each thing that is wrong. */
export type Drafts = Draft | readonly Draft[] | null

/** Mistakes that several rules speak of when they speak of the same film at the same step: one cause, one message. */
export const CAUSES = [
  'unsettled',
  'metal-clear',
  'decal-clear',
  'unbonded',
  'open-chips',
  'tape',
  'thin-clear',
] as const

/** What a finding is about, so that one mistake is told once. */
export type Cause = (typeof CAUSES)[number]

/**
 * One rule of handbook 2.6: a pure question about a step in its context, in a file of its own. What others need to know of it is a
 * column here, never a list of names elsewhere.
 */
export type Rule = {
  name: RuleName
  /** Waiting longer can end it: automatic waits and the wait remedy ask it again at later minutes. */
  timing: boolean
  /** What it speaks of where that is no film: the bare part, its preparation, a trial piece, the person. */
  subject?: 'substrate' | 'preparation' | 'trial' | 'caution'
  /** Its notes are worth a wait by themselves: those of the others are a matter of taste. */
  worthWaiting?: true
  /** It asks for a stage under what a technique brings: its way out is laid with the technique. Source: handbook 1, 2.5. */
  asksStage?: true
  /** Causes that it may share with other rules at one step, and its place among them: the first is told. Source: handbook 2.6. */
  causes?: Partial<Record<Cause, number>>
  /** It speaks of the face that several steps go on: told at the first of them, with the others. Source: handbook 2.6. */
  ofFace?: true
  /** Of a clean-up: the rule whose finding at the laying of what is cleaned up it follows from. Source: handbook 2.6. */
  followsAtCleanUp?: RuleName
  /** It is asked of every coat, also of one that goes on with a film. */
  eachCoat?: true
  /** Steps at which it reads steps after its own: asked again there when only later steps have changed. */
  looksAhead?: (context: StepContext) => boolean
  judge: (context: StepContext) => Drafts
  /** What is wrong once the last step is done. */
  judgeEnd?: (end: EndOfWork) => Drafts
}

/** What a rule sees when all steps are over. */
export type EndOfWork = {
  stack: Stack
  lastAct: number
  lastStep: ActStep
  at: number
  series: ClimateSeries
  use: 'display' | 'handled'
}

const GRADE = { stop: 0, risk: 1, note: 2 } as const satisfies Record<Severity, number>

/** Is the first severity worse than the second? */
export function worse(a: Severity, b: Severity): boolean {
  return GRADE[a] < GRADE[b]
}

/** One finding a step and rule, naming the worst film: the worst draft, the first among equals. */
export function worstDraft(drafts: readonly (Draft | null)[]): Draft | null {
  let found: Draft | null = null
  for (const draft of drafts)
    if (draft && (!found || worse(draft.severity, found.severity))) found = draft
  return found
}
