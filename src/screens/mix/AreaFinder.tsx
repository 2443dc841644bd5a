'use client'

import { useEffect, useRef, useState } from 'react'
import { COMPLEXITY } from '@/core/knowledge'
import { MESH_UNITS, type MeshMeasure, type MeshUnit } from '@/core/mesh'
import { type Shape, shapeArea } from '@/core/mixing'
import { type Job, meshJob } from '@/state/deskClient'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { FileButton } from '@/ui/FileButton'
import { measured, number } from '@/ui/units'
import { isAmount, numberOf } from '../shared/forms'
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
  const [unit, setUnit] = useState<MeshUnit>('mm')
  const [scale, setScale] = useState('1')
  const [up, setUp] = useState<'y' | 'z'>('z')
  const [progress, setProgress] = useState<number | null>(null)
  const [failed, setFailed] = useState<string | null>(null)
  const [found, setFound] = useState<MeshMeasure | null>(null)
  const file = useRef<File | null>(null)
  const running = useRef<Job<MeshMeasure> | null>(null)
  const divisor = numberOf(scale)
  const isScale = isAmount(divisor, 5000)
  const measure = async (next: File | null) => {
    file.current = next
    if (!next || !isScale) return
    running.current?.cancel()
    setFailed(null)
    setFound(null)
    setProgress(0)
    try {
      const size = { unit, scale: divisor, up }
      const job = meshJob(next.name, await next.arrayBuffer(), size, setProgress)
      running.current = job
      setFound(await job.result)
    } catch (error) {
      setFailed(`${next.name} can’t be measured: ${reasonOf(error)}.`)
    }
    setProgress(null)
  }
  // biome-ignore lint/correctness/useExhaustiveDependencies: a file is measured once it is there
  useEffect(() => {
    if (dropped) void measure(dropped)
  }, [dropped])
  return (
    <fieldset>
      <legend className="font-semibold">A mesh, STL or OBJ</legend>
      <div className="mt-1 grid grid-cols-3 gap-2">
        <SelectField
          label="Its unit"
          value={unit}
          onChange={(event) => setUnit(event.target.value as MeshUnit)}
          choices={Object.keys(MESH_UNITS).map((value) => ({ value, say: value }))}
        />
        <TextField
          label="Shrunk 1 to"
          inputMode="decimal"
          value={scale}
          error={isScale ? null : 'Enter 1 to 5000'}
          onChange={(event) => setScale(event.target.value)}
        />
        <SelectField
          label="Up is"
          value={up}
          onChange={(event) => setUp(event.target.value as 'y' | 'z')}
          choices={[
            { value: 'z', say: 'z' },
            { value: 'y', say: 'y' },
          ]}
        />
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <FileButton say="Choose a mesh" accept=".stl,.obj" onFile={(file) => void measure(file)} />
        {found && <Button onClick={() => void measure(file.current)}>Measure it again</Button>}
        {progress !== null && (
          <>
            <progress aria-label="Measuring" value={progress} className="h-2 w-28" />
            <Button
              size="small"
              onClick={() => {
                running.current?.cancel()
                setProgress(null)
              }}
            >
              Stop
            </Button>
          </>
        )}
      </div>
      {failed && (
        <p role="alert" className="mt-2 text-sm font-semibold text-stop">
          {failed}
        </p>
      )}
      {found && <Measured found={found} name={file.current?.name ?? ''} onArea={onArea} />}
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
