import { stateOf } from '../builds/benchState'
import { planPart } from '../builds/planParts'
import type { Build, BuildAct } from '../model/build'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { tasksOf } from './tasks'

const MINUTE = 60_000
const NOW = Date.parse('2026-03-17T18:00:00Z')

type Spec = Omit<BuildAct, 'id' | 'parts'> | { wait: string }

/** A build of one part from its steps, ids a, b, c… */
function build(specs: Spec[]): Build {
  const steps = specs.map((spec, i) => ({ ...spec, id: String.fromCharCode(97 + i), parts: ['p'] }))
  return {
    id: 'x',
    name: 'Skiff',
    parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' }],
    steps: steps as Build['steps'],
  }
}

/** What was finished, and how many minutes ago. */
function planned(specs: Spec[], done: Record<string, number> = {}) {
  const acts = Object.entries(done).map(
    ([step, ago]): LoggedAct => ({
      id: step,
      at: new Date(NOW - ago * MINUTE).toISOString(),
      kind: 'finished',
      build: 'x',
      part: 'p',
      step,
    }),
  )
  const project: Project = { format: 'tectoria-project', version: 1, builds: [build(specs)], acts }
  const { simulated } = planPart(stateOf(project), { build: 'x', part: 'p' }, NOW)
  const { tasks, links } = tasksOf(simulated, NOW / MINUTE)
  const short = (id: string) => id.replace('x/p/', '')
  return {
    tasks: tasks.map((task) => short(task.id)),
    links: links.map(({ from, to, minGap, maxGap }) =>
      [short(from), short(to), minGap ?? '', maxGap ?? ''].join(' '),
    ),
    first: tasks[0],
    all: tasks,
  }
}

const PRIME: Spec = { do: 'prime', coats: ['light', 'light'] }
const GLOSS: Spec = { do: 'clear', family: 'lacquer', sheen: 'gloss' }
const LINE: Spec = { do: 'line', minutes: 20 }
const CLEAN: Spec = { do: 'line-clean' }
const TOP: Spec = { do: 'base', family: 'water-acrylic' }

it('every coat is a task, with its flash between', () => {
  const { tasks, links } = planned([PRIME])
  expect(tasks).toEqual(['a/1', 'a/2'])
  expect(links).toEqual(['a/1 a/2 10 '])
})

it('a wait counts from the film that is waited for', () => {
  const { links } = planned([PRIME, { do: 'sand' }])
  // Sands after 3 h · 1.15 for two coats.
  expect(links).toContain('a/2 b/1 207 ')
})

it('a window has both ends', () => {
  const { links } = planned([GLOSS, LINE, CLEAN])
  expect(links).toContain('b/1 c/1 30 1440')
})

it('release, top coat and chipping keep their windows', () => {
  const { links } = planned([PRIME, { do: 'release' }, TOP, { do: 'chip-wet' }])
  expect(links).toContain('b/1 c/1 20 720')
  expect(links).toContain('c/1 d/1 20 719')
})

it('tape comes off before the paint is cured', () => {
  const { links } = planned([PRIME, { do: 'tape' }, TOP, { do: 'untape' }])
  expect(links).toContain('c/1 d/1 5 4319')
})

it('a wait that is written is kept from the step before', () => {
  const { links } = planned([PRIME, { wait: '5 h' }, TOP])
  expect(links).toContain('a/2 c/1 300 ')
})

it('what is waited for in the past is an earliest minute', () => {
  const { tasks, first } = planned([{ do: 'prime' }, TOP], { a: 20 })
  expect(tasks).toEqual(['b/1'])
  expect(first).toMatchObject({ earliest: 40 })
})

it('a window that is open already is a latest minute', () => {
  const { first } = planned([GLOSS, LINE, CLEAN], { a: 9000, b: 100 })
  expect(first).toMatchObject({ id: 'x/p/c/1', latest: 1340 })
  expect(first?.earliest ?? 0).toBe(0)
})

it('a window that has closed is a finding, and the work is planned all the same', () => {
  const { first } = planned([GLOSS, LINE, CLEAN], { a: 9000, b: 1500 })
  expect(first?.latest).toBeUndefined()
})

test.each([
  {
    step: PRIME,
    needs: ['airbrush', 'booth'],
    noisy: true,
    setup: 'lacquer matt',
    why: 'the airbrush, its booth and its noise',
  },
  {
    step: { ...TOP, tool: 'spray-can' as const },
    needs: ['booth'],
    noisy: undefined,
    setup: undefined,
    why: 'a can needs the booth alone',
  },
  {
    step: { ...TOP, tool: 'brush' as const },
    needs: undefined,
    noisy: undefined,
    setup: undefined,
    why: 'a brush needs nothing',
  },
  {
    step: { do: 'sand' as const },
    needs: undefined,
    noisy: true,
    setup: undefined,
    why: 'sanding is heard',
  },
  {
    step: { ...TOP, colour: '#112233' },
    needs: ['airbrush', 'booth'],
    noisy: true,
    setup: 'water-acrylic #112233',
    why: 'a colour is a setup',
  },
])('$why', ({ step, needs, noisy, setup }) => {
  const task = planned([step as Spec]).first
  expect([task?.needs, task?.noisy, task?.setup]).toEqual([needs, noisy, setup])
})

it('coats of a part in hand go on from where they are', () => {
  const steps: Spec[] = [{ do: 'prime', coats: ['mist', 'light', 'light'] }]
  const project: Project = {
    format: 'tectoria-project',
    version: 1,
    builds: [build(steps)],
    acts: [
      {
        id: '1',
        at: new Date(NOW - 9 * MINUTE).toISOString(),
        kind: 'started',
        build: 'x',
        part: 'p',
        step: 'a',
      },
      {
        id: '2',
        at: new Date(NOW - 2 * MINUTE).toISOString(),
        kind: 'coat-done',
        coat: 1,
        build: 'x',
        part: 'p',
        step: 'a',
      },
    ],
  }
  const { simulated, plan } = planPart(stateOf(project), { build: 'x', part: 'p' }, NOW)
  const { tasks } = tasksOf(simulated, NOW / MINUTE)
  expect(tasks.map((task) => [task.id, task.coat])).toEqual([
    ['x/p/a/2', 2],
    ['x/p/a/3', 3],
  ])
  // After mist the flash is 5 min, and 2 of them are over.
  expect(plan.next?.readyAt).toBe(NOW + 3 * MINUTE)
})
