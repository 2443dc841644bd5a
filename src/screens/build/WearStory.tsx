import { useState } from 'react'
import { zonesOf } from '@/core/builds'
import { WEAR_EVENT_TABLE } from '@/core/knowledge'
import type { Build, Part } from '@/core/model/build'
import { WEAR_EVENTS } from '@/core/model/vocabulary'
import { withoutOne } from '@/core/model/withoutOne'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import type { EditBuild } from './useBuildEdits'

const STRENGTHS = [
  { value: '0.3', say: 'a little' },
  { value: '0.6', say: 'often' },
  { value: '1', say: 'all the time' },
] as const

type StoryEvents = NonNullable<Build['events']>

/** What happened to the real thing, where and how much: tapped as words, and taken off again. */
export function WearStory({ build, part, edit }: { build: Build; part: Part; edit: EditBuild }) {
  const { events = [], zones = [] } = build
  const [where, setWhere] = useState('')
  const [strength, setStrength] = useState<string>('1')
  const put = (next: (now: StoryEvents) => StoryEvents, label: string) =>
    void edit(label, (now) => {
      const events = next(now.events ?? [])
      return { do: 'set', fields: { events: events.length > 0 ? events : null } }
    })
  const zoneName = (id: string | undefined) =>
    zones.find((zone) => zone.id === id)?.name.toLowerCase() ?? 'all over'
  const much = (of: number | undefined) =>
    STRENGTHS.find(({ value }) => Number(value) >= (of ?? 1))?.say ?? ''
  return (
    <>
      {events.length > 0 && (
        <ul aria-label="What happened to it" className="mb-2 flex flex-wrap gap-2">
          {events.map((event, i) => (
            <li
              // biome-ignore lint/suspicious/noArrayIndexKey: the same may have happened twice
              key={i}
              className="flex items-center gap-2 border-l-4 border-strong bg-raised pl-2.5"
            >
              <span>
                {WEAR_EVENT_TABLE[event.event].say}
                <span className="text-soft">
                  , {zoneName(event.zone)}, {much(event.strength)}
                </span>
              </span>
              <Button
                size="small"
                look="quiet"
                aria-label={`Take out: ${WEAR_EVENT_TABLE[event.event].say}`}
                onClick={() => put((now) => withoutOne(now, event, i), 'Taken out of the story')}
              >
                ×
              </Button>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-44">
          <Choose
            label="Where"
            value={where}
            choices={[
              { value: '', say: 'All over' },
              ...zonesOf(build, part.id).map(({ id, name }) => ({ value: id, say: name })),
            ]}
            onChoose={setWhere}
          />
        </div>
        <div className="w-36">
          <Choose label="How much" value={strength} choices={STRENGTHS} onChoose={setStrength} />
        </div>
        <fieldset className="flex flex-wrap gap-1.5">
          <legend className="mb-1 text-sm font-semibold text-soft">What happened</legend>
          {WEAR_EVENTS.map((event) => (
            <Button
              key={event}
              size="small"
              onClick={() =>
                put(
                  (now) => [
                    ...now,
                    { event, strength: Number(strength), ...(where ? { zone: where } : {}) },
                  ],
                  `Story: ${WEAR_EVENT_TABLE[event].say.toLowerCase()}`,
                )
              }
            >
              {WEAR_EVENT_TABLE[event].say}
            </Button>
          ))}
        </fieldset>
      </div>
    </>
  )
}
