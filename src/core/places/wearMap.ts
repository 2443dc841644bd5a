import {
  CHIP_BUDGET,
  MARK_MEAN,
  NEEDLE_MARK,
  SPLASH,
  WEAR_EFFECTS,
  WEAR_EVENT_TABLE,
  WEAR_SCHOOLS,
  WEAR_TABLE,
  WEAR_WAYS,
  type WearEffect,
  type WearEffectRow,
} from '../knowledge/wearMap'
import type { School } from '../model/sequence'
import type { ZoneFacing } from '../model/shape'
import type { WearEvent, WearWord } from '../model/vocabulary'

/** What the wear map knows of a zone. Source: handbook 12.2. */
export type WornZone = {
  id: string
  areaCm2: number
  facing: ZoneFacing
  /** 0 low to 1 high on the model as it stands. */
  height: number
  /** Share of it that is edge, 0 to 1. */
  edgeShare: number
  wear: readonly WearWord[]
  /** Is the real thing iron? */
  iron: boolean
  /** From the exhaust, in its diameters. */
  diameters: number
  /** How far the part is turned on the model, degrees: water falls another way over it. */
  turned: number
}

/** Something that happened, how strongly (0 to 1), and where; null: all over. */
export type StoryEvent = { event: WearEvent; zone: string | null; strength: number }

/** What was pinned in pictures of an effect on a zone: it beats what the map would say. Null: not said. Source: handbook 12.8, 13.1. */
export type PinnedWear = {
  zone: string
  effect: WearEffect
  /** 0 to 1. */
  strength: number | null
  /** Of its marks, on the model. */
  mm: number | null
  /** Degrees clockwise from +x. */
  direction: number | null
}

/** A story, its zones, and what holds it in. */
export type WearProblem = {
  scale: number
  seed: number
  wear?: School['wear']
  zones: readonly WornZone[]
  story: readonly StoryEvent[]
  /** How far chips stand out, ΔE00; null: a usual share. */
  chipContrast: number | null
  pins?: readonly PinnedWear[]
}

/** How much of an effect a zone gets; sizes null where it has no marks. */
export type WornEffect = {
  effect: WearEffect
  /** 0 to 1. */
  score: number
  /** Of the zone. */
  share: number
  count: number | null
  medianMmReal: number | null
  medianMm: number | null
  /** Degrees clockwise from +x. */
  direction: number
  cause: string
}

/** Where wear goes, and what of each budget that takes. Shares of all zones together. */
export type WearMap = {
  zones: { zone: string; effects: WornEffect[] }[]
  budgets: { effect: WearEffect; allowed: number; planned: number }[]
}

/**
 * Where wear goes: what each zone gets of every effect. The same seed, the same map.
 *
 * A zone gets its score's share of the budget, so that no zone and no model is over it.
 *
 * Source: handbook 12.8.
 */
export function wearMap(problem: WearProblem): WearMap {
  const zones = problem.zones.map((zone, i) => ({
    zone: zone.id,
    effects: WEAR_EFFECTS.map((effect, j) => wornBy(problem, zone, effect, [i, j])),
  }))
  const area = problem.zones.reduce((sum, { areaCm2 }) => sum + areaCm2, 0)
  const budgets = WEAR_EFFECTS.map((effect, j) => ({
    effect,
    allowed: wearBudget(effect, problem),
    planned: zones.reduce(
      (sum, { effects }, i) =>
        sum + ((effects[j]?.share ?? 0) * (problem.zones[i]?.areaCm2 ?? 0)) / area,
      0,
    ),
  }))
  return { zones, budgets }
}

/** The most of an effect, as a share of the face. Source: handbook 12.8. */
export function wearBudget(
  effect: WearEffect,
  { chipContrast, wear }: Pick<WearProblem, 'chipContrast' | 'wear'>,
): number {
  const { most, byContrast } = WEAR_TABLE[effect]
  const share = byContrast && chipContrast !== null ? chipBudget(chipContrast) : most
  return share * (wear ? WEAR_SCHOOLS[wear] : 1)
}

/** The most chips that stand out so far. */
function chipBudget(deltaE: number): number {
  const [faint, stark] = CHIP_BUDGET
  const held = Math.min(stark.deltaE, Math.max(faint.deltaE, deltaE))
  const along = (1 / held - 1 / stark.deltaE) / (1 / faint.deltaE - 1 / stark.deltaE)
  return stark.share + along * (faint.share - stark.share)
}

/** How much an effect is at home in a zone, 0 to 1, with the story told. Source: handbook 12.8. */
export function wearScore(
  effect: WearEffect,
  zone: WornZone,
  story: readonly StoryEvent[],
): number {
  const row = WEAR_TABLE[effect]
  if (row.onIron && !zone.iron) return 0
  const told = story
    .filter((event) => isAt(event, zone))
    .reduce((sum, event) => sum + addedBy(event, effect), 0)
  return Math.min(1, Math.max(0, scoreBefore(row, zone, story) + told))
}

