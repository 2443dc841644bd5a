'use client'
import { parseAsString, useQueryState } from 'nuqs'
import { Suspense, useMemo } from 'react'
import { FAULT_TABLE, type FaultId, faultRow } from '@/core/knowledge'
import { partLogOf } from '@/core/log'
import { key, type PartRef } from '@/core/model/stepRef'
import { useStock } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { useTitle } from '../shared/useTitle'
import { capital } from '../shared/words'
import { FaultDrawing } from './FaultDrawing'
import { FaultView } from './FaultView'
import { Symptoms } from './Symptoms'

export function FaultScreen() {
  return (
    <Suspense>
      <WentWrong />
    </Suspense>
  )
}

/** A part that something was done to. */
type Painted = PartRef & { say: string }

/** Parts that something was done to, the one that was last worked on first. */
function usePainted(): Painted[] {
  const { project, log } = useStock()
  return useMemo(() => {
    const all = (project.builds ?? []).flatMap((build) =>
      build.parts.flatMap((part): Painted[] =>
        partLogOf(log, build.id, part.id).steps.size > 0
          ? [{ build: build.id, part: part.id, say: `${part.name} · ${build.name}` }]
          : [],
      ),
    )
    const newest = log.acts.findLast(({ build, part }) => build && part)
    const isLast = (one: Painted) => one.build === newest?.build && one.part === newest.part
    return [...all.filter(isLast), ...all.filter((one) => !isLast(one))]
  }, [project, log])
}

/** What was seen, on which part; and why it came to that. */
function WentWrong() {
  const painted = usePainted()
  const [of, setOf] = useQueryState('of', parseAsString)
  const [seen, setSeen] = useQueryState('seen', parseAsString.withOptions({ history: 'push' }))
  const [, setSaid] = useQueryState('said', parseAsString)
  // What was answered was of one fault on one part.
  const look = (next: string | null) => {
    void setSaid(null)
    void setSeen(next)
  }
  const fault = seen !== null && seen in FAULT_TABLE ? (seen as FaultId) : null
  const part = of === 'none' ? null : (painted.find((one) => key(one) === of) ?? painted[0] ?? null)
  useTitle(fault ? capital(faultRow(fault).symptom) : 'What went wrong?')
  return (
    <div className="p-4 lg:p-6">
      <div className="flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
        <div className="flex min-w-0 items-center gap-4">
          {fault && <FaultDrawing fault={fault} className="hidden w-28 shrink-0 sm:block" />}
          <div className="min-w-0">
            <h1 className="font-display text-4xl font-semibold">
              {fault ? capital(faultRow(fault).symptom) : 'What went wrong?'}
            </h1>
            {fault && (
              <Button look="quiet" className="-ml-4" onClick={() => look(null)}>
                It is something else
              </Button>
            )}
          </div>
        </div>
        <SelectField
          label="On which part"
          value={part ? key(part) : 'none'}
          choices={[
            ...painted.map((one) => ({ value: key(one), say: one.say })),
            { value: 'none', say: 'None of these' },
          ]}
          onChange={(event) => {
            void setSaid(null)
            void setOf(event.target.value)
          }}
        />
      </div>
      {fault ? (
        <FaultView
          key={`${fault} ${part ? key(part) : ''}`}
          fault={fault}
          of={part}
          say={part?.say ?? null}
        />
      ) : (
        <Symptoms onPick={look} />
      )}
    </div>
  )
}
