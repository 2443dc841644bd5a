'use client'

import { useRouter } from 'next/navigation'
import type { Project } from '@/core/model/project'
import { runningTimers } from '@/core/schedule'
import { DryingLine, type Peg } from '@/ui/DryingLine'
import { useBench } from './BenchContext'
import { useNow } from './now'
import { type NamedItem, useBenchQueue } from './useBenchQueue'

/** The drying line of every screen, joined to the bench. */
export function Line() {
  const { project, parts, log } = useBench()
  const now = useNow(5000)
  const queue = useBenchQueue()
  const router = useRouter()
  const pegs = queue.flatMap((item): Peg[] => {
    const plan = parts.find((one) => one.build === item.build && one.part === item.part)
    const clock = plan?.clocks[0]
    if (!clock) return []
    const span = item.next.readyAt - clock.from
    return [
      {
        id: item.id,
        build: item.buildName,
        part: item.partName,
        act: item.act,
        colour: clock.colour,
        progress: span <= 0 ? 1 : Math.min(1, Math.max(0, (now - clock.from) / span)),
        readyAt: item.next.readyAt,
        closesAt: item.kind === 'closing' ? item.next.closesAt : null,
        kind: item.kind,
        log: pegAct(item, log),
      },
    ]
  })
  return (
    <DryingLine
      pegs={[...potPegs(project, now), ...pegs]}
      now={now}
      onOpen={(id) => router.push(id.startsWith(POT) ? '/' : `/?part=${encodeURIComponent(id)}`)}
    />
  )
}

/** What the ids of pegs begin with that are mixed paint. */
const POT = 'pot '

/** Two-part paint in the cup hangs on the line too: its window closes with its pot life. */
function potPegs(project: Project, now: number): Peg[] {
  return runningTimers(project, now)
    .filter((one) => one.kind === 'pot-life' && one.to > now)
    .map((one) => ({
      id: `${POT}${one.id}`,
      build: 'Mixed two-part paint',
      part: one.name,
      act: 'Spray it, and clean the airbrush',
      colour: null,
      progress: Math.min(1, Math.max(0, (now - one.from) / (one.to - one.from))),
      readyAt: one.from,
      closesAt: one.to,
      kind: 'closing' as const,
      log: null,
    }))
}

/** The act a peg offers: the next coat, or the whole of an act without coats. */
function pegAct(item: NamedItem, log: ReturnType<typeof useBench>['log']): Peg['log'] {
  const place = { build: item.build, part: item.part, step: item.next.step }
  if (item.kind === 'drying') return null
  return item.next.coat === null
    ? {
        say: 'Log it as done',
        run: () => void log(place, { kind: 'finished' }, `${item.partName}: ${item.act} done`),
      }
    : {
        say: `Log coat ${item.next.coat} as done`,
        run: () => void log(place, { kind: 'coat-done' }, `${item.partName}: ${item.act} done`),
      }
}
