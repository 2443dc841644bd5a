import { stateOf } from '@/core/builds'
import type { BenchPlan } from '@/core/schedule'
import { planBench } from '@/core/schedule/planBench'
import { demoProject } from '@/demo/demo'
import { clustersOf, lanesOf, marksOf, spanOf } from './lanes'
import { ZOOMS } from './zooms'

const NOW = Date.parse('2026-03-17T18:25:00Z')
const plan: BenchPlan = planBench(stateOf(demoProject(NOW, 'UTC')), NOW, {
  steps: 3000,
  polish: false,
})

it('every planned task lies on the lane of its part, in order', () => {
  const lanes = lanesOf(plan)
  const blocks = lanes.flatMap((lane) => lane.blocks)
  expect(blocks).toHaveLength(plan.tasks.filter((task) => task.start !== null).length)
  for (const lane of lanes)
    lane.blocks.forEach((block, i) => {
      expect(block.task.part).toBe(lane.part)
      expect(block.from).toBeGreaterThanOrEqual(lane.blocks[i - 1]?.to ?? 0)
    })
})

it('a wait ends before the act that waits for it begins, and its window after', () => {
  const waits = lanesOf(plan).flatMap((lane) => lane.waits.map((wait) => ({ lane, wait })))
  expect(waits.some(({ wait }) => wait.until !== null)).toBe(true)
  for (const { lane, wait } of waits) {
    expect(lane.blocks.some((block) => block.from >= wait.to)).toBe(true)
    if (wait.until !== null) expect(wait.until).toBeGreaterThanOrEqual(wait.to)
  }
})

test('blocks that would cover one another are drawn as one, and none is too narrow', () => {
  const perDay = 130 / 86_400_000
  const x = (at: number) => (at - NOW) * perDay
  for (const { blocks } of lanesOf(plan)) {
    const clusters = clustersOf(blocks, x, 24)
    expect(clusters.flatMap((cluster) => cluster.blocks)).toEqual(blocks)
    clusters.forEach(({ left, width }, i) => {
      expect(width).toBeGreaterThanOrEqual(24)
      const next = clusters[i + 1]
      if (next) expect(next.left).toBeGreaterThanOrEqual(left + width)
    })
  }
  const wide = lanesOf(plan).flatMap(({ blocks }) => clustersOf(blocks, (at) => at / 1000, 24))
  expect(wide.every(({ blocks }) => blocks.length === 1)).toBe(true)
})

test.each(ZOOMS.map((zoom) => zoom.id))(
  '%s: the span holds the plan, the marks are in order',
  (zoom) => {
    const { from, to } = spanOf(plan, zoom, NOW)
    expect(from).toBeLessThanOrEqual(NOW)
    for (const { start } of plan.tasks) expect(start ?? 0).toBeLessThan(to)
    const marks = marksOf(zoom, from, to)
    expect(marks.length).toBeGreaterThan(2)
    marks.slice(1).forEach((mark, i) => {
      expect(mark.at).toBeGreaterThan(marks[i]?.at ?? 0)
    })
  },
)
