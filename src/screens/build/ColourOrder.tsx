import { useMemo } from 'react'
import { type ColourOrderOf, colourOrder } from '@/core/builds'
import type { Build, Part } from '@/core/model/build'
import { Swatch } from '@/ui/Swatch'
import { sayFigures } from '@/ui/time'

/** Which colour of a part goes on when, and what is masked for it; nothing where it has no two colours that meet. */
export function ColourOrder({ build, part }: { build: Build; part: Part }) {
  const found = useMemo(() => colourOrder(build, part), [build, part])
  if (!found) return null
  const { plan, planned } = found
  const more = planned.minutes - plan.minutes
  return (
    <section className="mt-4">
      <h3 className="font-semibold">Which colour first</h3>
      <ol
        aria-label="Colours in the quickest order"
        className="mt-1 flex flex-wrap gap-x-6 gap-y-2"
      >
        {plan.order.map((colour, i) => (
          <Pass key={colour} nth={i + 1} colour={colour} found={found} />
        ))}
      </ol>
      <p className="mt-1 max-w-prose text-sm text-soft">
        {say(plan.minutes)} with masks, coats and flushing.{' '}
        {more > 0.5
          ? `As your steps stand it takes ${say(more)} more.`
          : plan.second
            ? `Your steps have this order; the next best takes ${say(plan.second.minutes - plan.minutes)} more.`
            : ''}
      </p>
    </section>
  )
}

/** One colour, and what is under masks while it goes on. */
function Pass({ nth, colour, found }: { nth: number; colour: number; found: ColourOrderOf }) {
  const { colours, zones, plan } = found
  const own = zones
    .filter((one) => one.colour === colour)
    .map(({ zone }) => zone.name.toLowerCase())
  const masks = plan.masks.filter((mask) => mask.colour === colour)
  return (
    <li className="flex items-center gap-2">
      <span className="text-soft">{nth}</span>
      <Swatch colour={colours[colour]} />
      <span>
        <span className="block leading-tight">
          {own.length > 3
            ? `${own.slice(0, 2).join(', ')} and ${own.length - 2} more`
            : own.join(', ')}
        </span>
        <span className="block text-sm text-soft">
          {masks.length === 0
            ? 'no mask'
            : `mask ${masks
                .map(
                  ({ zone, mm, stays }) =>
                    `${zones[zone]?.zone.name.toLowerCase()}, ${Math.round(mm)} mm${stays ? ' (leave it on)' : ''}`,
                )
                .join('; ')}`}
        </span>
      </span>
    </li>
  )
}

function say(minutes: number): string {
  return sayFigures(minutes * 60_000)
}
