'use client'
import { Redo2, Search, Settings, Undo2 } from 'lucide-react'
import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { useStock } from '@/state/hooks'
import { useTurns } from '@/state/useTurns'
import { useRun } from '@/state/writing'
import { cx } from '@/ui/cx'
import { measured, number } from '@/ui/units'
import { isAt, ROOM, SETTINGS } from './screens'

/** Over every screen: the room as it was last read, search, undo and redo, settings. */
export function Bar({ onFind }: { onFind: () => void }) {
  const path = usePathname()
  const run = useRun()
  const { back, again } = useTurns()
  return (
    <header
      data-screen-only
      className="flex min-h-11 min-w-0 items-center gap-1 border-b border-rule bg-ground px-2 sm:col-span-2 sm:pl-4"
    >
      <p className="mr-3 hidden w-[8.5rem] shrink-0 font-display text-2xl font-semibold sm:block">
        Tectoria
      </p>
      <RoomChip here={isAt(ROOM, path)} />
      <span className="grow" />
      <Tool say="Find anything" keys="/" onClick={onFind}>
        <Search className="size-5" aria-hidden="true" />
      </Tool>
      <Tool
        say="Undo"
        what={back ?? 'nothing to undo'}
        disabled={!back}
        onClick={() => void run('undo')}
      >
        <Undo2 className="size-5" aria-hidden="true" />
      </Tool>
      <Tool
        say="Redo"
        what={again ?? 'nothing to redo'}
        disabled={!again}
        onClick={() => void run('redo')}
      >
        <Redo2 className="size-5" aria-hidden="true" />
      </Tool>
      <Link
        href={SETTINGS.href}
        aria-label={SETTINGS.say}
        title={SETTINGS.say}
        aria-current={isAt(SETTINGS, path) ? 'page' : undefined}
        className={cx(TOOL, isAt(SETTINGS, path) && 'border-act text-ink')}
      >
        <Settings className="size-5" aria-hidden="true" />
      </Link>
    </header>
  )
}

/** What the room was when it was last read; it leads to its readings. */
function RoomChip({ here }: { here: boolean }) {
  const { room } = useStock()
  const read = room.reads.at(-1)?.climate
  return (
    <Link
      href={ROOM.href}
      aria-current={here ? 'page' : undefined}
      className={cx(
        'flex min-h-11 items-center gap-2 border-b-4 px-2 whitespace-nowrap',
        here ? 'border-act font-semibold' : 'border-transparent text-soft hover:text-ink',
      )}
    >
      <span className="max-[400px]:sr-only">{ROOM.say}</span>
      {read && (
        <span className="font-semibold text-ink">
          {measured(read.celsius, '°C', 1)} · {number(read.humidity, 0)} %
        </span>
      )}
    </Link>
  )
}

const TOOL =
  'inline-flex size-11 shrink-0 items-center justify-center gap-1.5 border-b-4 border-transparent text-soft hover:text-ink disabled:opacity-40'

function Tool({
  say,
  what,
  keys,
  disabled = false,
  onClick,
  children,
}: {
  say: string
  /** What it would do now. */
  what?: string
  keys?: string
  disabled?: boolean
  onClick: () => void
  children: React.ReactNode
}) {
  return (
    <button
      type="button"
      aria-label={say}
      aria-keyshortcuts={keys}
      aria-description={what}
      title={keys ? `${say} (${keys})` : what ? `${say}: ${what}` : say}
      disabled={disabled}
      onClick={onClick}
      className={TOOL}
    >
      {children}
    </button>
  )
}
