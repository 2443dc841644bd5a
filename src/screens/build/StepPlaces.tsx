import { zonesOf } from '@/core/builds'
import { actRow } from '@/core/knowledge'
import type { Build, BuildAct } from '@/core/model/build'
import { SelectField } from '@/ui/Field'
import { ZoneChecks } from './ZoneChecks'

/** A field of the draft as a control takes it. */
type DraftField = (path: 'zones' | 'shuts' | 'heldBy') => {
  value: string
  disabled: boolean
  error: string | undefined
  onChange: (event: { target: { value: string } }) => void
}

/** Where a step is done, what a joint shuts in, and where the part is held meanwhile. Nothing where no part has zones. */
export function StepPlaces({
  build,
  step,
  parts,
  field,
}: {
  build: Build
  step: BuildAct
  parts: readonly string[]
  field: DraftField
}) {
  const zones = parts.flatMap((part) => zonesOf(build, part))
  if (zones.length === 0) return null
  const { kind, joins } = actRow(step.do, step.family)
  return (
    <>
      <ZoneChecks
        legend="On these zones"
        none="None ticked: all of it."
        build={build}
        parts={parts}
        {...field('zones')}
      />
      {joins && (
        <ZoneChecks
          legend="Out of reach afterwards"
          none="What is painted there has to come before."
          build={build}
          parts={parts}
          {...field('shuts')}
        />
      )}
      {kind === 'film' && (
        <SelectField
          label="Held meanwhile by"
          {...field('heldBy')}
          choices={[
            { value: '', say: 'What usually holds it' },
            ...zones.map(({ id, name }) => ({ value: id, say: name })),
          ]}
        />
      )}
    </>
  )
}
