import type { Act, Coat, Family, Sheen } from '../model/vocabulary'

/** What acts that must say their family are laid from where nobody says and nothing before tells. Source: handbook 2.1. */
export const USUAL_FAMILY: Family = 'alcohol-acrylic'

/** The sheen of a clear of which nobody says any. */
export const USUAL_SHEEN: Sheen = 'satin'

/** Coats of an act that is sprayed, where nobody counts them; acts that aren't here take one light coat. Source: handbook 4.3, 6. */
export const USUAL_COATS: Partial<Record<Act, readonly Coat[]>> = {
  prime: ['mist', 'light', 'light'],
  base: ['light', 'light'],
  glaze: ['light', 'light'],
  'clear-colour': ['light', 'light'],
  metal: ['light', 'light'],
  'mirror-metal': ['mist', 'light'],
  chrome: ['mist', 'mist', 'mist'],
  release: ['light', 'light'],
}

/** Coats of a clear by its sheen. Source: handbook 6, clears. */
export const USUAL_CLEAR: Record<Sheen, readonly Coat[]> = {
  gloss: ['mist', 'light', 'light'],
  'semi-gloss': ['mist', 'light', 'light'],
  satin: ['mist', 'light'],
  matt: ['mist', 'light'],
}

/** Over decals a clear begins with one mist more. Source: handbook 2.6, decal-hot-clear. */
export const OVER_DECALS: readonly Coat[] = ['mist']
