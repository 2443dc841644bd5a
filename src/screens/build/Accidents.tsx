import { parseAsString, useQueryState } from 'nuqs'
import { type AgainAt, againEdit, placesAgain } from '@/core/builds'
import type { Accident } from '@/core/model/accident'
import type { Build, Part } from '@/core/model/build'
import { useParts, useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { Thumb } from '../shared/picture/Thumb'
import { doneIn, type ShownPart } from './judged'
import { KeepAccident } from './KeepAccident'
import { PartSection } from './PartSection'
import type { EditBuild } from './useBuildEdits'

/** Accidents on a part that were liked, and where each would fit again. */
export function Accidents({
  build,
  part,
  judged,
  edit,
}: {
  build: Build
  part: Part
  judged: ShownPart
  edit: EditBuild
}) {
  const { accidents = [] } = useProject()
  const [keeping, keep] = useQueryState('keep', parseAsString)
  const own = accidents.filter((one) => one.build === build.id && one.part === part.id)
  return (
    <PartSection heading="Happy accidents" said={own.length > 0 || keeping !== null}>
      {own.length === 0 && keeping === null && (
        <p className="text-sm text-soft">
          Something came out better than it was meant? Keep it, and it can be done again elsewhere.
        </p>
      )}
      <ul>
        {own.map((accident) => (
          <AccidentRow key={accident.id} build={build} accident={accident} edit={edit} />
        ))}
      </ul>
      {keeping === null ? (
        <Button size="small" className="mt-2" onClick={() => void keep('')}>
          Keep one
        </Button>
      ) : (
        <KeepAccident
          build={build}
          part={part}
          judged={judged}
          said={keeping}
          onDone={() => void keep(null)}
        />
      )}
    </PartSection>
  )
}

function AccidentRow({
  build,
  accident,
  edit,
}: {
  build: Build
  accident: Accident
  edit: EditBuild
}) {
  const run = useRun()
  const plans = useParts()
  const { pictures } = useProject()
  const places = placesAgain(build, accident, pictures)
  const { name, cause, picture } = accident
  const again = ({ zone }: AgainAt) => {
    const plan = plans.find((one) => one.build === build.id && one.part === zone.part)
    const done = doneIn(plan)
    void edit(`Again: ${name}, ${zone.name}`, (now) =>
      againEdit(now, accident, zone, (step) => done.has(step), newId),
    )
  }
  return (
    <li className="flex gap-4 border-t border-rule py-3">
      {picture && <Thumb id={picture} say={name} className="h-24 w-32 shrink-0" />}
      <div className="min-w-0">
        <h3 className="font-semibold">{name}</h3>
        {cause && <p className="text-sm">{cause}</p>}
        <div className="mt-1 flex flex-wrap items-center gap-2 [overflow-wrap:anywhere]">
          {places.map((place) => (
            <Button key={place.zone.id} size="small" title={place.why} onClick={() => again(place)}>
              Again: {place.zone.name}
              {place.mirrored && ', mirrored'}
            </Button>
          ))}
          {places.length === 0 && (
            <span className="text-sm text-soft">
              Say the zones of the build, and where it fits is told here.
            </span>
          )}
          <Button size="small" look="quiet" onClick={() => void run('forgetAccident', accident)}>
            Forget it
          </Button>
        </div>
      </div>
    </li>
  )
}
