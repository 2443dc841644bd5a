import { type ColourFilm, colourOver } from '../../../colour/film'
import { remembered } from '../../../colour/remembered'
import { deltaE00 } from '../../../colour/spectrum'
import { actRow } from '../../../knowledge/acts'
import { coatsWord } from '../../../model/counted'
import { isAct } from '../../../model/isAct'
import { type Film, filmState } from '../../state/film'
import {
  colourFilms,
  filmLaid,
  groundUnder,
  hidingMeant,
  layerOf,
  shareMeant,
} from '../../state/filmColours'
import { hasGrains } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { theWork } from '../../state/words'
import type { Remedy, Rule } from '../finding'

/** Under this difference a shading is gone, ΔE00. Source: handbook 5.2. */
const GONE = 1

/** Opaque coats over a pre-shading so that it no longer shows. Note. Source: handbook 2.6, 5.2 (pre-shade left). */
export const buriedPreshade: Rule = {
  name: 'buried-preshade',
  timing: false,
  judge: (context) => {
    const { resolved, stack, step } = context
    if (resolved.row.kind !== 'film' || resolved.coverage !== 'whole' || !step.colour) return null
    if (resolved.role === 'clear' || resolved.role === 'release') return null
    // Colour over release or salt is there to hide what it will be opened to.
    if (stack.films.at(-1)?.role === 'release' || hasGrains(stack)) return null
    const at = stack.films.findLastIndex((film) => actRow(film.act, undefined).shades)
    const shade = stack.films[at]
    if (!shade) return null
    const ground = groundUnder(stack.films.slice(0, at))
    const steps = context.setting.steps
    const above = stack.films.slice(at + 1).flatMap((film) => colourFilms(film, steps))
    if (ground === null || above === null || !shade.colour) return null
    const laid = filmLaid(shade, shade.colour, steps)
    const before = contrast(ground, laid, above)
    const after = contrast(ground, laid, [...above, ...coatsOf(context)])
    if (before < GONE || after >= GONE) return null
    return {
      severity: 'note',
      because: `Under ${coatsWord(resolved.coats.length)} of ${theWork(context)} the shading differs from the face by ΔE00 ${after.toFixed(1)}, of ${before.toFixed(1)} before: it no longer shows.`,
      on: { film: shade.family, state: filmState(shade, context.at, context.series) },
      candidates: () =>
        candidates(context, shade, (coats) => contrast(ground, laid, [...above, ...coats])),
    }
  },
}

function coatsOf({ step, resolved }: StepContext, count = resolved.coats.length): ColourFilm[] {
  if (!step.colour) return []
  const { role, coats } = resolved
  return [
    layerOf(
      step.colour,
      role,
      coats.slice(0, count),
      shareMeant(step, role),
      hidingMeant(step, role),
    ),
  ]
}

/** The same ones are asked for again at every judgement. */
const contrasts = remembered<number>(500)

function contrast(ground: string, laid: ColourFilm, above: readonly ColourFilm[]): number {
  const key = [laid, ...above].reduce(
    (text, film) => `${text} ${film.masstone} ${film.hiding} ${film.thickness}`,
    ground,
  )
  return contrasts(key, () =>
    deltaE00(colourOver(ground, [laid, ...above]), colourOver(ground, above)),
  )
}

function candidates(
  context: StepContext,
  shade: Film,
  left: (coats: ColourFilm[]) => number,
): Remedy[] {
  const { resolved, step, index, setting } = context
  const fewer: Remedy[] = []
  for (let n = resolved.coats.length - 1; n >= 1; n--) {
    if (left(coatsOf(context, n)) < GONE) continue
    fewer.push({
      kind: 'coat',
      say: `Lay ${coatsWord(n)} of it`,
      edit: {
        replace: {
          step: index,
          with: { ...step, coats: (step.coats ?? resolved.coats).slice(0, n) },
        },
      },
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
