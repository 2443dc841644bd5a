'use client'

import { useState } from 'react'
import { parseJson } from '@/core/model/input'
import { useDamaged, useSay } from '@/state/hooks'
import { useRun } from '@/state/writing'
import type { Damaged } from '@/store/actions/damaged'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/saveFile'

/** Entries that can't be read: what is wrong with each, and what can be done; nothing where all is well. */
export function DamagedRows() {
  const damaged = useDamaged()
  if (damaged.length === 0) return null
  return (
    <section id="damaged" aria-labelledby="damaged-title">
      <h2 id="damaged-title" className="font-display text-2xl font-semibold">
        Entries that can’t be read
      </h2>
      <p className="text-soft">They lie apart and count for nothing until they are mended.</p>
      <ul className="mt-3 border-t-2 border-strong">
        {damaged.map((row) => (
          <OneDamaged key={row.id} row={row} />
        ))}
      </ul>
    </section>
  )
}

const KINDS: Record<Damaged['table'], string> = {
  builds: 'Build',
  shelf: 'Bottle',
  mixes: 'Mix',
  acts: 'Log entry',
  climate: 'Reading of the room',
  panels: 'Panel',
  corrections: 'Correction',
  techniques: 'Technique',
  pins: 'A step kept in its evening',
  timers: 'Timer',
  tools: 'Tool',
  meshes: 'Mesh',
  pictures: 'Picture',
  tests: 'Test piece',
  accidents: 'Happy accident',
  single: 'Setting',
}

/** What an entry is, by its name or its words where they can be told. */
function entryName({ table, row, id }: Damaged): string {
  const { name, text } = (row ?? {}) as { name?: unknown; text?: unknown }
  const own = [name, text].find((words) => typeof words === 'string' && words !== '')
  return `${KINDS[table]}: ${own ?? id.slice(table.length + 1)}`
}

function OneDamaged({ row }: { row: Damaged }) {
  const run = useRun()
  const [doing, setDoing] = useState<'nothing' | 'by hand' | 'throwing away'>('nothing')
  const { mended } = row
  const save = () =>
    saveFile(
      `tectoria-${row.id.replace(/[^a-z0-9]+/gi, '-')}.json`,
      JSON.stringify({ ...row, mended: undefined }, null, 2),
      'application/json',
    )
  return (
    <li className="border-b border-rule py-2.5">
      <p className="font-semibold break-words">{entryName(row)}</p>
      <ul className="text-sm">
        {row.problems.slice(0, 4).map(({ path, found, expected }) => (
          <li key={`${path} ${expected}`} className="break-words">
            <strong>{path === '' ? 'The entry' : path}</strong>: found {found}, expected {expected}
          </li>
        ))}
        {row.problems.length > 4 && <li>and {row.problems.length - 4} more</li>}
      </ul>
      {doing === 'by hand' ? (
        <ByHand row={row} onClose={() => setDoing('nothing')} />
      ) : (
        <div className="mt-2 flex flex-wrap gap-2">
          {mended !== null && (
            <Button size="small" look="act" onClick={() => void run('mendDamaged', row, mended)}>
              Mend it
            </Button>
          )}
          <Button size="small" onClick={() => setDoing('by hand')}>
            Mend it by hand
          </Button>
          <Button size="small" onClick={save}>
            Save it as a file
          </Button>
          <Button
            size="small"
            look="stop"
            onClick={() =>
              doing === 'throwing away' ? void run('dropDamaged', row) : setDoing('throwing away')
            }
          >
            {doing === 'throwing away' ? 'Delete it for good' : 'Delete it'}
          </Button>
        </div>
      )}
    </li>
  )
}

/** The entry as it is stored, to be put right; it goes back only once it can be read. */
function ByHand({ row, onClose }: { row: Damaged; onClose: () => void }) {
  const run = useRun()
  const say = useSay()
  const [text, setText] = useState(() => JSON.stringify(row.row, null, 2))
  const putBack = () => {
    const json = parseJson(text)
    if (json.ok) return void run('mendDamaged', row, json.value)
    const [problem] = json.problems
    say(`It can’t be read yet: found ${problem?.found}, expected ${problem?.expected}`)
  }
  return (
    <div className="mt-2">
      <textarea
        aria-label={`${entryName(row)}, as it is stored`}
        value={text}
        rows={Math.min(16, text.split('\n').length + 1)}
        spellCheck={false}
        onChange={(event) => setText(event.target.value)}
        className="control w-full p-2 font-mono text-sm"
      />
      <div className="mt-1 flex gap-2">
        <Button size="small" look="act" onClick={putBack}>
          Put it back
        </Button>
        <Button size="small" onClick={onClose}>
          Cancel
        </Button>
      </div>
    </div>
  )
}
