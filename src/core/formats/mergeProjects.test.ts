import type { Side } from '../model/mergeRows'
import type { Project } from '../model/project'
import { mergeProjects } from './mergeProjects'

const BASE: Project = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'b',
      name: 'Skiff',
      parts: [
        { id: 'p', name: 'Hull', substrate: 'polystyrene' },
        { id: 'q', name: 'Mast', substrate: 'polystyrene' },
      ],
      steps: [
        { id: 's', parts: ['p'], do: 'prime', coats: ['light', 'light'] },
        { id: 't', parts: ['p', 'q'], do: 'line' },
      ],
    },
  ],
  shelf: [
    {
      id: 'x',
      name: 'Slate',
      family: 'lacquer',
      role: 'colour',
      sizeMl: 20,
      leftMl: 10,
      leftSince: '2026-03-01T10:00:00Z',
    },
  ],
  acts: [{ id: 'a1', at: '2026-03-10T19:00:00Z', kind: 'noted', text: 'begun' }],
} as Project

type Step = Record<string, unknown> & { id: string }
type Draft = {
  builds: [{ name: string; parts: unknown[]; steps: [Step, Step, ...Step[]] }, ...{ id: string }[]]
  shelf: [Record<string, unknown>]
  acts: { id: string }[]
}

/** A copy that somebody changed. */
function changed(change: (project: Draft) => void): Project {
  const copy = structuredClone(BASE) as unknown
  change(copy as Draft)
  return copy as Project
}

const act = (id: string) => ({ id, at: '2026-03-11T19:00:00Z', kind: 'noted', text: id })

function merge(mine: Project, theirs: Project, wins: Side = 'mine', base: Project | null = BASE) {
  const found = mergeProjects(base, mine, theirs, wins)
  if (!found.ok) throw new Error(JSON.stringify(found.problems))
  const project = found.project as unknown as Draft
  return { ...project, clashes: found.clashes.map(({ path }) => path) }
}

it('what was planned at the desk and what was logged on the phone are both there', () => {
  const desk = changed((one) => {
    one.builds[0].steps[1].colour = '#102030'
    one.builds[0].steps.push({ id: 'u', parts: ['q'], do: 'dust' })
  })
  const phone = changed((one) => {
    one.acts.push(act('a2'))
    one.builds[0].name = 'Skiff of mine'
    one.builds[0].steps[0].coats = ['light']
  })
  const both = merge(desk, phone)
  expect(both.clashes).toEqual([])
  expect(both.acts.map(({ id }) => id)).toEqual(['a1', 'a2'])
  expect(both.builds[0]).toMatchObject({
    name: 'Skiff of mine',
    steps: [{ coats: ['light'] }, { colour: '#102030' }, { id: 'u' }],
  })
  expect(merge(phone, desk).builds).toEqual(both.builds)
})

it.each<[Side, string]>([
  ['mine', 'Here'],
  ['theirs', 'There'],
])('what both changed is asked about once: %s', (wins, name) => {
  const both = merge(
    changed((one) => {
      one.builds[0].name = 'Here'
    }),
    changed((one) => {
      one.builds[0].name = 'There'
    }),
    wins,
  )
  expect(both.builds[0].name).toBe(name)
  expect(both.clashes).toEqual(['builds[b].name'])
})

it('a step that was moved here and one that was added there', () => {
  const both = merge(
    changed((one) => void one.builds[0].steps.reverse()),
    changed((one) => void one.builds[0].steps.splice(1, 0, { id: 'u', parts: ['p'], do: 'dust' })),
  )
  expect(both.builds[0].steps.map(({ id }) => id)).toEqual(['t', 's', 'u'])
})

it('a level is one thing: never the figure of one device with the instant of the other', () => {
  const both = merge(
    changed((one) => {
      one.shelf[0].leftMl = 8
      one.shelf[0].leftSince = '2026-03-12T10:00:00Z'
    }),
    changed((one) => {
      one.shelf[0].leftMl = 5
      one.shelf[0].leftSince = '2026-03-13T10:00:00Z'
      one.shelf[0].note = 'thick'
    }),
    'theirs',
  )
  expect(both.shelf[0]).toMatchObject({
    leftMl: 5,
    leftSince: '2026-03-13T10:00:00Z',
    note: 'thick',
  })
  expect(both.clashes).toEqual(['shelf[x].level'])
})

it('two changes that don’t go together leave no broken build', () => {
  const both = merge(
    changed((one) => {
      one.builds[0].parts.pop()
      one.builds[0].steps[1].parts = ['p']
    }),
    changed((one) => void one.builds[0].steps.push({ id: 'u', parts: ['q'], do: 'dust' })),
  )
  expect(both.clashes).toEqual(['builds[b]'])
  expect(both.builds[0].parts).toHaveLength(1)
})

it('where nobody knows what both were made from, all of both is kept and what differs is asked', () => {
  const other = changed((one) => {
    one.builds[0].name = 'There'
    one.builds.push({ ...one.builds[0], id: 'c' })
  })
  const both = merge(BASE, other, 'mine', null)
  expect((both.builds as unknown as { id: string }[]).map(({ id }) => id)).toEqual(['b', 'c'])
  expect(both.clashes).toEqual(['builds[b].name'])
})
