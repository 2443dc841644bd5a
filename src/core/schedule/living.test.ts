import { getVtimezoneComponent } from '@touch4it/ical-timezones'
import nodeIcal from 'node-ical'
import { stateOf } from '../builds/benchState'
import { planCalendar } from '../formats/planCalendar'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import type { Sessions } from '../model/sessions'
import { planDifference } from './moves'
import { type BenchPlan, planBench } from './planBench'
import { outcomeOf, supposed, type WhatIf } from './whatIf'

const MINUTE = 60_000
const HOUR = 60 * MINUTE
/** A Tuesday evening. */
const NOW = Date.parse('2026-03-17T18:00:00Z')

const SESSIONS: Sessions = {
  zone: 'Europe/Lisbon',
  pattern: [
    { day: 'tue', from: '19:00', to: '21:00' },
    { day: 'thu', from: '19:00', to: '21:00' },
    { day: 'sat', from: '10:00', to: '12:00' },
  ],
}

function project(acts: LoggedAct[] = [], more: Partial<Project> = {}): Project {
  return {
    format: 'tectoria-project',
    version: 1,
    builds: [
      {
        id: 'x',
        name: 'Skiff',
        parts: [
          { id: 'p', name: 'Hull', substrate: 'polystyrene' },
          { id: 'q', name: 'Deck', substrate: 'polystyrene' },
        ],
        steps: [
          { id: 'gloss', parts: ['p'], do: 'clear', family: 'lacquer', sheen: 'gloss' },
          { id: 'line', parts: ['p'], do: 'line', minutes: 20 },
          { id: 'clean', parts: ['p'], do: 'line-clean', minutes: 20 },
          { id: 'matt', parts: ['q'], do: 'clear', family: 'lacquer', sheen: 'matt' },
        ],
      },
    ],
    acts,
    sessions: SESSIONS,
    ...more,
  }
}

const act = (step: string, kind: LoggedAct['kind'], at: number, more = {}): LoggedAct => ({
  id: `${step}.${kind}.${at}`,
  at: new Date(at).toISOString(),
  kind,
  build: 'x',
  part: step === 'matt' ? 'q' : 'p',
  step,
  ...more,
})

const OPTIONS = { steps: 5000 }
const startOf = (plan: BenchPlan, step: string) =>
  plan.tasks.find((task) => task.step === step)?.start

describe('the plan lives on', () => {
  const before = planBench(stateOf(project()), NOW, OPTIONS)

  it('is laid into the sessions', () => {
    expect(before.schedule?.status).toBe('optimal')
    const first = Math.min(...before.tasks.map((task) => task.start ?? Number.POSITIVE_INFINITY))
    expect(first).toBe(Date.parse('2026-03-17T19:00:00Z'))
  })

  it('nothing moves where nothing happened', () => {
    const after = planBench(stateOf(project()), NOW + MINUTE, { ...OPTIONS, before })
    expect(planDifference(before, after).moves).toEqual([])
  })

  it('a clock that is started, or a note, moves nothing', () => {
    const timer = {
      id: 't',
      kind: 'decal',
      name: 'Decal',
      startedAt: '2026-03-17T18:00:00Z',
      minutes: 3,
    } as const
    const noted = { id: 'n', at: '2026-03-17T18:01:00Z', kind: 'noted', text: 'Humid.' } as const
    const after = planBench(stateOf(project([noted], { timers: [timer] })), NOW + 2 * MINUTE, {
      ...OPTIONS,
      before,
    })
    expect(after.tasks.map(({ id, start }) => [id, start])).toEqual(
      before.tasks.map(({ id, start }) => [id, start]),
    )
  })

  it('two hours late: what was due moves, with what holds it', () => {
    const late = NOW + 3 * HOUR + 5 * MINUTE
    const after = planBench(stateOf(project()), late, { ...OPTIONS, before })
    const { moves, finish } = planDifference(before, after)
    expect(moves.map((move) => move.step)).toContain('gloss')
    expect(moves[0]?.why.hold.kind).toBeDefined()
    expect(finish.to).toBeGreaterThan(finish.from ?? 0)
  })

  it('what is done never moves, and what is skipped is gone', () => {
    const done = [
      act('matt', 'started', NOW + HOUR),
      act('matt', 'finished', NOW + HOUR + 5 * MINUTE),
      act('line', 'skipped', NOW + HOUR + 6 * MINUTE),
    ]
    const after = planBench(stateOf(project(done)), NOW + 2 * HOUR, { ...OPTIONS, before })
    expect(after.tasks.map((task) => task.step)).toEqual(['gloss', 'clean'])
  })

  it('still tacky: what waits for it moves', () => {
    const laid = [act('gloss', 'started', NOW), act('gloss', 'finished', NOW + 5 * MINUTE)]
    const dry = planBench(stateOf(project(laid)), NOW + 3 * HOUR, OPTIONS)
    const tacky = [
      ...laid,
      act('gloss', 'observed', NOW + 47 * HOUR, { milestone: 'cured', seen: 'not-yet' }),
      act('gloss', 'observed', NOW + 48 * HOUR, { milestone: 'recoat', seen: 'not-yet' }),
    ]
    const later = planBench(stateOf(project(tacky)), NOW + 48 * HOUR, { ...OPTIONS, before: dry })
    const wait = startOf(later, 'line') ?? 0
    expect(wait).toBeGreaterThan(NOW + 51 * HOUR)
    expect(planDifference(dry, later).moves[0]?.step).toBe('line')
  })

  it('the same clean-up, missed: the window is a finding, and the work is planned all the same', () => {
    const laid = [
      act('gloss', 'started', NOW - 96 * HOUR),
      act('gloss', 'finished', NOW - 95 * HOUR),
      act('line', 'started', NOW - 26 * HOUR),
      act('line', 'finished', NOW - 25 * HOUR),
    ]
    const plan = planBench(stateOf(project(laid)), NOW, OPTIONS)
    const hull = plan.parts.find((part) => part.part === 'p')
    expect(hull?.findings.map((finding) => finding.rule)).toContain('clean-too-late')
    expect(startOf(plan, 'clean')).not.toBeNull()
  })

  it('too damp tonight: the matt clear goes to another session, and says why', () => {
    const climate = [{ id: 'c', at: new Date(NOW).toISOString(), celsius: 18, humidity: 84 }]
    const after = planBench(stateOf(project([], { climate })), NOW, { ...OPTIONS, before })
    const move = planDifference(before, after).moves.find((move) => move.step === 'matt')
    expect(move?.to).toBeGreaterThan(NOW + 24 * HOUR)
    expect(move?.why.air).toContain('84 % relative humidity')
  })
})

