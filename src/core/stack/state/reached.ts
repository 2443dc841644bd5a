import type { ClimateSeries } from '../../drying/series'
import { actRow } from '../../knowledge/acts'
import type { ActStep } from '../../model/sequence'
import type { Film } from './film'
import { type RegionId, type Regions, type Stacks, stackOf } from './regions'
import type { Stack } from './stack'
import { targetsOf } from './targets'

/** How things stand before a step. */
type Before = { at: number; stacks: Stacks; series: ClimateSeries }

/**
 * The regions that a step comes to: of those that it is for, the ones that no mask covers; what works on something or takes
 * something off comes to where that is. Where that leaves none it is all that it is for, and the rules say what is wrong there.
 *
 * Source: handbook 12.2, 12.3.
 */
export function reached(
  regions: Regions,
  { at, stacks, series }: Before,
  step: ActStep,
): readonly RegionId[] {
  const meant = regions.of(step)
  if (regions.ids.length === 1) return meant
  const row = actRow(step.do, step.family)
  const some = meant.filter((region) => {
    const stack = stackOf(stacks, region)
    if (row.kind === 'unmask') return stack.masks.some(({ act }) => row.target?.includes(act))
    if (isCovered(stack)) return false
    if (step.zones || (row.kind !== 'clean' && row.kind !== 'open') || !row.target) return true
    return targetsOf(row, stack, at, series).length > 0
  })
  return some.length > 0 ? some : meant
}

function isCovered({ masks }: Stack): boolean {
  return masks.some(({ covers }) => covers)
}

/** What was just laid beside a covered region lies on the edges of its mask. */
export function besideMasks(
  stacks: Stacks,
  done: readonly { context: { region: RegionId } }[],
  step: number,
): Stacks {
  if (stacks.size === 1) return stacks
  const film = filmLaid(stacks, done, step)
  if (!film) return stacks
  const here = new Set(done.map(({ context }) => context.region))
  return new Map(
    [...stacks].map(([region, stack]) => [
      region,
      here.has(region) || !isCovered(stack) ? stack : withOver(stack, film),
    ]),
  )
}

function filmLaid(
  stacks: Stacks,
  done: readonly { context: { region: RegionId } }[],
  step: number,
): Film | null {
  const first = done[0]
  const film = first && stackOf(stacks, first.context.region).films.at(-1)
  return film && film.endedBy === step && film.step === step ? film : null
}

function withOver(stack: Stack, over: Film): Stack {
  return { ...stack, masks: stack.masks.map((mask) => (mask.covers ? { ...mask, over } : mask)) }
}
