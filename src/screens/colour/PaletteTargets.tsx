'use client'

import { useState } from 'react'
import { type PaletteColour, writePalette } from '@/core/formats/palette'
import { paletteOfFile } from '@/state/files'
import { useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { FileButton } from '@/ui/FileButton'
import { saveFile } from '@/ui/saveFile'
import { BeingRead } from '../shared/BeingRead'
import { useDropped } from '../shared/dropped'
import { sayProblem } from '../shared/problemWords'
import { useReading } from '../shared/useReading'

/** Colours in from a palette file, and the shelf's out to one. */
export function PaletteTargets({ onChoose }: { onChoose: (colour: string) => void }) {
  const project = useProject()
  const [colours, setColours] = useState<PaletteColour[]>([])
  const [refused, setRefused] = useState<string | null>(null)
  const reading = useReading()
  const open = async (file: File) => {
    const read = await reading.read(file.name, (signal) => paletteOfFile(file, signal))
    if (!read) return
    setRefused(
      read.ok
        ? null
        : `${file.name}: ${read.problems.map((problem) => `${problem.path}: ${sayProblem(problem)}`).join('; ')}`,
    )
    if (read.ok) setColours(read.value)
  }
  useDropped('palette', (file) => void open(file))
  const write = () => {
    const rows = (project.shelf ?? []).flatMap((bottle) =>
      bottle.colour ? [{ name: bottle.name, colour: bottle.colour }] : [],
    )
    saveFile('shelf.gpl', writePalette('Shelf', rows), 'text/plain')
  }
  return (
    <div className="space-y-2">
      <div className="flex flex-wrap gap-2">
        <FileButton
          say="Import palette"
          accept=".gpl,text/plain"
          onFile={(file) => void open(file)}
        />
        <Button className="px-3" onClick={write}>
          Export shelf as palette
        </Button>
      </div>
      <BeingRead reading={reading} />
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
            ...colours.map((colour, i) => ({
              value: colour.colour,
              say: colour.name || `${i + 1}`,
            })),
          ]}
        />
      )}
    </div>
  )
}
