import { useEffect, useMemo, useState } from 'react'
import { inverse, type PicturePoint, type Warp, warped } from '@/core/pictures/align'
import type { FacePixels } from '@/core/pictures/countedPixels'
import {
  type CountedLook,
  type CountedShare,
  type Growth,
  grownBetween,
} from '@/core/pictures/share'
import type { PictureDesk } from '@/state/pictureDesk'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { number } from '@/ui/units'
import { Views } from '@/ui/Views'
import { PointPicture } from '../shared/picture/PointPicture'
import { faceBetween, faceThrough, patchAt, type ShownPicture } from '../shared/picture/shown'

const KINDS = [
  { id: 'face', say: 'Two corners of the face', short: 'face' },
  { id: 'is', say: 'It is this', short: '+' },
  { id: 'isnt', say: 'It isn’t this', short: '−' },
] as const
type Kind = (typeof KINDS)[number]['id']
type Places = Record<Kind, PicturePoint[]>
const NONE: Places = { face: [], is: [], isnt: [] }

/**
 * The pixels of a face between two corners, and of places that were tapped. Null: too few were.
 *
 * @param warp takes the places onto the picture; null: they are its own
 */
function pixelsOf(
  picture: ShownPicture,
  { face: [a, b], is, isnt }: Places,
  warp: Warp | null,
): FacePixels | null {
  if (!a || !b || is.length === 0 || isnt.length === 0) return null
  const face = warp ? faceThrough(picture, a, b, warp) : faceBetween(picture, a, b)
  if (face.length === 0) return null
  const of = (places: readonly PicturePoint[]) =>
    Uint8ClampedArray.from(
      places.flatMap((at) => [...patchAt(picture, warp ? warped(warp, at) : at)]),
    )
  return { face, is: of(is), isnt: of(isnt) }
}

/** What of a face is it, counted in the background; null while too little is tapped, or it is counted. */
function useCounted(
  desk: PictureDesk,
  picture: ShownPicture,
  places: Places,
  warp: Warp | null,
): CountedShare | null {
  const [counted, setCounted] = useState<CountedShare | null>(null)
  useEffect(() => {
    const pixels = pixelsOf(picture, places, warp)
    if (!pixels) return setCounted(null)
    let wanted = true
    desk
      .ask((worker) => worker.counted(pixels))
      .then((found) => wanted && setCounted(found))
      .catch(() => wanted && setCounted(null))
    return () => {
      wanted = false
    }
  }, [desk, picture, places, warp])
  return counted
}

/** Which share of a face is chipped, rusted or stained, by colours that one taps, in both pictures; and whether it grew. */
export function Counted({
  desk,
  first,
  second,
  warp,
  looks,
}: {
  desk: PictureDesk
  first: ShownPicture
  second: ShownPicture
  warp: Warp
  /** When each was taken, epoch milliseconds; null: nobody knows. */
  looks: readonly [number | null, number | null]
}) {
  const [kind, setKind] = useState<Kind>('face')
  const [places, setPlaces] = useState<Places>(NONE)
  const [meant, setMeant] = useState('')
  const counted = useCounted(desk, first, places, null)
  const back = useMemo(() => inverse(warp), [warp])
  const then = useCounted(desk, second, back ? places : NONE, back)
  const want = Number(meant.replace(',', '.')) / 100
  return (
    <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <PointPicture
        picture={first}
        label="The face that is counted"
        marks={KINDS.flatMap(({ id, short }) => places[id].map((at) => ({ at, say: short })))}
        onPoint={(at) =>
          setPlaces((before) => ({
            ...before,
            [kind]: kind === 'face' ? [...before.face, at].slice(-2) : [...before[kind], at],
          }))
        }
      />
      <div>
        <Views label="What is tapped" view={kind} views={KINDS} small onView={setKind} />
        <p className="mt-2 text-soft">
          Tap two corners of the face, then some places that are it, then some that aren’t.
        </p>
        {counted && (
          <p role="status" className="mt-3 font-display text-3xl font-semibold">
            {number(counted.share * 100, 1)} %
            <span className="block text-base font-normal">
              {number(counted.from * 100, 1)} to {number(counted.to * 100, 1)} %
              {want > 0 && `: ${verdict(counted.share, want)}`}
            </span>
          </p>
        )}
        {counted && then && (
          <Grown
            one={{ share: counted.share, at: looks[0] }}
            other={{ share: then.share, at: looks[1] }}
          />
        )}
        <div className="mt-3 max-w-40">
          <TextField
            label="Meant"
            unit="%"
            inputMode="decimal"
            value={meant}
            onChange={(event) => setMeant(event.target.value)}
          />
        </div>
        <Button className="mt-3" onClick={() => setPlaces(NONE)}>
          Start again
        </Button>
      </div>
    </div>
  )
}

/** What the second picture has of it, and how that grew from the earlier look to the later one. */
function Grown({ one, other }: { one: CountedLook; other: CountedLook }) {
  const growth = grownBetween(one, other)
  return (
    <p className="mt-2 text-sm">
      The second has {number(other.share * 100, 1)} %: {grownWords(growth)}
    </p>
  )
}

function grownWords({ by, perDay, days, still, backwards }: Growth): string {
  const since = days === null ? '' : ` in ${number(days, 1)} ${days === 1 ? 'day' : 'days'}`
  if (still) return `it stands still${since}. Rust may be sealed now.`
  const way = by > 0 ? 'it grew' : 'it shrank'
  const daily =
    perDay === null || days === null || days <= 1
      ? ''
      : `, ${number(Math.abs(perDay) * 100, 1)} % a day`
  const order = backwards ? ' The second was taken first.' : ''
  return `${way} by ${number(Math.abs(by) * 100, 0)} % of itself${since}${daily}.${order}`
}

/** Near enough to what was meant, as a share of it. */
const NEAR = 0.1

function verdict(share: number, meant: number): string {
  if (share > meant * (1 + NEAR)) return 'more than was meant'
  return share >= meant * (1 - NEAR) ? 'that is it: stop' : 'one more pass'
}
