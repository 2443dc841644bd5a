import { useEffect, useRef, useState } from 'react'
import type { MatchBottle, Recipe } from '@/core/colour'
import { matchJob } from '@/state/deskClient'
import type { Job } from '@/state/job'
import { reasonOf } from '@/store/reason'

export type Search = {
  recipes: Recipe[] | null
  /** How far the search is, 0 to 1; null while none runs. */
  progress: number | null
  failed: string | null
  cancel: () => void
}

/** Typing asks again and again: a search begins when it has rested, ms. */
const REST = 250

/** Recipes for a colour, searched for in the worker whenever the question changes; the ones before stay meanwhile. */
export function useRecipes(
  target: string,
  bottles: readonly MatchBottle[],
  maxBottles: number,
  maxDrops: number,
): Search {
  const [recipes, setRecipes] = useState<Recipe[] | null>(null)
  const [progress, setProgress] = useState<number | null>(null)
  const [failed, setFailed] = useState<string | null>(null)
  const running = useRef<Job<Recipe[]> | null>(null)
  const stop = () => {
    running.current?.cancel()
    running.current = null
    setProgress(null)
  }
  // The bench is read anew at every change of it: only what is asked begins a search again.
  const asked = JSON.stringify({ target, bottles: bottles.map(plain), maxBottles, maxDrops })
  useEffect(() => {
    let gone = false
    const begin = () => {
      setFailed(null)
      setProgress(0)
      const job = matchJob(JSON.parse(asked), (share) => !gone && setProgress(share))
      running.current = job
      job.result
        .then((found) => !gone && setRecipes(found))
        .catch((error: unknown) => !gone && setFailed(reasonOf(error)))
        .finally(() => {
          if (running.current === job) running.current = null
          if (!gone) setProgress(null)
        })
    }
    const timer = setTimeout(begin, REST)
    return () => {
      gone = true
      clearTimeout(timer)
      running.current?.cancel()
      running.current = null
    }
  }, [asked])
  return { recipes, progress, failed, cancel: stop }
}

/** What the worker needs of a paint. */
function plain({ name, masstone, undertone, hiding, strength, share, dropsPerMl }: MatchBottle) {
  return { name, masstone, undertone, hiding, strength, share, dropsPerMl }
}
