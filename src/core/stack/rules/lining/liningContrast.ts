import { colourOver } from '../../../colour/film'
import { deltaE00, labOf } from '../../../colour/spectrum'
import { thicknessOf } from '../../../colour/thickness'
import {
  HARSH,
  LEFT_IN_RECESS,
  LINE_DEPTH_MM,
  lineBand,
  WASH_SHARE,
} from '../../../knowledge/lining'
import { filmState } from '../../state/film'
import { seenFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import type { Draft, Rule } from '../finding'

/** How a line will look against the face: ΔE00 and whether it is darker; null where a colour isn't known. */
function contrastOf({ step, stack, setting, resolved }: StepContext) {
  const face = seenFilms(stack).find((film) => film.coverage === 'whole' && film.colour)?.colour
  if (!resolved.row.runs || !step.colour || !face) return null
  const share = step.thinning === undefined ? WASH_SHARE : 1 - step.thinning
  const microns = (setting.sequence.lineDepthMm ?? LINE_DEPTH_MM) * 1000 * LEFT_IN_RECESS
  const film = { masstone: step.colour, thickness: thicknessOf(microns, share) }
  const line = colourOver(face, [film])
  const base = labOf(face)
  return { difference: deltaE00(line, base), darker: line.l < base.l }
}

function asked(context: StepContext) {
  const { liningLook } = context.setting.school
  const { scale } = context.setting.sequence
  if (!liningLook || scale === undefined) return null
  const contrast = contrastOf(context)
  return contrast && { ...contrast, band: lineBand(liningLook, scale), look: liningLook, scale }
}

function on(context: StepContext): Draft['on'] {
  const film = seenFilms(context.stack).find((film) => film.coverage === 'whole' && film.colour)
  return film
    ? { film: film.family, state: filmState(film, context.at, context.series) }
    : { substrate: context.stack.substrate }
}

/** The same wash in another strength, so that it comes into its band. */
function strengths(context: StepContext, say: string, change: number) {
  const { step, index } = context
  const now = step.thinning ?? 1 - WASH_SHARE
  const tries = [1, 2, 3, 4, 5, 6].map((n) => Math.min(0.99, Math.max(0.5, now + n * change)))
  return [...new Set(tries.map((share) => Math.round(share * 100) / 100))].map((thinning) => ({
    kind: 'solvent' as const,
    say: `${say}: ${Math.round(thinning * 100)} % thinner`,
    edit: { replace: { step: index, with: { ...step, thinning } } },
  }))
}

function otherLook(context: StepContext, liningLook: 'normal' | 'graphic' | undefined) {
  const { school } = context.setting
  return {
    kind: 'order' as const,
    say: liningLook ? `Take a ${liningLook} look as this build’s school` : 'Leave the look open',
    edit: { set: { school: { ...school, liningLook } } },
  }
}

/** A line that hardly differs from the face, or is lighter than it, for the look and scale chosen. Note. Source: handbook 2.6, 5.3. */
export const contrastInvisible: Rule = {
  name: 'contrast-invisible',
  timing: false,
  judge: (context) => {
    const found = asked(context)
    if (!found || found.difference >= found.band.from) return null
    return {
      severity: 'note',
      because: `The line differs from the face by ΔE00 ${found.difference.toFixed(0)}; a ${found.look} line at 1:${found.scale} wants ${found.band.from} to ${found.band.to}${found.darker ? '' : ', and it is lighter than the face'}.`,
      on: on(context),
      candidates: () => [
        ...strengths(context, 'Make the wash stronger', -0.05),
        otherLook(context, undefined),
      ],
    }
  },
}

/** A line that stands out more than the look and scale bear. Note. Source: handbook 2.6, 5.3. */
export const contrastStark: Rule = {
  name: 'contrast-stark',
  timing: false,
  judge: (context) => {
    const found = asked(context)
    if (!found || found.difference <= found.band.to) return null
    const harsh = found.difference > HARSH ? ', which is harsh at any scale' : ''
    return {
      severity: 'note',
      because: `The line differs from the face by ΔE00 ${found.difference.toFixed(0)}${harsh}; a ${found.look} line at 1:${found.scale} wants ${found.band.from} to ${found.band.to}.`,
      on: on(context),
      candidates: () => [
        ...strengths(context, 'Thin the wash', 0.02),
        otherLook(context, undefined),
      ],
    }
  },
}
