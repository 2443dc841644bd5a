import { stateOf } from '../builds/benchState'
import { judgePart } from '../builds/judgePart'
import { buildFromStarter } from '../builds/newBuild'
import { planParts } from '../builds/planParts'
import { STARTERS } from '../knowledge/starters/starters'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { stepCard } from '../shelf/stepCard'
import { benchQueue } from './benchQueue'
import { planBench } from './planBench'

const MINUTE = 60_000
const NOW = Date.parse('2026-03-17T18:00:00Z')
const at = (minutesAgo: number) => new Date(NOW - minutesAgo * MINUTE).toISOString()
let ids = 0
const id = () => `id${++ids}`

const SKIFF: NonNullable<Project['builds']>[number] = {
  id: 'skiff',
  name: 'Skiff',
  parts: [{ id: 'hull', name: 'Hull', substrate: 'polystyrene', areaCm2: 100 }],
  steps: [
    { id: 'prime', parts: ['hull'], do: 'prime', coats: ['light', 'light'] },
    { id: 'gloss', parts: ['hull'], do: 'clear', family: 'lacquer', sheen: 'gloss' },
    { id: 'line', parts: ['hull'], do: 'line', minutes: 20 },
    { id: 'clean', parts: ['hull'], do: 'line-clean' },
  ],
}

const logged = (kind: LoggedAct['kind'], step: string, minutesAgo: number): LoggedAct => ({
  id: id(),
  at: at(minutesAgo),
  kind,
  build: 'skiff',
  part: 'hull',
  step,
})

function project(acts: LoggedAct[] = [], more: Partial<Project> = {}): Project {
  return {
    format: 'tectoria-project',
    version: 1,
    builds: [SKIFF],
    acts,
    sessions: {
      zone: 'UTC',
      pattern: [
        { day: 'tue', from: '19:00', to: '21:30' },
        { day: 'thu', from: '19:00', to: '21:30' },
      ],
    },
    ...more,
  }
}

const hull = (project: Project) => {
  const plan = planParts(stateOf(project), NOW)[0]?.plan
  if (!plan) throw new Error('no hull')
  return plan
}

describe('one part', () => {
  it('begins with its first coat, now', () => {
    expect(hull(project()).next).toMatchObject({ step: 'prime', coat: 1, coats: 2, readyAt: NOW })
  })

  it('half way through a step the next coat waits for the flash', () => {
    const plan = hull(project([logged('started', 'prime', 12), logged('coat-done', 'prime', 6)]))
    expect(plan.next).toMatchObject({ step: 'prime', coat: 2, coats: 2 })
    expect(plan.next?.readyAt).toBe(NOW + 4 * MINUTE)
    expect(plan.steps[0]).toMatchObject({ status: 'running', coatsDone: 1 })
  })

  it('clocks run from the facts', () => {
    const plan = hull(project([logged('coat-done', 'prime', 30), logged('finished', 'prime', 20)]))
    expect(plan.clocks[0]?.next).toMatchObject({ point: 'recoat' })
    const recoat =
      plan.clocks[0]?.milestones.find((milestone) => milestone.point === 'recoat')?.at ?? 0
    // One end of a coat was logged, 30 minutes ago, of a step of two coats: 60 min · 1.15.
    expect((recoat - (NOW - 30 * MINUTE)) / MINUTE).toBeCloseTo(69, 6)
  })

  it('a colder room lengthens them from when it was read', () => {
    const acts = [logged('finished', 'prime', 30)]
    const climate = [
      { id: 'a', at: at(5000), celsius: 20, humidity: 50 },
      { id: 'b', at: at(0), celsius: 12, humidity: 50 },
    ]
    const recoat = (project: Project) =>
      hull(project).clocks[0]?.milestones.find((m) => m.point === 'recoat')?.at ?? 0
    const left = recoat(project(acts)) - NOW
    expect((recoat(project(acts, { climate })) - NOW) / left).toBeCloseTo(Math.exp(0.36), 6)
  })

  it('an open window and its end', () => {
    const acts = [
      logged('finished', 'prime', 9000),
      logged('finished', 'gloss', 6000),
      logged('finished', 'line', 60),
    ]
    const next = hull(project(acts)).next
    expect(next).toMatchObject({ step: 'clean', coat: null, readyAt: NOW })
    expect(((next?.closesAt ?? 0) - NOW) / MINUTE).toBeCloseTo(23 * 60, 6)
  })

  it('a skipped step is out of the way', () => {
    const plan = hull(project([logged('skipped', 'prime', 5)]))
    expect(plan.next?.step).toBe('gloss')
    expect(plan.steps.find((step) => step.step === 'prime')?.status).toBe('skipped')
  })

  it('all done: nothing is next', () => {
    const acts = SKIFF.steps.map((step, i) => logged('finished', step.id, 9000 - i * 2000))
    expect(hull(project(acts)).next).toBeNull()
  })

  it('a finding that is taken as it is no longer counts', () => {
    const bad = {
      ...SKIFF,
      steps: [
        {
          id: 'chip',
          parts: ['hull'],
          do: 'chip-wet' as const,
          accepted: [{ rule: 'no-release-under', reason: 'a trial' }],
        },
      ],
    }
    const plan = hull(project([], { builds: [bad] }))
    expect(plan.findings.find((finding) => finding.rule === 'no-release-under')?.accepted).toBe(
      'a trial',
    )
    expect(plan.verdict).toBe('sound')
  })
})

