/** The project format: one build or a whole bench. Described in docs/formats.md. */
export const PROJECT_FORMAT = 'tectoria-project'
/** The version that is written. An older one is read and brought up to it. */
export const PROJECT_VERSION = 1
