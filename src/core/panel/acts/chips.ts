import type { Act, Family } from '../../model/vocabulary'
import { aboutNothing, drawn, noiseAt, noisePlace, seedOf } from '../../surface/noise'
import { wholeArea } from '../../surface/samples'
import { piecesOf, rimOf, spread } from '../../surface/spread'
import {
  type ActContext,
  amountOf,
  inkOf,
  marksBy,
  type PanelActDone,
  reachOf,
  seedFor,
  wayOf,
  withFilm,
} from '../actContext'
import { type PanelFilm, thinned, withFilms } from '../films'
import { laidBefore } from '../laidBefore'
import { markMmOf } from '../markSizes'
import { strokeOver } from '../strokes'
import { borderOf, worn } from '../wear'

/** How much of the surface all of it is, and how it lies there; sizes in `markSizes`. Source: handbook 10.3. */
type MarkRow = {
  share: number
  edge?: number
  /** A later colour lies inside of it. */
  hosts?: true
  /** Coverage in its middle and at its rim, where it is no opaque paint. */
  covers?: readonly [number, number]
}

const MARKS: Partial<Record<Act, MarkRow>> = {
  'chip-wet': { share: 0.25 },
  'chip-sponge': { share: 0.06, hosts: true },
  'chip-brush': { share: 0.06, hosts: true },
  pencil: { share: 0.06, edge: 1.6, covers: [204, 204] },
  scratch: { share: 0.02 },
}
const USUAL_MARK: MarkRow = { share: 0.06 }

function markOf({ step, scale }: ActContext) {
  const row = MARKS[step.do] ?? USUAL_MARK
  return { ...row, mm: markMmOf(step, scale) }
}

/** What water does to a release under each family: all, half, or nothing. Source: handbook 10.3. */
const LETS_WATER: Partial<Record<Family, number>> = {
  'alcohol-acrylic': 1,
  'water-acrylic': 1,
  'water-wash': 1,
  watercolour: 1,
  lacquer: 0.5,
  'acrylic-pu': 0.5,
}

/** What lies over a release: its films' families, by the index of their steps. */
export type Families = ReadonlyMap<number, Family | null>

/** The release opens by wear, down to the film under it. Source: handbook 10.3. */
export const wetChips =
  (families: Families): PanelActDone =>
  (context) => {
    const { state } = context
    const release = state.films.findLastIndex(({ kind }) => kind === 'release')
    if (release < 0) return state
    const over = state.films.slice(release + 1)
    const lets = over.reduce((least, { step, whole }) => {
      const family = families.get(step)
      return whole && family ? Math.min(least, LETS_WATER[family] ?? 0) : least
    }, 1)
    const { mm, share, edge } = markOf(context)
    const reached = reachOf(context)
    const film = state.films[release] as PanelFilm
    const within = (i: number) => (film.x[i] as number) > 0 && reached(i) > 0
    const taken = worn(
      context,
      { markMm: mm, edgeTimes: edge ?? 1, within },
      amountOf(context) * share * lets,
    )
    const border = borderOf(context, taken, false)
    const left = (i: number) => (taken[i] === 1 ? 0 : border[i] === 1 ? 0.5 : 1)
    const opened = state.opened.map((own, i) =>
      taken[i] === 1 ? 255 : border[i] === 1 ? Math.max(own, 127) : own,
    )
    const bared = withFilms(state, (one, at) => (at < release ? one : thinned(one, left)))
    return { ...bared, opened }
  }

/** Coverage of a mark in its middle and at its rim. Source: handbook 10.3. */
const COVERS = [255, 217] as const

/** Opaque marks by wear; a later colour lies inside of earlier ones. Source: handbook 10.3. */
export const marks: PanelActDone = (context) => {
  const { mm, share, edge, hosts: isChip, covers = COVERS } = markOf(context)
  const asked = { markMm: mm, edgeTimes: edge ?? 1 }
  const wanted = amountOf(context) * share
  const chips = isChip ? chipsBefore(context) : []
  const film = laidBefore(context, chips, () => {
    const taken =
      chips.length > 0
        ? cores(context, coveredBy(chips, context.samples.count), mm)
        : worn(context, asked, wanted)
    const rim = borderOf(context, taken, true)
    const cover = taken.map((one, i) => (one === 0 ? 0 : covers[rim[i] === 1 ? 1 : 0]))
    return marksBy(context, cover)
  })
  return withFilm(context.state, film)
}

