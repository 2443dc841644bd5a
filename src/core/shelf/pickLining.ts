import { isReadyMade, paintIn, paintLaid } from '../colour/bottled'
import {
  faceKind,
  type LineContrast,
  lineContrast,
  offMiddle,
  washKind,
} from '../colour/lineContrast'
import { mixOptics } from '../colour/mixture'
import { groundOf, labInside, layer } from '../colour/optics'
import { deltaE00, hexOf, type Lab, labOf } from '../colour/spectrum'
import { thicknessOf } from '../colour/thickness'
import {
  type Band,
  LEFT_IN_RECESS,
  lineBand,
  WASH_SHARES,
  WASHES_FOR,
  type WashKind,
} from '../knowledge/lining'
import type { Bottle } from '../model/bottle'
import type { SCHOOLS } from '../model/vocabulary'
import { bottlePaint } from './shelfColours'

/** A face that wants lining, and how strongly. */
export type LiningQuestion = {
  /** The face that is lined, #RRGGBB. */
  face: string
  look: (typeof SCHOOLS.liningLook)[number]
  scale: number
  /** Depth of the lines, mm. */
  depthMm: number
  /** Paint share of the wash; null: whichever reads best. */
  share: number | null
}

/** A bottle that would line a face, and how far it stands from it. */
export type LinedBy = {
  bottle: Bottle
  /** Paint share it is seen at. */
  share: number
  /** It is bottled at that strength. */
  asItComes: boolean
  line: string
  deltaE00: number
  darker: boolean
  /** Inside of the band, and darker. */
  reads: boolean
  /** Of the hue family that goes with the face. */
  suits: boolean
  /** Fills of the line until it reads, each dried before the next; null: more than are worth it, or none does. */
  fills: number | null
}

/** What on the shelf lines a face, best first. Source: handbook 5.3. */
export type LiningAnswer = {
  band: Band
  washes: LinedBy[]
  /** Why no dark wash reads, and what does; null: some do, or there is none on the shelf. */
  instead: string | null
}

/**
 * The shelf's washes for a face: inside the band first, then of the hue family that goes with the face, then what there is
 * most of.
 *
 * Source: handbook 5.3.
 */
export function pickLining(shelf: readonly Bottle[], question: LiningQuestion): LiningAnswer {
  const base = labOf(question.face)
  const band = lineBand(question.look, question.scale, faceKind(base))
  const washes = shelf
    .filter((bottle) => bottle.role === 'wash' && bottle.colour)
    .map((bottle) => linedBy(bottle, question, band))
  washes.sort(
    (a, b) =>
      Number(b.reads) - Number(a.reads) ||
      suitRank(a, base) - suitRank(b, base) ||
      offMiddle(a.deltaE00, band) - offMiddle(b.deltaE00, band) ||
      b.bottle.leftMl - a.bottle.leftMl,
  )
  return { band, washes, instead: insteadOf(question.face, band) }
}

function linedBy(bottle: Bottle, question: LiningQuestion, band: Band): LinedBy {
  const tries = sharesOf(bottle, question.share).map((share) => seen(bottle, question, share, band))
  return tries.reduce((best, share) =>
    offMiddle(share.deltaE00, band) < offMiddle(best.deltaE00, band) - 1e-9 ? share : best,
  )
}

/** Strengths that a bottle can be laid at: a ready-made wash as it comes, and thinner. */
function sharesOf(bottle: Bottle, asked: number | null): number[] {
  const meant = asked === null ? WASH_SHARES : [asked]
  const laid = meant.map((share) => paintLaid(bottle, share))
  const own = isReadyMade(bottle) && asked === null ? [paintIn(bottle)] : []
  return [...own, ...new Set(laid)]
}

