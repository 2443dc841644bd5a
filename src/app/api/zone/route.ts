import { getVtimezoneComponent } from '@touch4it/ical-timezones'

/** The rules of a time zone as a VTIMEZONE component (RFC 5545), for calendar files. */
export function GET(request: Request): Response {
  const zone = new URL(request.url).searchParams.get('zone') ?? ''
  const rules = /^[A-Za-z_]+(\/[A-Za-z_+-]+)*$/.test(zone) ? getVtimezoneComponent(zone) : undefined
  if (!rules)
    return Response.json(
      { errors: [{ path: 'zone', found: zone, expected: 'a time zone such as "Europe/Lisbon"' }] },
      { status: 404 },
    )
  return new Response(rules, { headers: { 'content-type': 'text/calendar; charset=utf-8' } })
}
