/** The screens, in the order of the rail. */
export const SCREENS = [
  { href: '/', say: 'Bench' },
  { href: '/builds', say: 'Builds' },
  { href: '/mix', say: 'Mix' },
  { href: '/shelf', say: 'Shelf' },
  { href: '/log', say: 'Log' },
  { href: '/settings', say: 'Settings' },
] as const

/** The keys, as `?` lists them. */
export const KEYS = [
  { keys: '/', does: 'find anything' },
  { keys: '?', does: 'these keys' },
  { keys: 'Ctrl Z', does: 'take the last change back' },
  { keys: '↑ ↓', does: 'bench: another part' },
  { keys: 'S', does: 'bench: start' },
  { keys: 'D', does: 'bench: coat done' },
  { keys: 'F', does: 'bench: finish' },
  { keys: 'K', does: 'bench: skip' },
  { keys: 'T', does: 'bench: still tacky' },
  { keys: 'Y', does: 'bench: dry already' },
  { keys: 'N', does: 'bench: note' },
  { keys: 'Alt ↑ ↓', does: 'core sample: move the step' },
] as const
