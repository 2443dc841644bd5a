import type { Missed } from './useMissed'

/** Places easily missed, to be ticked before a coat is logged. Nothing where none are said. */
export function MissedPlaces({ missed: { places, ticked, tick } }: { missed: Missed }) {
  if (places.length === 0) return null
  return (
    <fieldset className="mb-3">
      <legend className="text-soft">Is there paint</legend>
      <div className="flex flex-wrap gap-x-6">
        {places.map((place) => (
          <label key={place} className="flex min-h-11 items-center gap-2.5 text-lg">
            <input
              type="checkbox"
              className="size-6"
              checked={ticked.has(place)}
              onChange={({ target }) => tick(place, target.checked)}
            />
            {place}
          </label>
        ))}
      </div>
    </fieldset>
  )
}
