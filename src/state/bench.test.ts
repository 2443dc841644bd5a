import type { Remote } from 'comlink'
import { DAYS } from '@/core/model/sessions'
import { logAct } from '@/store/actions/acts'
import { addBuild, editBuild } from '@/store/actions/builds'
import type { Store } from '@/store/store'
import { BUILD, NOW, testStore } from '@/store/tests/stores'
import { benchDesk } from '@/workers/benchDesk'
import type { BenchWorker } from '@/workers/benchMessages'
import { benchOf } from './bench'
import { nearStore } from './tests/nearStore'
import { type NearWorker, nearHost } from './tests/nearWorker'
import { until } from './tests/until'

const SESSIONS = {
  zone: 'UTC',
  pattern: DAYS.map((day) => ({ day, from: '18:00', to: '22:00' })),
}
let n = 0

/** What the workers of a bench were asked: methods by name. */
type Counted = Record<string, number>

/** A bench over a database, its workers in this thread. */
function benchOn(store: Store) {
  const begun: NearWorker[][] = []
  const asked: Counted = {}
  const desk = (): BenchWorker =>
    new Proxy(benchDesk(store.newId), {
      get: (target, name) => {
        asked[String(name)] = (asked[String(name)] ?? 0) + 1
        return target[name as keyof BenchWorker]
      },
    })
  const bench = benchOf(
    nearStore(store, () => NOW + 30 * 60_000).client,
    (greet: (worker: Remote<BenchWorker>) => Promise<void>) => {
      const made = nearHost(desk, greet)
      begun.push(made.begun)
      return made.host
    },
  )
  return { bench, begun, asked }
}
const open = async (store: Store) => {
  const made = benchOn(store)
  const end = made.bench.start()
  await until(() => made.bench.plan.planned.get().planning === false)
  await until(() => made.bench.parts.plans.get() !== null)
  return { ...made, end }
}
const coat = (store: Store, number: number) =>
  logAct(
    store,
    { build: 'b', part: 'p', step: 's' },
    { kind: 'coat-done' },
    { coat: number },
    'Coat',
  )

async function started(): Promise<Store> {
  const store = testStore(`bench ${++n}`)
  await addBuild(store, BUILD, SESSIONS)
  return store
}
const statusOf = ({ bench }: { bench: ReturnType<typeof benchOf> }, part: string) =>
  bench.parts.plans.get()?.find((plan) => plan.part === part)?.steps[0]?.status

describe('the bench', () => {
  it('follows from the store: documents, parts, plan', async () => {
    const { bench, end } = await open(await started())
    expect(bench.documents.stock.get()?.project.builds).toEqual([BUILD])
    expect(bench.parts.plans.get()?.map(({ part }) => part)).toEqual(['p', 'q'])
    expect(bench.plan.planned.get().plan?.tasks.length).toBeGreaterThan(0)
    end()
  })

  it('begins the worker of the parts while the documents are read, and tells each worker once', async () => {
    const made = benchOn(await started())
    const end = made.bench.start()
    expect(made.begun.map((workers) => workers.length)).toEqual([1, 0, 0])
    expect(made.bench.documents.stock.get()).toBeNull()
    await until(() => made.bench.plan.planned.get().planning === false)
    await until(() => made.asked.parts === 1)
    expect(made.asked.open).toBe(made.begun.flat().length)
    end()
  })

  it('carries a logged act on to its part and the plan', async () => {
    const store = await started()
    const opened = await open(store)
    const { bench, end } = opened
    const before = bench.parts.plans.get()
    await coat(store, 1)
    await until(() => statusOf(opened, 'p') !== before?.[0]?.steps[0]?.status)
    expect(statusOf(opened, 'p')).toBe('running')
    expect(statusOf(opened, 'q')).not.toBe('running')
    await until(() => bench.plan.planned.get().planning === false)
    expect(bench.plan.planned.get().plan?.tasks.map(({ id }) => id)).not.toContain('b/p/s/1')
    end()
  })

  it('tells each worker everything once', async () => {
    const { asked, begun, end } = await open(await started())
    // The one for questions waits until the first look is drawn.
    expect(begun.map((workers) => workers.length)).toEqual([1, 1, 0])
    await until(() => begun[2]?.length === 1 && asked.open === 3)
    expect(begun.map((workers) => workers.length)).toEqual([1, 1, 1])
    expect(asked.open).toBe(3)
    end()
  })

  it('tells a worker what was written, and never everything again', async () => {
    const store = await started()
    const { asked, bench, end } = await open(store)
    const openings = asked.open
    const changes = asked.change ?? 0
    await coat(store, 1)
    await until(() => bench.documents.stock.get()?.project.acts?.length === 1)
    expect(asked.open).toBe(openings)
    expect(asked.change).toBeGreaterThan(changes)
    end()
  })

  it('shows the plan that was made whole last at the next load, and asks nobody for it', async () => {
    const store = await started()
    const first = await open(store)
    const made = first.bench.plan.planned.get().plan
    await until(() => first.bench.plan.planned.get().planning === false)
    while ((await store.db.kept.count()) === 0) await new Promise((go) => setTimeout(go, 5))
    first.end()
    const second = await open(store)
    expect(second.bench.plan.planned.get().plan).toEqual(made)
    expect(second.asked.plan ?? 0).toBe(0)
    second.end()
  })

  it('plans anew at the next load where something was written meanwhile', async () => {
    const store = await started()
    const first = await open(store)
    while ((await store.db.kept.count()) === 0) await new Promise((go) => setTimeout(go, 5))
    first.end()
    await editBuild(store, 'b', { do: 'remove', targets: [{ step: 't' }], on: 'every' }, 'Out')
    const second = await open(store)
    expect(second.asked.plan).toBeGreaterThan(0)
    expect(second.bench.plan.planned.get().plan?.tasks.map(({ step }) => step)).not.toContain('t')
    second.end()
  })

  it('begins a worker that failed again, with all documents and all parts', async () => {
    const store = await started()
    const opened = await open(store)
    const { bench, begun, end } = opened
    for (const workers of begun) workers.at(-1)?.fail('out of memory')
    await coat(store, 1)
    await until(() => statusOf(opened, 'p') === 'running')
    expect(bench.parts.failure.get()).toBeNull()
    expect(bench.parts.plans.get()).toHaveLength(2)
    expect(await bench.questions.ask((worker) => worker.ratios())).toEqual([])
    end()
  })

  it('ends its workers with itself', async () => {
    const { begun, end } = await open(await started())
    end()
    expect(begun.flat().every(({ ended }) => ended)).toBe(true)
  })
})
