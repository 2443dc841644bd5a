import { mergeProjects } from '@/core/formats/mergeProjects'
import type { RowClash, Side } from '@/core/model/mergeRows'
import type { Project } from '@/core/model/project'
import { sameValue } from '@/core/model/sameValue'
import { projectOf, rawTables } from '../documents'
import { baseOf, rememberHanded } from '../handed'
import { keptWith, type Photo } from '../photos/photos'
import type { Store } from '../store'
import type { Write } from '../tables'
import { transact, type Written } from '../transact'
import { withCopy, writesOf } from './documents'

/**
 * Brings the bench of another device together with this one: all or nothing, and taken back as a whole.
 *
 * @param wins whose change counts where both changed the same
 */
export async function mergeProject(
  store: Store,
  theirs: Project,
  photos: readonly Photo[],
  wins: Side,
  name: string,
): Promise<Written> {
  const base = await baseOf(store, theirs)
  const label = await withCopy(store, 'import', `Brought together with ${name}`)
  const write = () =>
    transact(
      store,
      async () => {
        const mine = projectOf(await rawTables(store))
        const both = mergeProjects(base, mine, theirs, wins)
        const [problem] = both.ok ? [] : both.problems
        if (!both.ok)
          return { refused: `It doesn’t go together: ${problem?.path} ${problem?.found}` }
        const writes = changesBetween(mine, both.project, store.now())
        return writes.length > 0 ? { label, writes } : { refused: `${name} has nothing new.` }
      },
      { whole: true },
    )
  const written = await keptWith(store, photos, 'Nothing was brought together', write)
  if (written.ok) await rememberHanded(store, theirs)
  return written
}

/** What both sides changed, of a bench that would be brought together with this one; null: they don't go together. */
export async function clashesWith(store: Store, theirs: Project): Promise<RowClash[] | null> {
  const mine = projectOf(await rawTables(store))
  const both = mergeProjects(await baseOf(store, theirs), mine, theirs, 'mine')
  return both.ok ? both.clashes : null
}

/** What makes one project the other. */
function changesBetween(before: Project, after: Project, now: number): Write[] {
  const [was, is] = [writesOf(before, now), writesOf(after, now)]
  const key = ({ table, id }: Write) => `${table} ${id}`
  const old = new Map(was.map((write) => [key(write), write.row]))
  const left = new Set(is.map(key))
  return [
    ...was.filter((write) => !left.has(key(write))).map((write) => ({ ...write, row: null })),
    ...is.filter((write) => !sameValue(old.get(key(write)), write.row)),
  ]
}
