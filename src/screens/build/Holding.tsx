import { weightOf, zonesOf } from '@/core/builds'
import { bears, HOLDER_WORDS } from '@/core/knowledge'
import { type Build, type Part, partSchema } from '@/core/model/build'
import { HOLDERS } from '@/core/model/holder'
import type { Zone } from '@/core/model/zone'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { numberOf } from '../shared/fieldText'
import { saidOf, type Typed, useTyped } from '../shared/useTyped'
import { capital } from '../shared/words'
import { PartSection } from './PartSection'
import type { EditBuild } from './useBuildEdits'

/** How a part is held while it is painted: by what, where, and whether that bears it. */
export function Holding({ build, part, edit }: { build: Build; part: Part; edit: EditBuild }) {
  const { holder } = part
  const draft = useTyped({
    kind: holder?.kind ?? '',
    mm: said(holder?.mm),
    count: said(holder?.count),
    zone: holder?.zone ?? '',
    weightG: said(part.weightG),
    volumeCm3: said(part.volumeCm3),
  })
  const { typed } = draft
  const save = () => {
    const fields = {
      holder: typed.kind ? holderOf(typed) : undefined,
      weightG: numberOf(typed.weightG),
      volumeCm3: numberOf(typed.volumeCm3),
    }
    const { holder: _, weightG: __, volumeCm3: ___, ...rest } = part
    draft.read(partSchema, { ...rest, ...saidOf(fields) }, () => {
      const all = Object.entries(fields).map(([name, value]) => [name, value ?? null])
      void edit(`${part.name}: how it is held`, {
        do: 'part',
        part: part.id,
        fields: Object.fromEntries(all),
      })
    })
  }
  return (
    <PartSection heading="How it is held" said={holder !== undefined || weightOf(part) !== null}>
      <p className="mb-3 max-w-prose text-soft">{heldWords(part)}</p>
      <form
        ref={draft.form}
        noValidate
        aria-label="Holder"
        className="grid max-w-3xl grid-cols-2 items-end gap-3 sm:grid-cols-3"
        onSubmit={(event) => {
          event.preventDefault()
          save()
        }}
      >
        <HolderFields draft={draft} zones={zonesOf(build, part.id)} />
        <TextField label="It weighs" unit="g" inputMode="decimal" {...draft.field('weightG')} />
        <TextField
          label="Or there is of it"
          unit="cm³"
          inputMode="decimal"
          {...draft.field('volumeCm3')}
        />
        <div className="col-span-full">
          <Button type="submit" size="small">
            Save how it is held
          </Button>
        </div>
      </form>
    </PartSection>
  )
}

type HolderDraft = Typed<'kind' | 'mm' | 'count' | 'zone' | 'weightG' | 'volumeCm3'>

/** What holds it, how thick and how many, and what it takes hold of. */
function HolderFields({ draft, zones }: { draft: HolderDraft; zones: readonly Zone[] }) {
  const { typed, field } = draft
  const isStick = typed.kind === 'stick'
  return (
    <>
      <SelectField
        label="Held by"
        {...field('kind', 'holder.kind')}
        choices={[
          { value: '', say: 'Nobody said' },
          ...HOLDERS.map((value) => ({ value, say: capital(HOLDER_WORDS[value]) })),
        ]}
      />
      {isStick && (
        <TextField
          label="Its thickness"
          unit="mm"
          inputMode="decimal"
          {...field('mm', 'holder.mm')}
        />
      )}
      {isStick && (
        <TextField label="How many" inputMode="numeric" {...field('count', 'holder.count')} />
      )}
      {typed.kind !== '' && zones.length > 0 && (
        <SelectField
          label="It takes hold of"
          {...field('zone', 'holder.zone')}
          choices={[
            { value: '', say: 'What isn’t painted' },
            ...zones.map(({ id, name }) => ({ value: id, say: name })),
          ]}
        />
      )}
    </>
  )
}

function said(value: number | undefined): string {
  return value === undefined ? '' : String(value)
}

/** A holder as it was typed, numbers where they can be read. */
function holderOf(typed: Record<'kind' | 'mm' | 'count' | 'zone', string>): unknown {
  const isStick = typed.kind === 'stick'
  return {
    kind: typed.kind,
    ...saidOf({
      mm: isStick ? numberOf(typed.mm) : undefined,
      count: isStick ? numberOf(typed.count) : undefined,
      zone: typed.zone || undefined,
    }),
  }
}

/** What a part weighs against what its holder bears. */
function heldWords(part: Part): string {
  const weighs = weightOf(part)
  const borne = part.holder ? bears(part.holder) : null
  if (weighs === null)
    return 'Say what it weighs and what holds it, and you are told when that is too weak, or when a finger would be on wet paint.'
  const own = `It weighs ${Math.round(weighs)} g`
  return borne === null ? `${own}.` : `${own}; what holds it bears ${Math.round(borne)} g.`
}
