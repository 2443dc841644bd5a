'use client'

import { useEffect, useState } from 'react'
import { COMPLEXITY } from '@/core/knowledge'
import type { MeshMeasure } from '@/core/mesh'
import { type Shape, shapeArea } from '@/core/mixing'
import { meshJob } from '@/state/deskClient'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { measured, number } from '@/ui/units'
import { isAmount, numberOf } from '../shared/fieldText'
import { MeshFields } from '../shared/MeshFields'
import { useMeshFile } from '../shared/useMeshFile'
import { capital } from '../shared/words'

const SHAPES = [
  { value: 'box', say: 'Box', sizes: ['length', 'width', 'height'] },
  { value: 'cylinder', say: 'Cylinder', sizes: ['diameter', 'length'] },
  { value: 'cone', say: 'Cone', sizes: ['diameter', 'height'] },
  { value: 'sphere', say: 'Sphere', sizes: ['diameter'] },
] as const

/** Finds an area: from a plain shape and how broken its surface is, or from a mesh of the part. */
export function AreaFinder({
  dropped,
  onArea,
}: {
  /** A mesh that was dropped or pasted. */
  dropped: File | null
  onArea: (cm2: number) => void
}) {
  const [open, setOpen] = useState(dropped !== null)
  return (
    <details
      className="border-t border-rule pt-2"
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        Find the area from dimensions or a mesh
      </summary>
      {open && (
        <div className="grid gap-6 lg:grid-cols-2">
          <ByShape onArea={onArea} />
          <ByMesh key={dropped?.name} dropped={dropped} onArea={onArea} />
        </div>
      )}
    </details>
  )
}

function ByShape({ onArea }: { onArea: (cm2: number) => void }) {
  const [kind, setKind] = useState<Shape['kind']>('box')
  const [sizes, setSizes] = useState<Record<string, string>>({
    length: '120',
    width: '60',
    height: '40',
    diameter: '40',
  })
  const [surface, setSurface] = useState<keyof typeof COMPLEXITY>('panelled')
  const shape = SHAPES.find((shape) => shape.value === kind) ?? SHAPES[0]
  const read = shape.sizes.map((size) => numberOf(sizes[size] ?? ''))
  const good = read.every((length) => isAmount(length, 10_000))
  const dimensions = Object.fromEntries(shape.sizes.map((size, i) => [size, read[i]]))
  const area = good ? shapeArea({ kind, ...dimensions } as Shape) * COMPLEXITY[surface] : null
  return (
    <fieldset>
      <legend className="font-semibold">A plain shape</legend>
      <div className="mt-1 grid grid-cols-2 gap-2">
        <SelectField
          label="Shape"
          value={kind}
          onChange={(event) => setKind(event.target.value as Shape['kind'])}
          choices={SHAPES}
        />
        <SelectField
          label="Surface"
          value={surface}
          onChange={(event) => setSurface(event.target.value as keyof typeof COMPLEXITY)}
          choices={Object.entries(COMPLEXITY).map(([value, factor]) => ({
            value,
            say: `${capital(value)}, × ${factor}`,
          }))}
        />
        {shape.sizes.map((size, i) => (
          <TextField
            key={size}
            label={capital(size)}
            unit="mm"
            inputMode="decimal"
            value={sizes[size] ?? ''}
            error={
              typeof read[i] === 'number' && (read[i] as number) > 0 ? null : 'Enter mm above 0'
            }
            onChange={(event) => setSizes({ ...sizes, [size]: event.target.value })}
          />
        ))}
      </div>
      <Button className="mt-2" disabled={area === null} onClick={() => area && onArea(area)}>
        {area === null ? 'Take this area' : `Take ${measured(area, 'cm²', 1)}`}
      </Button>
    </fieldset>
  )
}

function ByMesh({ dropped, onArea }: { dropped: File | null; onArea: (cm2: number) => void }) {
  const file = useMeshFile<MeshMeasure>(meshJob)
  const { found } = file
  // biome-ignore lint/correctness/useExhaustiveDependencies: a file is measured once it is there
  useEffect(() => {
    if (dropped) void file.read(dropped)
  }, [dropped])
  return (
    <fieldset>
      <legend className="font-semibold">A mesh, STL or OBJ</legend>
      <MeshFields file={file} />
      {found && <Measured found={found} name={file.name} onArea={onArea} />}
    </fieldset>
  )
}

function Measured({
  found,
  name,
  onArea,
}: {
  found: MeshMeasure
  name: string
  onArea: (cm2: number) => void
}) {
  const percent = (share: number) => `${Math.round(share * 100)} %`
  const { up, side, down } = found.facing
  return (
    <div className="mt-2">
      <p>
        {name}: {found.triangles} triangles,{' '}
        {found.sizeMm.map((mm) => number(mm, 0, true)).join(' × ')} mm. Faces up {percent(up)},
        sideways {percent(side)}, down {percent(down)}.
      </p>
      {found.warnings.map((warning) => (
        <p key={warning} className="mt-1 border-l-4 border-risk pl-3 text-sm">
          {warning}
        </p>
      ))}
      <Button className="mt-2" onClick={() => onArea(found.areaCm2)}>
        Take {measured(found.areaCm2, 'cm²', 1)}
      </Button>
    </div>
  )
}
