'use client'

import { useMemo, useState } from 'react'
import {
  type Coverage,
  type Covered,
  coverageOf,
  shapeEdit,
  zoneEdit,
  zonesOf,
} from '@/core/builds'
import { STAGE_NAMES } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import type { Build, Part } from '@/core/model/build'
import type { EditOfNow } from '@/core/model/edit'
import { ColourOrder } from './ColourOrder'
import { Primers } from './Primers'
import { ShapeForm } from './ShapeForm'
import { SHAPE_WORDS } from './shapeWords'
import { ZoneForm } from './ZoneForm'

/** The places of a part: the shape that stands in for it, its zones, and which of them has what done to it. */
export function PartZones({
  build,
  part,
  shelf,
  edit,
}: {
  build: Build
  part: Part
  shelf: readonly Bottle[]
  edit: (label: string, edit: EditOfNow) => Promise<boolean>
}) {
  const zones = zonesOf(build, part.id)
  const coverage = useMemo(() => coverageOf(build), [build])
  const [opened, setOpened] = useState<string | null>(null)
  const open = zones.find(({ id }) => id === opened)
  const shape = (
    <ShapeForm
      key={JSON.stringify(part.standIn)}
      shape={part.standIn}
      say={zones.length > 0 ? 'Propose zones anew' : 'Propose zones'}
      onSave={(next) =>
        void edit(`Zones of ${part.name}: ${SHAPE_WORDS[next.kind].toLowerCase()}`, (now) =>
          shapeEdit(now, part, next),
        )
      }
    />
  )
  return (
    <section className="mt-8 border-t border-rule pt-4">
      <h2 className="font-display text-xl font-semibold">Zones</h2>
      {zones.length === 0 ? (
        <>
          <p className="mb-3 max-w-prose text-soft">
            Is a roof another colour, or a side rustier than the other? Say what shape the part is
            most like, and its zones are proposed; steps can then be for some of them alone.
          </p>
          {shape}
        </>
      ) : (
        <>
          <Matrix
            coverage={coverage}
            part={part.id}
            opened={opened}
            onOpen={(id) => setOpened(id === opened ? null : id)}
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
          <ColourOrder build={build} part={part} />
          <Primers build={build} part={part} shelf={shelf} />
          <details className="mt-2">
            <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
              Another shape
            </summary>
            {shape}
          </details>
        </>
      )}
    </section>
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
  opened,
  onOpen,
}: {
  coverage: Coverage
  part: string
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
            .filter(({ zone }) => zone.part === part)
            .map(({ zone, cells }) => (
              <tr key={zone.id} className="border-t border-rule">
                <th scope="row" className="pr-4 text-base font-normal">
                  <button
                    type="button"
                    aria-expanded={zone.id === opened}
                    onClick={() => onOpen(zone.id)}
                    className="min-h-9 text-left underline decoration-rule underline-offset-4 hover:decoration-ink aria-expanded:font-semibold"
                  >
                    {zone.name}
                  </button>
                </th>
                <td className="px-3 text-right">{zone.areaCm2?.toFixed(1) ?? ''}</td>
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
    </div>
  )
}
