import { useId, useState } from 'react'
import { type Allocation, sheetEdit } from '@/core/builds'
import { readDecalLines, sayDecalLines } from '@/core/formats/text/decalLines'
import { DECAL_FILM_TABLE } from '@/core/knowledge'
import type { Build } from '@/core/model/build'
import { counted } from '@/core/model/counted'
import type { DecalSheet } from '@/core/model/decals'
import { DECAL_FILMS, type DecalFilm } from '@/core/model/vocabulary'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { numberOf } from '../shared/fieldText'
import type { EditBuild } from './useBuildEdits'

/** The sheets of a build, each typed a decal a line. */
export function DecalSheets({
  build,
  left,
  edit,
}: {
  build: Build
  left: Allocation['left']
  edit: EditBuild
}) {
  const { sheets = [] } = build
  return (
    <>
      {sheets.map((sheet) => (
        <details key={sheet.id}>
          <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
            {sheet.name}
            <span className="ml-2 font-normal text-soft">{leftWords(sheet, left)}</span>
          </summary>
          <SheetForm
            key={JSON.stringify(sheet)}
            sheet={sheet}
            onSave={(next) =>
              void edit(`Sheet: ${next.name}`, (now) => sheetEdit(now, sheet.id, next))
            }
            onRemove={() =>
              void edit(`Removed: ${sheet.name}`, (now) => sheetEdit(now, sheet.id, null))
            }
          />
        </details>
      ))}
      <details>
        <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
          {sheets.length > 0 ? 'Another sheet' : 'Type a sheet'}
        </summary>
        <SheetForm
          key={sheets.length}
          sheet={{ id: newId(), name: 'Sheet of the kit', decals: [] }}
          onSave={(next) =>
            void edit(`Sheet: ${next.name}`, (now) => sheetEdit(now, next.id, next))
          }
        />
      </details>
    </>
  )
}

/** How many decals a sheet has, and how many nobody wants yet. */
function leftWords({ decals }: DecalSheet, left: Allocation['left']): string {
  const all = decals.reduce((sum, { count }) => sum + count, 0)
  const over = left
    .filter(({ decal }) => decals.some(({ id }) => id === decal))
    .reduce((sum, { count }) => sum + count, 0)
  return `${counted(all, 'decal')}, ${over} left over`
}

function SheetForm({
  sheet,
  onSave,
  onRemove,
}: {
  sheet: DecalSheet
  onSave: (sheet: DecalSheet) => void
  onRemove?: () => void
}) {
  const [name, setName] = useState(sheet.name)
  const [film, setFilm] = useState<DecalFilm>(sheet.film ?? 'usual')
  const [scale, setScale] = useState(sheet.scale === undefined ? '' : String(sheet.scale))
  const [text, setText] = useState(sayDecalLines(sheet.decals))
  const [wrong, setWrong] = useState<string[]>([])
  const id = useId()
  const save = () => {
    const { decals, problems } = readDecalLines(text, sheet.decals, newId)
    setWrong(
      problems.map(({ path, found, expected }) => `${path}: found ${found}, expected ${expected}`),
    )
    if (problems.length > 0) return
    const printed = numberOf(scale)
    const { scale: _, ...rest } = sheet
    onSave({
      ...rest,
      name: name.trim() || 'Sheet',
      film,
      decals,
      ...(typeof printed === 'number' && printed >= 1 ? { scale: printed } : {}),
    })
  }
  return (
    <form
      noValidate
      aria-label={sheet.name}
      className="mb-3 grid max-w-3xl grid-cols-2 gap-3 sm:grid-cols-3"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <TextField label="Sheet" value={name} onChange={({ target }) => setName(target.value)} />
      <SelectField
        label="Its film"
        value={film}
        onChange={({ target }) => setFilm(target.value as DecalFilm)}
        choices={DECAL_FILMS.map((value) => ({ value, say: DECAL_FILM_TABLE[value].name }))}
      />
      <TextField
        label="Printed for 1:"
        hint="Where it is another scale"
        inputMode="decimal"
        value={scale}
        onChange={({ target }) => setScale(target.value)}
      />
      <div className="col-span-full">
        <label htmlFor={id} className="mb-1 block text-sm font-semibold text-soft">
          Decals, one a line
        </label>
        <textarea
          id={id}
          rows={5}
          className="control w-full px-2.5 py-2"
          placeholder="Number 7, 24 x 11, 4"
          aria-invalid={wrong.length > 0}
          aria-describedby={wrong.length > 0 ? `${id}-wrong` : undefined}
          value={text}
          onChange={({ target }) => setText(target.value)}
        />
        <ul id={`${id}-wrong`} className="text-sm font-semibold text-stop">
          {wrong.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      </div>
      <div className="col-span-full flex gap-2">
        <Button type="submit" size="small">
          Save the sheet
        </Button>
        {onRemove && (
          <Button size="small" look="stop" onClick={onRemove}>
            Remove the sheet
          </Button>
        )}
      </div>
    </form>
  )
}
