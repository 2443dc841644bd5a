'use client'
import { useState } from 'react'
import { familyRow } from '@/core/knowledge'
import type { StoredMix } from '@/core/model/mix'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { figures } from '@/ui/time'
import { about } from '@/ui/units'
import { isWithin, numberOf } from '../shared/fieldText'

/** What is left over of a mix: how much, how old, and how often it was wetted again. */
export function LeftOver({ mix }: { mix: StoredMix }) {
  const run = useRun()
  const [typed, setTyped] = useState('')
  const left = numberOf(typed)
  const good = isWithin(left, 0, 10_000)
  const write = (fields: Partial<StoredMix>, say: string) =>
    void run('changeMix', mix.id, fields, say)
  if (!mix.leftMl)
    return (
      <form
        noValidate
        aria-label={`Left over of ${mix.name}`}
        className="flex items-start gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          if (good && typed.trim() !== '') write({ leftMl: left }, `${left} ml of ${mix.name} kept`)
        }}
      >
        <div className="w-24">
          <TextField
            label="Left over"
            hideLabel
            inputMode="decimal"
            placeholder="ml left"
            value={typed}
            error={typed !== '' && !good ? 'Enter ml' : null}
            onChange={(event) => setTyped(event.target.value)}
          />
        </div>
        <Button type="submit" disabled={!good || typed.trim() === ''}>
          Save
        </Button>
      </form>
    )
  const rewetted = mix.rewetted ?? []
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="text-sm">
        <strong>{about(mix.leftMl, 'ml', 2)} left</strong>, {age(mix)}
        {rewetted.length > 0 && `, wetted again ${rewetted.length} ×`}
      </span>
      {mix.family && familyRow(mix.family).rewets && (
        <Button
          size="small"
          onClick={() =>
            write({ rewetted: [...rewetted, new Date().toISOString()] }, `Wetted ${mix.name} again`)
          }
        >
          Wetted again
        </Button>
      )}
      <Button size="small" onClick={() => write({ leftMl: 0 }, `${mix.name} is used up`)}>
        Used up
      </Button>
    </div>
  )
}

/** How old it is, in its largest unit. */
function age({ at }: StoredMix): string {
  const [largest] = figures(Math.max(0, Date.now() - Date.parse(at)))
  return largest ? `${largest.value} ${largest.unit} old` : 'new'
}
