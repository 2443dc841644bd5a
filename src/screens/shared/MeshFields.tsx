import { MESH_UNITS, type MeshUnit } from '@/core/mesh'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { FileButton } from '@/ui/FileButton'
import type { MeshFile } from './useMeshFile'

/** Asks for a mesh file and how it is meant; tells how far its reading is, and what is wrong with it. */
export function MeshFields<T>({ file }: { file: MeshFile<T> }) {
  const { typed, setTyped, isScale, progress, failed, found } = file
  return (
    <>
      <div className="mt-1 grid grid-cols-3 gap-2">
        <SelectField
          label="Its unit"
          value={typed.unit}
          onChange={({ target }) => setTyped({ ...typed, unit: target.value as MeshUnit })}
          choices={Object.keys(MESH_UNITS).map((value) => ({ value, say: value }))}
        />
        <TextField
          label="Shrunk 1 to"
          inputMode="decimal"
          value={typed.scale}
          error={isScale ? null : 'Enter 1 to 5000'}
          onChange={({ target }) => setTyped({ ...typed, scale: target.value })}
        />
        <SelectField
          label="Up is"
          value={typed.up}
          onChange={({ target }) => setTyped({ ...typed, up: target.value as 'y' | 'z' })}
          choices={[
            { value: 'z', say: 'z' },
            { value: 'y', say: 'y' },
          ]}
        />
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <FileButton
          say="Choose a mesh"
          accept=".stl,.obj"
          onFile={(next) => void file.read(next)}
        />
        {found && <Button onClick={() => void file.again()}>Measure it again</Button>}
        {progress !== null && (
          <>
            <progress aria-label="Measuring" value={progress} className="h-2 w-28" />
            <Button size="small" onClick={file.stop}>
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
    </>
  )
}
