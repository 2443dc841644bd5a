import { useEffect, useState } from 'react'
import type { Picture } from '@/core/model/picture'
import { useRun } from '@/state/writing'

/** How a picture is looked at; never written into it. */
export type LookLight = { brightness: number; contrast: number; shadows: number }
export const AS_IT_IS: LookLight = { brightness: 1, contrast: 1, shadows: 0 }

/** A slider that rests so long is meant, ms. */
const RESTS = 400

/** The light that a picture is looked at in: turned at once, kept when it rests. */
export function useLit({ id, light: kept }: Picture) {
  const run = useRun()
  const [light, setLight] = useState<LookLight>({ ...AS_IT_IS, ...kept })
  const [turned, setTurned] = useState(false)
  useEffect(() => {
    if (!turned) return
    const rests = setTimeout(() => {
      setTurned(false)
      void run('changePicture', id, { light }, 'Another light')
    }, RESTS)
    return () => clearTimeout(rests)
  }, [turned, light, id, run])
  return {
    light,
    turn: (fields: Partial<LookLight>) => {
      setLight((now) => ({ ...now, ...fields }))
      setTurned(true)
    },
  }
}
