'use client'

import { useRef, useState } from 'react'
import type { Known } from '@/core/formats/text/lexicon'
import { substrateRow } from '@/core/knowledge'
import { type Build, type Part, partSchema } from '@/core/model/build'
import { changedFields } from '@/core/model/rowFields'
import { SUBSTRATES } from '@/core/model/vocabulary'
import { useAsked, useProject } from '@/state/hooks'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { Later } from '@/ui/Later'
import { clockTime } from '@/ui/time'
import { focusFirstError, numberOf } from '../shared/fieldText'
import { readForm } from '../shared/forms'
import { useNow } from '../shared/now'
import { capital, MILESTONE_WORDS } from '../shared/words'
import { Accidents } from './Accidents'
import { Decals } from './Decals'
import { Holding } from './Holding'
import { Joining } from './Joining'
import type { ShownPart } from './judged'
import { Masks } from './Masks'
import { PartZones } from './PartZones'
import { Preparation } from './Preparation'
import { TakeOver } from './TakeOver'
import type { EditBuild } from './useBuildEdits'
import { Wear } from './Wear'

/** The part itself: substrate, area, the clocks of what lies open on it; and adding another part. */
export function PartFacts({
  build,
  part,
  judged,
  known,
  edit,
}: {
  build: Build
  part: Part
  judged: ShownPart
  /** What may be named in words. */
  known: Known
  edit: EditBuild
}) {
  const { shelf = [], meshes = [], pictures = [] } = useProject()
  const now = useNow(60_000)
  const mesh = meshes.find(({ id }) => id === part.mesh)
  const { answer: along } = useAsked(
    (worker) => worker.faces({ build: build.id, part: part.id }, now),
    [build, part.id, now],
  )
  const save = (next: Part) => {
    const fields = Object.fromEntries(
      Object.entries(changedFields(part, next)).map(([name, value]) => [name, value ?? null]),
    )
    void edit(`Changed: ${next.name}`, { do: 'part', part: part.id, fields })
  }
  const add = (next: Part) => void edit(`Added: ${next.name}`, { do: 'addPart', part: next })
  return (
    <Later>
      <PartZones
        build={build}
        part={part}
        shelf={shelf}
        mesh={mesh}
        pictures={pictures}
        along={along}
        edit={edit}
      />
      <Masks build={build} part={part} edit={edit} />
      <Preparation build={build} part={part} edit={edit} />
      <Decals build={build} part={part} edit={edit} />
      <Wear build={build} part={part} judged={judged} pictures={pictures} edit={edit} />
      <Holding
        key={JSON.stringify([part.holder, part.weightG, part.volumeCm3])}
        build={build}
        part={part}
        edit={edit}
      />
      <Joining build={build} part={part} edit={edit} />
      <div className="mt-8 grid gap-x-10 gap-y-6 lg:grid-cols-2">
        <Clocks judged={judged} />
        <section>
          <h2 className="mb-2 font-display text-xl font-semibold">The part</h2>
          <PartForm key={JSON.stringify(part)} part={part} say="Save the part" onSave={save} />
          <PartActs build={build} part={part} edit={edit} />
        </section>
        <TakeOver build={build} part={part} known={known} />
        <details>
          <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
            Another part
          </summary>
          <PartForm
            key={build.parts.length}
            part={{ id: newId(), name: '', substrate: 'polystyrene' }}
            say="Add the part"
            onSave={add}
          />
        </details>
      </div>
      <Accidents build={build} part={part} judged={judged} edit={edit} />
    </Later>
  )
}

