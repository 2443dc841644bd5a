import {
  LANDS,
  LOSS_PER_FILL,
  MARGIN,
  type MixCoat,
  type MixTool,
  WET_FILM_UM,
} from '../knowledge/mixing'

/** What is less than this is nothing, ml. */
const HAIR = 1e-9

/** Brushes lose nothing in cup and needle, and lay the brush's own film. */
export function isBrush(tool: MixTool): boolean {
  return tool === 'brush' || tool === 'flat-brush'
}

/** A coat whose amount of mix is wanted. */
export type CoverageRequest = {
  /** cm² */
  area: number
  coats: readonly MixCoat[]
  tool: MixTool
  /** Small or open parts catch less of the spray. */
  open: boolean
  /** Cup in use, ml; null: one fill, however large. */
  cupMl: number | null
  /** Spare, share. */
  margin: number
}

/** Wet volume of one coat, ml: V = A · w / η. Source: handbook 4.4. */
export function coatVolume(area: number, coat: MixCoat, tool: MixTool, open: boolean): number {
  return (area * (WET_FILM_UM[coat] / 10_000)) / LANDS[tool][open ? 'open' : 'large']
}

/** What a fill loses in cup and needle, with the margin on it, ml. Source: handbook 4.4. */
export function lostPerFill(tool: MixTool, margin: number): number {
  return isBrush(tool) ? 0 : LOSS_PER_FILL * (1 + margin)
}

/** Does such a cup lay nothing of what is filled into it? Source: handbook 4.4. */
export function laysNothing(cupMl: number, tool: MixTool, margin: number): boolean {
  return cupMl - lostPerFill(tool, margin) < HAIR
}

/**
 * How much to mix: every coat, the loss of every fill, and the margin on both.
 *
 * @returns ml and the number of fills. Source: handbook 4.4.
 * @throws RangeError if the cup holds no more than a fill loses (the border refuses that)
 */
export function mixVolume(request: CoverageRequest): { ml: number; fills: number } {
  const { area, tool, open, cupMl, margin } = request
  const coats = request.coats.reduce((sum, coat) => sum + coatVolume(area, coat, tool, open), 0)
  const paint = coats * (1 + margin)
  const lost = lostPerFill(tool, margin)
  if (cupMl !== null && laysNothing(cupMl, tool, margin))
    throw new RangeError('mixVolume: the cup lays nothing')
  const fills = cupMl === null ? 1 : Math.max(1, Math.ceil((paint - HAIR) / (cupMl - lost)))
  return { ml: paint + lost * fills, fills }
}

/**
 * How much of a thin mix a brush takes for some passes over an area, with the margin on top.
 *
 * @param area cm²
 * @param wetUm of one pass, µm
 * @returns ml. Source: handbook 4.4.
 */
export function brushedVolume(area: number, wetUm: number, passes: number): number {
  return ((area * (wetUm / 10_000) * passes) / LANDS.brush.large) * (1 + MARGIN)
}

/**
 * How much of a wash some line takes: its section full, and as much again that is wiped away, with the margin on top.
 *
 * @param metres of line
 * @param widthMm and `depthMm` of the line: a square millimetre of section is a millilitre to the metre
 * @returns ml. Source: handbook 4.4, N27.
 */
export function lineVolume(metres: number, widthMm: number, depthMm: number): number {
  return metres * widthMm * depthMm * (1 + WIPED) * (1 + MARGIN)
}

/** Wash that is wiped away again, as a share of what fills the lines. Source: handbook 4.4. */
const WIPED = 1
