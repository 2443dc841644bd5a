'use client'

import { useState } from 'react'
import { type ImportRow, previewImport } from '@/core/formats/projectFile'
import type { Problem } from '@/core/model/input'
import type { Project } from '@/core/model/project'
import { useProject, useRun, useStore } from '@/state/hooks'
import { forgetChanges, importProject, loadDemo, wipe } from '@/store/actions/documents'
import { exportProject } from '@/store/documents'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { FileButton } from '@/ui/FileButton'
import { saveFile } from '@/ui/saveFile'
import { useDropped } from '../shared/dropped'

/** Files larger than this are not read at all, bytes. */
const LARGEST_FILE = 50_000_000

type Chosen =
  | { kind: 'none' }
  | { kind: 'refused'; name: string; problems: Problem[] }
  | { kind: 'preview'; name: string; project: Project; rows: ImportRow[] }

/** Export, import with a look before, the demo, and taking everything away. */
export function DataSection() {
  const project = useProject()
  const store = useStore()
  const run = useRun()
  const [chosen, setChosen] = useState<Chosen>({ kind: 'none' })
  const [wiping, setWiping] = useState(false)

  const save = async () => {
    const text = await exportProject(store)
    saveFile(`tectoria-${new Date().toISOString().slice(0, 10)}.json`, text, 'application/json')
  }
  const look = async (file: File) => setChosen(await readFile(file, project))
  useDropped('project', (file) => void look(file))
  const take = async (incoming: Project, name: string) => {
    if (await run(importProject, incoming, `Imported ${name}`)) setChosen({ kind: 'none' })
  }
  return (
    <section id="data" aria-labelledby="data-title">
      <h2 id="data-title" className="font-display text-2xl font-semibold">
        Your data
      </h2>
      <p className="text-soft">
        It lives in this browser and nowhere else. One file holds all of it: builds, shelf, mixes,
        log, times.
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button look="act" onClick={() => void save()}>
          Export everything
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
        onTake={(incoming, name) => void take(incoming, name)}
        onLeave={() => setChosen({ kind: 'none' })}
      />
    </section>
  )
}

/** Looks at a file without writing anything. */
async function readFile(file: File, current: Project): Promise<Chosen> {
  const { name } = file
  const refused = (problems: Problem[]): Chosen => ({ kind: 'refused', name, problems })
  if (file.size > LARGEST_FILE)
    return refused([
      { path: '', found: `${Math.round(file.size / 1e6)} MB`, expected: 'a file of up to 50 MB' },
    ])
  const { readContent } = await import('@/core/formats/convert/content')
  const bytes = new Uint8Array(await file.arrayBuffer())
  const content = readContent({ name, bytes, newId })
  if (!content.ok) return refused(content.problems)
  const parsed = content.value
  if (parsed.is !== 'project')
    return refused([{ path: '', found: name, expected: 'a project, a plan or a shelf' }])
  return {
    kind: 'preview',
    name,
    project: parsed.project,
    rows: previewImport(current, parsed.project),
  }
}

function Outcome({
  chosen,
  onTake,
  onLeave,
}: {
  chosen: Chosen
  onTake: (project: Project, name: string) => void
  onLeave: () => void
}) {
  if (chosen.kind === 'none') return null
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
      <div className="mt-3 flex gap-2">
        <Button look="act" onClick={() => onTake(chosen.project, chosen.name)}>
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
