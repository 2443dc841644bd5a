import type { Act, WearEvent, WearWord } from '../model/vocabulary'

/** What wear leaves. Source: handbook 12.8. */
export const WEAR_EFFECTS = [
  'chips',
  'rust',
  'streaks',
  'dust',
  'mud',
  'soot',
  'fading',
  'grease',
  'mould',
] as const

/** An effect of wear. Source: handbook 12.8. */
export type WearEffect = (typeof WEAR_EFFECTS)[number]

/** What an effect's marks follow: the way it travels, the fall of water, the air that streams past. */
export type WearAlong = 'travel' | 'fall' | 'air'

/** Where an effect comes first, how much of it there may be, and what its marks are like. Source: handbook 12.8. */
export type WearEffectRow = {
  say: string
  /** Weights of what adds up to the score before the story, 0 to 1. */
  score: {
    /** Of the share of edges. */
    edges?: number
    /** Where one of these words is said. */
    where?: { weight: number; words: readonly WearWord[] }
    /** Of lowness: 1 on the ground. */
    low?: number
    up?: number
    side?: number
    /** Of the splash from wheels: whole to 18 % of the height, gone at 45 %. */
    splash?: number
  }
  /** It is there only where each of these is said. */
  needs?: readonly WearWord[]
  /** It is not there where this is said. */
  spares?: WearWord
  /** It thins with the square of the distance from the exhaust. */
  byDistance?: true
  /** Only on what is really iron. */
  onIron?: true
  /** Only where the story is damp. */
  whenDamp?: true
  /** The share of a face that is most, where contrast doesn't say. */
  most: number
  /** The share is held by how far the marks stand out. */
  byContrast?: true
  /** Its marks, real mm: the median size, and the width of those that run; null: it has none. */
  mark: { mm: number; wide?: number } | null
  along: WearAlong
  /** Acts that leave it. Source: handbook 6. */
  made: readonly Act[]
  /** Where of a face it lies. */
  lies: 'edges' | 'recess' | 'low' | 'high' | 'all'
  /** Why it is there where the story doesn't say. */
  cause: string
}

/** The effects of wear. Scores by handbook 12.8; budgets beyond chips and the sizes of marks by 10.1 and 10.3. */
export const WEAR_TABLE: Record<WearEffect, WearEffectRow> = {
  chips: {
    say: 'chips',
    score: { edges: 0.6, where: { weight: 0.4, words: ['walked-on', 'held', 'leading'] } },
    most: 0.05,
    byContrast: true,
    mark: { mm: 18 },
    along: 'travel',
    made: ['chip-wet', 'chip-sponge', 'chip-brush', 'scratch', 'pencil'],
    lies: 'edges',
    cause: 'Edges, and where it is walked on, held or met first',
  },
  rust: {
    say: 'rust',
    score: { where: { weight: 0.5, words: ['trap'] }, low: 0.3, edges: 0.2 },
    onIron: true,
    most: 0.06,
    mark: { mm: 25 },
    along: 'fall',
    made: ['rust-wash', 'iron'],
    lies: 'low',
    cause: 'Water stands there, low down and at edges',
  },
  streaks: {
    say: 'streaks',
    score: { where: { weight: 0.5, words: ['under-leak'] }, side: 0.5 },
    most: 0.06,
    mark: { mm: 450, wide: 12 },
    along: 'fall',
    made: ['streak', 'streak-drag', 'stain'],
    lies: 'all',
    cause: 'Water runs down the sides and from what leaks',
  },
  dust: {
    say: 'dust',
    score: { up: 0.6, low: 0.4 },
    most: 0.4,
    mark: null,
    along: 'fall',
    made: ['dust', 'powder'],
    lies: 'all',
    cause: 'Dust lies on what looks up, and low down',
  },
  mud: {
    say: 'mud',
    score: { splash: 1 },
    most: 0.35,
    mark: null,
    along: 'travel',
    made: ['mud', 'splatter'],
    lies: 'low',
    cause: 'Splashed from the ground',
  },
  soot: {
    say: 'soot',
    score: { where: { weight: 1, words: ['behind-exhaust'] } },
    byDistance: true,
    most: 0.1,
    mark: null,
    along: 'air',
    made: ['soot'],
    lies: 'all',
    cause: 'Behind the exhaust',
  },
  fading: {
    say: 'fading',
    score: { up: 1 },
    spares: 'sheltered',
    most: 0.5,
    mark: null,
    along: 'fall',
    made: ['chalk'],
    lies: 'high',
    cause: 'Sun on what looks up',
  },
  grease: {
    say: 'grease',
    score: { where: { weight: 1, words: ['joint'] } },
    most: 0.05,
    mark: null,
    along: 'fall',
    made: [],
    lies: 'recess',
    cause: 'Joints are greased',
  },
  mould: {
    say: 'mould',
    score: { where: { weight: 1, words: ['trap'] } },
    needs: ['trap', 'sheltered'],
    whenDamp: true,
    most: 0.05,
    mark: { mm: 12 },
    along: 'fall',
    made: [],
    lies: 'recess',
    cause: 'Damp stands where no wind comes',
  },
}

