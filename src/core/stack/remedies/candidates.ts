import { actRow } from '../../knowledge/acts'
import { TOOL_ENERGY } from '../../knowledge/energies'
import { familyRow } from '../../knowledge/families'
import { hotter, reaction } from '../../knowledge/reactions'
import { solventRow } from '../../knowledge/solvents'
import { minutesOf, sayDuration, writeDuration } from '../../model/duration'
import { isAct } from '../../model/isAct'
import type { ActStep, Product, Step } from '../../model/sequence'
import { type Coat, type Family, type Sheen, SOLVENTS } from '../../model/vocabulary'
import type { Remedy } from '../rules/finding'
import { type Film, filmReaches, filmState } from '../state/film'
import { newestWhole, openFilms } from '../state/stack'
import type { StepContext } from '../state/stepContext'

/** Clears that are offered as a shield, best first. Source: handbook 2.3, the shield idea. */
const SHIELDS: readonly Family[] = ['alcohol-acrylic', 'acrylic-pu', 'lacquer', 'water-acrylic']

/** Recoat of a shield coat at its slowest ordinary clock, written as a wait. */
const SHIELD_WAIT = '24 h'

/** The same step with some fields changed. */
export function changed(step: ActStep, fields: Partial<ActStep>): ActStep {
  return { ...step, ...fields }
}

/** A wait that brings everything that lies open to its recoat; empty when it is there already. */
export function settleFirst(context: StepContext): Step[] {
  const times = openFilms(context.stack).map(
    (film) => filmReaches(film, 'recoat', context.series) ?? context.at,
  )
  const wait = Math.max(0, ...times.map((time) => time - context.at))
  return wait > 0 && Number.isFinite(wait) ? [{ wait: writeDuration(wait) }] : []
}

/** The first film that a clean-up works on: what it must not bury, and nothing between; null for every other act. */
export function firstTarget({ resolved, targets }: StepContext): Film | null {
  if (resolved.row.kind !== 'clean') return null
  return [...targets].reduce<Film | null>(
    (first, film) => (!first || film.step < first.step ? film : first),
    null,
  )
}

/** What lies under what a clean-up works on, as it was when that was laid. */
function underTarget(context: StepContext, target: Film): StepContext {
  const films = context.stack.films.slice(0, context.stack.films.indexOf(target))
  return { ...context, at: target.start, stack: { ...context.stack, films } }
}

/** Lay a whole clear before this step, or before what it cleans up, that its solvent leaves alone. */
export function shieldCandidates(context: StepContext, sheen?: Sheen): Remedy[] {
  const target = firstTarget(context)
  if (target) return shieldsBefore(underTarget(context, target), target.step, sheen)
  return shieldsBefore(context, context.index, sheen)
}

function shieldsBefore(context: StepContext, before: number, sheen: Sheen | undefined): Remedy[] {
  const { resolved, stack } = context
  const solvent = resolved.solvent
  if (!solvent) return []
  const looks = sheen ?? stack.sheen ?? 'satin'
  return SHIELDS.filter((family) => reaction(family, 'set', solvent) === '-').map((family) => ({
    kind: 'shield',
    say: `Shield it first: ${looks} ${familyRow(family).name} clear, then ${SHIELD_WAIT}`,
    edit: {
      insert: {
        before,
        steps: [
          ...settleFirst(context),
          { do: 'clear', family, sheen: looks, tool: 'airbrush', coats: ['mist', 'light'] },
          { wait: SHIELD_WAIT },
        ],
      },
    },
  }))
}

/** Lay the clear under it in another family, one that this solvent leaves alone. */
export function otherUnderCandidates({ resolved, setting }: StepContext, film: Film): Remedy[] {
  const laid = setting.steps[film.step]
  if (film.role !== 'clear' || !laid || !isAct(laid)) return []
  const { solvent } = resolved
  const suits = (family: Family) =>
    family !== film.family && (!solvent || reaction(family, 'set', solvent) === '-')
  return SHIELDS.filter(suits).map((family) => ({
    kind: 'bottle',
    say: `Lay the clear under it in ${familyRow(family).name} instead`,
    edit: { replace: { step: film.step, with: { ...plain(laid), family } } },
  }))
}

/** Another paint: neither the bottle nor the thinner that was named stays. */
function plain(step: ActStep): ActStep {
  return { ...step, solvent: undefined, thinner: undefined, product: undefined, bottle: undefined }
}

