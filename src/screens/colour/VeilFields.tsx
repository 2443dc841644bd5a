import { FILTER_MOST } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { familyName } from '../shared/words'
import { COATS_LAID, coatLaid } from './coats'
import { MOST_PASSES, type VeilDraft } from './veilAddress'

/** One veil: which bottle, how it is laid, how much paint is in it, how often. */
export function VeilFields({
  veil,
  nth,
  paints,
  wrong,
  onChange,
  onRemove,
}: {
  veil: VeilDraft
  /** From 1, the lowest first. */
  nth: number
  paints: readonly Bottle[]
  /** The share of paint doesn't read. */
  wrong: boolean
  /** Fields of the layer that become others. */
  onChange: (fields: Partial<VeilDraft>) => void
  onRemove: (() => void) | null
}) {
  const coat = coatLaid(veil.coat)
  return (
    <fieldset className="border-t border-rule pt-3">
      <legend className="float-left mb-1 font-display text-lg font-semibold">Layer {nth}</legend>
      {onRemove && (
        <Button size="small" look="quiet" className="float-right" onClick={onRemove}>
          Remove layer {nth}
        </Button>
      )}
      <div className="clear-both space-y-3">
        <SelectField
          label="Paint"
          value={veil.bottle}
          onChange={(event) => onChange({ bottle: event.target.value })}
          choices={paints.map((paint) => ({
            value: paint.id,
            say: `${paint.name}, ${familyName(paint.family)}`,
          }))}
        />
        <SelectField
          label="Laid as"
          value={veil.coat}
          onChange={(event) => onChange({ coat: event.target.value, percent: '' })}
          choices={COATS_LAID}
        />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="Paint in it"
            unit="%"
            inputMode="decimal"
            value={veil.percent}
            placeholder={String(Math.round(coat.share * 100))}
            error={wrong ? 'Enter 0.1 to 100' : null}
            onChange={(event) => onChange({ percent: event.target.value })}
          />
          <SelectField
            label="Passes"
            value={String(veil.passes)}
            onChange={(event) => onChange({ passes: Number(event.target.value) })}
            choices={Array.from({ length: MOST_PASSES }, (_, i) => ({
              value: String(i + 1),
              say: String(i + 1),
            }))}
          />
        </div>
        {veil.coat === 'filter' && Number(veil.percent.replace(',', '.')) > FILTER_MOST && (
          <p className="border-l-4 border-risk pl-3 text-sm">
            A filter is 1 to {FILTER_MOST} % paint: stronger, it pools and leaves stains.
          </p>
        )}
      </div>
    </fieldset>
  )
}
