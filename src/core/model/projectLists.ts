/** The lists of a project whose rows are known by their id. */
export const PROJECT_LISTS = [
  'builds',
  'shelf',
  'mixes',
  'acts',
  'climate',
  'panels',
  'corrections',
  'techniques',
  'pins',
  'timers',
  'tools',
  'meshes',
  'pictures',
  'tests',
  'accidents',
] as const

/** A list of a project by its name. */
export type ProjectList = (typeof PROJECT_LISTS)[number]
