import { laysClear } from '@/core/knowledge'
import { levelAfter, levelOf, loggedIn } from '@/core/log'
import { applyEdit } from '@/core/model/applyEdit'
import type { Bottle } from '@/core/model/bottle'
import type { Build, BuildAct } from '@/core/model/build'
import { counted } from '@/core/model/counted'
import type { Edit, EditFields } from '@/core/model/edit'
import { isAct } from '@/core/model/isAct'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { StoredMix } from '@/core/model/mix'
import { sameValue } from '@/core/model/sameValue'
import type { BenchTool } from '@/core/model/tool'
import type { Drawn, PouredIn } from '@/core/shelf'
import { GONE } from '../reason'
import type { Store } from '../store'
import type { Write } from '../tables'
import { type Decision, type Reading, transact, type Written } from '../transact'
import { noteAct } from './acts'
import { away, change, type Fields, put, withFields } from './rows'

/** Puts a new bottle on the shelf. Its level is that of its row, from now on. */
export function addBottle(
  store: Store,
  bottle: Omit<Bottle, 'id'> & { id?: string },
): Promise<Written> {
  const row = { ...bottle, id: bottle.id || store.newId(), leftSince: nowText(store) } as Bottle
  return transact(store, async () => ({ label: `Added: ${row.name}`, writes: [put('shelf', row)] }))
}

/** Puts several new bottles on the shelf, as one change. */
export function addBottles(store: Store, bottles: readonly Bottle[]): Promise<Written> {
  const rows = bottles.map(
    (bottle) => ({ ...bottle, id: store.newId(), leftSince: nowText(store) }) as Bottle,
  )
  const more = rows.length > 1 ? ` and ${rows.length - 1} more` : ''
  return transact(store, async () => ({
    label: `Added: ${rows[0]?.name ?? 'nothing'}${more}`,
    writes: rows.map((row) => put('shelf', row)),
  }))
}

/**
 * Changes fields of bottles; what isn't among them stays as it is. A level or a paint share that is among them is what was
 * found in the bottle, and is written into the log.
 *
 * @param changes by id
 */
export function changeBottles(
  store: Store,
  changes: readonly { id: string; fields: Fields<Bottle> }[],
  label: string,
): Promise<Written> {
  return transact(store, async (read) => {
    const writes: Write[] = []
    const builds = new Map<string, Build>()
    const log = await read.bottleLog(changes.map(({ id }) => id))
    for (const { id, fields } of changes) {
      const row = await read.get('shelf', id)
      if (!row) return { refused: GONE }
      const { leftMl, share, leftSince, thinnings, ...rest } = fields
      if (Object.keys(rest).length > 0) {
        const next = withFields(row, rest)
        writes.push(put('shelf', next))
        await repaint(store, read, next, builds)
      }
      const level = levelOf(row, log)
      const found = {
        ml: leftMl ?? level.ml,
        share: 'share' in fields ? (share ?? 1) : level.share,
      }
      if (!sameValue(level, found))
        writes.push(
          put('acts', { ...levelAct(store, 'weighed', row, found.ml), share: found.share }),
        )
    }
    writes.push(...[...builds.values()].map((build) => put('builds', build)))
    return writes.length > 0 ? { label, writes } : { refused: 'Nothing would change.' }
  })
}

/**
 * Steps that name a bottle take its family, its colour and, for a clear, its sheen; what is laid stays as it was logged.
 *
 * @param builds builds that are changed already, by id; those that are changed here are put in
 */
async function repaint(
  store: Store,
  read: Reading,
  bottle: Bottle,
  builds: Map<string, Build>,
): Promise<void> {
  for (const stored of await read.all('builds')) {
    const build = builds.get(stored.id) ?? stored
    const named = build.steps.flatMap((step) =>
      isAct(step) && (step as BuildAct).bottle === bottle.id ? [step as BuildAct] : [],
    )
    if (named.length === 0) continue
    const logged = loggedIn(await read.log({ build: build.id }), build.id)
    const edits = named.map(
      ({ id, do: act }): Edit => ({
        do: 'change',
        targets: [{ step: id }],
        on: 'every',
        fields: { ...paintOf(bottle, laysClear({ do: act })), bottle: bottle.id },
      }),
    )
    let next = build
    for (const edit of edits) {
      const result = applyEdit(next, edit, logged, store.newId)
      if (result.ok) next = result.build
    }
    if (next !== build) builds.set(build.id, next)
  }
}

/** What a step is painted with that is painted from a bottle. */
function paintOf({ family, colour, sheen }: Bottle, clear: boolean): EditFields {
  return {
    family,
    ...(colour === undefined ? {} : { colour }),
    ...(clear && sheen ? { sheen } : {}),
  }
}

