import type { BenchAct } from '@/core/log'
import type { ActStep } from '@/core/model/sequence'
import { useParts, useSay } from '@/state/hooks'
import { useRun } from '@/state/writing'
import type { NamedItem } from '../shared/useBenchQueue'
import { listed, SEEN_WORDS, stepName } from '../shared/words'
import type { AlongPart } from './useAlong'

/** The step in hand, and the parts that its keys are for beside its own. */
export type InHand = {
  item: NamedItem
  step: ActStep
  along: readonly AlongPart[]
  /** When it was done, epoch milliseconds; null: now; `unclear`: what is typed is no time before now. */
  at: number | null | 'unclear'
  /** Hears that something was logged. */
  onLogged: () => void
}

/** What can be logged of the act in hand, and of the film that lies on its part. */
export function useActs({ item, step, along, at, onLogged }: InHand) {
  const parts = useParts()
  const run = useRun()
  const tell = useSay()
  const place = { build: item.build, part: item.part, step: item.next.step }
  const plan = parts.find((part) => part.build === item.build && part.part === item.part)
  const clock = plan?.clocks[0]
  const names = [item.partName, ...along.map((other) => other.name)]
  const name = `${listed(names)}: ${stepName(step).toLowerCase()}`
  const log = async (act: BenchAct, say: string) => {
    if (at === 'unclear') {
      tell('When was it? Nothing was logged.')
      return false
    }
    const written = await run(
      'logAct',
      place,
      act,
      { coat: item.next.coat, ...(at === null ? {} : { at }) },
      say,
      act.kind === 'skipped' ? [] : along.map(({ ref }) => ref),
    )
    if (written) onLogged()
    return written
  }
  return {
    clock,
    running: plan?.steps.find(({ step: id }) => id === place.step)?.status === 'running',
    coat: item.next.coat,
    begin: () => log({ kind: 'started' }, `${name} started`),
    confirm: () =>
      log(
        { kind: 'noted', text: 'Protection confirmed before the start' },
        `${name}: protection confirmed`,
      ),
    coatDone: () => log({ kind: 'coat-done' }, `${name}, coat ${item.next.coat} done`),
    finish: () => log({ kind: 'finished' }, `${name} finished`),
    skip: () =>
      log({ kind: 'skipped' }, `${item.partName}: ${stepName(step).toLowerCase()} skipped`),
    note: (text: string) => log({ kind: 'noted', text }, `${item.partName}: noted`),
    observe: (seen: keyof typeof SEEN_WORDS) => {
      if (!clock) return
      const early = !clock.next || clock.next.point === 'touch' || clock.next.point === 'flash'
      void run(
        'logAct',
        { ...place, step: clock.step },
        { kind: 'observed', seen, milestone: early ? 'touch' : 'recoat' },
        { coat: null },
        `${item.partName}: ${clock.name} ${SEEN_WORDS[seen]}`,
      )
    },
  }
}

export type Acts = ReturnType<typeof useActs>
