import { actRow } from '../../knowledge/acts'
import { SPOT_WORDS } from '../../knowledge/spots'
import { capital } from '../../model/capital'
import type { ActStep } from '../../model/sequence'
import type { Spot } from '../../model/spot'
import { listed } from '../../stack/state/words'
import { isOpen } from '../openSpot'
import type { PartRule } from './partRule'
import { comesTo, stillToDo } from './stillToDo'

/** Names of so many are said, the others counted. */
const SAID = 3

/**
 * Spots that are still open where colour comes, and nothing planned before it that would close them. Risk.
 *
 * Source: handbook 12.4.
 */
export const openDefects: PartRule = {
  name: 'open-defects',
  judge: (simulated) => {
    const open = (simulated.part.spots ?? []).filter(isOpen)
    if (open.length === 0) return []
    const acts = stillToDo(simulated)
    const at = acts.findIndex(({ act }) => isColour(act))
    const colour = acts[at]
    if (!colour) return []
    const before = acts.slice(0, at).filter(({ act }) => mends(act))
    const left = open.filter(
      ({ zone }) =>
        comesTo(simulated, colour.act, zone) &&
        !before.some(({ act }) => comesTo(simulated, act, zone)),
    )
    if (left.length === 0) return []
    return [
      {
        step: colour.act.id,
        severity: 'risk',
        because: `${capital(spotsSaid(left))} ${left.length === 1 ? 'is' : 'are'} still open: under colour ${left.length === 1 ? 'it shows' : 'they show'}, and can’t be mended without going back to bare plastic there.`,
        zones: [...new Set(left.flatMap(({ zone }) => zone ?? []))],
      },
    ]
  },
  ways: (_build, part, step, newId) => {
    const spots = (part.spots ?? []).map((spot) => ({ ...spot, state: 'good' as const }))
    return [
      {
        kind: 'order',
        say: 'Sand what is open first',
        edit: {
          do: 'insert',
          before: { step },
          steps: [{ id: newId(), parts: [part.id], do: 'sand', grit: 400 }],
        },
        every: null,
      },
      {
        kind: 'order',
        say: 'I looked: all of them are good',
        edit: { do: 'part', part: part.id, fields: { spots } },
        every: null,
      },
    ]
  },
}

/** Does an act lay colour that spots show under? */
function isColour(act: ActStep): boolean {
  const { kind, role, inCoats } = actRow(act.do, act.family)
  return kind === 'film' && inCoats === true && (act.role ?? role) === 'colour'
}

/** Does an act fill or level a face? */
function mends(act: ActStep): boolean {
  const { fills, cuts, kind } = actRow(act.do, act.family)
  return fills === true || (kind === 'prep' && cuts !== undefined)
}

/** Spots by their kinds: "2 seams and a pinhole". */
function spotsSaid(spots: readonly Spot[]): string {
  const kinds = new Map<Spot['kind'], number>()
  for (const { kind } of spots) kinds.set(kind, (kinds.get(kind) ?? 0) + 1)
  const words = [...kinds].map(([kind, count]) =>
    count === 1 ? SPOT_WORDS[kind].one : `${count} ${SPOT_WORDS[kind].many}`,
  )
  return words.length > SAID
    ? listed([...words.slice(0, SAID), `${words.length - SAID} more kinds`])
    : listed(words)
}
