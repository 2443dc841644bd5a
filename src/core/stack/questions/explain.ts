import type { ClockPoint } from '../../drying/clock'
import { actRow } from '../../knowledge/acts'
import { TOOL_ENERGY } from '../../knowledge/energies'
import { familyRow } from '../../knowledge/families'
import { type Effect, type FilmState, reaction } from '../../knowledge/reactions'
import type { Climate } from '../../model/climate'
import type { ActStep, Sequence } from '../../model/sequence'
import type { Family, Severity, Sheen, Solvent, Substrate } from '../../model/vocabulary'
import type { RuleName } from '../rules/finding'
import { foldings } from '../rules/folding'
import { RULESET } from '../rules/rules'
import { latestRecoat } from '../rules/waits/recoatWindowMissed'
import { laterMinutes } from '../simulate/laterMinutes'
import { judge } from '../simulate/ruleset'
import { simulate } from '../simulate/simulate'
import type { SimulatedStep } from '../simulate/simulation'
import { EPSILON, type Film, filmReaches, filmState } from '../state/film'
import { stackOf } from '../state/regions'
import { atMinute } from '../state/stepContext'
import { type UndoWay, undoMap } from './undoMap'

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
  /** What takes the upper film off again once it is touch-dry, and leaves the lower: with a damp touch, the most usual first. */
  cleansUp: CleanUp[]
  /** Clears that go on what lies there, and bear what comes, to lay between. */
  shields: Family[]
  /** What the solvent does to the bare part. */
  substrate: { rule: RuleName; severity: Severity; because: string }[]
}

/** One way to take the upper film off again. Minutes count from when it was laid. */
export type CleanUp = Omit<UndoWay, 'until'> & {
  /** Only in this state of it; null: as long as one likes. */
  while: FilmState | null
  /** Until when; null: as long as one likes. */
  until: number | null
}

/** What may be said of a pair: the part, its preparation and the bench are left out. */
const FILM_RULES = RULESET.all.filter((rule) => rule.subject === undefined)

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
  const simulated = simulate(sequenceOf([on, put], substrate, climate)).simulated
  const [lower, upper] = simulated as [SimulatedStep, SimulatedStep]
  const film = lower.after.films.at(-1)
  if (!film) throw new RangeError(`explain: "${on.do}" leaves no film`)
  const { context } = upper
  const latest = latestRecoat(film, context.series)
  const closed = latest === null || !Number.isFinite(latest) ? [] : [Math.floor(latest) + 1]
  const later = laterMinutes(atMinute(context, film.end)).map(({ at }) => at)
  const minutes = [film.end, ...later, ...closed].sort((a, b) => a - b)
  const moments = minutes.map((at) => momentOf(film, { ...upper, context: atMinute(context, at) }))
  const calm = moments.find((moment) => moment.worst === null || moment.worst === 'note')
  return {
    on: { family: film.family, name: familyRow(film.family).name },
    put: { family: context.resolved.family, solvent: context.resolved.solvent },
    answer: answerOf(moments),
    from: calm?.after ?? null,
    latest: latest === null ? null : latest - film.end,
    moments,
    cleansUp: cleaning(on, put, substrate, climate, calm?.after ?? null),
    shields: shieldsFor(on, put, context.resolved.solvent, substrate, climate),
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

function momentOf(film: Film, { context }: SimulatedStep): ExplainedMoment {
  const drafts = judge(context, FILM_RULES)
  const heads = foldings(drafts, RULESET)
  const findings = drafts.map(({ rule, draft }, i) => {
    const head = heads[i]?.rule
    const { severity, because } = draft
    return { rule, severity, because, ...(head ? { follows: head } : {}) }
  })
  const point = SHOWN.find((point) => {
    const time = filmReaches(film, point, context.series)
    return time !== null && Math.abs(Math.ceil(time - EPSILON) - context.at) < 1
  })
  return {
    after: context.at - film.end,
    point: point ?? null,
    worst: findings.reduce<Severity | null>(
      (worst, finding) =>
        worst === 'stop' || finding.severity === 'stop'
          ? 'stop'
          : worst === 'risk' || finding.severity === 'risk'
            ? 'risk'
            : 'note',
      null,
    ),
    findings,
  }
}

/** Yes from some minute on; with care where only risks are left; no where every minute stops it. */
function answerOf(moments: readonly ExplainedMoment[]): Explained['answer'] {
  if (moments.some((moment) => moment.worst === null || moment.worst === 'note')) return 'yes'
  return moments.some((moment) => moment.worst === 'risk') ? 'with-care' : 'no'
}

/** The pair laid at its first good minute, and how the upper film comes off when it is touch-dry. */
function cleaning(
  on: ActStep,
  put: ActStep,
  substrate: Substrate,
  climate: Climate,
  from: number | null,
): CleanUp[] {
  if (actRow(put.do, put.family).kind !== 'film') return []
  const wait = { wait: `${Math.ceil(from ?? 7 * 1440)} min` }
  const done = simulate(sequenceOf([on, wait, put], substrate, climate))
  const top = stackOf(done.stacks).films.at(-1)
  if (!top) return []
  const at = filmReaches(top, 'touch', done.series) ?? top.end
  const ways = undoMap(stackOf(done.stacks), at, done.series)?.ways ?? []
  return ways
    .filter(({ touch, effect }) => TOOL_ENERGY[touch].shift === 0 && TAKES_OFF.includes(effect))
    .map(({ until, ...way }) => ({
      ...way,
      while: until === null ? null : filmState(top, at, done.series),
      until: until === null ? null : until - top.end,
    }))
}

/** What takes a film off: re-wet or dissolved. Lifted or wrinkled it is only spoilt. */
const TAKES_OFF: readonly Effect[] = ['r', 'd']

/** Sheens a shield may have: what comes over it asks for one or another. */
const SHIELD_SHEENS: readonly Sheen[] = ['gloss', 'satin', 'matt']

/** Clears that the solvent leaves alone, and that the judge lets lie between the two. */
function shieldsFor(
  on: ActStep,
  put: ActStep,
  solvent: Solvent | null,
  substrate: Substrate,
  climate: Climate,
): Family[] {
  // What is to be opened again is buried under no clear.
  if (!solvent || actRow(on.do, on.family).role === 'release') return []
  const isGood = (family: Family) =>
    SHIELD_SHEENS.some((sheen) => {
      const clear: ActStep = { do: 'clear', family, sheen, coats: ['mist', 'light'] }
      const steps = sequenceOf([on, clear, put], substrate, climate)
      const { drafts } = simulate({ ...steps, waits: 'auto' })
      return drafts.every(({ step, rule, draft }) => {
        const asked = RULESET.byName.get(rule)?.subject === undefined
        return step === 0 || !asked || draft.severity === 'note'
      })
    })
  return SHIELDS.filter((family) => reaction(family, 'set', solvent) === '-' && isGood(family))
}

function onBare(put: ActStep, substrate: Substrate, climate: Climate): Explained['substrate'] {
  return simulate(sequenceOf([put], substrate, climate))
    .drafts.filter((draft) => RULESET.byName.get(draft.rule)?.subject === 'substrate')
    .map(({ rule, draft }) => ({ rule, severity: draft.severity, because: draft.because }))
}
