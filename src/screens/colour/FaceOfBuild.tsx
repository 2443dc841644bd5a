'use client'

import { useState } from 'react'
import { key, refOf } from '@/core/model/stepRef'
import { useBench } from '@/state/benchContext'
import { useProject } from '@/state/hooks'
import { SelectField } from '@/ui/Field'

/** Takes the colour of a part's face: as it is now, or as it is planned. */
export function FaceOfBuild({ onFace }: { onFace: (colour: string) => void }) {
  const project = useProject()
  const { questions } = useBench()
  const [unknown, setUnknown] = useState(false)
  const builds = (project.builds ?? []).filter((build) => !build.shelved)
  if (builds.length === 0) return null
  const take = async (value: string) => {
    const [when, ref = ''] = value.split(' ')
    const part = refOf(ref)
    if (!part) return
    const asked = when === 'planned' ? 'planned' : 'now'
    const colour = await questions.ask((worker) => worker.face(part, asked, Date.now()))
    setUnknown(colour === null)
    if (colour) onFace(colour)
  }
  return (
    <SelectField
      label="Or the face of a part"
      value=""
      error={unknown ? 'Nothing of a known colour lies on it.' : null}
      onChange={(event) => event.target.value && void take(event.target.value)}
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
