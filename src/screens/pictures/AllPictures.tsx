import { parseAsString, useQueryState } from 'nuqs'
import { useEffect, useState } from 'react'
import { counted } from '@/core/model/counted'
import { newestFirst } from '@/core/model/newestPicture'
import { useProject } from '@/state/hooks'
import type { PictureDesk } from '@/state/pictureDesk'
import { useStore } from '@/state/writing'
import { roomHere, roomWords } from '@/store/photos/room'
import { Choose } from '@/ui/Choose'
import { FileButton } from '@/ui/FileButton'
import { useDropped } from '../shared/dropped'
import { PictureGrid } from './PictureGrid'
import { useKeepPictures } from './useKeepPictures'

/** All pictures that are kept, or those of one build; new ones are taken in by button, camera, drop and paste. */
export function AllPictures({ desk, isGone }: { desk: PictureDesk; isGone: boolean }) {
  const { pictures = [], builds = [] } = useProject()
  const [of, setOf] = useQueryState('of', parseAsString.withDefault(''))
  const build = builds.find(({ id }) => id === of)
  const { keep, going, refused } = useKeepPictures(desk, build ? { build: build.id } : {})
  const room = useRoom(pictures.length)
  useDropped('picture', (_, files) => void keep(files))
  const shown = newestFirst(build ? pictures.filter((one) => one.build === build.id) : pictures)
  const take = (_: File, files: readonly File[]) => void keep(files)
  return (
    <>
      <h1 className="font-display text-4xl font-semibold">Pictures</h1>
      <p className="mt-1 max-w-prose text-soft">
        They stay in this browser. Where they were taken is thrown away; drop them anywhere, or
        paste one.
      </p>
      {isGone && <p className="mt-2 font-semibold">This picture isn’t here any more.</p>}
      <div className="mt-4 flex flex-wrap items-end gap-2">
        <FileButton say="Add pictures" accept="image/*" many onFile={take} />
        <span className="hidden pointer-coarse:inline">
          <FileButton say="Take one" accept="image/*" camera onFile={take} />
        </span>
        {builds.length > 0 && (
          <div className="w-60 max-w-full">
            <Choose
              label="Of which build"
              value={build?.id ?? ''}
              choices={[
                { value: '', say: 'All of them' },
                ...builds.map(({ id, name }) => ({ value: id, say: name })),
              ]}
              onChoose={(id) => void setOf(id || null)}
            />
          </div>
        )}
      </div>
      <p role="status" className="mt-2 min-h-6 text-sm">
        {going
          ? `Keeping ${going.done + 1} of ${going.all}…`
          : (room ?? counted(shown.length, 'picture'))}
      </p>
      {refused.length > 0 && (
        <ul role="alert" className="mt-1 border-l-4 border-stop pl-3">
          {refused.map((why) => (
            <li key={why}>{why}.</li>
          ))}
        </ul>
      )}
      <PictureGrid pictures={shown} />
    </>
  )
}

/** What is to be told of the browser's room, asked again when there are more pictures. What nothing names any more is thrown away once. */
function useRoom(count: number): string | null {
  const store = useStore()
  const [told, setTold] = useState<string | null>(null)
  useEffect(() => {
    store.ask('sweepPhotos').catch(() => undefined)
  }, [store])
  // biome-ignore lint/correctness/useExhaustiveDependencies: another number of pictures takes another room
  useEffect(() => {
    let wanted = true
    void roomHere().then((room) => wanted && setTold(roomWords(room)))
    return () => {
      wanted = false
    }
  }, [count])
  return told
}
