import { familiesFor, toolsFor } from '@/core/formats/stepProblems'
import { actRow, laysClear } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import type { BuildAct } from '@/core/model/build'
import type { StoredMix } from '@/core/model/mix'
import { COATS, SHEENS, SOLVENTS } from '@/core/model/vocabulary'
import { SelectField, TextField } from '@/ui/Field'
import { Swatch } from '@/ui/Swatch'
import { familyName, plain } from '../shared/words'
import { PaintChoice } from './PaintChoice'
import type { StepFields } from './stepDraft'

/** One field of the form: its value, its error, and what is typed. */
export type FieldOf = (name: keyof StepFields) => {
  value: string
  onChange: (event: { target: { value: string } }) => void
  error: string | undefined
  disabled: boolean
}

/** The fields of an act, as far as it has them. */
export function ActFields({
  step,
  fields,
  field,
  shelf,
  mixes,
  onChoose,
}: {
  step: BuildAct
  fields: StepFields
  field: FieldOf
  shelf: readonly Bottle[]
  mixes: readonly StoredMix[]
  onChoose: (chosen: Partial<StepFields>) => void
}) {
  const row = actRow(step.do, step.family)
  const film = row.kind === 'film'
  const { disabled } = field('family')
  return (
    <>
      {film && (
        <PaintChoice
          step={step}
          draft={fields}
          shelf={shelf}
          mixes={mixes}
          disabled={disabled}
          onChoose={onChoose}
        />
      )}
      {row.family && (
        <SelectField
          label="Family"
          {...field('family')}
          choices={[
            ...(row.family === 'must'
              ? []
              : [{ value: '', say: `${familyName(row.family)} (usual)` }]),
            ...familiesFor(row).map((value) => ({ value, say: familyName(value) })),
          ]}
        />
      )}
      {film && <FilmFields step={step} fields={fields} field={field} />}
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Tool"
          {...field('tool')}
          choices={[
            { value: '', say: `${plain(row.tool)} (usual)` },
            ...toolsFor(row).map((value) => ({ value, say: plain(value) })),
          ]}
        />
        <SelectField
          label="Solvent"
          {...field('solvent')}
          choices={[
            { value: '', say: 'Its own' },
            ...SOLVENTS.map((value) => ({ value, say: plain(value) })),
          ]}
        />
      </div>
      <div className="grid grid-cols-2 gap-3">
        {film && <TextField label="Between coats" {...field('gap')} placeholder="flash time" />}
        <TextField
          label={film ? 'Each coat takes' : 'Takes'}
          unit="min"
          inputMode="decimal"
          {...field('minutes')}
          placeholder="by its size"
        />
        {film && (
          <TextField
            label="Thinner"
            unit="% of the mix"
            inputMode="decimal"
            {...field('thinning')}
          />
        )}
        {(row.kind === 'level' || row.cuts === 'face') && (
          <TextField label="Grit" inputMode="numeric" {...field('grit')} />
        )}
      </div>
      {film && <Thinners shelf={shelf} field={field} />}
      <WayFields step={step} field={field} />
    </>
  )
}

/** How a film is laid and looks. */
function FilmFields({
  step,
  fields,
  field,
}: {
  step: BuildAct
  fields: StepFields
  field: FieldOf
}) {
  return (
    <>
      <TextField label="Coats" {...field('coats')} hint={`In order: ${COATS.join(', ')}`} />
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <TextField label="Colour" {...field('colour')} placeholder="#C9C4B4" />
        <Swatch colour={/^#[0-9a-f]{6}$/i.test(fields.colour) ? fields.colour : null} />
      </div>
      <SelectField
        label="Sheen"
        {...field('sheen')}
        choices={[
          ...(laysClear(step) ? [] : [{ value: '', say: 'As the family dries' }]),
          ...SHEENS.map((value) => ({ value, say: plain(value) })),
        ]}
      />
    </>
  )
}

/** How it is done where there is a choice: on several parts, in several sittings, with which water. */
function WayFields({ step, field }: { step: BuildAct; field: FieldOf }) {
  const row = actRow(step.do, step.family)
  const joins = row.joins === true || row.fitsGlass === true
  return (
    <>
      {step.parts.length > 1 && (
        <SelectField
          label="On its parts"
          {...field('together')}
          choices={[
            { value: '', say: joins ? 'All in one go (usual)' : 'Each by itself (usual)' },
            joins ? { value: 'no', say: 'Each by itself' } : { value: 'yes', say: 'All in one go' },
          ]}
        />
      )}
      {(step.coats?.length ?? 1) > 1 && (
        <SelectField
          label="Its coats"
          {...field('split')}
          choices={[
            { value: '', say: 'In one sitting' },
            { value: 'yes', say: 'May lie evenings apart' },
          ]}
        />
      )}
      {row.mask === 'grain' && (
        <SelectField
          label="Stuck on"
          {...field('wetted')}
          choices={[
            { value: '', say: 'Nobody said' },
            { value: 'tacky', say: 'Sprinkled on tacky release' },
            { value: 'wet', say: 'Laid wet' },
            { value: 'sprayed', say: 'Sprayed with water' },
          ]}
        />
      )}
    </>
  )
}

/** Which bottle it is thinned from, where there are any. */
function Thinners({ shelf, field }: { shelf: readonly Bottle[]; field: FieldOf }) {
  const thinners = shelf.filter(({ role }) => role === 'thinner')
  if (thinners.length === 0) return null
  return (
    <SelectField
      label="Thinned from"
      {...field('thinner')}
      choices={[
        { value: '', say: 'Whatever suits' },
        ...thinners.map(({ id, name }) => ({ value: id, say: name })),
      ]}
    />
  )
}
