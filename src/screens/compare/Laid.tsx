import { type ReactNode, useRef, useState } from 'react'
import type { Warp } from '@/core/pictures/align'
import type { PictureDesk } from '@/state/pictureDesk'
import { Button } from '@/ui/Button'
import { useWidth } from '@/ui/useWidth'
import { Views } from '@/ui/Views'
import { Seen } from '../shared/picture/PointPicture'
import type { ShownPicture } from '../shared/picture/shown'
import { Wiper } from '../shared/Wiper'
import { Counted } from './Counted'
import { Differences } from './Differences'

const WAYS = [
  { id: 'wipe', say: 'Wipe' },
  { id: 'blink', say: 'Blink' },
  { id: 'differ', say: 'How they differ' },
  { id: 'count', say: 'Count a share' },
] as const
type Way = (typeof WAYS)[number]['id']

/** Two pictures that lie on each other. */
export function Laid({
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
  const [way, setWay] = useState<Way>('wipe')
  return (
    <section aria-label="One on the other" className="mt-6">
      <h2 className="font-display text-2xl font-semibold">One on the other</h2>
      <div className="mt-2">
        <Views label="How to look" view={way} views={WAYS} onView={setWay} />
      </div>
      <div className="mt-3">
        {way === 'wipe' && (
          <Box picture={first}>
            <Wiper
              left={<Seen picture={first} />}
              right={<Warped picture={second} onto={first} warp={warp} />}
              leftSays="First"
              rightSays="Second"
            />
          </Box>
        )}
        {way === 'blink' && <Blink first={first} second={second} warp={warp} />}
        {way === 'differ' && <Differences first={first} second={second} warp={warp} />}
        {way === 'count' && (
          <Counted desk={desk} first={first} second={second} warp={warp} looks={looks} />
        )}
      </div>
    </section>
  )
}

function Box({ picture, children }: { picture: ShownPicture; children: ReactNode }) {
  const { width, height } = picture.canvas
  return (
    <div className="bg-surround p-3">
      <div
        className="relative w-full overflow-hidden"
        style={{ aspectRatio: `${width} / ${height}` }}
      >
        {children}
      </div>
    </div>
  )
}

/** The second picture as it lies on the first. */
function Warped({
  picture,
  onto,
  warp,
}: {
  picture: ShownPicture
  onto: ShownPicture
  warp: Warp
}) {
  const box = useRef<HTMLDivElement>(null)
  const scale = useWidth(box) / onto.canvas.width
  const [a, b, c, d, e, f, g, h, i] = warp
  const matrix = [a, d, 0, g, b, e, 0, h, 0, 0, 1, 0, c, f, 0, i].join(',')
  return (
    <div ref={box} className="absolute inset-0 overflow-hidden">
      <div
        className="origin-top-left"
        style={{
          width: picture.canvas.width,
          height: picture.canvas.height,
          transform: `scale(${scale}) matrix3d(${matrix})`,
        }}
      >
        <Seen picture={picture} />
      </div>
    </div>
  )
}

/** One, then the other, by a key: what differs jumps. */
function Blink({ first, second, warp }: { first: ShownPicture; second: ShownPicture; warp: Warp }) {
  const [other, setOther] = useState(false)
  return (
    <>
      <Box picture={first}>
        {other ? <Warped picture={second} onto={first} warp={warp} /> : <Seen picture={first} />}
      </Box>
      <Button look="act" size="bench" className="mt-3" onClick={() => setOther(!other)}>
        {other ? 'Show the first' : 'Show the second'}
      </Button>
    </>
  )
}
