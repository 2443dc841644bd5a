import type { Bottle } from '@/core/model/bottle'
import { TextField } from '@/ui/Field'
import type { BottleField } from './bottleDraft'

/** Where a bottle is from, what it cost, and how long it keeps. */
export function OriginFields({ field, bottle }: { field: BottleField; bottle: Bottle }) {
  return (
    <fieldset className="mt-4">
      <legend className="font-display text-lg font-semibold">Where it is from</legend>
      <div className="mt-1 grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
        <TextField label="Code" hint={earlierWords(bottle)} {...field('code')} />
        <TextField label="Bought at" {...field('boughtAt')} />
        <TextField
          label="Price"
          inputMode="decimal"
          hint="Of the full bottle, for what builds cost"
          {...field('price')}
        />
        <TextField label="Opened on" type="date" {...field('openedOn')} />
        <TextField
          label="Keeps open for"
          unit="months"
          inputMode="decimal"
          {...field('keepsMonths')}
        />
      </div>
    </fieldset>
  )
}

function earlierWords({ earlierCodes = [] }: Bottle): string | undefined {
  if (earlierCodes.length === 0) return undefined
  return `Before: ${earlierCodes.map((code) => code.code).join(', ')}`
}
