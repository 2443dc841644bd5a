import { useState } from 'react'
import type { Picture } from '@/core/model/picture'
import type { PictureDesk } from '@/state/pictureDesk'
import { useRun, useStore } from '@/state/writing'
import { newId } from '@/store/newId'
import type { Photo } from '@/store/photos/photos'
import { reasonOf } from '@/store/reason'

/** So many are kept at once: a tab that dies meanwhile loses no more. */
const AT_ONCE = 8

type Kept = { row: Picture; photo: Photo }

/** Keeps files as pictures; each that can't be is told, and the others are kept. */
export function useKeepPictures(desk: PictureDesk, own: Partial<Picture>) {
  const run = useRun()
  const store = useStore()
  const [going, setGoing] = useState<{ done: number; all: number } | null>(null)
  const [refused, setRefused] = useState<readonly string[]>([])
  const prepared = async (file: File): Promise<Kept> => {
    const id = newId()
    const { photo, thumb, width, height } = await desk.ask((worker) =>
      worker.prepare(file.name, file),
    )
    const at = new Date(Math.min(store.now(), file.lastModified || store.now())).toISOString()
    const name =
      file.name
        .replace(/\.[^.]*$/, '')
        .trim()
        .slice(0, 120) || 'Picture'
    return {
      row: { id, name, at, kind: 'model', width, height, ...own },
      photo: { id, photo, thumb },
    }
  }
  const keep = async (files: readonly File[]) => {
    const why: string[] = []
    let ready: Kept[] = []
    setRefused([])
    for (const [i, file] of files.entries()) {
      setGoing({ done: i, all: files.length })
      await prepared(file).then(
        (one) => ready.push(one),
        (error: unknown) => why.push(reasonOf(error)),
      )
      if (ready.length >= AT_ONCE) {
        const kept = await run('addPictures', ready)
        ready = []
        if (!kept) break
      }
    }
    if (ready.length > 0) await run('addPictures', ready)
    setGoing(null)
    setRefused(why)
  }
  return { keep, going, refused }
}
