'use client'

import { useRef, useState } from 'react'
import { parse } from '@/core/model/input'
import { type Bottle, bottleSchema } from '@/core/model/project'
import type { Product } from '@/core/model/sequence'
import { FAMILIES, ROLES, SHEENS } from '@/core/model/vocabulary'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { focusFirstError, numberOf, readForm, sayProblem } from '../forms'
import { familyName, plain } from '../words'
import { BottleUses } from './BottleUses'
import { DropCounter } from './DropCounter'
import { PourIn } from './PourIn'
import { SHEET_POINTS, SheetFields, type SheetPoint } from './SheetFields'

const STATES = ['sealed', 'open', 'decanted'] as const

/** One bottle. Nothing is written until every field reads. */
export function BottleForm({
  bottle,
  shelf,
  onPour,
  onSave,
  onRemove,
  onClose,
}: {
  bottle: Bottle
  shelf: readonly Bottle[]
  /** Something was poured into it: written at once. */
  onPour: (after: Bottle, say: string) => void
  onSave: (bottle: Bottle) => void
  onRemove: (() => void) | null
  onClose: () => void
}) {
  const [draft, setDraft] = useState({
    name: bottle.name,
    maker: bottle.maker ?? '',
    family: bottle.family as string,
    role: bottle.role as string,
    sheen: bottle.sheen ?? '',
    colour: bottle.colour ?? '',
    sizeMl: String(bottle.sizeMl),
    leftMl: String(bottle.leftMl),
    share: bottle.share === undefined ? '' : String(Number((bottle.share * 100).toFixed(2))),
    dropsPerMl: bottle.dropsPerMl === undefined ? '' : String(bottle.dropsPerMl),
    state: (bottle.state ?? 'open') as string,
    lid: (bottle.lid ?? 'resting') as string,
    undertone: bottle.undertone ?? '',
    undercoat: bottle.undercoat ?? '',
    hiding: bottle.hiding === undefined ? '' : String(bottle.hiding),
    strength: bottle.strength === undefined ? '' : String(bottle.strength),
    density: bottle.density === undefined ? '' : String(bottle.density),
    code: bottle.code ?? '',
    boughtAt: bottle.boughtAt ?? '',
    price: bottle.price === undefined ? '' : String(bottle.price),
    openedOn: bottle.openedOn ?? '',
    keepsMonths: bottle.keepsMonths === undefined ? '' : String(bottle.keepsMonths),
    reworkHours: bottle.reworkHours === undefined ? '' : String(bottle.reworkHours),
    ...sheetOf(bottle),
  })
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const field = (name: keyof typeof draft) => ({
    value: draft[name],
    error: errors[name],
    onChange: (event: { target: { value: string } }) =>
      setDraft({ ...draft, [name]: event.target.value }),
  })
  const save = () => {
    const share = numberOf(draft.share)
    const text = (value: string) => (value.trim() === '' ? undefined : value.trim())
    const next = {
      ...bottle,
      id: bottle.id === '' ? 'new' : bottle.id,
      name: draft.name,
      maker: text(draft.maker),
      family: draft.family,
      role: draft.role,
      sheen: text(draft.sheen),
      colour: text(draft.colour),
      sizeMl: numberOf(draft.sizeMl),
      leftMl: numberOf(draft.leftMl),
      share: typeof share === 'number' ? share / 100 : share,
      dropsPerMl: numberOf(draft.dropsPerMl),
      undertone: text(draft.undertone),
      undercoat: text(draft.undercoat),
      hiding: numberOf(draft.hiding),
      strength: numberOf(draft.strength),
      density: numberOf(draft.density),
      code: text(draft.code),
      earlierCodes: codesBefore(bottle, text(draft.code)),
      boughtAt: text(draft.boughtAt),
      price: numberOf(draft.price),
      openedOn: text(draft.openedOn),
      keepsMonths: numberOf(draft.keepsMonths),
      reworkHours: numberOf(draft.reworkHours),
      product: productOf(bottle, draft),
      state: draft.state,
      ...(draft.state === 'decanted' ? { lid: draft.lid } : {}),
      ...(draft.state === 'decanted' && !bottle.decantedAt
        ? { decantedAt: new Date().toISOString() }
        : {}),
    }
    const read = readForm(bottleSchema, next)
    setErrors(read.ok ? {} : sheetErrors(next, read.errors))
    if (read.ok) onSave({ ...read.value, id: bottle.id })
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
          <TextField
            label="Drops to the ml"
            inputMode="decimal"
            placeholder="usual"
            hint={
              <DropCounter
                onCounted={(drops) => setDraft({ ...draft, dropsPerMl: String(drops) })}
              />
            }
            {...field('dropsPerMl')}
          />
          <TextField label="Colour" placeholder="#C9C4B4" {...field('colour')} />
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
            choices={STATES.map((value) => ({ value, say: plain(value) }))}
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
        {draft.colour !== '' && (
          <fieldset className="mt-4">
            <legend className="font-display text-lg font-semibold">
              What its swatch card says
            </legend>
            <div className="mt-1 grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
              <TextField
                label="One coat over white"
                placeholder="#E0DCCF"
                {...field('undertone')}
              />
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
        )}
        <SheetFields
          field={field}
          open={
            draft.reworkHours !== '' ||
            SHEET_POINTS.some((one) => draft[one.field] !== '' || errors[one.field])
          }
        />
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
        <div className="mt-4 flex flex-wrap gap-2">
          <Button type="submit" look="act">
            {bottle.id === '' ? 'Put it on the shelf' : 'Apply to the bottle'}
          </Button>
          {onRemove && (
            <Button look="stop" onClick={onRemove}>
              Take it off
            </Button>
          )}
          <Button onClick={onClose}>Leave it</Button>
        </div>
      </form>
      {bottle.id !== '' && <BottleUses bottle={bottle} />}
      {bottle.id !== '' && bottle.leftMl > 0 && (
        <PourIn bottle={bottle} shelf={shelf} onPour={onPour} />
      )}
    </div>
  )
}

