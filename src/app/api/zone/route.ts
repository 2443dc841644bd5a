import { getVtimezoneComponent } from '@touch4it/ical-timezones'
import { isZone } from '@/core/model/sessions'

/** The longest name of a zone that there is has half of this. */
const LONGEST = 64

/** The rules of a time zone as a VTIMEZONE component (RFC 5545), for calendar files; 400 for what is no zone, 404 for one without rules. */
export function GET(request: Request): Response {
  const zone = new URL(request.url).searchParams.get('zone') ?? ''
  const isOne = zone.length <= LONGEST && /^[A-Za-z]/.test(zone) && isZone(zone)
  const rules = isOne ? rulesOf(zone) : null
  if (rules !== null)
    return new Response(rules, { headers: { 'content-type': 'text/calendar; charset=utf-8' } })
  const found = zone.slice(0, LONGEST)
  return Response.json(
    { errors: [{ path: 'zone', found, expected: 'a time zone such as "Europe/Lisbon"' }] },
    { status: isOne ? 404 : 400 },
  )
}

function rulesOf(zone: string): string | null {
  try {
    return getVtimezoneComponent(zone) ?? null
  } catch {
    return null
  }
}
