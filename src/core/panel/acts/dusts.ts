import { GLOSS_UNITS } from '../../knowledge/sheens'
import { around } from '../../surface/around'
import { drawn, noiseAt, noisePlace } from '../../surface/noise'
import { wholeArea } from '../../surface/samples'
import {
  type ActContext,
  amountOf,
  filmBy,
  inkOf,
  marksBy,
  noiseFor,
  type PanelActDone,
  seedFor,
  wayOf,
  whereOf,
  withFilm,
} from '../actContext'
import { MICRONS_OF_X, type PanelFilm, withFilms } from '../films'
import { laidBefore } from '../laidBefore'
import { markMmOf } from '../markSizes'
import { blobs } from './masks'

/** What settles where: on what looks up, low down, by place, and more in hollows. Source: handbook 10.3. */
const SETTLES = {
  up: 0.5,
  low: 0.5,
  where: 0.25,
  recess: 5,
  recessMost: 1.2,
  uneven: 0.45,
} as const

function settled(context: ActContext, noiseMm: number): (i: number) => number {
  const { up, level, recess } = context.samples
  const amount = amountOf(context)
  const where = whereOf(context)
  const noise = noiseFor(context, 'drifts', noiseMm)
  return (i) =>
    amount *
    (SETTLES.up * Math.max(0, up[i] as number) +
      SETTLES.low * (1 - (level[i] as number)) ** 2 +
      (where ? SETTLES.where * where(i) : 0)) *
    (1 + Math.min(SETTLES.recessMost, SETTLES.recess * (recess[i] as number))) *
    (1 + SETTLES.uneven * (noise[i] as number))
}

const laidAs =
  (noiseMm: number): PanelActDone =>
  (context) =>
    withFilm(
      context.state,
      laidBefore(context, [], () => filmBy(context, 'dust', settled(context, noiseMm))),
    )

export const dust = laidAs(7)
export const powder = laidAs(0.5)

/** Fixing makes powder darker for good. Source: handbook 10.3. */
const FIXED_SCATTER = 0.5

export const powderFixed: PanelActDone = ({ state, resolved }) => {
  const target = resolved.row.target ?? []
  return withFilms(state, (film: PanelFilm) =>
    target?.includes(film.act) && film.ink
      ? { ...film, ink: { ...film.ink, scatter: FIXED_SCATTER } }
      : film,
  )
}

/** Mud: up to where, how ragged, how thick, mm, in lumps. Source: handbook 10.3. */
const MUD = { upTo: 0.5, raggedMm: 6, ragged: 0.12, thin: 0.1, thick: 0.6, lumpsMm: 1 } as const

export const mud: PanelActDone = (context) => {
  const { level } = context.samples
  const film = laidBefore(context, [], () => {
    const border = noiseFor(context, 'border', MUD.raggedMm)
    const lumps = noiseFor(context, 'lumps', MUD.lumpsMm)
    const upTo = MUD.upTo * amountOf(context)
    return filmBy(context, 'coat', (i) => {
      if ((level[i] as number) >= upTo * (1 + 2 * MUD.ragged * (border[i] as number))) return 0
      const mm = MUD.thin + (MUD.thick - MUD.thin) * Math.max(0, 0.4 + 0.6 * (lumps[i] as number))
      return (mm * 1000) / MICRONS_OF_X
    })
  })
  const units = GLOSS_UNITS[context.step.sheen ?? context.resolved.sheen]
  const state = withFilm(context.state, film)
  return { ...state, gloss: state.gloss.map((own, i) => ((film.x[i] as number) > 0 ? units : own)) }
}

/** A fan of soot: half its width grows by so much a mm, its length by its outlet, how thick. Source: handbook 10.3. */
const FAN = { grows: Math.tan((12 * Math.PI) / 180), long: 3, thick: 1.6, raysMm: 1.4 } as const

