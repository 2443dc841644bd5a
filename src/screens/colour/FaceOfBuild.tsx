'use client'

import { useState } from 'react'
import { faceOfPart } from '@/core/builds/faceOfPart'
import { SelectField } from '@/ui/Field'
import { useBench } from '../shell/BenchContext'

/** Takes the colour of a part's face: as it is now, or as it is planned. */
export function FaceOfBuild({ onFace }: { onFace: (colour: string) => void }) {
  const { project } = useBench()
  const [unknown, setUnknown] = useState(false)
  const builds = (project.builds ?? []).filter((one) => !one.shelved)
  if (builds.length === 0) return null
  const take = (value: string) => {
    const [build = '', part = '', when = 'now'] = value.split('/')
    const asked = when === 'planned' ? 'planned' : 'now'
    const colour = faceOfPart(project, build, part, asked, Date.now())
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
            { value: `${build.id}/${part.id}/now`, say: `${build.name}, ${part.name}: as it is` },
            {
              value: `${build.id}/${part.id}/planned`,
              say: `${build.name}, ${part.name}: as planned`,
            },
          ]),
        ),
      ]}
    />
  )
}
