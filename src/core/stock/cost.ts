import { standingActs } from '../log/progress'
import type { Project } from '../model/project'
import type { BenchTool } from '../model/tool'
import type { PlannedPart } from './plannedPart'
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
export function wearOf(project: Project): Wear[] {
  const used = new Map<string, number>()
  for (const { tool, uses = 1 } of standingActs(project.acts ?? []))
    if (tool) used.set(tool, (used.get(tool) ?? 0) + uses)
  return (project.tools ?? []).map((tool) => {
    const count = used.get(tool.id) ?? 0
    const left = tool.lasts === undefined ? null : Math.max(0, tool.lasts - count)
    return {
      tool,
      used: count,
      left,
      low: left !== null && tool.lasts !== undefined && left <= tool.lasts * LOW,
    }
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
export function costsOf(project: Project, plans: readonly PlannedPart[]): BuildCost[] {
  const perMl = new Map(
    (project.shelf ?? []).map(({ id, price = 0, sizeMl }) => [id, price / sizeMl]),
  )
  const perUse = new Map(
    (project.tools ?? []).map(({ id, price = 0, lasts = 1 }) => [id, price / lasts]),
  )
  const acts = standingActs(project.acts ?? [])
  const uses = usesOf(project, plans)
  return (project.builds ?? []).map(({ id, name }) => {
    const own = acts.filter((act) => act.build === id)
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
        .filter((one) => one.build.id === id)
        .reduce((sum, { bottle, ml }) => sum + ml * (perMl.get(bottle.id) ?? 0), 0),
    }
  })
}
