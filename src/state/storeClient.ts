import { proxy, type Remote } from 'comlink'
import type { AnswerOf, ArgsOf, Name } from '@/store/named'
import { newId } from '@/store/newId'
import type { PageStanding } from '@/store/standing'
import type { StoreDesk, Watched } from '@/workers/storeDesk'
import { type Fail, type Host, hostWorker } from './host'
import { type Readable, type Writable, writable } from './readable'

/** What needs no more than its name. */
export type Watchable = { [N in Name]: ArgsOf<N> extends [] ? N : never }[Name]

/** The store as a page has it: it lies in a worker, and is asked by name. */
export type StoreClient = {
  /** @throws Error where the database can't be read, or its worker fails before it has answered */
  ask: <N extends Name>(name: N, ...args: ArgsOf<N>) => Promise<AnswerOf<N>>
  /** What a question's answer is now; null: nobody knows yet. It is asked once, however many look. */
  watched: <N extends Watchable>(name: N) => Readable<Watched<AnswerOf<N>> | null>
  /** How this page stands to the database. */
  standing: Readable<PageStanding>
  /** Epoch milliseconds. */
  now: () => number
}

/** Begins a worker that is greeted first. */
export type StoreHost = (
  greet: (desk: Remote<StoreDesk>, fail: Fail) => Promise<void>,
) => Host<StoreDesk>

/** @param by the tab, as the undo list names it @param hostOf begins the worker */
export function storeClient(
  by: string,
  hostOf: StoreHost = storeWorker,
  now: () => number = () => Date.now(),
): StoreClient {
  const standing = writable<PageStanding>('here')
  const seen = new Map<Watchable, Writable<unknown>>()
  /** What one of the workers said before it ended may come late: for good is for good. */
  const stands = (now: PageStanding) => {
    if (standing.get() !== 'failed') standing.set(now)
  }
  const host = hostOf(async (desk, fail) => {
    const life = newId()
    await desk.open(by, proxy(stands), life)
    // Held by the worker for as long as it lives: one that ends without a word is heard of too.
    void globalThis.navigator?.locks?.request(life, () => fail({ message: 'it ended' }))
  })
  const watch = (name: Watchable) => {
    const hear = proxy((is: unknown) => seen.get(name)?.set(is))
    // A worker that ends before it hears is followed by one that does.
    host.ask((desk) => desk.watch(name, hear)).catch(() => undefined)
  }
  /** Whoever waits for what never comes hears when the worker ends: another one goes on with what is watched. */
  const stay = () => {
    host
      .ask((desk) => desk.stay())
      .catch(() => {
        if (host.hasGivenUp()) return standing.set('failed')
        for (const name of seen.keys()) watch(name)
        stay()
      })
  }
  let isWatching = false
  return {
    standing,
    now,
    ask: (name, ...args) =>
      // What goes over is told by the names: the other side's types don't carry them.
      host.ask((desk) => (desk.ask as unknown as Ask)(name, now(), ...args)) as never,
    watched: <N extends Watchable>(name: N) => {
      const known = seen.get(name) ?? writable<unknown>(null)
      if (!seen.has(name)) {
        seen.set(name, known)
        watch(name)
      }
      if (!isWatching) stay()
      isWatching = true
      return known as Readable<Watched<AnswerOf<N>> | null>
    },
  }
}

/** Hears what is watched, what it is already too. @returns ends the hearing */
export function onAnswer<T>(
  watched: Readable<Watched<T> | null>,
  hear: (answer: T) => void,
  failed: (why: string) => void,
): () => void {
  const tell = () => {
    const seen = watched.get()
    if (seen) seen.failed === null ? hear(seen.answer) : failed(seen.failed)
  }
  tell()
  return watched.subscribe(tell)
}

type Ask = (name: Name, now: number, ...args: unknown[]) => Promise<unknown>

/** The store's worker of this page. */
const storeWorker: StoreHost = (greet) =>
  hostWorker<StoreDesk>(
    () => new Worker(new URL('../workers/store.worker.ts', import.meta.url), { type: 'module' }),
    greet,
  )

let here: StoreClient | null = null

/** The store of this page: one, however often its frame is made. */
export function pageStore(): StoreClient {
  here ??= storeClient(tabName())
  return here
}

const TAB = 'tectoria-tab'

/** The name of this tab, the same after it is loaded again: what it did before is still its own to take back. */
function tabName(): string {
  try {
    const known = sessionStorage.getItem(TAB) ?? newId()
    sessionStorage.setItem(TAB, known)
    return known
  } catch {
    return newId()
  }
}
