import { mix } from '../mixing/mix'
import type { StoredMix } from '../model/mix'
import type { Project } from '../model/project'
import type { Family } from '../model/vocabulary'
import { hardensAt } from './mixAge'

/** What the label of a kept mix says. Source: handbook 4.6. */
export type MixLabel = {
  name: string
  /** Each with its parts of neat paint, or of what it is. */
  ingredients: { name: string; parts: number }[]
  /** Paint share of the mix. */
  paintShare: number
  family: Family | null
  colour: string | null
  mixedAt: number
  /** Two-part paint: when its pot life ends; null: it keeps. Epoch milliseconds. */
  potLifeEnds: number | null
  /** Build and part that it was for, by name. */
  for: string | null
  /** Whole drops of each ingredient for a touch-up more, in their order. */
  more: { ml: number; drops: number[] }
}

/** A touch-up, ml. Source: handbook 4.6. */
const TOUCH_UP = 5

/** The label of a kept mix. Source: handbook 4.6. */
export function mixLabel(stored: StoredMix, project: Project): MixLabel {
  const mixed = mix({ ingredients: stored.ingredients, volumeMl: TOUCH_UP, round: 'drops' })
  const build = project.builds?.find((build) => build.id === stored.build)
  const part = build?.parts.find((part) => part.id === stored.part)
  const mixedAt = Date.parse(stored.at)
  return {
    name: stored.name,
    ingredients: stored.ingredients.map(({ name, parts }) => ({ name, parts })),
    paintShare: mixed.paintShare,
    family: stored.family ?? null,
    colour: stored.colour ?? null,
    mixedAt,
    potLifeEnds: hardensAt(project, stored),
    for: build ? [build.name, part?.name].filter(Boolean).join(', ') : null,
    more: { ml: TOUCH_UP, drops: mixed.ingredients.map((ingredient) => ingredient.drops) },
  }
}
