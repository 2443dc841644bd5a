import { bare } from '../model/bare'
import type { Build, Part } from '../model/build'
import { isAct } from '../model/isAct'
import type { ActStep } from '../model/sequence'
import type { BuildFinding } from './buildFinding'

/** Words by which a part has a mirrored twin. */
const SIDES: readonly (readonly [string, string])[] = [
  ['left', 'right'],
  ['port', 'starboard'],
]

/**
 * What of a build is mirrored and not treated alike: parts by their names, port and starboard or left and right; zones by their mirrors.
 *
 * Source: handbook 2.6, second table (left-right), 12.2; N82.
 */
export function unbalanced(build: Build): BuildFinding[] {
  return build.lopsided ? [] : [...unbalancedParts(build), ...unbalancedZones(build)]
}

/** Zones whose mirror image has other steps. */
function unbalancedZones({ zones = [], steps }: Build): BuildFinding[] {
  return zones.flatMap((zone, i): BuildFinding[] => {
    const at = zones.findIndex(({ id }) => id === zone.mirror)
    const twin = zones[at]
    // Each pair once, whether one of them says it or both do.
    if (!twin || (twin.mirror === zone.id && at < i)) return []
    const only = steps.filter((step) => {
      if (!isAct(step) || !step.zones) return false
      const [one, other] = [zone, twin].map(({ id }) => step.zones?.includes(id))
      if (one === other) return false
      return !hasLikeZone(steps, step, one ? twin.id : zone.id)
    })
    return only.length === 0 ? [] : [said([zone.part, twin.part], [zone.name, twin.name], only)]
  })
}

/** Does a step like this one name the other zone? */
function hasLikeZone(
  steps: readonly Build['steps'][number][],
  step: ActStep,
  zone: string,
): boolean {
  const text = likeness(step)
  return steps.some(
    (other) => isAct(other) && other.zones?.includes(zone) && likeness(other) === text,
  )
}

function likeness(step: ActStep): string {
  return JSON.stringify({ ...bare(step as Build['steps'][number]), zones: undefined })
}

function said(
  parts: [string, string],
  [one, other]: [string, string],
  only: readonly { id: string }[],
): BuildFinding {
  const count = only.length === 1 ? 'A step is' : `${only.length} steps are`
  return {
    rule: 'left-right',
    severity: 'note',
    parts,
    because: `${count} meant for only one of ${one} and ${other}.`,
    steps: only.map((step) => step.id),
  }
}

function unbalancedParts(build: Build): BuildFinding[] {
  return build.parts.flatMap((part): BuildFinding[] => {
    const twin = twinOf(build, part)
    if (!twin) return []
    const only = build.steps.filter((step) => {
      if (!isAct(step) || step.parts.includes(part.id) === step.parts.includes(twin.id))
        return false
      return !hasLike(build, step, step.parts.includes(part.id) ? twin.id : part.id)
    })
    if (only.length === 0) return []
    return [said([part.id, twin.id], [part.name, twin.name], only)]
  })
}

/** The mirrored twin of a part that is named for the first of two sides. */
function twinOf(build: Build, part: Part): Part | null {
  const name = part.name.toLowerCase()
  for (const [side, other] of SIDES) {
    const pattern = new RegExp(`\\b${side}\\b`)
    if (!pattern.test(name)) continue
    const wanted = name.replace(pattern, other)
    return build.parts.find((candidate) => candidate.name.toLowerCase() === wanted) ?? null
  }
  return null
}

/** Does the other part have a step of its own that reads the same? */
function hasLike(build: Build, step: Build['steps'][number], part: string): boolean {
  const text = JSON.stringify(bare(step))
  return build.steps.some(
    (step) => step.parts.includes(part) && JSON.stringify(bare(step)) === text,
  )
}
