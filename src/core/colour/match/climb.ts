import { differenceOf, tryAll, type Work } from './work'

/** So many of the best sets of a size are tried with one bottle more, or with another one. */
const TRIED = 48

/** The best sets of a size, each with every bottle that isn't in it. */
export function extended(work: Work, size: number, tried = new Set<string>()): void {
  for (const { set, drops } of work.best.of(size).slice(0, TRIED))
    for (let other = 0; other < work.pigments.length; other++)
      climbOnce(work, tried, [...set, other], [...drops, 1])
}

/** The best threes, each with one bottle exchanged for every other, as long as better ones are found. */
export function exchanged(work: Work, tried: Set<string>): void {
  for (let round = 0; round < ROUNDS; round++) {
    const before = tried.size
    for (const { set, drops } of work.best.of(3).slice(0, TRIED))
      for (let at = 0; at < set.length; at++)
        for (let other = 0; other < work.pigments.length; other++)
          climbOnce(work, tried, set.with(at, other), drops)
    if (tried.size === before) return
  }
}

/** A climb may end so far above the best drops of its set, ΔE00. */
const SLACK = 0.3

/** So often are bottles exchanged at the most. */
const ROUNDS = 4

/** Climbs in a set of bottles from some drops, unless that was done or a bottle is twice in it. */
function climbOnce(
  work: Work,
  tried: Set<string>,
  bottles: readonly number[],
  drops: readonly number[],
): void {
  const order = bottles.map((_, i) => i).sort((i, j) => at(bottles, i) - at(bottles, j))
  const set = order.map((i) => at(bottles, i))
  const key = set.join()
  if (tried.has(key) || set.some((one, i) => one === set[i + 1])) return
  tried.add(key)
  climb(
    work,
    set,
    order.map((i) => at(drops, i)),
  )
}

function at(list: readonly number[], i: number): number {
  return list[i] as number
}

/** From some drops on, a drop more or fewer of each bottle as long as that comes nearer. */
function climb(work: Work, set: number[], begin: number[]): void {
  const total = (drops: readonly number[]) => drops.reduce((sum, drop) => sum + drop, 0)
  let drops = begin
  while (total(drops) > work.maxDrops)
    drops = drops.map((n) => (n === Math.max(...drops) ? n - 1 : n))
  let difference = differenceOf(work, set, drops, Number.POSITIVE_INFINITY)
  for (let better = true; better; ) {
    better = false
    for (let i = 0; i < set.length; i++)
      for (const change of [1, -1]) {
        const next = drops.map((n, j) => (j === i ? n + change : n))
        if ((next[i] as number) < 1 || total(next) > work.maxDrops) continue
        const nearer = differenceOf(work, set, next, difference)
        if (nearer >= difference) continue
        drops = next
        difference = nearer
        better = true
      }
  }
  const limit = work.best.limit(set.length)
  if (set.length === 3 && difference < limit + SLACK) tryAll(work, set, work.threes)
  else if (difference < limit) work.best.offer({ set, drops, difference })
}
