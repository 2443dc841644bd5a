import { useSearchParams } from 'next/navigation'
import { useState } from 'react'
import type { Build } from '@/core/model/build'

/** The step that is looked at, if any: the one that the address names, until another is chosen. */
export function useChosen(build: Build) {
  const asked = useSearchParams().get('step')
  const [id, setId] = useState(build.steps.some((step) => step.id === asked) ? asked : null)
  /** Chosen by hand, not because it was just laid: then a sheet would cover what is laid next. */
  const [byHand, setByHand] = useState(id !== null)
  return {
    id,
    byHand,
    choose: (next: string | null) => {
      setId(next)
      setByHand(true)
    },
    laid: (next: string) => {
      setId(next)
      setByHand(false)
    },
  }
}

export type ChosenStep = ReturnType<typeof useChosen>
