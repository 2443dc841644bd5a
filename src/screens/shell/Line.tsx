'use client'
import { useRouter } from 'next/navigation'
import type { Project } from '@/core/model/project'
import { runningTimers } from '@/core/schedule'
import type { StockState } from '@/core/stock'
import { useParts, useProject, useStock } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { DryingLine, type Peg } from '@/ui/DryingLine'
import { useNow } from '../shared/now'
import { type NamedItem, useBenchQueue } from '../shared/useBenchQueue'
import { type OutlineOf, useOutlines } from '../shared/useOutlines'

/** The drying line of every screen, joined to the bench. */
export function Line() {
  const stock = useStock()
  const project = useProject()
  const parts = useParts()
  const run = useRun()
  const now = useNow(5000)
  const queue = useBenchQueue()
  const router = useRouter()
  const outlineOf = useOutlines()
  const pegs = queue.flatMap((item): Peg[] => {
    const plan = parts.find((part) => part.build === item.build && part.part === item.part)
    const film = plan?.clocks[0]
    // Filler that sets keeps the next act back as a film does.
    const clock = plan?.setting ? { from: plan.setting.from, colour: film?.colour ?? null } : film
    if (!clock) return []
    const span = item.next.readyAt - clock.from
    return [
      {
        id: item.id,
        build: item.buildName,
        part: item.partName,
        act: item.act,
        colour: clock.colour,
        outline: outlineAt(project, item, outlineOf),
        progress: span <= 0 ? 1 : Math.min(1, Math.max(0, (now - clock.from) / span)),
        readyAt: item.next.readyAt,
        closesAt: item.kind === 'closing' ? item.next.closesAt : null,
        kind: item.kind,
        log: pegAct(item, run),
      },
    ]
  })
  return (
    <DryingLine
      pegs={[...potPegs(stock, now), ...pegs]}
      now={now}
      onOpen={(id) => router.push(id.startsWith(POT) ? '/' : `/?part=${encodeURIComponent(id)}`)}
    />
  )
}

/** The outline of a part of the queue. */
function outlineAt(
  { builds = [], meshes = [] }: Project,
  item: NamedItem,
  outlineOf: OutlineOf,
): Peg['outline'] {
  const build = builds.find(({ id }) => id === item.build)
  const part = build?.parts.find(({ id }) => id === item.part)
  return part ? outlineOf(part, meshes) : null
}

/** What the ids of pegs begin with that are mixed paint. */
const POT = 'pot '

/** Two-part paint in the cup hangs on the line too: its window closes with its pot life. */
function potPegs(stock: StockState, now: number): Peg[] {
  return runningTimers(stock, now)
    .filter((timer) => timer.kind === 'pot-life' && timer.to > now)
    .map((timer) => ({
      id: `${POT}${timer.id}`,
      build: 'Mixed two-part paint',
      part: timer.name,
      act: 'Spray it, and clean the airbrush',
      colour: null,
      outline: null,
      progress: Math.min(1, Math.max(0, (now - timer.from) / (timer.to - timer.from))),
      readyAt: timer.from,
      closesAt: timer.to,
      kind: 'closing' as const,
      log: null,
    }))
}

/** The act a peg offers: the next coat, or the whole of an act without coats. */
function pegAct(item: NamedItem, run: ReturnType<typeof useRun>): Peg['log'] {
  const place = { build: item.build, part: item.part, step: item.next.step }
  if (item.kind === 'drying') return null
  const { coat } = item.next
  const say = `${item.partName}: ${item.act} done`
  return coat === null
    ? {
        say: 'Log it as done',
        run: () => void run('logAct', place, { kind: 'finished' }, { coat: null }, say),
      }
    : {
        say: `Log coat ${coat} as done`,
        run: () => void run('logAct', place, { kind: 'coat-done' }, { coat }, say),
      }
}
