import { actRow, PRESSURE_BAR, type ShareRange, THINNING } from '../materials'
import { type Mix, type MixCoat, mix } from '../mixing'
import type { Part } from '../model/project'
import type { ActStep } from '../model/sequence'
import type { Family, Tool } from '../model/vocabulary'
import { type Caution, cautionsFor } from '../safety'
import { workOf } from '../stack'
import { GUIDE, type Guide } from '../techniques'

/** What the bench shows of a step: mix, pressure, coats, cautions, what to look for. */
export type StepCard = {
  name: string
  guide: Guide
  cautions: Caution[]
  /** Thinner as share of the mix, from … to; null where nothing is thinned. */
  thinning: ShareRange | null
  thinnedWith: string
  alsoInMix: string | null
  /** For the coats that are left on this part; null without an area or thinning. */
  mix: Mix | null
  /** bar, from … to; null when nothing is sprayed. */
  pressure: readonly [number, number] | null
}

const SPRAY: readonly Tool[] = ['airbrush', 'stencil']

/** The bottle that a step would be painted from: same family and colour or sheen, fullest first. */
export type Paint = { name: string; share: number; dropsPerMl?: number | undefined }

/** The card of a step on a part. Source: handbook 4.4, 4.5, 6, 9. */
export function stepCard(
  step: ActStep,
  part: Part,
  coatsLeft: number,
  paint: Paint | null,
): StepCard {
  const row = actRow(step.do, step.family)
  const work = workOf(step, null)
  const thinning = work.family && row.kind === 'film' ? range(step, work.family, work.tool) : null
  const table = work.family ? THINNING[work.family] : null
  return {
    name: row.name,
    guide: GUIDE[step.do],
    cautions: cautionsFor({ step, ...work, substrate: part.substrate }),
    thinning,
    thinnedWith: table?.thinnedWith ?? '',
    alsoInMix: thinning ? (table?.with ?? null) : null,
    mix: thinning ? mixOf(step, part, coatsLeft, thinning, work.tool, paint) : null,
    pressure: SPRAY.includes(work.tool) && row.kind === 'film' ? pressure(step) : null,
  }
}

function range(step: ActStep, family: Family, tool: Tool): ShareRange | null {
  if (step.thinning !== undefined) return [step.thinning, step.thinning]
  const row = THINNING[family]
  if (!SPRAY.includes(tool)) return tool === 'spray-can' ? null : row.brush
  return step.do === 'clear' ? (row.clear ?? row.airbrush) : row.airbrush
}

function pressure(step: ActStep): readonly [number, number] {
  if (step.do === 'mottle' || step.do === 'soot' || step.do === 'speckle')
    return PRESSURE_BAR.mottleAndSoot
  return step.do === 'prime' || step.do === 'clear'
    ? PRESSURE_BAR.primerAndClear
    : PRESSURE_BAR.fine
}

function mixOf(
  step: ActStep,
  part: Part,
  coatsLeft: number,
  thinning: ShareRange,
  tool: Tool,
  paint: Paint | null,
): Mix | null {
  if (part.areaCm2 === undefined || coatsLeft < 1) return null
  const sprayed = SPRAY.includes(tool)
  const weights = (step.coats ?? ['light']).slice(-coatsLeft)
  const coats = weights.map((coat): MixCoat => {
    if (!sprayed) return 'brush'
    return step.do === 'clear' && coat === 'wet' ? 'clear-wet' : coat
  })
  const share = Math.round(((thinning[0] + thinning[1]) / 2) * 100) / 100
  const ingredients = [
    {
      name: paint?.name ?? 'paint',
      parts: 1 - share,
      share: paint?.share ?? 1,
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
