'use client'

import { useRef, useState } from 'react'
import { BOTTLE_STATES, type Bottle } from '@/core/model/bottle'
import { FAMILIES, ROLES, SHEENS } from '@/core/model/vocabulary'
import type { PouredIn } from '@/core/shelf'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { ColourInput } from '../shared/ColourInput'
import { Elsewhere } from '../shared/Elsewhere'
import { focusFirstError } from '../shared/fieldText'
import { useTypedOver } from '../shared/useTypedOver'
import { familyName, plain, spaced } from '../shared/words'
import { BottleUses } from './BottleUses'
import { type BottleDraft, draftOf, readBottle, SHEET_POINTS, STRENGTHS } from './bottleDraft'
import { DropCounter } from './DropCounter'
import { OriginFields } from './OriginFields'
import { PourIn } from './PourIn'
import { SheetFields } from './SheetFields'
import { SwatchFields } from './SwatchFields'

/** One bottle. Nothing is written until every field reads. */
export function BottleForm({
  bottle,
  shelf,
  onPour,
  onSave,
  onRemove,
  onAlike,
  onClose,
}: {
  bottle: Bottle
  shelf: readonly Bottle[]
  /** Something was poured into it: written at once. */
  onPour: (poured: PouredIn) => Promise<boolean>
  onSave: (bottle: Bottle) => void
  onRemove: (() => void) | null
  onAlike: (() => void) | null
  onClose: () => void
}) {
  const { draft, put, elsewhere, take } = useTypedOver<BottleDraft>(draftOf(bottle))
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const field = (name: keyof BottleDraft) => ({
    value: draft[name],
    error: errors[name],
    onChange: (event: { target: { value: string } }) => put({ [name]: event.target.value }),
  })
  const save = () => {
    const read = readBottle(bottle, draft, Date.now())
    setErrors(read.ok ? {} : read.errors)
    if (read.ok) onSave(read.value)
    else focusFirstError(form.current)
  }
  return (
    <div className="mt-4 border-y-2 border-strong py-4">
      <form
        ref={form}
        noValidate
        aria-label={bottle.id === '' ? 'A new bottle' : bottle.name}
        onSubmit={(event) => {
          event.preventDefault()
          save()
        }}
        onKeyDown={(event) => event.key === 'Escape' && onClose()}
      >
        <MainFields draft={draft} field={field} onDrops={(dropsPerMl) => put({ dropsPerMl })} />
        {draft.colour !== '' && <SwatchFields field={field} />}
        <SheetFields
          field={field}
          open={
            draft.reworkHours !== '' ||
            SHEET_POINTS.some((point) => draft[point.field] !== '' || errors[point.field])
          }
        />
        <OriginFields field={field} bottle={bottle} />
        <Elsewhere fields={elsewhere} say={(name) => plain(spaced(name))} onTake={take} />
        <div className="mt-4 flex flex-wrap gap-2">
          <Button type="submit" look="act">
            {bottle.id === '' ? 'Add to the shelf' : 'Save the bottle'}
          </Button>
          {onRemove && (
            <Button look="stop" onClick={onRemove}>
              Remove
            </Button>
          )}
          {onAlike && <Button onClick={onAlike}>Duplicate</Button>}
          <Button onClick={onClose}>Cancel</Button>
        </div>
      </form>
      {bottle.id !== '' && <BottleUses bottle={bottle} />}
      {bottle.id !== '' && bottle.leftMl > 0 && (
        <PourIn bottle={bottle} shelf={shelf} onPour={onPour} />
      )}
    </div>
  )
}

type FieldOf = (name: keyof BottleDraft) => {
  value: string
  error: string | undefined
  onChange: (event: { target: { value: string } }) => void
}

/** What every bottle has. */
function MainFields({
  draft,
  field,
  onDrops,
}: {
  draft: BottleDraft
  field: FieldOf
  /** Drops to the ml were counted. */
  onDrops: (drops: string) => void
}) {
  return (
    <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
      <TextField label="Name" {...field('name')} />
      <TextField label="Maker" {...field('maker')} />
      <SelectField
        label="Family"
        {...field('family')}
        choices={FAMILIES.map((value) => ({ value, say: familyName(value) }))}
      />
      <SelectField
        label="Role"
        {...field('role')}
        choices={ROLES.map((value) => ({ value, say: plain(value) }))}
      />
      <TextField label="Size" unit="ml" inputMode="decimal" {...field('sizeMl')} />
      <TextField label="Left in it" unit="ml" inputMode="decimal" {...field('leftMl')} />
      <TextField
        label="Paint in it"
        unit="%"
        inputMode="decimal"
        placeholder="100"
        {...field('share')}
      />
      <SelectField label="Used" {...field('workingStrength')} choices={STRENGTHS} />
      <TextField
        label="Drops to the ml"
        inputMode="decimal"
        placeholder="usual"
        hint={<DropCounter onCounted={(drops) => onDrops(String(drops))} />}
        {...field('dropsPerMl')}
      />
      <ColourInput
        label="Colour"
        value={draft.colour}
        error={field('colour').error}
        onChange={(value) => field('colour').onChange({ target: { value } })}
      />
      <SelectField
        label="Sheen"
        {...field('sheen')}
        choices={[
          { value: '', say: 'As the family dries' },
          ...SHEENS.map((value) => ({ value, say: plain(value) })),
        ]}
      />
      <SelectField
        label="State"
        {...field('state')}
        choices={BOTTLE_STATES.map((value) => ({ value, say: plain(value) }))}
      />
      {draft.state === 'decanted' && (
        <SelectField
          label="Lid"
          {...field('lid')}
          choices={[
            { value: 'resting', say: 'Resting on it' },
            { value: 'closed', say: 'Closed' },
          ]}
        />
      )}
    </div>
  )
}
