import { actRow } from '../../knowledge/acts'
import type { Rule } from '../rules/finding'
import { RULESET } from '../rules/rules'
import { cost } from '../simulate/fillWait'
import { concerned } from '../simulate/laterMinutes'
import { judge } from '../simulate/ruleset'
import { type Film, filmReaches, newClock } from '../state/film'
import { nextCoatAt } from '../state/nextCoat'
import type { Since, Stack } from '../state/stack'
import type { StepContext } from '../state/stepContext'
import { targetsOf } from '../state/targets'

/**
 * How far a step keeps from one thing that it stands on or works on: a film, a mask, filler, a rub. Minutes from the end of that
 * to the beginning of the step: `least` 0 where it may follow at once, `most` null where it may follow whenever.
 */
export type Spacing = { since: Since; least: number; most: number | null }

/** Something that ages: the end of a step that left it, and the stack with it ended at another minute. */
type Ground = { since: Since; film: Film | null; ended: (stack: Stack, at: number) => Stack }

/** Ages that are asked for beside the film's own points, minutes: a rule's own figure is found between two of them. */
const AGES = [
  0, 4, 8, 15, 30, 60, 120, 240, 480, 720, 1440, 2880, 4320, 7200, 14_400, 43_200, 86_400,
] as const
/** Points of a film's clock at which a judgement may change. */
const POINTS = [
  'flash',
  'touch',
  'recoat',
  'sand',
  'tape',
  'cured',
  'workFrom',
  'workTo',
  'latest',
] as const
/** Just before, or just after, minutes. */
const JUST = 0.01
/** From this on what a rule says is a stop or a risk: a window ends there, while a note alone is only waited for. */
const RISK = 100

/**
 * Every wait and window that a step must keep so that nothing more is said of it than at the minute at which it is judged. Found by
 * asking the rules of the same step with one thing younger, or older: no rule has to say of itself what it waits for.
 *
 * @param context the step at a minute at which it is as good as it gets
 * Source: handbook 3.4, 7.1.
 */
export function spacingsOf(context: StepContext): readonly Spacing[] {
  const known = spacingsKnown.get(context)
  if (known) return known
  const found = reckoned(context)
  spacingsKnown.set(context, found)
  return found
}

/**
 * How soon a step would have to follow one thing it stands on, so that a rule says less of it than now; empty where that is no way out.
 */
export function soonerThan(context: StepContext, rule: Rule): Spacing[] {
  const now = priceOf(context, [rule])
  return groundsOf(context).flatMap((ground): Spacing[] => {
    const priceAt = (age: number) =>
      priceOf(onStack(context, ground.ended(context.stack, context.at - age)), [rule])
    const age = context.at - ground.since.at
    const better = (age: number) => priceAt(age) < now
    const younger = agesOf(context, ground).filter((one) => one < age)
    const good = younger.findLastIndex(better)
    if (good < 0) return []
    const most = between(younger[good + 1] ?? age, younger[good] as number, better)
    return [{ since: ground.since, least: 0, most }]
  })
}

const spacingsKnown = new WeakMap<StepContext, readonly Spacing[]>()

function reckoned(context: StepContext): Spacing[] {
  const { goesOn } = context
  if (goesOn) {
    const { endedBy, end } = goesOn
    const least = nextCoatAt(goesOn, context.step, context.series) - end
    return [{ since: { step: endedBy, at: end }, least, most: null }]
  }
  const grounds = groundsOf(context)
  if (grounds.length === 0) return []
  const rules = rulesOfAge(context, grounds)
  if (rules.length === 0) return []
  const base = priceOf(context, rules)
  return grounds.flatMap((ground): Spacing[] => {
    const { least, most } = spacingOf(context, ground, rules, base)
    return least > 0 || most !== null ? [{ since: ground.since, least, most }] : []
  })
}

/** What can matter by its age, oldest first. */
function groundsOf(context: StepContext): Ground[] {
  const { stack } = context
  const masks = stack.masks.map(
    (mask): Ground => ({
      since: { step: mask.step, at: mask.at },
      film: null,
      ended: (stack, at) => ({
        ...stack,
        masks: stack.masks.map((one) => (one.step === mask.step ? { ...one, at } : one)),
      }),
    }),
  )
  const rubs = stack.rubs.map(
    (rub): Ground => ({
      since: { step: rub.step, at: rub.at },
      film: null,
      ended: (stack, at) => ({
        ...stack,
        rubs: stack.rubs.map((one) => (one.step === rub.step ? { ...one, at } : one)),
      }),
    }),
  )
  const filled = stack.filled
    ? [
        {
          since: stack.filled,
          film: null,
          ended: (stack: Stack, at: number) => ({
            ...stack,
            filled: stack.filled && { ...stack.filled, at },
          }),
        },
      ]
    : []
  return [...filmsUnder(context), ...masks, ...filmsBeside(stack), ...rubs, ...filled]
}

