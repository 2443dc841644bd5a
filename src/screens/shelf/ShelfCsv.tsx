'use client'
import { useState } from 'react'
import type { ShelfPreview } from '@/core/formats/shelfCsv'
import { shelfOfFile } from '@/state/files'
import { useProject, useSay } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { FileButton } from '@/ui/FileButton'
import { saveFile } from '@/ui/saveFile'
import { BeingRead } from '../shared/BeingRead'
import { useDropped } from '../shared/dropped'
import { sayProblem } from '../shared/problemWords'
import { useReading } from '../shared/useReading'

type Read = { file: string } & ({ preview: ShelfPreview } | { refused: string })

/** So many rows that don't read are listed. */
const LISTED = 20

/** The shelf out to a CSV and in from one; what it would do is shown before anything is written. */
export function ShelfCsv() {
  const project = useProject()
  const run = useRun()
  const say = useSay()
  const [read, setRead] = useState<Read | null>(null)
  const shelf = project.shelf ?? []
  const reading = useReading()
  const open = async (file: File) => {
    const parsed = await reading.read(file.name, (signal) => shelfOfFile(file, shelf, signal))
    if (!parsed) return
    setRead(
      parsed.ok
        ? { file: file.name, preview: parsed.value }
        : { file: file.name, refused: parsed.problems.map(sayProblem).join('; ') },
    )
  }
  useDropped('shelf', (file) => void open(file))
  const save = async () => {
    try {
      const { shelfCsv } = await import('@/core/formats/shelfCsv')
      saveFile('shelf.csv', shelfCsv(shelf), 'text/csv')
    } catch (error) {
      say(`Nothing was exported: ${reasonOf(error)}`)
    }
  }
  const take = async ({ added, changed }: ShelfPreview, file: string) => {
    const rows = [...added, ...changed.map((row) => row.after)]
    if (await run('importBottles', rows, file)) setRead(null)
  }
  return (
    <section aria-labelledby="csv" className="mt-10 border-t-2 border-strong pt-4">
      <h2 id="csv" className="font-display text-xl font-semibold">
        As a table file
      </h2>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button disabled={shelf.length === 0} onClick={() => void save()}>
          Export shelf.csv
        </Button>
        <FileButton
          say="Import bottles from CSV"
          accept=".csv,text/csv"
          onFile={(file) => void open(file)}
        />
      </div>
      <BeingRead reading={reading} />
      {read && 'refused' in read && (
        <p role="alert" className="mt-3 border-l-4 border-stop pl-3">
          {read.file} is no table of bottles. {read.refused}.
        </p>
      )}
      {read && 'preview' in read && (
        <Preview
          file={read.file}
          preview={read.preview}
          onTake={() => void take(read.preview, read.file)}
          onLeave={() => setRead(null)}
        />
      )}
    </section>
  )
}

function Preview({
  file,
  preview,
  onTake,
  onLeave,
}: {
  file: string
  preview: ShelfPreview
  onTake: () => void
  onLeave: () => void
}) {
  const { added, changed, same, bad, ignored } = preview
  const count = added.length + changed.length
  return (
    <section aria-label={`What ${file} would do`} className="mt-4 bg-sunk p-4">
      <p className="text-lg">
        <strong>{added.length}</strong> new · <strong>{changed.length}</strong> changed ·{' '}
        <strong>{same}</strong> as they are · <strong>{bad.length}</strong> that don’t read
      </p>
      {ignored.length > 0 && (
        <p className="mt-1 text-sm text-soft">
          Left out, as no field of a bottle: {ignored.join(', ')}.
        </p>
      )}
      {bad.length > 0 && (
        <ul className="mt-2 space-y-1 border-l-4 border-risk pl-3">
          {bad.slice(0, LISTED).map(({ line, name, problems }) => (
            <li key={line}>
              Row {line}
              {name === '' ? '' : `, ${name}`}:{' '}
              {problems.map((problem) => `${problem.path}: ${sayProblem(problem)}`).join('; ')}
            </li>
          ))}
          {bad.length > LISTED && <li>and {bad.length - LISTED} more</li>}
        </ul>
      )}
      {changed.length > 0 && (
        <ul className="mt-2 space-y-1 text-sm">
          {changed.slice(0, LISTED).map(({ before, after }) => (
            <li key={after.id}>
              {before.name}: {differences(before, after)}
            </li>
          ))}
          {changed.length > LISTED && <li>and {changed.length - LISTED} more</li>}
        </ul>
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        <Button look="act" disabled={count === 0} onClick={onTake}>
          {count === 1 ? 'Take this bottle' : `Take these ${count} bottles`}
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </div>
    </section>
  )
}

function differences(before: object, after: object): string {
  const old = before as Record<string, unknown>
  return Object.entries(after)
    .filter(([key, value]) => old[key] !== value && typeof value !== 'object')
    .map(([key, value]) => `${key} ${String(old[key] ?? 'nothing')} → ${String(value)}`)
    .join(', ')
}
