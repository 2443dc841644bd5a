import { actRow } from '../../knowledge/acts'
import { bears, CM3_WEIGHS, USUAL_STICK } from '../../knowledge/holders'
import type { Part } from '../../model/build'
import { counted } from '../../model/counted'
import type { PartRule } from './partRule'
import { stillToDo } from './stillToDo'

/**
 * A part that is heavier than its holder bears. Risk.
 *
 * Source: handbook 2.6, second table, 12.7.
 */
export const mountTooWeak: PartRule = {
  name: 'mount-too-weak',
  judge: (simulated) => {
    const { holder } = simulated.part
    const borne = holder ? bears(holder) : null
    const weighs = weightOf(simulated.part)
    if (!holder || borne === null || weighs === null || weighs <= borne) return []
    const first = stillToDo(simulated).find(({ act }) => actRow(act.do, act.family).kind === 'film')
    if (!first) return []
    const { count = 1, mm = USUAL_STICK } = holder
    const sticks = count === 1 ? `a stick of ${mm} mm bears` : `${count} sticks of ${mm} mm bear`
    return [
      {
        step: first.act.id,
        severity: 'risk',
        because: `It weighs ${Math.round(weighs)} g, and ${sticks} ${Math.round(borne)} g: it turns or drops while it is wet.`,
        zones: [],
      },
    ]
  },
  ways: (_build, part) => {
    const { holder } = part
    const weighs = weightOf(part)
    if (!holder || weighs === null) return []
    const one = bears({ ...holder, count: 1 })
    if (one === null) return []
    const count = Math.ceil(weighs / one)
    return [
      {
        kind: 'tool',
        say: `Hold it by ${counted(count, 'stick')}`,
        edit: { do: 'part', part: part.id, fields: { holder: { ...holder, count } } },
        every: null,
      },
    ]
  },
}

/** What a part weighs, g: as it says, or by its volume; null: nobody knows. */
export function weightOf({ weightG, volumeCm3, substrate }: Part): number | null {
  const density = CM3_WEIGHS[substrate]
  if (weightG !== undefined) return weightG
  return volumeCm3 === undefined || density === undefined ? null : volumeCm3 * density
}
