import { whyNotEarlier } from '../bench/whyNotEarlier'
import { stateOf } from '../builds/benchState'
import { cureCurve } from '../builds/cureCurve'
import { planParts } from '../builds/planParts'
import type { Timer } from '../model/bench'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { buildOutlooks } from './buildOutlook'
import { solveAnyway } from './lostWindows'
import { planBench } from './planBench'
import { sessionCard } from './sessionCard'
import { sessionOptions } from './sessionOptions'
import { runningTimers } from './timers'
import { outcomeOf, supposed } from './whatIf'

const MINUTE = 60_000
const HOUR = 60 * MINUTE
/** A Tuesday evening. */
const NOW = Date.parse('2026-03-17T18:00:00Z')
const OPTIONS = { steps: 4000 }

function project(more: Partial<Project> = {}): Project {
  return {
    format: 'tectoria-project',
    version: 1,
    builds: [
      {
        id: 'x',
        name: 'Skiff',
        parts: [
          { id: 'p', name: 'Hull', substrate: 'polystyrene', areaCm2: 200 },
          { id: 'q', name: 'Deck', substrate: 'polystyrene' },
        ],
        steps: [
          {
            id: 'prime',
            parts: ['p', 'q'],
            do: 'prime',
            family: 'lacquer',
            coats: ['mist', 'light'],
            colour: '#808080',
          },
          { id: 'line', parts: ['p'], do: 'line', minutes: 20 },
          { id: 'clean', parts: ['p'], do: 'line-clean', minutes: 20 },
          { id: 'teal', parts: ['q'], do: 'base', family: 'lacquer', colour: '#208080' },
        ],
      },
    ],
    sessions: {
      zone: 'Europe/Lisbon',
      pattern: [
        { day: 'tue', from: '19:00', to: '20:00' },
        { day: 'thu', from: '19:00', to: '22:00' },
        { day: 'sat', from: '10:00', to: '12:00' },
      ],
    },
    shelf: [
      {
        id: 'grey',
        name: 'Slate primer',
        family: 'lacquer',
        role: 'primer',
        colour: '#808080',
        sizeMl: 30,
        leftMl: 20,
      },
    ],
    ...more,
  }
}

const act = (step: string, kind: LoggedAct['kind'], at: number, part = 'p'): LoggedAct => ({
  id: `${step}.${part}.${kind}.${at}`,
  at: new Date(at).toISOString(),
  kind,
  build: 'x',
  part,
  step,
})

describe('the card of a session', () => {
  const plan = planBench(stateOf(project()), NOW, OPTIONS)
  const tonight = plan.sessions[0] ?? { from: 0, to: 0 }
  const card = sessionCard(stateOf(project()), plan, tonight)

  it('has every task of the session once, in order, and their minutes', () => {
    const tasks = plan.tasks.filter(
      ({ start }) => start !== null && start >= tonight.from && start < tonight.to,
    )
    expect(card.acts.flatMap((act) => act.tasks).sort()).toEqual(tasks.map(({ id }) => id).sort())
    expect(card.handsOnMinutes).toBe(tasks.reduce((sum, task) => sum + task.minutes, 0))
    card.acts.slice(1).forEach((act, i) => {
      expect(act.from).toBeGreaterThanOrEqual(card.acts[i]?.to ?? 0)
    })
  })

  it('groups the sprays by paint: one mix for both parts, by the first of them', () => {
    const grey = card.mixes.find((mix) => mix.bottle === 'Slate primer')
    expect([...(grey?.parts ?? [])].sort()).toEqual(['p', 'q'])
    expect(grey?.by).toBe(tonight.from)
    // Only the hull says how large it is: what its two coats take.
    const [paint, thinner] = grey?.amounts ?? []
    expect(paint?.name).toBe('Slate primer')
    expect(thinner?.name).toBe('thinner')
    expect(paint?.ml).toBeGreaterThan(0)
  })

  it('says what is left to dry, and when it goes on', () => {
    const hull = card.overnight.find((night) => night.part === 'p')
    expect(hull?.nextAt).toBeGreaterThan(tonight.to)
  })

  it('names the windows that it opens, with their ends', () => {
    const cards = plan.sessions
      .slice(0, 3)
      .map((session) => sessionCard(stateOf(project()), plan, session))
    const open = cards.flatMap((card) => card.mustClose).filter((one) => one.step === 'clean')
    const line = plan.tasks.find((task) => task.step === 'line')
    expect(open).toHaveLength(1)
    expect(open[0]?.closesAt).toBe((line?.start ?? 0) + (20 + 24 * 60) * MINUTE)
  })
})

