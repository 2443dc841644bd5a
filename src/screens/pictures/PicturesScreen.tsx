'use client'
import { parseAsString, useQueryState } from 'nuqs'
import { Suspense } from 'react'
import { useProject } from '@/state/hooks'
import { usePictureDesk } from '@/state/pictureDesk'
import { AllPictures } from './AllPictures'
import { OnePicture } from './OnePicture'

/** Pictures that are kept: all of them, or one with its pins. */
export function PicturesScreen() {
  return (
    <Suspense>
      <Chosen />
    </Suspense>
  )
}

function Chosen() {
  const { pictures = [] } = useProject()
  const [asked, ask] = useQueryState('id', parseAsString.withOptions({ history: 'push' }))
  const desk = usePictureDesk()
  const picture = pictures.find(({ id }) => id === asked)
  return (
    <div className="p-4 lg:p-6">
      {picture ? (
        <OnePicture key={picture.id} picture={picture} onBack={() => void ask(null)} />
      ) : (
        <AllPictures desk={desk} isGone={asked !== null} />
      )}
    </div>
  )
}
