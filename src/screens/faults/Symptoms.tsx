import { useDeferredValue, useMemo, useState } from 'react'
import { FAULT_TABLE, type FaultId, faultRow } from '@/core/knowledge'
import { FAULT_GROUPS, FAULT_WORDS } from '@/core/knowledge/words/faults'
import { searchIndex } from '@/core/search/search'
import { capital } from '../shared/words'
import { FaultDrawing } from './FaultDrawing'

/** All that can be seen, drawn; narrowed by what one calls it. */
export function Symptoms({ onPick }: { onPick: (fault: FaultId) => void }) {
  const [typed, setTyped] = useState('')
  const sought = useDeferredValue(typed.trim())
  const found = useFound(sought)
  const groups = found
    ? [{ say: found.length === 0 ? '' : 'Most like it first', faults: found }]
    : FAULT_GROUPS
  return (
    <div className="mt-4">
      <input
        type="search"
        aria-label="What you see"
        placeholder="In your words: frosty, sticky, peels, rings"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => {
          const [first] = found ?? []
          if (event.key === 'Enter' && first) onPick(first)
        }}
        className="control min-h-11 w-full max-w-md px-3"
      />
      <p role="status" className="sr-only">
        {found ? `${found.length} found` : ''}
      </p>
      {found?.length === 0 && (
        <p className="mt-6 max-w-prose">
          Nothing goes by that word. Try another, or look through the drawings.
        </p>
      )}
      {groups.map(({ say, faults }) => (
        <section key={say} className="mt-6">
          {say !== '' && <h2 className="font-display text-lg font-semibold">{say}</h2>}
          <ul className="mt-2 grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-3 md:grid-cols-4 xl:grid-cols-6">
            {faults.map((fault) => (
              <li key={fault}>
                <button
                  type="button"
                  onClick={() => onPick(fault)}
                  className="group block w-full py-1 text-left"
                >
                  <FaultDrawing
                    fault={fault}
                    className="w-full rounded-tool outline-act group-hover:outline-2"
                  />
                  <span className="mt-1.5 block leading-tight break-words group-hover:underline">
                    {capital(faultRow(fault).symptom)}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  )
}

/** Faults that go by some words, the likeliest first; null: no words were said. */
function useFound(sought: string): FaultId[] | null {
  const index = useMemo(
    () =>
      searchIndex(
        (Object.keys(FAULT_TABLE) as FaultId[]).map((id) => ({
          id,
          kind: 'fault',
          says: faultRow(id).symptom,
          words: FAULT_WORDS[id],
          to: '',
        })),
      ),
    [],
  )
  return useMemo(
    () => (sought === '' ? null : index.find(sought, 12).map(({ id }) => id as FaultId)),
    [index, sought],
  )
}
