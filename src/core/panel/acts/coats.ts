import { WET_MICRONS } from '../../knowledge/limits'
import { GLOSS_UNITS } from '../../knowledge/sheens'
import type { Coat } from '../../model/vocabulary'
import { RECESS_FROM, samplesThat } from '../../surface/samples'
import { spread } from '../../surface/spread'
import {
  type ActContext,
  amountOf,
  coatsThickness,
  filmBy,
  inkOf,
  noiseFor,
  type PanelActDone,
  reachOf,
  sprayOf,
  whereOf,
  withFilm,
  zoneOf,
} from '../actContext'
import { type PanelFilm, type PanelState, thinned, withFilms } from '../films'
import { laidBefore } from '../laidBefore'

/** How uneven a coat of each weight comes out. Source: handbook 10.3. */
const UNEVEN: Record<Coat, number> = { mist: 0.04, light: 0.03, wet: 0.015, flood: 0.015 }
const UNEVEN_MM = 2.5

/** So much of a coat changes the sheen of a sample. */
const SHINES_FROM = 0.05

/** How uneven all coats of a step are together. */
function uneven(coats: readonly Coat[]): number {
  const wet = coats.reduce((sum, coat) => sum + WET_MICRONS[coat], 0)
  const square = coats.reduce((sum, coat) => sum + (WET_MICRONS[coat] * UNEVEN[coat]) ** 2, 0)
  return Math.sqrt(square) / wet
}

/** The sheen of a step where it covers, and whose colour is seen with its own. */
function shining(context: ActContext, state: PanelState, covers: (i: number) => boolean) {
  const units = GLOSS_UNITS[context.resolved.sheen]
  const { role } = context.resolved
  const gloss = state.gloss.map((own, i) => (covers(i) ? units : own))
  const coloured = role === 'primer' || role === 'colour' || role === 'metal'
  const own = coloured ? state.own.map((before, i) => (covers(i) ? units : before)) : state.own
  return { ...state, gloss, own }
}

/** Coats that are sprayed or brushed over all. Source: handbook 10.3. */
export const coats: PanelActDone = (context) => {
  const { step, resolved } = context
  const whole = coatsThickness(context)
  const film = laidBefore(context, [], () => {
    const by = uneven(step.coats ?? ['light'])
    const noise = noiseFor(context, 'uneven', UNEVEN_MM)
    const spray = sprayOf(context)
    const where = whereOf(context)
    const seen = resolved.role !== 'clear' && resolved.role !== 'release'
    return {
      ...filmBy(
        context,
        resolved.role === 'release' ? 'release' : 'coat',
        (i) => whole * spray(i) * (1 + by * (noise[i] as number)) * (where ? where(i) : 1),
        seen ? inkOf(context) : null,
      ),
      whole: true,
    }
  })
  const laid = withFilm(context.state, film)
  if (resolved.role === 'release') return laid
  return shining(
    context,
    blownAway(context, laid),
    (i) => (film.x[i] as number) > SHINES_FROM * whole,
  )
}

/** Half of what lies loose is lost to a clear that is sprayed wet. Source: handbook 10.3. */
function blownAway({ step, resolved }: ActContext, state: PanelState): PanelState {
  const wet = step.coats?.some((coat) => WET_MICRONS[coat] > WET_MICRONS.light) ?? false
  if (resolved.role !== 'clear' || !wet) return state
  return withFilms(state, (film) =>
    film.role === 'pigment' && film.ink?.scatter === undefined ? thinned(film, () => 0.5) : film,
  )
}

/** How far shading reaches from a recess, mm, and how much that varies. Source: handbook 10.3. */
const SHADE = { mm: 2.5, varies: 0.25, noiseMm: 5 } as const

