import { paintIn } from '@/core/colour'
import type { Bottle } from '@/core/model/bottle'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { isPaint } from './keep'
import { type Line, nextKey, sharePercent } from './request'

/** What goes into the cup: a line an ingredient, paint first. */
export function Ingredients({
  lines,
  shelf,
  errors,
  onChange,
}: {
  lines: readonly Line[]
  shelf: readonly Bottle[]
  errors: Readonly<Record<string, string>>
  onChange: (lines: readonly Line[]) => void
}) {
  const put = (key: number, fields: Partial<Line>) =>
    onChange(lines.map((line) => (line.key === key ? { ...line, ...fields } : line)))
  const choose = (key: number, id: string) => {
    const bottle = shelf.find((bottle) => bottle.id === id)
    put(key, { bottle: id, share: bottle ? shareOf(bottle, key === lines[0]?.key) : '' })
  }
  const add = () =>
    onChange([
      ...lines,
      {
        key: nextKey(lines),
        bottle: '',
        name: `ingredient ${lines.length + 1}`,
        parts: '1',
        share: '',
      },
    ])
  return (
    <fieldset className="space-y-2">
      <legend className="mb-1 font-display text-xl font-semibold">
        Paint first, then the rest
      </legend>
      {lines.map((line, i) => (
        <Ingredient
          key={line.key}
          line={line}
          at={i}
          shelf={shelf}
          errors={errors}
          onPut={(fields) => put(line.key, fields)}
          onChoose={(id) => choose(line.key, id)}
          onRemove={
            lines.length === 1
              ? null
              : () => onChange(lines.filter((otherLine) => otherLine.key !== line.key))
          }
        />
      ))}
      <Button onClick={add}>Another ingredient</Button>
    </fieldset>
  )
}

/** How much of a bottle is paint, %; nothing where that goes without saying. */
function shareOf(bottle: Bottle, first: boolean): string {
  if (paintIn(bottle) < 1) return sharePercent(paintIn(bottle))
  return !first && isPaint(bottle) ? '100' : ''
}

function Ingredient({
  line,
  at,
  shelf,
  errors,
  onPut,
  onChoose,
  onRemove,
}: {
  line: Line
  at: number
  shelf: readonly Bottle[]
  errors: Readonly<Record<string, string>>
  onPut: (fields: Partial<Line>) => void
  onChoose: (bottle: string) => void
  /** null: the last one stays. */
  onRemove: (() => void) | null
}) {
  return (
    <div className="grid grid-cols-2 items-end gap-2 border-t border-rule pt-2 sm:grid-cols-[minmax(0,1fr)_6rem_12rem_auto]">
      <SelectField
        label={at === 0 ? 'Paint' : `Ingredient ${at + 1}`}
        value={line.bottle}
        onChange={(event) => onChoose(event.target.value)}
        choices={[
          { value: '', say: line.name },
          ...shelf.map(({ id, name, maker }) => ({
            value: id,
            say: `${name}${maker ? `, ${maker}` : ''}`,
          })),
        ]}
      />
      <TextField
        label="Parts"
        inputMode="decimal"
        value={line.parts}
        error={errors[`ingredients[${at}].parts`]}
        onChange={(event) => onPut({ parts: event.target.value })}
      />
      <TextField
        label="Paint in this bottle"
        unit="%"
        inputMode="decimal"
        placeholder={at === 0 ? '100' : '0'}
        value={line.share}
        error={errors[`ingredients[${at}].share`]}
        onChange={(event) => onPut({ share: event.target.value })}
      />
      <Button className="mt-6" disabled={!onRemove} onClick={() => onRemove?.()}>
        Remove
      </Button>
    </div>
  )
}
