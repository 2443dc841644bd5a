import type { Bottle } from '../../../model/bottle'

/** A bottle of alcohol-acrylic colour, as far as nothing else is said. */
export function bottle(id: string, name: string, more: Partial<Bottle>): Bottle {
  return { id, name, family: 'alcohol-acrylic', role: 'colour', sizeMl: 17, leftMl: 12, ...more }
}
