import { TECHNIQUES } from '@/core/knowledge'
import type { Build } from '@/core/model/build'
import type { Edit } from '@/core/model/edit'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { Project } from '@/core/model/project'
import { PROJECT_FORMAT, PROJECT_VERSION } from '@/core/model/projectFormat'
import { applyRows, type RowWrite } from '@/core/model/projectRows'
import { DAYS } from '@/core/model/sessions'
import { demoProject } from '@/demo/demo'
import { BUILD } from '@/store/tests/stores'
import { benchDesk } from './benchDesk'
import type { BenchWorker } from './benchMessages'

const NOW = Date.parse('2026-03-17T18:25:00Z')
const MINUTE = 60_000
const DEMO = demoProject(NOW, 'Europe/Lisbon')
const [GANNET] = DEMO.builds as [Build]
const PART = GANNET.parts[0]?.id as string
const REF = { build: GANNET.id, part: PART }
const CLIMATE = { celsius: 20, humidity: 50, air: 'still' } as const

function opened(project: Project = DEMO): BenchWorker {
  let n = 0
  const desk = benchDesk(() => `new${++n}`)
  desk.open(JSON.stringify(project))
  return desk
}

/** A bench whose plan is made in a moment. */
const SMALL: Project = {
  format: PROJECT_FORMAT,
  version: PROJECT_VERSION,
  builds: [BUILD],
  sessions: { zone: 'UTC', pattern: DAYS.map((day) => ({ day, from: '18:00', to: '22:00' })) },
}

/** The first step of a part that nothing was logged of. */
const openStep = GANNET.steps.find(
  (step) =>
    'do' in step &&
    step.coats &&
    step.parts.includes(PART) &&
    !DEMO.acts?.some((act) => act.build === GANNET.id && act.step === step.id),
)?.id as string

const act = (fields: Partial<LoggedAct>): RowWrite => {
  const row = { id: 'x1', at: new Date(NOW).toISOString(), ...fields }
  return { table: 'acts', id: row.id, row }
}
const coatDone = act({ kind: 'coat-done', ...REF, step: openStep })

/** What is asked of the desk beside the plan, at an instant. */
function answers(desk: BenchWorker, now: number) {
  return {
    judged: desk.judge(REF, now),
    cover: desk.cover(REF, openStep, now),
    face: (['now', 'planned'] as const).map((when) => desk.face(REF, when, now)),
    school: desk.school(GANNET.id, 'liningLook', 'graphic', now),
    ratios: desk.ratios(),
  }
}

describe('rows that were written', () => {
  const room = { id: 'r1', at: new Date(NOW).toISOString(), celsius: 27, humidity: 65 }
  const fix = { id: 'k1', family: 'alcohol-acrylic', factor: 1.5 }
  test.each<{ what: string; writes: RowWrite[] }>([
    { what: 'a logged coat', writes: [coatDone] },
    {
      what: 'an act taken back',
      writes: [coatDone, act({ id: 'x2', kind: 'undone', undoes: 'x1' })],
    },
    { what: 'a reading of the room', writes: [{ table: 'climate', id: 'r1', row: room }] },
    { what: 'a correction', writes: [{ table: 'corrections', id: 'k1', row: fix }] },
    {
      what: 'a bottle taken off',
      writes: [{ table: 'shelf', id: 'ferrowick-bone-white', row: null }],
    },
    { what: 'a build taken away', writes: [{ table: 'builds', id: GANNET.id, row: null }] },
    { what: 'nobody at the bench', writes: [{ table: 'single', id: 'sessions', row: null }] },
  ])('come to the same as all documents anew: $what', ({ writes }) => {
    const carried = opened()
    carried.parts(NOW)
    carried.change(writes)
    const anew = opened(applyRows(DEMO, writes))
    expect(carried.parts(NOW).order).toEqual(anew.parts(NOW).order)
    expect(answers(carried, NOW)).toEqual(answers(anew, NOW))
  })
})

