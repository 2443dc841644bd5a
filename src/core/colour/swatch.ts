import { extremes } from '../model/extremes'
import { groundOf, labInside, layer, opticsOf, type Paint } from './optics'
import { deltaE00, labOf } from './spectrum'

/** A swatch that was laid and looked at. */
export type SeenSwatch = {
  /** #RRGGBB, what it was laid over. */
  ground: string
  coats: number
  /** Of one coat, X in normal light coats. */
  thickness: number
  /** #RRGGBB, what was seen. */
  seen: string
  /** How far off that may be, ΔE00; left out: as well as eyes tell colours apart. */
  unsure?: number | undefined
}

/** What swatches say of how well a paint hides, and how near the prediction comes to them. */
export type SwatchFit = {
  /** Light coats until it hides, by what was seen. */
  hiding: number
  /** How far prediction and swatch were apart, and are with that hiding, ΔE00. */
  before: number
  after: number
  /** Hidings that what was seen doesn't tell apart. */
  span: readonly [least: number, most: number]
  /** What it is worth: it says it; it can't tell, as where it covers anyway; or no hiding explains it. */
  worth: 'firm' | 'open' | 'strange'
}

/** Hiding is looked for between these. Source: handbook 5.1. */
const LEAST = 0.2
const MOST = 200
/** Colours nearer than this are the same to the eye, ΔE00. */
const SAME = 1
/** A swatch that is further off than this with the best hiding is of another paint, or was read wrongly, ΔE00. */
const STRANGE = 6
/** Hidings of which the most is over so many times the least say nothing. */
const OPEN = 6
/** Steps of the first look through, on a logarithm, and of the closer one. */
const STEPS = 120

/**
 * The hiding with which a paint would look as its swatch did: the prediction that comes nearest.
 *
 * @throws RangeError if a colour is none
 * Source: handbook 5.4: swatch the first mix, record the correction.
 */
export function fitHiding(paint: Paint, swatch: SeenSwatch): SwatchFit {
  const seen = labOf(swatch.seen)
  const ground = groundOf(swatch.ground)
  const thickness = swatch.coats * swatch.thickness
  const off = (hiding: number | undefined) =>
    deltaE00(labInside(layer(opticsOf({ ...paint, hiding }), thickness, ground)), seen)
  const hidings = (from: number, to: number) =>
    Array.from({ length: STEPS + 1 }, (_, i) => from * (to / from) ** (i / STEPS))
  const nearest = (all: readonly number[]) => all.reduce((a, b) => (off(b) < off(a) ? b : a))
  const all = hidings(LEAST, MOST)
  const rough = nearest(all)
  const step = (MOST / LEAST) ** (1 / STEPS)
  const close = nearest(hidings(Math.max(LEAST, rough / step), Math.min(MOST, rough * step)))
  const hiding = Number(close.toPrecision(3))
  const after = off(hiding)
  const within = Math.hypot(after, swatch.unsure ?? SAME)
  const [least, most] = extremes([hiding, ...all.filter((one) => off(one) <= within)]) ?? [0, 0]
  const worth = after > STRANGE ? 'strange' : most > least * OPEN ? 'open' : 'firm'
  return { hiding, before: off(paint.hiding), after, span: [least, most], worth }
}
