'use client'

import Link from 'next/link'
import { usePlan, useProject } from '@/state/hooks'
import { clockTime, sayFigures } from '@/ui/time'
import { actOnPart } from './names'
import { useNow } from './now'
import { capital } from './words'

/** Windows that no plan keeps: what is lost, and where the ways out are. */
export function Lost() {
  const project = useProject()
  const { plan } = usePlan()
  const now = useNow(30_000)
  if (!plan || plan.lost.length === 0) return null
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
    </section>
  )
}
