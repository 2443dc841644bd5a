import { useState } from 'react'
import type { Bottle } from '@/core/model/bottle'
import type { StoredMix } from '@/core/model/mix'
import { cx } from '@/ui/cx'
import { Swatch } from '@/ui/Swatch'
import { familyName, plain } from '../shared/words'

/** What is taken from the tray. */
export type TrayPaint = { is: 'bottle'; bottle: Bottle } | { is: 'mix'; mix: StoredMix }

/** What is dragged from the tray is known by this. */
export const PAINT_DRAG = 'application/x-tectoria-paint'

/** From so many on, the tray can be narrowed. */
const MANY = 9

/** Bottles and saved mixes as what they look like: narrowed as is typed, taken by a tap, or dragged onto the core. */
export function BottleTray({
  bottles,
  mixes,
  chosen,
  onTake,
}: {
  bottles: readonly Bottle[]
  mixes: readonly StoredMix[]
  /** The id of what is taken now. */
  chosen?: string | undefined
  onTake: (paint: TrayPaint) => void
}) {
  const [typed, setTyped] = useState('')
  const sought = typed.trim().toLowerCase()
  const tiles = [
    ...bottles.map((bottle) => ({
      id: bottle.id,
      name: bottle.name,
      colour: bottle.colour,
      of: bottle.sheen
        ? `${plain(bottle.sheen)} ${familyName(bottle.family).toLowerCase()}`
        : familyName(bottle.family),
      paint: { is: 'bottle', bottle } as TrayPaint,
    })),
    ...mixes.map((mix) => ({
      id: mix.id,
      name: mix.name,
      colour: mix.colour,
      of: 'Saved mix',
      paint: { is: 'mix', mix } as TrayPaint,
    })),
  ]
  const shown = tiles.filter(({ name, of }) => `${name} ${of}`.toLowerCase().includes(sought))
  return (
    <div>
      {tiles.length >= MANY && (
        <input
          type="search"
          aria-label="Narrow the bottles"
          placeholder="Narrow them: name or family"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => {
            const [first] = shown
            if (event.key !== 'Enter' || !first) return
            event.preventDefault()
            onTake(first.paint)
          }}
          className="control mb-2 min-h-11 w-full px-2.5"
        />
      )}
      <ul className="grid max-h-72 grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-1 overflow-y-auto">
        {shown.map(({ id, name, colour, of, paint }) => (
          <li key={id}>
            <button
              type="button"
              draggable
              aria-pressed={chosen === undefined ? undefined : id === chosen}
              onDragStart={(event) => event.dataTransfer.setData(PAINT_DRAG, id)}
              onClick={() => onTake(paint)}
              className={cx(
                'flex min-h-12 w-full items-center gap-2 rounded-tool p-1 text-left hover:bg-plate',
                id === chosen && 'bg-act-wash shadow-[inset_0_-3px_0_var(--act)]',
              )}
            >
              <Swatch colour={colour} />
              <span className="min-w-0 leading-tight">
                <span className="line-clamp-2 break-words font-semibold">{name}</span>
                <span className="block truncate text-sm text-soft">{of}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
      {shown.length === 0 && <p className="py-2 text-sm text-soft">No bottle matches.</p>}
    </div>
  )
}
