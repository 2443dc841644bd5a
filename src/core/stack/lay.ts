import { clockMinutes } from '../drying'
import { ACT_MINUTES, CUT_MICRONS, SATIN_GRIT } from '../materials'
import type { Climate } from '../model/climate'
import { minutesOf } from '../model/fields'
import type { ActStep } from '../model/sequence'
import type { Sheen } from '../model/vocabulary'
import { type Film, newClock } from './film'
import type { Moment } from './moment'
import { newestRelease, type Stack } from './stack'
import { readsAs, type Work } from './work'

/**
 * When each coat of a step ends, minutes from its beginning: without a `gap` the flash time is kept between coats.
 * An act that lays no coats has the one end.
 */
export function coatEnds(step: ActStep, work: Work, climate: Climate): readonly number[] {
  const known = endsKnown.get(work)
  if (known && known.step === step && known.climate === climate) return known.ends
  const ends = endsOf(step, work, climate)
  endsKnown.set(work, { step, climate, ends })
  return ends
}

const endsKnown = new WeakMap<Work, { step: ActStep; climate: Climate; ends: readonly number[] }>()

function endsOf(step: ActStep, work: Work, climate: Climate): number[] {
  const minutes = step.minutes ?? ACT_MINUTES
  if (!work.drying || work.row.kind !== 'film') return [minutes]
  const ends: number[] = []
  let at = 0
  work.coats.forEach((_, i) => {
    if (i > 0) at += gapAfter(step, work, climate, i)
    at += minutes
    ends.push(at)
  })
  return ends
}

/** The flash time of the film as it is after so many coats, minutes. */
export function flashAfter(work: Work, climate: Climate, coats: number): number {
  if (!work.drying) return 0
  const film = { ...work.drying, coats: work.coats.slice(0, coats) }
  return clockMinutes(film, 'flash', climate) ?? 0
}

/** The gap that is kept after so many coats: as written, else the flash time. */
export function gapAfter(step: ActStep, work: Work, climate: Climate, coats: number): number {
  return step.gap === undefined ? flashAfter(work, climate, coats) : minutesOf(step.gap)
}

/** The stack after a step, and the minute at which it ended. */
export function lay(moment: Moment, ends?: readonly number[]): { stack: Stack; end: number } {
  const { stack, step, work, at, climate, index } = moment
  const last = (ends ?? coatEnds(step, work, climate).map((end) => at + end)).at(-1) ?? at
  return { stack: after(stack, moment, last, index), end: last }
}

function after(stack: Stack, moment: Moment, end: number, index: number): Stack {
  const { step, work, at } = moment
  switch (work.row.kind) {
    case 'prep':
      return prepared(stack, step, end, index)
    case 'level':
      return {
        ...stack,
        sheen: levelledSheen(step),
        clearCoats: 0,
        levelled: true,
        cutMicrons: stack.cutMicrons + cutBy(step),
        grit: step.grit ?? stack.grit,
        touchedAt: end,
      }
    case 'mask':
      return { ...stack, masks: [...stack.masks, { step: index, act: step.do, at: end }] }
    case 'unmask':
      return unmasked(stack, moment, end)
    case 'open':
      return opened(stack, end)
    case 'clean':
      return cleaned(stack, moment, end)
    case 'handle':
      return { ...stack, touchedAt: end }
    case 'film': {
      const film = newFilm(moment, at, end)
      return film ? covered(stack, film) : stack
    }
  }
}

/** What one levelling takes off a face, µm. Source: docs/handbook, chapter 6. */
export function cutBy(step: ActStep): number {
  return step.do === 'compound' ? CUT_MICRONS.compound : CUT_MICRONS.cut
}

/** A new film on top; a whole one seals what was open, and a whole clear holds powder. */
function covered(stack: Stack, film: Film): Stack {
  const whole = film.coverage === 'whole'
  const clear = film.role === 'clear'
  const films = whole && clear && stack.films.some(isLoose) ? stack.films.map(held) : stack.films
  return {
    ...stack,
    films: [...films, film],
    sheen: whole ? film.sheen : stack.sheen,
    clearCoats: clear ? stack.clearCoats + film.coats.length : stack.clearCoats,
    levelled: clear ? false : stack.levelled,
    grit: null,
    filled: null,
    rubs: whole ? [] : stack.rubs,
    chippedAt: whole ? null : stack.chippedAt,
    salty: whole ? false : stack.salty,
  }
}