describe('where an act may go', () => {
  const plan = planBench(stateOf(project()), NOW, OPTIONS)

  it('every place that is allowed can be taken, and comes to what was said', () => {
    const id = 'x/q/teal'
    const entries = sessionOptions(stateOf(project()), NOW, plan, id)
    const allowed = entries.filter((place) => place.outcome !== null)
    expect(allowed.length).toBeGreaterThan(1)
    const last = allowed.at(-1)
    if (!last) return
    expect(sessionOptions(stateOf(project()), NOW, plan, id, last.session.from)).toEqual([last])
    const pinned = supposed(project(), { kind: 'pin', id, ...last.session }).project
    const then = planBench(stateOf(pinned), NOW, OPTIONS)
    const start = then.tasks.find((task) => task.step === 'teal')?.start ?? 0
    expect(start).toBeGreaterThanOrEqual(last.session.from)
    expect(start).toBeLessThan(last.session.to)
    expect(outcomeOf(then).finish).toBeLessThanOrEqual(last.outcome?.finish ?? 0)
  })

  it('what has to dry first is not allowed tonight', () => {
    const entries = sessionOptions(stateOf(project()), NOW, plan, 'x/p/line')
    expect(entries[0]?.outcome).toBeNull()
  })

  it('a pin that lies behind is over, and one that is let go is gone', () => {
    const old = { id: 'x/q/teal', from: '2026-03-10T19:00:00Z', to: '2026-03-10T22:00:00Z' }
    expect(planBench(stateOf(project({ pins: [old] })), NOW, OPTIONS).schedule?.status).toBe(
      'optimal',
    )
    const freed = supposed(project({ pins: [old] }), { kind: 'unpin', id: old.id })
    expect(freed.project.pins).toEqual([])
  })
})

describe('windows that can not be kept', () => {
  // The lining closes at 18:20, before anybody is at the bench.
  const late = project({
    acts: [
      act('prime', 'started', NOW - 60 * HOUR),
      act('prime', 'finished', NOW - 60 * HOUR),
      act('line', 'started', NOW - 24 * HOUR),
      act('line', 'finished', NOW - 24 * HOUR + 20 * MINUTE),
    ],
  })

  it('are named, and the rest is planned with what is late', () => {
    const plan = planBench(stateOf(late), NOW, OPTIONS)
    expect(plan.strict?.status).toBe('infeasible')
    expect(plan.schedule?.status).toBe('optimal')
    expect(plan.lost).toEqual([{ kind: 'own', task: 'x/p/clean/1', latest: 20 }])
    for (const task of plan.tasks) expect(task.start).not.toBeNull()
  })

  it('between two acts are given up only where none of their own is', () => {
    const { schedule, lost } = solveAnyway(
      {
        format: 'tectoria-bench-problem',
        version: 1,
        horizonMinutes: 400,
        availability: [
          [0, 20],
          [100, 140],
        ],
        tasks: [
          { id: 'a', minutes: 10 },
          { id: 'b', minutes: 10 },
        ],
        links: [{ from: 'a', to: 'b', minGap: 50, maxGap: 60 }],
      },
      {},
    )
    expect(schedule.makespan).toBe(110)
    expect(lost).toEqual([{ kind: 'link', task: 'b', from: 'a', maxGap: 60 }])
  })

  it('are not made up where nothing can be done at all', () => {
    const problem = {
      format: 'tectoria-bench-problem' as const,
      version: 1 as const,
      horizonMinutes: 10,
      availability: [[0, 5] as [number, number]],
      tasks: [{ id: 'a', minutes: 10 }],
    }
    const { schedule, strict, lost } = solveAnyway(problem, {})
    expect(schedule).toBe(strict)
    expect(lost).toEqual([])
  })
})

