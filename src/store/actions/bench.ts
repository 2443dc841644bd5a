import type { ClimateReading, Pin, Timer } from '@/core/model/bench'
import type { Variant } from '@/core/model/panel'
import type { Sessions } from '@/core/model/sessions'
import { key, type StepRef, stepOf } from '@/core/model/stepRef'
import type { OwnTechnique } from '@/core/model/technique'
import type { Family } from '@/core/model/vocabulary'
import { withoutOne } from '@/core/model/withoutOne'
import { GONE } from '../reason'
import type { Store } from '../store'
import { transact, type Written } from '../transact'
import { away, change, put } from './rows'

/** Says when the modeller is at the bench. */
export function setSessions(store: Store, sessions: Sessions, label: string): Promise<Written> {
  return transact(store, async () => ({
    label,
    writes: [put('single', { id: 'sessions', value: sessions })],
  }))
}

/** Keeps acts in a session. Instants in epoch milliseconds. */
export function pin(
  store: Store,
  refs: readonly StepRef[],
  session: { from: number; to: number },
  label: string,
): Promise<Written> {
  const text = (at: number) => new Date(at).toISOString()
  const rows = refs.map(
    (ref): Pin => ({ id: key(stepOf(ref)), from: text(session.from), to: text(session.to) }),
  )
  return transact(store, async () => ({ label, writes: rows.map((row) => put('pins', row)) }))
}

/** Lets acts go where they are best. */
export function unpin(store: Store, refs: readonly StepRef[], label: string): Promise<Written> {
  return transact(store, async () => ({
    label,
    writes: refs.map((ref) => away('pins', key(stepOf(ref)))),
  }))
}

/** Starts a timer. */
export function startTimer(store: Store, timer: Timer, label: string): Promise<Written> {
  return transact(store, async () => ({ label, writes: [put('timers', timer)] }))
}

/** Stops a timer by hand. */
export function stopTimer(store: Store, id: string, name: string): Promise<Written> {
  const stoppedAt = new Date(store.now()).toISOString()
  return transact(store, (read) => change(read, 'timers', id, { stoppedAt }, `${name} stopped`))
}

/** A reading of the room, typed in. */
export function noteClimate(store: Store, reading: ClimateReading): Promise<Written> {
  return transact(store, async () => ({
    label: `The room is at ${reading.celsius} °C and ${reading.humidity} %`,
    writes: [put('climate', reading)],
  }))
}

/** Readings of the sensor; one of the same instant replaces the other. Facts: nothing to take back. */
export function keepReadings(store: Store, readings: readonly ClimateReading[]): Promise<Written> {
  return transact(
    store,
    async () => ({
      label: 'Readings',
      writes: readings.map((reading) => put('climate', reading)),
    }),
    { undoable: false },
  )
}

/** Fixes the factor on a family's or a bottle's drying by hand. */
export function fixCorrection(
  store: Store,
  row: { id: string; family: Family; bottle?: string; factor: number },
  label: string,
): Promise<Written> {
  return transact(store, async () => ({ label, writes: [put('corrections', row)] }))
}

/** Goes by the log again. */
export function freeCorrection(store: Store, id: string, label: string): Promise<Written> {
  return transact(store, async () => ({ label, writes: [away('corrections', id)] }))
}

/** Keeps a technique of the modeller's own. */
export function saveTechnique(
  store: Store,
  technique: OwnTechnique,
  label: string,
): Promise<Written> {
  return transact(store, async () => ({ label, writes: [put('techniques', technique)] }))
}

/** So many variants of one thing are kept beside one another. */
export const MOST_VARIANTS = 8

/** Keeps what was tried on a panel. */
export function keepVariant(store: Store, variant: Variant, label: string): Promise<Written> {
  return transact(store, async (read) => {
    const { build, part, technique } = variant
    const beside = (await read.all('panels')).filter(
      (one) => one.build === build && one.part === part && one.technique === technique,
    )
    if (beside.length >= MOST_VARIANTS)
      return { refused: `${MOST_VARIANTS} are pinned: remove one first.` }
    return { label, writes: [put('panels', variant)] }
  })
}

/** Removes what was kept of a panel. */
export function removeVariant(store: Store, id: string, label: string): Promise<Written> {
  return transact(store, async () => ({ label, writes: [away('panels', id)] }))
}

/** Takes a step out of a technique as it is now; one that would be left without any stays. */
export function removeTechniqueStep(
  store: Store,
  id: string,
  step: OwnTechnique['steps'][number],
  at: number,
  label: string,
): Promise<Written> {
  return transact(store, async (read) => {
    const technique = await read.get('techniques', id)
    const steps = technique ? withoutOne(technique.steps, step, at) : []
    if (!technique || steps.length === 0) return { refused: GONE }
    return { label, writes: [put('techniques', { ...technique, steps })] }
  })
}

/** Takes a technique of the modeller's own out. */
export function removeTechnique(store: Store, id: string, label: string): Promise<Written> {
  return transact(store, async () => ({ label, writes: [away('techniques', id)] }))
}
