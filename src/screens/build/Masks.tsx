import { useMemo } from 'react'
import { edgeEdit, type MaskOn, type MaskPiece, masksOf } from '@/core/builds'
import { oversprayMm, TAPE_TABLE, USUAL_SPRAY } from '@/core/knowledge'
import type { Build, BuildAct, Part } from '@/core/model/build'
import { Choose } from '@/ui/Choose'
import { Swatch } from '@/ui/Swatch'
import { capital, stepName } from '../shared/words'
import { PartSection } from './PartSection'
import type { EditBuild } from './useBuildEdits'

/** The masks of a part: along the steps, which zone is covered from when to when; and its edges, with what covers them. */
export function Masks({ build, part, edit }: { build: Build; part: Part; edit: EditBuild }) {
  const masks = useMemo(() => masksOf(build, part), [build, part])
  if (masks.length === 0) return null
  const left = masks.filter(({ off }) => off === null)
  return (
    <PartSection heading="Masks" said>
      <Strip masks={masks} />
      {left.length > 0 && (
        <p className="mt-2 max-w-prose border-l-4 border-risk pl-3">
          Nothing takes it off again:{' '}
          {left.map(({ step }) => stepName(step).toLowerCase()).join(', ')}. Add the step, so that
          it isn’t forgotten.
        </p>
      )}
      <ul aria-label="Edges of the masks" className="mt-3 max-w-5xl">
        {masks.flatMap(({ step, pieces }) =>
          pieces.map((piece) => (
            <Piece key={`${step.id} ${piece.zone.id}`} piece={piece} edit={edit} />
          )),
        )}
      </ul>
      <p className="mt-2 max-w-prose text-sm text-soft">
        From {USUAL_SPRAY.distanceMm} mm away overspray reaches{' '}
        {Math.round(oversprayMm(USUAL_SPRAY.distanceMm))} mm: cover {USUAL_SPRAY.coverMm} mm beyond
        the edge, and press it down again before every coat.
      </p>
    </PartSection>
  )
}

/** The passes from left to right; each masked zone a bar from the first to the last that it is covered for. */
function Strip({ masks }: { masks: readonly MaskOn[] }) {
  const passes = [...new Map(masks.flatMap(({ passes }) => passes.map((one) => [one.id, one])))]
  const rows = masks.flatMap((mask) =>
    (mask.pieces.length > 0 ? mask.pieces : [null]).map((piece) => ({ mask, piece })),
  )
  if (passes.length === 0)
    return <p className="text-soft">Nothing is sprayed while a mask is on.</p>
  return (
    <div className="overflow-x-auto">
      <table className="border-separate border-spacing-x-0.5 border-spacing-y-1 text-left text-sm">
        <caption className="sr-only">What is under a mask while which colour goes on</caption>
        <thead>
          <tr>
            <th scope="col" className="pr-4 font-semibold text-soft">
              Under a mask
            </th>
            {passes.map(([id, pass]) => (
              <th key={id} scope="col" className="min-w-28 px-1 font-normal">
                <Pass step={pass} />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ mask, piece }) => (
            <tr key={`${mask.step.id} ${piece?.zone.id ?? ''}`}>
              <th scope="row" className="pr-4 text-base font-normal whitespace-nowrap">
                {piece?.zone.name ?? `${stepName(mask.step)}: zones not said`}
              </th>
              {passes.map(([id]) => {
                const isOn = mask.passes.some((pass) => pass.id === id)
                return (
                  <td key={id} className={isOn ? 'bg-strong/70' : 'bg-sunk'}>
                    <span className="sr-only">{isOn ? 'masked' : 'open'}</span>
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

function Pass({ step }: { step: BuildAct }) {
  return (
    <span className="flex items-center gap-2">
      <Swatch colour={step.colour} />
      {stepName(step)}
    </span>
  )
}

const RUNS = {
  straight: { say: 'Straight', edge: {} },
  curve: { say: 'Round a curve', edge: { radiusMm: 10 } },
  tight: { say: 'Tightly round', edge: { radiusMm: 2 } },
  groove: { say: 'Along a line', edge: { groove: true } },
} as const

/** One masked zone: each of its edges, how it runs, and what covers it there. */
function Piece({ piece, edit }: { piece: MaskPiece; edit: EditBuild }) {
  const { zone, edges, mm } = piece
  return (
    <li className="border-t border-rule py-2">
      <p>
        <span className="font-semibold">{zone.name}</span>
        <span className="text-soft">
          {edges.length === 0 ? ', no hard edge to mask' : `, ${Math.round(mm)} mm of edge`}
        </span>
      </p>
      <ul className="mt-1 grid grid-cols-2 gap-x-4 gap-y-2 lg:grid-cols-4">
        {edges.map(({ beside, mm, edge, tape }) => (
          <li key={beside.id}>
            <Choose
              label={`To ${beside.name.toLowerCase()}, ${Math.round(mm)} mm`}
              value={runOf(edge)}
              choices={Object.entries(RUNS).map(([value, { say }]) => ({ value, say }))}
              onChoose={(run) =>
                void edit(
                  `Edge of ${zone.name.toLowerCase()} to ${beside.name.toLowerCase()}`,
                  (now) =>
                    edgeEdit(now, zone.id, beside.id, {
                      zone: beside.id,
                      mm,
                      ...RUNS[run as keyof typeof RUNS].edge,
                    }),
                )
              }
            />
            <p className="mt-0.5 leading-tight">
              {capital(TAPE_TABLE[tape].say)}
              <span className="block text-sm text-soft">{TAPE_TABLE[tape].how}</span>
            </p>
          </li>
        ))}
      </ul>
    </li>
  )
}

function runOf({
  radiusMm,
  groove,
}: {
  radiusMm?: number | undefined
  groove?: boolean | undefined
}) {
  if (groove) return 'groove'
  if (radiusMm === undefined || radiusMm >= 20) return 'straight'
  return radiusMm < 3 ? 'tight' : 'curve'
}
