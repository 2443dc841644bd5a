'use client'

import { useEffect, useState } from 'react'
import { TextField } from '@/ui/Field'
import { colourOf } from './address'

/** A colour typed as #RRGGBB or chosen by eye. What is typed counts as soon as it reads. */
export function ColourField({
  label,
  value,
  onChange,
}: {
  label: string
  value: string
  onChange: (colour: string) => void
}) {
  const [text, setText] = useState(value)
  // What is typed stays as long as it means the colour: "dark red" isn’t cut short at "dark".
  useEffect(() => setText((typed) => (colourOf(typed) === value ? typed : value)), [value])
  const wrong = colourOf(text) === null
  return (
    <div className="flex items-end gap-2">
      <input
        type="color"
        aria-label={`${label}, chosen by eye`}
        value={value.toLowerCase()}
        onChange={(event) => onChange(event.target.value.toUpperCase())}
        className="h-11 w-14 shrink-0 cursor-pointer rounded-tool border-2 border-strong bg-surround p-1"
      />
      <div className="min-w-0 flex-1">
        <TextField
          label={label}
          value={text}
          spellCheck={false}
          error={wrong ? 'Enter a colour like #C9C4B4 or “dark red”, or pick one' : null}
          onChange={(event) => {
            setText(event.target.value)
            const read = colourOf(event.target.value)
            if (read) onChange(read)
          }}
        />
      </div>
    </div>
  )
}
