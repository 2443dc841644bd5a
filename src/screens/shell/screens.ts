/** The screens, in the order of the rail. */
export const SCREENS = [
  { href: '/', say: 'Bench', phone: true },
  { href: '/plan', say: 'Plan', phone: true },
  { href: '/builds', say: 'Builds', phone: true },
  { href: '/explain', say: 'Explain', phone: false },
  { href: '/library', say: 'Library', phone: false },
  { href: '/handbook', say: 'Handbook', phone: false },
  { href: '/mix', say: 'Mix', phone: true },
  { href: '/colour', say: 'Colour', phone: false },
  { href: '/shelf', say: 'Shelf', phone: false },
  { href: '/room', say: 'Room', phone: false },
  { href: '/log', say: 'Log', phone: false },
  { href: '/settings', say: 'Settings', phone: false },
] as const

/** The keys, as `?` lists them. */
export const KEYS = [
  { keys: '/', does: 'find anything' },
  { keys: 'E', does: 'may this go on that?' },
  { keys: '?', does: 'these keys' },
  { keys: 'Ctrl Z', does: 'take the last change back' },
  { keys: 'Ctrl Shift Z', does: 'do again what was taken back' },
  { keys: '↑ ↓', does: 'bench: another part' },
  { keys: 'S', does: 'bench: start' },
  { keys: 'D', does: 'bench: coat done' },
  { keys: 'F', does: 'bench: finish' },
  { keys: 'K', does: 'bench: skip' },
  { keys: 'T', does: 'bench: still tacky' },
  { keys: 'Y', does: 'bench: dry already' },
  { keys: 'J', does: 'bench: dry just now' },
  { keys: 'N', does: 'bench: note' },
  { keys: 'W', does: 'bench: it was earlier' },
  { keys: 'U', does: 'bench: take back what was logged in the last minute' },
  { keys: 'Alt ↑ ↓', does: 'core sample: move the step' },
] as const
