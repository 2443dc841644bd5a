'use client'

import Link from 'next/link'
import { useRef } from 'react'
import { LABEL_SIZE, type LabelMark, labelData, labelMarks } from '@/core/formats/labelDrawing'
import { counted } from '@/core/model/counted'
import { type MixLabel, mixLabel } from '@/core/shelf'
import { useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { writeDate } from '@/ui/dates'
import { saveFile } from '@/ui/saveFile'
import { about } from '@/ui/units'

/** The label of a saved mix: on the screen, printed alone, or as an SVG. */
export function LabelView({ id }: { id: string }) {
  const project = useProject()
  const svg = useRef<SVGSVGElement>(null)
  const stored = project.mixes?.find((mix) => mix.id === id)
  if (!stored)
    return (
      <div className="p-4 lg:p-6">
        <h1 className="font-display text-3xl font-semibold">This mix isn’t saved any more</h1>
        <Link href="/mix" className="mt-3 inline-block underline">
          To the mixes
        </Link>
      </div>
    )
  const save = () => {
    if (!svg.current) return
    const text = new XMLSerializer().serializeToString(svg.current)
    saveFile(
      `${stored.name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-')}.svg`,
      text,
      'image/svg+xml',
    )
  }
  return (
    <div className="p-4 lg:p-6">
      <div data-screen-only="">
        <Link href="/mix" className="underline">
          To the mixes
        </Link>
        <h1 className="mt-1 font-display text-4xl font-semibold">Label of {stored.name}</h1>
        <div className="mt-3 flex flex-wrap gap-2">
          <Button look="act" onClick={() => window.print()}>
            Print it
          </Button>
          <Button onClick={save}>Save as SVG</Button>
        </div>
      </div>
      <div className="mt-5 max-w-[45rem] print:max-w-none">
        <LabelDrawing label={mixLabel(stored, project)} ref={svg} />
      </div>
    </div>
  )
}

const DATES = {
  day: (at: number) => writeDate('date', at),
  hour: (at: number) => writeDate('date-and-time', at),
}

/** A label of 90 by 50 mm; black on white, so that it prints the same from both themes. */
function LabelDrawing({ label, ref }: { label: MixLabel; ref: React.Ref<SVGSVGElement> }) {
  return (
    <svg
      ref={ref}
      xmlns="http://www.w3.org/2000/svg"
      viewBox={`0 0 ${LABEL_SIZE.width} ${LABEL_SIZE.height}`}
      className="w-full print:w-[90mm]"
      role="img"
      aria-label={words(label)}
      fontFamily="'Atkinson Hyperlegible Next Variable', sans-serif"
    >
      <metadata>{labelData(label)}</metadata>
      {labelMarks(label, DATES).map((mark, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the marks of a label never move
        <Mark key={i} mark={mark} />
      ))}
    </svg>
  )
}

function Mark({ mark }: { mark: LabelMark }) {
  if (mark.is === 'box') {
    const { x, y, width, height, fill, edge, thick } = mark
    return <rect {...{ x, y, width, height, fill }} stroke={edge} strokeWidth={thick} />
  }
  if (mark.is === 'rule')
    return (
      <line x1={mark.x1} x2={mark.x2} y1={mark.y} y2={mark.y} stroke="#141414" strokeWidth="0.4" />
    )
  return (
    <text
      x={mark.x}
      y={mark.y}
      fontSize={mark.size}
      fill="#141414"
      fontWeight={mark.bold ? 700 : undefined}
      textAnchor={mark.end ? 'end' : undefined}
    >
      {mark.text}
    </text>
  )
}

function words({ name, ingredients, more, paintShare }: MixLabel): string {
  const parts = ingredients.map(
    (ingredient, i) =>
      `${ingredient.name} ${ingredient.parts}, ${counted(more.drops[i] ?? 0, 'drop')}`,
  )
  return `Label: ${name}, ${Math.round(paintShare * 100)} % paint. ${parts.join('; ')}, for ${about(more.ml, 'ml', 2)} more.`
}
