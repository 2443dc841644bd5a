import { namedAmong, zonesOf } from '@/core/builds'
import type { Build } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import { Choose } from '@/ui/Choose'

/** Where the core is taken, on a part of which some zones are treated in their own way. */
export function CutThrough({
  build,
  part,
  zone,
  onChoose,
}: {
  build: Build
  part: string
  zone: string | null
  onChoose: (zone: string | null) => void
}) {
  const zones = zonesOf(build, part)
  const differ = build.steps.some(
    (step) => step.parts.includes(part) && isAct(step) && namedAmong(step, zones) !== null,
  )
  if (!differ) return null
  return (
    <div className="mb-2 max-w-64">
      <Choose
        label="The core is taken through"
        value={zone ?? ''}
        choices={[
          { value: '', say: 'Most of the part' },
          ...zones.map(({ id, name }) => ({ value: id, say: name })),
        ]}
        onChoose={(next) => onChoose(next || null)}
      />
    </div>
  )
}
