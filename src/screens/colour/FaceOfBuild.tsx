'use client'

import { useState } from 'react'
import { faceOfPart } from '@/core/builds/faceOfPart'
import { key, refOf } from '@/core/model/stepRef'
import { SelectField } from '@/ui/Field'
import { useBench } from '../shell/BenchContext'

/** Takes the colour of a part's face: as it is now, or as it is planned. */
export function FaceOfBuild({ onFace }: { onFace: (colour: string) => void }) {
  const { project } = useBench()
  const [unknown, setUnknown] = useState(false)
  const builds = (project.builds ?? []).filter((one) => !one.shelved)
  if (builds.length === 0) return null
  const take = (value: string) => {
    const [when, ref = ''] = value.split(' ')
    const part = refOf(ref)
    if (!part) return
    const asked = when === 'planned' ? 'planned' : 'now'
    const colour = faceOfPart(project, part.build, part.part, asked, Date.now())
    setUnknown(colour === null)
    if (colour) onFace(colour)
  }
  return (
    <SelectField
      label="Or the face of a part"
      value=""
      error={unknown ? 'Nothing of a known colour lies on it.' : null}
      onChange={(event) => event.target.value && take(event.target.value)}
      choices={[
        { value: '', say: 'Choose a part' },
        ...builds.flatMap((build) =>
          build.parts.flatMap((part) => [
            {
              value: ['now', key({ build: build.id, part: part.id })].join(' '),
              say: `${build.name}, ${part.name}: as it is`,
            },
            {
              value: ['planned', key({ build: build.id, part: part.id })].join(' '),
              say: `${build.name}, ${part.name}: as planned`,
            },
          ]),
        ),
      ]}
    />
  )
}