describe('what every part says', () => {
  it('is told whole once, then only where it changed', () => {
    const desk = opened()
    const first = desk.parts(NOW)
    expect(first.changed).toHaveLength(first.order.length)
    expect(desk.parts(NOW).changed).toEqual([])
    desk.change([coatDone])
    const { order, changed } = desk.parts(NOW)
    expect(order).toEqual(first.order)
    expect(changed.map(({ part }) => part)).toContain(PART)
    expect(changed.length).toBeLessThan(order.length)
  })

  it('is told first of builds with work left; with the rest it comes to the same', () => {
    const done: Build = {
      ...BUILD,
      id: 'done',
      steps: BUILD.steps.map((step) => ({ ...step, id: `done ${step.id}` })),
    }
    const acts = done.steps.flatMap((step, i) =>
      step.parts.map((part, j) => ({
        id: `done ${i} ${j}`,
        at: new Date(NOW - (90 - i) * 24 * 60 * MINUTE).toISOString(),
        kind: 'finished' as const,
        build: 'done',
        part,
        step: step.id,
      })),
    )
    const project = { ...SMALL, builds: [done, BUILD], acts }
    const desk = opened(project)
    const [first, second] = [desk.parts(NOW), desk.parts(NOW)]
    expect(first.rest).toBe(true)
    expect(first.order.every((ref) => !ref.includes('done'))).toBe(true)
    expect(first.order).toHaveLength(BUILD.parts.length)
    expect(second.rest).toBe(false)
    expect(second.changed.map(({ build }) => build)).toEqual(done.parts.map(() => 'done'))
    expect(second.order).toHaveLength(BUILD.parts.length * 2)
    const atOnce = opened(project)
    atOnce.plan(NOW, null, 'quick', 'finish')
    const whole = atOnce.parts(NOW)
    expect(whole.order).toEqual(second.order)
    expect([...second.changed, ...first.changed]).toEqual(whole.changed)
  })

  it('is told whole again after all documents were given anew', () => {
    const desk = opened()
    const { order } = desk.parts(NOW)
    desk.open(JSON.stringify(DEMO))
    expect(desk.parts(NOW).changed).toHaveLength(order.length)
  })
})

describe('a supposed edit', () => {
  const remove: Edit = { do: 'remove', targets: [{ step: openStep }], on: 'every' }
  it('says what would be found, and changes nothing', () => {
    const desk = opened()
    const before = desk.judge(REF, NOW)
    const supposed = desk.suppose(GANNET.id, remove, NOW)
    expect(supposed?.map(([part]) => part)).toEqual(GANNET.parts.map(({ id }) => id))
    expect(supposed?.flatMap(([, found]) => found).some(({ step }) => step === openStep)).toBe(
      false,
    )
    expect(desk.judge(REF, NOW)).toEqual(before)
  })

  it('is judged against the documents as they have become', () => {
    const desk = opened()
    desk.suppose(GANNET.id, remove, NOW)
    const handled = { ...GANNET, use: 'handled' as const }
    const write: RowWrite = { table: 'builds', id: GANNET.id, row: handled }
    desk.change([write])
    expect(desk.suppose(GANNET.id, remove, NOW)).toEqual(
      opened(applyRows(DEMO, [write])).suppose(GANNET.id, remove, NOW),
    )
  })

  it('that can’t be made leaves the build as it is', () => {
    const desk = opened()
    const gone: Edit = { do: 'remove', targets: [{ step: 'nowhere' }], on: 'every' }
    const nothing: Edit = { do: 'set', fields: {} }
    expect(desk.suppose(GANNET.id, gone, NOW)).toEqual(desk.suppose(GANNET.id, nothing, NOW))
  })
})

