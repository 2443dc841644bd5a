import Link from 'next/link'
import { useState } from 'react'
import type { PartFault, PartMending } from '@/core/builds/faultOfPart'
import { type FaultId, faultRow } from '@/core/knowledge'
import type { PartRef } from '@/core/model/stepRef'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { SeverityMark } from '@/ui/Severity'
import { capital } from '../shared/words'

/** A note is told where the step is done. */
const isGrave = ({ severity }: PartMending['findings'][number]) => severity !== 'note'

/** Ways to mend it now, which go into the plan as steps; and what keeps it from coming back. */
export function MendNow({
  fault,
  of,
  found,
  where,
}: {
  fault: FaultId
  of: PartRef | null
  found: PartFault
  where: Partial<PartRef>
}) {
  const run = useRun()
  const [put, setPut] = useState<{ say: string; steps: readonly string[] } | null>(null)
  const { builds = [] } = useProject()
  const build = builds.find(({ id }) => id === of?.build)
  // What was undone meanwhile is in the plan no more.
  const inPlan = build?.steps.some(({ id }) => put?.steps.includes(id)) ? put?.say : null
  const [first] = found.causes
  const { symptom } = faultRow(fault)
  const putIn = async ({ say, edit }: PartMending) => {
    if (!of || !edit) return
    const done = await run('editBuild', of.build, edit, `Mending ${symptom}: ${say.toLowerCase()}`)
    if (done && edit.do === 'insert') setPut({ say, steps: edit.steps.map(({ id }) => id) })
  }
  const helped = (say: string, did: boolean) =>
    first &&
    run(
      'logFault',
      where,
      { fault, cause: first.id, helped: did },
      `${capital(symptom)}: “${say}” ${did ? 'helped' : 'didn’t help'}`,
      did ? 'Noted that it helped' : 'Noted that it didn’t help',
    )
  return (
    <section aria-label="Mend it now" className="lg:col-span-2">
      <h2 className="border-t-2 border-strong pt-3 font-display text-2xl font-semibold">
        Mend it now
      </h2>
      <ul>
        {found.mend.map((mending) => (
          <li
            key={mending.say}
            className="grid gap-x-8 gap-y-2 border-b border-rule py-3 sm:grid-cols-[minmax(0,1fr)_auto]"
          >
            <div className="min-w-0">
              <p className="text-lg">{mending.say}</p>
              {mending.findings.filter(isGrave).map(({ step, rule, severity, because }) => (
                <p key={`${step} ${rule}`} className="mt-1 text-sm">
                  <SeverityMark severity={severity} /> {because}
                </p>
              ))}
            </div>
            <div className="flex flex-wrap items-start gap-2">
              {of && mending.edit && inPlan !== mending.say && (
                <Button look="act" onClick={() => void putIn(mending)}>
                  Put it into the plan
                </Button>
              )}
              {inPlan === mending.say && of && (
                <Link
                  href={`/builds/${of.build}?part=${of.part}`}
                  className="inline-flex min-h-11 items-center text-act underline"
                >
                  It is in the plan
                </Link>
              )}
              <Button onClick={() => void helped(mending.say, true)}>It helped</Button>
              <Button onClick={() => void helped(mending.say, false)}>It didn’t</Button>
            </div>
          </li>
        ))}
      </ul>
      <h2 className="mt-6 font-display text-lg font-semibold">Next time</h2>
      <ul className="mt-1 list-disc pl-5">
        {found.nextTime.map((say) => (
          <li key={say}>{say}</li>
        ))}
      </ul>
    </section>
  )
}
