import { extremes } from '@/core/model/extremes'
import { key, partOf } from '@/core/model/stepRef'
import type { BenchPlan, ScheduledTask } from '@/core/schedule'

const MINUTE = 60_000

/** A coat or an act on its lane. Instants in epoch milliseconds. */
export type Block = { task: ScheduledTask; from: number; to: number }

/** A wait between two acts: drying, and where it ends the window that follows. */
export type Wait = { from: number; to: number; until: number | null }

/** A part with what is planned on it. */
export type Lane = { build: string; part: string; blocks: Block[]; waits: Wait[] }

/** The plan as lanes, one a part, in the order of the builds. */
export function lanesOf(plan: BenchPlan): Lane[] {
  const lanes = new Map<string, Lane>()
  for (const task of plan.tasks)
    lanes.set(key(partOf(task)), { ...partOf(task), blocks: [], waits: [] })
  const blocks = new Map<string, Block>()
  for (const task of plan.tasks) {
    if (task.start === null) continue
    const block = { task, from: task.start, to: task.end ?? task.start }
    blocks.set(task.id, block)
    lanes.get(key(partOf(task)))?.blocks.push(block)
  }
  for (const { from, to, until, lane } of waitsOf(plan, blocks))
    lanes.get(lane)?.waits.push({ from, to, until })
  for (const lane of lanes.values()) lane.blocks.sort((a, b) => a.from - b.from)
  return [...lanes.values()].filter((lane) => lane.blocks.length > 0)
}

/**
 * Links with a gap, as the time they take: from the end of the one to the earliest of the other, and its latest. Of several before one act
 * the one that holds it is drawn, and the window that closes first.
 */
function waitsOf(plan: BenchPlan, blocks: ReadonlyMap<string, Block>) {
  const waits = new Map<string, Wait & { lane: string }>()
  for (const link of plan.problem.links ?? []) {
    const [from, to] = [blocks.get(link.from), blocks.get(link.to)]
    const most = link.maxGap ?? null
    if (!from || !to || ((link.minGap ?? 0) <= 0 && most === null)) continue
    const known = waits.get(link.to)
    const least = from.to + Math.max(0, link.minGap ?? 0) * MINUTE
    const holds = !known || least > known.to
    const until = most === null ? null : from.to + most * MINUTE
    waits.set(link.to, {
      lane: key(partOf(to.task)),
      from: holds ? from.to : known.from,
      to: holds ? least : known.to,
      until: until === null ? (known?.until ?? null) : Math.min(known?.until ?? until, until),
    })
  }
  return waits.values()
}

/** How much time the width of the view shows. */
export const ZOOMS = [
  { id: 'hour', say: 'Hour', minutes: 60 },
  { id: 'evening', say: 'Evening', minutes: 6 * 60 },
  { id: 'day', say: 'Day', minutes: 24 * 60 },
  { id: 'week', say: 'Week', minutes: 7 * 1440 },
  { id: 'month', say: 'Month', minutes: 30 * 1440 },
  { id: 'six-weeks', say: 'Six weeks', minutes: 42 * 1440 },
] as const
export type Zoom = (typeof ZOOMS)[number]['id']

/** From what minute to what the drawing reaches: today, and all that is planned, at least one view. */
export function spanOf(plan: BenchPlan, zoom: Zoom, now: number): { from: number; to: number } {
  const minutes = ZOOMS.find((otherZoom) => otherZoom.id === zoom)?.minutes ?? 1440
  const day = new Date(now).setHours(0, 0, 0, 0)
  const first = zoom === 'hour' || zoom === 'evening' ? new Date(now).setMinutes(0, 0, 0) : day
  const ends = plan.tasks.map((task) => task.end ?? 0)
  const [, last] = extremes([0, ...ends]) ?? [0, 0]
  const margin = Math.min(minutes * MINUTE, 12 * 60 * MINUTE)
  return { from: first, to: Math.max(first + minutes * MINUTE, last + margin) }
}

/** Marks of the scale: hours or days as the zoom has room for, in local time. */
export function marksOf(zoom: Zoom, from: number, to: number): { at: number; day: boolean }[] {
  const hours = { hour: 0.25, evening: 1, day: 3, week: 24, month: 24, 'six-weeks': 24 }[zoom]
  const marks: { at: number; day: boolean }[] = []
  const day = new Date(new Date(from).setHours(0, 0, 0, 0))
  while (day.getTime() < to) {
    for (let hour = 0; hour < 24; hour += hours) {
      const at = new Date(day).setHours(Math.floor(hour), (hour % 1) * 60, 0, 0)
      if (at >= from && at < to) marks.push({ at, day: hour === 0 })
    }
    day.setDate(day.getDate() + 1)
  }
  // Hours that daylight saving skips fall together.
  return marks.filter((mark, i) => i === 0 || mark.at > (marks[i - 1]?.at ?? 0))
}
