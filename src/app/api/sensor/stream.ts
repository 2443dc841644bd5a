import { createReadStream } from 'node:fs'
import { createInterface } from 'node:readline'
import type { Parsed, Problem } from '@/core/model/input'
import { isZone } from '@/core/model/sessions'
import { readStreamLine, roomAt, silentAt } from '@/core/room'

const MINUTE = 60_000
/** The sensor speaks this often. */
const EVERY = 5 * MINUTE
/** What it remembers is told once an hour, and no farther back than a week. */
const MEMORY_EVERY = 60 * MINUTE
const MEMORY = 7 * 24 * 60 * MINUTE

/**
 * Readings as server-sent events: what the sensor remembers since an instant, then one every five minutes.
 *
 * Query: `now` and `since` (instants), `zone`. With the file of a real device in TECTORIA_SENSOR its lines are passed on.
 */
export function sensorStream(
  query: URLSearchParams,
  signal: AbortSignal,
): Parsed<ReadableStream<Uint8Array>> {
  const device = process.env.TECTORIA_SENSOR
  if (device) return { ok: true, value: deviceStream(device, signal) }
  const problems: Problem[] = []
  const instant = (name: string, otherwise: number): number => {
    const text = query.get(name)
    const at = text === null ? otherwise : Date.parse(text)
    if (Number.isFinite(at)) return at
    problems.push({ path: name, found: String(text), expected: 'an instant' })
    return otherwise
  }
  const now = instant('now', Date.now())
  const since = Math.max(instant('since', now), now - MEMORY)
  const zone = query.get('zone') ?? 'UTC'
  if (!isZone(zone)) problems.push({ path: 'zone', found: zone, expected: 'a time zone' })
  if (problems.length > 0) return { ok: false, problems }
  return { ok: true, value: simulatedStream(now, since, zone, signal) }
}

const text = new TextEncoder()

function event(reading: object): Uint8Array {
  return text.encode(`data: ${JSON.stringify(reading)}\n\n`)
}

function simulatedStream(now: number, since: number, zone: string, signal: AbortSignal) {
  const began = Date.now()
  return new ReadableStream<Uint8Array>({
    start(controller) {
      const tell = (at: number) => {
        if (silentAt(at, zone)) return
        controller.enqueue(event({ at: new Date(at).toISOString(), ...roomAt(at, zone) }))
      }
      for (let at = since; at < now; at += MEMORY_EVERY) tell(at)
      tell(now)
      const timer = setInterval(() => tell(now + Date.now() - began), EVERY)
      signal.addEventListener('abort', () => {
        clearInterval(timer)
        controller.close()
      })
    },
  })
}

/** Passes the lines of a device on; a line that is no reading is left out. */
function deviceStream(path: string, signal: AbortSignal) {
  return new ReadableStream<Uint8Array>({
    start(controller) {
      const lines = createInterface({ input: createReadStream(path) })
      lines.on('line', (line) => {
        const read = readStreamLine(line)
        if (read.ok) controller.enqueue(event(read.value))
      })
      signal.addEventListener('abort', () => {
        lines.close()
        controller.close()
      })
    },
  })
}
