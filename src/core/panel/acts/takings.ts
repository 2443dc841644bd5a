import type { ActStep } from '../../model/sequence'
import { RECESS_FROM } from '../../surface/samples'
import {
  amountOf,
  filmBy,
  inkOf,
  noiseFor,
  type PanelActDone,
  reachOf,
  withFilm,
  zoneOf,
} from '../actContext'
import { MICRONS_OF_X, type PanelFilm, withFilms } from '../films'

/** What sanding takes by its grit: under so much, so many µm. Source: handbook 10.3. */
const TAKES = [
  { under: 600, um: 12 },
  { under: 1500, um: 6 },
  { under: 3000, um: 3 },
  { under: Number.POSITIVE_INFINITY, um: 1 },
] as const
/** Grit where nobody says, and what compound takes, µm. */
const GRIT: Partial<Record<ActStep['do'], number>> = { sand: 600, scuff: 2000, 'cut-polish': 2000 }
const COMPOUND_UM = 0.5
/** What is taken of edges, of what a face loses. Source: handbook 10.3. */
const EDGES = 2
/** From so much of an edge on a hollow is the lip of one. */
const LIP = 0.2

/** The top of the stack is taken off: where it is used up what is under it shows. Source: handbook 10.3. */
export const sanded: PanelActDone = (context) => {
  const { samples, state, step, resolved } = context
  const grit = step.grit ?? GRIT[step.do] ?? 2000
  const um = resolved.row.polishes
    ? COMPOUND_UM
    : (TAKES.find(({ under }) => grit < under) ?? TAKES[3]).um
  const whole = (2 * amountOf(context) * um) / MICRONS_OF_X
  const reach = reachOf(context)
  // Paper bears on the lip of a line, not on its bottom.
  const out = (i: number) =>
    (samples.recess[i] as number) > RECESS_FROM && (samples.edge[i] as number) < LIP
  const left = new Float32Array(samples.count)
  for (let i = 0; i < left.length; i++)
    if (!out(i)) left[i] = whole * (1 + (EDGES - 1) * (samples.edge[i] as number)) * reach(i)
  const films: PanelFilm[] = []
  for (const film of state.films.toReversed()) {
    const x = film.x.slice()
    for (let i = 0; i < x.length; i++) {
      const own = x[i] as number
      if (own === 0 || left[i] === 0) continue
      const taken = Math.min(own, left[i] as number)
      x[i] = own - taken
      left[i] = (left[i] as number) - taken
    }
    films.unshift({ ...film, x })
  }
  const units = resolved.row.polishes ? 85 : grit >= 1500 ? 25 : 5
  const gloss = state.gloss.map((own, i) => (out(i) || reach(i) === 0 ? own : units))
  return { ...state, films, gloss }
}

/** A decal where nobody says: its place and size as shares of the panel. */
const DECAL = { x: 0.56, y: 0.26, w: 0.2, h: 0.12 } as const
/** On what is this dull or duller air stays under its film, and how much lighter that is. Source: handbook 10.3. */
const SILVERS = { under: 15, thick: 0.35, from: 0.05, noiseMm: 1.2, colour: '#F1F0EA' } as const

/** A decal: its rectangle in its colour, silvering on matt. Source: handbook 10.3. */
export const decal: PanelActDone = (context) => {
  const { samples, state } = context
  const zone = zoneOf(context)
  let [right, bottom] = [0, 0]
  for (let i = 0; i < samples.count; i++) {
    right = Math.max(right, samples.x[i] as number)
    bottom = Math.max(bottom, samples.y[i] as number)
  }
  const lies = (i: number) => {
    if (zone) return zone(i) > 0
    const [x, y] = [(samples.x[i] as number) / right, (samples.y[i] as number) / bottom]
    return x >= DECAL.x && x < DECAL.x + DECAL.w && y >= DECAL.y && y < DECAL.y + DECAL.h
  }
  const film = filmBy(context, 'coat', (i) => (lies(i) ? DECAL_X : 0), {
    ...inkOf(context),
    hiding: context.step.hiding ?? 1.2,
  })
  const noise = noiseFor(context, 'air', SILVERS.noiseMm)
  const air = filmBy(
    context,
    'coat',
    (i) =>
      (film.x[i] as number) > 0 &&
      (state.gloss[i] as number) < SILVERS.under &&
      (noise[i] as number) > SILVERS.from
        ? SILVERS.thick
        : 0,
    { colour: SILVERS.colour },
  )
  return withFilm(withFilm(state, film), air)
}

/** A decal's film is as thick as two coats: 10 µm. */
const DECAL_X = 2

/** Softened, a decal lies down: the air under it is gone. */
export const decalSoftened: PanelActDone = ({ state, resolved }) => {
  const target = resolved.row.target ?? []
  return withFilms(state, (film) =>
    target?.includes(film.act) && film.ink?.colour === SILVERS.colour
      ? { ...film, x: new Float32Array(film.x.length) }
      : film,
  )
}
