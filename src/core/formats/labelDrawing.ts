import { familyRow } from '../knowledge/families'
import { capital } from '../model/capital'
import type { MixLabel } from '../shelf/mixLabel'

/** Size of a label, mm. */
export const LABEL_SIZE = { width: 90, height: 50 } as const
/** More ingredients than this don't fit on it: the rest is counted. */
const FITTING = 4

/** One mark of a label, in mm: a box, a line, or a text by its baseline. */
export type LabelMark =
  | {
      is: 'box'
      x: number
      y: number
      width: number
      height: number
      fill: string
      edge: string
      thick: number
    }
  | { is: 'rule'; x1: number; x2: number; y: number }
  | { is: 'text'; x: number; y: number; size: number; text: string; bold?: true; end?: true }

/** How a day and an hour are written on a label: by the reader's own locale. */
export type LabelDates = { day: (at: number) => string; hour: (at: number) => string }

/** A text on a label: where, how large in mm, and what it says. */
function text(
  x: number,
  y: number,
  size: number,
  said: string,
  bold?: true,
  end?: true,
): LabelMark {
  return { is: 'text', x, y, size, text: said, ...(bold ? { bold } : {}), ...(end ? { end } : {}) }
}

/** An ingredient: its name, its parts, its drops. */
function rowMarks(
  { name, parts }: MixLabel['ingredients'][number],
  drops: number | undefined,
  row: number,
): LabelMark[] {
  const y = 32.4 + row * 3.7
  return [
    text(4, y, 3.4, cut(name, 22)),
    text(50, y, 3.4, String(Number(parts.toFixed(3))), undefined, true),
    text(86, y, 3.4, String(drops ?? ''), true, true),
  ]
}

/** All that is drawn on a label, black on white. Source: handbook 4.6. */
export function labelMarks(label: MixLabel, dates: LabelDates): LabelMark[] {
  const { ingredients, more, colour, family, paintShare, potLifeEnds, mixedAt } = label
  const rest = ingredients.length - FITTING
  const what = family ? capital(familyRow(family).name) : 'Mix'
  return [
    {
      is: 'box',
      x: 0.25,
      y: 0.25,
      width: 89.5,
      height: 49.5,
      fill: '#ffffff',
      edge: '#141414',
      thick: 0.5,
    },
    {
      is: 'box',
      x: 4,
      y: 4,
      width: 18,
      height: 18,
      fill: colour ?? '#ffffff',
      edge: '#767676',
      thick: 0.3,
    },
    text(26, 9, 5.4, cut(label.name, 24), true),
    text(26, 15, 3.4, `${what}, ${Math.round(paintShare * 100)} % paint`),
    text(
      26,
      20.4,
      3.4,
      potLifeEnds === null ? `Mixed ${dates.day(mixedAt)}` : `Use by ${dates.hour(potLifeEnds)}`,
    ),
    { is: 'rule', x1: 4, x2: 86, y: 24.4 },
    text(50, 28.4, 2.8, 'parts', undefined, true),
    text(86, 28.4, 2.8, `drops for ${more.ml} ml more`, undefined, true),
    ...ingredients.slice(0, FITTING).flatMap((row, i) => rowMarks(row, more.drops[i], i)),
    text(4, 48, 2.8, `${rest > 0 ? `and ${rest} more · ` : ''}${label.for ?? ''}`),
  ]
}

/** What a label carries for whoever reads it again. Source: docs/formats.md. */
export function labelData(label: MixLabel): string {
  return JSON.stringify({ format: 'tectoria-label', version: 1, ...label })
}

/** Labels as one SVG, one below the other. */
export function labelsSvg(labels: readonly MixLabel[], dates: LabelDates): string {
  const { width, height } = LABEL_SIZE
  const drawn = labels.map(
    (label, i) =>
      `<g transform="translate(0 ${i * height})"><metadata>${escaped(labelData(label))}</metadata>${labelMarks(label, dates).map(markSvg).join('')}</g>`,
  )
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height * labels.length}mm" viewBox="0 0 ${width} ${height * labels.length}" font-family="sans-serif">${drawn.join('')}</svg>\n`
}

function markSvg(mark: LabelMark): string {
  switch (mark.is) {
    case 'box':
      return `<rect x="${mark.x}" y="${mark.y}" width="${mark.width}" height="${mark.height}" fill="${escaped(mark.fill)}" stroke="${mark.edge}" stroke-width="${mark.thick}"/>`
    case 'rule':
      return `<line x1="${mark.x1}" x2="${mark.x2}" y1="${mark.y}" y2="${mark.y}" stroke="#141414" stroke-width="0.4"/>`
    case 'text':
      return `<text x="${mark.x}" y="${mark.y}" font-size="${mark.size}" fill="#141414"${mark.bold ? ' font-weight="700"' : ''}${mark.end ? ' text-anchor="end"' : ''}>${escaped(mark.text)}</text>`
  }
}

const SIGNS: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' }

function escaped(text: string): string {
  return text.replaceAll(/\p{Cc}/gu, ' ').replaceAll(/[&<>"]/g, (sign) => SIGNS[sign] ?? '')
}

function cut(text: string, most: number): string {
  return text.length > most ? `${text.slice(0, most - 1)}…` : text
}
