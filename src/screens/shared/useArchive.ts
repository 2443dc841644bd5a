import type { Build } from '@/core/model/build'
import { useRun } from '@/state/writing'

/** Puts a build into the archive, or brings it back from there. */
export function useArchive({ id, name, shelved }: Build): () => void {
  const run = useRun()
  const fields = { shelved: shelved === true ? null : true }
  const label = shelved ? `${name} is back on the bench` : `Archived: ${name}`
  return () => void run('editBuild', id, { do: 'set', fields }, label)
}
