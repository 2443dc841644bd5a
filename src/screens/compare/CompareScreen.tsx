'use client'
import { useState } from 'react'
import { aligned, type PicturePoint } from '@/core/pictures/align'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { FileButton } from '@/ui/FileButton'
import { Laid } from './Laid'
import { type Marked, PointPicture } from './PointPicture'
import { openPicture, type Picture } from './picture'

/** Which of the two. */
type Side = 'first' | 'second'
const SAYS: Record<Side, string> = { first: 'First picture', second: 'Second picture' }
const WHY_NOT = {
  'too-few': 'Three pairs lay one on the other; four take the tilt out too.',
  'in-a-line': 'These places lie in a line: choose one well beside it.',
} as const

/** Two pictures in hand, and the places that were chosen in both, pair by pair. */
function usePairs() {
  const [pictures, setPictures] = useState<Partial<Record<Side, Picture>>>({})
  const [failed, setFailed] = useState<string | null>(null)
  const [points, setPoints] = useState<Record<Side, PicturePoint[]>>({ first: [], second: [] })
  const many = Math.min(points.first.length, points.second.length)
  const pairs = Array.from({ length: many }, (_, i) => ({
    from: points.second[i] as PicturePoint,
    to: points.first[i] as PicturePoint,
  }))
  return {
    pictures,
    failed,
    points,
    many,
    found: aligned(pairs),
    open: (side: Side, file: File) => {
      setFailed(null)
      openPicture(file)
        .then((picture) => {
          setPictures((before) => ({ ...before, [side]: picture }))
          setPoints({ first: [], second: [] })
        })
        .catch((error: unknown) => setFailed(reasonOf(error)))
    },
    add: (side: Side, at: PicturePoint) =>
      setPoints((before) => {
        const other = side === 'first' ? before.second : before.first
        const own = before[side]
        // A place is chosen in one, then in the other: the same one again puts it elsewhere.
        const kept = own.length > other.length ? own.slice(0, -1) : own
        return { ...before, [side]: [...kept, at] }
      }),
    takeBack: () =>
      setPoints(({ first, second }) => ({
        first: first.slice(0, many - 1),
        second: second.slice(0, many - 1),
      })),
  }
}

/** Two pictures of one thing, laid on each other by places that are in both. They stay on this machine, and only as long as this is open. */
export function CompareScreen() {
  const { pictures, failed, points, many, found, open, add, takeBack } = usePairs()
  const { first, second } = pictures
  const marks = (side: Side): Marked[] => points[side].map((at, i) => ({ at, say: String(i + 1) }))
  return (
    <div className="p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">Side by side</h1>
      <p className="mt-1 max-w-prose text-soft">
        Two pictures of one thing: before and after, the model and the real one, left and right.
        Nothing leaves this machine, and nothing is kept.
      </p>
      <div className="mt-4 flex flex-wrap gap-2">
        {(['first', 'second'] as const).map((side) =>
          pictures[side] ? (
            <FileButton
              key={side}
              say={`Another ${SAYS[side].toLowerCase()}`}
              accept="image/*"
              onFile={(file) => open(side, file)}
            />
          ) : null,
        )}
        {many > 0 && <Button onClick={takeBack}>Take pair {many} back</Button>}
      </div>
      {failed && (
        <p role="alert" className="mt-3 font-semibold text-stop">
          {failed}
        </p>
      )}
      {first && second && (
        <p role="status" className="mt-3 max-w-prose">
          {typeof found === 'string'
            ? `${many === 0 ? 'Tap a place in the first, then the same place in the second. ' : `${many} ${many === 1 ? 'pair' : 'pairs'}. `}${WHY_NOT[found]}`
            : `${many} pairs: they lie on each other within ${found.off.toFixed(1)} px${found.kind === 'affine' ? '; a fourth takes the tilt out' : ''}.`}
        </p>
      )}
      <div className="mt-3 grid gap-4 md:grid-cols-2">
        {(['first', 'second'] as const).map((side) => {
          const picture = pictures[side]
          return picture ? (
            <PointPicture
              key={side}
              picture={picture}
              label={SAYS[side]}
              marks={marks(side)}
              onPoint={(at) => add(side, at)}
            />
          ) : (
            <div
              key={side}
              className="grid min-h-48 place-items-center border-2 border-dashed border-rule p-4"
            >
              <FileButton say={SAYS[side]} accept="image/*" onFile={(file) => open(side, file)} />
            </div>
          )
        })}
      </div>
      {first && second && typeof found !== 'string' && (
        <Laid first={first} second={second} warp={found.warp} />
      )}
    </div>
  )
}
