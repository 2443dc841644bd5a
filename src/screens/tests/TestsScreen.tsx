'use client'
import { parseAsString, useQueryState } from 'nuqs'
import { Suspense } from 'react'
import { newestFirst } from '@/core/model/newestPicture'
import { useProject } from '@/state/hooks'
import { NewAt } from './NewAt'
import { NewTest } from './NewTest'
import { TestRow } from './TestRow'

/** The register of test pieces: one that is asked for, and all that were made. */
export function TestsScreen() {
  return (
    <Suspense>
      <Tests />
    </Suspense>
  )
}

function Tests() {
  const { tests = [] } = useProject()
  const [asked, ask] = useQueryState('for', parseAsString)
  return (
    <div className="p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">Test pieces</h1>
      <p className="mt-1 max-w-prose text-soft">
        What was tried before it went onto the model. One that came out well answers for the same
        paints, solvent, tool and sheen, on a surface up to ten times as large.
      </p>
      <NewTest key={asked ?? ''} asked={asked} onDone={() => void ask(null)} />
      {tests.length === 0 ? (
        <p className="mt-6 text-soft">None yet.</p>
      ) : (
        <ul aria-label="Test pieces" className="mt-6">
          {newestFirst(tests).map((piece) => (
            <TestRow key={piece.id} piece={piece} />
          ))}
        </ul>
      )}
      <NewAt />
    </div>
  )
}
