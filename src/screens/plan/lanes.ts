import { type TimeInterval, timeDay, timeHour, timeMinute } from 'd3-time'
import { extremes } from '@/core/model/extremes'
import { key, partOf } from '@/core/model/stepRef'
import { type BenchPlan, type ScheduledTask, type WaitBefore, waitsBefore } from '@/core/schedule'
import { ZOOMS, type Zoom } from './zooms'

const MINUTE = 60_000

/** A coat or an act on its lane. Instants in epoch milliseconds. */
export type Block = { task: ScheduledTask; from: number; to: number }

/** A part with what is planned on it. */
export type Lane = { build: string; part: string; blocks: Block[]; waits: WaitBefore[] }

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
  for (const [id, wait] of waitsBefore(plan)) {
    const block = blocks.get(id)
    if (block) lanes.get(key(partOf(block.task)))?.waits.push(wait)
  }
  for (const lane of lanes.values()) lane.blocks.sort((a, b) => a.from - b.from)
  return [...lanes.values()].filter((lane) => lane.blocks.length > 0)
}

/** Blocks of a lane that are drawn as one, since side by side they would cover one another. Pixels. */
export type Cluster = { blocks: readonly Block[]; left: number; width: number }

/**
 * The blocks of a lane as they are drawn: each at least so wide, and none over another.
 *
 * @param x pixels of an instant
 * @param least width that can be read and hit, pixels
 */
export function clustersOf(
  blocks: readonly Block[],
  x: (at: number) => number,
  least: number,
): Cluster[] {
  const clusters: { blocks: Block[]; left: number; width: number }[] = []
  for (const block of blocks) {
    const [left, width] = [x(block.from), Math.max(least, x(block.to) - x(block.from) - 1)]
    const last = clusters.at(-1)
    if (last && left < last.left + last.width) {
      last.blocks.push(block)
      last.width = Math.max(last.width, left + x(block.to) - x(block.from) - last.left)
    } else clusters.push({ blocks: [block], left, width })
  }
  return clusters
}

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

/** What the marks of the scale are apart. */
const APART: Record<Zoom, TimeInterval | null> = {
  hour: timeMinute.every(15),
  evening: timeHour.every(1),
  day: timeHour.every(3),
  week: timeDay,
  month: timeDay,
  'six-weeks': timeDay,
}

/** Marks of the scale: hours or days as the zoom has room for, in local time; hours that daylight saving skips are left out. */
export function marksOf(zoom: Zoom, from: number, to: number): { at: number; day: boolean }[] {
  return (APART[zoom]?.range(new Date(from), new Date(to)) ?? []).map((mark) => ({
    at: mark.getTime(),
    day: mark.getTime() === timeDay.floor(mark).getTime(),
  }))
}
