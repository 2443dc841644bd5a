import { sensorStream } from './stream'

export const dynamic = 'force-dynamic'

/** The bench sensor: readings as server-sent events, described in docs/formats.md. */
export function GET(request: Request): Response {
  const asked = sensorStream(new URL(request.url).searchParams, request.signal)
  if (!asked.ok) return Response.json({ errors: asked.problems }, { status: 400 })
  return new Response(asked.value, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
  })
}
