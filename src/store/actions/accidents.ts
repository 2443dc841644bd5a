import { loggedIn } from '@/core/log'
import type { Accident } from '@/core/model/accident'
import { applyEdit } from '@/core/model/applyEdit'
import type { Edit } from '@/core/model/edit'
import { GONE } from '../reason'
import type { Store } from '../store'
import type { Write } from '../tables'
import { transact, type Written } from '../transact'
import { noteAct } from './acts'
import { away, put } from './rows'

/**
 * Keeps an accident that was liked: it is meant from now on, stands in the log, and is a technique of one's own.
 *
 * @param rules what is said against it at its step, which is taken as it is
 * Source: handbook 13.5.
 */
export function keepAccident(
  store: Store,
  accident: Accident,
  rules: readonly string[],
): Promise<Written> {
  const { build: of, part, step, name, steps, cause } = accident
  const label = `Kept: ${name}`
  return transact(store, async (read) => {
    const build = await read.get('builds', of)
    if (!build) return { refused: GONE }
    const technique = {
      id: store.newId(),
      name,
      steps,
      ...(cause ? { purpose: cause.slice(0, 400) } : {}),
    }
    const writes: Write[] = [
      put('accidents', accident),
      put('techniques', technique),
      put(
        'acts',
        noteAct(store, `A happy accident: ${name}`, { build: of, part, ...(step ? { step } : {}) }),
      ),
    ]
    if (!step || rules.length === 0) return { label, writes }
    const edits = rules.map(
      (rule): Edit => ({ do: 'accept', step, rule, reason: `Meant: ${name}` }),
    )
    const logged = loggedIn(await read.log({ build: of }), of)
    const result = applyEdit(build, { do: 'all', edits }, logged, store.newId)
    return result.ok
      ? { label, writes: [...writes, put('builds', result.build)] }
      : { refused: `${label}: ${result.why}` }
  })
}

/** Forgets an accident; its technique stays. */
export function forgetAccident(store: Store, { id, name }: Accident): Promise<Written> {
  return transact(store, async () => ({
    label: `Forgotten: ${name}`,
    writes: [away('accidents', id)],
  }))
}
