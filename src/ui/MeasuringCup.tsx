import { Cup } from './Cup'
import { about, measured, number } from './units'

/** One layer in the cup. */
export type CupLayer = {
  name: string
  ml: number
  drops: number
  percentOfMix: number
  colour: string | null
  /** What that weighs; left out where nothing tells. */
  grams?: number | undefined
}

/** A mix as filled layers in the cup in use: drops and ml at each fill line, the first ingredient at the bottom. */
export function MeasuringCup({
  layers,
  fillMl,
  cupMl,
  fills,
  rounded,
}: {
  layers: readonly CupLayer[]
  fillMl: number
  cupMl: number | null
  fills: number
  rounded: boolean
}) {
  const size = cupMl ?? niceSize(fillMl)
  const total = layers.reduce((sum, layer) => sum + layer.ml, 0)
  let level = 0
  const marks = layers.map((layer) => {
    const from = level
    level += total === 0 ? 0 : (layer.ml / total) * fillMl
    return { ...layer, from, to: level }
  })
  const y = (ml: number) => `${100 - (Math.min(ml, size) / size) * 100}%`
  return (
    <div className="flex flex-col gap-4 sm:flex-row">
      <div className="relative h-72 w-36 shrink-0">
        <Cup
          className="h-full w-full"
          ofMl={size}
          layers={marks.map(({ name, from, to, colour }) => ({ name, ml: to - from, colour }))}
        />
        {[0.25, 0.5, 0.75, 1].map((share) => (
          <span
            key={share}
            className="absolute right-0 flex translate-x-[calc(100%+6px)] -translate-y-1/2 items-center text-sm text-soft"
            style={{ top: y(size * share) }}
          >
            <span className="mr-1 h-px w-3 bg-strong" />
            {about(size * share, 'ml', 2)}
          </span>
        ))}
      </div>
      <ol className="flex sm:ml-20 min-w-0 flex-1 flex-col-reverse justify-start gap-3">
        {marks.map((mark) => (
          <li key={mark.name} className="border-l-4 border-strong pl-3">
            <p className="truncate font-semibold">{mark.name}</p>
            <p className="text-2xl font-semibold whitespace-nowrap">
              {rounded ? Math.round(mark.drops) : number(mark.drops, 1, true)}
              <span className="ml-1 text-base font-normal">drops</span>
            </p>
            <p className="text-soft">
              {measured(mark.ml, 'ml', 2)} in all
              {mark.grams === undefined ? '' : ` (${measured(mark.grams, 'g', 2)})`} ·{' '}
              {number(mark.percentOfMix, 0, true)}&nbsp;% of the mix
            </p>
            <p className="text-soft">
              Fill to {measured(mark.to, 'ml', 2)}
              {fills > 1 ? ' each time' : ''}
            </p>
          </li>
        ))}
      </ol>
    </div>
  )
}

function niceSize(ml: number): number {
  return [2, 5, 7, 9, 15, 30, 60, 120].find((size) => size >= ml) ?? Math.ceil(ml)
}
