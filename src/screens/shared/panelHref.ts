/** What can be opened on the panel: the steps of a part up to one of them, a technique at a scale, or a colour. */
type OnPanelOf =
  | { build: string; part: string; step?: string | null; zone?: string | undefined }
  | { technique: string; scale: number }
  | { colour: string; family?: string }

/** How the panel's address calls what is tried. */
export function triedId(of: OnPanelOf): string {
  if ('build' in of) return `${of.build} ${of.part}`
  if ('technique' in of) return `technique ${of.technique} ${of.scale}`
  return ['colour', of.colour, ...(of.family ? [of.family] : [])].join(' ')
}

/** Where something is tried on the panel. */
export function panelHref(of: OnPanelOf): string {
  const query = new URLSearchParams({ of: triedId(of) })
  if ('step' in of && of.step) query.set('step', of.step)
  if ('zone' in of && of.zone) query.set('zone', of.zone)
  return `/panel?${query}`
}
