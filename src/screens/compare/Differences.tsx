import { useMemo, useState } from 'react'
import { levelOf, patchLight, type WhiteBalance, whiteBalance } from '@/core/colour'
import { inverse, type PicturePoint, type Warp, warped } from '@/core/pictures/align'
import { labsOfPixels } from '@/core/pictures/pixels'
import { patchesDiffer } from '@/core/pictures/share'
import { Button } from '@/ui/Button'
import { number } from '@/ui/units'
import { PointPicture } from '../shared/picture/PointPicture'
import { patchAt, type ShownPicture } from '../shared/picture/shown'

type Greys = { first: WhiteBalance; second: WhiteBalance }

/** How far the same places of two pictures differ, once a grey has taken the light out of both. */
export function Differences({
  first,
  second,
  warp,
}: {
  first: ShownPicture
  second: ShownPicture
  warp: Warp
}) {
  const [places, setPlaces] = useState<PicturePoint[]>([])
  const [grey, setGrey] = useState<PicturePoint | null>(null)
  const [choosing, setChoosing] = useState(false)
  const back = useMemo(() => inverse(warp), [warp])
  const inSecond = (at: PicturePoint) => (back ? warped(back, at) : at)
  const greys = useMemo((): Greys | null => {
    if (!grey) return null
    const light = patchLight(patchAt(first, grey))
    const there = patchLight(patchAt(second, back ? warped(back, grey) : grey))
    if (!light || !there) return null
    // The same grey is as light in both: how long each was exposed is taken out too.
    const own = whiteBalance(light)
    const other = whiteBalance(there, levelOf(light))
    return own && other ? { first: own, second: other } : null
  }, [grey, first, second, back])
  const rows = places.flatMap((at) => {
    const one = labsOfPixels(patchAt(first, at), greys?.first)
    const other = labsOfPixels(patchAt(second, inSecond(at)), greys?.second)
    return one.length > 0 && other.length > 0 ? [patchesDiffer(one, other)] : [null]
  })
  const mean = rows.flatMap((row) => row ?? [])
  return (
    <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <PointPicture
        picture={first}
        label={choosing ? 'A grey that is in both' : 'Places to compare'}
        marks={[
          ...places.map((at, i) => ({ at, say: String(i + 1) })),
          ...(grey ? [{ at: grey, say: 'grey' }] : []),
        ]}
        onPoint={(at) => {
          if (choosing) {
            setGrey(at)
            setChoosing(false)
          } else setPlaces([...places, at])
        }}
      />
      <div>
        <p>
          {choosing
            ? 'Choose a place that is grey in truth.'
            : 'Tap a place: how far the second is from the first there.'}
        </p>
        <div className="mt-2 flex flex-wrap gap-2">
          <Button aria-pressed={choosing} onClick={() => setChoosing(!choosing)}>
            {greys ? 'Another grey' : 'Set both by a grey'}
          </Button>
          {places.length > 0 && <Button onClick={() => setPlaces([])}>Start again</Button>}
        </div>
        {grey && !greys && (
          <p className="mt-2 font-semibold text-stop">
            That place is too dark to tell the light by.
          </p>
        )}
        <ol className="mt-3">
          {rows.map((row, i) => (
            <li
              key={`${places[i]?.x} ${places[i]?.y}`}
              className="flex justify-between gap-4 border-t border-rule py-1.5 tabular-nums"
            >
              <span>{i + 1}</span>
              <span>{row ? differs(row) : 'not in the second'}</span>
            </li>
          ))}
        </ol>
        {mean.length > 1 && (
          <p className="mt-2 border-t-2 border-strong pt-2 font-semibold">
            In the mean ΔE00{' '}
            {number(mean.reduce((sum, row) => sum + row.deltaE00, 0) / mean.length, 1)}
          </p>
        )}
        <p className="mt-2 text-sm text-soft">
          {greys
            ? 'Set by a grey: unsure by about ΔE00 2.'
            : 'The light of each picture is still in it: unsure by about ΔE00 5.'}
        </p>
      </div>
    </div>
  )
}

function differs({ deltaE00, lighter }: { deltaE00: number; lighter: number }): string {
  const way =
    Math.abs(lighter) < 0.5
      ? ''
      : `, ${number(Math.abs(lighter), 1)} ${lighter > 0 ? 'lighter' : 'darker'}`
  return `ΔE00 ${number(deltaE00, 1)}${way}`
}
