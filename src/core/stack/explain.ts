import type { ClockPoint } from '../drying'
import { actRow, familyRow, reaction } from '../materials'
import type { Climate } from '../model/climate'
import type { ActStep, Sequence } from '../model/sequence'
import type { Family, Severity, Solvent, Substrate } from '../model/vocabulary'
import { EPSILON, type Film, filmReaches } from './film'
import type { RuleName } from './finding'
import { foldings } from './fold'
import { atMinute } from './moment'
import { latestRecoat } from './rules/recoatWindowMissed'
import { type UndoMap, undoMap } from './undoMap'
import { judge, laterMinutes, type Walked, walk } from './walk'

/** What is said of laying one film on another at a moment. */
export type ExplainedMoment = {
  /** Minutes after the last coat of what is under. */
  after: number
  /** The point of its clock that this is; null: an ordinary minute. */
  point: 'flash' | 'touch' | 'recoat' | 'cured' | null
  worst: Severity | null
  findings: { rule: RuleName; severity: Severity; because: string; follows?: RuleName }[]
}

/** May one film go on another, when, and how? Minutes count from the last coat of what is under. */
export type Explained = {
  /** As it is laid: the films that the two acts make. */
  on: { family: Family; name: string }
  put: { family: Family | null; solvent: Solvent | null }
  answer: 'yes' | 'with-care' | 'no'
  /** The first minute with neither stop nor risk; null: there is none. */
  from: number | null
  /** The last minute at which it keys without a scuff; null: whenever. */
  latest: number | null
  moments: ExplainedMoment[]
  /** What takes the upper film off again once it is touch-dry, and leaves the lower. */
  cleansUp: UndoMap | null
  /** Clears that the solvent leaves alone, to lay between. */
  shields: Family[]
  /** What the solvent does to the bare part. */
  substrate: { rule: RuleName; severity: Severity; because: string }[]
}

/** What may be said of a pair: the part, its preparation and the bench are left out. */
const OF_THE_PART: readonly RuleName[] = [
  'needs-primer',
  'needs-degrease',
  'needs-etch',
  'never-cures',
  'solvent-attacks-substrate',
  'degrease-expired',
  'scrap-test-first',
  'ppe',
]

const BARE_RULES: readonly RuleName[] = [
  'solvent-attacks-substrate',
  'never-cures',
  'needs-primer',
  'needs-etch',
]

const SHIELDS: readonly Family[] = ['lacquer', 'alcohol-acrylic', 'acrylic-pu', 'water-acrylic']

const SHOWN = ['flash', 'touch', 'recoat', 'cured'] as const satisfies readonly ClockPoint[]

/**
 * The matrix read for one pair: the two acts are walked, and the second is judged at every minute at which something
 * about the first changes.
 *
 * @param on the act that lays what is under
 * @param put the act that comes over it
 * @throws RangeError if an act must say its family and doesn't
 * Source: handbook 2.3 to 2.6, 3.1.
 */
export function explain(
  on: ActStep,
  put: ActStep,
  substrate: Substrate,
  climate: Climate,
): Explained {
  const walked = walk(sequenceOf([on, put], substrate, climate)).walked
  const [lower, upper] = walked as [Walked, Walked]
  const film = lower.after.films.at(-1)
  if (!film) throw new RangeError(`explain: "${on.do}" leaves no film`)
  const { moment } = upper
  const latest = latestRecoat(film, moment.series)
  const closed = latest === null || !Number.isFinite(latest) ? [] : [Math.floor(latest) + 1]
  const later = laterMinutes(atMinute(moment, film.end)).map(({ at }) => at)
  const minutes = [film.end, ...later, ...closed].sort((a, b) => a - b)
  const moments = minutes.map((at) => momentOf(film, { ...upper, moment: atMinute(moment, at) }))
  const calm = moments.find((one) => one.worst === null || one.worst === 'note')
  return {
    on: { family: film.family, name: familyRow(film.family).name },
    put: { family: moment.work.family, solvent: moment.work.solvent },
    answer: answerOf(moments),
    from: calm?.after ?? null,
    latest: latest === null ? null : latest - film.end,
    moments,
    cleansUp: cleaning(on, put, substrate, climate, calm?.after ?? null),
    shields: shieldsFor(moment.work.solvent),
    substrate: onBare(put, substrate, climate),
  }
}

function sequenceOf(steps: Sequence['steps'], substrate: Substrate, climate: Climate): Sequence {
  return {
    format: 'tectoria-sequence',
    version: 1,
    substrate,
    waits: 'as-written',
    climate,
    steps,
  }
}

function momentOf(film: Film, { moment }: Walked): ExplainedMoment {
  const drafts = judge(moment).filter((one) => !OF_THE_PART.includes(one.rule))
  const heads = foldings(drafts)
  const findings = drafts.map(({ rule, draft }, i) => {
    const head = heads[i]?.rule
    const { severity, because } = draft
    return { rule, severity, because, ...(head ? { follows: head } : {}) }
  })
  const point = SHOWN.find((one) => {
    const time = filmReaches(film, one, moment.series)
    return time !== null && Math.abs(Math.ceil(time - EPSILON) - moment.at) < 1
  })
  return {
    after: moment.at - film.end,
    point: point ?? null,
    worst: findings.reduce<Severity | null>(
      (worst, one) =>
        worst === 'stop' || one.severity === 'stop'
          ? 'stop'
          : worst === 'risk' || one.severity === 'risk'
            ? 'risk'
            : 'note',
      null,
    ),
    findings,
  }
}

/** Yes from some minute on; with care where only risks are left; no where every minute stops it. */
function answerOf(moments: readonly ExplainedMoment[]): Explained['answer'] {
  if (moments.some((one) => one.worst === null || one.worst === 'note')) return 'yes'
  return moments.some((one) => one.worst === 'risk') ? 'with-care' : 'no'
}

/** The pair laid at its first good minute, and how the upper film comes off when it is touch-dry. */
function cleaning(
  on: ActStep,
  put: ActStep,
  substrate: Substrate,
  climate: Climate,
  from: number | null,
): UndoMap | null {
  if (actRow(put.do, put.family).kind !== 'film') return null
  const wait = { wait: `${Math.ceil(from ?? 7 * 1440)} min` }
  const done = walk(sequenceOf([on, wait, put], substrate, climate))
  const top = done.stack.films.at(-1)
  if (!top) return null
  const touch = filmReaches(top, 'touch', done.series)
  return undoMap(done.stack, touch ?? top.end, done.series)
}

function shieldsFor(solvent: Solvent | null): Family[] {
  if (!solvent) return []
  return SHIELDS.filter((family) => reaction(family, 'set', solvent) === '-')
}

function onBare(put: ActStep, substrate: Substrate, climate: Climate): Explained['substrate'] {
  return walk(sequenceOf([put], substrate, climate))
    .drafts.filter((one) => BARE_RULES.includes(one.rule))
    .map(({ rule, draft }) => ({ rule, severity: draft.severity, because: draft.because }))
}
