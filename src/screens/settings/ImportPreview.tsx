import { useEffect, useState } from 'react'
import type { RowClash, Side } from '@/core/model/mergeRows'
import type { ProjectList } from '@/core/model/projectLists'
import { useProject, useStock } from '@/state/hooks'
import { useRun, useStore } from '@/state/writing'
import { Button } from '@/ui/Button'
import { Views } from '@/ui/Views'
import { clashWords } from './clashWords'
import type { ChosenFile } from './readFile'

type Preview = Extract<ChosenFile, { kind: 'preview' }>

const SIDES = [
  { id: 'mine', say: 'Leave it as it is here' },
  { id: 'theirs', say: 'Take it from the file' },
] as const

/**
 * Where both sides changed the same; null while that is reckoned, or where they don't go together.
 *
 * @param differs is there anything to bring together? Where all of it is new nothing is reckoned
 */
function useClashes({ project }: Preview, differs: boolean): RowClash[] | null {
  const store = useStore()
  const current = useStock()
  const [clashes, setClashes] = useState<RowClash[] | null>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is here has changed, so may have what clashes
  useEffect(() => {
    if (!differs) return
    let wanted = true
    store.ask('clashesWith', project).then(
      (found) => wanted && setClashes(found),
      () => wanted && setClashes(null),
    )
    return () => {
      wanted = false
    }
  }, [store, current, project, differs])
  return differs ? clashes : null
}

/** A file that can be taken in: what it would add and replace, and the ways to take it. */
export function ImportPreview({ chosen, onDone }: { chosen: Preview; onDone: () => void }) {
  const run = useRun()
  const [wins, setWins] = useState<Side>('mine')
  const replaced = chosen.rows.flatMap((row) => row.replaced)
  const clashes = useClashes(chosen, replaced.length > 0)
  const { project, photos, name, without } = chosen
  const take = async () => {
    if (await run('importWithPhotos', project, photos, `Imported ${name}`)) onDone()
  }
  const merge = async () => {
    if (await run('mergeProject', project, photos, wins, name)) onDone()
  }
  return (
    <div className="mt-4 border-y-2 border-strong py-3">
      <h3 className="font-semibold">{name}</h3>
      <Counts rows={chosen.rows} />
      {without > 0 && (
        <p className="mt-2 border-l-4 border-risk pl-3">
          {without} of its pictures {without === 1 ? 'isn’t' : 'aren’t'} in the file: only what is
          known of {without === 1 ? 'it' : 'them'} comes in.
        </p>
      )}
      {replaced.length > 0 && (
        <p className="mt-2 border-l-4 border-risk pl-3">
          These differ from what is here: {listed(replaced)}.
        </p>
      )}
      {clashes && clashes.length > 0 && (
        <div className="mt-3">
          <p>
            Changed both here and there. Brought together, everything else is as whoever changed it
            left it.
          </p>
          <Clashes clashes={clashes} />
          <div className="mt-2">
            <Views label="Where both changed it" view={wins} views={SIDES} onView={setWins} />
          </div>
        </div>
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        {replaced.length > 0 ? (
          <>
            <Button look="act" disabled={!clashes} onClick={() => void merge()}>
              Bring both together
            </Button>
            <Button onClick={() => void take()}>Import and replace them</Button>
          </>
        ) : (
          <Button look="act" onClick={() => void take()}>
            Import it
          </Button>
        )}
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </div>
  )
}

/** What both sides changed: the thing, and what it is on either. */
function Clashes({ clashes }: { clashes: readonly RowClash[] }) {
  const project = useProject()
  const more = clashes.length - TOLD
  return (
    <ul className="mt-1 max-w-xl">
      {clashes.slice(0, TOLD).map((clash) => {
        const { of, mine, theirs } = clashWords(clash, project)
        return (
          <li key={clash.path} className="border-t border-rule py-1 [overflow-wrap:anywhere]">
            {of}: <b>{mine}</b> here, <b>{theirs}</b> in the file
          </li>
        )
      })}
      {more > 0 && <li className="border-t border-rule py-1">and {more} more</li>}
    </ul>
  )
}

/** What lists of a project are called; those of the rescue page (public/rescue.js), which has no code of ours, too. */
const LISTS: Record<ProjectList | 'sessions', string> = {
  builds: 'builds',
  shelf: 'bottles',
  mixes: 'mixes',
  acts: 'entries of the log',
  climate: 'readings of the room',
  panels: 'panels tried',
  corrections: 'corrections of drying times',
  techniques: 'techniques of your own',
  pins: 'steps kept in their evening',
  timers: 'clocks',
  tools: 'tools',
  meshes: 'meshes',
  pictures: 'pictures',
  tests: 'test pieces',
  accidents: 'happy accidents',
  sessions: 'your times at the bench',
}

/** So many names are told. */
const TOLD = 8

function listed(names: readonly string[]): string {
  const more = names.length > TOLD ? ` and ${names.length - TOLD} more` : ''
  return `${names.slice(0, TOLD).join(', ')}${more}`
}

function Counts({ rows }: Pick<Preview, 'rows'>) {
  return (
    <table className="mt-2 w-full max-w-xl text-left">
      <thead>
        <tr className="text-sm text-soft">
          <th scope="col">What</th>
          <th scope="col" className="text-right">
            New
          </th>
          <th scope="col" className="text-right">
            Different
          </th>
          <th scope="col" className="text-right">
            The same
          </th>
        </tr>
      </thead>
      <tbody>
        {rows
          .filter((row) => row.added.length + row.replaced.length + row.same > 0)
          .map((row) => (
            <tr key={row.list} className="border-t border-rule">
              <th scope="row" className="font-normal">
                {LISTS[row.list]}
              </th>
              <td className="text-right">{row.added.length}</td>
              <td className="text-right">{row.replaced.length}</td>
              <td className="text-right">{row.same}</td>
            </tr>
          ))}
      </tbody>
    </table>
  )
}
