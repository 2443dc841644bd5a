import {
  applyEnergy,
  type Effect,
  familyRow,
  hotter,
  reaction,
  shiftEffect,
  TOOL_ENERGY,
  worseEffect,
} from '../materials'
import type { Coat } from '../model/vocabulary'
import { type Film, filmState, hasReached } from './film'
import { flashAfter, gapAfter } from './lay'
import type { Moment } from './moment'
import { reachedFilms } from './stack'

/** What a step does to one film below it, after energy, shield and family. */
export type FilmEffect = { film: Film; effect: Effect }

/** What the step's solvent does to every film it reaches, top first; empty for a dry act. Source: handbook 2.3. */
export function effectsOn(moment: Moment): readonly FilmEffect[] {
  const { memo } = moment
  memo.effects ??= effectsOf(moment)
  return memo.effects
}

function effectsOf(moment: Moment): FilmEffect[] {
  const { work, stack, at, series, targets } = moment
  if (!work.solvent) return []
  return reachedFilms(stack, work.solvent, at, series, targets)
    .filter((film) => familyRow(film.family).film)
    .map((film) => ({ film, effect: effectOn(moment, film) }))
}

/** What the step does to one film, whether or not it reaches it: the worst of its coats. */
export function effectOn(moment: Moment, film: Film): Effect {
  const shields = shieldsOf(moment)
  let worst: Effect = '-'
  moment.work.coats.forEach((coat, i) => {
    const effect = coatEffect(moment, film, coat, shields[i] ?? false)
    if (worseEffect(effect, worst)) worst = effect
  })
  return worst
}

const NO_SHIELDS: readonly boolean[] = []
/** For the air it was reckoned in: a step in two climates is one work. */
const shieldsKnown = new WeakMap<
  Moment['work'],
  { climate: Moment['climate']; shields: readonly boolean[] }
>()

/** For each coat: has a mist coat of this step flashed before it? Source: handbook 2.3, energy of application. */
function shieldsOf({ step, work, climate }: Moment): readonly boolean[] {
  if (!work.coats.includes('mist')) return NO_SHIELDS
  const known = shieldsKnown.get(work)
  if (known?.climate === climate) return known.shields
  let shield = false
  const shields = work.coats.map((coat, i) => {
    const before = shield
    if (coat === 'mist' && !shield)
      shield = gapAfter(step, work, climate, i + 1) >= flashAfter(work, climate, i + 1) - 1e-6
    return before
  })
  shieldsKnown.set(work, { climate, shields })
  return shields
}

function coatEffect(moment: Moment, film: Film, coat: Coat, shield: boolean): Effect {
  const { work, at, series } = moment
  if (!work.solvent) return '-'
  const sprayed = TOOL_ENERGY[work.tool].sprayed
  const own = work.row.kind === 'film' && work.family === film.family
  let state = filmState(film, at, series)
  const brushedOwn = own && !sprayed && work.role === film.role
  if (brushedOwn && state === 'fresh' && hasReached(film, 'flash', at, series)) state = 'set'
  let effect = reaction(film.reads, state, work.solvent)
  if (own && sprayed) {
    const first = familyRow(film.family).thinners[0]
    if (!first || !hotter(work.solvent, first)) return '-'
    effect = shiftEffect(effect, -1)
  }
  return applyEnergy(effect, work.tool, coat, work.solvent, shield)
}
