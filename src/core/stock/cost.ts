import { stands } from '../log/logIndex'
import type { BenchTool } from '../model/tool'
import type { PartToPaint } from './partToPaint'
import type { StockState } from './stockState'
import { usesOf } from './uses'

/** How far a tool, or a pack of consumables, is used up. */
export type Wear = {
  tool: BenchTool
  used: number
  /** What is left of its uses; null: nobody has said how many it has. */
  left: number | null
  /** Few are left: see to a new one. */
  low: boolean
}

/** Under this share of its uses a tool is worn, or a pack nearly empty. */
const LOW = 0.1

/** Every tool with what the log says was used of it. Source: N79. */
export function wearOf({ project, log }: StockState): Wear[] {
  return (project.tools ?? []).map((tool) => {
    const used = log.tools.get(tool.id) ?? 0
    const left = tool.lasts === undefined ? null : Math.max(0, tool.lasts - used)
    const low = left !== null && tool.lasts !== undefined && left <= tool.lasts * LOW
    return { tool, used, left, low }
  })
}

/** What a build costs, in the modeller's own money. */
export type BuildCost = {
  build: string
  name: string
  /** Paint that was mixed for it, and tools and consumables that were used for it. */
  paint: number
  tools: number
  /** Paint for what is still planned. */
  toCome: number
}

/**
 * Costs of the builds on the bench: what has no price costs nothing.
 *
 * @param plans of all parts. Source: N79.
 */
export function costsOf(state: StockState, plans: readonly PartToPaint[]): BuildCost[] {
  const { project, log } = state
  const perMl = new Map(
    (project.shelf ?? []).map(({ id, price = 0, sizeMl }) => [id, price / sizeMl]),
  )
  const perUse = new Map(
    (project.tools ?? []).map(({ id, price = 0, lasts = 1 }) => [id, price / lasts]),
  )
  const uses = usesOf(state, plans)
  return (project.builds ?? []).map(({ id, name }) => {
    const own = (log.builds.get(id)?.acts ?? []).filter((act) => stands(log, act))
    const drawn = own.flatMap((act) => act.drawn ?? [])
    return {
      build: id,
      name,
      paint: drawn.reduce((sum, { bottle, ml }) => sum + ml * (perMl.get(bottle) ?? 0), 0),
      tools: own.reduce(
        (sum, { tool, uses: count = 1 }) => sum + (tool ? count * (perUse.get(tool) ?? 0) : 0),
        0,
      ),
      toCome: uses
        .filter((use) => use.build.id === id)
        .reduce((sum, { bottle, ml }) => sum + ml * (perMl.get(bottle.id) ?? 0), 0),
    }
  })
}
