import type { Remote } from 'comlink'
import { benchWorker } from '@/state/benchClient'
import type { Host } from '@/state/host'
import type { BenchWorker } from '@/workers/benchMessages'
import { reckonedAt } from './clock'
import { type Documents, documentsOf, givenProject } from './documents'
import { type Messages, messagesOf } from './messages'
import { type Parts, partsOf, UNDISTURBED } from './parts'
import { type KeptPlan, type Plan, planOf } from './plan'
import type { StoreClient } from './storeClient'
import { wish } from './wish'

/** Everything that follows from the store, in the order in which it follows: documents, parts, plan; and messages apart. */
export type Bench = {
  store: StoreClient
  documents: Documents
  parts: Parts
  plan: Plan
  messages: Messages
  /** For questions, so that they don't wait for the parts or the plan, nor those for them. */
  questions: Host<BenchWorker>
  /** Begins to read, listen and reckon. @returns ends it */
  start: () => () => void
}

/** Parts are reckoned again when they are this old, ms, beside every change. */
const REFRESH = 30_000
/** The plan is made again when it is this old, ms, beside every change. */
const REPLAN = 5 * 60_000
/** How often is looked how old they are, ms: by the clock, so that a machine that slept isn't behind for long. */
const LOOK = 1000

function openIn(worker: Remote<BenchWorker>, documents: Documents) {
  const { text, writes } = documents.asText()
  return worker.open(text, writes)
}

/** Gives a new worker the documents, as soon as they are read. */
async function greet(worker: Remote<BenchWorker>, documents: Documents, begun?: () => void) {
  await documents.wasRead()
  begun?.()
  await openIn(worker, documents)
}

/** The bench of a store. @param hostOf begins a worker that is given the documents first */
export function benchOf(store: StoreClient, hostOf: typeof benchWorker = benchWorker): Bench {
  const documents = documentsOf(store)
  const messages = messagesOf()
  const project = () => {
    const stock = documents.stock.get()
    return stock && givenProject(stock)
  }
  const host = (begun?: () => void) => hostOf((worker) => greet(worker, documents, begun))
  const now = () => reckonedAt(store.now())
  const partsHost = host(() => parts.forget())
  const parts: Parts = partsOf(partsHost, now)
  const planHost = host()
  const questions = host()
  const plan = planOf({
    host: planHost,
    now,
    project,
    wish: wish.get,
    fingerprint: () => [process.env.TECTORIA_BUILT, documents.seq(), wish.get()].join(' '),
    load: () => store.ask('keptPlan') as Promise<KeptPlan | null>,
    keep: (kept) => store.ask('keepPlan', kept),
  })
  const hosts = [partsHost, planHost, questions]

  const age = { parts: Number.NEGATIVE_INFINITY, plan: Number.NEGATIVE_INFINITY }
  const refresh = () => {
    age.parts = store.now()
    parts.refresh()
  }
  const replan = () => {
    age.plan = store.now()
    plan.make()
  }
  const look = () => {
    if (!documents.stock.get()) return
    const now = store.now()
    if (Math.abs(now - age.parts) >= REFRESH) refresh()
    if (Math.abs(now - age.plan) >= REPLAN) replan()
  }

  let isRead = false
  const changed = (writes: Parameters<BenchWorker['change']>[0] | null) => {
    if (!documents.stock.get()) return
    // What was read first the workers are told as they begin.
    const told = isRead ? hosts : []
    isRead = true
    for (const host of told) {
      host.again()
      // One that isn't there yet is told everything when it begins.
      if (!host.isRunning()) continue
      host
        .ask((worker) => (writes ? worker.change(writes) : openIn(worker, documents)))
        // Whatever is asked next hears of it too, and is told.
        .catch(() => undefined)
    }
    refresh()
    replan()
  }
  return {
    store,
    documents,
    parts,
    plan,
    messages,
    questions,
    start: () => {
      let beginning: ReturnType<typeof setTimeout> | undefined
      const hearing = [
        documents.onWrites(changed),
        wish.subscribe(replan),
        // The first question finds its worker ready, and the first look wasn't held up by it.
        parts.plans.subscribe(() => {
          beginning ??= setTimeout(questions.begin, UNDISTURBED)
        }),
        () => clearTimeout(beginning),
        documents.start(),
      ]
      // It takes as long to begin as the documents take to be read.
      partsHost.begin()
      const looking = setInterval(look, LOOK)
      return () => {
        for (const end of hearing) end()
        clearInterval(looking)
        for (const host of hosts) host.end()
      }
    },
  }
}
