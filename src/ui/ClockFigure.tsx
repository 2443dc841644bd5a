import { cx } from './cx'
import { clockTime, figures, sayFigures } from './time'

/** A clock in large tabular figures: what remains, and the time of day at which it is over. */
export function ClockFigure({
  at,
  now,
  label,
  over,
  large,
  closing,
}: {
  at: number
  now: number
  label: string
  /** What to say when it is over. */
  over: string
  large?: boolean
  closing?: boolean
}) {
  const left = at - now
  return (
    <div className="min-w-0">
      <p className="text-sm font-semibold text-soft">{label}</p>
      {left <= 0 ? (
        <p className={cx('font-display font-semibold text-act', large ? 'text-5xl' : 'text-2xl')}>
          {over}
        </p>
      ) : (
        <p
          className={cx(
            'flex items-baseline gap-1.5 font-semibold whitespace-nowrap',
            large ? 'text-6xl' : 'text-2xl',
            closing && 'closing text-risk',
          )}
        >
          {figures(left).map(({ value, unit }) => (
            <span key={unit}>
              {value}
              <span className={cx('ml-0.5 font-normal', large ? 'text-2xl' : 'text-base')}>
                {unit}
              </span>
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
