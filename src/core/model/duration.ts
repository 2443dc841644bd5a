const UNIT_MINUTES = { d: 1440, h: 60, min: 1, s: 1 / 60 } as const
const PIECE = /^\s*(\d+(?:\.\d+)?)\s*(d|h|min|s)\s*/

/** The longest time any format takes, minutes: ten years. */
export const LONGEST_MINUTES = 10 * 366 * 1440

/**
 * Reads a duration as people write it ("15 min", "24 h", "3 d", "1 h 30 min") or as ISO 8601 ("PT1H30M").
 *
 * @returns minutes, zero or more; null when the text is no duration or a negative one
 */
export function parseDuration(text: string): number | null {
  const minutes = text.trim().startsWith('P') ? parseIso(text.trim()) : parsePieces(text)
  return minutes !== null && minutes <= LONGEST_MINUTES ? minutes : null
}

/** The units of ISO 8601 in the order in which it writes them, minutes each: a year has 365 days, a month 30. */
const ISO_MINUTES = [365 * 1440, 30 * 1440, 7 * 1440, 1440, 60, 1, 1 / 60] as const
const AMOUNT = String.raw`(\d+(?:[.,]\d+)?)`
const [DATE, TIME] = ['YMWD', 'HMS'].map((units) =>
  [...units].map((unit) => `(?:${AMOUNT}${unit})?`).join(''),
)
/** At least one of them, and at least one behind a T. */
const ISO = new RegExp(`^P(?=[\\dT])${DATE}(?:T(?=\\d)${TIME})?$`)

function parseIso(text: string): number | null {
  const amounts = ISO.exec(text)?.slice(1)
  if (!amounts) return null
  const minutes = amounts.map(
    (amount = '0', i) => Number(amount.replace(',', '.')) * (ISO_MINUTES[i] ?? 0),
  )
  return minutes.reduce((sum, one) => sum + one)
}

function parsePieces(text: string): number | null {
  let rest = text
  let minutes = 0
  while (rest.trim() !== '') {
    const piece = PIECE.exec(rest)
    if (!piece?.[1] || !piece[2]) return null
    minutes += Number(piece[1]) * UNIT_MINUTES[piece[2] as keyof typeof UNIT_MINUTES]
    rest = rest.slice(piece[0].length)
  }
  return text.trim() === '' ? null : minutes
}

/** Minutes as an ISO 8601 duration in hours, minutes and whole seconds: 3744 is "PT62H24M". */
export function isoDuration(minutes: number): string {
  const seconds = Math.round(minutes * 60)
  const h = Math.floor(seconds / 3600)
  const m = Math.floor((seconds % 3600) / 60)
  const s = seconds % 60
  return `PT${h ? `${h}H` : ''}${m ? `${m}M` : ''}${s || (!h && !m) ? `${s}S` : ''}`
}

/**
 * Minutes as people say them: "15 min", "1 h 30 min", "3 d", "2 d 4 h". Rounded up to whole minutes, so that
 * a wait that is followed as written is never too short.
 */
export function sayDuration(minutes: number): string {
  const whole = Math.ceil(minutes - 1e-6)
  if (whole < 60) return `${Math.max(0, whole)} min`
  if (whole < 48 * 60) return pair(Math.floor(whole / 60), 'h', whole % 60, 'min')
  const hours = Math.round(whole / 60)
  return pair(Math.floor(hours / 24), 'd', hours % 24, 'h')
}

function pair(big: number, bigUnit: string, small: number, smallUnit: string): string {
  return small === 0 ? `${big} ${bigUnit}` : `${big} ${bigUnit} ${small} ${smallUnit}`
}

/** Minutes as a duration that reads back to no less than it was: whole minutes, in days only when they are whole. */
export function writeDuration(minutes: number): string {
  const whole = Math.ceil(minutes - 1e-6)
  if (whole >= 48 * 60 && whole % 1440 === 0) return `${whole / 1440} d`
  if (whole < 60) return `${Math.max(0, whole)} min`
  return pair(Math.floor(whole / 60), 'h', whole % 60, 'min')
}

/**
 * Minutes of a duration that a schema has let through.
 *
 * @throws RangeError if the text isn't a duration
 */
export function minutesOf(text: string): number {
  const minutes = parseDuration(text)
  if (minutes === null) throw new RangeError(`minutesOf: "${text}" is not a duration`)
  return minutes
}
