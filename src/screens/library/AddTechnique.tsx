'use client'
import { useRouter, useSearchParams } from 'next/navigation'
import { useState } from 'react'
import type { Chosen, Proposal } from '@/core/builds'
import type { Build } from '@/core/model/build'
import { useAsked, useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { PartChecks } from '../shared/PartChecks'
import { stepName } from '../shared/words'

/** Adds a technique to parts of a build: what would be laid, and what it asks for, is told before it is. */
export function AddTechnique({
  name,
  chosen,
  build: asked,
}: {
  name: string
  chosen: Chosen
  build: string | null
}) {
  const project = useProject()
  const run = useRun()
  const router = useRouter()
  const builds = project.builds ?? []
  const [buildId, setBuild] = useState(asked ?? builds[0]?.id ?? '')
  const build = builds.find((build) => build.id === buildId) ?? builds[0]
  const part = useSearchParams().get('part')
  const [parts, setParts] = useState<readonly string[]>(() => firstPart(build, part))
  const first = build?.parts.find((part) => parts.includes(part.id))
  const ids = build?.parts.map(({ id }) => id).filter((id) => parts.includes(id)) ?? []
  const { answer: proposal, stale } = useAsked<Proposal | null>(
    build && ids.length > 0 ? (worker) => worker.propose(build.id, ids, chosen, Date.now()) : null,
    [build?.id, ids.join(' '), JSON.stringify(chosen)],
  )
  if (!build)
    return <p className="text-soft">Start a build, and its steps can be added to it from here.</p>
  const add = async () => {
    if (!proposal) return
    const added = await run('editBuild', build.id, proposal.edit, `Added: ${name.toLowerCase()}`)
    if (added) router.push(`/builds/${build.id}?part=${first?.id ?? ''}`)
  }
  return (
    <section
      data-screen-only=""
      aria-labelledby="add-technique"
      className="border-t-2 border-strong pt-3"
    >
      <h3 id="add-technique" className="font-display text-xl font-semibold">
        Add it to a build
      </h3>
      <div className="mt-2 space-y-3">
        <SelectField
          label="Build"
          value={build.id}
          onChange={(event) => {
            setBuild(event.target.value)
            const next = builds.find((build) => build.id === event.target.value)
            setParts(firstPart(next, null))
          }}
          choices={builds.map((build) => ({ value: build.id, say: build.name }))}
        />
        <PartChecks legend="On" parts={build.parts} chosen={parts} onChoose={setParts} />
        {proposal && <Proposed proposal={proposal} />}
        {ids.length === 0 && <p className="text-soft">Choose a part.</p>}
        <Button look="act" disabled={!proposal || stale} onClick={() => void add()}>
          Add {proposal?.added.length ?? 0} steps
        </Button>
      </div>
    </section>
  )
}

/** The part that was come from, else the first. */
function firstPart(build: Build | undefined, asked: string | null): string[] {
  const part = build?.parts.find((part) => part.id === asked) ?? build?.parts[0]
  return part ? [part.id] : []
}

/** The steps in order of work; a stage that the technique asks for says why. */
function Proposed({ proposal }: { proposal: Proposal }) {
  return (
    <ol aria-label="What would be added" className="border-t border-rule">
      {proposal.added.map((step) => (
        <li key={step.id} className="border-b border-rule py-1.5">
          <span className="font-semibold">{stepName(step.step)}</span>
          {step.because && (
            <span className="block text-sm">
              <span className="font-semibold text-note">Asked for.</span> {step.because}
            </span>
          )}
        </li>
      ))}
    </ol>
  )
}
