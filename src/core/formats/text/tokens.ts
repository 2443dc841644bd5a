/** A piece of a line: what stands there, in which letters, and where (places in the line). */
export type Token = { from: number; to: number; text: string } & (
  | { is: 'word' }
  | { is: 'number'; value: number; unit: string }
  | { is: 'ratio'; a: number; b: number }
  | { is: 'quoted' }
  | { is: 'hex' }
  | { is: 'json'; value: unknown }
  /** A comma and its like; the end of a statement; a colon; what no rule knows. */
  | { is: 'comma' | 'end' | 'colon' | 'stray' }
)

const PATTERNS: readonly [RegExp, (text: string, found: RegExpExecArray) => Shape][] = [
  [/^[“"„]([^“”"„]*)[”"“]/, (_, found) => ({ is: 'quoted', text: found[1] ?? '' })],
  [/^#(?:[0-9a-f]{6}|[0-9a-f]{3})(?![0-9a-z])/i, (text) => ({ is: 'hex', text })],
  [
    /^(\d+):(\d+)(?![\d:])/,
    (text, [, a, b]) => ({ is: 'ratio', text, a: Number(a), b: Number(b) }),
  ],
  [
    /^(\d+)\/(\d+)(?![\d/])/,
    (text, [, a, b]) => ({ is: 'ratio', text, a: Number(a), b: Number(b) }),
  ],
  [
    /^(\d+)h(\d+)(?:m(?:in)?)?(?![\d.,]*[a-z])/i,
    (text, [, h, m]) => number(text, Number(h) * 60 + Number(m), HOURS_AND_MINUTES),
  ],
  [/^[x×](\d+)(?![\w])/i, (text, [, n]) => number(text, Number(n), 'x')],
  [/^(\d+)\s?[x×](?![\w])/i, (text, [, n]) => number(text, Number(n), 'x')],
  [
    /^(\d+(?:\.\d+|,\d{1,2}(?!\d))?)\s?(%|°\s?[CF]|[µμ]m|cm²|cm2|mm|ml|[a-z]+\b)?/i,
    (text, [, n = '', unit = '']) =>
      number(text, Number(n.replace(',', '.')), unit.toLowerCase().replace(/\s/, '')),
  ],
  [/^(?:;|\n|→|->|=>|\.(?=\s|$))/, (text) => ({ is: 'end', text })],
  [/^(?:,|\+|&|\/|\(|\)|–|—|!)/, (text) => ({ is: 'comma', text })],
  [/^:/, (text) => ({ is: 'colon', text })],
  [/^\p{L}[\p{L}\p{N}\p{M}'’_-]*/u, (text) => ({ is: 'word', text })],
]

/** What "1h30" is: minutes, said in hours and minutes. */
export const HOURS_AND_MINUTES = 'h:min'

type Shape = Omit<Token, 'from' | 'to'> & { is: Token['is'] }

function number(text: string, value: number, unit: string): Shape {
  return { is: 'number', text, value, unit } as Shape
}

/** Units that a number may carry without a space; any other word after it is a word of its own. */
const UNITS =
  /^(?:%|°[cf]|c|f|[µμ]m|cm²|cm2|mm|ml|s|sec|secs|seconds?|m|min|mins|minutes?|h|hr|hrs|hours?|d|days?|nights?|w|weeks?|months?|years?)$/

/** A line in pieces; what nothing reads comes one by one as it stands. Never throws. */
export function tokensOf(line: string): Token[] {
  const tokens: Token[] = []
  for (let at = 0; at < line.length; ) {
    const rest = line.slice(at)
    const space = /^[ \t\r]+/.exec(rest)
    if (space) {
      at += space[0].length
      continue
    }
    const { shape, length } = next(rest)
    tokens.push({ ...shape, from: at, to: at + length } as Token)
    at += length
  }
  return tokens
}

function next(rest: string): { shape: Shape; length: number } {
  if (rest.startsWith('{')) {
    const json = jsonAt(rest)
    if (json) return json
  }
  for (const [pattern, shapeOf] of PATTERNS) {
    const found = pattern.exec(rest)
    if (!found) continue
    const shape = shapeOf(found[0], found)
    const { unit, value } = shape as { unit?: string; value?: number }
    // "600 grit": the word is one of its own.
    if (
      shape.is === 'number' &&
      unit &&
      unit !== 'x' &&
      unit !== HOURS_AND_MINUTES &&
      !UNITS.test(unit)
    ) {
      const digits = /^\d+(?:\.\d+|,\d{1,2}(?!\d))?/.exec(rest)?.[0] ?? found[0]
      return { shape: number(digits, value ?? 0, ''), length: digits.length }
    }
    const text = found[0].trimEnd()
    return { shape: shape.text === found[0] ? { ...shape, text } : shape, length: text.length }
  }
  return { shape: { is: 'stray', text: rest.slice(0, 1) }, length: 1 }
}

/** The object in braces that a text begins with. */
function jsonAt(rest: string): { shape: Shape; length: number } | null {
  let depth = 0
  let quoted = false
  for (let i = 0; i < rest.length; i++) {
    const sign = rest[i]
    if (quoted) {
      if (sign === '\\') i += 1
      else if (sign === '"') quoted = false
    } else if (sign === '"') quoted = true
    else if (sign === '{') depth += 1
    else if (sign === '}' && --depth === 0) {
      const text = rest.slice(0, i + 1)
      try {
        return {
          shape: { is: 'json', text, value: JSON.parse(text) } as Shape,
          length: text.length,
        }
      } catch {
        return null
      }
    }
  }
  return null
}
