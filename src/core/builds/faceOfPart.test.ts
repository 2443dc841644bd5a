import { deltaE00, labOf } from '../colour/spectrum'
import type { BuildStep } from '../model/build'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { stateOf } from './benchState'
import { faceOfPart } from './faceOfPart'

const NOW = Date.parse('2026-03-14T12:00:00Z')

function project(steps: Omit<BuildStep, 'id' | 'parts'>[], done = 0): Project {
  const at = new Date(NOW - 86_400_000).toISOString()
  const acts = Array.from({ length: done }, (_, i): LoggedAct[] => [
    { id: `s${i}`, at, kind: 'started', build: 'b', part: 'p', step: `t${i}` },
    { id: `f${i}`, at, kind: 'finished', build: 'b', part: 'p', step: `t${i}` },
  ]).flat()
  return {
    format: 'tectoria-project',
    version: 1,
    acts,
    builds: [
      {
        id: 'b',
        name: 'Build',
        parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' }],
        steps: steps.map((step, i) => ({ ...step, id: `t${i}`, parts: ['p'] }) as BuildStep),
      },
    ],
  }
}

const PRIME = { do: 'prime', family: 'lacquer', coats: ['wet', 'wet'], colour: '#222223' } as const
const RED = { do: 'base', family: 'water-acrylic', colour: '#A8321F' } as const

test.each([
  ['bare plastic has none', [], 0, null],
  ['primer, when it is on', [PRIME, { ...RED, coats: ['light'] }], 1, '#222223'],
  [
    'many coats are the colour itself',
    [PRIME, { ...RED, coats: Array(20).fill('wet') }],
    2,
    '#A8321F',
  ],
  [
    'a colour that nobody has said',
    [PRIME, { do: 'base', family: 'lacquer', coats: ['wet'] }],
    2,
    null,
  ],
] as const)('%s', (_, steps, done, colour) => {
  const found = faceOfPart(
    stateOf(project(steps as never, done)),
    { build: 'b', part: 'p' },
    'now',
    NOW,
  )
  if (colour === null) expect(found).toBeNull()
  else expect(deltaE00(labOf(found ?? '#00FF00'), labOf(colour))).toBeLessThan(1)
})

it('one thin coat over black is neither; what is planned comes to the end of the plan', () => {
  const both = project([PRIME, { ...RED, coats: ['light'] }] as never, 1)
  const planned = labOf(
    faceOfPart(stateOf(both), { build: 'b', part: 'p' }, 'planned', NOW) ?? '#00FF00',
  )
  expect(deltaE00(planned, labOf('#A8321F'))).toBeGreaterThan(5)
  expect(deltaE00(planned, labOf('#222223'))).toBeGreaterThan(5)
  expect(faceOfPart(stateOf(both), { build: 'b', part: 'nowhere' }, 'planned', NOW)).toBeNull()
})
