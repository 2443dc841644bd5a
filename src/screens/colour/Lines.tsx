'use client'

import { useMemo } from 'react'
import { CUT_LINE_MM, PLATE_GAP_MM } from '@/core/knowledge'
import { SCHOOLS } from '@/core/model/vocabulary'
import { gradedWashes, type LinedBy, type LiningQuestion, pickLining } from '@/core/shelf'
import { useProject } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { SelectField } from '@/ui/Field'
import { about, number } from '@/ui/units'
import { capital } from '../shared/words'
import { useAddress } from './address'
import { ColourField } from './ColourField'
import { FaceOfBuild } from './FaceOfBuild'
import { Graded } from './Graded'
import { Surround } from './Judged'
import { WashVolume } from './WashVolume'

const SCALES = ['20', '24', '35', '48', '72', '100', '144', '350'] as const
const DEPTHS = ['0.1', '0.2', '0.3', '0.5'] as const
const STRENGTHS = ['0.01', '0.02', '0.05', '0.1', '0.15'] as const

/** How wide a line is on the model, mm: a gap of plates at its scale, as far as it can be cut. */
function lineWidth(scale: number): number {
  return Math.min(CUT_LINE_MM[1], Math.max(CUT_LINE_MM[0], PLATE_GAP_MM / scale))
}

/** A screen shows so many pixels to the millimetre at its usual density. */
const PIXELS_A_MM = 96 / 25.4

type Look = (typeof SCHOOLS.liningLook)[number]

/** The shelf's washes for a face: how each line reads, the best first. */
export function Lines() {
  const project = useProject()
  const { get, getColour, set } = useAddress('/colour')
  const face = getColour('face', '#DAD5C4')
  const look = (SCHOOLS.liningLook.find((look) => look === get('look', 'normal')) ??
    'normal') as Look
  const scale = get('scale', '72')
  const depth = get('depth', '0.2')
  const share = get('wash', '')
  const question = useMemo(
    (): LiningQuestion => ({
      face,
      look,
      scale: Number(scale),
      depthMm: Number(depth),
      share: share === '' ? null : Number(share),
    }),
    [face, look, scale, depth, share],
  )
  const answer = useMemo(() => pickLining(project.shelf ?? [], question), [project, question])
  const width = lineWidth(question.scale)
  const graded = useMemo(() => gradedWashes(answer), [answer])
  const faces = (project.shelf ?? []).filter((bottle) => bottle.role === 'colour' && bottle.colour)
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[20rem_minmax(0,1fr)]">
      <div className="space-y-4">
        <ColourField label="Face" value={face} onChange={(next) => set({ face: next })} />
        {faces.length > 0 && (
          <SelectField
            label="Or the colour of a bottle"
            value=""
            onChange={(event) => event.target.value && set({ face: event.target.value })}
            choices={[
              { value: '', say: 'Choose a bottle' },
              ...faces.map((face) => ({
                value: (face.colour ?? '').toUpperCase(),
                say: face.name,
              })),
            ]}
          />
        )}
        <FaceOfBuild onFace={(next) => set({ face: next })} />
        <LineFields look={look} scale={scale} depth={depth} share={share} onSet={set} />
        <p className="text-sm text-soft">
          A {look} line at 1:{scale} differs from its face by ΔE00 {answer.band.from} to{' '}
          {answer.band.to}. A gap of {PLATE_GAP_MM} mm is {about(width, 'mm', 2)} wide there: shown
          ten times as large, and beside it as it is.
        </p>
        <WashVolume widthMm={width} depthMm={question.depthMm} />
      </div>
      <section aria-label="Washes" className="min-w-0">
        {answer.instead && <p className="mb-4 border-l-4 border-risk pl-3">{answer.instead}</p>}
        {answer.washes.length === 0 && (
          <p className="border-y-2 border-rule py-6">
            There is no wash with a colour on the shelf. Put one there, and its line is shown.
          </p>
        )}
        {graded && <Graded set={graded} question={question} />}
        <ol className="border-t-2 border-strong" aria-label="Washes, the best first">
          {answer.washes.map((wash) => (
            <Row key={wash.bottle.id} lined={wash} face={face} width={width} />
          ))}
        </ol>
      </section>
    </div>
  )
}

/** How the line is to look, and what it lies in. */
function LineFields({
  look,
  scale,
  depth,
  share,
  onSet: set,
}: {
  look: Look
  scale: string
  depth: string
  share: string
  onSet: (next: Record<string, string>) => void
}) {
  return (
    <div className="grid grid-cols-2 gap-3">
      <SelectField
        label="Look"
        value={look}
        onChange={(event) => set({ look: event.target.value })}
        choices={SCHOOLS.liningLook.map((value) => ({ value, say: capital(value) }))}
      />
      <SelectField
        label="Scale"
        value={scale}
        onChange={(event) => set({ scale: event.target.value })}
        choices={SCALES.map((value) => ({ value, say: `1:${value}` }))}
      />
      <SelectField
        label="Line depth"
        unit="mm"
        value={depth}
        onChange={(event) => set({ depth: event.target.value })}
        choices={DEPTHS.map((value) => ({ value, say: value }))}
      />
      <SelectField
        label="Paint in the wash"
        value={share}
        onChange={(event) => set({ wash: event.target.value })}
        choices={[
          { value: '', say: 'As reads best' },
          ...STRENGTHS.map((value) => ({ value, say: `${Math.round(Number(value) * 100)} %` })),
        ]}
      />
    </div>
  )
}

function Row({ lined, face, width }: { lined: LinedBy; face: string; width: number }) {
  const { bottle, share, asItComes, line, deltaE00, reads } = lined
  return (
    <li className="flex flex-wrap items-center gap-x-5 gap-y-2 border-b border-rule py-3">
      <Surround tight>
        <LinedFace face={face} line={line} width={width} />
      </Surround>
      <span className="min-w-0 flex-1 basis-52">
        <span className="block font-semibold">{bottle.name}</span>
        <span className="block text-sm text-soft">
          {asItComes ? 'As it comes' : `${number(share * 100, 2)} % paint in the wash`} ·{' '}
          {about(bottle.leftMl, 'ml', 1)} left
        </span>
      </span>
      <span className="w-56">
        <span className={cx('block text-lg font-semibold', !reads && 'text-risk')}>
          ΔE00 {number(deltaE00, 1, true)}
        </span>
        <span className="block text-sm text-soft">{verdict(lined)}</span>
      </span>
    </li>
  )
}

function verdict({ reads, darker, suits, fills }: LinedBy): string {
  if (!darker) return 'lighter than the face: no line'
  if (!reads && fills !== null) return `reads after ${fills} fills, each dried`
  if (!reads) return 'outside of what is wanted'
  return suits ? 'reads, and goes with the face' : 'reads'
}

/** A face with its line, ten times as large, and as wide as it is on the model. */
function LinedFace({ face, line, width }: { face: string; line: string; width: number }) {
  const real = width * PIXELS_A_MM
  return (
    <svg width="176" height="56" role="img" aria-label={`Line ${line} on face ${face}`}>
      <rect width="176" height="56" fill={face} />
      <rect x="56" width={width * 10 * PIXELS_A_MM} height="56" fill={line} />
      {[118, 134, 150].map((x) => (
        <rect key={x} x={x} width={real} height="56" fill={line} />
      ))}
    </svg>
  )
}
