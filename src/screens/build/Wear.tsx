import { useMemo } from 'react'
import { type WearMap, wearEdit, wearOf, wornSteps, zonesOf } from '@/core/builds'
import { WEAR_EFFECT_TABLE } from '@/core/knowledge'
import type { Build, Part } from '@/core/model/build'
import type { Picture } from '@/core/model/picture'
import { Button } from '@/ui/Button'
import { number } from '@/ui/units'
import { capital, stepName } from '../shared/words'
import type { ShownPart } from './judged'
import { PartSection } from './PartSection'
import { Pinned } from './Pinned'
import type { EditBuild } from './useBuildEdits'
import { WearStory } from './WearStory'

/** Where wear goes on a part: what happened to it, how much of each effect its zones get, and that put into the steps. */
export function Wear({
  build,
  part,
  judged,
  pictures,
  edit,
}: {
  build: Build
  part: Part
  judged: ShownPart
  pictures: readonly Picture[]
  edit: EditBuild
}) {
  const map = useMemo(() => wearOf(build, pictures), [build, pictures])
  const open = useMemo(
    () =>
      new Set(
        judged.plan.steps.flatMap(({ step, status }) =>
          status === 'next' || status === 'planned' ? [step] : [],
        ),
      ),
    [judged],
  )
  const pinned = (
    <Pinned build={build} pictures={pictures} isOpen={(step) => open.has(step)} edit={edit} />
  )
  if (!map || zonesOf(build, part.id).length === 0) return pinned
  const steps = wornSteps(build, map, (step) => open.has(step))
  return (
    <>
      <PartSection heading="Where wear goes" said={(build.events?.length ?? 0) > 0}>
        <WearStory build={build} part={part} edit={edit} />
        <Budgets map={map} />
        <Shares build={build} part={part} map={map} />
        {steps.length > 0 ? (
          <p className="mt-3">
            <Button onClick={() => void edit('Wear put into the plan', wearEdit(steps))}>
              Put it into the plan
            </Button>{' '}
            <span className="text-sm text-soft">
              {steps
                .map(
                  ({ step, fields }) =>
                    `${stepName(step).toLowerCase()} ${percent(fields.amount ?? 0)} of it`,
                )
                .join(', ')}
            </span>
          </p>
        ) : (
          <p className="mt-3 text-sm text-soft">
            No step of this part leaves wear yet; lay one, and its numbers come from here.
          </p>
        )}
      </PartSection>
      {pinned}
    </>
  )
}

/** How much of each effect the whole model bears, and how much of that is taken. */
function Budgets({ map }: { map: WearMap }) {
  return (
    <ul aria-label="What the model bears" className="mt-3 grid max-w-3xl gap-x-6 sm:grid-cols-3">
      {map.budgets
        .filter(({ planned }) => planned > 0)
        .map(({ effect, allowed, planned }) => (
          <li key={effect} className="py-1">
            <span className="flex justify-between text-sm">
              <span>{capital(WEAR_EFFECT_TABLE[effect].say)}</span>
              <span className="text-soft">
                {percent(planned)} of {percent(allowed)}
              </span>
            </span>
            <span aria-hidden="true" className="mt-0.5 block h-2 bg-rule">
              <span
                className="block h-2 bg-act"
                style={{ width: `${Math.min(1, planned / allowed) * 100}%` }}
              />
            </span>
          </li>
        ))}
    </ul>
  )
}

/** Zones by effects: how much of each, how many marks, and why. */
function Shares({ build, part, map }: { build: Build; part: Part; map: WearMap }) {
  const zones = zonesOf(build, part.id)
  return (
    <ul aria-label="Wear by zone" className="mt-3 border-t border-rule">
      {zones.map(({ id, name }) => {
        const worn = (map.zones.find(({ zone }) => zone === id)?.effects ?? [])
          .filter(({ share }) => share >= LEAST)
          .sort((a, b) => b.score - a.score)
        return (
          <li
            key={id}
            className="grid gap-x-4 border-b border-rule py-1.5 sm:grid-cols-[9rem_minmax(0,1fr)]"
          >
            <span className="font-semibold">{name}</span>
            {worn.length === 0 ? (
              <span className="text-soft">hardly worn</span>
            ) : (
              <span className="flex flex-wrap gap-x-5 gap-y-0.5">
                {worn.map(({ effect, share, count, medianMm, cause }) => (
                  <span key={effect} title={cause}>
                    {WEAR_EFFECT_TABLE[effect].say} {percent(share)}
                    {count !== null && medianMm !== null && count > 0 && (
                      <span className="text-sm text-soft">
                        {' '}
                        {number(count, 0)} {count === 1 ? 'mark' : 'marks'} of {number(medianMm, 2)}{' '}
                        mm
                      </span>
                    )}
                  </span>
                ))}
              </span>
            )}
          </li>
        )
      })}
    </ul>
  )
}

/** Less than this share of a zone isn't told. */
const LEAST = 0.001

function percent(share: number): string {
  return `${number(share * 100, 1)} %`
}
