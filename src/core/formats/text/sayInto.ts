import { actRow } from '../../knowledge/acts'
import type { SaidField } from '../../knowledge/words/ways'
import { familiesFor, toolsFor } from '../stepProblems'
import type { Draft, SaidStep } from './draft'
import type { Sense } from './lexicon'

/**
 * Says one thing of a step, if it makes sense for its act.
 *
 * @param adjacent does a number stand just before it?
 * @returns was it said?
 */
export function sayInto(draft: Draft, sense: Sense, text: string, adjacent: boolean): boolean {
  const row = draft.row()
  switch (sense.is) {
    case 'field':
      return sayField(draft, sense.says, text)
    case 'sheen':
      if (row.kind !== 'film') return false
      return draft.put({ sheen: sense.sheen })
    case 'coat':
      if (!row.inCoats) return false
      draft.addCoat(sense.coat, adjacent)
      return true
    case 'colour':
      if (row.kind !== 'film' && !row.withPaint) return false
      draft.addColour(text.toLowerCase())
      return true
    case 'air':
      draft.putInto('climate', sense.says)
      return true
    case 'bottle': {
      const { bottle } = sense
      const { do: act } = draft.fields as SaidStep
      const fits =
        bottle.role === 'thinner' || familiesFor(actRow(act, bottle.family)).includes(bottle.family)
      if (fits) draft.take(bottle)
      return fits
    }
    case 'mix': {
      const { id, family, colour } = sense.mix
      if (row.kind !== 'film') return false
      return draft.put({
        mix: id,
        ...(family ? { family } : {}),
        ...(colour ? { colour } : {}),
      })
    }
    default:
      return false
  }
}

function sayField(draft: Draft, says: SaidField, text: string): boolean {
  const { do: act } = draft.fields as SaidStep
  const row = draft.row()
  const { family, tool, role, wetted, adhesive } = says
  if (family && !familiesFor(actRow(act, family)).includes(family)) return false
  if (tool && !toolsFor(row).includes(tool)) return false
  if (wetted && row.mask !== 'grain') return false
  if (adhesive && !row.fitsGlass && !row.joins) return false
  if (role && !text.toLowerCase().startsWith('as ')) return row.role === role
  return draft.put(says)
}
