import { type Builder, build, builderOf, latestBegins } from './construct'
import { dispatch } from './dispatch'
import type { StartPlan } from './driver'
import { at } from './engine'
import { mirrored } from './mirrored'
import type { Model } from './model'
import type { Dice } from './search'

/** Ways to choose what is laid anew, in turn: a part, a paint, an evening, work with windows, anything. */
const WAYS = ['part', 'paint', 'evening', 'window', 'any'] as const
/** How much more or less pressing work becomes, as shares of the whole plan. */
const SHARES = [0.01, 0.05, 0.2] as const
/** A plan may be worse than the best by this share and still be gone on from. */
const SLACK = 0.002
/** So many plans in a row that better nothing, and it goes on from the best again. */
const STALE = 60

/** How good a plan is: its end, then the ends of all its tasks. */
type Draft = { starts: Int32Array; makespan: number; sum: number }

/**
 * Builds plans and betters them by laying some of their work anew in another order: quick where a search by propagation is slow.
 *
 * Source: handbook 7.3.
 */
export class Rebuilding {
  private readonly forward: Builder
  private readonly parts: Int32Array
  private readonly latest: Float64Array
  /** Ranks of the best plan that was made as time goes by. */
  private pressing: Float64Array
  private pressed: Draft = { starts: new Int32Array(), makespan: Number.POSITIVE_INFINITY, sum: 0 }
  private best: Draft | null = null
  private current: Draft | null = null
  private stale = 0
  private turn = 0

  constructor(
    private readonly model: Model,
    private readonly dice: Dice,
  ) {
    this.forward = builderOf(model)
    this.parts = chainsOf(this.forward)
    this.latest = latestBegins(this.forward, model.horizon)
    this.pressing = this.latest
  }

  /** What one plan costs, in steps of the search. */
  get cost(): number {
    return 1 + (this.model.ids.length >> 4)
  }

  /** Plans by the usual rules: what has most behind it first, then as listed. @returns the best of them; null: none */
  first(): StartPlan | null {
    this.consider(dispatch(this.forward, this.latest))
    this.consider(build(this.forward, this.latest))
    if (!this.best)
      this.consider(
        build(
          this.forward,
          this.latest.map((_, i, all) => all.length - i),
        ),
      )
    return this.best
  }

  /** Keeps the minutes of a plan; what can't keep its own goes where the others leave room, or where its order puts it. */
  near(guide: Int32Array): StartPlan | null {
    const { horizon } = this.model
    const rank = this.rankOf(guide)
    // What the other plan doesn't know comes last, and as soon as it can.
    const release = guide.map((start) => (start >= horizon ? 0 : start))
    const late = this.lateBy(release)
    const behind = rank.map((start, bundle) => (late.has(bundle) ? start + horizon : start))
    const [kept, moved] = [behind, rank].map((order) => {
      const starts = build(this.forward, order, release)
      return starts && this.draftOf(starts)
    })
    // Fewer moves, unless they make the end later.
    const near = !kept || (moved && moved.makespan < kept.makespan) ? moved : kept
    return near ? this.consider(near.starts) : null
  }

  /** Bundles that can't begin as soon as a plan has them, since something before them can't. */
  private lateBy(starts: Int32Array): Set<number> {
    const { bundles, arcsInto } = this.forward
    const late = new Set<number>()
    const soonest = starts.slice()
    // Bundles come numbered with what they lead to before them.
    for (let bundle = bundles.length - 1; bundle >= 0; bundle--)
      for (const task of bundles[bundle] ?? []) {
        let from = at(starts, task)
        for (const arc of arcsInto[task] ?? [])
          if (!arc.window && arc.gap >= 0) from = Math.max(from, at(soonest, arc.from) + arc.gap)
        soonest[task] = Math.min(this.model.horizon, this.model.domains[task]?.next(from) ?? from)
        if (at(soonest, task) > at(starts, task)) late.add(bundle)
      }
    return late
  }

  /** Goes on from a plan. */
  take({ starts }: StartPlan): void {
    this.consider(starts)
  }

  /** One more plan. @returns it where it ends sooner than the best so far */
  next(): StartPlan | null {
    const from = this.current
    const before = this.best?.makespan ?? Number.POSITIVE_INFINITY
    if (!from) return null
    this.turn += 1
    if (this.turn % 16 === 1) this.justify(from)
    else if (this.turn % 2 === 0) this.press(from)
    else this.reorder(from)
    return this.best && this.best.makespan < before ? this.best : null
  }

  /** Some of the work is more pressing, or less. */
  private press({ makespan }: Draft): void {
    const rank = this.pressing.slice()
    const by = Math.max(1, Math.round(makespan * (SHARES[this.dice.below(SHARES.length)] ?? 0)))
    for (const bundle of this.chosen(this.latest))
      rank[bundle] = (rank[bundle] as number) + this.dice.below(2 * by) - by
    const starts = dispatch(this.forward, rank)
    if (!starts) return
    const draft = this.consider(starts)
    if (!draft) return
    if (
      draft.makespan < this.pressed.makespan ||
      (draft.makespan === this.pressed.makespan && draft.sum <= this.pressed.sum)
    ) {
      this.pressed = draft
      this.pressing = rank
    }
  }

