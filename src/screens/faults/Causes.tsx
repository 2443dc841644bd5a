import type { Evidence, RankedCause } from '@/core/faults'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'

/** What is worth so little either way isn't told. */
const TELLS = 1.15

/** Causes, likeliest first, each as wide as it is likely, with what speaks for it and against. */
export function Causes({
  causes,
  onItWas,
}: {
  causes: readonly RankedCause[]
  onItWas: (cause: RankedCause) => void
}) {
  return (
    <ol className="mt-3">
      {causes.map((cause, i) => (
        <li key={cause.id} className="border-t border-rule py-3">
          <div className="relative">
            <div
              aria-hidden="true"
              className={cx(
                'absolute inset-y-0 left-0 rounded-tool',
                i === 0 ? 'bg-act-wash' : 'bg-sunk',
              )}
              style={{ width: `${Math.max(1, cause.probability * 100)}%` }}
            />
            <div className="relative flex items-center justify-between gap-4 px-2 py-1.5">
              <h3
                className={cx(
                  'min-w-0',
                  i === 0 ? 'font-display text-2xl font-semibold' : 'text-lg',
                )}
              >
                {cause.say}
              </h3>
              <span
                className={cx(
                  'shrink-0 whitespace-nowrap tabular-nums',
                  i === 0 ? 'text-2xl font-semibold' : 'text-lg',
                )}
              >
                {share(cause.probability)}
              </span>
            </div>
          </div>
          <ul className="mt-1.5 grid gap-0.5 px-2">
            {cause.evidence
              .filter(({ ratio }) => ratio >= TELLS || ratio <= 1 / TELLS)
              .map((one) => (
                <Speaks key={one.id} {...one} />
              ))}
          </ul>
          <Button size="small" className="mt-1.5 ml-2" onClick={() => onItWas(cause)}>
            It was this
          </Button>
        </li>
      ))}
    </ol>
  )
}

function share(probability: number): string {
  if (probability < 0.01) return 'under 1 %'
  return `${Math.round(probability * 100)} %`
}

/** One thing that was looked at: a plus where it speaks for the cause. */
function Speaks({ say, ratio }: Evidence) {
  const speaksFor = ratio > 1
  return (
    <li className={cx('flex gap-2', !speaksFor && 'text-soft')}>
      <span aria-hidden="true" className="w-4 shrink-0 text-center font-semibold">
        {speaksFor ? '+' : '−'}
      </span>
      <span className="sr-only">{speaksFor ? 'For it:' : 'Against it:'}</span>
      <span className="min-w-0 break-words">{say}</span>
    </li>
  )
}