describe('a question about what isn’t there', () => {
  const nowhere = { build: GANNET.id, part: 'nowhere' }
  const chosen = { stage: 1, steps: [] } as const
  test.each<[string, (desk: BenchWorker) => unknown]>([
    ['judge', (desk) => desk.judge(nowhere, NOW)],
    ['judge', (desk) => desk.judge({ build: 'nowhere', part: PART }, NOW)],
    ['suppose', (desk) => desk.suppose('nowhere', { do: 'set', fields: {} }, NOW)],
    ['cover', (desk) => desk.cover(nowhere, openStep, NOW)],
    ['cover', (desk) => desk.cover(REF, 'nowhere', NOW)],
    ['propose', (desk) => desk.propose('nowhere', [PART], chosen, NOW)],
    ['school', (desk) => desk.school('nowhere', 'liningLook', 'graphic', NOW)],
    ['cure', (desk) => desk.cure({ ...nowhere } as never, NOW)],
    ['face', (desk) => desk.face(nowhere, 'now', NOW)],
  ])('%s is answered with nothing', (_, ask) => {
    expect(ask(opened())).toBeNull()
  })
})

describe('the plan', () => {
  test.each<{ what: string; writes: RowWrite[] }>([
    { what: 'nothing', writes: [] },
    {
      what: 'a logged coat',
      writes: [act({ kind: 'coat-done', build: 'b', part: 'p', step: 's' })],
    },
    { what: 'nobody at the bench', writes: [{ table: 'single', id: 'sessions', row: null }] },
  ])('is the same as of all documents anew after $what', ({ writes }) => {
    const asked = (desk: BenchWorker) => {
      const plan = desk.plan(NOW, null, 'whole', 'finish')
      return [plan, desk.whatIf(NOW, { kind: 'warmer', celsius: 28 }, plan)]
    }
    const carried = opened(SMALL)
    carried.parts(NOW)
    carried.change(writes)
    expect(asked(carried)).toEqual(asked(opened(applyRows(SMALL, writes))))
  })

  it('leaves out what the page has already: the parts', () => {
    expect(opened(SMALL).plan(NOW, null, 'quick', 'finish')).not.toHaveProperty('parts')
  })

  it('made a second time from the one before is as good', () => {
    const desk = opened(SMALL)
    const whole = desk.plan(NOW, null, 'whole', 'finish')
    const quick = desk.plan(NOW + MINUTE, whole, 'quick', 'finish')
    expect(quick.schedule?.makespan).toBeLessThanOrEqual(whole.schedule?.makespan ?? 0)
  })

  it('says where else an act may go, and what it comes to there', () => {
    const desk = opened(SMALL)
    const plan = desk.plan(NOW, null, 'whole', 'finish')
    const options = desk.sessionOptions(NOW, plan, 'b/p/t')
    expect(options.length).toBeGreaterThan(1)
    expect(desk.sessionOptions(NOW, plan, 'nowhere')).toEqual([])
  })
})

describe('the other questions', () => {
  it('propose a technique with ids of the page’s own making', () => {
    const { stage, steps } =
      TECHNIQUES.find(({ id }) => id === 'chipping-brush') ?? (TECHNIQUES[0] as never)
    const proposal = opened().propose(GANNET.id, [PART], { stage, steps }, NOW)
    const known = new Set(GANNET.steps.map(({ id }) => id))
    const added = proposal?.build.steps.filter(({ id }) => !known.has(id)) ?? []
    expect(added.length).toBeGreaterThan(0)
    for (const { id } of added) expect(id).toMatch(/^new\d+$/)
  })

  it('reckon techniques in the order in which they are asked', () => {
    const few = TECHNIQUES.slice(0, 3)
    const numbers = opened().techniques(few, CLIMATE, 72, 100)
    const turned = opened().techniques([...few].reverse(), CLIMATE, 72, 100)
    expect(turned).toEqual([...numbers].reverse())
  })

  it('explain a film over another as the core does', () => {
    const lacquer = { do: 'base', family: 'lacquer', role: 'colour' } as const
    const water = { do: 'base', family: 'water-acrylic', role: 'colour' } as const
    const found = opened().explain(lacquer as never, water as never, 'polystyrene', CLIMATE)
    expect(found).toEqual(
      benchDesk().explain(lacquer as never, water as never, 'polystyrene', CLIMATE),
    )
  })
})