/** Chips of other colours that were laid before. */
function chipsBefore(context: ActContext): PanelFilm[] {
  const { colour } = inkOf(context)
  return context.state.films.filter(
    (film) => film.kind === 'mark' && MARKS[film.act]?.hosts && film.ink?.colour !== colour,
  )
}

/** Samples that marks cover by more than half. */
function coveredBy(chips: readonly PanelFilm[], count: number): Uint8Array {
  const over = new Uint8Array(count)
  for (const { cover } of chips)
    cover?.forEach((one, i) => {
      if (one > 127) over[i] = 1
    })
  return over
}

/** A core takes so much of its chip, from and to. Source: handbook 10.3. */
const CORE = { from: 0.3, to: 0.6, flakes: 0.35 } as const

/** The deepest of the larger half of chips, by flakes: a part of each. */
function cores(context: ActContext, hosts: Uint8Array, mm: number): Uint8Array {
  const { samples } = context
  const { of, sizes } = piecesOf(samples, (i) => hosts[i] === 1)
  const middle = sizes.toSorted((a, b) => a - b)[Math.floor(sizes.length / 2)] ?? 0
  const seeds = rimOf(samples, (i) => hosts[i] === 1)
  const { distance } = spread(samples, seeds, 20 * mm, 'straight', (i) => hosts[i] === 1)
  const ragged = seedFor(context, 'cores')
  const inside: number[][] = sizes.map(() => [])
  of.forEach((piece, i) => {
    if (piece >= 0 && (sizes[piece] as number) >= middle) (inside[piece] as number[]).push(i)
  })
  const out = new Uint8Array(samples.count)
  inside.forEach((all, piece) => {
    if (all.length < 4) return
    const share = CORE.from + (CORE.to - CORE.from) * (seedOf(ragged, piece, 'share') / 2 ** 32)
    const deep = (i: number) =>
      (Number.isFinite(distance[i] as number) ? (distance[i] as number) : 0) +
      CORE.flakes *
        mm *
        noiseAt(ragged, mm, samples.x[i] as number, samples.y[i] as number, noisePlace(samples, i))
    const order = all
      .map((i) => ({ i, deep: deep(i) }))
      .sort((a, b) => b.deep - a.deep || a.i - b.i)
    for (const { i } of order.slice(0, Math.max(1, Math.round(share * all.length)))) out[i] = 1
  })
  return out
}

/** Scratches run within this of their way, degrees, break off and taper; their lengths vary. Source: handbook 10.3. */
const SCRATCH = { within: 10, realLong: 300, varies: 0.5, brokenMm: 0.8, bent: 4 } as const

/** Fine strokes along a way. Source: handbook 10.3. */
export const scratches: PanelActDone = (context) => {
  const { samples } = context
  const { mm, share } = markOf(context)
  const wanted = amountOf(context) * share * wholeArea(samples)
  const random = drawn(seedFor(context, 'strokes'))
  const broken = seedFor(context, 'broken')
  const way = wayOf(context, samples.travel)
  const cover = new Uint8Array(samples.count)
  let done = 0
  for (let tries = 0; done < wanted && tries < 20_000; tries++) {
    const at = Math.floor(random() * samples.count)
    const long =
      (SCRATCH.realLong / context.scale) * Math.exp(SCRATCH.varies * aboutNothing(random))
    const turn = ((random() * 2 - 1) * SCRATCH.within * Math.PI) / 180
    const bend = ((random() * 2 - 1) * SCRATCH.bent * Math.PI) / 180
    // What is finer than a sample covers a share of it.
    const thin = Math.min(1, mm / samples.spacing)
    strokeOver(
      samples,
      { at, way, turn, bend, long, width: (t) => mm * (0.4 + 0.6 * Math.sin(Math.PI * t)) },
      (i, t) => {
        const gap = noiseAt(
          broken,
          SCRATCH.brokenMm,
          samples.x[i] as number,
          samples.y[i] as number,
          noisePlace(samples, i),
        )
        if (gap < -0.15) return
        const own = Math.round(255 * thin * (0.45 + 0.55 * Math.sin(Math.PI * t)))
        if (own <= (cover[i] as number)) return
        done += ((samples.area[i] as number) * (own - (cover[i] as number))) / 255
        cover[i] = own
      },
    )
  }
  return withFilm(context.state, marksBy(context, cover))
}
