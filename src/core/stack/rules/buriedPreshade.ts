import { type ColourFilm, colourOver, deltaE00 } from '../../colour'
import { isAct } from '../../model/sequence'
import type { Act } from '../../model/vocabulary'
import { colourFilms, groundUnder, layerOf, thinningOf } from '../colours'
import { type Film, filmState } from '../film'
import type { Remedy, Rule } from '../finding'
import type { Moment } from '../moment'
import { theWork } from '../words'

const SHADES: readonly Act[] = ['preshade', 'mottle', 'toplight']

/** Under this difference a shading is gone, ΔE00. Source: handbook 5.2. */
const GONE = 1

/** Opaque coats over a pre-shading so that it no longer shows. Note. Source: handbook 2.6, 5.2 (pre-shade left). */
export const buriedPreshade: Rule = {
  name: 'buried-preshade',
  timing: false,
  judge: (moment) => {
    const { work, stack, step } = moment
    if (work.row.kind !== 'film' || work.coverage !== 'whole' || !step.colour) return null
    if (work.role === 'clear' || work.role === 'release') return null
    const at = stack.films.findLastIndex((film) => SHADES.includes(film.act))
    const shade = stack.films[at]
    if (!shade) return null
    const ground = groundUnder(stack.films.slice(0, at))
    const steps = moment.setting.steps
    const above = stack.films.slice(at + 1).flatMap((film) => colourFilms(film, steps))
    if (ground === null || above === null || !shade.colour) return null
    const laid = layerOf(shade.colour, false, shade.coats, thinningOf(steps[shade.step]))
    const before = contrast(ground, laid, above)
    const after = contrast(ground, laid, [...above, ...coatsOf(moment)])
    if (before < GONE || after >= GONE) return null
    return {
      severity: 'note',
      because: `Under ${work.coats.length} coats of ${theWork(moment)} the shading differs from the face by ΔE00 ${after.toFixed(1)}, of ${before.toFixed(1)} before: it no longer shows.`,
      on: { film: shade.family, state: filmState(shade, moment.at, moment.series) },
      ways: () => ways(moment, shade, (coats) => contrast(ground, laid, [...above, ...coats])),
    }
  },
}

function coatsOf({ step, work }: Moment, count = work.coats.length): ColourFilm[] {
  if (!step.colour) return []
  const transparent = work.role === 'clear-colour'
  return [layerOf(step.colour, transparent, work.coats.slice(0, count), step.thinning)]
}

const contrasts = new Map<string, number>()
/** How many contrasts are remembered: the same ones are asked for again at every judgement. */
const REMEMBERED = 500

function contrast(ground: string, laid: ColourFilm, above: readonly ColourFilm[]): number {
  const key = [laid, ...above].reduce(
    (text, film) => `${text} ${film.masstone} ${film.hiding} ${film.thickness}`,
    ground,
  )
  const known = contrasts.get(key)
  if (known !== undefined) return known
  const found = deltaE00(colourOver(ground, [laid, ...above]), colourOver(ground, above))
  if (contrasts.size >= REMEMBERED) contrasts.clear()
  contrasts.set(key, found)
  return found
}

function ways(moment: Moment, shade: Film, left: (coats: ColourFilm[]) => number): Remedy[] {
  const { work, step, index, setting } = moment
  const fewer: Remedy[] = []
  for (let n = work.coats.length - 1; n >= 1; n--) {
    if (left(coatsOf(moment, n)) < GONE) continue
    fewer.push({
      kind: 'coat',
      say: n === 1 ? 'Lay one coat of it' : `Lay ${n} coats of it`,
      edit: { replace: { step: index, with: { ...step, coats: work.coats.slice(0, n) } } },
    })
    break
  }
  const shading = setting.steps[shade.step]
  const after = shading && isAct(shading) ? [shadeAfter(shade.step, index)] : []
  return [...fewer, ...after]
}

function shadeAfter(step: number, index: number): Remedy {
  return {
    kind: 'order',
    say: 'Shade after this colour instead',
    edit: { move: { step, before: index + 1 } },
  }
}
