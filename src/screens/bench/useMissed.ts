import { useState } from 'react'
import { edgesToPress, placesMissed } from '@/core/builds'
import type { ActStep } from '@/core/model/sequence'
import { useProject, useSay } from '@/state/hooks'
import type { NamedItem } from '../shared/useBenchQueue'
import { listed } from '../shared/words'

/** Places easily missed, ticked one by one; a coat with one open asks once before it is logged. Edges of masks to be pressed ask nothing. */
export type Missed = {
  places: readonly string[]
  /** Zones under masks whose edges are looked at before it is sprayed. */
  edges: readonly string[]
  ticked: ReadonlySet<string>
  tick: (place: string, on: boolean) => void
  /** May it be logged now? Else it was asked, and the next press does it. */
  mayLog: () => boolean
}

const NOTHING: { of: string; ticked: ReadonlySet<string>; asked: boolean } = {
  of: '',
  ticked: new Set(),
  asked: false,
}

/** The places of the act in hand; every coat is ticked anew. Source: handbook 12.2. */
export function useMissed(item: NamedItem, step: ActStep): Missed {
  const project = useProject()
  const say = useSay()
  const [kept, keep] = useState(NOTHING)
  const of = [item.build, item.part, item.next.step, item.next.coat].join(' ')
  const now = kept.of === of ? kept : { ...NOTHING, of }
  const build = project.builds?.find(({ id }) => id === item.build)
  const part = build?.parts.find(({ id }) => id === item.part)
  const edges = build && part ? edgesToPress(build, part, item.next.step) : []
  const places = build ? placesMissed(build, item.part, step) : []
  return {
    places,
    edges,
    ticked: now.ticked,
    tick: (place, on) => {
      const ticked = new Set(now.ticked)
      if (on) ticked.add(place)
      else ticked.delete(place)
      keep({ ...now, ticked })
    },
    mayLog: () => {
      const open = places.filter((place) => !now.ticked.has(place))
      if (open.length === 0 || now.asked) return true
      keep({ ...now, asked: true })
      say(`Not ticked: ${listed(open)}. Once more, and it is logged all the same`)
      return false
    },
  }
}
