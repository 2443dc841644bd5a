import { useMemo } from 'react'
import { isSamePart, key, type PartRef } from '@/core/model/stepRef'
import { useAsked, useParts } from '@/state/hooks'
import { useNow } from '../shared/now'
import { type ShownPart, withoutWays } from './judged'

/** A part, cut through at one of its zones, with the ways out of its findings, as soon as they are known; null where the bench doesn't have it. */
export function useJudged(ref: PartRef, zone: string | null = null): ShownPart | null {
  const now = useNow(60_000)
  const plan = useParts().find((otherPart) => isSamePart(otherPart, ref))
  const { answer } = useAsked(
    (worker) => worker.judge(ref, now, zone ?? undefined),
    [key(ref), now, zone],
  )
  const asked = answer && isSamePart(answer.plan, ref) ? answer : null
  return useMemo(() => asked ?? (plan ? withoutWays(plan) : null), [asked, plan])
}
