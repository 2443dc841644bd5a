import type { Bottle } from '@/core/model/bottle'
import { counted } from '@/core/model/counted'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { measured, number } from '@/ui/units'
import type { ReadTone } from './Tones'
import type { ToneDraft } from './toneAddress'

/** One area: what is laid on it, and what it comes to. */
export function ToneRow({
  nth,
  draft,
  read,
  paints,
  onChange,
  onRemove,
}: {
  nth: number
  draft: ToneDraft
  read: ReadTone | null
  paints: readonly Bottle[]
  /** Fields of the area that become others. */
  onChange: (fields: Partial<ToneDraft>) => void
  onRemove: (() => void) | null
}) {
  const field = (name: Exclude<keyof ToneDraft, 'bottle'>) => ({
    value: draft[name],
    onChange: (event: { target: { value: string } }) => onChange({ [name]: event.target.value }),
  })
  return (
    <li>
      <fieldset className="grid grid-cols-2 items-end gap-x-3 gap-y-2 border-b border-rule py-3 md:grid-cols-[minmax(6rem,1fr)_minmax(9rem,2fr)_5rem_5rem_6rem]">
        <legend className="sr-only">Area {nth}</legend>
        <TextField label="Where" {...field('name')} />
        <SelectField
          label="Paint"
          value={draft.bottle}
          onChange={(event) => onChange({ bottle: event.target.value })}
          choices={paints.map((paint) => ({ value: paint.id, say: paint.name }))}
        />
        <TextField label="Share" unit="%" inputMode="decimal" {...field('percent')} />
        <TextField label="Passes" inputMode="numeric" {...field('passes')} />
        <TextField label="Size" unit="cm²" inputMode="decimal" {...field('area')} />
        <p className="col-span-2 flex flex-wrap items-center gap-x-4 gap-y-1 md:col-span-5">
          {read ? (
            <>
              <span
                aria-hidden="true"
                className="size-6 rounded-tool border border-strong"
                style={{ background: read.colour }}
              />
              <span>{read.colour}</span>
              <span>L* {number(read.lab.l, 1, true)}</span>
              <span>
                {measured(read.ml, 'ml', 2)} of mix, {dropWords(read.drops)} of paint in it
              </span>
            </>
          ) : (
            <span className="font-semibold text-stop">
              Enter 0.1 to 100 % paint, 1 to 20 passes, 0.1 to 100000 cm²
            </span>
          )}
          {onRemove && (
            <Button size="small" look="quiet" className="ml-auto" onClick={onRemove}>
              Remove area {nth}
            </Button>
          )}
        </p>
      </fieldset>
    </li>
  )
}

/** Half a drop is the least that can be said. */
function dropWords(drops: number): string {
  if (drops < 0.75) return 'less than a drop'
  return counted(Math.round(drops), 'drop')
}
