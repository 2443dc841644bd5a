import { thicknessOf } from '../../colour/thickness'
import { WET_MICRONS } from '../../knowledge/limits'
import type { Tool } from '../../model/vocabulary'
import { noiseAt, noisePlace } from '../../surface/noise'
import { RECESS_FROM, type Samples, samplesThat } from '../../surface/samples'
import { rimOf, spread } from '../../surface/spread'
import {
  type ActContext,
  amountOf,
  filmBy,
  noiseFor,
  type PanelActDone,
  paintShare,
  reachOf,
  seedFor,
  wayOf,
  withFilm,
} from '../actContext'
import { type PanelFilm, thinned, withFilms } from '../films'
import { laidBefore } from '../laidBefore'
import { fillOf, onSheen } from './lining'

/** Where a wash pools, and what its tide leaves. Source: handbook 10.3. */
const POOL = {
  noiseMm: 6,
  from: 0.3,
  nearMm: 2,
  near: 0.35,
  inside: 0.8,
  rim: 2,
  fadesMm: 0.5,
  comesMm: 9,
} as const

/** A wash over all: recesses filled, and where it pools a tide. Source: handbook 10.3. */
export const washOverAll: PanelActDone = (context) => {
  const { samples, step } = context
  const share = paintShare(context)
  const flat = thicknessOf(WET_MICRONS.light, share) * 2 * amountOf(context)
  const tide = step.wick ? null : tideOf(context)
  const film = filmBy(context, 'liquid', (i) => {
    const hollow = (samples.recess[i] as number) > RECESS_FROM
    return flat * (tide ? tide(i) : 1) + (hollow ? fillOf(samples, i, share) : 0)
  })
  return withFilm(context.state, film)
}

/** What pools dry to: less inside, more at the rim, sharp outside and fading inwards, coming and going. */
function tideOf(context: ActContext): (i: number) => number {
  const { samples } = context
  const hollows = samplesThat(samples, (i) => (samples.recess[i] as number) > RECESS_FROM)
  const near = spread(samples, hollows, POOL.nearMm).distance
  const noise = noiseFor(context, 'pools', POOL.noiseMm)
  const pooled = (i: number) =>
    (noise[i] as number) +
      (Number.isFinite(near[i] as number)
        ? POOL.near * (1 - (near[i] as number) / POOL.nearMm)
        : 0) >
    POOL.from
  const inside = Uint8Array.from({ length: samples.count }, (_, i) => (pooled(i) ? 1 : 0))
  const rim = rimOf(samples, (i) => inside[i] === 1)
  const { distance } = spread(samples, rim, POOL.fadesMm, 'straight', (i) => inside[i] === 1)
  const comes = noiseFor(context, 'comes', POOL.comesMm)
  return (i) => {
    if (inside[i] === 0) return 1
    const far = distance[i] as number
    if (!Number.isFinite(far)) return POOL.inside
    const strong = Math.min(1, Math.max(0, 0.5 + (comes[i] as number)))
    return POOL.inside + (POOL.rim - POOL.inside) * strong * (1 - far / POOL.fadesMm)
  }
}

/** How streaky a flat brush leaves a filter: strokes so wide and long, mm. Source: handbook 10.3. */
const STROKES = { varies: 0.15, wide: 4, long: 25 } as const

/** A filter: thin and even over all. Source: handbook 10.3. */
export const filter: PanelActDone = (context) => {
  return withFilm(
    context.state,
    laidBefore(context, [], () => brushedOn(context)),
  )
}

function brushedOn(context: ActContext): PanelFilm {
  const { samples } = context
  const flat = thicknessOf(WET_MICRONS.light, paintShare(context)) * 2 * amountOf(context)
  const [wx, wy] = wayOf(context, samples.travel)
  const seed = seedFor(context, 'strokes')
  return filmBy(context, 'liquid', (i) => {
    const [x, y] = [samples.x[i] as number, samples.y[i] as number]
    const along = (x * wx + y * wy) / STROKES.long
    const across = (y * wx - x * wy) / STROKES.wide
    return flat * (1 + STROKES.varies * noiseAt(seed, 1, along, across, noisePlace(samples, i)))
  })
}

/** What a clean-up takes off a fill, by its tool. Source: handbook 10.3. */
const TOOK: Partial<Record<Tool, number>> = { 'wet-swab': 0.12 }
const TOOK_DAMP = 0.03
const WIPED = { along: 0.08, across: 0.2, looksMm: 0.8 } as const
/** Of a fill that isn't touch-dry. */
const TOOK_EARLY = 0.6

/** A clean-up: what lies on faces goes, what lies in recesses stays as far as the tool lets it. Source: handbook 10.3. */
export const cleanUp: PanelActDone = (context) => {
  const { samples, state, resolved } = context
  const target = resolved.row.target ?? []
  const reach = reachOf(context)
  const fill = tookOf(context)
  return withFilms(state, (film) =>
    target?.includes(film.act) && film.kind !== 'coat'
      ? thinned(film, (i) => {
          const hollow = (samples.recess[i] as number) > RECESS_FROM
          const takes = hollow ? fill(i) : onSheen(state.gloss[i] as number).cleans
          return 1 - takes * reach(i)
        })
      : film,
  )
}

/** What is taken of a fill. */
function tookOf({ samples, step, resolved, early }: ActContext): (i: number) => number {
  if (early) return () => TOOK_EARLY
  const { wipe } = step
  if (wipe === undefined) return () => TOOK[resolved.tool] ?? TOOK_DAMP
  const turn = (wipe * Math.PI) / 180
  const [wx, wy] = [Math.cos(turn), Math.sin(turn)]
  return (i) =>
    goesOn(samples, i, wx, wy) && goesOn(samples, i, -wx, -wy) ? WIPED.along : WIPED.across
}

/** Is there recess a little farther that way? */
function goesOn(samples: Samples, i: number, wx: number, wy: number): boolean {
  const [x, y, z] = [samples.x[i] as number, samples.y[i] as number, samples.z[i] as number]
  let found = false
  samples.near(x + wx * WIPED.looksMm, y + wy * WIPED.looksMm, z, samples.spacing, (j) => {
    if ((samples.recess[j] as number) > RECESS_FROM) found = true
  })
  return found
}

/** What a wipe takes of the newest film, and from where. Source: handbook 10.3. */
const WIPE = { takes: 0.97, open: 0.8, recess: 0.05 } as const

/** Raised faces of the newest film wiped clean. Source: handbook 10.3. */
export const wipeBack: PanelActDone = (context) => {
  const { samples, state } = context
  const newest = state.films.findLastIndex((film) => film.ink !== null)
  const reach = reachOf(context)
  const raised = (i: number) =>
    (samples.open[i] as number) > WIPE.open && (samples.recess[i] as number) < WIPE.recess
  return withFilms(state, (film: PanelFilm, at) =>
    at === newest ? thinned(film, (i) => (raised(i) ? 1 - WIPE.takes * reach(i) : 1)) : film,
  )
}