/** Where a part stands among the others, the same once more, and taking it out. */
function PartActs({ build, part, edit }: { build: Build; part: Part; edit: EditBuild }) {
  const ids = build.parts.map(({ id }) => id)
  const at = ids.indexOf(part.id)
  const move = (by: 1 | -1) => {
    void edit(`Moved: ${part.name}`, (now) => {
      const ids = now.parts.map(({ id }) => id)
      const at = ids.indexOf(part.id)
      const parts = ids.toSpliced(at, 1).toSpliced(at + by, 0, part.id)
      return { do: 'orderParts', parts }
    })
  }
  const copy = () => {
    const id = newId()
    const steps = build.steps.filter((step) => step.parts.includes(part.id)).map((step) => step.id)
    void edit(`Duplicated: ${part.name}`, {
      do: 'all',
      edits: [
        { do: 'addPart', part: { ...part, id, name: `${part.name}, copy` } },
        ...(steps.length > 0 ? [{ do: 'share' as const, steps, with: [id] }] : []),
      ],
    })
  }
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      <Button size="small" disabled={at === 0} onClick={() => move(-1)}>
        Move it left
      </Button>
      <Button size="small" disabled={at === ids.length - 1} onClick={() => move(1)}>
        Move it right
      </Button>
      <Button size="small" onClick={copy}>
        Duplicate the part
      </Button>
      {ids.length > 1 && (
        <Button
          size="small"
          look="stop"
          onClick={() => void edit(`Removed: ${part.name}`, { do: 'removePart', part: part.id })}
        >
          Remove the part
        </Button>
      )}
    </div>
  )
}

function PartForm({
  part,
  say,
  onSave,
}: {
  part: Part
  say: string
  onSave: (part: Part) => void
}) {
  const [name, setName] = useState(part.name)
  const [substrate, setSubstrate] = useState<string>(part.substrate)
  const [area, setArea] = useState(part.areaCm2 === undefined ? '' : String(part.areaCm2))
  const [depth, setDepth] = useState(part.lineDepthMm === undefined ? '' : String(part.lineDepthMm))
  const [gap, setGap] = useState(part.jointGapMm === undefined ? '' : String(part.jointGapMm))
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const save = () => {
    const { areaCm2: _, lineDepthMm: __, jointGapMm: ___, ...rest } = part
    const given = Object.entries({
      areaCm2: numberOf(area),
      lineDepthMm: numberOf(depth),
      jointGapMm: numberOf(gap),
    }).filter(([, value]) => value !== undefined)
    const read = readForm(partSchema, {
      ...rest,
      name,
      substrate,
      ...Object.fromEntries(given),
    })
    setErrors(read.ok ? {} : read.errors)
    if (read.ok) onSave(read.value)
    else focusFirstError(form.current)
  }
  return (
    <form
      ref={form}
      noValidate
      className="space-y-3"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <TextField
        label="Name"
        value={name}
        error={errors.name}
        onChange={(event) => setName(event.target.value)}
      />
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Made of"
          value={substrate}
          error={errors.substrate}
          onChange={(event) => setSubstrate(event.target.value)}
          choices={SUBSTRATES.map((value) => ({ value, say: capital(substrateRow(value).name) }))}
        />
        <TextField
          label="Area to paint"
          unit="cm²"
          inputMode="decimal"
          value={area}
          error={errors.areaCm2}
          onChange={(event) => setArea(event.target.value)}
        />
        <TextField
          label="Depth of its lines"
          unit="mm"
          inputMode="decimal"
          value={depth}
          error={errors.lineDepthMm}
          onChange={(event) => setDepth(event.target.value)}
        />
        <TextField
          label="Gap at the joint"
          unit="mm"
          inputMode="decimal"
          value={gap}
          error={errors.jointGapMm}
          onChange={(event) => setGap(event.target.value)}
        />
      </div>
      <Button type="submit">{say}</Button>
    </form>
  )
}

function Clocks({ judged }: { judged: ShownPart }) {
  const now = useNow(10_000)
  const { clocks } = judged.plan
  if (clocks.length === 0) return null
  return (
    <section>
      <h2 className="mb-2 font-display text-xl font-semibold">Drying now</h2>
      {clocks.map((clock) => (
        <div key={`${clock.step} ${clock.from}`} className="mb-3 border-t border-rule pt-2">
          <p className="font-semibold">{capital(clock.name)}</p>
          {clock.next === null && <p className="text-sm text-soft">Fully cured</p>}
          <dl className="grid grid-cols-[1fr_auto] gap-x-4 text-sm">
            {(clock.next === null ? [] : clock.milestones).map(({ point, at }) => (
              <div key={point} className="contents">
                <dt className={at !== null && at <= now ? 'text-soft' : ''}>
                  {MILESTONE_WORDS[point]}
                </dt>
                <dd className="text-right" data-milestone={point}>
                  {at === null ? 'never' : at <= now ? 'reached' : clockTime(at, now)}
                </dd>
              </div>
            ))}
          </dl>
        </div>
      ))}
    </section>
  )
}
