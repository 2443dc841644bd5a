import type { ClimateSeries } from '../../drying/series'
import { applyEnergy, TOOL_ENERGY } from '../../knowledge/energies'
import { familyRow } from '../../knowledge/families'
import { type Effect, hotter, reaction, shiftEffect, worseEffect } from '../../knowledge/reactions'
import type { Coat, Solvent } from '../../model/vocabulary'
import { flashAfter, gapAfter } from './coatTimes'
import { type Film, filmState, hasReached } from './film'
import { gentleReading } from './gentleWater'
import type { Stack } from './stack'
import type { StepContext } from './stepContext'

/** What a step does to one film below it, after energy, shield and family. */
export type FilmEffect = { film: Film; effect: Effect }

/** What the step's solvent does to every film it reaches, top first; empty for a dry act. Source: handbook 2.3. */
export function effectsOn(context: StepContext): readonly FilmEffect[] {
  const { memo } = context
  memo.effects ??= effectsOf(context)
  return memo.effects
}

function effectsOf(context: StepContext): FilmEffect[] {
  const { resolved, stack, at, series, targets } = context
  if (!resolved.solvent) return []
  return reachedFilms(stack, resolved.solvent, at, series, targets)
    .filter((film) => familyRow(film.family).film && !(resolved.spot && film.coverage === 'patchy'))
    .map((film) => ({ film, effect: effectOn(context, film) }))
}

/** What the step does to one film, whether or not it reaches it: the worst of its coats. */
export function effectOn(context: StepContext, film: Film): Effect {
  const { coats } = context.resolved
  const shields = shieldsOf(context)
  let worst: Effect = '-'
  for (let i = 0; i < coats.length; i++) {
    // A coat like the one before it does the same.
    if (i > 0 && coats[i] === coats[i - 1] && shields[i] === shields[i - 1]) continue
    const effect = coatEffect(context, film, coats[i] as Coat, shields[i] ?? false)
    if (worseEffect(effect, worst)) worst = effect
  }
  return worst
}

const NO_SHIELDS: readonly boolean[] = []
/** For the air it was reckoned in: a step in two climates is one work. */
const shieldsKnown = new WeakMap<
  StepContext['resolved'],
  { climate: StepContext['climate']; shields: readonly boolean[] }
>()

/** For each coat: has a mist coat of this step flashed before it? Source: handbook 2.3, energy of application. */
function shieldsOf({ step, resolved, climate }: StepContext): readonly boolean[] {
  if (!resolved.coats.includes('mist')) return NO_SHIELDS
  const known = shieldsKnown.get(resolved)
  if (known?.climate === climate) return known.shields
  let shield = false
  const shields = resolved.coats.map((coat, i) => {
    const before = shield
    if (coat === 'mist' && !shield)
      shield =
        gapAfter(step, resolved, climate, i + 1) >= flashAfter(resolved, climate, i + 1) - 1e-6
    return before
  })
  shieldsKnown.set(resolved, { climate, shields })
  return shields
}

function coatEffect(context: StepContext, film: Film, coat: Coat, shield: boolean): Effect {
  const { resolved, at, series } = context
  if (!resolved.solvent) return '-'
  const sprayed = TOOL_ENERGY[resolved.tool].sprayed
  const own = resolved.row.kind === 'film' && resolved.family === film.family
  let state = filmState(film, at, series)
  const brushedOwn = own && !sprayed && resolved.role === film.role
  if (brushedOwn && state === 'fresh' && hasReached(film, 'flash', at, series)) state = 'set'
  const gentle = gentleReading(context, film, state, coat)
  const dry = gentle === 'as-set-once-touch-dry' && hasReached(film, 'touch', at, series)
  if (dry || gentle === 'as-set') state = 'set'
  let effect = reaction(film.reads, state, resolved.solvent)
  if (gentle === 'weaker') effect = shiftEffect(effect, -1)
  if (own && sprayed) {
    const first = familyRow(film.family).thinners[0]
    if (!first || !hotter(resolved.solvent, first)) return '-'
    effect = shiftEffect(effect, -1)
  }
  return applyEnergy(effect, resolved.tool, coat, resolved.solvent, shield)
}

/**
 * The films that a solvent comes to: the open ones and, where the whole film at the bottom of them is itself dissolved,
 * the next. Top first. Source: handbook 2.3.
 */
function reachedFilms(
  stack: Stack,
  solvent: Solvent,
  at: number,
  series: ClimateSeries,
  skip: ReadonlySet<Film>,
): Film[] {
  const reached: Film[] = []
  for (let i = stack.films.length - 1; i >= 0; i--) {
    const film = stack.films[i] as Film
    if (skip.has(film)) continue
    reached.push(film)
    if (film.coverage === 'patchy') continue
    if (reaction(film.reads, filmState(film, at, series), solvent) !== 'd') break
  }
  return reached
}
