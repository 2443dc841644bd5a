import { stateOf } from '../builds/benchState'
import { unbalanced } from '../builds/leftRight'
import { planParts } from '../builds/planParts'
import type { Bottle } from '../model/bottle'
import type { Build } from '../model/build'
import type { Project } from '../model/project'
import { shelfFindings } from './shelfRules'

const NOW = Date.parse('2026-03-17T18:00:00Z')
const BASE = { id: 's', parts: ['p'], do: 'base', family: 'alcohol-acrylic', colour: '#7A8471' }
const BUILD = {
  id: 'b',
  name: 'Sentinel',
  parts: [{ id: 'p', name: 'Chest', substrate: 'polystyrene', areaCm2: 200 }],
  steps: [{ ...BASE, coats: ['light', 'light'] }],
} as Build
const BOTTLE: Bottle = {
  id: 'k',
  name: 'Field green',
  family: 'alcohol-acrylic',
  role: 'colour',
  colour: '#7A8471',
  sizeMl: 20,
  leftMl: 20,
}

function told(bottle: Partial<Bottle>, build: Build = BUILD) {
  const project: Project = {
    format: 'tectoria-project',
    version: 1,
    builds: [build],
    shelf: [{ ...BOTTLE, ...bottle }],
  }
  const plans = planParts(stateOf(project), NOW).map(({ plan }) => plan)
  return shelfFindings(stateOf(project), plans, NOW)
}

const hoursAgo = (hours: number) => new Date(NOW - hours * 3_600_000).toISOString()

test.each([
  { why: 'enough of it', bottle: {}, rules: [] },
  { why: 'less than the step takes', bottle: { leftMl: 0.5 }, rules: ['bottle-short'] },
  { why: 'thinned in the bottle', bottle: { share: 0.6 }, rules: ['bottle-already-thinned'] },
  {
    why: 'much thinner: how many coats it takes is the judge’s to say',
    bottle: { share: 0.3 },
    rules: ['bottle-already-thinned'],
  },
  {
    why: 'decanted an hour ago',
    bottle: { state: 'decanted', decantedAt: hoursAgo(1) },
    rules: ['gas-off'],
  },
  {
    why: 'gassed off overnight',
    bottle: { state: 'decanted', decantedAt: hoursAgo(12) },
    rules: [],
  },
  {
    why: 'closed while it gasses off',
    bottle: { state: 'decanted', decantedAt: hoursAgo(13), lid: 'closed' },
    rules: ['lid-sealed'],
  },
  {
    why: 'closed after a day',
    bottle: { state: 'decanted', decantedAt: hoursAgo(24), lid: 'closed' },
    rules: [],
  },
] as { why: string; bottle: Partial<Bottle>; rules: string[] }[])('$why', ({ bottle, rules }) => {
  expect(told(bottle).map((one) => one.rule)).toEqual(rules)
})

it('two steps share a bottle: the second finds it empty', () => {
  const own = told({}).length
  const ml = 0.8
  const twice = { ...BUILD, steps: [...BUILD.steps, { ...BUILD.steps[0], id: 't' }] } as Build
  expect(own).toBe(0)
  expect(told({ leftMl: ml * 1.5 }, twice).map((one) => [one.step, one.rule])).toEqual([
    ['t', 'last-bottle'],
  ])
})

const KEPT = {
  id: 'm',
  name: 'Hull clear',
  ingredients: [{ name: 'Clear', parts: 1, bottle: 'k' }],
}

test.each([
  { why: 'mixed an hour ago', family: 'urethane-2k', hours: 1, rules: [] },
  { why: 'mixed four hours ago', family: 'urethane-2k', hours: 4, rules: ['mix-hardened'] },
  { why: 'a sheet that gives it six', family: 'urethane-2k', hours: 4, potLife: '6 h', rules: [] },
  { why: 'paint that keeps in its jar', family: 'lacquer', hours: 400, rules: [] },
] as const)('a kept mix: $why', ({ family, hours, rules, ...rest }) => {
  const sheet = 'potLife' in rest ? { product: { potLife: rest.potLife } } : {}
  const project = {
    format: 'tectoria-project',
    version: 1,
    builds: [{ ...BUILD, steps: [{ ...BUILD.steps[0], family, mix: 'm' }] }],
    shelf: [{ ...BOTTLE, family, ...sheet }],
    mixes: [{ ...KEPT, family, at: hoursAgo(hours), volumeMl: 9 }],
  } as Project
  const plans = planParts(stateOf(project), NOW).map(({ plan }) => plan)
  const found = shelfFindings(stateOf(project), plans, NOW)
  expect(found.map(({ rule }) => rule)).toEqual(rules)
})

it('the way out of a closed lid is a resting one', () => {
  const [one] = told({ state: 'decanted', decantedAt: hoursAgo(13), lid: 'closed' })
  expect(one?.ways[0]).toMatchObject({ bottle: 'k', fields: { lid: 'resting' } })
})

it('mirrored parts that differ are told, mirrored parts that read the same are not', () => {
  const parts = [
    { id: 'l', name: 'Left arm', substrate: 'polystyrene' as const },
    { id: 'r', name: 'Right arm', substrate: 'polystyrene' as const },
  ]
  const build = { ...BUILD, parts, steps: [{ ...BASE, parts: ['l', 'r'] }] } as Build
  expect(unbalanced(build)).toEqual([])
  const alone = {
    ...build,
    steps: [...build.steps, { id: 'x', parts: ['l'], do: 'line' }],
  } as Build
  expect(unbalanced(alone)).toMatchObject([{ rule: 'left-right', steps: ['x'] }])
  const both = { ...alone, steps: [...alone.steps, { id: 'y', parts: ['r'], do: 'line' }] } as Build
  expect(unbalanced(both)).toEqual([])
})
