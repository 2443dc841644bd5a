'use client'

import { useState } from 'react'
import type { Problem } from '@/core/model/input'
import { useProject, useRun, useSay, useStore } from '@/state/hooks'
import { usePictureDesk } from '@/state/pictureDesk'
import { forgetChanges, importWithPhotos, loadDemo, wipe } from '@/store/actions/documents'
import { exportProject } from '@/store/documents'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { FileButton } from '@/ui/FileButton'
import { saveBlob, saveFile } from '@/ui/saveFile'
import { useDropped } from '../shared/dropped'
import { type ChosenFile, readFile } from './readFile'

type Preview = Extract<ChosenFile, { kind: 'preview' }>

/** Saves everything: one text, or with pictures an archive of it and them. */
function useExport() {
  const { pictures = [] } = useProject()
  const store = useStore()
  const say = useSay()
  const [packing, setPacking] = useState<string | null>(null)
  const save = async () => {
    const name = `tectoria-${new Date().toISOString().slice(0, 10)}`
    if (pictures.length === 0)
      return saveFile(`${name}.json`, await exportProject(store), 'application/json')
    try {
      setPacking('Packing…')
      const { exportArchive } = await import('@/store/photos/archive')
      const file = await exportArchive(store, (done, all) =>
        setPacking(`Packing picture ${done} of ${all}…`),
      )
      saveBlob(`${name}.zip`, file)
    } catch (error) {
      say(`Nothing was exported: ${reasonOf(error)}`)
    } finally {
      setPacking(null)
    }
  }
  return { save, packing }
}

/** Export, import with a look before, the demo, and taking everything away. */
export function DataSection() {
  const project = useProject()
  const run = useRun()
  const [chosen, setChosen] = useState<ChosenFile>({ kind: 'none' })
  const [wiping, setWiping] = useState(false)

  const desk = usePictureDesk()
  const { save, packing } = useExport()
  const look = async (file: File) => setChosen(await readFile(file, project, desk, setChosen))
  useDropped('project', (file) => void look(file))
  const take = async ({ project: incoming, photos, name }: Preview) => {
    if (await run(importWithPhotos, incoming, photos, `Imported ${name}`))
      setChosen({ kind: 'none' })
  }
  return (
    <section id="data" aria-labelledby="data-title">
      <h2 id="data-title" className="font-display text-2xl font-semibold">
        Your data
      </h2>
      <p className="text-soft">
        It lives in this browser and nowhere else. One file holds all of it: builds, shelf, mixes,
        log, times, pictures.
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button look="act" disabled={packing !== null} onClick={() => void save()}>
          {packing ?? 'Export everything'}
        </Button>
        <FileButton
          say="Import a file"
          accept=".json,.zip,application/json"
          onFile={(file) => void look(file)}
        />
        <Button onClick={() => void run(loadDemo)}>Load the demo bench</Button>
        <Button onClick={() => void run(forgetChanges)}>Forget what can be undone</Button>
        <Button look="stop" onClick={() => setWiping(true)}>
          Wipe everything
        </Button>
      </div>
      {wiping && (
        <div role="alert" className="mt-3 border-l-4 border-stop pl-3">
          <p>
            This takes everything out of this browser. It can be undone until you forget it too; an
            exported file lasts.
          </p>
          <div className="mt-2 flex gap-2">
            <Button
              look="stop"
              onClick={() => {
                setWiping(false)
                void run(wipe)
              }}
            >
              Wipe it
            </Button>
            <Button onClick={() => setWiping(false)}>Save</Button>
          </div>
        </div>
      )}
      <Outcome
        chosen={chosen}
        onTake={(preview) => void take(preview)}
        onLeave={() => setChosen({ kind: 'none' })}
      />
    </section>
  )
}

function Outcome({
  chosen,
  onTake,
  onLeave,
}: {
  chosen: ChosenFile
  onTake: (preview: Preview) => void
  onLeave: () => void
}) {
  if (chosen.kind === 'none') return null
  if (chosen.kind === 'looking')
    return (
      <p role="status" className="mt-4">
        {chosen.name}: picture {chosen.done + 1} of {chosen.all}…
      </p>
    )
  if (chosen.kind === 'refused') return <Refused name={chosen.name} problems={chosen.problems} />
  const replaced = chosen.rows.flatMap((row) => row.replaced)
  return (
    <div className="mt-4 border-y-2 border-strong py-3">
      <h3 className="font-semibold">{chosen.name}</h3>
      <table className="mt-2 w-full max-w-xl text-left">
        <thead>
          <tr className="text-sm text-soft">
            <th scope="col">What</th>
            <th scope="col" className="text-right">
              Added
            </th>
            <th scope="col" className="text-right">
              Replaced
            </th>
            <th scope="col" className="text-right">
              The same
            </th>
          </tr>
        </thead>
        <tbody>
          {chosen.rows
            .filter((row) => row.added.length + row.replaced.length + row.same > 0)
            .map((row) => (
              <tr key={row.list} className="border-t border-rule">
                <th scope="row" className="font-normal">
                  {row.list}
                </th>
                <td className="text-right">{row.added.length}</td>
                <td className="text-right">{row.replaced.length}</td>
                <td className="text-right">{row.same}</td>
              </tr>
            ))}
        </tbody>
      </table>
      {replaced.length > 0 && (
        <p className="mt-2 border-l-4 border-risk pl-3">
          These differ from what is here and would be replaced: {replaced.slice(0, 8).join(', ')}
          {replaced.length > 8 ? ` and ${replaced.length - 8} more` : ''}.
        </p>
      )}
      {chosen.without > 0 && (
        <p className="mt-2 border-l-4 border-risk pl-3">
          {chosen.without} of its pictures {chosen.without === 1 ? 'isn’t' : 'aren’t'} in the file:
          only what is known of {chosen.without === 1 ? 'it' : 'them'} comes in.
        </p>
      )}
      <div className="mt-3 flex gap-2">
        <Button look="act" onClick={() => onTake(chosen)}>
          {replaced.length > 0 ? 'Import and replace them' : 'Import it'}
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </div>
    </div>
  )
}

function Refused({ name, problems }: { name: string; problems: readonly Problem[] }) {
  return (
    <div role="alert" className="mt-4 border-l-4 border-stop pl-3">
      <p className="font-semibold">{name} was not imported, and nothing has changed.</p>
      <ul className="mt-1 text-sm">
        {problems.slice(0, 8).map((problem) => (
          <li key={`${problem.path} ${problem.expected}`} className="break-words">
            <strong>{problem.path === '' ? 'The file' : problem.path}</strong>: found{' '}
            {problem.found}, expected {problem.expected}
          </li>
        ))}
        {problems.length > 8 && <li>and {problems.length - 8} more</li>}
      </ul>
    </div>
  )
}
