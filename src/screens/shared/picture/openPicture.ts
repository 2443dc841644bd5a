import type { PictureDesk } from '@/state/pictureDesk'
import { type ShownPicture, showPicture } from './shown'

/**
 * Opens a file that is only looked at: its worker turns it upright and refuses what is no picture, or too large.
 *
 * @throws Error in words for the person
 */
export async function openPicture(desk: PictureDesk, file: File): Promise<ShownPicture> {
  const { photo } = await desk.ask((worker) => worker.prepare(file.name, file))
  return showPicture(file.name, photo)
}
