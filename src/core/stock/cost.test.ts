import { stateOf } from '../builds/benchState'
import { planParts } from '../builds/planParts'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { costsOf, wearOf } from './cost'

const NOW = Date.parse('2026-03-14T12:00:00Z')
const at = new Date(NOW).toISOString()

const project = (acts: LoggedAct[]): Project => ({
  format: 'tectoria-project',
  version: 1,
  acts,
  tools: [
    { id: 'swabs', kind: 'swabs', name: 'Swabs', lasts: 100, price: 5 },
    { id: 'brush', kind: 'brush', name: 'Brush', price: 9 },
  ],
  shelf: [
    {
      id: 'red',
      name: 'Red',
      family: 'lacquer',
      role: 'colour',
      colour: '#A8321F',
      sizeMl: 10,
      leftMl: 10,
      price: 4,
    },
  ],
  builds: [
    {
      id: 'b',
      name: 'Build',
      parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene', areaCm2: 100 }],
      steps: [{ id: 's', parts: ['p'], do: 'base', family: 'lacquer', colour: '#A8321F' }],
    },
  ],
})
const used = (id: string, uses: number): LoggedAct => ({
  id,
  at,
  kind: 'noted',
  build: 'b',
  tool: 'swabs',
  uses,
})

test.each([
  ['nothing used', [], 0, 100, false],
  ['some used', [used('a', 30), used('b', 7)], 37, 63, false],
  ['nearly all', [used('a', 95)], 95, 5, true],
  ['more than there were', [used('a', 120)], 120, 0, true],
  ['taken back', [used('a', 30), { id: 'u', at, kind: 'undone', undoes: 'a' }], 0, 100, false],
] as [string, LoggedAct[], number, number, boolean][])('%s', (_, acts, count, left, low) => {
  const [swabs, brush] = wearOf(stateOf(project(acts)))
  expect(swabs).toMatchObject({ used: count, left, low })
  expect(brush).toMatchObject({ used: 0, left: null, low: false })
})

it('a build costs the paint that was mixed for it, what was used of tools, and what is planned', () => {
  const mixed: LoggedAct = {
    id: 'm',
    at,
    kind: 'mixed',
    build: 'b',
    drawn: [
      { bottle: 'red', ml: 2.5 },
      { bottle: 'gone', ml: 9 },
    ],
  }
  const all = project([mixed, used('a', 40)])
  const plans = planParts(stateOf(all), NOW).map(({ plan }) => plan)
  const [cost] = costsOf(stateOf(all), plans)
  expect(cost).toMatchObject({ paint: 1, tools: 2 })
  expect(cost?.toCome).toBeGreaterThan(0)
  expect(costsOf(stateOf(all), [])[0]?.toCome).toBe(0)
})
