import fc from 'fast-check'
import type { Build, BuildStep, Part } from '../../model/build'
import { coatsOf } from '../../model/coats'
import { isAct } from '../../model/isAct'
import type { LoggedAct } from '../../model/loggedAct'
import type { Project } from '../../model/project'
import { PROJECT_FORMAT, PROJECT_VERSION } from '../../model/projectFormat'
import { sequencesOf } from '../../stack/tests/arbitrary'

/** The instant that the random benches are judged at. */
export const NOW = Date.parse('2026-03-17T18:25:00Z')

const MINUTE = 60_000

/** How far a step of a part has come: not begun, begun, some coats, all of them, skipped, taken back again. */
const FATES = [
  'open',
  'open',
  'begun',
  'some',
  'laid',
  'done',
  'done',
  'skipped',
  'corrected',
] as const
type Fate = (typeof FATES)[number]

type DrawnShape = { shared: boolean[]; fates: Fate[]; gaps: number[]; coats: number[] }

const drawn: fc.Arbitrary<DrawnShape> = fc.record({
  shared: fc.array(fc.boolean(), { minLength: 24, maxLength: 24 }),
  fates: fc.array(fc.constantFrom(...FATES), { minLength: 48, maxLength: 48 }),
  gaps: fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 48, maxLength: 48 }),
  coats: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 48, maxLength: 48 }),
})

/** A build of one to three parts whose steps are partly shared, with a log in which some is done, begun, skipped, taken back. */
export const benches: fc.Arbitrary<Project> = fc
  .record({
    sequence: sequencesOf(8),
    count: fc.integer({ min: 1, max: 3 }),
    begun: fc.integer({ min: 0, max: 8 }),
    drawn,
  })
  .map(({ sequence, count, begun, drawn: { shared, fates, gaps, coats } }) => {
    const parts = Array.from(
      { length: count },
      (_, i): Part => ({ id: `p${i}`, name: `Part ${i}`, substrate: sequence.substrate }),
    )
    const ids = parts.map(({ id }) => id)
    const steps = sequence.steps.map(
      (step, i): BuildStep =>
        ({
          ...step,
          id: `s${i}`,
          parts: shared[i] ? ids : [ids[i % count] as string],
        }) as BuildStep,
    )
    const build: Build = { id: 'b', name: 'Skiff', parts, steps }
    return {
      format: PROJECT_FORMAT,
      version: PROJECT_VERSION,
      builds: [build],
      acts: logOf(build, begun, fates, gaps, coats),
    }
  })

function logOf(
  build: Build,
  begun: number,
  fates: readonly Fate[],
  gaps: readonly number[],
  coats: readonly number[],
): LoggedAct[] {
  const acts: LoggedAct[] = []
  let at = NOW - 9 * 24 * 60 * MINUTE
  let turn = 0
  const log = (kind: LoggedAct['kind'], more: Partial<LoggedAct>) => {
    at += (gaps[turn % gaps.length] ?? 1) * MINUTE
    acts.push({ id: `a${acts.length}`, at: new Date(at).toISOString(), kind, ...more })
    return acts.at(-1)?.id
  }
  for (const step of build.steps.slice(0, begun))
    for (const part of step.parts) {
      turn += 1
      if (!isAct(step)) continue
      const ref = { build: build.id, part, step: step.id }
      const fate = fates[turn % fates.length]
      const all = coatsOf(step)
      const some = fate === 'some' ? Math.min(coats[turn % coats.length] ?? 1, all - 1) : all
      if (fate === 'open') continue
      if (fate === 'skipped') {
        log('skipped', ref)
        continue
      }
      log('started', ref)
      if (fate === 'begun') continue
      let last: string | undefined
      for (let coat = 1; coat <= some; coat++) last = log('coat-done', { ...ref, coat })
      if (fate === 'done') log('finished', ref)
      if (fate === 'corrected' && last) log('undone', { undoes: last })
    }
  return acts
}
