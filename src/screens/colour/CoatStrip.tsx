import { type Covering, hexOf } from '@/core/colour'
import { coatsWord } from '@/core/model/counted'
import { cx } from '@/ui/cx'
import { number } from '@/ui/units'
import { Surround } from './Judged'

/** A colour over a surface as a stepped strip: the bare surface, then one coat more at each step. */
export function CoatStrip({ ground, covering }: { ground: string; covering: Covering }) {
  const { toCover } = covering
  const steps = covering.coats.map((lab, i) => ({
    count: i + 1,
    colour: hexOf(lab),
    off: number(covering.deltaE00[i] as number, 1, true),
  }))
  return (
    <>
      <Surround>
        <div className="flex h-16" aria-hidden="true">
          {[{ count: 0, colour: ground }, ...steps].map(({ count, colour }) => (
            <span key={count} className="flex-1" style={{ background: colour }} />
          ))}
        </div>
      </Surround>
      <ol className="flex px-5" aria-label={`Coats over ${ground}`}>
        <li className="flex-1 pt-1.5 text-sm text-soft">bare</li>
        {steps.map(({ count, colour, off }) => (
          <li
            key={count}
            className={cx(
              'flex-1 border-t-4 pt-0.5 text-sm',
              toCover === count
                ? 'border-act font-semibold text-ink'
                : 'border-transparent text-soft',
            )}
          >
            {count}
            <span className="sr-only"> coats: {colour},</span>
            <span className="block">
              <span className="sr-only">ΔE00 </span>
              {off}
            </span>
          </li>
        ))}
      </ol>
    </>
  )
}

/** When it covers, in words. */
export function sayCover({ toCover }: Covering): string {
  if (toCover === null) return 'Never covers: choose another surface under it.'
  return `Covers in ${coatsWord(toCover)}.`
}
