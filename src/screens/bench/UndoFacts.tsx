import type { UndoNow } from '@/core/builds'
import { solventRow } from '@/core/knowledge'
import { gentlest } from '@/core/stack'
import { clockTime, sayFigures } from '@/ui/time'
import { capital, TOUCH_WORDS } from '../shared/words'

/** How many ways are told: the gentlest ones. */
const SHOWN = 3

/** What takes the newest film off again and leaves the one under it, and until when. Source: handbook 2.3; N91, N92. */
export function UndoFacts({ undo, now }: { undo: UndoNow; now: number }) {
  // A way whose time is over is none any more, however long ago the part was reckoned.
  const ways = undo.ways.filter(({ until }) => until === null || until > now)
  const under = undo.leaves.length > 0 ? undo.leaves[undo.leaves.length - 1] : 'the bare part'
  return (
    <section aria-labelledby="undo-map" className="mt-6 border-t border-rule pt-4">
      <h3 id="undo-map" className="text-sm font-semibold text-soft">
        Taking {undo.name} off again, leaving {under}
      </h3>
      {ways.length === 0 ? (
        <p className="mt-1">No solvent does it now: sand it off, or paint over it.</p>
      ) : (
        <ul className="mt-1 grid gap-x-8 sm:grid-cols-2">
          {gentlest(ways, SHOWN).map((way) => (
            <li
              key={way.solvent}
              className="flex items-baseline justify-between gap-3 border-b border-rule py-1"
            >
              <span>
                <span className="font-semibold">{capital(solventRow(way.solvent).name)}</span>{' '}
                {TOUCH_WORDS[way.touch]}
                {way.under === 's' && <span className="text-soft">, one light pass</span>}
              </span>
              <span className="text-right text-sm whitespace-nowrap">
                {way.until === null
                  ? 'at any time'
                  : `until ${clockTime(way.until, now)}, ${sayFigures(way.until - now)}`}
              </span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-1 text-sm text-soft">
        The face bears {undo.rubs} rubs an hour on one place, its edges half. Overspray:{' '}
        {undo.overspray}.
      </p>
    </section>
  )
}
