import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react'
import type { ClimateReading } from '@/core/model/bench'
import type { SensorReading } from '@/core/room'
import { useStock } from '@/state/hooks'
import { useStore } from '@/state/writing'
import { useOnDemand } from '@/ui/useOnDemand'

const KEY = 'tectoria-climate-source'
/** Readings are kept at most this often, ms; what comes between is shown only. */
const KEPT_EVERY = 10 * 60_000
/** How far back the sensor is asked for what it remembers, ms. */
const BACK = 48 * 3_600_000
/** Readings that arrive together are written together, ms. */
const GATHER = 300

export type Source = 'hand' | 'sensor'

const listeners = new Set<() => void>()

/** Where the room's air comes from: typed in, or read from the bench sensor. Kept in this browser. */
export function useSource(): [Source, (source: Source) => void] {
  const source = useSyncExternalStore<Source>(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => (localStorage.getItem(KEY) === 'sensor' ? 'sensor' : 'hand'),
    () => 'hand',
  )
  const set = useCallback((next: Source) => {
    localStorage.setItem(KEY, next)
    for (const listener of listeners) listener()
  }, [])
  return [source, set]
}

/** Who has no sensor needs nothing that reads one. */
const loadReader = () => import('@/core/room/sensorReading')

/** Listens to the bench sensor while it is the source, and keeps what it says. Mounted once. */
export function useSensor(): { live: SensorReading | null; lost: boolean } {
  const [source] = useSource()
  const { project, room } = useStock()
  const store = useStore()
  const [live, setLive] = useState<SensorReading | null>(null)
  const [lost, setLost] = useState(false)
  const zone = project.sessions?.zone ?? 'UTC'
  const last = useRef(0)
  last.current = room.reads.at(-1)?.at ?? 0
  const [reader, want] = useOnDemand(loadReader)
  useEffect(() => {
    if (source === 'sensor') want()
  }, [source, want])
  useEffect(() => {
    if (source !== 'sensor') return
    if (reader === 'failed') setLost(true)
    if (typeof reader !== 'object') return
    const now = Date.now()
    const since = Math.max(now - BACK, last.current)
    const query = new URLSearchParams({
      now: new Date(now).toISOString(),
      since: new Date(since).toISOString(),
      zone,
    })
    const stream = new EventSource(`/api/sensor?${query}`)
    let waiting: ClimateReading[] = []
    let timer: ReturnType<typeof setTimeout> | null = null
    let kept = since
    const keep = () => {
      if (timer) clearTimeout(timer)
      timer = null
      const readings = waiting
      waiting = []
      if (readings.length > 0) void store.ask('keepReadings', readings).catch(() => undefined)
    }
    stream.onopen = () => setLost(false)
    stream.onerror = () => setLost(true)
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      const read = reader.readStreamLine(data)
      if (!read.ok) return
      setLive(read.value)
      const at = Date.parse(read.value.at)
      if (at - kept < KEPT_EVERY && at > since) return
      kept = at
      waiting.push({ ...read.value, id: `sensor.${at}` })
      timer ??= setTimeout(keep, GATHER)
    }
    return () => {
      stream.close()
      // What was read is kept, also when nobody looks any more.
      keep()
      setLive(null)
    }
  }, [source, zone, store, reader])
  return { live, lost }
}
