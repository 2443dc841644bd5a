import { bare } from '../model/bare'
import type { BuildAct } from '../model/build'
import { isAct } from '../model/isAct'
import type { ActStep, Step } from '../model/sequence'
import type { TestPiece } from '../model/testPiece'
import type { Act, Family, Sheen, Tool } from '../model/vocabulary'
import { type ResolvedStep, resolveStep } from '../stack/state/resolvedStep'
import { pairKey } from '../stack/state/stepContext'
import type { TestedOn, TestPieces } from '../stack/state/testPieces'

/** A test piece is good for so many times its area. Source: handbook 13.3. */
const TIMES = 10

/**
 * What came out well on test pieces. Where one of several was chosen, only that one is good; its last act is what was tried.
 *
 * Source: handbook 13.3, scrap-test-first.
 */
export function testedOn(tests: readonly TestPiece[]): TestPieces {
  const pairs = new Map<string, TestedOn[]>()
  const acts = new Map<Act, TestedOn[]>()
  for (const { result, areaCm2: own, tried, chosen } of tests) {
    if (result !== 'good') continue
    const areaCm2 = own * TIMES
    for (const { id, steps } of tried) {
      if (chosen !== undefined && id !== chosen) continue
      for (const { pair, tool, sheen } of meetingsOf(steps))
        added(pairs, pair, { areaCm2, tool, sheen })
      const last = steps.at(-1)
      if (!last) continue
      const under = openFilms(steps.slice(0, -1)).findLast(({ whole }) => whole)
      added(acts, last.do, {
        areaCm2,
        tool: resolveStep(last, null).tool,
        sheen: under?.sheen ?? null,
      })
    }
  }
  return { pairs, acts }
}

function added<K>(to: Map<K, TestedOn[]>, key: K, one: TestedOn): void {
  to.set(key, [...(to.get(key) ?? []), one])
}

/** A solvent that came on a film that lay open: the pair, with what it was put on, and the film's sheen. */
type Meeting = { pair: string; tool: Tool; sheen: Sheen }

type Open = { family: Family; sheen: Sheen; whole: boolean }

/** Pairs of film and solvent of steps, as `pairKey`. */
export function pairsOf(steps: readonly Step[]): ReadonlySet<string> {
  return new Set(meetingsOf(steps).map(({ pair }) => pair))
}

function meetingsOf(steps: readonly Step[]): Meeting[] {
  const meetings: Meeting[] = []
  openFilms(steps, (open, { solvent, tool }) => {
    if (!solvent) return
    for (const { family, sheen } of open)
      meetings.push({ pair: pairKey(family, solvent), tool, sheen })
  })
  return meetings
}

/** Films that lie open at the end: a whole one covers those before it. @param met is told what lay open when each act came */
function openFilms(
  steps: readonly Step[],
  met: (open: readonly Open[], act: ResolvedStep) => void = () => {},
): Open[] {
  let open: Open[] = []
  for (const step of steps) {
    if (!isAct(step)) continue
    const act = resolveStep(step, null)
    met(open, act)
    if (act.row.kind !== 'film' || !act.family) continue
    const whole = act.coverage === 'whole'
    const film = { family: act.family, sheen: act.sheen, whole }
    open = whole ? [film] : [...open, film]
  }
  return open
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
