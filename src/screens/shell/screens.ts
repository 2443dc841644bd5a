/** A screen: where it is, and what it is called. */
export type Screen = { href: string; say: string }

/** The five places, in the order of the rail; a place of several screens opens on its first. */
export const PLACES: readonly { say: string; screens: readonly [Screen, ...Screen[]] }[] = [
  {
    say: 'Tonight',
    screens: [
      { href: '/', say: 'Bench' },
      { href: '/tonight', say: 'Session card' },
    ],
  },
  { say: 'Plan', screens: [{ href: '/plan', say: 'Plan' }] },
  {
    say: 'Builds',
    screens: [
      { href: '/builds', say: 'All builds' },
      { href: '/panel', say: 'Test panel' },
      { href: '/log', say: 'Log' },
      { href: '/faults', say: 'What went wrong?' },
      { href: '/pictures', say: 'Pictures' },
      { href: '/tests', say: 'Test pieces' },
      { href: '/compare', say: 'Side by side' },
    ],
  },
  {
    say: 'Paint',
    screens: [
      { href: '/shelf', say: 'Shelf' },
      { href: '/mix', say: 'Mix' },
      { href: '/colour', say: 'Colour' },
    ],
  },
  {
    say: 'Handbook',
    screens: [
      { href: '/handbook', say: 'Chapters' },
      { href: '/explain', say: 'May this go on that?' },
      { href: '/library', say: 'Techniques' },
      { href: '/handbook/choices', say: 'Finishing choices' },
      { href: '/handbook/faults', say: 'Faults' },
      { href: '/handbook/glossary', say: 'Glossary' },
    ],
  },
]

/** What the bar leads to. */
export const ROOM: Screen = { href: '/room', say: 'Room' }
export const SETTINGS: Screen = { href: '/settings', say: 'Settings' }

/** Every screen there is. */
export const SCREENS: readonly Screen[] = [
  ...PLACES.flatMap(({ screens }) => screens),
  ROOM,
  SETTINGS,
]

/** Is an address this screen, or below it? */
export function isAt({ href }: Screen, path: string): boolean {
  return href === '/' ? path === '/' : path === href || path.startsWith(`${href}/`)
}

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
  { keys: 'X', does: 'bench: something went wrong' },
  { keys: 'W', does: 'bench: it was earlier' },
  { keys: 'A', does: 'bench: at arm’s length; a pedal or page key down is done, up takes it back' },
  { keys: 'U', does: 'bench: take back what was logged in the last minute' },
  { keys: 'Alt ↑ ↓', does: 'core sample: move the step' },
  { keys: '← ↑ ↓ →', does: 'plan: from step to step' },
  { keys: 'Shift ← →', does: 'plan: to the evening before or after' },
  { keys: 'P', does: 'plan: keep it in this evening, or let it go' },
] as const
