/** The time zone of this browser. */
export function zoneHere(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone
}

const HALF_A_YEAR = 182 * 86_400_000

/** Do clocks of two zones show the same, now and half a year on? Some zones have several names. */
export function isSameZone(a: string, b: string, now: number): boolean {
  return a === b || [now, now + HALF_A_YEAR].every((at) => wallTime(a, at) === wallTime(b, at))
}

function wallTime(timeZone: string, at: number): string {
  return new Date(at).toLocaleString('en-GB', { timeZone })
}

/** "America/New_York" as people say it: "New York". */
export function sayZone(zone: string): string {
  return (zone.split('/').at(-1) ?? zone).replaceAll('_', ' ')
}
