import { parseAsArrayOf, parseAsString, useQueryState } from 'nuqs'
import { useMemo } from 'react'
import type { RankedCause } from '@/core/faults'
import { type FaultId, faultRow } from '@/core/knowledge'
import { key, type PartRef } from '@/core/model/stepRef'
import { useAsked } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { useNow } from '../shared/now'
import { capital } from '../shared/words'
import { Causes } from './Causes'
import { MendNow } from './MendNow'

const WORD = { yes: true, no: false } as const

/** Answers as the address says them: "can-was-cold yes". */
function useAnswers() {
  const [said, setSaid] = useQueryState('said', parseAsArrayOf(parseAsString).withDefault([]))
  const answers = useMemo(
    () =>
      Object.fromEntries(
        said.flatMap((one) => {
          const [id = '', word = ''] = one.split(' ')
          return word in WORD ? [[id, WORD[word as keyof typeof WORD]]] : []
        }),
      ),
    [said],
  )
  return {
    answers,
    answer: (id: string, is: boolean) =>
      void setSaid([
        ...said.filter((one) => !one.startsWith(`${id} `)),
        `${id} ${is ? 'yes' : 'no'}`,
      ]),
    forget: () => void setSaid(null),
  }
}

/** Why something went wrong on a part: what speaks for each cause, what is asked next, and how it is mended. */
export function FaultView({
  fault,
  of,
  say,
}: {
  fault: FaultId
  of: PartRef | null
  /** The part by its name; null: none of those that something was done to. */
  say: string | null
}) {
  const now = useNow(60_000)
  const run = useRun()
  const { answers, answer, forget } = useAnswers()
  const build = of?.build
  const part = of?.part
  const { answer: found, failed } = useAsked(
    (worker) => worker.fault(build && part ? { build, part } : null, fault, answers, now),
    [fault, of ? key(of) : '', JSON.stringify(answers), now],
  )
  if (failed) return <p className="mt-6 max-w-prose text-stop">{failed}</p>
  if (!found) return <p className="mt-6 text-soft">Looking it up…</p>
  const { symptom } = faultRow(fault)
  const where = of ? { build: of.build, part: of.part } : {}
  const itWas = ({ id, say: cause }: RankedCause) =>
    void run(
      'logFault',
      where,
      { fault, cause: id },
      `${capital(symptom)}: ${cause}`,
      `${say ? `${say}: ` : ''}${symptom}, ${cause.toLowerCase()}`,
    )
  const asked = Object.keys(answers).length
  return (
    <div className="mt-5 grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <section aria-label="What it came from">
        <p className="max-w-prose text-soft">
          {found.usual
            ? 'Nothing is known of it yet: these are the usual causes, the most usual first.'
            : `Looked up in ${of ? 'the plan, the log and the air of that hour' : 'what you answered'}.`}
        </p>
        <Causes causes={found.causes} onItWas={itWas} />
      </section>
      <div className="order-first lg:order-none">
        <div aria-live="polite">
          {found.ask ? (
            <Question key={found.ask.id} {...found.ask} onAnswer={answer} />
          ) : (
            <p className="border-t-2 border-strong pt-3 text-soft">
              No answer would change much any more.
            </p>
          )}
        </div>
        {asked > 0 && (
          <Button look="quiet" className="-ml-4" onClick={forget}>
            Forget {asked === 1 ? 'the answer' : `the ${asked} answers`}
          </Button>
        )}
      </div>
      <MendNow fault={fault} of={of} found={found} where={where} />
    </div>
  )
}

function Question({
  id,
  say,
  onAnswer,
}: {
  id: string
  say: string
  onAnswer: (id: string, is: boolean) => void
}) {
  return (
    <section aria-label="One question" className="border-t-2 border-strong pt-3">
      <h2 className="font-display text-2xl leading-snug font-semibold">{say}</h2>
      <div className="mt-3 flex gap-2">
        <Button look="act" size="bench" className="flex-1" onClick={() => onAnswer(id, true)}>
          Yes
        </Button>
        <Button size="bench" className="flex-1" onClick={() => onAnswer(id, false)}>
          No
        </Button>
      </div>
    </section>
  )
}
