'use client'

import { useState } from 'react'
import { drawnRound, edgesOfZone, type FacesAlong, joinedEdit, shapeOfPart } from '@/core/builds'
import type { Build, Part } from '@/core/model/build'
import type { Edit } from '@/core/model/edit'
import type { Mesh } from '@/core/model/mesh'
import type { Picture } from '@/core/model/picture'
import type { Zone } from '@/core/model/zone'
import { aboveLevel } from '@/core/shape/lasso'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { panelHref } from '../../shared/panelHref'
import type { EditBuild } from '../useBuildEdits'
import { DetailWays } from './DetailWays'
import { PartView } from './PartView'
import { useLooks } from './useLooks'
import { ZoneTools } from './ZoneTools'

/** An edit of what isn't there any more: it is refused, and said so. */
const GONE: Edit = { do: 'removePart', part: '' }

/** The part as it is drawn, and what changes its zones: one takes another in, is parted, or is drawn round. */
export function ZonedPart({
  build,
  part,
  zones,
  mesh,
  pictures,
  along,
  chosen,
  onChoose,
  edit,
}: {
  build: Build
  part: Part
  zones: readonly Zone[]
  mesh: Mesh | undefined
  pictures: readonly Picture[]
  along: FacesAlong | null
  chosen: string | null
  onChoose: (zone: string | null) => void
  edit: EditBuild
}) {
  const looks = useLooks(build, pictures, zones, along)
  const [drawing, setDrawing] = useState(false)
  const zone = zones.find(({ id }) => id === chosen)
  const cut = async (name: string, triangles: readonly number[]) => {
    setDrawing(false)
    if (!mesh) return
    const id = newId()
    const round = { zone: id, meshId: newId(), name, triangles }
    const made = drawnRound(build, part, mesh, round)
    if (!made) return
    // What was drawn round are triangles of this mesh: on another one they mean nothing.
    const anew = (now: Build): Edit => {
      const own = now.parts.find((one) => one.id === part.id && one.mesh === mesh.id)
      return (own && drawnRound(now, own, mesh, round)?.edit) ?? GONE
    }
    if (await edit(`Zone of its own: ${name}`, anew, made.mesh)) onChoose(id)
  }
  const join = (into: Zone, other: Zone) =>
    void edit(
      `${into.name} takes in ${other.name.toLowerCase()}`,
      (now) => joinedEdit(now, into.id, other.id) ?? GONE,
    )
  const partAt = (of: Zone, share: number) => {
    const drawn = shapeOfPart(build, part, mesh)
    const place = drawn?.zones.indexOf(of.id) ?? -1
    if (drawn && place >= 0) void cut(`${of.name}, upper`, aboveLevel(drawn, place, share))
  }
  return (
    <>
      <PartView
        build={build}
        part={part}
        zones={zones}
        mesh={mesh}
        looks={looks}
        chosen={chosen}
        onChoose={onChoose}
        onLasso={drawing ? (triangles) => void cut(freeName(zones), triangles) : null}
      >
        {mesh && (
          <Button size="small" aria-pressed={drawing} onClick={() => setDrawing(!drawing)}>
            Draw round a zone
          </Button>
        )}
        {drawing && <p className="self-center text-soft">Draw a line round it in the picture.</p>}
      </PartView>
      {zone && (
        <>
          <ZoneTools
            key={zone.id}
            zone={zone}
            others={zones.filter((one) => one !== zone)}
            canPart={mesh !== undefined}
            onPanel={panelHref({ build: build.id, part: part.id, zone: zone.id })}
            onJoin={(other) => join(zone, other)}
            onPart={(share) => partAt(zone, share)}
          />
          <DetailWays key={`${zone.id} ways`} zone={zone} edgeMm={hardEdges(zones, zone)} />
        </>
      )}
    </>
  )
}

/** How long the hard edges of a zone are, mm. */
function hardEdges(zones: readonly Zone[], zone: Zone): number {
  const hard = edgesOfZone(zone, zones).filter(({ soft }) => !soft)
  return hard.reduce((sum, { mm }) => sum + mm, 0)
}

/** A name that no zone has yet. */
function freeName(zones: readonly Zone[]): string {
  for (let nth = 1; ; nth++) {
    const name = `Patch ${nth}`
    if (!zones.some((zone) => zone.name === name)) return name
  }
}
