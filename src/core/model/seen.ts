/** Control characters but line ends and tabs, and what turns the order of text round until it is ended. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is looked for.
const UNSEEN = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\u202a-\u202e\u2066-\u2069]/g

/**
 * Text as it is shown: what nobody would see, or would see at another place than it stands, is shown as what it is. Marks that only say
 * which way their neighbours run (names in Hebrew or Arabic have them) are left.
 */
export function seen(text: string): string {
  return text.replace(UNSEEN, (character) => `⟨U+${hexOf(character)}⟩`)
}

/** JSON of the same value, without a character that a terminal would obey or turn text round by. */
export function seenJson(json: string): string {
  return json.replace(UNSEEN, (character) => `\\u${hexOf(character)}`)
}

function hexOf(character: string): string {
  return character.charCodeAt(0).toString(16).toUpperCase().padStart(4, '0')
}
