'use client'
import { key, partOf, refOf } from '@/core/model/stepRef'
import { useProject } from '@/state/hooks'

import { SelectField } from '@/ui/Field'

/** Which build a mix is for: its label says so. A build alone, or one of its parts, as `build/part`. */
export function ForBuild({
  label = 'For',
  value,
  onChange,
}: {
  label?: string
  value: string
  onChange: (value: string) => void
}) {
  const project = useProject()
  const builds = project.builds ?? []
  if (builds.length === 0) return null
  return (
    <SelectField
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      choices={[
        { value: '', say: 'No build' },
        ...builds.flatMap((build) => [
          { value: build.id, say: build.name },
          ...build.parts.map((part) => ({
            value: key({ build: build.id, part: part.id }),
            say: `${build.name}, ${part.name}`,
          })),
        ]),
      ]}
    />
  )
}

/** The fields of a saved mix that say which build and part it is for. */
export function buildFields(value: string): { build?: string; part?: string } {
  const ref = refOf(value)
  if (ref) return partOf(ref)
  return value === '' ? {} : { build: value }
}
