import { WEARS } from '@/core/model/vocabulary'
import { type Zone, zoneSchema } from '@/core/model/zone'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { Tick } from '@/ui/Tick'
import { numberOf } from '../shared/fieldText'
import { saidOf, useTyped } from '../shared/useTyped'
import { plain } from '../shared/words'

const SEEN = [
  { value: '', say: 'Not said' },
  { value: '0', say: 'Hidden' },
  { value: '1', say: 'When turned' },
  { value: '2', say: 'At once' },
  { value: '3', say: 'Looked at first' },
] as const

/** One zone: its name, size, and how much of it is seen. */
export function ZoneForm({
  zone,
  onSave,
  onRemove,
}: {
  zone: Zone
  onSave: (fields: Partial<Zone>) => void
  onRemove: () => void
}) {
  const { typed, field, read, form } = useTyped({
    name: zone.name,
    areaCm2: zone.areaCm2 === undefined ? '' : String(zone.areaCm2),
    seen: zone.seen === undefined ? '' : String(zone.seen),
    endsAs: zone.endsAs ?? '',
    wear: (zone.wear ?? []).join(', '),
    spots: (zone.spots ?? []).join(', '),
  })
  const worn = typed.wear === '' ? [] : typed.wear.split(', ')
  const wears = field('wear')
  const save = () => {
    const fields = {
      name: typed.name,
      areaCm2: numberOf(typed.areaCm2),
      seen: numberOf(typed.seen),
      endsAs: typed.endsAs.trim() || undefined,
      wear: worn.length > 0 ? worn : undefined,
      spots: typed.spots.trim() ? typed.spots.split(/\s*,\s*/).filter(Boolean) : undefined,
    }
    read(zoneSchema, { id: zone.id, part: zone.part, ...saidOf(fields) }, () =>
      onSave(fields as Partial<Zone>),
    )
  }
  return (
    <form
      ref={form}
      noValidate
      aria-label={zone.name}
      className="mt-2 grid max-w-3xl grid-cols-2 gap-3 border-l-4 border-act bg-raised p-3 sm:grid-cols-4"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <TextField label="Name of the zone" {...field('name')} />
      <TextField label="Its area" unit="cm²" inputMode="decimal" {...field('areaCm2')} />
      <SelectField label="Seen" {...field('seen')} choices={SEEN} />
      <TextField label="Ends as" hint="A colour, or plastic, metal, glass" {...field('endsAs')} />
      <div className="col-span-full">
        <TextField
          label="Easily missed there"
          hint="Ticked at every coat: behind the fins, under the rail"
          {...field('spots')}
        />
      </div>
      <fieldset className="col-span-full">
        <legend className="mb-1 text-sm font-semibold text-soft">What wears it</legend>
        <div className="flex flex-wrap gap-x-5">
          {WEARS.map((word) => (
            <Tick
              key={word}
              on={worn.includes(word)}
              onTick={(on) => {
                const next = on ? [...worn, word] : worn.filter((one) => one !== word)
                wears.onChange({ target: { value: next.join(', ') } })
              }}
            >
              {plain(word)}
            </Tick>
          ))}
        </div>
      </fieldset>
      <div className="col-span-full flex gap-2">
        <Button type="submit" size="small">
          Save the zone
        </Button>
        <Button type="button" size="small" look="stop" onClick={onRemove}>
          Remove the zone
        </Button>
      </div>
    </form>
  )
}
