import type { ActStep } from '../../model/sequence'
import type { Substrate } from '../../model/vocabulary'
import { bareStack, type Stack } from './stack'

/** A place of a part that has films of its own. */
export type RegionId = string

/** The one region of a part without zones. */
export const WHOLE: RegionId = 'whole'

/** What lies on each region of a part. A value: every change makes a new one. */
export type Stacks = ReadonlyMap<RegionId, Stack>

/** The regions of a part, the one that stands for it first, and which of them a step is for: at least one. */
export type Regions = {
  ids: readonly [RegionId, ...RegionId[]]
  /** Regions with the same key are the same. */
  key: string
  /** Which steps come to which of them: the same steps on regions of the same pattern lead to the same. */
  pattern: string
  of: (step: ActStep) => readonly RegionId[]
}

/** A part without zones: everything is done on all of it. */
export const ONE_REGION: Regions = { ids: [WHOLE], key: WHOLE, pattern: '', of: () => ONE }

const ONE: readonly RegionId[] = [WHOLE]

/** A part with nothing on it. */
export function bareStacks({ ids }: Regions, substrate: Substrate): Stacks {
  return new Map(ids.map((id) => [id, bareStack(substrate)]))
}

/** What lies on a region; the first one where none is said. @throws RangeError if the part has no such region */
export function stackOf(stacks: Stacks, region?: RegionId): Stack {
  const stack = region === undefined ? stacks.values().next().value : stacks.get(region)
  if (!stack) throw new RangeError(`stackOf: no region "${region}"`)
  return stack
}
