import { FEW, FEW_WEIGHTS, FILM_STEPS, type FilmTable, fewOf, filmTable } from '../colour/fewBands'
import { groundOf, K2 } from '../colour/optics'
import { remembered } from '../colour/remembered'
import { surfaceReflection } from '../colour/sheen'
import { inkOptics, type PanelFilm, type PanelState } from './films'

/** Linear red, green and blue of every sample, one after the other. */
export type Lights = Float32Array

/** Tables of films that were asked lately. */
const tables = remembered<FilmTable>(64)

/** The thickest that a film is anywhere, rounded up to eighths of a doubling: tables are shared. */
function most(x: Float32Array): number {
  let top = 0
  for (let i = 0; i < x.length; i++) if ((x[i] as number) > top) top = x[i] as number
  return top === 0 ? 0 : 2 ** (Math.ceil(8 * Math.log2(top)) / 8)
}

/** A film ready to be laid; null where nothing is seen of it. */
type Layer = { x: Float32Array; cover: Uint8Array | null; pq: Float64Array; perRoot: number }

function layerOf(film: PanelFilm): Layer | null {
  const top = film.ink ? most(film.x) : 0
  if (!film.ink || top === 0) return null
  const { ink } = film
  const table = tables(`${ink.colour} ${ink.hiding ?? ''} ${ink.scatter ?? ''} ${top}`, () =>
    filmTable(inkOptics(ink), top),
  )
  return { x: film.x, cover: film.cover, ...table }
}

/** Reflectances inside, ten a sample, as far as they were reckoned: the films that lie in them. */
export type Inside = { bands: Float32Array; films: readonly PanelFilm[] }

/**
 * The reflectance inside of every sample under all its films.
 *
 * @param ground #RRGGBB of what the films lie on
 * @param before what was reckoned for fewer films: where the new ones only lie on top it is gone on with, and its bands written over
 * Source: handbook 10.3, 5.2.
 */
export function insideOf(
  films: readonly PanelFilm[],
  count: number,
  ground: string,
  before?: Inside,
): Inside {
  const goesOn =
    before !== undefined &&
    before.films.length <= films.length &&
    before.films.every((film, i) => film === films[i])
  const bands = before?.bands ?? new Float32Array(count * FEW)
  if (!goesOn) {
    const bare = fewOf(groundOf(ground))
    for (let i = 0; i < count; i++) bands.set(bare, i * FEW)
  }
  const added = goesOn ? films.slice(before.films.length) : films
  lay(
    bands,
    added.flatMap((film) => layerOf(film) ?? []),
    count,
  )
  return { bands, films }
}

/** A film over a reflectance inside, by its p and q. Source: handbook 10.3. */
function laidOver(r: number, p: number, q: number): number {
  return (r - r * q + p) / (1 + q - r * p)
}

/** Bands that are laid in one go. */
const AT_ONCE = 5

function lay(bands: Float32Array, layers: readonly Layer[], count: number): void {
  for (let from = 0; from < FEW; from += AT_ONCE) layBands(bands, layers, count, from)
}

/**
 * One pass a sample over five of its bands, written out: looped over they take three times as long. Rounded film by film, so that
 * films laid at once or one after the other come to the same bytes.
 */
function layBands(
  bands: Float32Array,
  layers: readonly Layer[],
  count: number,
  from: number,
): void {
  if (layers.length === 0) return
  for (let i = 0; i < count; i++) {
    const at = i * FEW + from
    let r0 = bands[at + 0] as number
    let r1 = bands[at + 1] as number
    let r2 = bands[at + 2] as number
    let r3 = bands[at + 3] as number
    let r4 = bands[at + 4] as number
    for (let l = 0; l < layers.length; l++) {
      const { x, cover, pq, perRoot } = layers[l] as Layer
      const thick = x[i] as number
      if (thick === 0) continue
      const step = (Math.sqrt(thick) * perRoot + 0.5) | 0
      const row = ((step < FILM_STEPS ? step : FILM_STEPS - 1) * FEW + from) * 2
      const share = cover === null ? 1 : (cover[i] as number) / 255
      const n0 = laidOver(r0, pq[row + 0] as number, pq[row + 1] as number)
      const n1 = laidOver(r1, pq[row + 2] as number, pq[row + 3] as number)
      const n2 = laidOver(r2, pq[row + 4] as number, pq[row + 5] as number)
      const n3 = laidOver(r3, pq[row + 6] as number, pq[row + 7] as number)
      const n4 = laidOver(r4, pq[row + 8] as number, pq[row + 9] as number)
      r0 = Math.fround(r0 + share * (n0 - r0))
      r1 = Math.fround(r1 + share * (n1 - r1))
      r2 = Math.fround(r2 + share * (n2 - r2))
      r3 = Math.fround(r3 + share * (n3 - r3))
      r4 = Math.fround(r4 + share * (n4 - r4))
    }
    bands[at + 0] = r0
    bands[at + 1] = r1
    bands[at + 2] = r2
    bands[at + 3] = r3
    bands[at + 4] = r4
  }
}

/** Under a matt face as much more light comes back as under its own sheen, per gloss unit. */
const SURFACE = Float64Array.from({ length: 256 }, (_, gloss) => surfaceReflection(gloss))

/**
 * Linear light of every sample, flat: its colour as it is seen with its sheen, and nothing of lamps.
 *
 * Source: handbook 10.3, 5.2.
 */
export function lightsOf({ bands }: Inside, { gloss, own }: PanelState): Lights {
  const count = gloss.length
  const lights = new Float32Array(count * 3)
  const w = FEW_WEIGHTS
  for (let i = 0, at = 0; i < count; i++) {
    const more = (SURFACE[gloss[i] as number] as number) - (SURFACE[own[i] as number] as number)
    const less = 1 - more
    let r = 0
    let g = 0
    let b = 0
    for (let k = 0; k < FEW; k++, at++) {
      const within = bands[at] as number
      const light = (((1 - K2) * within) / (1 - K2 * within)) * less + more
      if (light <= 0) continue
      r += (w[k] as number) * light
      g += (w[FEW + k] as number) * light
      b += (w[2 * FEW + k] as number) * light
    }
    lights[i * 3] = r
    lights[i * 3 + 1] = g
    lights[i * 3 + 2] = b
  }
  return lights
}
