import { useState } from 'react'
import { stepsToTry } from '@/core/builds'
import { GROUND_WORDS, stepName } from '@/core/knowledge'
import { isAct } from '@/core/model/isAct'
import type { Project } from '@/core/model/project'
import type { ActStep } from '@/core/model/sequence'
import { TEST_GROUNDS, type TestPiece, testPieceSchema } from '@/core/model/testPiece'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { numberOf } from '../shared/fieldText'
import { useTyped } from '../shared/useTyped'

/** A step that a test piece is asked for, with what it comes on. */
type AskedFor = { build: string; step: string; say: string; steps: ActStep[] }

function askedFor({ builds = [] }: Project, asked: string | null): AskedFor | null {
  const [of, part, id] = (asked ?? '').split(' ')
  const build = builds.find((one) => one.id === of)
  const own = build?.steps.filter((step) => step.parts.includes(part ?? '')) ?? []
  const at = own.findIndex((step) => step.id === id)
  const step = own[at]
  if (!build || !step || !isAct(step)) return null
  const steps = stepsToTry(own.slice(0, at), step as ActStep)
  const name = build.parts.find((one) => one.id === part)?.name ?? ''
  return {
    build: build.id,
    step: step.id,
    say: `${stepName(step)}, ${name} of ${build.name}`,
    steps,
  }
}

/** A new test piece, for the step that asks for one. */
export function NewTest({ asked, onDone }: { asked: string | null; onDone: () => void }) {
  const project = useProject()
  const run = useRun()
  const of = askedFor(project, asked)
  const { typed, field, read, form } = useTyped({ name: '', areaCm2: '4' })
  const [on, setOn] = useState<TestPiece['on']>('spoon')
  if (!of)
    return (
      <p className="mt-4 max-w-prose border-l-4 border-rule pl-3">
        Where a step wants one first, its finding leads here and brings the paints with it.
      </p>
    )
  const keep = () =>
    read(
      testPieceSchema,
      {
        id: newId(),
        name: typed.name.trim() || of.say.slice(0, 120),
        at: new Date().toISOString(),
        on,
        areaCm2: numberOf(typed.areaCm2),
        build: of.build,
        step: of.step,
        tried: [{ id: newId(), steps: of.steps }],
      },
      async (piece) => {
        if (await run('addTest', piece)) onDone()
      },
    )
  return (
    <form
      ref={form}
      noValidate
      aria-label="A new test piece"
      className="mt-4 max-w-3xl border-l-8 border-act bg-act-wash px-4 py-3"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <p className="font-semibold">{of.say}</p>
      <p className="text-sm">
        Lay {of.steps.map((step) => stepName(step).toLowerCase()).join(', then ')} as you would on
        the model.
      </p>
      <div className="mt-2 grid gap-3 sm:grid-cols-3">
        <SelectField
          label="On what"
          value={on}
          choices={TEST_GROUNDS.map((value) => ({ value, say: GROUND_WORDS[value] }))}
          onChange={({ target }) => setOn(target.value as TestPiece['on'])}
        />
        <TextField label="How large" unit="cm²" inputMode="decimal" {...field('areaCm2')} />
        <TextField label="Name" placeholder={of.say} maxLength={120} {...field('name')} />
      </div>
      <div className="mt-3 flex gap-2">
        <Button look="act" type="submit">
          Try it on this
        </Button>
        <Button onClick={onDone}>Not now</Button>
      </div>
    </form>
  )
}
