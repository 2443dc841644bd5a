import { isReadyMade, paintIn, paintLaid } from '../../../colour/bottled'
import { faceKind, lineContrast, offMiddle } from '../../../colour/lineContrast'
import type { Paint } from '../../../colour/optics'
import { labOf } from '../../../colour/spectrum'
import {
  type Band,
  harshFrom,
  LINE_DEPTH_MM,
  lineBand,
  USUAL_LOOK,
  USUAL_WASH_SHARES,
  WASH_TONES,
  WASHES_FOR,
} from '../../../knowledge/lining'
import { THINNING } from '../../../knowledge/thinning'
import type { SCHOOLS } from '../../../model/vocabulary'
import { changed } from '../../remedies/candidates'
import { faceColour } from '../../state/faceColour'
import { filmState } from '../../state/film'
import { isPaintedFrom } from '../../state/paintedFrom'
import { facing } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import type { Draft, Remedy, Rule } from '../finding'

type Look = (typeof SCHOOLS.liningLook)[number]

/** A line on its face, against the band of the look and scale. */
type Lined = {
  face: string
  depthMm: number
  share: number
  band: Band
  look: Look
  scale: number
  deltaE00: number
  darker: boolean
}

/** Paint shares that a wash may have: as the step says, as its bottle comes, else as it is usually mixed. */
function sharesOf({ step, setting }: StepContext): readonly number[] {
  const bottle = setting.shelf.find((one) => isPaintedFrom(step, one))
  if (step.thinning !== undefined) {
    const meant = 1 - step.thinning
    return [bottle ? paintLaid(bottle, meant) : meant]
  }
  return bottle && isReadyMade(bottle) ? [paintIn(bottle)] : USUAL_WASH_SHARES
}

/** Both rules ask it of the same step. */
const linedKnown = new WeakMap<StepContext, Lined | null>()

/** How a line will look; null where a colour or the scale isn't known. */
function linedOn(context: StepContext): Lined | null {
  const known = linedKnown.get(context)
  if (known !== undefined) return known
  const lined = reckoned(context)
  linedKnown.set(context, lined)
  return lined
}

function reckoned(context: StepContext): Lined | null {
  const { step, stack, setting, resolved } = context
  const { scale, lineDepthMm: depthMm = LINE_DEPTH_MM } = setting.sequence
  if (!resolved.row.runs || !step.colour || scale === undefined || !facing(stack)) return null
  const face = faceColour(stack.films, setting.steps)
  if (!face) return null
  const look = setting.school.liningLook ?? USUAL_LOOK
  const band = lineBand(look, scale, faceKind(labOf(face)))
  const paint = { masstone: step.colour }
  return sharesOf(context)
    .map((share): Lined => {
      const { deltaE00, darker } = lineContrast({ face, paint, share, depthMm })
      return { face, depthMm, share, band, look, scale, deltaE00, darker }
    })
    .reduce((best, one) =>
      offMiddle(one.deltaE00, band) < offMiddle(best.deltaE00, band) ? one : best,
    )
}

function on(context: StepContext): Draft['on'] {
  const film = facing(context.stack)
  return film
    ? { film: film.family, state: filmState(film, context.at, context.series) }
    : { substrate: context.stack.substrate }
}

/** Another wash that reads: one from the shelf, a tone that goes with the face, the same one within its usual strengths. */
function otherWashes(context: StepContext, lined: Lined): Remedy[] {
  const { step, index, setting, resolved } = context
  const reads = (paint: Paint, share: number) => {
    const { deltaE00 } = lineContrast({ face: lined.face, paint, share, depthMm: lined.depthMm })
    return deltaE00 >= lined.band.from && deltaE00 <= lined.band.to
      ? offMiddle(deltaE00, lined.band)
      : null
  }
  const shelf = setting.shelf
    .filter(({ role, colour, family }) => role === 'wash' && colour && family === resolved.family)
    .map((bottle) => ({
      rank: 0,
      off: reads({ masstone: bottle.colour as string }, paintIn(bottle)),
      say: `Line with ${bottle.name} instead`,
      fields: { colour: bottle.colour, bottle: bottle.id, thinning: undefined },
    }))
  const suits = WASHES_FOR[faceKind(labOf(lined.face))]
  const tones = WASH_TONES.map(({ kind, say, colour }) => ({
    rank: suits.includes(kind) ? 1 : 2,
    off: reads({ masstone: colour }, lined.share),
    say: `Line with a ${say} instead`,
    fields: { colour, bottle: undefined },
  }))
  const ways = [...shelf, ...tones]
    .filter(({ off }) => off !== null)
    .sort((a, b) => a.rank - b.rank || (a.off as number) - (b.off as number))
    .map(
      ({ say, fields }): Remedy => ({
        kind: 'coat',
        say,
        edit: { replace: { step: index, with: changed(step, fields) } },
      }),
    )
  return [...ways, ...strengths(context, lined, reads)]
}

/** The same wash as thin or as strong as its kind is used. Source: handbook 4.5. */
function strengths(
  { step, index, resolved }: StepContext,
  lined: Lined,
  reads: (paint: Paint, share: number) => number | null,
): Remedy[] {
  const range = resolved.family && THINNING[resolved.family].brush
  if (!range || !step.colour) return []
  return range
    .filter((thinning) => reads({ masstone: step.colour as string }, 1 - thinning) !== null)
    .filter((thinning) => Math.abs(1 - thinning - lined.share) > 0.01)
    .map((thinning) => ({
      kind: 'solvent',
      say: `Mix it ${1 - thinning > lined.share ? 'stronger' : 'thinner'}: ${Math.round(thinning * 100)} % thinner`,
      edit: { replace: { step: index, with: changed(step, { thinning }) } },
    }))
}

function otherLook(context: StepContext, liningLook: Look): Remedy {
  const { school } = context.setting
  return {
    kind: 'order',
    say: `Take a ${liningLook} look as this build’s school`,
    edit: { set: { school: { ...school, liningLook } } },
  }
}

/** A line that hardly differs from the face, or is lighter than it, for the look and scale. Note. Source: handbook 2.6, 5.3. */
export const contrastInvisible: Rule = {
  name: 'contrast-invisible',
  timing: false,
  judge: (context) => {
    const lined = linedOn(context)
    if (!lined || lined.deltaE00 >= lined.band.from) return null
    const lighter = lined.darker ? '' : ', and it is lighter than the face'
    return {
      severity: 'note',
      because: `The line differs from the face by ΔE00 ${lined.deltaE00.toFixed(0)}${lighter}; ${wants(lined)}.`,
      on: on(context),
      candidates: () => [...otherWashes(context, lined), otherLook(context, 'restrained')],
    }
  },
}

/** A line that stands out more than the look and scale bear. Note. Source: handbook 2.6, 5.3. */
export const contrastStark: Rule = {
  name: 'contrast-stark',
  timing: false,
  judge: (context) => {
    const lined = linedOn(context)
    if (!lined || lined.deltaE00 <= lined.band.to) return null
    const harsh =
      lined.deltaE00 > harshFrom(lined.scale) ? ', which is harsh whatever the look' : ''
    return {
      severity: 'note',
      because: `The line differs from the face by ΔE00 ${lined.deltaE00.toFixed(0)}${harsh}; ${wants(lined)}.`,
      on: on(context),
      candidates: () => [...otherWashes(context, lined), otherLook(context, 'graphic')],
    }
  },
}

function wants({ look, scale, band }: Lined): string {
  return `a ${look} line at 1:${scale} wants ${band.from.toFixed(0)} to ${band.to.toFixed(0)}`
}
