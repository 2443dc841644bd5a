import { hexOf, mixColour, paintIn } from '@/core/colour'
import type { Mix } from '@/core/mixing'
import type { Bottle } from '@/core/model/bottle'
import type { StoredMix } from '@/core/model/mix'
import { bottlePaint, type Drawn } from '@/core/shelf'
import { newId } from '@/store/newId'
import { buildFields } from '../shared/ForBuild'
import { numberOf } from '../shared/fieldText'
import type { Line } from './request'

export function isPaint(bottle: Bottle): boolean {
  return !['thinner', 'retarder', 'flow-aid', 'cleaner'].includes(bottle.role)
}

/** The colour that bottles come to in a mix, laid on until it hides; null where none of them has a colour. */
export function mixedColour(
  lines: readonly Line[],
  mixed: Mix,
  shelf: readonly Bottle[],
): string | null {
  const portions = lines.flatMap((line, i) => {
    const bottle = shelf.find((bottle) => bottle.id === line.bottle)
    const ml = mixed.ingredients[i]?.ml ?? 0
    return bottle?.colour && ml > 0
      ? [{ paint: bottlePaint(bottle), amount: ml * paintIn(bottle) }]
      : []
  })
  return portions.length === 0 ? null : hexOf(mixColour(portions))
}

/** What a mix takes out of each bottle of the shelf. */
function drawnBy(lines: readonly Line[], mixed: Mix): Drawn[] {
  return lines.flatMap((line, i) => {
    const ml = Number((mixed.ingredients[i]?.ml ?? 0).toFixed(2))
    return line.bottle && ml > 0 ? [{ bottle: line.bottle, ml }] : []
  })
}

/** What is kept of a mix: its row, and what it drew from which bottle. */
export function keptMix(
  name: string,
  lines: readonly Line[],
  mixed: Mix,
  shelf: readonly Bottle[],
  options: { takenOut: boolean; forBuild: string },
): { mix: StoredMix; drawn: Drawn[] } {
  return {
    mix: { ...storedMix(name, lines, mixed, shelf), ...buildFields(options.forBuild) },
    drawn: options.takenOut ? drawnBy(lines, mixed) : [],
  }
}

function storedMix(
  name: string,
  lines: readonly Line[],
  mixed: Mix,
  shelf: readonly Bottle[],
): StoredMix {
  const first = shelf.find((bottle) => bottle.id === lines[0]?.bottle)
  const colour = mixedColour(lines, mixed, shelf)
  return {
    id: newId(),
    name,
    at: new Date(Date.now()).toISOString(),
    ...(colour ? { colour } : {}),
    ...(first ? { family: first.family } : {}),
    ingredients: lines.map((line, i) => {
      const bottle = shelf.find((bottle) => bottle.id === line.bottle)
      return {
        name: mixed.ingredients[i]?.name ?? line.name,
        ...(line.bottle ? { bottle: line.bottle } : {}),
        parts: Number(numberOf(line.parts)),
        ...(line.share.trim() === '' ? {} : { share: Number(numberOf(line.share)) / 100 }),
        ...(bottle?.dropsPerMl === undefined ? {} : { dropsPerMl: bottle.dropsPerMl }),
      }
    }),
    volumeMl: mixed.totalMl,
  }
}
