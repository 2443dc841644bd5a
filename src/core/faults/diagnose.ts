import type { FaultId } from '../knowledge/faults'
import { capital } from '../model/capital'
import { FAULTS } from './causes'
import type { EvidenceId, FaultCause, Weighed } from './causes/fault'
import { type History, newestOf } from './history'
import { type EvidenceFrom, type Seen, UNKNOWN } from './look'
import { LOOKS, type LookId } from './looks'
import { QUESTIONS, type QuestionId } from './questions'

/** What a piece of evidence was worth: the factor by which it made a cause likelier. */
export type Evidence = { id: EvidenceId; say: string; from: EvidenceFrom; ratio: number }

/** A cause with its share of what may have happened. */
export type RankedCause = {
  id: string
  say: string
  probability: number
  evidence: Evidence[]
  next: string
}

/** What may have happened, likeliest first; and what to ask next, null: nothing would change much. */
export type Diagnosis = {
  causes: RankedCause[]
  ask: { id: QuestionId; say: string } | null
  /** Nothing was known: these are the usual shares. */
  usual: boolean
}

/** What was answered, by question. */
export type Answers = Readonly<Record<string, boolean>>

/** How often a cause turned out to be the one, on this bench. */
export type CauseCounts = (cause: string) => number

/** The priors count like so many cases of this bench. Source: handbook 13.4, Beta counts. */
const PRIOR_CASES = 10
/** At most so many questions, and none that moves the first cause by less. Source: handbook 13.4; docs/formats.md. */
const MOST_QUESTIONS = 5
const WORTH_ASKING = 0.1
/** How often a thing that is asked is so where its cause isn't at work, and at the most where it is. */
const BY_CHANCE = 0.15
const ALMOST_ALWAYS = 0.95

const NOBODY: CauseCounts = () => 0

/**
 * Why something went wrong: causes by what plan, log, air and part know, and by what was answered.
 *
 * @param answers to questions asked before
 * @param learnt how often each cause turned out to be the one on this bench
 * @returns shares that add up to 1
 * Source: handbook 8, 13.4.
 */
export function diagnose(
  fault: FaultId,
  history: History,
  answers: Answers = {},
  learnt: CauseCounts = NOBODY,
): Diagnosis {
  const { causes } = FAULTS[fault]
  const priors = priorsOf(causes, learnt)
  const seen = looked(fault, history, answers)
  const known = (id: EvidenceId): boolean | null => seen(id).is
  const shares = sharesOf(causes, priors, known)
  const ranked = causes.map((cause, i): RankedCause => {
    const { id, say, next } = cause
    return { id, say, next, probability: shares[i] as number, evidence: evidenceOf(cause, seen) }
  })
  return {
    causes: ranked.sort((a, b) => b.probability - a.probability),
    ask: questionFor(causes, priors, known, answers),
    usual: ranked.every(({ evidence }) => evidence.length === 0),
  }
}

function priorsOf(causes: readonly FaultCause[], learnt: CauseCounts): number[] {
  const sum = causes.reduce((all, { prior }) => all + prior, 0)
  const cases = causes.reduce((all, { id }) => all + learnt(id), 0)
  return causes.map(
    ({ id, prior }) => ((prior / sum) * PRIOR_CASES + learnt(id)) / (PRIOR_CASES + cases),
  )
}

/** What is known of each piece of evidence, looked up once. */
function looked(
  fault: FaultId,
  history: History,
  answers: Answers,
): (id: EvidenceId) => Seen & { from: EvidenceFrom } {
  const subject = newestOf(history, FAULTS[fault].on)
  const known = new Map<EvidenceId, Seen & { from: EvidenceFrom }>()
  return (id) => {
    const before = known.get(id)
    if (before) return before
    const own = isLook(id)
      ? { from: LOOKS[id].from, ...LOOKS[id].see(history, subject) }
      : answered(id, answers)
    known.set(id, own)
    return own
  }
}

function isLook(id: EvidenceId): id is LookId {
  return id in LOOKS
}

function answered(id: QuestionId, answers: Answers): Seen & { from: EvidenceFrom } {
  const is = answers[id]
  if (is === undefined) return { ...UNKNOWN, from: 'answer' }
  return { is, say: `${QUESTIONS[id]} ${is ? 'Yes' : 'No'}`, from: 'answer' }
}

/** The factor of a piece of evidence; 1 where nobody knows. */
function factorOf([, ratio, ifFalse]: Weighed, is: boolean | null): number {
  if (is === null) return 1
  return is ? ratio : (ifFalse ?? 1 / ratio)
}

function sharesOf(
  causes: readonly FaultCause[],
  priors: readonly number[],
  known: (id: EvidenceId) => boolean | null,
): number[] {
  const weights = causes.map(({ evidence }, i) =>
    evidence.reduce((all, one) => all * factorOf(one, known(one[0])), priors[i] as number),
  )
  const sum = weights.reduce((all, one) => all + one, 0)
  return weights.map((one) => one / sum)
}

function evidenceOf(
  cause: FaultCause,
  seen: (id: EvidenceId) => Seen & { from: EvidenceFrom },
): Evidence[] {
  return cause.evidence
    .flatMap((one): Evidence[] => {
      const { is, say, from } = seen(one[0])
      return is === null ? [] : [{ id: one[0], say: capital(say), from, ratio: factorOf(one, is) }]
    })
    .sort((a, b) => Math.abs(Math.log(b.ratio)) - Math.abs(Math.log(a.ratio)))
}

/** How often the answer is yes where a cause is at work. */
function yesWhere({ evidence }: FaultCause, id: QuestionId): number {
  const own = evidence.find(([other]) => other === id)
  if (!own) return BY_CHANCE
  return Math.min(ALMOST_ALWAYS, BY_CHANCE * own[1])
}

const entropy = (shares: readonly number[]) =>
  shares.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0)

/** The question that tells most apart, of those whose answer would move the first cause. Source: handbook 13.4. */
function questionFor(
  causes: readonly FaultCause[],
  priors: readonly number[],
  known: (id: EvidenceId) => boolean | null,
  answers: Answers,
): Diagnosis['ask'] {
  const ids = new Set(
    causes.flatMap(({ evidence }) => evidence.flatMap(([id]) => (isLook(id) ? [] : [id]))),
  )
  if ([...ids].filter((id) => id in answers).length >= MOST_QUESTIONS) return null
  const now = sharesOf(causes, priors, known)
  const first = now.indexOf(Math.max(...now))
  let best: { id: QuestionId; left: number } | null = null
  for (const id of ids) {
    if (id in answers) continue
    const [yes, no] = [true, false].map((is) =>
      sharesOf(causes, priors, (other) => (other === id ? is : known(other))),
    ) as [number[], number[]]
    const moves = [yes, no].map((then) =>
      Math.abs((then[first] as number) - (now[first] as number)),
    )
    if (Math.max(...moves) <= WORTH_ASKING) continue
    const chance = causes.reduce(
      (sum, cause, i) => sum + (now[i] as number) * yesWhere(cause, id),
      0,
    )
    const left = chance * entropy(yes) + (1 - chance) * entropy(no)
    if (!best || left < best.left) best = { id, left }
  }
  return best && { id: best.id, say: QUESTIONS[best.id] }
}
