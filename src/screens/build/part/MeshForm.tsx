'use client'

import { counted } from '@/core/model/counted'
import { zonesJob } from '@/state/deskClient'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { measured } from '@/ui/units'
import { MeshFields } from '../../shared/MeshFields'
import { useMeshFile } from '../../shared/useMeshFile'

/** A mesh that was read, with its zones. */
export type FoundMesh = Awaited<ReturnType<typeof zonesJob>['result']>

/** The mesh that a part is drawn by: its zones are found by where its faces look and by its edges. */
export function MeshForm({ onSave }: { onSave: (found: FoundMesh) => void }) {
  const file = useMeshFile<FoundMesh>((...asked) => zonesJob(newId(), ...asked))
  const { found } = file
  return (
    <fieldset className="mt-3 max-w-xl">
      <legend className="font-semibold">Or its mesh, STL or OBJ</legend>
      <MeshFields file={file} />
      {found && (
        <div className="mt-2">
          <p>
            {file.name}: {measured(found.facts.areaCm2, 'cm²', 1)} in{' '}
            {counted(found.facts.zones.length, 'zone')}.{coarserWords(found)}
          </p>
          <Button className="mt-2" onClick={() => onSave(found)}>
            Draw the part by it
          </Button>
        </div>
      )}
    </fieldset>
  )
}

/** A mesh of millions is drawn by a coarser one, and that is said. */
function coarserWords({ mesh, kept }: FoundMesh): string {
  return kept < mesh.triangles
    ? ` Of its ${mesh.triangles.toLocaleString()} triangles ${kept.toLocaleString()} are kept to draw it; areas are those of the whole.`
    : ''
}