it('in a room that is slept in nothing smells in the last minutes of a session', () => {
  const sessions = { ...(project().sessions as NonNullable<Project['sessions']>), airMinutes: 45 }
  const plan = planBench(stateOf(project({ sessions })), NOW, OPTIONS)
  const lacquers = plan.tasks.filter(({ step }) => step === 'prime' || step === 'teal')
  expect(lacquers.length).toBeGreaterThan(3)
  for (const { start, end } of lacquers) {
    const session = plan.sessions.find(({ from, to }) => (start ?? 0) >= from && (start ?? 0) < to)
    expect(end).toBeLessThanOrEqual((session?.to ?? 0) - 45 * MINUTE)
  }
})

it('two airbrushes hold two paints: nothing is cleaned out between', () => {
  const own = project().sessions as NonNullable<Project['sessions']>
  const cleanOuts = (airbrushes: number) =>
    planBench(stateOf(project({ sessions: { ...own, airbrushes } })), NOW, OPTIONS).schedule
      ?.qualities?.cleanOuts
  expect([cleanOuts(1), cleanOuts(2)]).toEqual([1, 0])
})

it('where two parts can’t dry at once the one waits until the other can be touched', () => {
  const own = project().sessions as NonNullable<Project['sessions']>
  const primed = (dryingPlaces?: number) => {
    const sessions = { ...own, ...(dryingPlaces === undefined ? {} : { dryingPlaces }) }
    const plan = planBench(stateOf(project({ sessions })), NOW, OPTIONS)
    const tasks = plan.tasks.filter(({ step }) => step === 'prime')
    const endOf = (part: string) =>
      Math.max(...tasks.filter((t) => t.part === part).map((t) => t.end ?? 0))
    const startOf = (part: string) =>
      Math.min(...tasks.filter((t) => t.part === part).map((t) => t.start ?? 0))
    const [first, second] = startOf('p') < startOf('q') ? ['p', 'q'] : ['q', 'p']
    const held = tasks.find(({ part, start }) => part === second && start === startOf(part))?.id
    const starts = plan.schedule?.starts ?? {}
    return {
      apart: startOf(second as string) - endOf(first as string),
      hold: held && whyNotEarlier(plan.problem, starts, held)[0]?.hold.kind,
    }
  }
  // A light coat of lacquer primer is touch-dry after 20 min.
  expect(primed().apart).toBeLessThan(20 * MINUTE)
  expect(primed(1).apart).toBeGreaterThanOrEqual(20 * MINUTE)
  expect([primed().hold, primed(1).hold]).toEqual(['hands', 'place'])
})

it('of an act that was started the minutes that are left are planned', () => {
  const minutes = (acts: Project['acts']) =>
    planBench(stateOf(project({ acts })), NOW, OPTIONS).problem.tasks?.find(
      ({ id }) => id === 'x/p/prime/1',
    )?.minutes
  const whole = minutes([]) as number
  const started = (ago: number) => [act('prime', 'started', NOW - ago * MINUTE)]
  expect(whole).toBeGreaterThan(3)
  expect(minutes(started(2))).toBe(whole - 2)
  expect(minutes(started(500))).toBe(1)
})

