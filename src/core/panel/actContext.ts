import { thicknessOf } from '../colour/thickness'
import { WET_MICRONS } from '../knowledge/limits'
import type { ActStep } from '../model/sequence'
import type { Role, WHERE } from '../model/vocabulary'
import { hidingMeant, PRIMER } from '../stack/state/filmColours'
import type { ResolvedStep } from '../stack/state/resolvedStep'
import { noiseOver, seedOf } from '../surface/noise'
import { RECESS_FROM, type Samples } from '../surface/samples'
import { type Ink, type PanelFilm, type PanelState, unmasked } from './films'

/** A step about to be done on a surface: all that it may ask. Source: handbook 10.3. */
export type ActContext = {
  samples: Samples
  state: PanelState
  step: ActStep
  resolved: ResolvedStep
  index: number
  seed: number
  scale: number
  /** Cleaned before its film is touch-dry. */
  early: boolean
  /** By the zones of a build that a step may name, the plates of the surface; left out: it has none. */
  zones?: ReadonlyMap<string, number> | undefined
}

/** An act on a surface: what lies there after it. Pure. */
export type PanelActDone = (context: ActContext) => PanelState

/** How much is done, 0 to 1. Source: handbook 10.3. */
export function amountOf({ step }: ActContext): number {
  return step.amount ?? 0.5
}

/** A seed of this step, for one thing. */
export function seedFor({ seed, index, step }: ActContext, what: string): number {
  return seedOf(seed, index, `${step.do} ${what}`)
}

/** Noise of this step over all samples, about −1 to 1. */
export function noiseFor(context: ActContext, what: string, size: number): Float32Array {
  return noiseOver(context.samples, seedFor(context, what), size)
}

/** Thinner in the mix where the step doesn't say, share. Source: contracts, panel request. */
const THINNED: Partial<Record<ActStep['do'], number>> = {
  line: 0.94,
  filter: 0.97,
  streak: 0.8,
  stain: 0.8,
  'rust-wash': 0.8,
  dust: 0.8,
}
const THINNED_BY_ROLE: Partial<Record<Role, number>> = { wash: 0.94, filter: 0.97 }
const THINNED_COAT = 0.5

/** Paint share of what is laid, 0 to 1. */
export function paintShare({ step, resolved: { role } }: ActContext): number {
  const usual = THINNED[step.do] ?? (role && THINNED_BY_ROLE[role]) ?? THINNED_COAT
  return 1 - (step.thinning ?? usual)
}

/** Colours of acts where nobody says. Source: contracts, panel request. */
const USUAL_INK: Partial<Record<ActStep['do'], string>> = {
  prime: PRIMER,
  base: '#A8A498',
  preshade: '#2B2A29',
  toplight: '#D9D4C6',
  mottle: '#6E6A62',
  glaze: '#7A5A33',
  'clear-colour': '#B4451E',
  metal: '#9C9FA2',
  'mirror-metal': '#C9CCCF',
  chrome: '#DDE0E2',
  detail: '#4A4540',
  decal: '#E6E3DA',
  line: '#3B3A38',
  wash: '#3B3A38',
  filter: '#6A5644',
  'chip-sponge': '#5B5F62',
  'chip-brush': '#3A2A22',
  drybrush: '#CFC9BA',
  scratch: '#C9C4B4',
  pencil: '#8F9294',
  graphite: '#5E6163',
  'oil-dots': '#5A4A3A',
  streak: '#4C3B2E',
  stain: '#4A3626',
  dust: '#B7A78A',
  soot: '#1F1C1A',
  'rust-wash': '#7A4527',
  chalk: '#D5D1C6',
  speckle: '#4A3E33',
  powder: '#B7A78A',
  mud: '#6A5644',
  splatter: '#6A5644',
}

/** The paint of a step. */
export function inkOf({ step, resolved }: ActContext): Ink {
  return {
    colour: step.colour ?? USUAL_INK[step.do] ?? PRIMER,
    hiding: hidingMeant(step, resolved.role),
  }
}

/** All coats of a step as one film on an open face, X. Source: handbook 5.1. */
export function coatsThickness(context: ActContext): number {
  const share = paintShare(context)
  const coats = context.step.coats ?? ['light']
  return coats.reduce((sum, coat) => sum + thicknessOf(WET_MICRONS[coat], share), 0)
}

type Weights = Partial<Record<(typeof WHERE)[number], number>>

/** What a place counts by `where`, 0 to 1; null where the step doesn't say. Source: handbook 10.3. */
export function whereOf({ samples, step }: ActContext): ((i: number) => number) | null {
  const { where } = step
  if (where === undefined) return null
  const weights: Weights = typeof where === 'string' ? { [where]: 1 } : where
  const whole = Object.values(weights).reduce((sum, one) => sum + one, 0) || 1
  const { edge, recess, level } = samples
  const { edges = 0, recess: hollow = 0, low = 0, high = 0, all = 0 } = weights
  return (i) =>
    (edges * (edge[i] as number) +
      hollow * ((recess[i] as number) > RECESS_FROM ? 1 : 0) +
      low * (1 - (level[i] as number)) +
      high * (level[i] as number) +
      all) /
    whole
}

