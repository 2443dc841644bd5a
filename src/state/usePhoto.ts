'use client'
import { createContext, useContext, useEffect, useState } from 'react'

/** Reads a kept picture, or the small one of it; null: it isn't in this browser. */
export type ReadPhoto = (id: string, size: 'photos' | 'thumbs') => Promise<Blob | null>

/** How pictures are read: from the store of the bench. */
export const PhotosContext = createContext<ReadPhoto | null>(null)

/** A kept picture as it lies in the browser: still looked for, not here, or found. */
export type PhotoFound = Blob | 'looking' | 'lost'

/** @param id of the picture's row */
export function usePhoto(id: string, size: 'photos' | 'thumbs'): PhotoFound {
  const read = useContext(PhotosContext)
  const [found, setFound] = useState<PhotoFound>('looking')
  useEffect(() => {
    if (!read) return
    let wanted = true
    setFound('looking')
    read(id, size)
      .then((blob) => wanted && setFound(blob ?? 'lost'))
      .catch(() => wanted && setFound('lost'))
    return () => {
      wanted = false
    }
  }, [read, id, size])
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