/** Films that lie on the edges of masks. */
function filmsBeside(stack: Stack): Ground[] {
  return stack.masks.flatMap((mask): Ground[] =>
    mask.over
      ? [
          {
            since: { step: mask.over.endedBy, at: mask.over.end },
            film: mask.over,
            ended: (stack, at) => ({
              ...stack,
              masks: stack.masks.map((one) =>
                one.step === mask.step && one.over ? { ...one, over: endedAt(one.over, at) } : one,
              ),
            }),
          },
        ]
      : [],
  )
}

/** Films that it stands on or works on. */
function filmsUnder(context: StepContext): Ground[] {
  return concerned(context).flatMap((film): Ground[] => [
    {
      since: { step: film.endedBy, at: film.end },
      film,
      ended: (stack, at) => replaced(stack, film.step, (one) => endedAt(one, at)),
    },
    ...(film.activated
      ? [
          {
            since: film.activated,
            film: null,
            ended: (stack: Stack, at: number) =>
              replaced(stack, film.step, (one) => ({
                ...one,
                activated: one.activated && { ...one.activated, at },
              })),
          },
        ]
      : []),
  ])
}

function replaced(stack: Stack, step: number, change: (film: Film) => Film): Stack {
  return {
    ...stack,
    films: stack.films.map((film) => (film.step === step ? change(film) : film)),
  }
}

function endedAt(film: Film, at: number): Film {
  return { ...film, start: film.start + at - film.end, end: at, clock: newClock() }
}

/** The same step on another stack: what it works on is looked for anew. */
function onStack(context: StepContext, stack: Stack): StepContext {
  const targets = targetsOf(
    actRow(context.step.do, context.step.family),
    stack,
    context.at,
    context.series,
  )
  return { ...context, stack, targets: new Set(targets), target: targets[0] ?? null, memo: {} }
}

/** Rules that say more where everything is younger or older than it is: nearly always none, or one or two. */
function rulesOfAge(context: StepContext, grounds: readonly Ground[]): Rule[] {
  const base = new Map(RULESET.all.map((rule) => [rule, priceOf(context, [rule])]))
  const found = new Set<Rule>()
  for (const age of AGES) {
    const aged = grounds.reduce(
      (stack, ground) => ground.ended(stack, context.at - age),
      context.stack,
    )
    const then = onStack(context, aged)
    for (const rule of RULESET.all)
      if (!found.has(rule) && priceOf(then, [rule]) > (base.get(rule) ?? 0)) found.add(rule)
  }
  return RULESET.all.filter((rule) => found.has(rule))
}

function priceOf(context: StepContext, rules: readonly Rule[]): number {
  return judge(context, rules).reduce((sum, drafted) => sum + cost(drafted, RULESET), 0)
}

function spacingOf(
  context: StepContext,
  ground: Ground,
  rules: readonly Rule[],
  base: number,
): { least: number; most: number | null } {
  const now = context.at - ground.since.at
  const priceAt = (age: number) =>
    priceOf(onStack(context, ground.ended(context.stack, context.at - age)), rules)
  const early = (age: number) => priceAt(age) <= base
  const late = (age: number) => priceAt(age) < base + RISK
  const ages = agesOf(context, ground)
  const younger = ages.filter((age) => age < now)
  const older = ages.filter((age) => age > now)
  const tooYoung = younger.findLastIndex((age) => !early(age))
  const tooOld = older.findIndex((age) => !late(age))
  return {
    least:
      tooYoung < 0 ? 0 : between(younger[tooYoung] as number, younger[tooYoung + 1] ?? now, early),
    most: tooOld < 0 ? null : between(older[tooOld] as number, older[tooOld - 1] ?? now, late),
  }
}

/** Where it turns from bad to good, on the good side. */
function between(bad: number, good: number, isGood: (age: number) => boolean): number {
  let [low, high] = [bad, good]
  while (Math.abs(high - low) > JUST * 1.5) {
    const middle = (low + high) / 2
    if (isGood(middle)) high = middle
    else low = middle
  }
  return high
}

function agesOf({ series }: StepContext, { film }: Ground): number[] {
  const own = film
    ? POINTS.flatMap((point) => {
        const at = filmReaches(film, point, series)
        if (at === null || !Number.isFinite(at)) return []
        const age = at - film.end
        return [age - JUST, age, age + JUST]
      })
    : []
  return [...new Set([...AGES, ...own])].filter((age) => age >= 0).sort((a, b) => a - b)
}
