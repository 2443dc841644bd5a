'use client'

import { useState } from 'react'
import { type PaletteColour, readPalette, writePalette } from '@/core/formats/palette'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { saveFile } from '@/ui/saveFile'
import { sayProblem } from '../forms'
import { useBench } from '../shell/BenchContext'

/** Colours in from a palette file, and the shelf's out to one. */
export function PaletteTargets({ onChoose }: { onChoose: (colour: string) => void }) {
  const { project } = useBench()
  const [colours, setColours] = useState<PaletteColour[]>([])
  const [refused, setRefused] = useState<string | null>(null)
  const open = async (file: File | undefined) => {
    if (!file) return
    const read = readPalette(await file.text())
    setRefused(
      read.ok
        ? null
        : `${file.name}: ${read.problems.map((one) => `${one.path}: ${sayProblem(one)}`).join('; ')}`,
    )
    if (read.ok) setColours(read.value)
  }
  const write = () => {
    const rows = (project.shelf ?? []).flatMap((one) =>
      one.colour ? [{ name: one.name, colour: one.colour }] : [],
    )
    saveFile('shelf.gpl', writePalette('Shelf', rows), 'text/plain')
  }
  return (
    <div className="space-y-2">
      <div className="flex flex-wrap gap-2">
        <label className="inline-flex min-h-11 cursor-pointer items-center rounded-tool border-2 border-strong bg-raised px-3 focus-within:outline-2 focus-within:outline-offset-2 focus-within:outline-act hover:border-ink">
          Read a palette
          <input
            type="file"
            accept=".gpl,text/plain"
            className="sr-only"
            onChange={(event) => {
              void open(event.target.files?.[0])
              event.target.value = ''
            }}
          />
        </label>
        <Button className="px-3" onClick={write}>
          Write the shelf’s
        </Button>
      </div>
      {refused && (
        <p role="alert" className="text-sm font-semibold text-stop">
          {refused}
        </p>
      )}
      {colours.length > 0 && (
        <SelectField
          label="Or a colour of the palette"
          value=""
          onChange={(event) => event.target.value && onChoose(event.target.value)}
          choices={[
            { value: '', say: `Choose one of ${colours.length}` },
            ...colours.map((one, i) => ({ value: one.colour, say: one.name || `${i + 1}` })),
          ]}
        />
      )}
    </div>
  )
}
