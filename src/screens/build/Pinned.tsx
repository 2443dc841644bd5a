import Link from 'next/link'
import { pinnedSteps, pinsByZone, placeEdit, wantsDecal, wearEdit } from '@/core/builds'
import { PIN_STATE_WORDS, PIN_WORDS } from '@/core/knowledge'
import type { Build } from '@/core/model/build'
import type { PhotoPin, Picture } from '@/core/model/picture'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { Swatch } from '@/ui/Swatch'
import { number } from '@/ui/units'
import { panelHref } from '../shared/panelHref'
import { Thumb } from '../shared/picture/Thumb'
import { stepName } from '../shared/words'
import { PartSection } from './PartSection'
import type { EditBuild } from './useBuildEdits'

/** What was pinned in the pictures of a build, zone by zone, and that put into the steps. */
export function Pinned({
  build,
  pictures,
  isOpen,
  edit,
}: {
  build: Build
  pictures: readonly Picture[]
  isOpen: (step: string) => boolean
  edit: EditBuild
}) {
  const rows = pinsByZone(build, pictures)
  if (rows.length === 0) return null
  const steps = pinnedSteps(build, pictures, isOpen)
  const name = (id: string | null) =>
    build.zones?.find((zone) => zone.id === id)?.name ?? 'No zone said'
  return (
    <PartSection heading="As in the pictures" said>
      <ul aria-label="Pins by zone">
        {rows.map(({ zone, pins }) => (
          <li
            key={zone ?? ''}
            className="grid gap-x-4 border-t border-rule py-2 sm:grid-cols-[9rem_minmax(0,1fr)]"
          >
            <span className="font-semibold">{name(zone)}</span>
            <ul className="grid gap-1.5">
              {pins.map(({ picture, pin }) => (
                <li key={pin.id} className="flex items-center gap-2.5">
                  <Link href={`/pictures?id=${picture.id}`} aria-label={`Open ${picture.name}`}>
                    <Thumb id={picture.id} say="" className="h-11 w-14" />
                  </Link>
                  {pin.tone && <Swatch colour={pin.tone} />}
                  <span className="min-w-0">
                    {PIN_WORDS[pin.effect]}
                    {pin.mm !== undefined && `, ${number(pin.mm, 2)} mm`}
                    <span className="text-soft">
                      , {PIN_STATE_WORDS[pin.state].toLowerCase()}
                      {pin.why && `: ${pin.why}`}
                    </span>
                  </span>
                  <PinWay build={build} zone={zone} pin={pin} edit={edit} />
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
      {steps.length > 0 && (
        <p className="mt-2">
          <Button onClick={() => void edit('Pins put into the plan', wearEdit(steps))}>
            Put the pins into the plan
          </Button>{' '}
          <span className="text-sm text-soft">
            {steps.map(({ step }) => stepName(step).toLowerCase()).join(', ')}
          </span>
        </p>
      )}
    </PartSection>
  )
}

/** What a pin leads to: a decal becomes a place for one, the others are tried on the panel. */
function PinWay({
  build,
  zone: id,
  pin,
  edit,
}: {
  build: Build
  zone: string | null
  pin: PhotoPin
  edit: EditBuild
}) {
  const zone = build.zones?.find((one) => one.id === id)
  if (!zone || pin.state !== 'wanted') return null
  if (!wantsDecal(pin))
    return (
      <Link
        href={panelHref({ build: build.id, part: zone.part, zone: zone.id })}
        className="inline-flex min-h-8 items-center text-sm text-act underline"
      >
        On the panel
      </Link>
    )
  const place = {
    ...{ id: newId(), part: zone.part, zone: zone.id, name: `Decal, ${zone.name}` },
    ...{ widthMm: pin.mm ?? USUAL_DECAL_MM, heightMm: pin.mm ?? USUAL_DECAL_MM },
  }
  return (
    <Button
      size="small"
      onClick={() =>
        void edit(`Decal wanted: ${place.name}`, (now) => placeEdit(now, place.id, place))
      }
    >
      A decal goes here
    </Button>
  )
}

/** So large is a decal that nobody measured. */
const USUAL_DECAL_MM = 5
