import { useDraggable } from '@dnd-kit/core'
import { Pin } from 'lucide-react'
import type { EveningBlock } from '@/core/schedule'
import { useProject } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { clockTime, sayFigures } from '@/ui/time'
import { coatsSaid, namesOf, partsNamed } from '../../shared/names'
import { listed } from '../../shared/words'

/** Between two acts of an evening, a wait shorter than this isn't told, ms. */
const SHORT = 90_000
/** A block is as high as it takes long, within what can be read and what leaves room for others, px. */
const HEIGHT = { least: 44, most: 132, perMinute: 1.6 }

/** What is done in one go: its colour, its name, its parts, from when, and its window. */
export function Block({
  block,
  pause,
  chosen,
  tabbed,
  pinned,
  onChoose,
  onKey,
  now,
}: {
  block: EveningBlock
  /** Since the block before it, ms. */
  pause: number
  chosen: boolean
  /** It is the one that Tab comes to in its evening. */
  tabbed: boolean
  pinned: boolean
  onChoose: () => void
  onKey: (event: React.KeyboardEvent) => void
  now: number
}) {
  const project = useProject()
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id: block.id })
  const [first] = block.acts
  if (!first) return null
  const { act, colour, build } = namesOf(project, first)
  const parts = listed(block.acts.map(({ build, parts }) => partsNamed(project, build, parts)))
  const minutes = block.acts.reduce((sum, { minutes }) => sum + minutes, 0)
  const name = `${act}${coatsSaid(project, first)}`
  const window =
    block.window &&
    `, from ${clockTime(block.window.opens, now)} until ${clockTime(block.window.closes, now)} at the latest`
  const said = `${name}, ${parts}, ${clockTime(block.from, now)} to ${clockTime(block.to, block.to)}${window ?? ''}${pinned ? ', kept there' : ''}`
  return (
    <li>
      {pause > SHORT && (
        <p className="border-l-4 border-dotted border-rule py-1 pl-2 text-sm text-soft">
          {sayFigures(pause)} to flash off
        </p>
      )}
      {first.cleanOutBefore && <p className="py-1 pl-3 text-sm text-soft">Clean the airbrush</p>}
      <button
        ref={setNodeRef}
        type="button"
        {...listeners}
        data-block={block.id}
        tabIndex={tabbed ? 0 : -1}
        aria-pressed={chosen}
        onClick={onChoose}
        onKeyDown={onKey}
        className={cx(
          'my-px grid w-full cursor-grab touch-pan-x touch-pan-y grid-cols-[1.125rem_minmax(0,1fr)] bg-raised text-left leading-tight',
          chosen ? 'outline-3 -outline-offset-2 outline-act' : 'hover:bg-plate',
          isDragging && 'relative z-30 opacity-80 shadow-xl',
        )}
        style={{
          minHeight: Math.min(HEIGHT.most, Math.max(HEIGHT.least, minutes * HEIGHT.perMinute)),
          transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
        }}
      >
        <span
          aria-hidden="true"
          className="border-r border-ink/30 bg-surround"
          style={colour ? { background: colour } : undefined}
        />
        <span className="sr-only">{said}</span>
        <span aria-hidden="true" className="px-2 py-1">
          <span className="flex items-baseline justify-between gap-2">
            <span className="font-semibold">{name}</span>
            <span className="shrink-0 text-sm">
              {clockTime(block.from, block.from)}
              {pinned && <Pin className="ml-1 inline size-3.5 fill-current" aria-hidden="true" />}
            </span>
          </span>
          <span className="block text-sm text-soft">
            {parts} · {build}
          </span>
          {block.window && <Window window={block.window} at={block.from} />}
        </span>
      </button>
    </li>
  )
}

/** The window of an act with both its ends, and where in it the act lies. */
function Window({
  window: { opens, closes },
  at,
}: {
  window: NonNullable<EveningBlock['window']>
  at: number
}) {
  const share = closes > opens ? Math.min(1, Math.max(0, (at - opens) / (closes - opens))) : 0
  return (
    <span className="mt-1 block text-sm text-risk">
      {clockTime(opens, at)} to {clockTime(closes, at)}
      <span
        aria-hidden="true"
        className="relative mt-0.5 block h-1.5 border-x-2 border-b-2 border-risk"
      >
        <span
          className="absolute -top-1 h-2.5 w-1 -translate-x-1/2 bg-risk"
          style={{ left: `${share * 100}%` }}
        />
      </span>
    </span>
  )
}
