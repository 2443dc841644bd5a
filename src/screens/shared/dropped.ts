import { useEffect, useRef } from 'react'

/** Kinds of files that the application takes, by their endings, and the screen that takes them. */
const TAKEN_BY = [
  { ends: /\.csv$/i, kind: 'shelf', screen: '/shelf' },
  { ends: /\.gpl$/i, kind: 'palette', screen: '/colour' },
  { ends: /\.(?:stl|obj)$/i, kind: 'mesh', screen: '/mix' },
  { ends: /\.txt$/i, kind: 'plan', screen: '/builds?new' },
  { ends: /\.(?:json|zip)$/i, kind: 'project', screen: '/settings' },
] as const

/** What a file is taken for. */
export type DroppedKind = (typeof TAKEN_BY)[number]['kind']

/** The screen that takes a file; null: none does. */
export function takerOf(name: string): { kind: DroppedKind; screen: string } | null {
  return TAKEN_BY.find(({ ends }) => ends.test(name)) ?? null
}

/** A file on its way to the screen that takes it. */
let onItsWay: { kind: DroppedKind; file: File } | null = null
const EVENT = 'tectoria-dropped'

/** Sends a file to whoever takes its kind, now or as soon as that is there. */
export function sendDropped(kind: DroppedKind, file: File): void {
  onItsWay = { kind, file }
  window.dispatchEvent(new Event(EVENT))
}

/** Takes files of a kind that were dropped or pasted anywhere. */
export function useDropped(kind: DroppedKind, take: (file: File) => void): void {
  const current = useRef(take)
  current.current = take
  useEffect(() => {
    const look = () => {
      if (onItsWay?.kind !== kind) return
      const { file } = onItsWay
      onItsWay = null
      current.current(file)
    }
    look()
    window.addEventListener(EVENT, look)
    return () => window.removeEventListener(EVENT, look)
  }, [kind])
}