/** A later clean-up of what lies open comes first, and this once it has set. */
export function cleanUpFirstCandidates(context: StepContext, film: Film): Remedy[] {
  const { setting, index, at, series } = context
  const { steps } = setting
  const clean = steps.findIndex(
    (step, i) =>
      i > index && isAct(step) && actRow(step.do, step.family).target?.includes(film.act),
  )
  if (clean < 0) return []
  const sets = filmReaches(film, 'recoat', series)
  const rest = sets !== null && sets > at ? [{ wait: writeDuration(sets - at) }] : []
  const before = steps[clean - 1]
  const pause = before && !isAct(before) ? 1 : 0
  return [
    {
      kind: 'order',
      say: 'Clean it up first, and let it set',
      edit: {
        set: {
          steps: [
            ...steps.slice(0, index),
            steps[clean] as Step,
            ...rest,
            ...steps.slice(index, clean - pause),
            ...steps.slice(clean + 1),
          ],
        },
      },
    },
  ]
}

/** The same coats sprayed: nothing rubs on what lies there. */
export function sprayCandidates({ resolved, step, index }: StepContext): Remedy[] {
  const { row, coverage, tool } = resolved
  if (row.kind !== 'film' || coverage !== 'whole' || TOOL_ENERGY[tool].sprayed) return []
  if (row.notWith?.includes('airbrush')) return []
  return [
    {
      kind: 'tool',
      say: 'Spray it instead',
      edit: { replace: { step: index, with: changed(step, { tool: 'airbrush' }) } },
    },
  ]
}

/** What still moves the film that this works on, the mildest first. */
export function movingSolventCandidates(context: StepContext): Remedy[] {
  const { target, step, index, at, series, resolved } = context
  if (!target) return []
  const state = filmState(target, at, series)
  return SOLVENTS.filter(
    (solvent) => solvent !== resolved.solvent && reaction(target.reads, state, solvent) === 'r',
  ).map((solvent) => ({
    kind: 'solvent',
    say: `Use ${solventRow(solvent).name} instead`,
    edit: { replace: { step: index, with: changed(step, { solvent }) } },
  }))
}

/** Lay what this works on in a family that its solvent moves. */
export function movableFamilyCandidates({ target, resolved, setting }: StepContext): Remedy[] {
  const laid = target && setting.steps[target.step]
  const { solvent } = resolved
  if (!target || !laid || !isAct(laid) || !solvent) return []
  return OTHER_FAMILIES.filter(
    (family) => family !== target.family && reaction(family, 'set', solvent) === 'r',
  ).map((family) => ({
    kind: 'bottle',
    say: `Lay what it works on in ${familyRow(family).name}`,
    edit: { replace: { step: target.step, with: { ...plain(laid), family } } },
  }))
}

/** Do this once there is something that it can work on. */
export function afterNextFilmCandidates({ setting, index }: StepContext): Remedy[] {
  const { steps } = setting
  const next = steps.findIndex(
    (step, i) => i > index && isAct(step) && actRow(step.do, step.family).kind === 'film',
  )
  if (next < 0) return []
  return [
    {
      kind: 'order',
      say: 'Do it once the next paint is on',
      edit: { move: { step: index, before: next + 1 } },
    },
  ]
}

/** Use another of the family's own thinners that is no hotter, mildest first. */
export function milderSolventCandidates(context: StepContext): Remedy[] {
  const { resolved, step, index } = context
  const { solvent: now } = resolved
  if (!now) return []
  const family = resolved.family ?? context.target?.family
  if (!family) return step.solvent ? [dryWay(context)] : []
  return familyRow(family)
    .thinners.filter((thinner) => thinner !== now && !hotter(thinner, now))
    .map((solvent) => ({
      kind: 'solvent',
      say: `Use ${solventRow(solvent).name} instead`,
      edit: { replace: { step: index, with: changed(step, { solvent }) } },
    }))
}

function dryWay({ step, index }: StepContext): Remedy {
  return {
    kind: 'solvent',
    say: 'Do it dry',
    edit: { replace: { step: index, with: changed(step, { solvent: undefined }) } },
  }
}

/** Open with mist coats, and keep the later ones light. */
export function lighterCoatCandidates(context: StepContext): Remedy[] {
  const { step, index, resolved } = context
  if (resolved.row.kind !== 'film' || !TOOL_ENERGY[resolved.tool].sprayed) return []
  const rest = resolved.coats.filter((coat) => coat !== 'mist').map((): Coat => 'light')
  const plans: { coats: Coat[]; say: string }[] = [
    { coats: ['mist', 'mist', ...rest], say: 'Open with two mist coats, then light ones' },
    { coats: ['mist', 'mist', 'mist'], say: 'Lay it in mist coats only' },
  ]
  const lighter = (coats: Coat[]) =>
    changed({ ...step, gap: undefined }, { coats, tool: 'airbrush' })
  const candidates = plans.map(
    ({ coats, say }): Remedy => ({
      kind: 'coat',
      say,
      edit: { replace: { step: index, with: lighter(coats) } },
    }),
  )
  const settle = settleFirst(context)
  if (settle.length === 0) return candidates
  const { steps } = context.setting
  const later = [...settle, { ...lighter(['mist', 'mist', 'mist']), solvent: undefined }]
  return [
    ...candidates,
    {
      kind: 'long-wait',
      say: 'Let it set, then lay this in mist coats, with its own thinner',
      edit: { set: { steps: [...steps.slice(0, index), ...later, ...steps.slice(index + 1)] } },
    },
  ]
}

