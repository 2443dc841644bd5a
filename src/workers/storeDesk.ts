import { beforeOpening } from '@/store/copies/upgrade'
import { live } from '@/store/live'
import { type AnswerOf, type ArgsOf, NAMED, type Name } from '@/store/named'
import { reasonOf } from '@/store/reason'
import { followStanding, type PageStanding } from '@/store/standing'
import type { Store } from '@/store/store'

/** What is watched: what it is now, or why nobody can say. */
export type Watched<T> = { answer: T; failed: null } | { answer: null; failed: string }

/**
 * What the store's worker answers: the browser's database is opened, read and written there, and nowhere else. Plain data both ways;
 * instants in epoch milliseconds.
 */
export type StoreDesk = {
  /**
   * Comes first. @param by the tab, as the undo list names it
   * @param stands is told how it stands to the database, as that changes
   * @param life a lock that is held for as long as this lives
   */
  open: (by: string, stands: (standing: PageStanding) => void, life: string) => Promise<void>
  /** Asks by name. @param now the page's clock @throws Error where the database can't be read */
  ask: <N extends Name>(name: N, now: number, ...args: ArgsOf<N>) => Promise<AnswerOf<N>>
  /** Answers now, and again whenever it is another answer. */
  watch: <N extends Name>(name: N, hear: (seen: Watched<AnswerOf<N>>) => void) => void
  /** Answers never: whoever waits for it hears when this ends. */
  stay: () => Promise<void>
}

/** @param storeOf the store of a tab @param ready is waited for before it is opened */
export function storeDesk(
  storeOf: (by: string) => Store,
  ready: () => Promise<void> = beforeOpening,
): StoreDesk {
  let opened: Store | null = null
  /** Opened at the first question: one that can't be says why to whoever asks. */
  const store = async (): Promise<Store> => {
    if (!opened) throw new Error('storeDesk: asked before it was opened')
    await ready()
    return opened
  }
  const asked = <N extends Name>(name: N, own: Store, ...args: unknown[]) =>
    (NAMED[name] as unknown as Asked<N>)(own, ...args)
  return {
    open: async (by, stands, life) => {
      opened = storeOf(by)
      followStanding(opened.db, stands)
      await held(life)
    },
    ask: async <N extends Name>(name: N, now: number, ...args: ArgsOf<N>): Promise<AnswerOf<N>> => {
      const own = { ...(await store()), now: () => now }
      return await asked(name, own, ...(args as unknown[]))
    },
    watch: (name, hear) => {
      const failed = (error: unknown) => hear({ answer: null, failed: reasonOf(error) })
      void store().then((own) => {
        const next = (answer: AnswerOf<typeof name>) => hear({ answer, failed: null })
        live(() => asked(name, own), { next, error: failed })
      }, failed)
    },
    stay: () => new Promise(() => undefined),
  }
}

type Asked<N extends Name> = (store: Store, ...args: unknown[]) => Promise<AnswerOf<N>>

/** Takes a lock, and never gives it back; resolved at once where the browser has none. */
function held(life: string): Promise<void> {
  const locks = globalThis.navigator?.locks
  if (!locks) return Promise.resolve()
  return new Promise((resolve, reject) => {
    const forEver = () => {
      resolve()
      return new Promise(() => undefined)
    }
    locks.request(life, forEver).catch(reject)
  })
}
