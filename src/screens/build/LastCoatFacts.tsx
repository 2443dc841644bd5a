import type { LastCoat } from '@/core/stack'
import { cx } from '@/ui/cx'
import { capital } from '../shared/words'

const BECOMES = {
  lost: { word: 'Lost', ink: 'text-risk' },
  fewer: { word: 'Fewer', ink: 'text-note' },
  paler: { word: 'Paler', ink: 'text-note' },
  duller: { word: 'Duller', ink: 'text-soft' },
  brighter: { word: 'Brighter', ink: 'text-soft' },
  sealed: { word: 'Sealed', ink: 'text-act' },
} as const

/** What a clear does to every effect that is seen through it, the newest first. Source: handbook 2.5, N97. */
export function LastCoatFacts({ coat }: { coat: LastCoat }) {
  return (
    <section aria-labelledby="last-coat" className="mb-6">
      <h2 id="last-coat" className="mb-2 font-display text-xl font-semibold">
        What this {coat.sheen} clear does
      </h2>
      {coat.effects.length === 0 ? (
        <p className="text-soft">Nothing lies under it.</p>
      ) : (
        <ul className="border-t border-rule">
          {coat.effects.map((effect) => (
            <li
              key={`${effect.step} ${effect.act}`}
              className="grid grid-cols-[5rem_minmax(0,1fr)] gap-2 border-b border-rule py-1.5"
            >
              <span className={cx('font-semibold', BECOMES[effect.becomes].ink)}>
                {BECOMES[effect.becomes].word}
              </span>
              <span>
                {capital(effect.name)} <span className="text-sm text-soft">{effect.say}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
      {coat.after.length > 0 && (
        <p className="mt-2 text-sm">Better laid after it: the finding on the sample moves them.</p>
      )}
    </section>
  )
}
