import { TextField } from '@/ui/Field'
import { type BottleField, SHEET_POINTS } from './bottleDraft'

/** What the drying sheet of a bottle says, instead of what is usual for its family; at 20 °C and 50 %. */
export function SheetFields({
  field,
  open,
}: {
  field: BottleField
  /** Something is said already, or is wrong. */
  open: boolean
}) {
  return (
    <details className="mt-4" open={open}>
      <summary className="min-h-11 cursor-pointer py-2 font-display text-lg font-semibold">
        What its drying sheet says
      </summary>
      <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
        {SHEET_POINTS.map(({ field: name, say }) => (
          <TextField key={name} label={say} placeholder="as its family" {...field(name)} />
        ))}
        <TextField
          label="Worked on for"
          unit="h"
          inputMode="decimal"
          placeholder="as its family"
          {...field('reworkHours')}
        />
      </div>
      <p className="mt-1 text-sm text-soft">
        Such as “45 min” or “24 h”, at 20 °C and 50 % humidity. Steps painted from this bottle
        follow it.
      </p>
    </details>
  )
}