describe('bottles', () => {
  const decanted = (hoursAgo: number) => ({
    id: 'teal',
    name: 'Pond teal',
    family: 'lacquer' as const,
    role: 'colour' as const,
    colour: '#208080',
    sizeMl: 30,
    leftMl: 20,
    state: 'decanted' as const,
    decantedAt: new Date(NOW - hoursAgo * HOUR).toISOString(),
  })
  const ready = { ...decanted(0), id: 'other', state: 'open' as const, decantedAt: undefined }
  const tealAt = (shelf: object[], timers: Timer[] = []) => {
    const [build] = project().builds ?? []
    const teal = build?.steps.filter(({ id }) => id === 'teal') ?? []
    const builds = build ? [{ ...build, steps: teal }] : []
    const state = stateOf(project({ builds, shelf: shelf as Project['shelf'], timers }))
    const plan = planBench(state, NOW, OPTIONS)
    return plan.tasks.find((task) => task.step === 'teal')?.start ?? 0
  }
  const TONIGHT = NOW + 3 * HOUR

  test.each([
    {
      why: 'paint that was just decanted waits for another evening',
      shelf: [decanted(0)],
      tonight: false,
    },
    { why: 'paint that has gassed off doesn’t', shelf: [decanted(13)], tonight: true },
    { why: 'nor where another pot of it is ready', shelf: [decanted(0), ready], tonight: true },
  ])('$why', ({ shelf, tonight }) => {
    expect(tealAt(shelf) < TONIGHT).toBe(tonight)
  })

  it('a can in warm water is sprayed when it is done, or at once if the clock is stopped', () => {
    const warm: Timer = {
      id: 'w',
      kind: 'warming',
      name: 'Pond teal',
      bottle: 'other',
      startedAt: new Date(NOW).toISOString(),
      minutes: 45,
    }
    const free = tealAt([ready])
    expect(tealAt([ready], [warm])).toBe(Math.max(free, NOW + 45 * MINUTE))
    expect(tealAt([ready], [{ ...warm, minutes: 600 }])).toBeGreaterThan(TONIGHT)
    const stopped = { ...warm, minutes: 600, stoppedAt: new Date(NOW).toISOString() }
    expect(tealAt([ready], [stopped])).toBe(free)
  })

  it('a kept two-part mix is sprayed before it is hard; one that is hard already binds nothing', () => {
    const clear = (mixedHoursAgo: number) => {
      const step = {
        id: 'clear',
        parts: ['p'],
        do: 'clear' as const,
        family: 'urethane-2k' as const,
        sheen: 'gloss' as const,
        coats: ['light' as const],
        mix: 'm',
      }
      const mixes = [
        {
          id: 'm',
          name: 'Hull clear',
          family: 'urethane-2k' as const,
          at: new Date(NOW - mixedHoursAgo * HOUR).toISOString(),
          ingredients: [{ name: 'Clear', parts: 2 }],
          volumeMl: 9,
        },
      ]
      const parts = [{ id: 'p', name: 'Hull', substrate: 'polystyrene' as const }]
      const builds = [{ id: 'x', name: 'Skiff', parts, steps: [step] }]
      return planBench(stateOf(project({ builds, mixes })), NOW, OPTIONS).problem.tasks?.[0] ?? null
    }
    expect(clear(1)).toMatchObject({ latest: 120 - (clear(1)?.minutes as number) })
    expect(clear(4)).not.toHaveProperty('latest')
  })

  it('two-part paint is sprayed out within its pot life', () => {
    const builds = [
      {
        id: 'x',
        name: 'Skiff',
        parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' as const }],
        steps: [
          {
            id: 'clear',
            parts: ['p'],
            do: 'clear' as const,
            family: 'urethane-2k' as const,
            sheen: 'gloss' as const,
            coats: ['light' as const, 'light' as const],
            split: true,
          },
        ],
      },
    ]
    const { problem } = planBench(stateOf(project({ builds })), NOW, OPTIONS)
    const [first, last] = ['x/p/clear/1', 'x/p/clear/2']
    expect(problem.links).toContainEqual({ from: first, to: last, maxGap: 3 * 60 - 10 })
  })
})

describe('clocks of what is no film', () => {
  const timer = (id: string, more: Partial<Timer> = {}): Timer => ({
    id,
    kind: 'decal',
    name: id,
    startedAt: new Date(NOW - MINUTE).toISOString(),
    minutes: 3,
    ...more,
  })

  test.each([
    { why: 'a timer', more: { timers: [timer('t')] }, to: 2 },
    {
      why: 'one that was stopped',
      more: { timers: [timer('t', { stoppedAt: new Date(NOW).toISOString() })] },
      to: null,
    },
    {
      why: 'one that is long over',
      more: { timers: [timer('t', { minutes: 0.25, startedAt: '2026-03-01T00:00:00Z' })] },
      to: null,
    },
    {
      why: 'one of the future',
      more: { timers: [timer('t', { startedAt: '2026-04-01T00:00:00Z' })] },
      to: null,
    },
    {
      why: 'decanted paint',
      more: {
        shelf: [
          {
            id: 'd',
            name: 'Can grey',
            family: 'lacquer' as const,
            role: 'primer' as const,
            sizeMl: 10,
            leftMl: 10,
            state: 'decanted' as const,
            decantedAt: new Date(NOW - HOUR).toISOString(),
          },
        ],
      },
      to: 11 * 60,
    },
    {
      why: 'decanted paint that can be sprayed, its lid resting',
      more: {
        shelf: [
          {
            id: 'd',
            name: 'Can grey',
            family: 'lacquer' as const,
            role: 'primer' as const,
            sizeMl: 10,
            leftMl: 10,
            state: 'decanted' as const,
            decantedAt: new Date(NOW - 13 * HOUR).toISOString(),
          },
        ],
      },
      to: 11 * 60,
    },
    {
      why: 'two-part paint that was mixed',
      more: {
        mixes: [
          {
            id: 'm',
            name: 'Two-part gloss',
            at: new Date(NOW).toISOString(),
            family: 'urethane-2k' as const,
            ingredients: [{ name: 'clear', parts: 2 }],
            volumeMl: 6,
          },
        ],
        acts: [{ ...act('prime', 'mixed', NOW - HOUR), mix: 'm' }],
      },
      to: 120,
    },
  ])('$why', ({ more, to }) => {
    const found = runningTimers(stateOf(project(more)), NOW)
    expect(found.map((one) => (one.to - NOW) / MINUTE)).toEqual(to === null ? [] : [to])
  })
})

