import type { PartPlan } from '@/core/builds'
import type { BenchWorker, PartsAnswer } from '@/workers/benchMessages'
import { partsOf } from './parts'
import { nearHost } from './tests/nearWorker'

const plan = (part: string, at = 0) => ({ build: 'b', part, at }) as unknown as PartPlan
const answer = (order: string[], changed: PartPlan[], rest = false): PartsAnswer => ({
  order: order.map((part) => `b/${part}`),
  changed,
  rest,
})

/** Parts over a worker that gives these answers one after the other; each waits until it is let go. */
function partsWith(answers: (PartsAnswer | Error)[], drawn = async () => {}) {
  const gates: (() => void)[] = []
  const asked: number[] = []
  const near = {
    parts: async (now: number) => {
      const mine = answers[asked.push(now) - 1]
      await new Promise<void>((resolve) => gates.push(resolve))
      if (mine instanceof Error || !mine) throw mine ?? new Error('asked too often')
      return mine
    },
  }
  const { host, begun } = nearHost(() => near as unknown as BenchWorker)
  let now = 0
  const parts = partsOf(host, () => ++now, drawn)
  const letGo = async () => {
    await settle()
    gates.shift()?.()
    await settle()
  }
  return { parts, asked, letGo, begun }
}
const settle = () => new Promise((resolve) => setTimeout(resolve, 0))
const names = (plans: readonly PartPlan[] | null) => plans?.map(({ part }) => part)

describe('what every part says', () => {
  it('is nothing before the worker answered', async () => {
    const { parts, letGo } = partsWith([answer(['p'], [plan('p')])])
    parts.refresh()
    expect(parts.plans.get()).toBeNull()
    await letGo()
    expect(names(parts.plans.get())).toEqual(['p'])
  })

  it('is asked once behind an answer on its way, however often it is wanted meanwhile', async () => {
    const { parts, asked, letGo } = partsWith([
      answer(['p'], [plan('p')]),
      answer(['p'], [plan('p', 2)]),
    ])
    for (let i = 0; i < 5; i++) parts.refresh()
    await letGo()
    await letGo()
    expect(asked).toHaveLength(2)
    expect(parts.plans.get()).toEqual([plan('p', 2)])
  })

  it('is shown as far as it is told, and the rest is asked for then', async () => {
    const { parts, asked, letGo } = partsWith([
      answer(['p'], [plan('p')], true),
      answer(['o', 'p'], [plan('o')]),
    ])
    parts.refresh()
    await letGo()
    expect(names(parts.plans.get())).toEqual(['p'])
    await letGo()
    expect(names(parts.plans.get())).toEqual(['o', 'p'])
    expect(asked).toHaveLength(2)
  })

  it('the rest waits until what was told first is drawn', async () => {
    let tell = () => {}
    const drawn = () => new Promise<void>((resolve) => (tell = resolve))
    const answers = [answer(['p'], [plan('p')], true), answer(['o', 'p'], [plan('o')])]
    const { parts, asked, letGo } = partsWith(answers, drawn)
    parts.refresh()
    await letGo()
    expect([names(parts.plans.get()), asked.length]).toEqual([['p'], 1])
    tell()
    await letGo()
    expect([names(parts.plans.get()), asked.length]).toEqual([['o', 'p'], 2])
  })

  it('keeps the very plans of parts that did not change, and drops parts that are gone', async () => {
    const { parts, letGo } = partsWith([
      answer(['p', 'q', 'r'], [plan('p'), plan('q'), plan('r')]),
      answer(['q', 'p'], [plan('q', 2)]),
    ])
    parts.refresh()
    await letGo()
    const before = parts.plans.get()
    parts.refresh()
    await letGo()
    const after = parts.plans.get()
    expect(after).toEqual([plan('q', 2), plan('p')])
    expect(after?.[1]).toBe(before?.[0])
  })

  it('tells nobody where nothing changed', async () => {
    const { parts, letGo } = partsWith([answer(['p'], [plan('p')]), answer(['p'], [])])
    parts.refresh()
    await letGo()
    let told = 0
    parts.plans.subscribe(() => told++)
    parts.refresh()
    await letGo()
    expect(told).toBe(0)
  })

  it('says why it can’t be reckoned, keeps what it had, and is well again with the next answer', async () => {
    const { parts, letGo } = partsWith([
      answer(['p'], [plan('p')]),
      new Error('no such family'),
      answer(['p'], []),
    ])
    parts.refresh()
    await letGo()
    parts.refresh()
    await letGo()
    expect(parts.failure.get()).toContain('no such family')
    expect(names(parts.plans.get())).toEqual(['p'])
    parts.refresh()
    await letGo()
    expect(parts.failure.get()).toBeNull()
    expect(names(parts.plans.get())).toEqual(['p'])
  })

  it('forgets with a new worker what the old one had told', async () => {
    const { parts, letGo } = partsWith([
      answer(['p', 'q'], [plan('p'), plan('q')]),
      answer(['p'], [plan('p', 2)]),
    ])
    parts.refresh()
    await letGo()
    parts.forget()
    parts.refresh()
    await letGo()
    expect(parts.plans.get()).toEqual([plan('p', 2)])
  })
})