/** Is a sample in the zone that the step names, 0 or 1? Source: contracts, panel request. */
export function zoneOf({ samples, step, zones }: ActContext): ((i: number) => number) | null {
  const { zone } = step
  if (zone === undefined) {
    const named = step.zones?.flatMap((one) => zones?.get(one) ?? []) ?? []
    // A step that names none of a part's zones is for all of it.
    if (named.length === 0) return null
    const plates = new Set(named.map((one) => one + 1))
    return (i) => (plates.has(samples.plate[i] as number) ? 1 : 0)
  }
  if ('plate' in zone) return (i) => (samples.plate[i] === zone.plate + 1 ? 1 : 0)
  const [left, top, w, h] = zone.rect
  return (i) => {
    const [x, y] = [samples.x[i] as number, samples.y[i] as number]
    return x >= left && y >= top && x < left + w && y < top + h ? 1 : 0
  }
}

/** Where a step may lay anything: its zone, and not under a mask; 0 to 1. */
export function reachOf(context: ActContext): (i: number) => number {
  const zone = zoneOf(context)
  const { state } = context
  if (!zone && state.masks.length === 0) return () => 1
  return (i) => (zone ? zone(i) : 1) * unmasked(state, i)
}

const SLANT = Math.SQRT1_2
/** What comes through a spray at the least, of what does on an open face square to it. Source: handbook 10.3. */
const LEAST_SPRAY = 0.12

/** How much of a spray each sample gets, 1 on an open face square to it. Source: handbook 10.3. */
export function sprayOf(
  { samples, step }: ActContext,
  from: NonNullable<ActStep['from']> = step.from ?? 'front',
): (i: number) => number {
  const { open, edge, front, up, nx } = samples
  const square: Record<typeof from, (i: number) => number> = {
    front: (i) => front[i] as number,
    above: (i) => SLANT * ((front[i] as number) + (up[i] as number)),
    below: (i) => SLANT * ((front[i] as number) - (up[i] as number)),
    left: (i) => SLANT * ((front[i] as number) - (nx[i] as number)),
    right: (i) => SLANT * ((front[i] as number) + (nx[i] as number)),
  }
  const to = square[from]
  return (i) =>
    (0.55 + 0.45 * (open[i] as number)) *
    (1 - 0.35 * (edge[i] as number)) *
    Math.max(LEAST_SPRAY, to(i))
}

/** A film on every sample: X by its field, where the step reaches. */
export function filmBy(
  context: ActContext,
  kind: PanelFilm['kind'],
  thick: (i: number) => number,
  ink: Ink | null = inkOf(context),
): PanelFilm {
  const { samples, index, step, resolved } = context
  const reach = reachOf(context)
  const x = new Float32Array(samples.count)
  for (let i = 0; i < x.length; i++) {
    const own = thick(i)
    if (own > 0) x[i] = own * reach(i)
  }
  return { ...filmOf(index, step.do, resolved), ink, x, cover: null, kind }
}

/** A film by its step. */
function filmOf(step: number, act: ActStep['do'], { role, row }: ResolvedStep) {
  const stains = row.runs === true || row.pools === true
  return { step, act, role, whole: false, stains }
}

/** Marks that hide what is under them: how much of each sample they cover, 0 to 255, where the step reaches. */
export function marksBy(
  context: ActContext,
  cover: Uint8Array,
  ink: Ink = inkOf(context),
): PanelFilm {
  const reach = reachOf(context)
  const own = new Uint8Array(cover.length)
  const x = new Float32Array(cover.length)
  for (let i = 0; i < cover.length; i++) {
    const one = cover[i] as number
    if (one === 0) continue
    own[i] = Math.round(one * reach(i))
    if (own[i] !== 0) x[i] = OPAQUE_X
  }
  const { index, step, resolved } = context
  return { ...filmOf(index, step.do, resolved), ink, x, cover: own, kind: 'mark' }
}

/** So thick is a mark that is touched on: what is under it is gone. */
const OPAQUE_X = 6

/** The state with one film more on top. */
export function withFilm(state: PanelState, film: PanelFilm): PanelState {
  return { ...state, films: [...state.films, film] }
}

/** The unit way of a step across the face: its `direction`, degrees clockwise from +x, or another. */
export function wayOf(
  { step, samples: { axes } }: ActContext,
  otherwise: readonly [number, number, number],
): readonly [number, number, number] {
  if (step.direction === undefined) return otherwise
  const turn = (step.direction * Math.PI) / 180
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  const at = (c: 0 | 1 | 2) => cos * axes.across[c] + sin * axes.down[c]
  return [at(0), at(1), at(2)]
}
