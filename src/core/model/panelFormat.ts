/** The panel request. Described in docs/formats.md. */
export const PANEL_FORMAT = 'tectoria-panel'

/** The panels that there are. Source: handbook 10.2. */
export const LAYOUTS = ['hull', 'armour', 'fender', 'figure', 'engine'] as const

/** A panel that there is. */
export type Layout = (typeof LAYOUTS)[number]

/** What a picture of a panel shows. Source: handbook 10.3. */
export const SHOWS = ['flat', 'lit', 'sheen', 'thickness', 'accident'] as const

/** What a picture shows. */
export type Show = (typeof SHOWS)[number]

/** How a panel is when nobody says. Source: handbook 10.2. */
export const USUAL_PANEL = {
  layout: 'hull',
  widthMm: 96,
  heightMm: 60,
  pxPerMm: 10,
  seed: 1,
  stands: 'upright',
  gravity: 90,
  travel: 0,
} as const

/** The scale that a sequence is meant for, where it doesn't say. */
export const USUAL_SCALE = 72