/** Codes that a bottle had: the one that is corrected now joins them. */
function codesBefore({ code, earlierCodes }: Bottle, next: string | undefined) {
  if (code === undefined || code === next) return earlierCodes
  return [...(earlierCodes ?? []), { code, until: new Date().toISOString() }]
}

function earlierWords({ earlierCodes = [] }: Bottle): string | undefined {
  if (earlierCodes.length === 0) return undefined
  return `Before: ${earlierCodes.map((one) => one.code).join(', ')}`
}

/** The points of a bottle's sheet as they are typed. */
function sheetOf({ product }: Bottle): Record<SheetPoint, string> {
  return Object.fromEntries(
    SHEET_POINTS.map(({ field }) => [field, product?.[field] ?? '']),
  ) as Record<SheetPoint, string>
}

/** The sheet that was typed, with what else was known of the product; nothing typed and nothing known: none. */
function productOf({ product }: Bottle, draft: Record<SheetPoint, string>): Product | undefined {
  const points = SHEET_POINTS.map(({ field }) => field as string)
  const rest = Object.entries(product ?? {}).filter(([field]) => !points.includes(field))
  const typed = SHEET_POINTS.flatMap(({ field }) =>
    draft[field].trim() === '' ? [] : [[field, draft[field].trim()] as const],
  )
  const fields = [...rest, ...typed]
  return fields.length === 0 ? undefined : (Object.fromEntries(fields) as Product)
}

/** The problems of a bottle beside its own fields: those of the sheet are one level deeper. */
function sheetErrors(next: unknown, errors: Record<string, string>): Record<string, string> {
  const parsed = parse(bottleSchema, next)
  if (parsed.ok) return errors
  const deeper = parsed.problems.flatMap((one): [string, string][] =>
    one.path.startsWith('product.') ? [[one.path.slice('product.'.length), sayProblem(one)]] : [],
  )
  return { ...errors, ...Object.fromEntries(deeper) }
}