function isLoose(film: Film): boolean {
  return film.loose
}

function held(film: Film): Film {
  return film.loose ? { ...film, loose: false } : film
}

function newFilm(moment: Moment, start: number, end: number): Film | null {
  const { step, work, index } = moment
  if (!work.family || !work.role || !work.drying) return null
  return {
    step: index,
    act: step.do,
    family: work.family,
    reads: readsAs(work.family, work.solvent),
    role: work.role,
    coverage: work.coverage,
    coats: work.coats,
    tool: work.tool,
    solvent: work.solvent,
    start,
    end,
    sheen: work.sheen,
    colour: step.colour ?? null,
    weathering: work.row.weathering,
    effect: work.row.effect,
    loose: step.do === 'powder',
    keyedAt: null,
    activated: null,
    drying: work.drying,
    clock: newClock(),
  }
}

function prepared(stack: Stack, step: ActStep, end: number, index: number): Stack {
  if (step.do === 'wash' || step.do === 'degrease')
    return { ...stack, cleanedAt: end, touchedAt: null, salty: false }
  if (step.do === 'fill') return { ...stack, filled: { step: index, at: end } }
  if (step.do !== 'sand' && step.do !== 'scuff') return stack
  const films = stack.films.map((film, i) =>
    i === stack.films.length - 1 ? { ...film, keyedAt: end } : film,
  )
  return {
    ...stack,
    films,
    sheen: stack.sheen === null ? null : levelledSheen(step),
    grit: step.grit ?? stack.grit,
    touchedAt: end,
  }
}

/** Sheen after cutting or polishing. Source: handbook 2.1. */
function levelledSheen(step: ActStep): Sheen {
  if (step.do === 'compound') return 'gloss'
  return step.grit !== undefined && step.grit >= SATIN_GRIT ? 'satin' : 'matt'
}

/** What was laid over a grain or latex mask comes off with it. */
function unmasked(stack: Stack, { work, step }: Moment, end: number): Stack {
  const acts = work.row.target ?? []
  const masks = stack.masks.filter((mask) => !acts.includes(mask.act))
  const lifted = stack.masks.filter((mask) => acts.includes(mask.act) && mask.act !== 'tape')
  if (lifted.length === 0) return { ...stack, masks }
  const first = Math.min(...lifted.map((mask) => mask.step))
  const overRelease = step.do === 'unsalt' && newestRelease(stack) !== null
  const films = stack.films
    .filter((film) => film.role !== 'release')
    .map((film): Film => (film.step > first ? { ...film, coverage: 'patchy' } : film))
  return {
    ...stack,
    masks,
    films,
    chippedAt: overRelease ? end : stack.chippedAt,
    salty: step.do === 'unsalt' ? !step.wanted?.includes('salt-frost') : stack.salty,
  }
}

/** Chipped open: what lay over the release coat is broken, and the release that was exposed is gone. */
function opened(stack: Stack, end: number): Stack {
  const release = newestRelease(stack)
  if (!release) return stack
  const films = stack.films
    .filter((film) => film !== release.film)
    .map((film, i): Film => (i >= release.at ? { ...film, coverage: 'patchy' } : film))
  return { ...stack, films, chippedAt: end }
}

/** A clean-up leaves its target in the recesses only; a fixer holds the powder from here on. */
function cleaned(stack: Stack, moment: Moment, end: number): Stack {
  const { work, targets, step } = moment
  const films = stack.films.map((film): Film => {
    if (!targets.has(film)) return film
    if (step.do === 'powder-fix' && work.drying)
      return {
        ...film,
        loose: false,
        end,
        drying: work.drying,
        clock: newClock(),
        reads: fixedReads(work),
      }
    if (step.do === 'iron-activate')
      return { ...film, activated: film.activated ?? { step: moment.index, at: end } }
    return film.coverage === 'patchy' ? film : { ...film, coverage: 'patchy' }
  })
  const rubs = work.row.rubs
    ? [...stack.rubs, { step: moment.index, at: end, passes: step.passes ?? 1 }]
    : stack.rubs
  return { ...stack, films, rubs }
}

/** Fixed powder behaves as what its fixer leaves behind. */
function fixedReads(work: Work): Film['reads'] {
  return work.solvent === 'spirit-mild' || work.solvent === 'spirit-hot'
    ? 'enamel-wash'
    : 'water-wash'
}