function seen(
  bottle: Bottle,
  { face, depthMm }: LiningQuestion,
  share: number,
  band: Band,
): LinedBy {
  const paint = bottlePaint(bottle)
  const after = (fills: number) => lineContrast({ face, paint, share, depthMm, fills })
  const reaches = ({ darker, deltaE00: apart }: LineContrast) =>
    darker && apart >= band.from && apart <= band.to
  const line = after(1)
  const fills = Array.from({ length: MOST_FILLS }, (_, i) => i + 1).find((n) => reaches(after(n)))
  return {
    bottle,
    share,
    asItComes: isReadyMade(bottle) && share >= paintIn(bottle) - 1e-9,
    line: hexOf(line.lab),
    deltaE00: line.deltaE00,
    darker: line.darker,
    reads: reaches(line),
    fills: fills ?? null,
    suits: WASHES_FOR[faceKind(labOf(face))].includes(washKind(labOf(bottle.colour as string))),
  }
}

/** More fills than this are not worth the wait: a stronger wash is. Source: N31. */
const MOST_FILLS = 5

/** 0 for the kind of wash that goes with the face best; others come later, and what is no shadow at all last. */
function suitRank({ bottle }: LinedBy, face: Lab): number {
  const suits = WASHES_FOR[faceKind(face)]
  const kind = washKind(labOf(bottle.colour as string))
  const at = suits.indexOf(kind)
  if (at >= 0) return at
  return suits.length + (kind === 'other' ? 1 : 0)
}

/** A set that shades by height: a neutral wash high, a brown one low, one near black in the deepest lines. */
export type GradedWashes = { high: LinedBy; low: LinedBy; deep: LinedBy }

const GRADES: Record<keyof GradedWashes, readonly WashKind[]> = {
  high: ['grey', 'warm-grey', 'blue-grey', 'green-grey'],
  low: ['brown', 'black-brown'],
  deep: ['black', 'black-brown'],
}

/** The set out of the washes for a face; null where the shelf has no wash for one of its places. Source: handbook 5.3, N26. */
export function gradedWashes({ washes }: LiningAnswer): GradedWashes | null {
  const taken = new Set<LinedBy>()
  const find = (kinds: readonly WashKind[]) => {
    const found = kinds
      .flatMap((kind) => washes.filter((wash) => washKind(colourOf(wash)) === kind))
      .find((one) => one.darker && !taken.has(one))
    if (found) taken.add(found)
    return found
  }
  const deep = find(GRADES.deep)
  const low = find(GRADES.low)
  const high = find(GRADES.high)
  return high && low && deep ? { high, low, deep } : null
}

/** One height of a gradient: how much of the lower wash is in it, 0 to 1, and its line. */
export type GradientBand = { low: number; line: string; deltaE00: number }

/**
 * From one wash to another in even steps, the highest first: both at the dilution they were picked at.
 *
 * @param question with the face and the depth of its lines
 * @param heights 2 or more
 * Source: handbook 5.1, 5.3, N26.
 */
export function washGradient(
  { high, low }: GradedWashes,
  { face, depthMm }: LiningQuestion,
  heights: number,
): GradientBand[] {
  const liquid = depthMm * 1000 * LEFT_IN_RECESS
  return Array.from({ length: heights }, (_, i): GradientBand => {
    const part = i / (heights - 1)
    const portions = [
      { paint: bottlePaint(high.bottle), amount: (1 - part) * high.share },
      { paint: bottlePaint(low.bottle), amount: part * low.share },
    ]
    const paint = portions.reduce((sum, portion) => sum + portion.amount, 0)
    const line = labInside(layer(mixOptics(portions), thicknessOf(liquid, paint), groundOf(face)))
    return { low: part, line: hexOf(line), deltaE00: deltaE00(line, labOf(face)) }
  })
}

function colourOf({ bottle }: LinedBy): Lab {
  return labOf(bottle.colour as string)
}

/** The darkest line there is: an opaque one of black. */
const BLACKEST = '#141415'

function insteadOf(face: string, band: Band): string | null {
  const most = deltaE00(labOf(BLACKEST), labOf(face))
  return most >= band.from
    ? null
    : `Even an opaque black line differs from this face by ΔE00 ${most.toFixed(1)} only, and ${band.from} are wanted: no dark wash reads. Take a lighter line, or lighten the edges instead.`
}
