import { expose } from 'comlink'
import { isBareJpeg } from '@/core/pictures/bareJpeg'
import { countedPixels } from '@/core/pictures/countedPixels'
import { LONG_SIDE, refusedPicture } from '@/core/pictures/pictureFile'
import { sizeWithin } from '@/core/pictures/sizeWithin'
import type { PictureWorker } from './pictureMessages'

/** A file's own size and all that it says of itself stand in so many of its first bytes. */
const HEAD = 512 * 1024

const JPEG = { type: 'image/jpeg', quality: 0.92 } as const

/** A picture drawn anew at a size: what it is of is kept, what its file says of camera and place isn't. */
async function drawn(bitmap: ImageBitmap, side: number): Promise<Blob> {
  const { width, height } = sizeWithin(bitmap, side)
  const canvas = new OffscreenCanvas(width, height)
  const context = canvas.getContext('2d')
  if (!context) throw new Error('This browser can’t draw pictures in the background')
  // What is see-through is white, as paper is.
  context.fillStyle = '#FFFFFF'
  context.fillRect(0, 0, width, height)
  context.imageSmoothingQuality = 'high'
  context.drawImage(bitmap, 0, 0, width, height)
  return canvas.convertToBlob(JPEG)
}

const worker: PictureWorker = {
  counted: countedPixels,
  prepare: async (name, file) => {
    const head = new Uint8Array(await file.slice(0, HEAD).arrayBuffer())
    const refused = refusedPicture(name, head, file.size)
    if (refused) throw new Error(refused)
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
      throw new Error(`${name} is broken: it can’t be opened`)
    })
    try {
      const kept = sizeWithin(bitmap, LONG_SIDE.kept)
      const asIs = isBareJpeg(head) && kept.width === bitmap.width
      const photo = asIs
        ? new Blob([file], { type: JPEG.type })
        : await drawn(bitmap, LONG_SIDE.kept)
      return { photo, thumb: await drawn(bitmap, LONG_SIDE.small), ...kept }
    } finally {
      bitmap.close()
    }
  },
}

expose(worker)
