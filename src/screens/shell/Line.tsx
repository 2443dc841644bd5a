'use client'

import { useRouter } from 'next/navigation'
import { DryingLine, type Peg } from '@/ui/DryingLine'
import { useBench } from './BenchContext'
import { useNow } from './now'
import { type NamedItem, useBenchQueue } from './useBenchQueue'

/** The drying line of every screen, joined to the bench. */
export function Line() {
  const { parts, log } = useBench()
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
      pegs={pegs}
      now={now}
      onOpen={(id) => router.push(`/?part=${encodeURIComponent(id)}`)}
    />
  )
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
