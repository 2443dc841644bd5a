const SPACE = 32
const ZERO = 48
const NINE = 57
const DOT = 46
const MINUS = 45
const PLUS = 43
const NEWLINE = 10

const LETTERS = Array.from({ length: 256 }, (_, code) => String.fromCharCode(code))

/** Reads words and numbers out of the bytes of a text, without making a string of it: a large mesh has millions of them. */
export type ByteReader = {
  /** Where it stands. */
  at: number
  readonly length: number
  /** Skips blanks, not line ends; false at the end of the line or of the text. */
  inLine: () => boolean
  /** Skips blanks and line ends; false at the end of the text. */
  inText: () => boolean
  /** To the beginning of the next line. */
  nextLine: () => void
  /** The word here, up to a blank; at most 16 characters of it. */
  word: () => string
  /** The number here; NaN if there is none. Stops after it. */
  number: () => number
  /** The byte here, 0 at the end. */
  peek: () => number
}

/** Reads numbers from bytes one after another; past the end it throws a RangeError. */
export function byteReader(bytes: Uint8Array): ByteReader {
  const length = bytes.length
  const reader: ByteReader = {
    at: 0,
    length,
    peek: () => bytes[reader.at] ?? 0,
    inLine: () => {
      while (reader.at < length) {
        const byte = bytes[reader.at] as number
        if (byte === NEWLINE) return false
        if (byte > SPACE) return true
        reader.at++
      }
      return false
    },
    inText: () => {
      while (reader.at < length && (bytes[reader.at] as number) <= SPACE) reader.at++
      return reader.at < length
    },
    nextLine: () => {
      const end = bytes.indexOf(NEWLINE, reader.at)
      reader.at = end < 0 ? length : end + 1
    },
    word: () => {
      const from = reader.at
      while (reader.at < length && (bytes[reader.at] as number) > SPACE) reader.at++
      // Most words of a large mesh are one letter.
      if (reader.at === from + 1) return LETTERS[bytes[from] as number] as string
      return String.fromCharCode(...bytes.subarray(from, Math.min(reader.at, from + 16)))
    },
    number: () => readNumber(bytes, reader),
  }
  return reader
}

function readNumber(bytes: Uint8Array, reader: { at: number }): number {
  let at = reader.at
  const sign = bytes[at] === MINUS ? -1 : 1
  if (bytes[at] === MINUS || bytes[at] === PLUS) at++
  const from = at
  let value = 0
  let digits = 0
  for (; isDigit(bytes[at]); at++, digits++) value = value * 10 + ((bytes[at] as number) - ZERO)
  let power = 0
  if (bytes[at] === DOT)
    for (at++; isDigit(bytes[at]); at++, digits++, power--)
      value = value * 10 + ((bytes[at] as number) - ZERO)
  if (digits === 0) return otherWord(bytes, reader, from)
  if (bytes[at] === 101 || bytes[at] === 69) {
    const minus = bytes[at + 1] === MINUS
    let end = at + (minus || bytes[at + 1] === PLUS ? 2 : 1)
    let exponent = 0
    const begin = end
    for (; isDigit(bytes[end]); end++) exponent = exponent * 10 + ((bytes[end] as number) - ZERO)
    if (end > begin) {
      power += minus ? -exponent : exponent
      at = end
    }
  }
  reader.at = at
  if (power === 0) return sign * value
  return sign * (power < 0 ? value / tenTo(-power) : value * tenTo(power))
}

const POWERS = Array.from({ length: 23 }, (_, power) => 10 ** power)

function tenTo(power: number): number {
  return POWERS[power] ?? 10 ** power
}

function isDigit(byte: number | undefined): boolean {
  return byte !== undefined && byte >= ZERO && byte <= NINE
}

/** What is no number is stepped over, so that nothing is read twice. */
function otherWord(bytes: Uint8Array, reader: { at: number }, from: number): number {
  let at = from
  while (at < bytes.length && (bytes[at] as number) > SPACE) at++
  reader.at = Math.max(at, reader.at + 1)
  return Number.NaN
}
