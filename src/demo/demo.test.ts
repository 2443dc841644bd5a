import { stateOf } from '@/core/builds'
import { readProject } from '@/core/formats/projectFile'
import { planBench } from '@/core/schedule/planBench'
import { demoProject } from './demo'

/** A Tuesday, 18:25 in Lisbon: a session begins at 19:00. */
const NOW = Date.parse('2026-03-17T18:25:00Z')
const MINUTE = 60_000
const project = demoProject(NOW, 'Europe/Lisbon')
const plan = planBench(stateOf(project), NOW, { steps: 20_000 })
const part = (build: string, id: string) => {
  const found = plan.parts.find((part) => part.build === build && part.part === id)
  if (!found) throw new Error(`no part ${id}`)
  return found
}

describe('the demo opens on', () => {
  it('a file that its own import takes', () => {
    expect(readProject(JSON.parse(JSON.stringify(project))).ok).toBe(true)
  })

  it('45 bottles or more and a past of about 60 acts', () => {
    expect(project.shelf?.length).toBeGreaterThanOrEqual(45)
    expect(project.acts?.length).toBeGreaterThanOrEqual(55)
    expect(project.acts?.length).toBeLessThanOrEqual(80)
  })

  it('a part that is minutes from its next coat', () => {
    const next = part('gannets-lament', 'hull-starboard').next
    expect(next).toMatchObject({ step: 'bone', coat: 2, coats: 3 })
    expect(((next?.readyAt ?? 0) - NOW) / MINUTE).toBeCloseTo(4, 0)
  })

  it('a clean-up window that is open and closing', () => {
    const next = part('gannets-lament', 'hull-port').next
    expect(next?.step).toBe('line-clean')
    expect(next?.readyAt).toBe(NOW)
    expect(((next?.closesAt ?? 0) - NOW) / MINUTE).toBeCloseTo(52, 0)
  })

  it('an overnight wait that is running', () => {
    const next = part('ploughman-6', 'armour').next
    expect(next?.step).toBe('mask-moss')
    expect((next?.readyAt ?? 0) - NOW).toBeGreaterThan(8 * 60 * MINUTE)
  })

  it('one planned sequence with a stop, and no other', () => {
    const stops = plan.parts.flatMap((part) =>
      part.findings.filter((f) => f.severity === 'stop').map((f) => [part.part, f.step, f.rule]),
    )
    expect(stops).toEqual([['frame', 'frame-chips', 'no-release-under']])
  })

  it('a session ahead today, and a plan through the sessions', () => {
    expect(plan.sessions[0]?.from).toBe(Date.parse('2026-03-17T19:00:00Z'))
    expect(['optimal', 'feasible']).toContain(plan.schedule?.status)
  })
})

test.each([
  { at: '2026-03-18T10:02:00Z', why: 'a Wednesday: a session is added' },
  { at: '2026-03-17T22:15:00Z', why: 'late on a Tuesday: one more is added' },
  { at: '2026-07-11T08:00:00Z', why: 'a Saturday morning in summer time: its own' },
])('a session lies ahead today: $why', ({ at }) => {
  const now = Date.parse(at)
  const ahead = planBench(stateOf(demoProject(now, 'Europe/Lisbon')), now, { steps: 1 }).sessions[0]
  expect(ahead?.from).toBeGreaterThan(now)
  expect((ahead?.from ?? 0) - now).toBeLessThan(12 * 60 * MINUTE)
})
