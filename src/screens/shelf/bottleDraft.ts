import { colourSaid } from '@/core/colour'
import { saidDuration } from '@/core/formats/text/saidDuration'
import { type Bottle, bottleSchema } from '@/core/model/bottle'
import { parse } from '@/core/model/input'
import type { Product } from '@/core/model/sequence'
import { numberOf } from '../shared/fieldText'
import { type FormResult, readForm } from '../shared/forms'
import { sayProblem } from '../shared/problemWords'

/** Points of a drying sheet, in their order. */
export const SHEET_POINTS = [
  { field: 'flash', say: 'Next coat after' },
  { field: 'touch', say: 'Touch-dry after' },
  { field: 'recoat', say: 'Next product after' },
  { field: 'latest', say: 'Next product until' },
  { field: 'sand', say: 'Sands after' },
  { field: 'tape', say: 'Bears tape after' },
  { field: 'cured', say: 'Cured after' },
  { field: 'potLife', say: 'Pot life' },
] as const
export type SheetPoint = (typeof SHEET_POINTS)[number]['field']

/** How a bottle is used. */
export const STRENGTHS = [
  { value: '', say: 'As usual for its role', means: undefined },
  { value: 'ready', say: 'As it comes', means: true },
  { value: 'neat', say: 'Thinned first', means: false },
] as const

/** A bottle as it is typed. */
export type BottleDraft = ReturnType<typeof draftOf>

/** One field of the form: what is typed, what is wrong with it, and what changes it. */
export type BottleField = (name: keyof BottleDraft) => {
  value: string
  error: string | undefined
  onChange: (event: { target: { value: string } }) => void
}

export function draftOf(bottle: Bottle) {
  return {
    name: bottle.name,
    maker: bottle.maker ?? '',
    family: bottle.family as string,
    role: bottle.role as string,
    sheen: bottle.sheen ?? '',
    colour: bottle.colour ?? '',
    sizeMl: String(bottle.sizeMl),
    leftMl: String(bottle.leftMl),
    share: sharePercent(bottle),
    workingStrength: STRENGTHS.find(({ means }) => means === bottle.workingStrength)?.value ?? '',
    dropsPerMl: bottle.dropsPerMl === undefined ? '' : String(bottle.dropsPerMl),
    state: (bottle.state ?? 'open') as string,
    lid: (bottle.lid ?? 'resting') as string,
    undertone: bottle.undertone ?? '',
    undercoat: bottle.undercoat ?? '',
    hiding: bottle.hiding === undefined ? '' : String(bottle.hiding),
    strength: bottle.strength === undefined ? '' : String(bottle.strength),
    density: bottle.density === undefined ? '' : String(bottle.density),
    code: bottle.code ?? '',
    boughtAt: bottle.boughtAt ?? '',
    price: bottle.price === undefined ? '' : String(bottle.price),
    openedOn: bottle.openedOn ?? '',
    keepsMonths: bottle.keepsMonths === undefined ? '' : String(bottle.keepsMonths),
    reworkHours: bottle.reworkHours === undefined ? '' : String(bottle.reworkHours),
    ...sheetOf(bottle),
  }
}

/** Its share of paint as it is shown; what is shown and not changed is kept to the last digit. */
function sharePercent({ share }: Bottle): string {
  return share === undefined ? '' : String(Number((share * 100).toFixed(2)))
}

/** The bottle that a draft means, or what is wrong beside each field. @param now when a code or a decanting is dated */
export function readBottle(bottle: Bottle, draft: BottleDraft, now: number): FormResult<Bottle> {
  const percent = numberOf(draft.share)
  const share = typeof percent === 'number' ? percent / 100 : percent
  const text = (value: string) => (value.trim() === '' ? undefined : value.trim())
  const next = {
    ...bottle,
    id: bottle.id === '' ? 'new' : bottle.id,
    name: draft.name,
    maker: text(draft.maker),
    family: draft.family,
    role: draft.role,
    sheen: text(draft.sheen),
    colour: colourOf(draft.colour),
    sizeMl: numberOf(draft.sizeMl),
    leftMl: numberOf(draft.leftMl),
    share: draft.share === sharePercent(bottle) ? bottle.share : share,
    workingStrength: STRENGTHS.find(({ value }) => value === draft.workingStrength)?.means,
    dropsPerMl: numberOf(draft.dropsPerMl),
    undertone: colourOf(draft.undertone),
    undercoat: colourOf(draft.undercoat),
    hiding: numberOf(draft.hiding),
    strength: numberOf(draft.strength),
    density: numberOf(draft.density),
    code: text(draft.code),
    earlierCodes: codesBefore(bottle, text(draft.code), now),
    boughtAt: text(draft.boughtAt),
    price: numberOf(draft.price),
    openedOn: text(draft.openedOn),
    keepsMonths: numberOf(draft.keepsMonths),
    reworkHours: numberOf(draft.reworkHours),
    product: productOf(bottle, draft),
    // A bottle that doesn't say its state is taken as open, and goes on not saying it.
    state: draft.state === (bottle.state ?? 'open') ? bottle.state : draft.state,
    ...(draft.state === 'decanted' ? { lid: draft.lid } : {}),
    ...(draft.state === 'decanted' && !bottle.decantedAt
      ? { decantedAt: new Date(now).toISOString() }
      : {}),
  }
  const read = readForm(bottleSchema, next)
  if (!read.ok) return { ok: false, errors: sheetErrors(next, read.errors) }
  return { ok: true, value: { ...read.value, id: bottle.id } }
}

/** A colour in words or figures; what is none stays, to be refused. */
function colourOf(typed: string): string | undefined {
  return typed.trim() === '' ? undefined : (colourSaid(typed) ?? typed.trim())
}

/** Codes that a bottle had: the one that is corrected now joins them. */
function codesBefore({ code, earlierCodes }: Bottle, next: string | undefined, now: number) {
  if (code === undefined || code === next) return earlierCodes
  return [...(earlierCodes ?? []), { code, until: new Date(now).toISOString() }]
}

/** The points of a bottle's sheet as they are typed. */
function sheetOf({ product }: Bottle): Record<SheetPoint, string> {
  return Object.fromEntries(
    SHEET_POINTS.map(({ field }) => [field, product?.[field] ?? '']),
  ) as Record<SheetPoint, string>
}

/** The sheet that was typed, with what else was known of the product; nothing typed and nothing known: none. */
function productOf({ product }: Bottle, draft: Record<SheetPoint, string>): Product | undefined {
  const points = SHEET_POINTS.map(({ field }) => field as string)
  const rest = Object.entries(product ?? {}).filter(([field]) => !points.includes(field))
  const typed = SHEET_POINTS.flatMap(({ field }) =>
    draft[field].trim() === ''
      ? []
      : [[field, saidDuration(draft[field]) ?? draft[field].trim()] as const],
  )
  const fields = [...rest, ...typed]
  return fields.length === 0 ? undefined : (Object.fromEntries(fields) as Product)
}

/** The problems of a bottle beside its own fields: those of the sheet are one level deeper. */
function sheetErrors(next: unknown, errors: Record<string, string>): Record<string, string> {
  const parsed = parse(bottleSchema, next)
  if (parsed.ok) return errors
  const deeper = parsed.problems.flatMap((problem): [string, string][] =>
    problem.path.startsWith('product.')
      ? [[problem.path.slice('product.'.length), sayProblem(problem)]]
      : [],
  )
  return { ...errors, ...Object.fromEntries(deeper) }
}
