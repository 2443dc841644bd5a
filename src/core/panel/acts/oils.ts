import { hexOf, labOf } from '../../colour/spectrum'
import { around } from '../../surface/around'
import { drawn, noiseAt, noisePlace } from '../../surface/noise'
import { RECESS_FROM, wholeArea } from '../../surface/samples'
import {
  amountOf,
  filmBy,
  inkOf,
  type PanelActDone,
  reachOf,
  seedFor,
  wayOf,
  withFilm,
} from '../actContext'
import { withFilms } from '../films'
import { spreadAlong } from './streaks'

/** Oil dots: how large, mm, how many on how much, how light a tint and how thick it is of a dark one. Source: handbook 10.3. */
const DOTS = { mm: 0.6, on: 12, lighter: 20, tint: 0.5, thick: 1.1 } as const

/** Dots of oil: dark where it is dark, a tint of it in the middle of plates. Source: handbook 10.3. */
export const oilDots: PanelActDone = (context) => {
  const { samples } = context
  const random = drawn(seedFor(context, 'dots'))
  const ragged = seedFor(context, 'ragged')
  const area = wholeArea(samples)
  const many = Math.round(((0.5 + amountOf(context)) * area) / DOTS.on)
  const reach = reachOf(context)
  const [dark, tint] = [new Float32Array(samples.count), new Float32Array(samples.count)]
  const { x, y, level, recess } = samples
  for (let k = 0; k < many; k++) {
    const at = Math.floor(random() * samples.count)
    // The lower the more of them are dark.
    const low = random() > (level[at] as number) || (recess[at] as number) > RECESS_FROM
    const into = low ? dark : tint
    const radius = (DOTS.mm / 2) * (0.75 + 0.5 * random())
    around(samples, at, radius * 1.3, (i, off) => {
      const bent =
        1 + 0.3 * noiseAt(ragged, 0.5, x[i] as number, y[i] as number, noisePlace(samples, i))
      if (off <= radius * bent) into[i] = DOTS.thick * (low ? 1 : DOTS.tint) * reach(i)
    })
  }
  const ink = inkOf(context)
  const lab = labOf(ink.colour)
  const pale = { ...ink, colour: hexOf({ ...lab, l: Math.min(96, lab.l + DOTS.lighter) }) }
  const state = withFilm(
    context.state,
    filmBy(context, 'liquid', (i) => dark[i] as number, ink),
  )
  return withFilm(
    state,
    filmBy(context, 'liquid', (i) => tint[i] as number, pale),
  )
}

/** How far a blend draws a dot out, mm, and how much goes aside. Source: handbook 10.3. */
const BLEND = { longMm: 5, wider: 0.45 } as const

/** Oils are drawn out along a way until they are tone. Source: handbook 10.3. */
export const blended: PanelActDone = (context) => {
  const { step, state, samples } = context
  const lies = samples.fallX.every((one, i) => one === 0 && samples.fallY[i] === 0)
  const way = step.direction !== undefined || lies ? wayOf(context, samples.travel) : undefined
  return withFilms(state, (film) =>
    film.role === 'oil' ? spreadAlong(context, film, BLEND.longMm, 1, BLEND.wider, way) : film,
  )
}
