import { bare } from '../model/bare'
import type { BuildAct } from '../model/build'
import { isAct } from '../model/isAct'
import type { ActStep, Step } from '../model/sequence'
import type { TestPiece } from '../model/testPiece'
import type { Family } from '../model/vocabulary'
import { resolveStep } from '../stack/state/resolvedStep'
import { pairKey } from '../stack/state/stepContext'

/** A test piece is good for so many times its area. Source: handbook 13.3. */
const TIMES = 10

/** By pair of film and solvent, how large a surface the test pieces are good for that it came out well on, cm². */
export type TestedPairs = ReadonlyMap<string, number>

/**
 * Pairs that came out well on test pieces. Where one of several was chosen, only that one is good.
 *
 * Source: handbook 13.3, scrap-test-first.
 */
export function testedPairs(tests: readonly TestPiece[]): TestedPairs {
  const out = new Map<string, number>()
  for (const { result, areaCm2, tried, chosen } of tests) {
    if (result !== 'good') continue
    for (const { id, steps } of tried) {
      if (chosen !== undefined && id !== chosen) continue
      for (const pair of pairsOf(steps))
        out.set(pair, Math.max(out.get(pair) ?? 0, areaCm2 * TIMES))
    }
  }
  return out
}

/** Solvents with the films that lie open when they come. */
export function pairsOf(steps: readonly Step[]): ReadonlySet<string> {
  const pairs = new Set<string>()
  let open: Family[] = []
  for (const step of steps) {
    if (!isAct(step)) continue
    const { solvent, family, row, coverage } = resolveStep(step, null)
    if (solvent) for (const film of open) pairs.add(pairKey(film, solvent))
    if (row.kind !== 'film' || !family) continue
    open = coverage === 'whole' ? [family] : [...open, family]
  }
  return pairs
}

/** What is tried on a test piece for a step of a part: the films that it comes on, and the step itself. */
export function stepsToTry(before: readonly Step[], step: ActStep): ActStep[] {
  const films = before.filter(
    (one): one is ActStep => isAct(one) && resolveStep(one, null).row.kind === 'film',
  )
  const whole = films.findLastIndex((one) => resolveStep(one, null).coverage === 'whole')
  return [...films.slice(Math.max(0, whole)), step].map(actAlone)
}

/** A step of a build as an act alone: from no bottle, on no zone, taken as it is by nobody. */
function actAlone(step: ActStep): ActStep {
  const { zones, accepted, mix, bottle, thinner, together, split, tested, ...act } = bare(
    step as BuildAct,
  ) as BuildAct
  return act as ActStep
}
