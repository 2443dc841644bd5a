import { Tick } from '@/ui/Tick'
import type { Missed } from './useMissed'

/** What is looked at before a coat is logged: places easily missed, and edges of masks. Nothing where neither is said. */
export function MissedPlaces({ missed }: { missed: Missed }) {
  return (
    <>
      <Ticks legend="Is its mask pressed down" places={missed.edges} of="edge" missed={missed} />
      <Ticks legend="Is there paint" places={missed.places} of="" missed={missed} />
    </>
  )
}

function Ticks({
  legend,
  places,
  of,
  missed: { ticked, tick },
}: {
  legend: string
  places: readonly string[]
  /** What of the place is ticked, where one has two things to look at. */
  of: string
  missed: Missed
}) {
  if (places.length === 0) return null
  return (
    <fieldset className="mb-3">
      <legend className="text-soft">{legend}</legend>
      <div className="flex flex-wrap gap-x-6">
        {places.map((place) => {
          const name = `${of} ${place}`.trim()
          return (
            <Tick
              key={place}
              size="bench"
              className="min-h-11 text-lg"
              on={ticked.has(name)}
              onTick={(on) => tick(name, on)}
            >
              {place}
            </Tick>
          )
        })}
      </div>
    </fieldset>
  )
}
