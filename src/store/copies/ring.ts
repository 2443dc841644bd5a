/** Why a copy was kept: a day went by, or something came that takes data away or changes all of it. */
export const COPY_REASONS = [
  'daily',
  'asked',
  'wipe',
  'demo',
  'import',
  'upgrade',
  'return',
] as const

/** Why a copy was kept. */
export type CopyReason = (typeof COPY_REASONS)[number]

/** A dated copy of all rows, beside the database. */
export type Copy = { name: string; at: number; why: CopyReason; bytes: number }

const DAY = 24 * 3_600_000
/** So many daily ones are kept. */
const DAILY = 7
/** Those before something are kept for so long. */
const KEPT_FOR = 30 * DAY

/** The name of a copy's file: when it was made and why. */
export function copyName(at: number, why: CopyReason): string {
  return `${new Date(at).toISOString().replaceAll(':', '-')}_${why}.json.gz`
}

/** A copy by its file's name; null: the file is none of ours. */
export function copyOf(name: string, bytes: number): Copy | null {
  const [, day, clock, why] =
    /^(\d{4}-\d\d-\d\dT)(\d\d-\d\d-\d\d\.\d{3}Z)_([a-z]+)\.json\.gz$/.exec(name) ?? []
  const at = Date.parse(`${day}${clock?.replaceAll('-', ':')}`)
  const reason = COPY_REASONS.find((one) => one === why)
  return reason && Number.isFinite(at) ? { name, at, why: reason, bytes } : null
}

/**
 * Copies that needn't be kept any longer: daily ones but for the newest seven, others after thirty days; the newest of all stays.
 *
 * @param now epoch milliseconds; a clock that was set back drops nothing
 */
export function outdated(copies: readonly Copy[], now: number): Copy[] {
  const newestFirst = [...copies].sort((a, b) => b.at - a.at)
  const daily = newestFirst.filter(({ why }) => why === 'daily').slice(DAILY)
  const old = newestFirst.filter(({ why, at }) => why !== 'daily' && now - at > KEPT_FOR)
  return [...daily, ...old].filter((copy) => copy !== newestFirst[0])
}

/** Is it time for a daily copy? */
export function wantsDaily(copies: readonly Copy[], now: number): boolean {
  return !copies.some(({ at }) => Math.abs(now - at) < DAY)
}
