'use client'

import Link from 'next/link'
import { useRef } from 'react'
import { type MixLabel, mixLabel } from '@/core/shelf'
import { useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/saveFile'
import { familyName } from '../shared/words'

/** The label of a kept mix: on the screen, printed alone, or as an SVG. */
export function LabelView({ id }: { id: string }) {
  const project = useProject()
  const svg = useRef<SVGSVGElement>(null)
  const stored = project.mixes?.find((mix) => mix.id === id)
  if (!stored)
    return (
      <div className="p-4 lg:p-6">
        <h1 className="font-display text-3xl font-semibold">This mix isn’t kept any more</h1>
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
          <Button onClick={save}>Write it as SVG</Button>
        </div>
      </div>
      <div className="mt-5 max-w-[45rem] print:max-w-none">
        <LabelDrawing label={mixLabel(stored, project)} ref={svg} />
      </div>
    </div>
  )
}

/** Size of a label, mm. */
const SIZE = { width: 90, height: 50 } as const
/** More ingredients than this don't fit on it: the rest is counted. */
const FITTING = 4

const DAY = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium' })
const HOUR = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' })

/** A label of 90 by 50 mm; black on white, so that it prints the same from both themes. */
function LabelDrawing({ label, ref }: { label: MixLabel; ref: React.Ref<SVGSVGElement> }) {
  const { ingredients, more, colour } = label
  const shown = ingredients.slice(0, FITTING)
  const rest = ingredients.length - shown.length
  return (
    <svg
      ref={ref}
      xmlns="http://www.w3.org/2000/svg"
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      className="w-full print:w-[90mm]"
      role="img"
      aria-label={words(label)}
      fontFamily="'Atkinson Hyperlegible Next Variable', sans-serif"
    >
      <metadata>{JSON.stringify({ format: 'tectoria-label', version: 1, ...label })}</metadata>
      <rect
        x="0.25"
        y="0.25"
        width="89.5"
        height="49.5"
        fill="#ffffff"
        stroke="#141414"
        strokeWidth="0.5"
      />
      <rect
        x="4"
        y="4"
        width="18"
        height="18"
        fill={colour ?? '#ffffff'}
        stroke="#767676"
        strokeWidth="0.3"
      />
      <text x="26" y="9" fontSize="5.4" fontWeight="700" fill="#141414">
        {cut(label.name, 24)}
      </text>
      <text x="26" y="15" fontSize="3.4" fill="#141414">
        {label.family ? familyName(label.family) : 'Mix'}, {Math.round(label.paintShare * 100)} %
        paint
      </text>
      <text x="26" y="20.4" fontSize="3.4" fill="#141414">
        {label.potLifeEnds === null
          ? `Mixed ${DAY.format(label.mixedAt)}`
          : `Use by ${HOUR.format(label.potLifeEnds)}`}
      </text>
      <line x1="4" x2="86" y1="24.4" y2="24.4" stroke="#141414" strokeWidth="0.4" />
      <g fontSize="2.8" textAnchor="end" fill="#141414">
        <text x="50" y="28.4">
          parts
        </text>
        <text x="86" y="28.4">
          drops for {more.ml} ml more
        </text>
      </g>
      {shown.map(({ name, parts }, i) => (
        <g key={name} fontSize="3.4" fill="#141414" transform={`translate(0 ${32.4 + i * 3.7})`}>
          <text x="4">{cut(name, 22)}</text>
          <text x="50" textAnchor="end">
            {Number(parts.toFixed(3))}
          </text>
          <text x="86" textAnchor="end" fontWeight="700">
            {more.drops[i]}
          </text>
        </g>
      ))}
      <text x="4" y="48" fontSize="2.8" fill="#141414">
        {rest > 0 ? `and ${rest} more · ` : ''}
        {label.for ?? ''}
      </text>
    </svg>
  )
}

function cut(text: string, most: number): string {
  return text.length > most ? `${text.slice(0, most - 1)}…` : text
}

function words({ name, ingredients, more, paintShare }: MixLabel): string {
  const parts = ingredients.map(
    (ingredient, i) => `${ingredient.name} ${ingredient.parts}, ${more.drops[i]} drops`,
  )
  return `Label: ${name}, ${Math.round(paintShare * 100)} % paint. ${parts.join('; ')}, for ${more.ml} ml more.`
}
