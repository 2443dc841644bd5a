import { useMemo, useState } from 'react'
import { type Allocation, decalPlacesOf, decalsOf, piecesOf, placeEdit } from '@/core/builds'
import { DECAL_FILM_TABLE, dwellSeconds, ladderFor } from '@/core/knowledge'
import type { Build, Part } from '@/core/model/build'
import type { DecalPlace } from '@/core/model/decals'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { Tick } from '@/ui/Tick'
import { DecalPlaceForm } from './DecalPlaceForm'
import { DecalSheets } from './DecalSheets'
import { PartSection } from './PartSection'
import type { EditBuild } from './useBuildEdits'

/** The sheets of a build, where its decals are wanted on a part, and who gets which before anything is wetted. */
export function Decals({ build, part, edit }: { build: Build; part: Part; edit: EditBuild }) {
  const places = decalPlacesOf(build, part)
  const allocation = useMemo(() => decalsOf(build), [build])
  const [adding, setAdding] = useState(false)
  return (
    <PartSection heading="Decals" said={places.length + (build.sheets?.length ?? 0) > 0}>
      <Shortages build={build} allocation={allocation} />
      {places.length > 0 && (
        <ul aria-label="Where decals go" className="mt-2">
          {places.map((place) => (
            <PlaceRow
              key={place.id}
              build={build}
              place={place}
              allocation={allocation}
              onChange={(next, label) => void edit(label, (now) => placeEdit(now, place.id, next))}
            />
          ))}
        </ul>
      )}
      {adding ? (
        <DecalPlaceForm
          key={places.length}
          build={build}
          part={part}
          onSave={(place) =>
            void edit(`Decal wanted: ${place.name}`, (now) => placeEdit(now, place.id, place))
          }
          onClose={() => setAdding(false)}
        />
      ) : (
        <Button size="small" className="mt-2" onClick={() => setAdding(true)}>
          A decal goes here
        </Button>
      )}
      <DecalSheets build={build} left={allocation.left} edit={edit} />
    </PartSection>
  )
}

/** What the sheets are short of, and which places go without. */
function Shortages({ build, allocation: { short } }: { build: Build; allocation: Allocation }) {
  if (short.length === 0) return null
  const name = (id: string) => build.decalPlaces?.find((place) => place.id === id)?.name ?? ''
  return (
    <ul aria-label="Too few decals" className="mt-2">
      {short.map(({ widthMm, heightMm, hand, needed, there, without }) => (
        <li
          key={[widthMm, heightMm, hand].join(' ')}
          className="border-l-4 border-risk bg-risk-wash px-3 py-1.5"
        >
          {widthMm} × {heightMm} mm{hand ? `, ${hand}` : ''}: {needed} wanted, {there} there.{' '}
          <strong>{without.map(name).join(', ')}</strong> {without.length === 1 ? 'goes' : 'go'}{' '}
          without.
        </li>
      ))}
    </ul>
  )
}

/** One place: what goes on it, how it is laid, and whether that is done and looked at. */
function PlaceRow({
  build,
  place,
  allocation,
  onChange,
}: {
  build: Build
  place: DecalPlace
  allocation: Allocation
  onChange: (place: DecalPlace | null, label: string) => void
}) {
  const { sheets = [], zones = [] } = build
  const got = allocation.allotted.find((one) => one.place === place.id)
  const sheet = sheets.find(({ decals }) => decals.some(({ id }) => id === got?.decal))
  const decal = sheet?.decals.find(({ id }) => id === got?.decal)
  const zone = zones.find(({ id }) => id === place.zone)
  const film = sheet?.film ?? 'usual'
  const pieces = piecesOf(Math.max(place.widthMm, place.heightMm), place.lines ?? 0)
  const trim = got?.trim && Math.max(got.trim.width, got.trim.height)
  const ladder = ladderFor(film, place.over ?? 'flat')
  const minutes = ladder.reduce((sum, rung) => sum + rung.minutes, 0)
  const ways = [
    `${Math.round(dwellSeconds(film))} s in water`,
    ...(pieces > 1 ? [`cut it into ${pieces} at the lines`] : []),
    ...(trim ? [`trim ${trim.toFixed(1)} mm a side`] : []),
    ladder.map(({ say }) => say.toLowerCase()).join(', then '),
    `${minutes} min of settling, dry after ${DECAL_FILM_TABLE[film].dries} h`,
  ]
  return (
    <li className="grid gap-x-4 gap-y-1 border-b border-rule py-2 sm:grid-cols-[minmax(0,1fr)_auto]">
      <div className={cx('min-w-0', place.laid && 'text-soft')}>
        <span className="font-semibold">{place.name}</span>
        {zone && <span className="text-soft">, {zone.name.toLowerCase()}</span>}{' '}
        <span className="whitespace-nowrap text-soft">
          {place.widthMm} × {place.heightMm} mm
        </span>
        <p className="text-sm">
          {place.laid
            ? place.looked
              ? 'Laid, and looked at in raking light.'
              : 'Laid. Look at it in raking light once it is dry, before clear.'
            : decal
              ? `${decal.name}: ${ways.join(' · ')}`
              : 'None is left for it.'}
        </p>
      </div>
      <div className="flex flex-wrap items-start gap-2 sm:justify-end">
        <Tick
          on={place.laid === true}
          onTick={(laid) =>
            onChange({ ...place, laid, ...(laid ? {} : { looked: false }) }, `${place.name}: laid`)
          }
        >
          Laid
        </Tick>
        {place.laid && (
          <Tick
            on={place.looked === true}
            onTick={(looked) => onChange({ ...place, looked }, `${place.name}: looked at`)}
          >
            No bubbles
          </Tick>
        )}
        <Button size="small" look="quiet" onClick={() => onChange(null, `Removed: ${place.name}`)}>
          Remove
        </Button>
      </div>
    </li>
  )
}
