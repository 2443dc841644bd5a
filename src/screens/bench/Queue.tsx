'use client'

import { cx } from '@/ui/cx'
import { clockTime, sayFigures } from '@/ui/time'
import { useNow } from '../shared/now'
import type { NamedItem } from '../shared/useBenchQueue'

const SAY = { closing: 'Closing', running: 'In hand', ready: 'Ready', drying: 'Drying' } as const

/** Every part with its next act and its clock, the most pressing first. */
export function Queue({
  items,
  selected,
  onSelect,
}: {
  items: readonly NamedItem[]
  selected: string | null
  onSelect: (id: string) => void
}) {
  const now = useNow(5000)
  return (
    <section aria-labelledby="queue" className="mt-8">
      <h2 id="queue" className="font-display text-xl font-semibold">
        On the bench
      </h2>
      <ul className="mt-2 border-t-2 border-strong">
        {items.map((item) => (
          <li key={item.id} className="border-b border-rule">
            <button
              type="button"
              aria-pressed={item.id === selected}
              onClick={() => onSelect(item.id)}
              className={cx(
                'grid min-h-14 w-full grid-cols-[4.5rem_minmax(0,1fr)_auto] items-center gap-3 px-2 text-left',
                item.id === selected ? 'bg-act-wash' : 'hover:bg-sunk',
              )}
            >
              <span
                className={cx(
                  'text-sm font-semibold',
                  item.kind === 'closing'
                    ? 'text-risk'
                    : item.kind === 'drying'
                      ? 'text-soft'
                      : 'text-act',
                )}
              >
                {SAY[item.kind]}
              </span>
              <span className="min-w-0">
                <span className="block truncate font-semibold">{item.act}</span>
                <span className="block truncate text-sm text-soft">
                  {item.partName} · {item.buildName}
                </span>
              </span>
              <Until item={item} now={now} />
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Until({ item, now }: { item: NamedItem; now: number }) {
  const { readyAt, closesAt } = item.next
  const at = readyAt > now ? readyAt : item.kind === 'closing' ? closesAt : null
  if (at === null) return <span className="text-right font-semibold text-act">now</span>
  return (
    <span className="text-right whitespace-nowrap">
      <span className="block text-xl font-semibold">{sayFigures(at - now)}</span>
      <span className="block text-sm text-soft">
        {readyAt > now ? 'at' : 'until'} {clockTime(at, now)}
      </span>
    </span>
  )
}
