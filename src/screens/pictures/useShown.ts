import { useEffect, useState } from 'react'
import type { Picture } from '@/core/model/picture'
import { usePhoto } from '@/state/usePhoto'
import { reasonOf } from '@/store/reason'
import { type ShownPicture, showPicture } from '../shared/picture/shown'

/** A kept picture on a canvas; null while it is opened, or with why it can't be. */
export function useShown({ id, name }: Picture): {
  picture: ShownPicture | null
  failed: string | null
} {
  const photo = usePhoto(id, 'photos')
  const [picture, setPicture] = useState<ShownPicture | null>(null)
  const [failed, setFailed] = useState<string | null>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: another name is the same picture
  useEffect(() => {
    setFailed(
      photo === 'lost' ? 'This picture isn’t in this browser: import it with its file.' : null,
    )
    if (typeof photo === 'string') return
    let wanted = true
    showPicture(name, photo)
      .then((shown) => wanted && setPicture(shown))
      .catch((error: unknown) => wanted && setFailed(reasonOf(error)))
    return () => {
      wanted = false
    }
  }, [photo])
  return { picture, failed }
}
