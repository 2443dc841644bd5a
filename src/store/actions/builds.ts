import { type FoundFilm, takeOver } from '@/core/builds'
import { loggedIn } from '@/core/log'
import { applyEdit } from '@/core/model/applyEdit'
import type { Build } from '@/core/model/build'
import type { Edit } from '@/core/model/edit'
import type { Mesh } from '@/core/model/mesh'
import { sameValue } from '@/core/model/sameValue'
import type { Sessions } from '@/core/model/sessions'
import { GONE } from '../reason'
import type { Store } from '../store'
import type { Write } from '../tables'
import { type Reading, transact, type Written } from '../transact'
import { noteAct } from './acts'
import { away, put, STALE } from './rows'

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
 * @param mesh written with it: what a part is drawn by from now on
 * @param from the build that the edit was reckoned from: another by now, nothing is written; null: it holds for any
 */
export function editBuild(
  store: Store,
  id: string,
  edit: Edit,
  label: string,
  mesh: Mesh | null = null,
  from: Build | null = null,
): Promise<Written> {
  return transact(store, async (read) => {
    const build = await read.get('builds', id)
    if (!build) return { refused: GONE }
    const logged = loggedIn(await read.log({ build: id }), id)
    if (from && !sameValue(build, from)) return STALE
    const result = applyEdit(build, edit, logged, store.newId)
    if (!result.ok) return { refused: `${label}: ${result.why}` }
    const meshes = mesh ? [put('meshes', mesh)] : []
    const gone = await meshesLost(read, build, result.build)
    return { label, writes: [put('builds', result.build), ...meshes, ...gone] }
  })
}

/** Takes meshes away that no part of any build is drawn by any more. @param after the build as it will be; null: it goes */
async function meshesLost(read: Reading, before: Build, after: Build | null): Promise<Write[]> {
  const of = ({ parts }: Build) => parts.flatMap(({ mesh }) => mesh ?? [])
  const kept = after ? of(after) : []
  const lost = of(before).filter((id) => !kept.includes(id))
  if (lost.length === 0) return []
  const others = (await read.all('builds')).filter(({ id }) => id !== before.id).flatMap(of)
  return [...new Set(lost)].filter((id) => !others.includes(id)).map((id) => away('meshes', id))
}

/**
 * Takes a painted model over: what lies on these parts, from the lowest film on, and roughly since when. One change.
 *
 * @param label what was done, as "Taken over: Hull"
 */
export function takeOverBuild(
  store: Store,
  id: string,
  parts: readonly string[],
  films: readonly FoundFilm[],
  label: string,
): Promise<Written> {
  return transact(store, async (read) => {
    const build = await read.get('builds', id)
    if (!build) return { refused: GONE }
    if (films.some(({ at }) => at > store.now()))
      return { refused: `${label}: that is still to come.` }
    const { edit, acts } = takeOver(build, parts, films, store.newId)
    const logged = loggedIn(await read.log({ build: id }), id)
    const result = applyEdit(build, edit, logged, store.newId)
    return result.ok
      ? { label, writes: [put('builds', result.build), ...acts.map((act) => put('acts', act))] }
      : { refused: `${label}: ${result.why}` }
  })
}

/** Takes a build off the bench for good, with its pins; what was logged of it stays in the log. It can be taken back. */
export function removeBuild(store: Store, id: string): Promise<Written> {
  return transact(store, async (read) => {
    const build = await read.get('builds', id)
    if (!build) return { refused: GONE }
    const gone = await meshesLost(read, build, null)
    const pins = (await read.all('pins')).filter((pin) => pin.id.startsWith(`${id}/`))
    const panels = (await read.all('panels')).filter((variant) => variant.build === id)
    return {
      label: `Removed: ${build.name}`,
      writes: [
        away('builds', id),
        ...pins.map((pin) => away('pins', pin.id)),
        ...panels.map((variant) => away('panels', variant.id)),
        ...gone,
      ],
    }
  })
}

/** Puts builds in this order: all of them, by id. */
export function orderBuilds(store: Store, ids: readonly string[]): Promise<Written> {
  return transact(store, async (read) => {
    const builds = await read.all('builds')
    const moved = builds.flatMap((build) => {
      const place = ids.indexOf(build.id)
      return place < 0 || place === build.place ? [] : [put('builds', { ...build, place })]
    })
    return moved.length > 0
      ? { label: 'Builds put in order', writes: moved }
      : { refused: 'They are in this order already.' }
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
    const noted = reason
      ? [
          put(
            'acts',
            noteAct(store, `Accepted anyway (${rule.replaceAll('-', ' ')}): ${reason}`, at),
          ),
        ]
      : []
    return {
      label: reason ? `Accepted: ${reason}` : 'It is checked again',
      writes: [put('builds', result.build), ...noted],
    }
  })
}
