import type { Build } from '../model/build'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import { stateOf } from './benchState'
import { schoolEffect } from './schoolEffect'

const NOW = Date.parse('2026-03-17T18:00:00Z')
const p = ['p']
const BUILD: Build = {
  id: 'b',
  name: 'Sentinel',
  school: { liningSurface: 'gloss' },
  parts: [{ id: 'p', name: 'Chest', substrate: 'polystyrene' }],
  steps: [
    { id: '1', parts: p, do: 'prime' },
    { id: '2', parts: p, do: 'base', family: 'alcohol-acrylic' },
    { id: '3', parts: p, do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light'] },
    { id: '4', parts: p, do: 'line' },
    { id: '5', parts: p, do: 'line-clean' },
    {
      id: '6',
      parts: p,
      do: 'clear',
      family: 'alcohol-acrylic',
      sheen: 'satin',
      coats: ['mist', 'light'],
    },
    { id: '7', parts: p, do: 'streak' },
    { id: '8', parts: p, do: 'streak-drag' },
    {
      id: '9',
      parts: p,
      do: 'clear',
      family: 'alcohol-acrylic',
      sheen: 'matt',
      coats: ['mist', 'light'],
    },
  ],
}

function choose(value: string, build: Build = BUILD) {
  const project: Project = { format: 'tectoria-project', version: 1, builds: [build] }
  return schoolEffect(stateOf(project), 'b', 'liningSurface', value, NOW, () => 'new')
}

const sheens = (build: Build) =>
  build.steps.flatMap((step) => (isAct(step) && step.do === 'clear' ? [step.sheen] : []))

it('satin under the lining: the satin lock that repeats it goes, hours sooner', () => {
  const found = choose('satin')
  expect(sheens(found.build)).toEqual(['satin', 'matt'])
  expect(found.clears).toBe(-1)
  expect(found.minutes).toBeLessThan(-30)
  expect(found.build.school?.liningSurface).toBe('satin')
})

it('straight on matt: no clear before it', () => {
  const found = choose('matt')
  expect(sheens(found.build)).toEqual(['satin', 'matt'])
  expect(found.clears).toBe(-1)
})

it('back to gloss lays one again', () => {
  const matt = choose('matt').build
  const found = choose('gloss', matt)
  expect(sheens(found.build)).toEqual(['gloss', 'satin', 'matt'])
  expect(found.clears).toBe(1)
})

it('another question changes what is said, not what is laid', () => {
  const project: Project = { format: 'tectoria-project', version: 1, builds: [BUILD] }
  const found = schoolEffect(stateOf(project), 'b', 'wear', 'bold', NOW, () => 'new')
  expect(found).toMatchObject({
    clears: 0,
    minutes: 0,
    findings: 0,
    build: { school: { wear: 'bold' } },
  })
  expect(() => schoolEffect(stateOf(project), 'x', 'wear', 'bold', NOW, () => 'new')).toThrow(
    RangeError,
  )
})
