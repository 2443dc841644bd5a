'use client'

import { isAct } from '@/core/model/isAct'
import { type BenchPlan, onceEach } from '@/core/schedule'
import { paintFor } from '@/core/shelf'
import { useProject } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { Swatch } from '@/ui/Swatch'
import { clockTime, sayFigures } from '@/ui/time'
import { namesOf, partsNamed, taskName } from '../shared/names'
import { lanesOf } from './lanes'

const HEADS = ['When', 'Act', 'Part', 'Paint', 'Build', 'Takes', 'By'] as const

/** The same plan, readable row by row. */
export function PlanTable({
  plan,
  chosen,
  onChoose,
  now,
}: {
  plan: BenchPlan
  chosen: string | null
  onChoose: (id: string) => void
  now: number
}) {
  const project = useProject()
  const lanes = lanesOf(plan)
  const parts = new Map(onceEach(plan.tasks).map((task) => [task.id, task.parts]))
  const rows = lanes
    .flatMap((lane) => lane.blocks)
    .filter(({ task }) => parts.has(task.id))
    .sort((a, b) => a.from - b.from)
  const closes = new Map(
    lanes.flatMap((lane) =>
      lane.waits.flatMap((wait): [number, number][] =>
        wait.until === null
          ? []
          : lane.blocks
              .filter((block) => block.from >= wait.to && block.from <= (wait.until ?? 0))
              .slice(0, 1)
              .map((block): [number, number] => [rows.indexOf(block), wait.until as number]),
      ),
    ),
  )
  return (
    <div className="max-h-[32rem] overflow-auto border border-rule bg-raised">
      <table className="w-full border-collapse text-left">
        <caption className="sr-only">The plan, by time</caption>
        <thead className="sticky top-0 bg-ground">
          <tr>
            {HEADS.map((head) => (
              <th key={head} scope="col" className="px-2 py-1.5 text-sm font-semibold text-soft">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ task, from }, i) => {
            const { build, colour } = namesOf(project, task)
            const step = project.builds
              ?.find(({ id }) => id === task.build)
              ?.steps.find(({ id }) => id === task.step)
            const paint = step && isAct(step) ? paintFor(project, step) : null
            const until = closes.get(i)
            return (
              <tr
                key={task.id}
                className={cx('border-t border-rule', chosen === task.id && 'bg-act-wash')}
              >
                <td className="px-2 whitespace-nowrap">{clockTime(from, now)}</td>
                <td className="px-2">
                  <button
                    type="button"
                    aria-pressed={chosen === task.id}
                    onClick={() => onChoose(task.id)}
                    className="min-h-9 text-left underline decoration-rule underline-offset-4 hover:decoration-ink"
                  >
                    {taskName(project, task)}
                  </button>
                </td>
                <td className="px-2">
                  {partsNamed(project, task.build, parts.get(task.id) ?? [task.part])}
                </td>
                <td className="px-2">
                  <span className="flex items-center gap-2">
                    <Swatch colour={colour} />
                    {paint?.name ?? ''}
                  </span>
                </td>
                <td className="px-2 text-soft">{build}</td>
                <td className="px-2 whitespace-nowrap">{sayFigures(task.minutes * 60_000)}</td>
                <td className="px-2 whitespace-nowrap text-risk">
                  {until === undefined ? '' : clockTime(until, now)}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </div>
  )
}
