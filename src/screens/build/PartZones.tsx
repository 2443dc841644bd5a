'use client'

import { useMemo, useState } from 'react'
import {
  type Coverage,
  type Covered,
  coverageOf,
  type FacesAlong,
  hiddenWork,
  meshEdit,
  shapeEdit,
  zoneEdit,
  zonesOf,
} from '@/core/builds'
import { STAGE_NAMES } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import type { Build, Part } from '@/core/model/build'
import type { Mesh } from '@/core/model/mesh'
import type { Picture } from '@/core/model/picture'
import { sayFigures } from '@/ui/time'
import { ColourOrder } from './ColourOrder'
import { Primers } from './Primers'
import { MeshForm } from './part/MeshForm'
import { ZonedPart } from './part/ZonedPart'

import { ShapeForm } from './ShapeForm'
import { SHAPE_WORDS } from './shapeWords'
import type { EditBuild } from './useBuildEdits'
import { ZoneForm } from './ZoneForm'

/** The places of a part: the shape or the mesh that it is drawn by, its zones, and which of them has what done to it. */
export function PartZones({
  build,
  part,
  shelf,
  mesh,
  pictures,
  along,
  edit,
}: {
  build: Build
  part: Part
  shelf: readonly Bottle[]
  mesh: Mesh | undefined
  pictures: readonly Picture[]
  along: FacesAlong | null
  edit: EditBuild
}) {
  const zones = zonesOf(build, part.id)
  const coverage = useMemo(() => coverageOf(build), [build])
  const [opened, setOpened] = useState<string | null>(null)
  const open = zones.find(({ id }) => id === opened)
  return (
    <section aria-label="Zones" className="mt-8 border-t border-rule pt-4">
      <h2 className="mb-2 font-display text-xl font-semibold">Zones</h2>
      {zones.length === 0 ? (
        <>
          <p className="mb-3 max-w-prose text-soft">
            Is a roof another colour, or a side rustier than the other? Say what shape the part is
            most like, or give its mesh, and its zones are proposed; steps can then be for some of
            them alone.
          </p>
          <Shapes part={part} say="Propose zones" edit={edit} />
        </>
      ) : (
        <>
          <ZonedPart
            build={build}
            part={part}
            zones={zones}
            mesh={mesh}
            along={along}
            pictures={pictures}
            chosen={opened}
            onChoose={setOpened}
            edit={edit}
          />
          {open && (
            <ZoneForm
              key={JSON.stringify(open)}
              zone={open}
              onSave={(fields) =>
                void edit(`Changed: ${fields.name ?? open.name}`, (now) =>
                  zoneEdit(now, open.id, fields),
                )
              }
              onRemove={() =>
                void edit(`Removed: ${open.name}`, (now) => zoneEdit(now, open.id, null))
              }
            />
          )}
          <Matrix
            coverage={coverage}
            part={part}
            along={along}
            opened={opened}
            onOpen={(id) => setOpened(id === opened ? null : id)}
          />
          {hiddenWork(build, part).map(({ zone, minutes, share }) => (
            <p key={zone.id} className="mt-2 max-w-prose border-l-4 border-note pl-3">
              {zone.name} is hidden, and takes {sayFigures(minutes * 60_000)} of your hands where{' '}
              {sayFigures(share * 60_000)} would be its share: work that nobody will see.
            </p>
          ))}
          <ColourOrder build={build} part={part} />
          <Primers build={build} part={part} shelf={shelf} />
          <details className="mt-2">
            <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
              Another shape
            </summary>
            <Shapes part={part} say="Propose zones anew" edit={edit} />
          </details>
        </>
      )}
    </section>
  )
}

/** What a part is drawn by: a shape that stands in for it, or its mesh. */
function Shapes({ part, say, edit }: { part: Part; say: string; edit: EditBuild }) {
  return (
    <>
      <ShapeForm
        key={JSON.stringify(part.standIn)}
        shape={part.standIn}
        say={say}
        onSave={(next) =>
          void edit(`Zones of ${part.name}: ${SHAPE_WORDS[next.kind].toLowerCase()}`, (now) =>
            shapeEdit(now, part, next),
          )
        }
      />
      <MeshForm
        onSave={({ mesh, facts }) =>
          void edit(
            `Zones of ${part.name}: ${mesh.name}`,
            (now) => meshEdit(now, part, mesh.id, facts),
            mesh,
          )
        }
      />
    </>
  )
}

const CELLS: Record<Covered, { say: string; mark: string; look: string }> = {
  planned: { say: 'planned', mark: '●', look: '' },
  without: { say: 'does without', mark: '–', look: 'text-soft' },
  forgotten: { say: 'forgotten', mark: '?', look: 'bg-risk-wash font-bold text-risk' },
  none: { say: 'not asked for', mark: '', look: 'text-soft' },
}

/** Zones by stages: what is meant for which, and what was forgotten. */
function Matrix({
  coverage: { stages, rows },
  part,
  along,
  opened,
  onOpen,
}: {
  coverage: Coverage
  part: Part
  along: FacesAlong | null
  opened: string | null
  onOpen: (zone: string) => void
}) {
  return (
    <div className="overflow-x-auto">
      <table className="border-collapse text-left text-sm">
        <caption className="sr-only">Zones of the part by stages of work</caption>
        <thead>
          <tr>
            <th scope="col" className="py-1.5 pr-4 font-semibold text-soft">
              Zone
            </th>
            <th scope="col" className="px-3 py-1.5 text-right font-semibold text-soft">
              cm²
            </th>
            <th scope="col" className="px-3 py-1.5 text-right font-semibold text-soft">
              µm, on edges
            </th>
            {stages.map((stage) => (
              <th
                key={stage}
                scope="col"
                className="px-3 py-1.5 text-center font-semibold text-soft"
              >
                {STAGE_NAMES[stage]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows
            .filter(({ zone }) => zone.part === part.id)
            .map(({ zone, cells }) => (
              <tr key={zone.id} className="border-t border-rule">
                <th scope="row" className="pr-4 text-base font-normal">
                  <button
                    type="button"
                    aria-expanded={zone.id === opened}
                    onClick={() => onOpen(zone.id)}
                    className="min-h-9 min-w-24 text-left [overflow-wrap:anywhere] underline decoration-rule underline-offset-4 hover:decoration-ink aria-expanded:font-semibold"
                  >
                    {zone.name}
                  </button>
                </th>
                <td className="px-3 text-right">{zone.areaCm2?.toFixed(1) ?? ''}</td>
                <td className="px-3 text-right whitespace-nowrap">{micronsOf(along, zone.id)}</td>
                {cells.map((cell, i) => (
                  <td key={stages[i]} className={`px-3 text-center ${CELLS[cell].look}`}>
                    <span aria-hidden="true">{CELLS[cell].mark}</span>
                    <span className="sr-only">{CELLS[cell].say}</span>
                  </td>
                ))}
              </tr>
            ))}
        </tbody>
      </table>
      {part.lineDepthMm !== undefined && (
        <p className="mt-1 text-sm text-soft">
          Lines {part.lineDepthMm} mm deep stay open under{' '}
          {Math.round((part.lineDepthMm * 1000) / 2)} µm.
        </p>
      )}
    </div>
  )
}

/** How thick the paint of a zone is in the end, on faces and on edges; nothing while that isn't known. */
function micronsOf(along: FacesAlong | null, zone: string): string {
  const row = along?.zones.find((one) => one.zone === zone)
  if (!row || row.microns.face === 0) return ''
  return `${Math.round(row.microns.face)}, ${Math.round(row.microns.edges)}`
}
