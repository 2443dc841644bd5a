import { ClosingPulse } from './ClosingPulse'
import { cx } from './cx'
import { clockTime, figures, sayFigures } from './time'

const SIZES = {
  normal: { over: 'text-2xl', figure: 'text-2xl', unit: 'text-base' },
  large: { over: 'text-5xl', figure: 'text-6xl', unit: 'text-2xl' },
  huge: {
    over: 'text-[clamp(4.5rem,15vw,13rem)] leading-none',
    figure: 'text-[clamp(4.5rem,15vw,13rem)] leading-none tracking-tight',
    unit: 'text-[clamp(1.5rem,4vw,3.5rem)]',
  },
} as const

/** A clock in large tabular figures: what remains, and the time of day at which it is over. */
export function ClockFigure({
  at,
  now,
  label,
  over,
  size = 'normal',
  closing,
}: {
  at: number
  now: number
  label: string
  /** What to say when it is over. */
  over: string
  /** `large`: to be read from a metre; `huge`: from across the room. */
  size?: keyof typeof SIZES
  closing?: boolean
}) {
  const left = at - now
  return (
    <div className="min-w-0">
      <p className="text-sm font-semibold text-soft">{label}</p>
      {left <= 0 ? (
        <p className={cx('font-display font-semibold text-act', SIZES[size].over)}>{over}</p>
      ) : (
        <p
          className={cx(
            'relative isolate flex w-max items-baseline gap-1.5 font-semibold whitespace-nowrap',
            SIZES[size].figure,
            closing && 'text-risk',
          )}
        >
          {closing && <ClosingPulse left={left} />}
          {figures(left).map(({ value, unit }) => (
            <span key={unit}>
              {value}
              <span className={cx('ml-0.5 font-normal', SIZES[size].unit)}>{unit}</span>
            </span>
          ))}
        </p>
      )}
      <p className="text-soft">
        <span className="sr-only">{left > 0 ? `${sayFigures(left)} left, ` : ''}</span>
        {left > 0 ? 'until' : 'since'}{' '}
        <time dateTime={new Date(at).toISOString()}>{clockTime(at, now)}</time>
      </p>
    </div>
  )
}