/** Shading along recesses. Source: handbook 10.3. */
export const preshade: PanelActDone = (context) => {
  const { samples } = context
  const film = laidBefore(context, [], () => {
    const seeds = samplesThat(samples, (i) => (samples.recess[i] as number) > RECESS_FROM)
    const { distance } = spread(samples, seeds, SHADE.mm * 3)
    const noise = noiseFor(context, 'reach', SHADE.noiseMm)
    const spray = sprayOf(context)
    const amount = amountOf(context)
    return filmBy(context, 'coat', (i) => {
      const far = distance[i] as number
      if (!Number.isFinite(far)) return 0
      const reach = SHADE.mm * (1 + SHADE.varies * (noise[i] as number))
      return amount * Math.exp(-((far / reach) ** 2)) * spray(i)
    })
  })
  return withFilm(context.state, film)
}

/** Light from above. Source: handbook 10.3. */
export const toplight: PanelActDone = (context) => {
  const { up, level } = context.samples
  const amount = amountOf(context)
  const spray = sprayOf(context, 'above')
  const film = filmBy(
    context,
    'coat',
    (i) =>
      amount * (Math.max(0, up[i] as number) ** 1.5 + 0.35 * (level[i] as number) ** 2) * spray(i),
  )
  return withFilm(context.state, film)
}

/** Cloudy spots close to one another. Source: handbook 10.3. */
export const mottle: PanelActDone = (context) => {
  const noise = noiseFor(context, 'clouds', 3)
  const amount = amountOf(context)
  return withFilm(
    context.state,
    filmBy(context, 'coat', (i) => amount * Math.max(0, noise[i] as number)),
  )
}

/** What stands out of a panel by so much is a detail, where nobody says which, mm; of a part nobody knows. */
const STANDS_OUT = 0.3

/** A colour on a zone, by place, or on what stands out. Source: handbook 10.3. */
export const detail: PanelActDone = (context) => {
  const { samples } = context
  const where = whereOf(context)
  const placed = zoneOf(context) !== null
  const thick = coatsThickness(context)
  const film = filmBy(context, 'coat', (i) => {
    if (where) return thick * where(i)
    const standsOut = samples.grid !== null && (samples.z[i] as number) > STANDS_OUT
    return placed || standsOut ? thick : 0
  })
  return withFilm(context.state, film)
}

/** Chalking: a pale bloom, stronger in places. Source: handbook 10.3. */
export const chalk: PanelActDone = (context) => {
  const where = whereOf(context)
  const noise = noiseFor(context, 'bloom', 8)
  const [thick, amount] = [coatsThickness(context), amountOf(context)]
  const film = filmBy(
    context,
    'coat',
    (i) => thick * amount * (where ? where(i) : 1) * Math.max(0, 0.5 + 0.8 * (noise[i] as number)),
  )
  return withFilm(context.state, film)
}

/** Colour on edges from a brush that is nearly dry, or rubbed on. @param shines 60° gloss units that it gives; null: none */
const rubbed =
  (shines: number | null): PanelActDone =>
  (context) => {
    const film = laidBefore(context, [], () => rubbedOn(context))
    const state = withFilm(context.state, film)
    const { cover } = film
    if (shines === null || !cover) return state
    return {
      ...state,
      gloss: state.gloss.map((own, i) => ((cover[i] as number) > SEEN_FROM ? shines : own)),
    }
  }

function rubbedOn(context: ActContext): PanelFilm {
  const { edge } = context.samples
  const noise = noiseFor(context, 'drag', 1)
  const amount = amountOf(context)
  const reach = reachOf(context)
  const film = filmBy(context, 'coat', () => 0)
  const cover = new Uint8Array(edge.length)
  for (let i = 0; i < cover.length; i++) {
    const one = edge[i] as number
    if (one === 0) continue
    const share = one ** 0.7 * amount * (1 + 0.7 * (noise[i] as number))
    cover[i] = Math.round(255 * Math.min(1, Math.max(0, share)) * reach(i))
    if (cover[i] !== 0) film.x[i] = RUBBED_X
  }
  return { ...film, cover }
}

/** So thick lies what is rubbed on. */
const RUBBED_X = 3
/** From so much cover on, of 255, its sheen is seen. */
const SEEN_FROM = 60

/** Source: handbook 10.3. */
export const drybrushed = rubbed(null)
export const graphited = rubbed(50)
