import { CLEAR_HIDING, type ColourFilm, colourOver, defaultHiding, deltaE00 } from '../../colour'
import { WET_MICRONS } from '../../materials'
import { isAct } from '../../model/sequence'
import type { Act, Coat } from '../../model/vocabulary'
import { type Film, filmState } from '../film'
import type { Remedy, Rule } from '../finding'
import type { Moment } from '../moment'
import { isTransparent } from '../stack'
import { theWork } from '../words'

const SHADES: readonly Act[] = ['preshade', 'mottle', 'toplight']

/** Under this difference a shading is gone, ΔE00. Source: handbook 5.2. */
const GONE = 1

/** Grey where a primer doesn't say its colour. */
const PRIMER = '#8B8C8B'

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
    const above = stack.films.slice(at + 1).flatMap(colourFilm)
    if (ground === null || above === null || !shade.colour) return null
    const before = contrast(ground, shade, above)
    const after = contrast(ground, shade, [...above, ...coatsOf(moment)])
    if (before < GONE || after >= GONE) return null
    return {
      severity: 'note',
      because: `Under ${work.coats.length} coats of ${theWork(moment)} the shading differs from the face by ΔE00 ${after.toFixed(1)}, of ${before.toFixed(1)} before: it no longer shows.`,
      on: { film: shade.family, state: filmState(shade, moment.at, moment.series) },
      ways: () => ways(moment, shade, (coats) => contrast(ground, shade, [...above, ...coats])),
    }
  },
}

/** The colour of the whole film under the shading; null when nobody has said it. */
function groundUnder(films: readonly Film[]): string | null {
  const whole = films.findLast((film) => film.coverage === 'whole' && !isTransparent(film))
  if (!whole) return PRIMER
  return whole.colour ?? (whole.role === 'primer' ? PRIMER : null)
}

/** Thickness of a coat in normal light coats at half paint. Source: handbook 4.4, 5.1. */
function thicknessOf(coat: Coat): number {
  return WET_MICRONS[coat] / WET_MICRONS.light
}

function filmOf(colour: string, transparent: boolean, coats: readonly Coat[]): ColourFilm {
  return {
    masstone: colour,
    hiding: transparent ? CLEAR_HIDING : defaultHiding(colour),
    thickness: coats.reduce((sum, coat) => sum + thicknessOf(coat), 0),
  }
}

function colourFilm(film: Film): ColourFilm[] {
  if (film.coverage !== 'whole' || !film.colour || film.role === 'clear') return []
  return [filmOf(film.colour, film.role === 'clear-colour', film.coats)]
}

function coatsOf({ step, work }: Moment, count = work.coats.length): ColourFilm[] {
  if (!step.colour) return []
  return [filmOf(step.colour, work.role === 'clear-colour', work.coats.slice(0, count))]
}

const contrasts = new Map<string, number>()
/** How many contrasts are remembered: the same ones are asked for again at every judgement. */
const REMEMBERED = 500

function contrast(ground: string, shade: Film, above: readonly ColourFilm[]): number {
  const laid = filmOf(shade.colour ?? PRIMER, false, shade.coats)
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
