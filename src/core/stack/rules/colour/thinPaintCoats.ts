import { actRow } from '../../../knowledge/acts'
import { TOOL_ENERGY } from '../../../knowledge/energies'
import { familyRow } from '../../../knowledge/families'
import { OVERTHINNED, THINNING } from '../../../knowledge/thinning'
import { capital } from '../../../model/capital'
import { coatsWord } from '../../../model/counted'
import { percent } from '../../../model/percent'
import type { Coat } from '../../../model/vocabulary'
import { changed } from '../../remedies/candidates'
import { type CoatsToCover, coatsToCover } from '../../state/coatsToCover'
import { isPaintedFrom } from '../../state/paintedFrom'
import { hasGrains, newestRelease } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import type { Draft, Remedy, Rule } from '../finding'

/** Less than this from its own look nobody sees, ΔE00. Source: handbook 2.6, thin-paint-coats. */
const SEEN = 3
/** More coats than this aren't offered: another ground is the better way. */
const MOST_COATS = 6

/** Colour that is too thin or laid in too few coats to cover what lies under it: with the count. Source: handbook 2.6, 5.2. */
export const thinPaintCoats: Rule = {
  name: 'thin-paint-coats',
  timing: false,
  subject: 'preparation',
  judge: (context) => {
    const { resolved, step } = context
    // Where neither a thinning nor a colour is said nothing is known.
    if (step.thinning === undefined && step.colour === undefined) return null
    const paints = resolved.role === 'colour' || resolved.role === 'primer'
    if (resolved.row.kind !== 'film' || !paints || resolved.coverage !== 'whole') return null
    const most = mostThinner(context)
    const over = most !== null && (step.thinning ?? 0) >= most + OVERTHINNED - 1e-9
    const cover = isMeantThin(context) ? null : coatsToCover(context)
    const short = resolved.role === 'colour' && cover !== null && leavesUncovered(cover)
    if (!over && !short) return null
    return over ? overthinned(context, most, cover) : tooFew(context, cover as CoatsToCover)
  },
}

function leavesUncovered({ toCover, planned, left }: CoatsToCover): boolean {
  return (toCover === null || toCover > planned) && left >= SEEN
}

/** Colour over shading that is to go on showing, misted on to change a tone, or thin over what it will be opened to. */
function isMeantThin({ stack, resolved }: StepContext): boolean {
  if (resolved.coats.every((coat) => coat === 'mist')) return true
  if (newestRelease(stack) || hasGrains(stack)) return true
  return stack.films.some(({ act, family }) => actRow(act, family).shades)
}

/** Thinner that the guide goes to for this tool, share of the mix; null: it gives none. */
function mostThinner({ resolved }: StepContext): number | null {
  const row = resolved.family && THINNING[resolved.family]
  const range = row && (TOOL_ENERGY[resolved.tool].sprayed ? row.airbrush : row.brush)
  return range ? range[1] : null
}

function overthinned(context: StepContext, most: number, cover: CoatsToCover | null): Draft {
  const { step, resolved } = context
  const planned = resolved.coats.length
  const wanted = cover
    ? cover.toCover
    : Math.ceil((planned * (1 - most)) / (1 - (step.thinning ?? 0)) - 1e-9)
  const count =
    wanted === null
      ? 'no number of coats covers'
      : `${coatsWord(wanted)} would do what ${coatsWord(planned)} ${planned === 1 ? 'is' : 'are'} meant to`
  return {
    severity: 'risk',
    because: `With ${percent(step.thinning ?? 0)} thinner, where ${percent(most)} is the most for ${familyRow(resolved.family ?? 'lacquer').name}, it runs and hardly hides: ${count}.`,
    on: resolved.family ? { film: resolved.family } : {},
    candidates: () => [
      {
        kind: 'coat',
        say: `Thin it to ${percent(most)} only`,
        edit: { replace: { step: context.index, with: changed(step, { thinning: most }) } },
      },
      ...(cover
        ? moreCoats(
            { ...context, step: changed(step, { thinning: most }) },
            'Thin it less, and lay',
          )
        : []),
    ],
  }
}

function tooFew(context: StepContext, cover: CoatsToCover): Draft {
  const { step, setting } = context
  const bottle = setting.shelf.find((one) => isPaintedFrom(step, one))
  const weak =
    bottle?.share !== undefined && bottle.share < 1
      ? ` ${bottle.name} is only ${percent(bottle.share)} paint.`
      : ''
  const wants =
    cover.toCover === null ? 'it never covers what lies there' : `it covers in ${cover.toCover}`
  return {
    severity: 'note',
    because: `${capital(coatsWord(cover.planned))} ${cover.planned === 1 ? 'leaves' : 'leave'} it ΔE00 ${cover.left.toFixed(1)} from its own look: ${wants}.${weak}`,
    on: context.resolved.family ? { film: context.resolved.family } : {},
    candidates: () => moreCoats(context, 'Lay'),
  }
}

/** As many coats as it takes. */
function moreCoats(context: StepContext, say: string): Remedy[] {
  const { step, resolved, index } = context
  const toCover = coatsToCover(context)?.toCover ?? null
  if (toCover === null || toCover > MOST_COATS) return []
  const said = step.coats ?? resolved.coats
  const first = said[0] as Coat
  const more = Array.from({ length: toCover - resolved.coats.length }, () => first)
  return [
    {
      kind: 'coat',
      say: `${say} ${coatsWord(toCover)}`,
      edit: {
        replace: { step: index, with: changed(step, { coats: [...said, ...more] }) },
      },
    },
  ]
}