/** The same act gently: a damp brush instead of rubbing, flooding or scrubbing. */
export function gentlerToolCandidates(context: StepContext): Remedy[] {
  const { step, index, resolved } = context
  if (resolved.row.kind !== 'clean') return []
  return [
    {
      kind: 'tool',
      say: 'Use a brush that is only damp',
      edit: { replace: { step: index, with: changed(step, { tool: 'damp-brush' }) } },
    },
  ]
}

const OTHER_FAMILIES: readonly Family[] = [
  'alcohol-acrylic',
  'water-acrylic',
  'acrylic-pu',
  'lacquer',
]

/** The same act in another family, thinned with its own thinner: a bottle on the shelf that suits before any other. */
export function otherFamilyCandidates(
  context: StepContext,
  families: readonly Family[] = OTHER_FAMILIES,
): Remedy[] {
  const { step, index, resolved } = context
  const { row } = resolved
  if (row.kind !== 'film') return []
  const takes = (family: Family) => row.takes?.includes(familyRow(family).nature) ?? true
  const others = families.filter((family) => family !== resolved.family && takes(family))
  const bottles = others.flatMap((family) => bottleOf(context, family))
  return [...bottles, ...others.map(generic)].map(({ say, ...other }) => ({
    kind: 'bottle',
    say,
    edit: { replace: { step: index, with: changed(plain(step), other) } },
  }))
}

type Other = {
  say: string
  family: Family
  product?: Product | undefined
  bottle?: string | undefined
}

function generic(family: Family): Other {
  return {
    say: `Use ${familyRow(family).name} instead`,
    family,
    product: undefined,
    bottle: undefined,
  }
}

/** A bottle of this family that does the same: the same role, and the same colour or sheen where the step says one. */
function bottleOf({ setting, step, resolved }: StepContext, family: Family): Other[] {
  const bottle = setting.shelf.find(
    (bottle) =>
      bottle.family === family &&
      bottle.role === resolved.role &&
      (step.sheen === undefined || bottle.sheen === step.sheen) &&
      (step.colour === undefined || bottle.colour?.toLowerCase() === step.colour.toLowerCase()),
  )
  if (!bottle) return []
  return [
    {
      say: `Use ${bottle.name} (${familyRow(family).name}) from the shelf`,
      family,
      product: bottle.product,
      bottle: bottle.id,
    },
  ]
}

/** Come sooner: shorten the waits between a step and this one, the longest first. */
export function soonerCandidates(context: StepContext, after: number, overrun: number): Remedy[] {
  const waits = context.setting.steps
    .map((step, i) => ({ step, i }))
    .filter(({ step, i }) => i > after && i < context.index && !isAct(step))
  return waits.reverse().flatMap(({ step, i }): Remedy[] => {
    if (isAct(step)) return []
    const left = Math.floor(minutesOf(step.wait) - overrun - 1)
    if (left <= 0)
      return [
        { kind: 'wait', say: 'Come sooner: without this wait', edit: { remove: { step: i } } },
      ]
    return [
      {
        kind: 'wait',
        say: `Come sooner: wait ${sayDuration(left)} instead`,
        edit: { replace: { step: i, with: { ...step, wait: writeDuration(left) } } },
      },
    ]
  })
}

/** Put this step right behind another. */
export function moveCandidates(context: StepContext, before: number, say: string): Remedy[] {
  return before === context.index || before === context.index + 1
    ? []
    : [{ kind: 'order', say, edit: { move: { step: context.index, before } } }]
}

/** Give the face a gloss clear first: raise the last clear's sheen, or lay one. */
export function glossCandidates(context: StepContext): Remedy[] {
  const clear = newestWhole(context.stack)
  const raise: Remedy[] = []
  const laid = clear && context.setting.steps[clear.step]
  if (clear?.role === 'clear' && laid && isAct(laid)) raise.push(raised(laid, clear.step))
  return [...shieldCandidates(context, 'gloss'), ...raise]
}

function raised(step: ActStep, index: number): Remedy {
  const gloss: Sheen = 'gloss'
  return {
    kind: 'coat',
    say: 'Make the clear under it gloss',
    edit: { replace: { step: index, with: { ...step, sheen: gloss } } },
  }
}
