import { colourSaid } from '@/core/colour'
import { TextField } from '@/ui/Field'
import { Swatch } from '@/ui/Swatch'

/** A colour typed in words or figures ("white", "#fff", "dark rust brown"), or chosen by eye. */
export function ColourInput({
  label,
  value,
  onChange,
  error,
  disabled = false,
}: {
  label: string
  value: string
  onChange: (colour: string) => void
  error?: string | null | undefined
  disabled?: boolean
}) {
  const said = colourSaid(value)
  const isWords = said !== null && value.trim().toUpperCase() !== said
  return (
    <div className="flex items-start gap-2">
      <div className="min-w-0 flex-1">
        <TextField
          label={label}
          value={value}
          error={error}
          disabled={disabled}
          spellCheck={false}
          placeholder="white, #C9C4B4"
          hint={isWords ? `Taken for ${said}` : undefined}
          onChange={(event) => onChange(event.target.value)}
        />
      </div>
      <label className="relative mt-6 block size-11 shrink-0 cursor-pointer has-focus-visible:outline-3 has-focus-visible:outline-act">
        <span className="sr-only">{label}, chosen by eye</span>
        <span className="absolute inset-0 flex items-center justify-center">
          <Swatch colour={said} size="fill" />
        </span>
        <input
          type="color"
          disabled={disabled}
          value={(said ?? '#8B8C8B').toLowerCase()}
          onChange={(event) => onChange(event.target.value.toUpperCase())}
          className="absolute inset-0 size-full cursor-pointer opacity-0"
        />
      </label>
    </div>
  )
}