  private draftOf(starts: Int32Array): Draft {
    let makespan = 0
    let sum = 0
    for (let task = 0; task < starts.length; task++) {
      const end = at(starts, task) + (this.model.minutes[task] as number)
      makespan = Math.max(makespan, end)
      sum += end
    }
    return { starts, makespan, sum }
  }

  private consider(starts: Int32Array | null): Draft | null {
    if (!starts) return null
    const draft = this.draftOf(starts)
    if (!this.best || isBetter(draft, this.best)) {
      this.best = draft
      this.current = draft
      this.stale = 0
      return draft
    }
    this.stale += 1
    const near = draft.makespan <= this.best.makespan * (1 + SLACK)
    if (near && this.current && draft.sum <= this.current.sum * (1 + SLACK)) this.current = draft
    if (this.stale % STALE === 0) this.current = this.best
    return draft
  }

  /** Bundles ranked by when they begin. */
  private rankOf(starts: Int32Array): Float64Array {
    return Float64Array.from(this.forward.bundles, (bundle) =>
      bundle.reduce((least, task) => Math.min(least, at(starts, task)), Number.POSITIVE_INFINITY),
    )
  }

  /** As late as it can be within the same end, and then as early as that leaves it. */
  private justify({ starts, makespan }: Draft): void {
    const late = justifiedLate(this.model, starts, makespan)
    if (late) this.consider(build(this.forward, this.rankOf(late)))
  }

  private reorder({ starts, makespan }: Draft): void {
    const rank = this.rankOf(starts)
    const chosen = this.chosen(rank)
    const way = this.dice.below(3)
    if (way === 0) {
      // Earlier, all of them by as much.
      const by = this.dice.below(Math.max(1, Math.round(makespan / 8))) + 1
      for (const bundle of chosen) rank[bundle] = (rank[bundle] as number) - by
    } else if (way === 1) {
      // By what hangs on them.
      for (const bundle of chosen) rank[bundle] = this.latest[bundle] as number
    } else
      for (let i = chosen.length - 1; i > 0; i--) {
        const [a, b] = [chosen[i] as number, chosen[this.dice.below(i + 1)] as number]
        const one = rank[a] as number
        rank[a] = rank[b] as number
        rank[b] = one
      }
    this.consider(build(this.forward, rank))
  }

  /** What is laid anew. */
  private chosen(rank: Float64Array): number[] {
    const { bundles } = this.forward
    const all = [...bundles.keys()]
    const one = this.dice.below(bundles.length)
    switch (WAYS[this.turn % WAYS.length]) {
      case 'part':
        return all.filter((bundle) => at(this.parts, bundle) === at(this.parts, one))
      case 'paint': {
        const paint = this.paintOf(one)
        return all.filter((bundle) => this.paintOf(bundle) === paint).slice(0, 40)
      }
      case 'evening': {
        const from = rank[one] as number
        const to = from + 1440 * (1 + this.dice.below(4))
        return all.filter(
          (bundle) => (rank[bundle] as number) >= from && (rank[bundle] as number) <= to,
        )
      }
      case 'window':
        return all.filter(
          (bundle) => (bundles[bundle]?.length ?? 0) > 1 && this.dice.below(4) === 0,
        )
      default:
        return all.filter(() => this.dice.below(6) === 0)
    }
  }

  private paintOf(bundle: number): string | null {
    return this.model.setup[this.forward.bundles[bundle]?.[0] ?? -1] ?? null
  }
}

function isBetter(a: Draft, b: Draft): boolean {
  return a.makespan < b.makespan || (a.makespan === b.makespan && a.sum < b.sum)
}

/** Number of the chain of linked bundles that each belongs to. */
function chainsOf({ bundles, after }: Builder): Int32Array {
  const head = Int32Array.from(bundles, (_, i) => i)
  const find = (i: number): number => {
    let root = i
    while (at(head, root) !== root) root = at(head, root)
    head[i] = root
    return root
  }
  after.forEach((list, bundle) => {
    for (const other of list) head[find(other)] = find(bundle)
  })
  return head.map((_, i) => find(i))
}

/** Every task as late as it can be with the same end; null where that order finds no places. */
function justifiedLate(model: Model, starts: Int32Array, makespan: number): Int32Array | null {
  const back = mirrored(model, makespan)
  if (!back) return null
  const builder = builderOf(back)
  const flip = (from: Int32Array) =>
    from.map((start, task) => makespan - start - (model.minutes[task] as number))
  const flipped = flip(starts)
  const rank = builder.bundles.map((bundle) =>
    bundle.reduce((least, task) => Math.min(least, at(flipped, task)), Number.POSITIVE_INFINITY),
  )
  const late = build(builder, rank)
  return late && flip(late)
}
