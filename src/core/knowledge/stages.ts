import { isAct } from '../model/isAct'
import type { ActStep, Step } from '../model/sequence'
import type { Act } from '../model/vocabulary'

/** The stages of the order of work by number. Source: handbook 1. */
export const STAGE_NAMES = {
  1: 'Look',
  2: 'Prepare',
  3: 'Prime',
  4: 'Pre-shade',
  5: 'Colour',
  6: 'Chips under the colour',
  7: 'Clear for flow',
  8: 'Decals',
  9: 'Lining',
  10: 'Lock',
  11: 'Weathering',
  12: 'Lenses and details',
  13: 'Finish',
} as const satisfies Record<number, string>
export type Stage = keyof typeof STAGE_NAMES

/** The stage of each act; a clear's own depends on what it stands between. Source: handbook 1, the order of work. */
export const ACT_STAGE = {
  wash: 2,
  degrease: 2,
  scribe: 2,
  fill: 2,
  drill: 2,
  sand: 2,
  scuff: 2,
  prime: 3,
  preshade: 4,
  base: 5,
  toplight: 5,
  mottle: 4,
  glaze: 5,
  metal: 5,
  'mirror-metal': 5,
  chrome: 5,
  tape: 5,
  untape: 5,
  release: 6,
  latex: 6,
  unlatex: 6,
  salt: 6,
  unsalt: 6,
  'chip-wet': 6,
  clear: 10,
  decal: 8,
  'decal-soften': 8,
  line: 9,
  'line-clean': 9,
  filter: 11,
  'wash-clean': 11,
  'wipe-back': 11,
  'chip-sponge': 11,
  'chip-brush': 11,
  drybrush: 11,
  scratch: 11,
  'oil-dots': 11,
  blend: 11,
  streak: 11,
  stain: 11,
  dust: 11,
  'streak-drag': 11,
  'rust-wash': 11,
  iron: 11,
  'iron-activate': 11,
  chalk: 11,
  soot: 11,
  speckle: 11,
  powder: 11,
  'powder-fix': 11,
  mud: 11,
  splatter: 11,
  'clear-colour': 12,
  detail: 12,
  pencil: 13,
  graphite: 13,
  'cut-polish': 13,
  compound: 13,
  'glue-clear': 13,
  assemble: 13,
  handle: 13,
} as const satisfies Record<Act, Stage>

/** The stage of one act by itself; an overall wash is weathering. */
function ownStage(step: ActStep): Stage {
  return step.do === 'wash' && step.family !== undefined ? 11 : ACT_STAGE[step.do]
}

/**
 * The stage of every step of a sequence: a wait belongs to the step after it, a clear before decals or lining is for flow,
 * the last clear with only finishing after it is the final one, any other is a lock.
 */
export function stagesOf(steps: readonly Step[]): Stage[] {
  const acts = steps.map((step) => (isAct(step) ? step : null))
  const lastClear = acts.findLastIndex((step) => step?.do === 'clear' && step.over !== 'patch')
  const stages: (Stage | null)[] = acts.map((step, i) => {
    if (!step) return null
    if (step.do !== 'clear') return ownStage(step)
    const next = acts.slice(i + 1).find((act) => act !== null && act.do !== 'clear')
    const following = next ? ownStage(next) : 13
    if (following === 8 || following === 9) return 7
    return i === lastClear && following >= 12 ? 13 : 10
  })
  return stages.map((stage, i) => stage ?? stages.slice(i).find((stage) => stage !== null) ?? 13)
}

/**
 * Where a step of a stage belongs among others: the place with the fewest steps on the wrong side of it, the latest among
 * equals.
 *
 * @param first the first place that is still free: what is done stays before it
 */
export function placeFor(stage: Stage, steps: readonly Step[], first: number): number {
  const stages = stagesOf(steps)
  let best = first
  let fewest = Number.POSITIVE_INFINITY
  for (let place = first; place <= steps.length; place++) {
    const before = stages.slice(0, place).filter((otherStage) => otherStage > stage).length
    const after = stages.slice(place).filter((otherStage) => otherStage < stage).length
    if (before + after > fewest) continue
    fewest = before + after
    best = place
  }
  return best
}
