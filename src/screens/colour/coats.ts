import { LEFT_ON_FACE } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'

/** Roles of bottles that change a colour. */
const PAINTS: readonly Bottle['role'][] = [
  'colour',
  'primer',
  'clear-colour',
  'filter',
  'wash',
  'oil',
]

/** Bottles that change a colour, by name. */
export function colouredPaints(shelf: readonly Bottle[]): Bottle[] {
  return shelf
    .filter((bottle) => bottle.colour && PAINTS.includes(bottle.role))
    .sort((a, b) => a.name.localeCompare(b.name))
}

/** What is laid on: wet film, µm, and share of paint in it. Source: handbook 4.4, 4.5, 5.2. */
export const COATS_LAID = [
  { value: 'mist', say: 'Mist coat', wetUm: 8, share: 0.5 },
  { value: 'light', say: 'Light coat', wetUm: 15, share: 0.5 },
  { value: 'wet', say: 'Wet coat', wetUm: 30, share: 0.5 },
  { value: 'brush', say: 'Brushed coat', wetUm: 60, share: 0.85 },
  { value: 'glaze', say: 'Glaze, 20 % paint', wetUm: 15, share: 0.2 },
  { value: 'wash', say: 'Wash over all, 10 % paint', wetUm: 15 * LEFT_ON_FACE, share: 0.1 },
  { value: 'filter', say: 'Filter pass, 3 % paint', wetUm: 15, share: 0.03 },
] as const

/** A way of laying by its name in the address; what is none is a light coat. */
export function coatLaid(value: string): (typeof COATS_LAID)[number] {
  return COATS_LAID.find((coat) => coat.value === value) ?? COATS_LAID[1]
}
