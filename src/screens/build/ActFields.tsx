import { type StepField, stepFields } from '@/core/formats/stepFields'
import { saidDuration } from '@/core/formats/text/saidDuration'
import { actRow } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import type { BuildAct } from '@/core/model/build'
import type { StoredMix } from '@/core/model/mix'
import { SelectField, TextField } from '@/ui/Field'
import { Tick } from '@/ui/Tick'
import { ColourInput } from '../shared/ColourInput'
import { CoatsField } from './CoatsField'
import { choicesOf } from './fieldWords'
import { PaintChoice } from './PaintChoice'
import type { StepFields } from './stepDraft'

/** One field of the form: its value, its error, and what is typed. */
export type FieldOf = (path: string) => {
  value: string
  onChange: (event: { target: { value: string } }) => void
  error: string | undefined
  disabled: boolean
}

/** What a maker's sheet says stands apart. */
const isSheet = ({ path }: StepField) => path.startsWith('product.')

/** Controls that want the whole width, and the field whose choices are long. */
const WIDE = ['coats', 'colour', 'several', 'text']
const LONG = ['family']
const isWide = ({ path, control }: StepField) => WIDE.includes(control.is) || LONG.includes(path)

/** The fields of an act, as far as it has them: the usual ones at once, the others a tap away. */
export function ActFields({
  step,
  fields,
  field,
  shelf,
  mixes,
  onGlass,
  onChoose,
}: {
  step: BuildAct
  fields: StepFields
  field: FieldOf
  shelf: readonly Bottle[]
  mixes: readonly StoredMix[]
  /** Is any part of it clear? */
  onGlass: boolean
  onChoose: (chosen: StepFields) => void
}) {
  const all = stepFields(actRow(step.do, step.family), onGlass)
  const film = actRow(step.do, step.family).kind === 'film'
  const more = all.filter((one) => !one.usual && !isSheet(one))
  const sheet = all.filter(isSheet)
  const grid = (list: readonly StepField[]) => (
    <div className="grid grid-cols-2 gap-3">
      {list.map((one) => (
        <div key={one.path} className={isWide(one) ? 'col-span-2' : 'min-w-0'}>
          <Control step={step} field={one} {...field(one.path)} />
        </div>
      ))}
    </div>
  )
  return (
    <>
      {film && (
        <PaintChoice
          step={step}
          fields={fields}
          shelf={shelf}
          mixes={mixes}
          disabled={field('family').disabled}
          onChoose={onChoose}
        />
      )}
      {grid(all.filter((one) => one.usual))}
      <More say="More of it" said={saidIn(more, fields)}>
        {grid(more)}
        {film && <Thinners shelf={shelf} field={field} />}
        <WayFields step={step} field={field} />
      </More>
      {sheet.length > 0 && (
        <More say="What its sheet says" said={saidIn(sheet, fields)}>
          <p className="mb-2 text-sm text-soft">
            At 20 °C and 50 % humidity, as the maker gives it.
          </p>
          {grid(sheet)}
        </More>
      )}
    </>
  )
}

/** How many of some fields are said. */
function saidIn(list: readonly StepField[], fields: StepFields): number {
  return list.filter(({ path }) => (fields[path] ?? '') !== '').length
}

function More({ say, said, children }: { say: string; said: number; children: React.ReactNode }) {
  return (
    <details open={said > 0 || undefined} className="border-t border-rule">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
        {say}
        {said > 0 && <span className="font-normal text-soft"> ({said} said)</span>}
      </summary>
      <div className="space-y-3 pb-2">{children}</div>
    </details>
  )
}

/** A field by how it is entered. */
function Control({
  step,
  field,
  ...given
}: { step: BuildAct; field: StepField } & ReturnType<FieldOf>) {
  const { label, control, path } = field
  const row = actRow(step.do, step.family)
  const set = (value: string) => given.onChange({ target: { value } })
  switch (control.is) {
    case 'coats':
      return <CoatsField {...given} onChange={set} />
    case 'colour':
      return <ColourInput label={label} {...given} onChange={set} />
    case 'one':
      return <SelectField label={label} {...given} choices={choicesOf(field, step, row)} />
    case 'several':
      return (
        <Several label={label} {...given} onChoose={set} choices={choicesOf(field, step, row)} />
      )
    case 'yes':
      return (
        <SelectField
          label={label}
          {...given}
          choices={[
            { value: '', say: 'Not said' },
            { value: 'yes', say: 'Yes' },
            { value: 'no', say: 'No' },
          ]}
        />
      )
    case 'time':
      return (
        <TextField
          label={label}
          {...given}
          placeholder={path === 'gap' ? 'flash time' : '2 h'}
          hint={takenFor(given.value)}
        />
      )
    case 'amount':
      return (
        <TextField
          label={label}
          {...(control.unit === '' ? {} : { unit: control.unit })}
          inputMode="decimal"
          {...given}
          placeholder={path === 'minutes' ? 'by its size' : ''}
        />
      )
    default:
      return <TextField label={label} {...given} />
  }
}

/** What a time in words is taken for; nothing where it says so itself. */
export function takenFor(typed: string): string | undefined {
  const read = saidDuration(typed)
  return read !== null && read !== typed.trim() ? `Taken for ${read}` : undefined
}

function Several({
  label,
  value,
  choices,
  disabled,
  error,
  onChoose,
}: {
  label: string
  value: string
  choices: readonly { value: string; say: string }[]
  disabled: boolean
  error: string | undefined
  onChoose: (value: string) => void
}) {
  const chosen = value === '' ? [] : value.split(', ')
  return (
    <fieldset disabled={disabled}>
      <legend className="mb-1 text-sm font-semibold text-soft">{label}</legend>
      {choices.map((choice) => (
        <Tick
          key={choice.value}
          on={chosen.includes(choice.value)}
          onTick={(on) =>
            onChoose(
              (on ? [...chosen, choice.value] : chosen.filter((one) => one !== choice.value)).join(
                ', ',
              ),
            )
          }
        >
          {choice.say}
        </Tick>
      ))}
      {error && <p className="text-sm font-semibold text-stop">{error}</p>}
    </fieldset>
  )
}

/** How it is done where there is a choice: on several parts, in several sittings. */
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
