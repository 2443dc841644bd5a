import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { stateOf } from './benchState'
import { planParts } from './planParts'

const NOW = Date.parse('2026-03-17T18:25:00Z')
const MINUTE = 60_000

/** Three coats of a step that is followed by another; so many of them logged, and no word of its end. */
function planned(laid: number) {
  const acts = Array.from(
    { length: laid },
    (_, i): LoggedAct => ({
      id: `a${i}`,
      at: new Date(NOW - (60 - 10 * i) * MINUTE).toISOString(),
      kind: 'coat-done',
      build: 'b',
      part: 'p',
      step: 's',
    }),
  )
  const project: Project = {
    format: 'tectoria-project',
    version: 1,
    builds: [
      {
        id: 'b',
        name: 'Skiff',
        parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' }],
        steps: [
          { id: 's', parts: ['p'], do: 'prime', coats: ['light', 'light', 'light'] },
          { id: 't', parts: ['p'], do: 'line' },
        ],
      },
    ],
    acts,
  }
  return planParts(stateOf(project), NOW)[0]?.plan
}

test.each([
  { laid: 2, next: 's', coat: 3 },
  { laid: 3, next: 't', coat: 1 },
  { laid: 4, next: 't', coat: 1 },
])('$laid of three coats logged without a finish: next is $next', ({ laid, next, coat }) => {
  const plan = planned(laid)
  expect(plan?.next?.step).toBe(next)
  expect(plan?.next?.coat ?? null).toBe(coat)
})
