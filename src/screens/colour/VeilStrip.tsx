import type { VeilStep } from '@/core/colour'
import { cx } from '@/ui/cx'
import { number } from '@/ui/units'
import { Surround } from './Judged'

/** A pass on the strip: its look once dry, and while it is wet. */
export type ShownPass = VeilStep & { wet: string; name: string }

/** The face, and it after each pass: dry above, wet below. */
export function VeilStrip({
  face,
  passes,
  nearest,
}: {
  face: string
  passes: readonly ShownPass[]
  /** Index of the pass to stop after; null: nothing is aimed at. */
  nearest: number | null
}) {
  return (
    <div className="relative overflow-x-auto">
      <div className="min-w-[34rem]">
        <Surround>
          <div className="flex h-20" aria-hidden="true">
            <span className="flex-1" style={{ background: face }} />
            {passes.map(({ veil, pass, colour }) => (
              <span key={`${veil} ${pass}`} className="flex-1" style={{ background: colour }} />
            ))}
          </div>
          <div className="mt-1.5 flex h-8" aria-hidden="true">
            <span className="flex-1" style={{ background: face }} />
            {passes.map(({ veil, pass, wet }) => (
              <span key={`${veil} ${pass}`} className="flex-1" style={{ background: wet }} />
            ))}
          </div>
        </Surround>
        <ol className="flex px-5" aria-label="The face after each pass">
          <li className="flex-1 pt-1.5 text-sm text-soft">bare</li>
          {passes.map(({ veil, pass, name, colour, wet, fromFace, toTarget }, i) => (
            <li
              key={`${veil} ${pass}`}
              className={cx(
                'min-w-0 flex-1 border-t-4 pt-0.5 pr-1 text-sm',
                nearest === i ? 'border-act font-semibold' : 'border-transparent text-soft',
              )}
            >
              <span className="block truncate">{pass === 1 ? name : '\u00a0'}</span>
              <span className="sr-only">
                pass {pass}: {colour}, wet {wet},
              </span>
              <span aria-hidden="true">{pass}</span>
              <span className="block">
                <span className="sr-only">ΔE00 from the face </span>
                {number(fromFace, 1, true)}
              </span>
              {toTarget !== null && (
                <span className="block">
                  <span className="sr-only">ΔE00 from the aim </span>
                  {number(toTarget, 1, true)}
                </span>
              )}
            </li>
          ))}
        </ol>
      </div>
    </div>
  )
}