function scoreBefore(row: WearEffectRow, zone: WornZone, story: readonly StoryEvent[]): number {
  const says = (word: WearWord) => zone.wear.includes(word)
  if (row.needs && !row.needs.every(says)) return 0
  if (row.spares && says(row.spares)) return 0
  if (row.whenDamp && !story.some(isDamp)) return 0
  const { edges = 0, where, low = 0, up = 0, side = 0, splash = 0 } = row.score
  const score =
    edges * zone.edgeShare +
    (where?.words.some(says) ? where.weight : 0) +
    low * (1 - zone.height) +
    (zone.facing === 'up' ? up : 0) +
    (SIDES.includes(zone.facing) ? side : 0) +
    splash * splashAt(zone.height)
  return row.byDistance ? score / Math.max(1, zone.diameters) ** 2 : score
}

/** Front and rear are sides too. */
const SIDES: readonly ZoneFacing[] = ['side', 'front', 'rear']

function splashAt(height: number): number {
  return Math.min(1, Math.max(0, (SPLASH.gone - height) / (SPLASH.gone - SPLASH.whole)))
}

function isDamp({ event, strength }: StoryEvent): boolean {
  return WEAR_EVENT_TABLE[event].damp === true && strength > 0
}

function isAt({ zone }: StoryEvent, { id }: WornZone): boolean {
  return zone === null || zone === id
}

function addedBy({ event, strength }: StoryEvent, effect: WearEffect): number {
  return (WEAR_EVENT_TABLE[event].adds[effect] ?? 0) * strength
}

/** So strong is what was pinned without saying how strong, where nothing else brings it. */
const PINNED = 0.5

/** Why something is where a pin says it. */
export const AS_PINNED = 'as in the picture'

function wornBy(
  problem: WearProblem,
  zone: WornZone,
  effect: WearEffect,
  place: readonly [number, number],
): WornEffect {
  const row = WEAR_TABLE[effect]
  const pin = problem.pins?.find((one) => one.zone === zone.id && one.effect === effect)
  const told = wearScore(effect, zone, problem.story)
  const score = pin ? (pin.strength ?? (told || PINNED)) : told
  const share = score * wearBudget(effect, problem)
  return {
    effect,
    score,
    ...marksOf(row, share, zone, problem, place, pin?.mm ?? null),
    direction: pin?.direction ?? directionOf(row, zone),
    cause: pin ? AS_PINNED : causeOf(row, effect, zone, problem.story),
  }
}

/** So many marks of such a size as fit into a share; the share is then what they cover. */
function marksOf(
  { mark }: WearEffectRow,
  share: number,
  { areaCm2 }: WornZone,
  { scale, seed }: WearProblem,
  [zone, effect]: readonly [number, number],
  pinnedMm: number | null,
): Pick<WornEffect, 'share' | 'count' | 'medianMmReal' | 'medianMm'> {
  if (!mark) return { share, count: null, medianMmReal: null, medianMm: null }
  const uneven = 0.9 + 0.2 * chance(seed, zone, effect)
  const medianMm = Math.max(NEEDLE_MARK, pinnedMm ?? (mark.mm * uneven) / scale)
  const wide = mark.wide === undefined ? null : Math.max(NEEDLE_MARK, mark.wide / scale)
  const cover = wide === null ? (Math.PI / 4) * medianMm ** 2 * MARK_MEAN : medianMm * wide
  const zoneMm2 = areaCm2 * 100
  const count = Math.floor((share * zoneMm2) / cover + 1e-9)
  return {
    share: Math.min(share, (count * cover) / zoneMm2),
    count,
    medianMmReal: medianMm * scale,
    medianMm,
  }
}

/** A number from 0 to 1 for a place, the same for the same seed. */
function chance(seed: number, ...place: readonly number[]): number {
  let hash = Math.imul(seed | 0, 0x9e3779b1)
  for (const at of place) {
    hash = Math.imul(hash ^ (at + 0x7f4a7c15), 0x85ebca6b)
    hash ^= hash >>> 13
  }
  hash = Math.imul(hash ^ (hash >>> 16), 0xc2b2ae35)
  return ((hash ^ (hash >>> 15)) >>> 0) / 2 ** 32
}

/** A part that is turned on the model has its water fall another way; travel and air turn with it too. */
function directionOf({ along }: WearEffectRow, { turned }: WornZone): number {
  return (((WEAR_WAYS[along] - turned) % 360) + 360) % 360
}

/** The event that brings most of it, or what does so anywhere. */
function causeOf(
  row: WearEffectRow,
  effect: WearEffect,
  zone: WornZone,
  story: readonly StoryEvent[],
): string {
  const most = story
    .filter((event) => isAt(event, zone) && addedBy(event, effect) > 0)
    .reduce<StoryEvent | null>(
      (most, event) => (!most || addedBy(event, effect) > addedBy(most, effect) ? event : most),
      null,
    )
  return most ? WEAR_EVENT_TABLE[most.event].say : row.cause
}
