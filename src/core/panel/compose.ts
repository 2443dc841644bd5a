import { FEW, FEW_WEIGHTS, FILM_STEPS, type FilmTable, fewOf, filmTable } from '../colour/fewBands'
import { groundOf, K2 } from '../colour/optics'
import { remembered } from '../colour/remembered'
import { surfaceReflection } from '../colour/sheen'
import type { Changed } from './changed'
import { inkOptics, type PanelFilm, type PanelState } from './films'

/** Linear red, green and blue of every sample, one after the other. */
export type Lights = Float32Array

/** Tables of films that were asked lately. */
const tables = remembered<FilmTable>(64)

const tops = new WeakMap<Float32Array, number>()

/** The thickest that a film is anywhere, rounded up to eighths of a doubling: tables are shared. */
function topOf({ x }: PanelFilm): number {
  const before = tops.get(x)
  if (before !== undefined) return before
  let most = 0
  for (let i = 0; i < x.length; i++) if ((x[i] as number) > most) most = x[i] as number
  const top = most === 0 ? 0 : 2 ** (Math.ceil(8 * Math.log2(most)) / 8)
  tops.set(x, top)
  return top
}

/** Whether films are laid by the same tables as others: then what is as thick as before comes to the same bytes. */
export function sameTables(films: readonly PanelFilm[], others: readonly PanelFilm[]): boolean {
  return (
    films.length === others.length &&
    films.every((film, i) => topOf(film) === topOf(others[i] as PanelFilm))
  )
}

/** A film ready to be laid; null where nothing is seen of it. */
type Layer = { x: Float32Array; cover: Uint8Array | null; pq: Float64Array; perRoot: number }

