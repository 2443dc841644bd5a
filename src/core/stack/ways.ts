import { familyRow, reaction } from '../materials'
import { sayDuration, writeDuration } from '../model/duration'
import { minutesOf } from '../model/fields'
import { type ActStep, isAct, type Product, type Step } from '../model/sequence'
import type { Coat, Family, Sheen } from '../model/vocabulary'
import { filmReaches } from './film'
import type { Remedy } from './finding'
import type { Moment } from './moment'
import { openFilms } from './stack'
import { SOLVENT_WORDS } from './words'

/** Clears that are offered as a shield, best first. Source: handbook 2.3, the shield idea. */
const SHIELDS: readonly Family[] = ['alcohol-acrylic', 'acrylic-pu', 'lacquer', 'water-acrylic']

/** Recoat of a shield coat at its slowest ordinary clock, written as a wait. */
const SHIELD_WAIT = '24 h'

/** The same step with some fields changed. */
export function changed(step: ActStep, fields: Partial<ActStep>): ActStep {
  return { ...step, ...fields }
}

/** A wait that brings everything that lies open to its recoat; empty when it is there already. */
export function settleFirst(moment: Moment): Step[] {
  const times = openFilms(moment.stack).map(
    (film) => filmReaches(film, 'recoat', moment.series) ?? moment.at,
  )
  const wait = Math.max(0, ...times.map((time) => time - moment.at))
  return wait > 0 && Number.isFinite(wait) ? [{ wait: writeDuration(wait) }] : []
}

/** Lay a whole clear before this step that its solvent leaves alone. */
export function shieldWays(moment: Moment, sheen?: Sheen): Remedy[] {
  const { work, index, stack } = moment
  const solvent = work.solvent
  if (!solvent) return []
  const looks = sheen ?? stack.sheen ?? 'satin'
  return SHIELDS.filter((family) => reaction(family, 'set', solvent) === '-').map((family) => ({
    kind: 'shield',
    say: `Shield it first: ${looks} ${familyRow(family).name} clear, then ${SHIELD_WAIT}`,
    edit: {
      insert: {
        before: index,
        steps: [
          ...settleFirst(moment),
          { do: 'clear', family, sheen: looks, tool: 'airbrush', coats: ['mist', 'light'] },
          { wait: SHIELD_WAIT },
        ],
      },
    },
  }))
}

/** Use another of the family's own thinners, mildest first. */
export function milderSolventWays(moment: Moment): Remedy[] {
  const { work, step, index } = moment
  if (!work.solvent) return []
  const family = work.family ?? moment.target?.family
  if (!family) return step.solvent ? [dryWay(moment)] : []
  return familyRow(family)
    .thinners.filter((thinner) => thinner !== work.solvent)
    .map((solvent) => ({
      kind: 'solvent',
      say: `Use ${SOLVENT_WORDS[solvent]} instead`,
      edit: { replace: { step: index, with: changed(step, { solvent }) } },
    }))
}

function dryWay({ step, index }: Moment): Remedy {
  return {
    kind: 'solvent',
    say: 'Do it dry',
    edit: { replace: { step: index, with: changed(step, { solvent: undefined }) } },
  }
}

/** Open with mist coats, and keep the later ones light. */
export function lighterCoatWays(moment: Moment): Remedy[] {
  const { step, index, work } = moment
  if (work.row.kind !== 'film') return []
  const rest = work.coats.filter((coat) => coat !== 'mist').map((): Coat => 'light')
  const plans: { coats: Coat[]; say: string }[] = [
    { coats: ['mist', 'mist', ...rest], say: 'Open with two mist coats, then light ones' },
    { coats: ['mist', 'mist', 'mist'], say: 'Lay it in mist coats only' },
  ]
  const lighter = (coats: Coat[]) =>
    changed({ ...step, gap: undefined }, { coats, tool: 'airbrush' })
  const ways = plans.map(
    ({ coats, say }): Remedy => ({
      kind: 'coat',
      say,
      edit: { replace: { step: index, with: lighter(coats) } },
    }),
  )
  const settle = settleFirst(moment)
  if (settle.length === 0) return ways
  const { steps } = moment.setting
  const later = [...settle, { ...lighter(['mist', 'mist', 'mist']), solvent: undefined }]
  return [
    ...ways,
    {
      kind: 'long-wait',
      say: 'Let it set, then lay this in mist coats, with its own thinner',
      edit: { set: { steps: [...steps.slice(0, index), ...later, ...steps.slice(index + 1)] } },
    },
  ]
}

/** The same act gently: a damp brush instead of rubbing, flooding or scrubbing. */
export function gentlerToolWays(moment: Moment): Remedy[] {
  const { step, index, work } = moment
  if (work.row.kind !== 'clean') return []
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
export function otherFamilyWays(
  moment: Moment,
  families: readonly Family[] = OTHER_FAMILIES,
): Remedy[] {
  const { step, index, work } = moment
  const others = families.filter((family) => family !== work.family)
  const bottles = others.flatMap((family) => bottleOf(moment, family))
  return [...bottles, ...others.map(generic)].map(({ say, family, product }) => ({
    kind: 'bottle',
    say,
    edit: {
      replace: { step: index, with: changed({ ...step, solvent: undefined }, { family, product }) },
    },
  }))
}

type Other = { say: string; family: Family; product: Product | undefined }

function generic(family: Family): Other {
  return { say: `Use ${familyRow(family).name} instead`, family, product: undefined }
}

/** A bottle of this family that does the same: the same role, and the same colour or sheen where the step says one. */
function bottleOf({ setting, step, work }: Moment, family: Family): Other[] {
  const bottle = setting.shelf.find(
    (one) =>
      one.family === family &&
      one.role === work.role &&
      (step.sheen === undefined || one.sheen === step.sheen) &&
      (step.colour === undefined || one.colour?.toLowerCase() === step.colour.toLowerCase()),
  )
  if (!bottle) return []
  return [
    {
      say: `Use ${bottle.name} (${familyRow(family).name}) from the shelf`,
      family,
      product: bottle.product,
    },
  ]
}

/** Come sooner: shorten the waits between a step and this one, the longest first. */
export function soonerWays(moment: Moment, after: number, overrun: number): Remedy[] {
  const waits = moment.setting.steps
    .map((step, i) => ({ step, i }))
    .filter(({ step, i }) => i > after && i < moment.index && !isAct(step))
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
export function moveWays(moment: Moment, before: number, say: string): Remedy[] {
  return before === moment.index || before === moment.index + 1
    ? []
    : [{ kind: 'order', say, edit: { move: { step: moment.index, before } } }]
}
