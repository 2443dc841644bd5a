import { namedAmong } from '@/core/builds'
import type { Build, BuildStep } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { Zone } from '@/core/model/zone'

/** The zones that a step is for, by their names, each once; null: it is for all of its parts. */
export function zonesSaid({ zones = [] }: Build, step: BuildStep): string | null {
  if (!isAct(step) || !step.zones) return null
  const own = zones.filter(({ part }) => step.parts.includes(part))
  const said = (some: readonly Zone[]) =>
    [...new Set(some.map(({ name }) => name.toLowerCase()))].join(', ')
  const named = namedAmong(step, own)
  const rest = own.filter((zone) => !named?.includes(zone))
  if (!named || rest.length === 0) return null
  return rest.length < named.length ? `all but ${said(rest)}` : `on ${said(named)}`
}
