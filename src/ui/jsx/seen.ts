/** Control characters but line ends and tabs, and what turns the order of text round until it is ended. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is looked for.
const UNSEEN = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\u202a-\u202e\u2066-\u2069]/g
/** The signs of the first 32 characters stand from here on, in their order. */
const PICTURES = 0x2400

/**
 * Text as it is shown: what nobody would see, or would see at another place than it stands, is shown as what it is. Marks that only say
 * which way their neighbours run (names in Hebrew or Arabic have them) are left.
 */
export function seen(text: string): string {
  return text.replace(UNSEEN, (character) => {
    const code = character.charCodeAt(0)
    if (code < 32) return String.fromCharCode(PICTURES + code)
    return `⟨U+${code.toString(16).toUpperCase().padStart(4, '0')}⟩`
  })
}

/** Properties of an element that are read out or shown as text. */
const SAID = [
  'aria-label',
  'aria-description',
  'aria-valuetext',
  'title',
  'alt',
  'placeholder',
] as const

/** What an element is given, with its text as it is shown. */
export function withSeen<P>(props: P): P {
  if (typeof props !== 'object' || props === null) return props
  const given = props as Record<string, unknown>
  const changed: Record<string, unknown> = {}
  for (const name of ['children', ...SAID]) {
    const value = given[name]
    const shown = shownOf(value)
    if (shown !== value) changed[name] = shown
  }
  return Object.keys(changed).length === 0 ? props : { ...props, ...changed }
}

function shownOf(value: unknown): unknown {
  if (typeof value === 'string') return seen(value)
  if (!Array.isArray(value)) return value
  const shown = value.map((item) => (typeof item === 'string' ? seen(item) : item))
  return shown.every((item, i) => item === value[i]) ? value : shown
}
