import fc from 'fast-check'
import { demoProject } from '@/demo/demo'
import type { Build } from '../model/build'
import { stateOf } from './benchState'
import { findingsOfBuild, judgeBuild } from './judgeBuild'

const NOW = Date.parse('2026-03-17T18:25:00Z')
const state = stateOf(demoProject(NOW, 'Europe/Lisbon'))
const builds = state.project.builds ?? []

/** Nothing logged, nothing read, nothing on the shelf. */
const EMPTY = stateOf({ format: 'tectoria-project', version: 1 })

/** A step moved from one place to another, as a drag does. */
function moved(build: Build, from: number, to: number): Build {
  const steps = [...build.steps]
  const [step] = steps.splice(from % steps.length, 1)
  if (step) steps.splice(to % (steps.length + 1), 0, step)
  return { ...build, steps }
}

it('taken up from the judgement before, a drag is told what a whole judgement tells', () => {
  fc.assert(
    fc.property(fc.nat(builds.length - 1), fc.nat(40), fc.nat(40), (which, from, to) => {
      const build = builds[which] as Build
      const dragged = moved(build, from, to)
      const first = judgeBuild(state, build, NOW)
      const fast = findingsOfBuild(judgeBuild(state, dragged, NOW, first))
      const whole = findingsOfBuild(judgeBuild(state, dragged, NOW))
      expect(fast).toEqual(whole)
    }),
    { numRuns: 60, seed: 7 },
  )
})

it('a part that a drag does not touch is not simulated again', () => {
  const build: Build = {
    id: 'b',
    name: 'Pair',
    parts: ['l', 'r'].map((id) => ({ id, name: id, substrate: 'polystyrene' as const })),
    steps: [
      { id: '1', parts: ['l', 'r'], do: 'prime' },
      { id: '2', parts: ['l'], do: 'line' },
      { id: '3', parts: ['l'], do: 'graphite' },
    ],
  }
  const first = judgeBuild(EMPTY, build, NOW)
  const dragged = moved(build, 2, 1)
  const next = judgeBuild(EMPTY, dragged, NOW, first)
  expect(next.parts.get('r')?.simulation).toBe(first.parts.get('r')?.simulation)
  expect(next.parts.get('l')?.simulation).not.toBe(first.parts.get('l')?.simulation)
})

it('parts whose zones have the same steps are simulated once, and others are not', () => {
  const parts = ['l', 'r', 'odd']
  const build: Build = {
    id: 'b',
    name: 'Three',
    parts: parts.map((id) => ({ id, name: id, substrate: 'polystyrene' as const })),
    zones: parts.flatMap((part) =>
      ['roof', 'side'].map((name) => ({ id: `${part}-${name}`, part, name })),
    ),
    steps: [
      { id: 's', parts, do: 'prime', zones: ['l-roof', 'r-roof', 'odd-roof', 'odd-side'] },
      { id: 't', parts, do: 'base', family: 'lacquer', zones: ['l-side', 'r-side', 'odd-roof'] },
    ],
  }
  const { parts: judged } = judgeBuild(EMPTY, build, NOW)
  const of = (id: string) => judged.get(id)?.simulation
  expect(of('l')).toBe(of('r'))
  expect(of('odd')).not.toBe(of('l'))
  expect(judged.get('r')?.regions?.map(({ zones }) => zones.map(({ id }) => id))).toEqual([
    ['r-roof'],
    ['r-side'],
  ])
})

it('parts that read the same are simulated once', () => {
  const build: Build = {
    id: 'b',
    name: 'Pair',
    parts: ['l', 'r'].map((id) => ({ id, name: id, substrate: 'polystyrene' as const })),
    steps: [{ id: 's', parts: ['l', 'r'], do: 'prime' }],
  }
  const judged = judgeBuild(EMPTY, build, NOW)
  expect(judged.parts.get('l')?.simulation).toBe(judged.parts.get('r')?.simulation)
})
