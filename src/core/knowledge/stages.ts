/** The stages of the order of work by number. Source: handbook 1. */
export const STAGE_NAMES = {
  1: 'Look',
  2: 'Prepare',
  3: 'Prime',
  4: 'Pre-shade',
  5: 'Colour',
  6: 'Chips under the colour',
  7: 'Clear for flow',
  8: 'Decals',
  9: 'Lining',
  10: 'Lock',
  11: 'Weathering',
  12: 'Lenses and details',
  13: 'Finish',
} as const satisfies Record<number, string>

/** A stage of work by its key. Source: handbook 1. */
export type Stage = keyof typeof STAGE_NAMES
