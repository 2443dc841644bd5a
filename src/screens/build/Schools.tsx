'use client'
import type { SchoolEffect } from '@/core/builds'
import { questionRow, usualSchool } from '@/core/knowledge'
import type { Build } from '@/core/model/build'
import { counted } from '@/core/model/counted'
import { sayDuration } from '@/core/model/duration'
import { SCHOOLS, type SchoolQuestion } from '@/core/model/vocabulary'
import { useAsked } from '@/state/hooks'
import { useEditBuild } from '@/state/writing'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { useNow } from '../shared/now'

const QUESTIONS = Object.keys(SCHOOLS) as SchoolQuestion[]

/** The schools of a build: each question, what is followed, what the others bring and cost. */
export function Schools({ build }: { build: Build }) {
  return (
    <details className="border-t border-rule">
      <summary className="min-h-9 cursor-pointer pt-2 font-semibold text-act">
        Finishing choices
      </summary>
      <div className="grid gap-x-8 gap-y-4 pb-4 md:grid-cols-2 xl:grid-cols-3">
        {QUESTIONS.map((question) => (
          <Question key={question} build={build} question={question} />
        ))}
      </div>
    </details>
  )
}

function Question({ build, question }: { build: Build; question: SchoolQuestion }) {
  const editBuild = useEditBuild()
  const row = questionRow(question)
  const chosen = build.school?.[question]
  const value = typeof chosen === 'string' ? chosen : (usualSchool(question) ?? '')
  const now = row.choices.find((choice) => choice.value === value)
  const choose = (next: string) => {
    void editBuild(
      build.id,
      (now) => {
        const { [question]: _, ...others } = now.school ?? {}
        return {
          do: 'set',
          fields: { school: next === '' ? others : { ...others, [question]: next } },
        }
      },
      `${row.question}: ${row.choices.find((choice) => choice.value === next)?.name ?? 'left open'}`,
    )
  }
  return (
    <Choose
      label={row.question}
      value={value}
      onChoose={choose}
      choices={[
        ...(row.open ? [{ value: '', say: 'Left open' }] : []),
        ...row.choices.map((choice) => ({ value: choice.value, say: choice.name })),
      ]}
      hint={now ? `Brings: ${now.brings}. Costs: ${now.costs}.` : 'No check goes by it.'}
    />
  )
}

/** What laying the clears as the school of lining wants would change, and the one click that does it. */
export function RelayClears({ build }: { build: Build }) {
  const editBuild = useEditBuild()
  const now = useNow(60_000)
  const surface = build.school?.liningSurface ?? 'gloss'
  const { answer: effect, stale } = useAsked(
    (worker) => worker.school(build.id, 'liningSurface', surface, now),
    [build, surface, now],
  )
  const same = effect?.edit.do === 'patch' && effect.edit.steps.length === 0
  if (!effect || stale || same) return null
  return (
    <p className="mt-1 flex flex-wrap items-center gap-x-3 text-sm">
      <span>{told(effect)}</span>
      <Button
        size="small"
        onClick={() =>
          void editBuild(build.id, effect.edit, `Clears changed for lining on ${surface}`)
        }
      >
        Change the clears to suit
      </Button>
    </p>
  )
}

function told({ clears, minutes }: SchoolEffect): string {
  const coats =
    clears === 0
      ? 'Other clears'
      : `${counted(Math.abs(clears), 'clear')} ${clears < 0 ? 'fewer' : 'more'}`
  if (Math.abs(minutes) < 1) return `${coats}, no sooner.`
  return `${coats}, ${sayDuration(Math.abs(minutes))} ${minutes < 0 ? 'sooner' : 'later'}.`
}
