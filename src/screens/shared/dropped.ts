import { useEffect, useRef } from 'react'

/** Kinds of files that the application takes, by their endings, and the screen that takes them. */
const TAKEN_BY = [
  { ends: /\.csv$/i, kind: 'shelf', screen: '/shelf' },
  { ends: /\.gpl$/i, kind: 'palette', screen: '/colour' },
  { ends: /\.(?:stl|obj)$/i, kind: 'mesh', screen: '/mix' },
  { ends: /\.(?:jpe?g|png|webp|gif|bmp|avif)$/i, kind: 'picture', screen: '/pictures' },
  { ends: /\.txt$/i, kind: 'plan', screen: '/builds?new' },
  { ends: /\.(?:json|zip)$/i, kind: 'project', screen: '/settings' },
] as const

/** What a file is taken for. */
export type DroppedKind = (typeof TAKEN_BY)[number]['kind']

/** The screen that takes a file; null: none does. */
export function takerOf(name: string): { kind: DroppedKind; screen: string } | null {
  return TAKEN_BY.find(({ ends }) => ends.test(name)) ?? null
}

/** Files on their way to the screen that takes them. */
let onItsWay: { kind: DroppedKind; files: readonly [File, ...File[]] } | null = null
const EVENT = 'tectoria-dropped'

/** Sends files to whoever takes their kind, now or as soon as that is there. */
export function sendDropped(kind: DroppedKind, files: readonly [File, ...File[]]): void {
  onItsWay = { kind, files }
  window.dispatchEvent(new Event(EVENT))
}

/** Takes files of a kind that were dropped or pasted anywhere. */
export function useDropped(
  kind: DroppedKind,
  take: (file: File, all: readonly File[]) => void,
): void {
  const current = useRef(take)
  current.current = take
  useEffect(() => {
    const look = () => {
      if (onItsWay?.kind !== kind) return
      const { files } = onItsWay
      onItsWay = null
      current.current(files[0], files)
    }
    look()
    window.addEventListener(EVENT, look)
    return () => window.removeEventListener(EVENT, look)
  }, [kind])
}
