import { actRow } from '../../knowledge/acts'
import type { Part } from '../../model/build'
import type { ActStep } from '../../model/sequence'
import { filmReaches } from '../../stack/state/film'
import { theFilm } from '../../stack/state/filmName'
import { openFilms } from '../../stack/state/stack'
import { type PartSimulation, regionOf } from '../simulatedPart'
import type { PartRule, ToldAt } from './partRule'
import { comesTo, type OpenAct, stillToDo, zoneSaid } from './stillToDo'

/**
 * A part that is held by a zone which this step paints, or where a film is still soft. Risk, told at the first such step.
 *
 * Source: handbook 12.7.
 */
export const heldOnWet: PartRule = {
  name: 'held-on-wet',
  judge: (simulated) => {
    for (const open of stillToDo(simulated)) {
      const grip = gripOf(simulated.part, open.act)
      const told = grip === null ? null : wetAt(simulated, open, grip)
      if (told) return [told]
    }
    return []
  },
  ways: (build, part, step) => {
    const own = (build.zones ?? []).filter((zone) => zone.part === part.id)
    const act = build.steps.find(({ id }) => id === step) as ActStep | undefined
    const grip = act && gripOf(part, act)
    const free = own.filter(({ id }) => id !== grip && act?.zones && !act.zones.includes(id))
    return free.map(({ id, name }) => ({
      kind: 'tool',
      say: `Hold it by ${name.toLowerCase()} meanwhile`,
      edit: { do: 'change', targets: [{ step }], on: 'every', fields: { heldBy: id } },
      every: null,
    }))
  },
}

/** The zone that a part is held by at a step; null: where nothing is painted. */
function gripOf({ holder }: Part, { heldBy }: ActStep): string | null {
  return heldBy ?? holder?.zone ?? null
}

function wetAt(simulated: PartSimulation, { index, act }: OpenAct, grip: string): ToldAt | null {
  const name = zoneSaid(simulated, grip)
  const told = (because: string): ToldAt => ({
    step: act.id,
    severity: 'risk',
    because,
    zones: [grip],
  })
  const { kind } = actRow(act.do, act.family)
  if (kind === 'film' && comesTo(simulated, act, grip))
    return told(`It is held by its ${name}, and this paints there: the grip stays bare and smears.`)
  const region = regionOf(simulated, grip)
  const steps = simulated.simulation.simulated
  const now = steps.find((one) => one.index === index)
  const before = steps.findLast((one) => one.region === region && one.index < index)
  if (!now || !before) return null
  const { series } = simulated.simulation
  const soft = openFilms(before.after).find((film) => {
    const touch = filmReaches(film, 'touch', series)
    return !film.loose && touch !== null && now.context.at < touch
  })
  return soft ? told(`It is held by its ${name}, where ${theFilm(soft)} is still soft.`) : null
}
