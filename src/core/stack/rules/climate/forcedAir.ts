import { type ClimateSeries, piecesBetween } from '../../../drying/series'
import { familyRow } from '../../../knowledge/families'
import { solventRow } from '../../../knowledge/solvents'
import { substrateRow } from '../../../knowledge/substrates'
import { capital } from '../../../model/capital'
import type { Solvent } from '../../../model/vocabulary'
import { filmReaches } from '../../state/film'
import { theFilm } from '../../state/filmName'
import type { StepContext } from '../../state/stepContext'
import type { Draft, Remedy } from '../finding'

/** Warm air is set to this where the part bears it, °C. Source: handbook 3.2, f_A. */
const GENTLE = 40

const forcedPieces = new WeakMap<ClimateSeries, ReturnType<typeof piecesBetween>>()

/** When warm air was blown: hardly ever, and looked for once in all that was read. */
function forcedIn(series: ClimateSeries): ReturnType<typeof piecesBetween> {
  const known = forcedPieces.get(series)
  if (known) return known
  const isForced = ({ climate }: ClimateSeries[number]) => climate.air === 'forced'
  const whole = series.some(isForced) ? piecesBetween(series, 0, Number.POSITIVE_INFINITY) : []
  const pieces = whole.filter(isForced)
  forcedPieces.set(series, pieces)
  return pieces
}

/**
 * Warm air since the newest film was laid: hotter than the part bears, or on two-part paint that was still wet. A risk, told
 * as `too-hot`. Source: handbook 3.2, f_A.
 */
export function forcedAir(context: StepContext): Draft | null {
  const { stack, series, at } = context
  const film = stack.films.at(-1)
  if (!film) return null
  const pieces = forcedIn(series).filter(({ from, to }) => from < at && to > film.end)
  const limit = substrateRow(stack.substrate).forcedAirLimit
  const hot = pieces.find(({ climate }) => limit !== null && climate.celsius > limit)
  if (hot)
    return draft(
      context,
      `Warm air of ${hot.climate.celsius} °C: ${substrateRow(stack.substrate).name} bears ${limit} °C at most and warps.`,
    )
  if (!familyRow(film.family).twoPart) return null
  const touch = filmReaches(film, 'touch', series)
  const wet = pieces.find((piece) => touch === null || piece.from < touch)
  if (!wet) return null
  return draft(
    context,
    `${capital(theFilm(film))} got warm air while it was wet: it boils and bubbles.`,
  )
}

function draft(context: StepContext, because: string): Draft {
  return {
    severity: 'risk',
    because,
    on: { substrate: context.stack.substrate },
    candidates: () => candidates(context),
  }
}

/** Warm air over what it doesn't suit: two-part paint boils (risk), solvent is vapour that nothing hot comes near (note). */
export function warmAirAtStep({ step, resolved, index }: StepContext): Draft | null {
  const { family } = resolved
  if (!step.warmAir || !family) return null
  const { twoPart, waterBorne, name } = familyRow(family)
  if (waterBorne || (!twoPart && !thinnedWithVapour(resolved.solvent))) return null
  return {
    severity: twoPart ? 'risk' : 'note',
    because: twoPart
      ? `Warm air on wet ${name} boils it into bubbles.`
      : `Warm air brings ${name} nothing, and its vapour is to be kept from whatever is hot.`,
    on: { film: family },
    candidates: () => [
      {
        kind: 'coat',
        say: 'Let it dry without warm air',
        edit: { replace: { step: index, with: { ...step, warmAir: undefined } } },
      },
    ],
  }
}

function thinnedWithVapour(solvent: Solvent | null): boolean {
  return solvent !== null && solventRow(solvent).smells === true
}

/** Cooler air, or the room’s own, at every step that blows warm air. */
function candidates({ setting, index }: StepContext): Remedy[] {
  const blown = (celsius: number, air: 'forced' | 'room') =>
    setting.steps.map((step, i) =>
      i <= index && step.climate?.air === 'forced'
        ? { ...step, climate: { ...step.climate, celsius, air } }
        : step,
    )
  return [
    {
      kind: 'coat',
      say: `Blow air of ${GENTLE} °C`,
      edit: { set: { steps: blown(GENTLE, 'forced') } },
    },
    {
      kind: 'long-wait',
      say: 'Let it dry in the room instead',
      edit: { set: { steps: blown(20, 'room') } },
    },
  ]
}
