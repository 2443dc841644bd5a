import { zonesOf } from '@/core/builds'
import type { Build, Part } from '@/core/model/build'
import { type DecalPlace, decalPlaceSchema } from '@/core/model/decals'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { numberOf } from '../shared/fieldText'
import { saidOf, useTyped } from '../shared/useTyped'

const GROUNDS = [
  { value: 'flat', say: 'Flat' },
  { value: 'line', say: 'A panel line' },
  { value: 'hinge', say: 'A hinge' },
  { value: 'bump', say: 'A bump' },
  { value: 'curve', say: 'Curved both ways' },
] as const

/** Where another decal is wanted: its place, its size, and what it has to settle over. */
export function DecalPlaceForm({
  build,
  part,
  onSave,
  onClose,
}: {
  build: Build
  part: Part
  onSave: (place: DecalPlace) => void
  onClose: () => void
}) {
  const { typed, field, read, form } = useTyped({
    name: '',
    zone: '',
    widthMm: '',
    heightMm: '',
    hand: '',
    over: 'flat',
    lines: '',
  })
  const zones = zonesOf(build, part.id)
  const save = () => {
    const { name, over, zone, hand, widthMm, heightMm, lines } = typed
    const given = {
      zone: zone || undefined,
      hand: hand || undefined,
      widthMm: numberOf(widthMm),
      heightMm: numberOf(heightMm),
      lines: numberOf(lines),
    }
    read(decalPlaceSchema, { id: newId(), part: part.id, name, over, ...saidOf(given) }, onSave)
  }
  return (
    <form
      ref={form}
      noValidate
      aria-label="A decal that is wanted"
      className="mt-2 grid max-w-3xl grid-cols-2 items-end gap-3 border-l-4 border-act bg-raised p-3 sm:grid-cols-4"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <TextField label="What goes there" {...field('name')} />
      {zones.length > 0 && (
        <SelectField
          label="On"
          {...field('zone')}
          choices={[
            { value: '', say: 'The part' },
            ...zones.map(({ id, name }) => ({ value: id, say: name })),
          ]}
        />
      )}
      <TextField label="As wide as" unit="mm" inputMode="decimal" {...field('widthMm')} />
      <TextField label="As high as" unit="mm" inputMode="decimal" {...field('heightMm')} />
      <SelectField label="Over" {...field('over')} choices={GROUNDS} />
      <TextField label="Lines it crosses" inputMode="numeric" {...field('lines')} />
      <SelectField
        label="Side"
        {...field('hand')}
        choices={[
          { value: '', say: 'Either' },
          { value: 'left', say: 'Left' },
          { value: 'right', say: 'Right' },
        ]}
      />
      <div className="col-span-full flex gap-2">
        <Button type="submit" size="small">
          Put it down
        </Button>
        <Button size="small" look="quiet" onClick={onClose}>
          Close
        </Button>
      </div>
    </form>
  )
}
