import { bare } from '../model/bare'
import type { Build, Part } from '../model/build'
import { isAct } from '../model/isAct'

/** Words by which a part has a mirrored twin. */
const SIDES: readonly (readonly [string, string])[] = [
  ['left', 'right'],
  ['port', 'starboard'],
]

/** Two mirrored parts whose steps differ. Source: handbook 2.6, second table (left-right); N82. */
export type Unbalanced = {
  rule: 'left-right'
  severity: 'note'
  parts: [string, string]
  because: string
  /** Steps that only one of them has. */
  steps: string[]
}

/** Mirrored parts of a build that are not treated alike: by their names, port and starboard or left and right. */
export function unbalancedParts(build: Build): Unbalanced[] {
  return build.parts.flatMap((part): Unbalanced[] => {
    const twin = twinOf(build, part)
    if (!twin) return []
    const only = build.steps.filter((step) => {
      if (!isAct(step) || step.parts.includes(part.id) === step.parts.includes(twin.id))
        return false
      return !hasLike(build, step, step.parts.includes(part.id) ? twin.id : part.id)
    })
    if (only.length === 0) return []
    const count = only.length === 1 ? 'A step is' : `${only.length} steps are`
    return [
      {
        rule: 'left-right',
        severity: 'note',
        parts: [part.id, twin.id],
        because: `${count} meant for only one of ${part.name} and ${twin.name}.`,
        steps: only.map((step) => step.id),
      },
    ]
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
