import { loggedIn } from '@/core/log'
import { applyEdit } from '@/core/model/applyEdit'
import type { Build } from '@/core/model/build'
import type { Edit } from '@/core/model/edit'
import type { Sessions } from '@/core/model/sessions'
import type { Store } from '../store'
import { transact, type Written } from '../transact'
import { noteAct } from './acts'
import { GONE, put } from './rows'

/** Puts a new build on the bench and, where they are said with it, when the modeller is there. */
export function addBuild(
  store: Store,
  build: Build,
  sessions: Sessions | null = null,
): Promise<Written> {
  return transact(store, async (read) => {
    if (await read.get('builds', build.id)) return { refused: `${build.name} is there already.` }
    const times = sessions ? [put('single', { id: 'sessions', value: sessions })] : []
    return { label: `Started ${build.name}`, writes: [put('builds', build), ...times] }
  })
}

/**
 * Edits a build as it is now, against the log as it is now: what is logged of it stays.
 *
 * @param label what was done, as "Moved: gloss clear"
 */
export function editBuild(store: Store, id: string, edit: Edit, label: string): Promise<Written> {
  return transact(store, async (read) => {
    const build = await read.get('builds', id)
    if (!build) return { refused: GONE }
    const logged = loggedIn(await read.log({ build: id }), id)
    const result = applyEdit(build, edit, logged, store.newId)
    return result.ok
      ? { label, writes: [put('builds', result.build)] }
      : { refused: `${label}: ${result.why}` }
  })
}

/**
 * Takes a finding at a step as it is, with the reason, which is written into the log; null: it is judged again.
 *
 * @param part where it was found
 */
export function acceptFinding(
  store: Store,
  at: { build: string; part: string; step: string },
  rule: string,
  reason: string | null,
): Promise<Written> {
  return transact(store, async (read) => {
    const build = await read.get('builds', at.build)
    if (!build) return { refused: GONE }
    const edit: Edit = { do: 'accept', step: at.step, rule, reason }
    const logged = loggedIn(await read.log({ build: at.build }), at.build)
    const result = applyEdit(build, edit, logged, store.newId)
    if (!result.ok) return { refused: result.why }
    const noted = reason ? [put('acts', noteAct(store, `Accepted ${rule}: ${reason}`, at))] : []
    return {
      label: reason ? `Taken as it is: ${rule}` : `Judged again: ${rule}`,
      writes: [put('builds', result.build), ...noted],
    }
  })
}
