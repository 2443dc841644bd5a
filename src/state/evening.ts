import { type Readable, writable } from './readable'

const KEY = 'tectoria-evening-worth'

/** How many minutes later everything may end for each evening saved: the modeller's weighing, kept in this browser. */
const worth = writable<number | null>(null)

function read(): number {
  const stored = Number(localStorage.getItem(KEY))
  return Number.isFinite(stored) && stored > 0 ? stored : 0
}

export const evening: Readable<number> & { set: (minutes: number) => void } = {
  get: () => worth.get() ?? (typeof localStorage === 'undefined' ? 0 : read()),
  subscribe: worth.subscribe,
  set: (minutes) => {
    localStorage.setItem(KEY, String(minutes))
    worth.set(minutes)
  },
}
