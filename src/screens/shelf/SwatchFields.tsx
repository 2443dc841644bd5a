import { TextField } from '@/ui/Field'
import type { BottleField } from './bottleDraft'

/** What the swatch card of a coloured bottle says. */
export function SwatchFields({ field }: { field: BottleField }) {
  return (
    <fieldset className="mt-4">
      <legend className="font-display text-lg font-semibold">What its swatch card says</legend>
      <div className="mt-1 grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
        <TextField label="One coat over white" placeholder="#E0DCCF" {...field('undertone')} />
        <TextField
          label="Wants under it"
          placeholder="any colour"
          hint="Steps over another are told"
          {...field('undercoat')}
        />
        <TextField
          label="Hides in"
          unit="light coats"
          inputMode="decimal"
          placeholder="as its colour"
          {...field('hiding')}
        />
        <TextField
          label="Strength in a mix"
          inputMode="decimal"
          placeholder="1"
          hint="Strong blacks 3 to 4"
          {...field('strength')}
        />
        <TextField
          label="Weight"
          unit="g/ml"
          inputMode="decimal"
          placeholder="as its family"
          {...field('density')}
        />
      </div>
    </fieldset>
  )
}