function layerOf(film: PanelFilm): Layer | null {
  const top = film.ink ? topOf(film) : 0
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
 * @param only the films are laid there alone; left out: everywhere
 * Source: handbook 10.3, 5.2.
 */
export function insideOf(
  films: readonly PanelFilm[],
  count: number,
  ground: string,
  before?: Inside,
  only?: Changed,
): Inside {
  const goesOn =
    before !== undefined &&
    before.films.length <= films.length &&
    before.films.every((film, i) => film === films[i])
  const bands = before?.bands ?? new Float32Array(count * FEW)
  if (!goesOn) {
    bands.set(fewOf(groundOf(ground)))
    for (let done = FEW; done < bands.length; done *= 2) bands.copyWithin(done, 0, done)
  }
  const added = goesOn ? films.slice(before.films.length) : films
  lay(
    bands,
    added.flatMap((film) => layerOf(film) ?? []),
    count,
    only,
  )
  return { bands, films }
}

/** A film over a reflectance inside, by its p and q. Source: handbook 10.3. */
function laidOver(r: number, p: number, q: number): number {
  return (r - r * q + p) / (1 + q - r * p)
}

/** Samples that are laid in one go, film after film: all their bands lie close together meanwhile. */
const AT_ONCE = 256

function lay(
  bands: Float32Array,
  layers: readonly Layer[],
  count: number,
  only: Changed | undefined,
): void {
  if (layers.length === 0) return
  const some = new Float64Array(AT_ONCE * FEW)
  for (let from = 0; from < count; from += AT_ONCE) {
    const many = Math.min(AT_ONCE, count - from)
    if (only && !only.subarray(from, from + many).includes(1)) continue
    const own = bands.subarray(from * FEW, (from + many) * FEW)
    some.set(own)
    for (const layer of layers) {
      if (layer.cover) layMarks(some, layer, layer.cover, from, many, only)
      else layFilm(some, layer, from, many, only)
    }
    for (let i = 0; i < own.length; i++) own[i] = some[i] as number
  }
}

/** Where in its table a film of a thickness stands. */
function rowOf(thick: number, perRoot: number): number {
  const step = (Math.sqrt(thick) * perRoot + 0.5) | 0
  return (step < FILM_STEPS ? step : FILM_STEPS - 1) * FEW * 2
}

/**
 * A film over all bands of some samples, written out: looped over they take longer. Rounded as they are kept, so that films laid at
 * once or one after the other come to the same bytes.
 */
function layFilm(
  r: Float64Array,
  { x, pq, perRoot }: Layer,
  from: number,
  many: number,
  only: Changed | undefined,
): void {
  for (let i = 0, at = 0; i < many; i++, at += FEW) {
    const thick = x[from + i] as number
    if (thick === 0 || (only && only[from + i] === 0)) continue
    const row = rowOf(thick, perRoot)
    r[at + 0] = Math.fround(
      laidOver(r[at + 0] as number, pq[row + 0] as number, pq[row + 1] as number),
    )
    r[at + 1] = Math.fround(
      laidOver(r[at + 1] as number, pq[row + 2] as number, pq[row + 3] as number),
    )
    r[at + 2] = Math.fround(
      laidOver(r[at + 2] as number, pq[row + 4] as number, pq[row + 5] as number),
    )
    r[at + 3] = Math.fround(
      laidOver(r[at + 3] as number, pq[row + 6] as number, pq[row + 7] as number),
    )
    r[at + 4] = Math.fround(
      laidOver(r[at + 4] as number, pq[row + 8] as number, pq[row + 9] as number),
    )
    r[at + 5] = Math.fround(
      laidOver(r[at + 5] as number, pq[row + 10] as number, pq[row + 11] as number),
    )
    r[at + 6] = Math.fround(
      laidOver(r[at + 6] as number, pq[row + 12] as number, pq[row + 13] as number),
    )
    r[at + 7] = Math.fround(
      laidOver(r[at + 7] as number, pq[row + 14] as number, pq[row + 15] as number),
    )
    r[at + 8] = Math.fround(
      laidOver(r[at + 8] as number, pq[row + 16] as number, pq[row + 17] as number),
    )
    r[at + 9] = Math.fround(
      laidOver(r[at + 9] as number, pq[row + 18] as number, pq[row + 19] as number),
    )
  }
}

/** A film that covers some samples only in part. */
function layMarks(
  r: Float64Array,
  { x, pq, perRoot }: Layer,
  cover: Uint8Array,
  from: number,
  many: number,
  only: Changed | undefined,
): void {
  for (let i = 0; i < many; i++) {
    const thick = x[from + i] as number
    if (thick === 0 || (only && only[from + i] === 0)) continue
    const share = (cover[from + i] as number) / 255
    const at = i * FEW
    let row = rowOf(thick, perRoot)
    for (let k = at; k < at + FEW; k++, row += 2) {
      const under = r[k] as number
      const over = laidOver(under, pq[row] as number, pq[row + 1] as number)
      r[k] = Math.fround(under + share * (over - under))
    }
  }
}

/** Under a matt face as much more light comes back as under its own sheen, per gloss unit. */
const SURFACE = Float64Array.from({ length: 256 }, (_, gloss) => surfaceReflection(gloss))

/**
 * Linear light of every sample, flat: its colour as it is seen with its sheen, and nothing of lamps.
 *
 * @param again what it was before, and where that has changed since: the rest is taken over
 * Source: handbook 10.3, 5.2.
 */
export function lightsOf(
  { bands }: Inside,
  { gloss, own }: PanelState,
  again?: { lights: Lights; changed: Changed },
): Lights {
  const count = gloss.length
  const lights = again ? again.lights.slice() : new Float32Array(count * 3)
  const changed = again?.changed
  const w = FEW_WEIGHTS
  for (let i = 0; i < count; i++) {
    if (changed && changed[i] === 0) continue
    const more = (SURFACE[gloss[i] as number] as number) - (SURFACE[own[i] as number] as number)
    const less = 1 - more
    let r = 0
    let g = 0
    let b = 0
    for (let k = 0, at = i * FEW; k < FEW; k++, at++) {
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
