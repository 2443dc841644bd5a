import type { Bottle } from '../model/bottle'
import type { Build, Part } from '../model/build'
import type { Zone } from '../model/zone'
import { coatsByCover } from '../places/coatsByCover'
import { type PrimerPlan, primerPlan } from '../places/primerPlan'
import { endColours } from './colourOrder'
import { zoneArea, zonesOf } from './zoneRegions'

/** Primers of the shelf for the zones of a part that end in a colour. */
export type PrimerChoiceOf = {
  zones: Zone[]
  /** By the places that the plan speaks of. */
  primers: Bottle[]
  plan: PrimerPlan
}

/**
 * Which primer of the shelf goes under which zone of a part: the fewest coats of colour over it, and few flushes.
 *
 * @returns null where no zone ends in a colour, or the shelf has no two primers of different colours
 * Source: handbook 12.3.
 */
export function primerChoice(
  build: Build,
  part: Part,
  shelf: readonly Bottle[],
): PrimerChoiceOf | null {
  const primers = primersOf(shelf)
  const ends = endColours(build, part)
  if (primers.length < 2 || ends.length === 0) return null
  const all = zonesOf(build, part.id)
  const colours = [...new Set(ends.map(({ hex }) => hex))]
  // Each colour over each primer, reckoned as over a base.
  const over = primers.map(({ colour }) =>
    coatsByCover(
      colours.map((masstone) => ({ masstone })),
      colour as string,
    ),
  )
  const known = new Map<string, number>()
  const coats = (zone: number, primer: number) => {
    const colour = colours.indexOf(ends[zone]?.hex ?? '')
    const key = `${colour} ${primer}`
    const count = known.get(key) ?? over[primer]?.(colour, null) ?? 0
    known.set(key, count)
    return count
  }
  const plan = primerPlan({
    primers: primers.length,
    zones: ends.map(({ zone }) => ({ id: zone.id, areaCm2: zoneArea(zone, part, all) })),
    coats,
  })
  return plan && { zones: ends.map(({ zone }) => zone), primers, plan }
}

/** Primers that have something in them, one of each colour, the fullest. */
function primersOf(shelf: readonly Bottle[]): Bottle[] {
  const by = new Map<string, Bottle>()
  for (const bottle of shelf) {
    if (bottle.role !== 'primer' || !bottle.colour || (bottle.leftMl ?? 1) <= 0) continue
    const known = by.get(bottle.colour)
    if (!known || (bottle.leftMl ?? 0) > (known.leftMl ?? 0)) by.set(bottle.colour, bottle)
  }
  return [...by.values()]
}