/** Takes bottles off the shelf. */
export function removeBottles(
  store: Store,
  bottles: readonly { id: string; name: string }[],
): Promise<Written> {
  const [first] = bottles
  const what = bottles.length === 1 && first ? first.name : `${bottles.length} bottles`
  return transact(store, async () => ({
    label: `Removed from the shelf: ${what}`,
    writes: bottles.map(({ id }) => away('shelf', id)),
  }))
}

/** Bottles from a file: new ones are added, known ones changed; a level that differs is what was found in the bottle. */
export function importBottles(
  store: Store,
  rows: readonly Bottle[],
  file: string,
): Promise<Written> {
  return transact(store, async (read) => {
    const writes: Write[] = []
    const log = await read.bottleLog(rows.map(({ id }) => id))
    for (const row of rows) {
      const known = await read.get('shelf', row.id)
      if (!known) {
        writes.push(put('shelf', { ...row, leftSince: nowText(store) }))
        continue
      }
      const { leftMl, leftSince, share } = known
      writes.push(put('shelf', withFields({ ...row, leftMl, leftSince }, { share })))
      if (levelOf(known, log).ml !== row.leftMl)
        writes.push(put('acts', levelAct(store, 'weighed', known, row.leftMl)))
    }
    return { label: `Imported ${counted(rows.length, 'bottle')} from ${file}`, writes }
  })
}

/** Something poured into a bottle: its level and its share follow from the log. */
export function pourInto(store: Store, bottle: string, poured: PouredIn): Promise<Written> {
  return transact(store, async (read) => {
    const row = await read.get('shelf', bottle)
    if (!row) return { refused: GONE }
    const what = poured.name ?? 'thinner'
    const act: LoggedAct = {
      ...levelAct(store, 'poured', row, poured.ml),
      share: poured.share,
      text: what,
      ...(poured.from ? { drawn: [{ bottle: poured.from, ml: poured.ml }] } : {}),
    }
    const after = levelAfter(levelOf(row, await read.bottleLog([bottle])), act, bottle)
    if (!(after.ml > 0)) return { refused: 'Nothing was poured.' }
    return {
      label: `Poured ${poured.ml} ml of ${what} into ${row.name}`,
      writes: [put('acts', act)],
    }
  })
}

/** Keeps a mix; what was mixed, and what it drew from which bottle, goes into the log. */
export function keepMix(
  store: Store,
  mix: StoredMix,
  drawn: readonly Drawn[],
  mixed: boolean,
): Promise<Written> {
  return transact(store, async () => {
    const act: LoggedAct = {
      id: store.newId(),
      at: mix.at,
      kind: 'mixed',
      mix: mix.id,
      text: mix.name,
      ...(mix.build ? { build: mix.build } : {}),
      ...(mix.part ? { part: mix.part } : {}),
      ...(drawn.length > 0 ? { drawn: [...drawn] } : {}),
    }
    return {
      label: `Saved the mix ${mix.name}`,
      writes: [put('mixes', mix), ...(mixed ? [put('acts', act)] : [])],
    }
  })
}

/** Changes fields of a kept mix: what is left over of it, that it was wetted again. */
export function changeMix(
  store: Store,
  id: string,
  fields: Fields<StoredMix>,
  label: string,
): Promise<Written> {
  return transact(store, (read) => change(read, 'mixes', id, fields, label))
}

/** Takes a kept mix out. */
export function removeMix(store: Store, { id, name }: StoredMix): Promise<Written> {
  return transact(store, async () => ({
    label: `Removed the mix ${name}`,
    writes: [away('mixes', id)],
  }))
}

/** What a swatch says of a paint: kept with its bottle, and written into the log. */
export function keepSwatch(
  store: Store,
  bottle: string,
  hiding: number,
  text: string,
): Promise<Written> {
  return transact(store, async (read): Promise<Decision> => {
    const row = await read.get('shelf', bottle)
    if (!row) return { refused: GONE }
    return {
      label: `${row.name} hides in ${hiding} coats`,
      writes: [put('shelf', { ...row, hiding }), put('acts', noteAct(store, text, {}))],
    }
  })
}

/** Puts a tool on the shelf. */
export function addTool(store: Store, tool: BenchTool): Promise<Written> {
  return transact(store, async () => ({
    label: `Added: ${tool.name}`,
    writes: [put('tools', tool)],
  }))
}

/** Takes a tool away. */
export function removeTool(store: Store, { id, name }: BenchTool): Promise<Written> {
  return transact(store, async () => ({
    label: `Removed ${name}`,
    writes: [away('tools', id)],
  }))
}

function nowText(store: Store): string {
  return new Date(store.now()).toISOString()
}

function levelAct(
  store: Store,
  kind: 'weighed' | 'poured',
  { id, name }: Bottle,
  ml: number,
): LoggedAct {
  return { id: store.newId(), at: nowText(store), kind, bottle: id, ml, text: name }
}
