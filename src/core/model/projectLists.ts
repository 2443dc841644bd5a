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

/** What a project's file says of itself. */
export const FILE_FIELDS = ['format', 'version', 'exportedAt', 'handed'] as const
