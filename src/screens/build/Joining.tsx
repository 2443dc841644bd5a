import { useMemo } from 'react'
import { type Assembly, assemblyOf, type JoinedThen, type Joint, jointsOf } from '@/core/builds'
import type { Build, Part } from '@/core/model/build'
import { Button } from '@/ui/Button'
import { sayFigures } from '@/ui/time'
import { listed, stepName } from '../shared/words'
import { PartSection } from './PartSection'
import type { EditBuild } from './useBuildEdits'

/** How a part comes together with the others: the tree of joints, and each of its own before paint or after it. */
export function Joining({ build, part, edit }: { build: Build; part: Part; edit: EditBuild }) {
  const joints = useMemo(
    () => jointsOf(build).filter(({ step }) => step.parts.includes(part.id)),
    [build, part.id],
  )
  const tree = useMemo(() => assemblyOf(build), [build])
  if (joints.length === 0) return null
  return (
    <PartSection heading="How it is put together" said>
      <ul aria-label="What is joined to what" className="mt-1">
        {tree.map((one) => (
          <Branch key={idOf(one)} of={one} part={part.id} />
        ))}
      </ul>
      {joints.map((joint) => (
        <Choice key={joint.step.id} joint={joint} edit={edit} />
      ))}
    </PartSection>
  )
}

function idOf(one: Assembly): string {
  return 'part' in one ? one.part.id : one.joint.id
}

function Branch({ of, part }: { of: Assembly; part: string }) {
  if ('part' in of)
    return <li className={of.part.id === part ? 'font-semibold' : 'text-soft'}>{of.part.name}</li>
  return (
    <li>
      <span>{stepName(of.joint)}</span>
      <ul className="border-l-2 border-strong pl-4">
        {of.of.map((one) => (
          <Branch key={idOf(one)} of={one} part={part} />
        ))}
      </ul>
    </li>
  )
}

/** One joint, before paint beside after it. */
function Choice({ joint: { step, parts, early, late }, edit }: { joint: Joint; edit: EditBuild }) {
  const name = `${stepName(step)}: ${listed(parts.map((part) => part.name))}`
  return (
    <section aria-label={name} className="mt-3 max-w-3xl border-t border-rule pt-2">
      <h3 className="font-semibold">{name}</h3>
      <div className="mt-1 grid gap-x-8 gap-y-3 sm:grid-cols-2">
        <Then
          say="Joined before paint"
          then={early}
          act="Join before paint"
          onChoose={() => early.edit && void edit(`${stepName(step)} before paint`, early.edit)}
        />
        <Then
          say="Joined after paint"
          then={late}
          act="Join after paint"
          onChoose={() => late.edit && void edit(`${stepName(step)} after paint`, late.edit)}
        />
      </div>
    </section>
  )
}

function Then({
  say,
  then,
  act,
  onChoose,
}: {
  say: string
  then: JoinedThen
  act: string
  onChoose: () => void
}) {
  const { maskMinutes, lost, onPaint, seamMends, edit } = then
  return (
    <div>
      <p className="font-semibold">{say}</p>
      <ul className="list-disc pl-5">
        <li>
          {maskMinutes > 0
            ? `${sayFigures(maskMinutes * 60_000)} of masking${onPaint ? ', over the faces that are glued' : ', for the other colour'}`
            : 'nothing to mask for it'}
        </li>
        <li>
          {lost.length > 0
            ? `${listed(lost.map((zone) => zone.name.toLowerCase()))} can’t be reached for paint`
            : 'everything is reached'}
        </li>
        <li>{seamMends ? 'its seam can be filled and sanded' : 'its seam stays as it fits'}</li>
      </ul>
      {edit ? (
        <Button size="small" className="mt-1" onClick={onChoose}>
          {act}
        </Button>
      ) : (
        <p className="mt-1 text-sm text-soft">Your steps have it so.</p>
      )}
    </div>
  )
}
