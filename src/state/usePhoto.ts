'use client'
import { useEffect, useState } from 'react'
import { photoOf } from '@/store/photos/photos'
import type { Store } from '@/store/store'

/** A kept picture as it lies in the browser: still looked for, not here, or found. */
export type PhotoFound = Blob | 'looking' | 'lost'

/** @param id null: none is looked for */
export function usePhoto(store: Store, id: string | null, size: 'photos' | 'thumbs'): PhotoFound {
  const [found, setFound] = useState<PhotoFound>('looking')
  useEffect(() => {
    if (id === null) return
    let wanted = true
    setFound('looking')
    photoOf(store, id, size)
      .then((blob) => wanted && setFound(blob ?? 'lost'))
      .catch(() => wanted && setFound('lost'))
    return () => {
      wanted = false
    }
  }, [store, id, size])
  return found
}

/** The address of a blob, for as long as it is shown. */
export function useBlobUrl(blob: PhotoFound): string | null {
  const [url, setUrl] = useState<string | null>(null)
  useEffect(() => {
    if (typeof blob === 'string') return setUrl(null)
    const made = URL.createObjectURL(blob)
    setUrl(made)
    return () => URL.revokeObjectURL(made)
  }, [blob])
  return url
}
