'use client'

import Link from 'next/link'
import type { BenchPlan } from '@/core/schedule'
import { usePlan, useProject } from '@/state/hooks'
import { clockTime, sayFigures } from '@/ui/time'
import { actOnPart } from './names'
import { useNow } from './now'
import { capital } from './words'

/** What no plan keeps: windows that are lost, and what the judge says of the planned hours; and where the ways out are. */
export function Lost() {
  const project = useProject()
  const { plan } = usePlan()
  const now = useNow(30_000)
  if (!plan) return null
  if (plan.lost.length === 0) return <Doubts plan={plan} />
  const find = (id: string) => plan.tasks.find((task) => task.id === id)
  return (
    <section
      aria-label="Windows that can’t be kept"
      className="mt-4 border-l-4 border-risk bg-risk-wash py-2 pr-3 pl-4"
    >
      <p className="font-semibold">
        No plan keeps every window. It was made without{' '}
        {plan.lost.length === 1 ? 'this one' : 'these'}:
      </p>
      <ul className="mt-1 space-y-1">
        {plan.lost.map((window) => {
          const task = find(window.task)
          if (!task) return null
          const before = window.kind === 'link' ? find(window.from) : undefined
          return (
            <li key={`${window.kind} ${window.task}`}>
              {capital(actOnPart(project, task))}:{' '}
              {window.kind === 'own' &&
                `its window closes ${clockTime(plan.zero + window.latest * 60_000, now)}, before you are at the bench`}
              {window.kind === 'link' &&
                `it should follow within ${sayFigures(window.maxGap * 60_000)}${before ? ` of ${actOnPart(project, before)}` : ''}`}
              {window.kind === 'sitting' && 'its coats don’t fit into one evening'}
              {task.start !== null && `; it is planned for ${clockTime(task.start, now)}`}.{' '}
              <Link href={`/builds/${task.build}?part=${task.part}`} className="text-act underline">
                Ways out
              </Link>
            </li>
          )
        })}
      </ul>
      <Doubts plan={plan} />
    </section>
  )
}

/** Stops and risks that come with the planned hours, and that no other hours end. */
function Doubts({ plan }: { plan: BenchPlan }) {
  const project = useProject()
  if (plan.doubts.length === 0) return null
  return (
    <ul
      aria-label="What the planned hours bring"
      className="mt-4 space-y-1 border-l-4 border-risk bg-risk-wash py-2 pr-3 pl-4"
    >
      {plan.doubts.map(({ build, part, step, rule, because }) => (
        <li key={`${build} ${part} ${step} ${rule}`}>
          {capital(actOnPart(project, { build, part, step }))}, as it is planned: {because}{' '}
          <Link href={`/builds/${build}?part=${part}`} className="text-act underline">
            Ways out
          </Link>
        </li>
      ))}
    </ul>
  )
}
