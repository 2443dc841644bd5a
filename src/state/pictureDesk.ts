'use client'
import { useEffect, useState } from 'react'
import type { PictureWorker } from '@/workers/pictureMessages'
import { type Host, hostWorker } from './host'

/** What opens pictures in the background. */
export type PictureDesk = Host<PictureWorker>

/** The worker of pictures, begun when it is first asked, ended with whoever holds it. */
export function usePictureDesk(): PictureDesk {
  const [desk] = useState<PictureDesk>(() =>
    hostWorker<PictureWorker>(
      () =>
        new Worker(new URL('../workers/picture.worker.ts', import.meta.url), { type: 'module' }),
    ),
  )
  useEffect(() => () => desk.end(), [desk])
  return desk
}