/** What of wear an act leaves; undefined: none. */
export function wearLeftBy(act: Act): WearEffect | undefined {
  return WEAR_EFFECTS.find((one) => WEAR_TABLE[one].made.includes(act))
}

/** What an event is called, and what it adds where it was, at full strength. */
export type WearEventRow = {
  say: string
  adds: Partial<Record<WearEffect, number>>
  damp?: true
}

/** The events of a story. Source: handbook 12.8. */
export const WEAR_EVENT_TABLE: Record<WearEvent, WearEventRow> = {
  docked: { say: 'Docked', adds: { chips: 0.3, rust: 0.1 } },
  boarded: { say: 'Boarded', adds: { chips: 0.25, dust: 0.2, mud: 0.2 } },
  'gravel-road': { say: 'Gravel road', adds: { chips: 0.3, dust: 0.3, mud: 0.2 } },
  brush: { say: 'Brush through woods', adds: { chips: 0.15, streaks: 0.15 } },
  rain: {
    say: 'Rain while parked',
    adds: { streaks: 0.4, rust: 0.15, mud: 0.1, mould: 0.2 },
    damp: true,
  },
  towed: { say: 'Towed', adds: { chips: 0.3, grease: 0.1 } },
  exhaust: { say: 'Hot exhaust', adds: { soot: 0.6, grease: 0.1 } },
  hail: { say: 'Hail', adds: { chips: 0.25 } },
  repainted: { say: 'Repainted panel', adds: { chips: 0.2 } },
  'salt-water': { say: 'Salt water', adds: { rust: 0.4, streaks: 0.2, fading: 0.1 }, damp: true },
  sun: { say: 'Long sun', adds: { fading: 0.5 } },
  knocked: { say: 'Knocked by cargo', adds: { chips: 0.4 } },
}

/** The splash from wheels: whole up to so much of the height, and gone at so much. Source: handbook 12.8. */
export const SPLASH = { whole: 0.18, gone: 0.45 } as const

/** The most chips by how far they stand out, ΔE00 against share of the face; between linear in 1/ΔE, beyond held. Source: handbook 12.8. */
export const CHIP_BUDGET = [
  { deltaE: 9, share: 0.11 },
  { deltaE: 38, share: 0.025 },
] as const

/** What the school of wear makes of every budget. Source: handbook 12.8. */
export const WEAR_SCHOOLS = { restrained: 0.5, bold: 1.6 } as const

/** Which way things run, degrees clockwise from +x, seen from the side with the front to the right and the sky above. */
export const WEAR_WAYS: Record<WearAlong, number> = { travel: 0, fall: 90, air: 180 }

/** Marks of one kind are many small and a few large: their mean area is so many times that of the median one. */
export const MARK_MEAN = 2

/** The smallest mark that a hand lays, mm on the model: a needle's. Source: handbook 10.1. */
export const NEEDLE_MARK = 0.05