describe('how a build stands', () => {
  test.each([
    { due: undefined, slack: null },
    { due: '2026-03-31', slack: 1 },
    { due: '2026-03-18', slack: -1 },
  ])('wanted for $due', ({ due, slack }) => {
    const [build] = project().builds ?? []
    if (!build) throw new Error('no build')
    const wanted = project({ builds: [{ ...build, ...(due ? { due } : {}) }] })
    const plan = planBench(stateOf(wanted), NOW, OPTIONS)
    const [outlook] = buildOutlooks(wanted, plan)
    const last = Math.max(...plan.tasks.map((task) => (task.start ?? 0) + task.minutes * MINUTE))
    expect(outlook?.finish).toBe(last)
    expect(outlook?.handsOnMinutes).toBe(plan.tasks.reduce((sum, task) => sum + task.minutes, 0))
    expect(outlook && outlook.handsOnMinutes + outlook.waitingMinutes).toBe((last - NOW) / MINUTE)
    expect(outlook?.critical.length).toBeGreaterThan(1)
    expect(slack === null ? outlook?.slackMs : Math.sign(outlook?.slackMs ?? 0)).toBe(slack)
  })
})

it('the curve of a film ends when it is cured in the air as it has become, whatever a page knew before', () => {
  const laid = project({
    acts: [act('prime', 'started', NOW - HOUR), act('prime', 'finished', NOW - HOUR)],
  })
  const known = planParts(stateOf(laid), NOW)[0]?.plan.clocks[0]
  if (!known) throw new Error('nothing dries')
  const read = { id: 'a', at: new Date(NOW - HOUR).toISOString(), celsius: 10, humidity: 50 }
  const curve = cureCurve(stateOf({ ...laid, climate: [read] }), known, NOW)
  expect(curve?.points.at(-1)?.share).toBeCloseTo(1, 6)
  expect(curve?.to).toBeGreaterThan(
    known.milestones.find(({ point }) => point === 'cured')?.at ?? Number.POSITIVE_INFINITY,
  )
})

it('the curve of a film rises from nothing to the whole, and is at a share where the clock says', () => {
  const laid = project({
    acts: [act('prime', 'started', NOW - HOUR), act('prime', 'finished', NOW - HOUR)],
    climate: [
      { id: 'a', at: new Date(NOW - 2 * HOUR).toISOString(), celsius: 20, humidity: 50 },
      { id: 'b', at: new Date(NOW).toISOString(), celsius: 10, humidity: 50 },
    ],
  })
  const clock = planParts(stateOf(laid), NOW)[0]?.plan.clocks[0]
  if (!clock) throw new Error('nothing dries')
  const curve = cureCurve(stateOf(laid), clock, NOW)
  const shares = curve?.points.map((point) => point.share) ?? []
  expect(shares[0]).toBe(0)
  expect(shares.at(-1)).toBeCloseTo(1, 6)
  shares.slice(1).forEach((share, i) => {
    expect(share).toBeGreaterThan(shares[i] ?? 1)
  })
  expect(curve?.air.map(({ climate }) => climate.celsius)).toEqual([20, 10])
  expect(curve?.to).toBe(clock.milestones.find((milestone) => milestone.point === 'cured')?.at)
})
