import { technique } from '../knowledge/techniques/techniques'
import type { Build } from '../model/build'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import { addTechnique } from './addTechnique'
import { stateOf } from './benchState'
import { planParts } from './planParts'

const NOW = Date.parse('2026-03-17T18:00:00Z')

const BUILD: Build = {
  id: 'b',
  name: 'Sentinel',
  scale: 72,
  parts: [
    { id: 'p', name: 'Chest', substrate: 'polystyrene' },
    { id: 'q', name: 'Leg', substrate: 'polystyrene' },
  ],
  steps: [
    { id: 's1', parts: ['p', 'q'], do: 'prime', family: 'lacquer', coats: ['mist', 'light'] },
    { id: 's2', parts: ['p', 'q'], do: 'base', family: 'alcohol-acrylic', colour: '#7A8471' },
    { id: 's3', parts: ['p', 'q'], do: 'clear', family: 'acrylic-pu', sheen: 'matt' },
  ],
}

function added(id: string, parts: string[], build: Build = BUILD) {
  const project: Project = { format: 'tectoria-project', version: 1, builds: [build] }
  let n = 0
  const one = technique(id)
  const made = addTechnique(stateOf(project), build.id, parts, one, NOW, () => `n${++n}`)
  const acts = made.build.steps.map((step) => (isAct(step) ? step.do : 'wait'))
  return { ...made, acts, project: { ...project, builds: [made.build] } }
}

it('lining goes before the matt, and asks for gloss under it', () => {
  const { acts, added: steps, build } = added('graded-lining', ['p', 'q'])
  expect(acts).toEqual(['prime', 'base', 'clear', 'line', 'line', 'line', 'line-clean', 'clear'])
  expect(build.steps[2]).toMatchObject({ sheen: 'gloss', parts: ['p', 'q'] })
  expect(steps[0]?.because).toContain('the wash runs')
  expect(steps.slice(1).every((step) => step.because === null)).toBe(true)
  expect(steps.every((step) => step.parts.length === 2)).toBe(true)
})

it('the satin school wants no gloss', () => {
  const satin: Build = { ...BUILD, school: { liningSurface: 'satin' } }
  expect(added('graded-lining', ['p'], satin).acts.filter((act) => act === 'clear')).toHaveLength(1)
})

it('release goes under the newest colour, and is chipped and sealed behind it', () => {
  expect(added('release-chips', ['p']).acts).toEqual(
    ['prime', 'release', 'base', 'base', 'chip-wet', 'clear', 'clear'].filter((_, i) => i !== 2),
  )
})

it('oils are laid before the last matt, on something with tooth', () => {
  const glossy: Build = {
    ...BUILD,
    steps: [
      ...BUILD.steps.slice(0, 2),
      { id: 'g', parts: ['p', 'q'], do: 'clear', family: 'lacquer', sheen: 'gloss' },
      ...BUILD.steps.slice(2),
    ],
  }
  const { acts, build } = added('oil-dots', ['p'], glossy)
  expect(acts).toEqual(['prime', 'base', 'clear', 'clear', 'oil-dots', 'blend', 'clear'])
  expect(build.steps[3]).toMatchObject({ sheen: 'matt', parts: ['p'] })
})

it('leaves the build without a stop it did not have', () => {
  for (const id of [
    'recess-wash',
    'filter',
    'powders',
    'sponge-chips',
    'salt-chips',
    'mud',
    'streaks',
    'decals',
  ]) {
    const { project } = added(id, ['p', 'q'])
    const stops = planParts(stateOf(project), NOW).flatMap(({ plan }) =>
      plan.findings
        .filter((finding) => finding.severity === 'stop')
        .map((finding) => `${id}: ${finding.rule}`),
    )
    expect(stops).toEqual([])
  }
})

it('never goes before what is done', () => {
  const build: Build = BUILD
  const project: Project = {
    format: 'tectoria-project',
    version: 1,
    builds: [build],
    acts: ['s1', 's2', 's3'].map((step, i) => ({
      id: `a${i}`,
      at: new Date(NOW - (40 - i * 10) * 3_600_000).toISOString(),
      kind: 'finished' as const,
      build: 'b',
      part: 'p',
      step,
    })),
  }
  let n = 0
  const made = addTechnique(
    stateOf(project),
    'b',
    ['p'],
    technique('recess-wash'),
    NOW,
    () => `n${++n}`,
  )
  const order = made.build.steps.filter((step) => step.parts.includes('p')).map((step) => step.id)
  expect(order.slice(0, 3)).toEqual(['s1', 's2', 's3'])
})

it('refuses a build that isn’t there', () => {
  const project: Project = { format: 'tectoria-project', version: 1, builds: [BUILD] }
  expect(() =>
    addTechnique(stateOf(project), 'x', ['p'], technique('mud'), NOW, () => 'n'),
  ).toThrow(RangeError)
})
