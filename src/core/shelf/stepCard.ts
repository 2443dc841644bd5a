import { actRow, laysClear } from '../knowledge/acts'
import { type Caution, cautionsFor } from '../knowledge/cautions'
import { GUIDE, type Guide } from '../knowledge/guide'
import type { MixCoat } from '../knowledge/mixing'
import { PRESSURE_BAR, type ShareRange, THINNING } from '../knowledge/thinning'
import { type ThinningAdvice, thinningAdvice } from '../mixing/advice'
import { type Mix, mix } from '../mixing/mix'
import type { Part } from '../model/build'
import { REFERENCE_CLIMATE } from '../model/climate'
import type { ActStep } from '../model/sequence'
import type { Family, Tool } from '../model/vocabulary'
import { resolveStep } from '../stack/state/resolvedStep'
import type { PaintSource } from './paintFor'

/** What the bench shows of a step: mix, pressure, coats, cautions, what to look for. */
export type StepCard = {
  name: string
  guide: Guide
  cautions: Caution[]
  /** Thinner as share of the mix, from … to; null where nothing is thinned. */
  thinning: ShareRange | null
  thinnedWith: string
  alsoInMix: string | null
  /** What the warmth of the room does to the thinning, in words. */
  warmth: string[]
  /** For the coats that are left on this part; null without an area or thinning. */
  mix: Mix | null
  /** bar, from … to; null when nothing is sprayed. */
  pressure: readonly [number, number] | null
}

const SPRAY: readonly Tool[] = ['airbrush', 'stencil']

/** The card of a step on a part, in a room of some warmth, °C. Source: handbook 4.4, 4.5, 6, 9. */
export function stepCard(
  step: ActStep,
  part: Part,
  coatsLeft: number,
  paint: PaintSource | null,
  celsius = REFERENCE_CLIMATE.celsius,
): StepCard {
  const row = actRow(step.do, step.family)
  const resolved = resolveStep(step, null)
  const advice =
    resolved.family && row.kind === 'film'
      ? (paint && asItIs(step, paint)) || adviceFor(step, resolved.family, resolved.tool, celsius)
      : null
  const thinning = advice?.share ?? null
  const table = resolved.family ? THINNING[resolved.family] : null
  return {
    name: row.name,
    guide: GUIDE[step.do],
    cautions: cautionsFor({ step, ...resolved, substrate: part.substrate }),
    thinning,
    thinnedWith: table?.thinnedWith ?? '',
    alsoInMix: thinning ? (table?.with ?? null) : null,
    warmth: thinning && step.thinning === undefined ? (advice?.because ?? []) : [],
    mix: thinning ? mixOf(step, part, coatsLeft, thinning, resolved.tool, paint) : null,
    pressure: SPRAY.includes(resolved.tool) && row.kind === 'film' ? pressure(step) : null,
  }
}

/** A kept mix is thinned as it was mixed; what is bottled at working strength isn't, unless the step wants it thinner still. */
function asItIs(
  { thinning }: ActStep,
  { recipe, readyMade, share }: PaintSource,
): Pick<ThinningAdvice, 'share' | 'because'> | null {
  if (recipe) {
    const thinner = 1 - mix({ ingredients: recipe, volumeMl: 1 }).paintShare
    return { share: [thinner, thinner], because: [] }
  }
  const weaker = thinning !== undefined && 1 - thinning < share - 1e-9
  return readyMade && !weaker ? { share: AS_IT_COMES, because: [] } : null
}

const AS_IT_COMES: ShareRange = [0, 0]

/** How far to thin: as the step says, else by the guide at this warmth. */
function adviceFor(
  step: ActStep,
  family: Family,
  tool: Tool,
  celsius: number,
): Pick<ThinningAdvice, 'share' | 'because'> | null {
  if (step.thinning !== undefined) return { share: [step.thinning, step.thinning], because: [] }
  if (tool === 'spray-can') return null
  if (!SPRAY.includes(tool)) return thinningAdvice(family, 'brush', celsius)
  const clear = laysClear(step) ? thinningAdvice(family, 'clear', celsius) : null
  return clear?.share ? clear : thinningAdvice(family, 'colour', celsius)
}

/** Source: handbook 4.5, pressure and nozzle. */
const PRESSURE_OF = {
  close: PRESSURE_BAR.mottleAndSoot,
  'primer-and-clear': PRESSURE_BAR.primerAndClear,
} as const

function pressure(step: ActStep): readonly [number, number] {
  const { sprayed } = actRow(step.do, step.family)
  return sprayed ? PRESSURE_OF[sprayed] : PRESSURE_BAR.fine
}

function mixOf(
  step: ActStep,
  part: Part,
  coatsLeft: number,
  thinning: ShareRange,
  tool: Tool,
  paint: PaintSource | null,
): Mix | null {
  if (part.areaCm2 === undefined || coatsLeft < 1) return null
  const sprayed = SPRAY.includes(tool)
  const weights = (step.coats ?? ['light']).slice(-coatsLeft)
  const coats = weights.map((coat): MixCoat => {
    if (!sprayed) return 'brush'
    return laysClear(step) && coat === 'wet' ? 'clear-wet' : coat
  })
  const share = Math.round(((thinning[0] + thinning[1]) / 2) * 100) / 100
  const ingredients = paint?.recipe ?? [
    {
      name: paint?.name ?? 'paint',
      parts: 1 - share,
      share: share > 0 ? (paint?.share ?? 1) : 1,
      dropsPerMl: paint?.dropsPerMl,
    },
    ...(share > 0 ? [{ name: 'thinner', parts: share }] : []),
  ]
  return mix({
    ingredients,
    area: part.areaCm2,
    coats,
    tool: sprayed ? 'airbrush' : 'brush',
    round: 'drops',
  })
}
