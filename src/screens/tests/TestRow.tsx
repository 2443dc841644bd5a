import { useState } from 'react'
import { GROUND_WORDS, stepName } from '@/core/knowledge'
import type { TestPiece } from '@/core/model/testPiece'
import { useProject } from '@/state/hooks'
import { useChangeTried, useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { clockTime } from '@/ui/time'
import { number } from '@/ui/units'
import { useNow } from '../shared/now'
import { TriedCard } from './TriedCard'

/** So many are tried beside each other. */
const MOST = 8

/** A test piece: what was tried on it, which was chosen, and how it came out. */
export function TestRow({ piece }: { piece: TestPiece }) {
  const run = useRun()
  const changeTried = useChangeTried()
  const now = useNow(60_000)
  const { builds = [] } = useProject()
  const build = builds.find(({ id }) => id === piece.build)
  const another = () => {
    const last = piece.tried.at(-1)
    if (!last) return
    const made = { id: newId(), steps: last.steps }
    void changeTried(piece.id, (tried) => [...tried, made], `Another on ${piece.name}`)
  }
  return (
    <li className="border-t border-rule py-4">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="font-display text-xl font-semibold">{piece.name}</h2>
        <p className="text-sm text-soft">
          {GROUND_WORDS[piece.on]}, {number(piece.areaCm2, 1)} cm²,{' '}
          {clockTime(Date.parse(piece.at), now)}
          {build && `, for ${build.name}`}
        </p>
      </div>
      <p className="mt-0.5 text-sm">
        {(piece.tried[0]?.steps ?? []).map((step) => stepName(step)).join(' → ')}
      </p>
      <ul className="mt-2 grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
        {piece.tried.map((tried, i) => (
          <TriedCard key={tried.id} piece={piece} tried={tried} nth={i + 1} />
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-center gap-2">
        {piece.tried.length < MOST && <Button onClick={another}>Another beside it</Button>}
        <Result piece={piece} />
        <Button look="quiet" onClick={() => void run('removeTest', piece.id, piece.name)}>
          Remove it
        </Button>
      </div>
    </li>
  )
}

function Result({ piece }: { piece: TestPiece }) {
  const run = useRun()
  const [tries, setTries] = useState(piece.tries ?? 1)
  const set = (result: 'good' | 'bad') =>
    void run(
      'changeTest',
      piece.id,
      { result, tries },
      `${piece.name}: ${result === 'good' ? 'it came out well' : 'it didn’t work'}`,
    )
  return (
    <>
      <Button aria-pressed={piece.result === 'good'} onClick={() => set('good')}>
        It came out well
      </Button>
      <Button aria-pressed={piece.result === 'bad'} onClick={() => set('bad')}>
        It didn’t work
      </Button>
      <label className="flex items-center gap-2 text-sm">
        Tries
        <input
          type="number"
          min={1}
          max={100}
          className="control min-h-11 w-16 px-2"
          value={tries}
          onChange={({ target }) =>
            setTries(Math.min(100, Math.max(1, Math.round(Number(target.value)) || 1)))
          }
        />
      </label>
      {piece.result === 'good' && (
        <span role="status" className="text-sm">
          Good for up to {number(piece.areaCm2 * 10, 0)} cm².
        </span>
      )}
    </>
  )
}
