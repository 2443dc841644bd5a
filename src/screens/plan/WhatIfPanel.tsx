'use client'
import { useState } from 'react'
import { FAMILIES, type Family } from '@/core/model/vocabulary'
import {
  type BenchPlan,
  outcomeOf,
  type PlanOutcome,
  type ScheduledTask,
  type WhatIf,
} from '@/core/schedule'
import { useBench } from '@/state/benchContext'
import { useProject } from '@/state/hooks'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { writeDate } from '@/ui/dates'
import { clockTime, localDay } from '@/ui/time'
import { actOnPart, namesOf } from '../shared/names'
import { sayFinish } from '../shared/planWords'
import { familyName } from '../shared/words'

type Asked = { id: number; say: string; outcome: PlanOutcome | null; failed: string | null }

/** The next day, counted from tomorrow, that has no session: its date. */
function freeDay(plan: BenchPlan): string {
  for (let ahead = 1; ahead < 14; ahead++) {
    const day = new Date(plan.now)
    day.setDate(day.getDate() + ahead)
    const key = day.toDateString()
    if (!plan.sessions.some((session) => new Date(session.from).toDateString() === key))
      return localDay(day)
  }
  return localDay(new Date(plan.now + 86_400_000))
}

/** Questions to the plan, side by side with it as it is; nothing is changed by asking. */
export function WhatIfPanel({
  plan,
  task,
  now,
}: {
  plan: BenchPlan
  task: ScheduledTask | null
  now: number
}) {
  const { questions } = useBench()
  const [asked, setAsked] = useState<Asked[]>([])
  const as = outcomeOf(plan)
  const ask = (say: string, question: WhatIf) => {
    const id = Date.now() + Math.random()
    setAsked((list) => [...list.slice(-5), { id, say, outcome: null, failed: null }])
    const answer = (more: Partial<Asked>) =>
      setAsked((list) =>
        list.map((question) => (question.id === id ? { ...question, ...more } : question)),
      )
    questions
      .ask((worker) => worker.whatIf(plan.now, question, plan))
      .then((outcome) => answer({ outcome }))
      .catch((error: unknown) => answer({ failed: reasonOf(error) }))
  }
  return (
    <section aria-labelledby="what-if">
      <h2 id="what-if" className="font-display text-2xl font-semibold">
        What if?
      </h2>
      <p className="mt-1 text-soft">Nothing is changed by asking.</p>
      <Questions plan={plan} task={task} now={now} onAsk={ask} />
      {asked.length > 0 && (
        <table className="mt-4 w-full border-collapse text-left">
          <caption className="sr-only">Answers beside the plan as it is</caption>
          <thead>
            <tr className="text-sm text-soft">
              {['If', 'Done by', 'Finish', 'Sessions', 'Clean-outs'].map((head) => (
                <th key={head} scope="col" className="py-1 pr-3 font-semibold">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <Row say="as it is" outcome={as} as={as} failed={null} now={now} />
            {asked.map((question) => (
              <Row key={question.id} {...question} as={as} now={now} />
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}

function Row({
  say,
  outcome,
  failed,
  as,
  now,
}: Omit<Asked, 'id'> & { as: PlanOutcome; now: number }) {
  const cell = 'py-1.5 pr-3'
  return (
    <tr className="border-t border-rule">
      <th scope="row" className={`${cell} font-normal`}>
        {say}
      </th>
      {failed || !outcome ? (
        <td className={`${cell} text-soft`} colSpan={4}>
          {failed ? `can’t be told: ${failed}` : 'asking…'}
        </td>
      ) : (
        <>
          <td className={`${cell} whitespace-nowrap`}>
            {outcome.finish === null ? '—' : clockTime(outcome.finish, now)}
          </td>
          <td className={cell}>{outcome === as ? '' : sayFinish(as.finish, outcome.finish)}</td>
          <td className={cell}>{outcome.sessions ?? '—'}</td>
          <td className={cell}>{outcome.cleanOuts ?? '—'}</td>
        </>
      )}
    </tr>
  )
}

/** The questions there are: about the room and the evenings, and about the act that was chosen. */
function Questions({
  plan,
  task,
  now,
  onAsk,
}: {
  plan: BenchPlan
  task: ScheduledTask | null
  now: number
  onAsk: (say: string, question: WhatIf) => void
}) {
  const project = useProject()
  const [family, setFamily] = useState<Family>('lacquer')
  const date = freeDay(plan)
  const day = writeDate('weekday-long', Date.parse(`${date}T12:00:00`))
  const step = task && { build: task.build, step: task.step }
  const canLose = task && namesOf(project, task).coats > 1
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <Button
        onClick={() =>
          onAsk(`a session on ${day}, 19 to 21`, {
            kind: 'session',
            date,
            from: '19:00',
            to: '21:00',
          })
        }
      >
        A session on {day}
      </Button>
      <Button onClick={() => onAsk('the room 5 °C warmer', { kind: 'warmer', celsius: 5 })}>
        Room 5 °C warmer
      </Button>
      <Button onClick={() => onAsk('a fan', { kind: 'air', air: 'fan' })}>A fan</Button>
      {step && task && (
        <>
          {canLose && (
            <Button
              onClick={() =>
                onAsk(`one coat fewer: ${actOnPart(project, task)}`, {
                  kind: 'coat-fewer',
                  ...step,
                })
              }
            >
              One coat fewer
            </Button>
          )}
          <span className="flex">
            <select
              aria-label="Another product"
              value={family}
              onChange={(event) => setFamily(event.target.value as Family)}
              className="control min-h-11 px-2"
            >
              {FAMILIES.map((family) => (
                <option key={family} value={family}>
                  {familyName(family)}
                </option>
              ))}
            </select>
            <Button
              className="-ml-0.5 rounded-l-none"
              onClick={() =>
                onAsk(`${familyName(family).toLowerCase()} for ${actOnPart(project, task)}`, {
                  kind: 'step',
                  ...step,
                  set: { family },
                })
              }
            >
              Instead
            </Button>
          </span>
        </>
      )}
      {!task && (
        <p className="basis-full text-sm text-soft">
          Choose a step of the plan to ask about its coats and its paint. It is{' '}
          {clockTime(now, now)}.
        </p>
      )}
    </div>
  )
}