describe('the bench', () => {
  it('lays every coat into the sessions and keeps the window of the lining', () => {
    const plan = planBench(stateOf(project()), NOW)
    expect(plan.schedule?.status).toBe('optimal')
    const start = (task: string) =>
      plan.tasks.find((otherTask) => otherTask.id === `skiff/hull/${task}`)?.start ?? 0
    expect(start('prime/1')).toBe(Date.parse('2026-03-17T19:00:00Z'))
    expect(start('prime/2') - start('prime/1')).toBe(15 * MINUTE)
    expect((start('clean/1') - start('line/1')) / MINUTE - 20).toBeGreaterThanOrEqual(30)
    expect((start('clean/1') - start('line/1')) / MINUTE).toBeLessThan(24 * 60)
  })

  it('without sessions there is no schedule, and nothing else is missing', () => {
    const plan = planBench(stateOf(project([], { sessions: null })), NOW)
    expect(plan.schedule).toBeNull()
    expect(plan.tasks).toHaveLength(5)
    expect(plan.tasks[0]?.start).toBeNull()
  })

  it('a build that is put away is not planned', () => {
    expect(
      planBench(stateOf(project([], { builds: [{ ...SKIFF, shelved: true }] })), NOW).tasks,
    ).toEqual([])
  })

  it('finished acts never move: what is left is planned from now', () => {
    const plan = planBench(stateOf(project([logged('finished', 'prime', 30)])), NOW)
    expect(plan.tasks.map((task) => task.step)).toEqual(['gloss', 'line', 'clean'])
    expect(plan.tasks[0]?.earliest).toBe(39) // 60 · 1.15 of recoat, 30 of them behind us
  })
})

it('the queue puts a closing window first, then work in hand, then what is ready', () => {
  const two = { ...SKIFF, id: 'punt', parts: SKIFF.parts }
  const acts = [
    logged('finished', 'prime', 9000),
    logged('finished', 'gloss', 6000),
    logged('finished', 'line', 23 * 60),
  ]
  const plans = planParts(stateOf(project(acts, { builds: [two, SKIFF] })), NOW).map(
    ({ plan }) => plan,
  )
  expect(benchQueue(plans, NOW).map((queued) => [queued.build, queued.kind])).toEqual([
    ['skiff', 'closing'],
    ['punt', 'ready'],
  ])
})