describe('what if', () => {
  const now = outcomeOf(planBench(stateOf(project()), NOW, OPTIONS))
  const asked = (question: WhatIf) => {
    const { project: other, options } = supposed(project(), question)
    return outcomeOf(planBench(stateOf(other), NOW, { ...OPTIONS, ...options }))
  }

  test.each<{ why: string; question: WhatIf; sooner: boolean }>([
    {
      why: 'another session on Wednesday',
      question: { kind: 'session', date: '2026-03-18', from: '19:00', to: '21:00' },
      sooner: true,
    },
    { why: 'a room 10 °C warmer', question: { kind: 'warmer', celsius: 10 }, sooner: false },
    { why: 'a fan', question: { kind: 'air', air: 'fan' }, sooner: false },
  ])('$why is told without touching the plan', ({ question, sooner }) => {
    const then = asked(question)
    expect(then.status).toBe('optimal')
    if (sooner) expect(then.finish).toBeLessThan(now.finish ?? 0)
    else expect(then.finish).toBeLessThanOrEqual(now.finish ?? 0)
    expect(outcomeOf(planBench(stateOf(project()), NOW, OPTIONS))).toEqual(now)
  })

  it('another paint, and one coat fewer', () => {
    const one = project([], {
      builds: (project().builds ?? []).map((build) => ({
        ...build,
        steps: [
          {
            id: 'b',
            parts: ['p'],
            do: 'base' as const,
            family: 'enamel' as const,
            coats: ['light' as const, 'light' as const],
          },
          {
            id: 'c',
            parts: ['p'],
            do: 'clear' as const,
            family: 'enamel' as const,
            sheen: 'gloss' as const,
          },
        ],
      })),
    })
    const plan = (question?: WhatIf) =>
      outcomeOf(planBench(stateOf(question ? supposed(one, question).project : one), NOW, OPTIONS))
    const quick = plan({ kind: 'step', build: 'x', step: 'b', set: { family: 'lacquer' } })
    expect(quick.finish).toBeLessThan(plan().finish ?? 0)
    const fewer = plan({ kind: 'coat-fewer', build: 'x', step: 'b' })
    expect(fewer.handsOnMinutes).toBe(plan().handsOnMinutes - 5)
  })
})

describe('the plan as a calendar', () => {
  const names = (task: { step: string; part: string }) => ({
    act: task.step,
    part: task.part,
    build: 'Skiff; with, signs',
  })
  const RULES = getVtimezoneComponent('Europe/Lisbon') ?? null
  const read = (text: string) =>
    Object.values(nodeIcal.sync.parseICS(text)).filter((event) => event?.type === 'VEVENT')

  it('reads back as the same acts at the same instants, with zone and alarm', () => {
    const plan = planBench(stateOf(project()), NOW, OPTIONS)
    const text = planCalendar(plan, names, 'Europe/Lisbon', RULES, NOW)
    expect(text).toContain('BEGIN:VTIMEZONE')
    expect(text).toContain('BEGIN:VALARM')
    const events = read(text) as {
      uid: string
      start: Date
      summary: string
      description: string
    }[]
    expect(events).toHaveLength(4)
    for (const task of plan.tasks) {
      const event = events.find((event) => event.summary === `${task.step}: ${task.part}`)
      expect(event?.start.getTime()).toBe(task.start)
      expect(event?.description).toBe('Skiff; with, signs')
    }
  })

  it('keeps its instants over the change to summer time', () => {
    const late = Date.parse('2026-03-28T09:00:00Z')
    const plan = planBench(stateOf(project()), late, OPTIONS)
    const events = read(planCalendar(plan, names, 'Europe/Lisbon', RULES, late)) as {
      start: Date
    }[]
    const starts = plan.tasks.map((task) => task.start)
    expect(events.map((event) => event.start.getTime()).sort()).toEqual([...starts].sort())
  })

  it('a later export moves the events instead of doubling them', () => {
    const ids = (now: number) => {
      const events = read(
        planCalendar(
          planBench(stateOf(project()), now, OPTIONS),
          names,
          'Europe/Lisbon',
          RULES,
          now,
        ),
      ) as unknown as { uid: string; sequence: string }[]
      return events.map((event) => [event.uid, Number(event.sequence)] as const)
    }
    const [first, second] = [ids(NOW), ids(NOW + 5 * HOUR)]
    expect(second.map(([uid]) => uid).sort()).toEqual(first.map(([uid]) => uid).sort())
    expect(second[0]?.[1]).toBeGreaterThan(first[0]?.[1] ?? 0)
  })
})
