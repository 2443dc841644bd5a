'use client'

import { useState } from 'react'
import type { Act } from '@/core/model/vocabulary'
import { Button } from '@/ui/Button'
import { actName } from '../shared/words'
import { ACT_GROUPS } from './acts'

/** Chooses an act and lays it on top of the sample, or above the chosen step. */
export function AddStep({ onAdd }: { onAdd: (act: Act) => void }) {
  const [act, setAct] = useState<Act>('prime')
  return (
    <form
      className="flex gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        onAdd(act)
      }}
    >
      <select
        aria-label="Act to add"
        value={act}
        onChange={(event) => setAct(event.target.value as Act)}
        className="min-h-11 rounded-tool border-2 border-strong bg-raised px-2"
      >
        {ACT_GROUPS.map((group) => (
          <optgroup key={group.name} label={group.name}>
            {group.acts.map((act) => (
              <option key={act} value={act}>
                {actName(act)}
              </option>
            ))}
          </optgroup>
        ))}
      </select>
      <Button type="submit">Add step</Button>
    </form>
  )
}