it('a part is judged with its ways out, and refuses to be somebody else’s', () => {
  const bad = {
    ...SKIFF,
    steps: [...SKIFF.steps, { id: 'chip', parts: ['hull'], do: 'chip-wet' as const }],
  }
  const judged = judgePart(
    stateOf(project([], { builds: [bad] })),
    { build: 'skiff', part: 'hull' },
    NOW,
    id,
  )
  expect(judged.order).toEqual(['prime', 'gloss', 'line', 'clean', 'chip'])
  const finding = judged.findings.find((finding) => finding.rule === 'no-release-under')
  expect(finding?.remedies.length).toBeGreaterThan(0)
  expect(() => judgePart(stateOf(project()), { build: 'skiff', part: 'keel' }, NOW, id)).toThrow(
    'keel',
  )
})

it('a remedy is never an edit of what is done', () => {
  const bad = {
    ...SKIFF,
    steps: [
      { id: 'top', parts: ['hull'], do: 'base' as const, family: 'water-acrylic' as const },
      { id: 'chip', parts: ['hull'], do: 'chip-wet' as const },
    ],
  }
  const judged = judgePart(
    stateOf(project([logged('finished', 'top', 60)], { builds: [bad] })),
    { build: 'skiff', part: 'hull' },
    NOW,
    id,
  )
  const says = judged.findings.flatMap((finding) => finding.remedies.map((remedy) => remedy.say))
  expect(says).toContain('Put the chips on top with a sponge instead')
  expect(says).not.toContain('Lay a release coat under the top colour')
})

describe('the card of a step', () => {
  const part = { id: 'hull', name: 'Hull', substrate: 'polystyrene' as const, areaCm2: 374 }
  it('mixes for the coats that are left, from the bottle as it is', () => {
    const step = {
      do: 'base' as const,
      family: 'alcohol-acrylic' as const,
      coats: ['light' as const, 'light' as const],
    }
    const card = stepCard(step, part, 1, { name: 'Bone', share: 0.8 })
    expect(card.thinning).toEqual([0.4, 0.55])
    expect(card.pressure).toEqual([0.8, 1.4])
    expect(card.mix?.totalMl).toBeCloseTo((0.86308 + 0.4) * 1.15, 3)
    expect(card.mix?.paintShare).toBeCloseTo(0.52, 2)
    expect(card.cautions.map((caution) => caution.id)).toEqual(['spray', 'flammable'])
  })
  it('thins more in a cold room, and says so', () => {
    const step = { do: 'base' as const, family: 'lacquer' as const }
    const cold = stepCard(step, part, 1, null, 14)
    expect(cold.thinning?.[0]).toBeCloseTo(0.52, 9)
    expect(cold.warmth[0]).toContain('2 points more thinner')
    expect(stepCard(step, part, 1, null).warmth).toEqual([])
    expect(stepCard({ ...step, thinning: 0.6 }, part, 1, null, 14)).toMatchObject({
      thinning: [0.6, 0.6],
      warmth: [],
    })
  })
  test.each([
    { step: { do: 'line-clean' as const }, why: 'a clean-up mixes nothing' },
    { step: { do: 'decal' as const }, why: 'nor does a decal' },
  ])('$why', ({ step }) => {
    expect(stepCard(step, part, 1, null)).toMatchObject({
      mix: null,
      pressure: null,
      thinning: null,
    })
  })
  it('without an area there are no drops', () => {
    const { areaCm2: _, ...bare } = part
    expect(stepCard({ do: 'prime' }, bare, 1, null)).toMatchObject({
      mix: null,
      thinning: [0.5, 0.6],
    })
  })
})

it('a starting sequence becomes a build with ids of its own', () => {
  const starter = STARTERS[0]
  if (!starter) throw new Error('no starter')
  const build = buildFromStarter(starter, 'Tern’s Errand', id)
  expect(build.name).toBe('Tern’s Errand')
  expect(new Set(build.steps.map((step) => step.id)).size).toBe(starter.steps.length)
  expect(build.steps[2]?.parts).toEqual(['hull'])
})