export const soot: PanelActDone = (context) => {
  const { samples } = context
  const amount = amountOf(context)
  const rays = seedFor(context, 'rays')
  const [wx, wy, wz] = wayOf(context, samples.travel)
  const film = filmBy(context, 'coat', (i) => {
    let thick = 0
    for (const { x, y, z, diameter } of samples.outlets) {
      const dx = (samples.x[i] as number) - x
      const dy = (samples.y[i] as number) - y
      const dz = samples.grid ? 0 : (samples.z[i] as number) - z
      const along = dx * wx + dy * wy + dz * wz
      const long = (1 + FAN.long * amount) * diameter
      // What is beside the outlet is as black as its rim.
      if (along < -diameter / 2 || along > long) continue
      const off = Math.sqrt(Math.max(0, dx * dx + dy * dy + dz * dz - along * along))
      const gone = Math.max(0, along)
      const half = diameter / 2 + FAN.grows * gone
      if (off > 2 * half) continue
      const turn = off / half
      const side = (dx * wy - dy * wx) / half
      const ray = 1 + 0.5 * noiseAt(rays, FAN.raysMm, side * 3, gone / (6 * diameter), 0)
      const fades = (1 - gone / long) / (1 + (1.5 * gone) / long) ** 2
      const back = along < 0 ? 1 + along / (diameter / 2) : 1
      thick = Math.max(
        thick,
        FAN.thick * amount * fades * Math.exp(-1.5 * turn * turn) * Math.max(0, ray) * back,
      )
    }
    return thick
  })
  return withFilm(context.state, film)
}

/** Drops: from and to, mm, most of them small, and so many on so much. Source: handbook 10.3. */
const DROPS = { from: 0.15, to: 0.6, on: 20, pull: 3 } as const

export const drops: PanelActDone = (context) => {
  const { samples } = context
  const random = drawn(seedFor(context, 'drops'))
  const area = wholeArea(samples)
  const cover = new Uint8Array(samples.count)
  for (let left = Math.round((amountOf(context) * area) / DROPS.on); left > 0; left--) {
    const at = Math.floor(random() * samples.count)
    const mm = DROPS.from + (DROPS.to - DROPS.from) * random() ** DROPS.pull
    const half = mm / 2
    around(samples, at, Math.max(half, samples.spacing), (i, off) => {
      const share = Math.min(1, Math.max(0, (half - off) / samples.spacing + 0.5))
      cover[i] = Math.max(cover[i] as number, Math.round(255 * share))
    })
  }
  return withFilm(context.state, { ...marksBy(context, cover), kind: 'coat' })
}

/** Reactive iron as it is laid, and as it rusts in three days. Source: handbook 10.3. */
const IRON = {
  laid: '#4A3B32',
  rusted: '#8A4B1E',
  share: 0.3,
  days: 3,
  noiseMm: 2,
} as const

export const iron: PanelActDone = (context) => {
  const mm = markMmOf(context.step, context.scale)
  const over = blobs(context, { mm, square: false, large: false }, amountOf(context) * IRON.share)
  const ink = { ...inkOf(context), colour: context.step.colour ?? IRON.laid }
  return withFilm(context.state, { ...marksBy(context, over, ink), kind: 'coat' })
}

/** Rust on iron that was activated so long ago, minutes: the film that the wait brings, over the one of before. */
export function rusting(context: ActContext, minutes: number, activated: number): PanelFilm | null {
  const { samples, state, resolved, step } = context
  const target = resolved.row.target ?? []
  const iron = state.films.filter(({ act }) => target?.includes(act))
  if (iron.length === 0) return null
  const share = Math.min(1, minutes / (IRON.days * 24 * 60))
  const seed = seedFor({ ...context, index: activated }, 'rust')
  const cover = new Uint8Array(samples.count)
  for (const { cover: own } of iron)
    own?.forEach((one, i) => {
      if (one === 0) return
      const at = noiseAt(
        seed,
        IRON.noiseMm,
        samples.x[i] as number,
        samples.y[i] as number,
        noisePlace(samples, i),
      )
      const done = Math.min(1, Math.max(0, 1.6 * share - 0.3 + 0.6 * share * at))
      cover[i] = Math.round(one * done)
    })
  const ink = { colour: IRON.rusted }
  return { ...marksBy(context, cover, ink), kind: 'coat', step: activated, act: step.do }
}
