'use client'
import { parseAsString, useQueryStates } from 'nuqs'
import { useCallback, useEffect, useState } from 'react'
import { counted } from '@/core/model/counted'
import { newestFirst } from '@/core/model/newestPicture'
import { aligned, type PicturePoint } from '@/core/pictures/align'
import { useProject } from '@/state/hooks'
import { usePictureDesk } from '@/state/pictureDesk'
import { useStore } from '@/state/writing'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { FileButton } from '@/ui/FileButton'
import { openPicture } from '../shared/picture/openPicture'
import { type Marked, PointPicture } from '../shared/picture/PointPicture'
import { mirrored, type ShownPicture, showPicture } from '../shared/picture/shown'
import { Laid } from './Laid'

/** Which of the two. */
type Side = 'first' | 'second'
const SIDES: readonly Side[] = ['first', 'second']
const SAYS: Record<Side, string> = { first: 'First picture', second: 'Second picture' }
const WHY_NOT = {
  'too-few': 'Three pairs lay one on the other; four take the tilt out too.',
  'in-a-line': 'These places lie in a line: choose one well beside it.',
} as const

/** Two pictures in hand, and the places that were chosen in both, pair by pair. */
function usePairs() {
  const store = useStore()
  const desk = usePictureDesk()
  const [asked] = useQueryStates({ first: parseAsString, second: parseAsString })
  const [pictures, setPictures] = useState<Partial<Record<Side, ShownPicture>>>({})
  const { pictures: kept = [] } = useProject()
  const [ids, setIds] = useState<Partial<Record<Side, string>>>({})
  const [failed, setFailed] = useState<string | null>(null)
  const [points, setPoints] = useState<Record<Side, PicturePoint[]>>({ first: [], second: [] })
  const many = Math.min(points.first.length, points.second.length)
  const pairs = Array.from({ length: many }, (_, i) => ({
    from: points.second[i] as PicturePoint,
    to: points.first[i] as PicturePoint,
  }))
  const show = useCallback((side: Side, picture: Promise<ShownPicture>, id?: string) => {
    setFailed(null)
    picture
      .then((shown) => {
        setIds((before) => ({ ...before, [side]: id }))
        setPictures((before) => ({ ...before, [side]: shown }))
        setPoints({ first: [], second: [] })
      })
      .catch((error: unknown) => setFailed(reasonOf(error)))
  }, [])
  const take = useCallback(
    (side: Side, id: string) =>
      show(
        side,
        store.ask('photoOf', id).then((blob) => {
          if (!blob) throw new Error('This picture isn’t in this browser any more')
          return showPicture(SAYS[side], blob)
        }),
        id,
      ),
    [show, store],
  )
  const { first, second } = asked
  useEffect(() => {
    if (first) take('first', first)
  }, [first, take])
  useEffect(() => {
    if (second) take('second', second)
  }, [second, take])
  return {
    ...{ desk, pictures, failed, points, many, take },
    found: aligned(pairs),
    takenAt: (side: Side) => {
      const row = kept.find(({ id }) => id === ids[side])
      return row ? Date.parse(row.at) : null
    },
    open: (side: Side, file: File) => show(side, openPicture(desk, file)),
    mirror: () => {
      const { second } = pictures
      if (second) show('second', Promise.resolve(mirrored(second)), ids.second)
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

/** Two pictures of one thing, laid on each other by places that are in both: kept ones, or files that are only looked at. */
export function CompareScreen() {
  const { desk, pictures, failed, points, many, found, takenAt, ...way } = usePairs()
  const { open, take, mirror, add, takeBack } = way
  const { first, second } = pictures
  const marks = (side: Side): Marked[] => points[side].map((at, i) => ({ at, say: String(i + 1) }))
  return (
    <div className="p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">Side by side</h1>
      <p className="mt-1 max-w-prose text-soft">
        Two pictures of one thing: before and after, the model and the real one, left and right.
        Nothing leaves this machine; a file that you open here is only looked at.
      </p>
      <div className="mt-4 flex flex-wrap gap-2">
        {SIDES.map((side) =>
          pictures[side] ? (
            <FileButton
              key={side}
              say={`Another ${SAYS[side].toLowerCase()}`}
              accept="image/*"
              onFile={(file) => open(side, file)}
            />
          ) : null,
        )}
        {second && <Button onClick={mirror}>Mirror the second</Button>}
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
            ? `${many === 0 ? 'Tap a place in the first, then the same place in the second. ' : `${counted(many, 'pair')}. `}${WHY_NOT[found]}`
            : `${many} pairs: they lie on each other within ${found.off.toFixed(1)} px${found.kind === 'affine' ? '; a fourth takes the tilt out' : ''}.`}
        </p>
      )}
      <div className="mt-3 grid gap-4 md:grid-cols-2">
        {SIDES.map((side) => {
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
              className="grid min-h-48 content-center justify-items-center gap-3 border-2 border-dashed border-rule p-4"
            >
              <FileButton say={SAYS[side]} accept="image/*" onFile={(file) => open(side, file)} />
              <KeptChoice side={side} onTake={(id) => take(side, id)} />
            </div>
          )
        })}
      </div>
      {first && second && typeof found !== 'string' && (
        <Laid
          desk={desk}
          first={first}
          second={second}
          warp={found.warp}
          looks={[takenAt('first'), takenAt('second')]}
        />
      )}
    </div>
  )
}

/** One of the pictures that are kept, the newest first. */
function KeptChoice({ side, onTake }: { side: Side; onTake: (id: string) => void }) {
  const { pictures = [] } = useProject()
  if (pictures.length === 0) return null
  return (
    <div className="w-64 max-w-full">
      <Choose
        label={`${SAYS[side]}, of those that are kept`}
        value=""
        choices={[
          { value: '', say: 'Choose one' },
          ...newestFirst(pictures).map(({ id, name }) => ({ value: id, say: name })),
        ]}
        onChoose={(id) => id && onTake(id)}
      />
    </div>
  )
}
