import { cx } from './cx'

/** What stands in a cup: so much of it, in its colour. */
export type CupFill = { name: string; ml: number; colour?: string | null }

/** A cup with what is in it, layer on layer, the first at the bottom; as full as its layers are of the whole. */
export function Cup({
  layers,
  ofMl,
  className,
}: {
  layers: readonly CupFill[]
  /** What the cup holds; left out: a little more than is in it. */
  ofMl?: number
  className?: string
}) {
  const total = layers.reduce((sum, { ml }) => sum + ml, 0)
  const holds = ofMl ?? total * 1.15
  let level = 0
  return (
    <div
      aria-hidden="true"
      className={cx(
        'relative min-h-24 shrink-0 overflow-hidden rounded-b-[22%] border-4 border-t-0 border-strong bg-sunk',
        className,
      )}
    >
      {layers.map(({ name, ml, colour }, i) => {
        const from = level
        level += ml
        return (
          <div
            key={name}
            className={cx(
              'absolute inset-x-0 border-t-2 border-ink/50 transition-[bottom,height] duration-300',
              !colour && (i === 0 ? 'bg-ink/55' : 'bg-ink/15'),
            )}
            style={{
              bottom: `${(from / holds) * 100}%`,
              height: `${(ml / holds) * 100}%`,
              ...(colour ? { background: colour } : {}),
            }}
          />
        )
      })}
    </div>
  )
}
