import { GASSES_OFF } from '../knowledge/limits'
import type { Bottle } from '../model/bottle'
import type { Build } from '../model/build'
import { sayDuration } from '../model/duration'
import type { Edit } from '../model/edit'
import { isAct } from '../model/isAct'
import { percent } from '../model/percent'
import type { Project } from '../model/project'
import type { Severity } from '../model/vocabulary'
import { gassingOff } from '../shelf/gassingOff'
import { mixOfStep, potsLike } from '../shelf/paintFor'
import { isPaintedFrom } from '../stack/state/paintedFrom'
import { mixHardens } from './mixHardens'
import type { PartToPaint } from './partToPaint'
import { substitutesFor } from './shopping'
import type { StockState } from './stockState'
import { type OpenStep, openSteps, type Use, usesOf } from './uses'

/** Rules that ask the shelf. Source: handbook 2.6. */
export const SHELF_RULES = [
  'bottle-already-thinned',
  'bottle-short',
  'last-bottle',
  'gas-off',
  'lid-sealed',
  'mix-hardened',
] as const

/** A rule of the shelf by its name in findings. */
export type ShelfRule = (typeof SHELF_RULES)[number]

/** A finding about a bottle or a kept mix, at the step and part that would use it. A way out changes the bottle's own row. */
export type ShelfFinding = {
  build: string
  part: string
  step: string
  rule: ShelfRule
  severity: Severity
  because: string
  /** null: it is about the kept mix of the step. */
  bottle: string | null
  ways: ShelfWay[]
}

/** A way out: fields of the bottle, or an edit of the build. */
export type ShelfWay = { say: string } & (
  | { bottle: string; fields: Partial<Bottle> }
  | { build: string; edit: Edit }
)

const MINUTE = 60_000

/**
 * What the shelf says of what is planned: too little, thinned already, not gassed off. The uses of a bottle are counted in
 * the order in which they would come.
 *
 * @param plans what every part says, for when each step would be done
 * Source: handbook 2.6, second table; 4.3; N69, N75.
 */
export function shelfFindings(
  state: StockState,
  plans: readonly PartToPaint[],
  now: number,
): ShelfFinding[] {
  const ofBottles = usesOf(state, plans).flatMap((use) =>
    [thinned(use), short(use, state.project), gassing(use, now), lid(use, now)].filter(
      (finding): finding is ShelfFinding => finding !== null,
    ),
  )
  const ofMixes = openSteps(state.project, plans).flatMap((open) => hardened(open, state, now))
  return [...ofBottles, ...ofMixes]
}

/** A kept two-part mix that is hard by the time it would be sprayed. */
function hardened(
  { build, part, step, planned }: OpenStep,
  state: StockState,
  now: number,
): ShelfFinding[] {
  const kept = mixOfStep(state.project, step)
  const ends = kept && mixHardens(state, kept)
  const late = ends === null ? 0 : Math.max(planned.from, now) - ends
  if (!kept || late <= 0) return []
  return [
    {
      build: build.id,
      part: part.id,
      step: step.id,
      rule: 'mix-hardened',
      severity: 'stop',
      because: `${kept.name} is two-part paint: what was mixed is hard ${sayDuration(late / MINUTE)} before this.`,
      bottle: null,
      ways: [
        {
          say: 'Mix it anew for this step',
          build: build.id,
          edit: { do: 'change', targets: [{ step: step.id }], on: 'every', fields: { mix: null } },
        },
      ],
    },
  ]
}

function finding(
  use: Use,
  rule: ShelfRule,
  severity: Severity,
  because: string,
  ways: ShelfFinding['ways'] = [],
): ShelfFinding {
  const { build, part, step, bottle } = use
  return {
    build: build.id,
    part: part.id,
    step: step.id,
    rule,
    severity,
    because,
    bottle: bottle.id,
    ways,
  }
}

/** Thinned in the bottle: the mix makes up for it, a brush straight from it doesn't. */
function thinned(use: Use): ShelfFinding | null {
  const { bottle } = use
  const share = bottle.share ?? 1
  if (share >= 1) return null
  return finding(
    use,
    'bottle-already-thinned',
    'note',
    `${bottle.name} holds only ${percent(share)} paint: the mix takes that into account, drops counted by habit don’t.`,
  )
}

function short(use: Use, project: Project): ShelfFinding | null {
  const { bottle, wantedMl, shortMl } = use
  if (shortMl <= 1e-9) return null
  const has = potsLike(bottle, project.shelf ?? []).reduce((sum, { leftMl }) => sum + leftMl, 0)
  if (wantedMl > has)
    return finding(
      use,
      'bottle-short',
      'risk',
      `This takes ${wantedMl.toFixed(1)} ml of ${bottle.name}, and ${has.toFixed(1)} ml are left.`,
      substitutions(use, project),
    )
  const earlier = has - (wantedMl - shortMl)
  return finding(
    use,
    'last-bottle',
    'note',
    `Earlier steps take ${earlier.toFixed(1)} ml of ${bottle.name}; this one wants ${shortMl.toFixed(1)} ml more than the ${has.toFixed(1)} ml there are, before it is through.`,
  )
}

/** So many other bottles are offered. */
const OFFERED = 3

/** Another bottle that lasts, for every step of the build that the short one was for; none for a kept mix's. */
function substitutions({ build, step, bottle, wantedMl }: Use, project: Project): ShelfWay[] {
  if (mixOfStep(project, step)) return []
  return substitutesFor(bottle, project.shelf ?? [])
    .filter((substitute) => substitute.bottle.leftMl >= wantedMl)
    .slice(0, OFFERED)
    .map(({ bottle: other, deltaE00 }) => ({
      say: `Take ${other.name} instead${deltaE00 === null ? '' : `, ΔE00 ${deltaE00.toFixed(1)} away`}`,
      build: build.id,
      edit: withBottle(project, build, bottle, other),
    }))
}

/** The steps of a build that were for one bottle, painted from another. What is laid stays as it was logged. */
function withBottle(project: Project, build: Build, from: Bottle, to: Bottle): Edit {
  const targets = build.steps.flatMap((step) =>
    isAct(step) && isPaintedFrom(step, from) && !mixOfStep(project, step)
      ? [{ step: step.id }]
      : [],
  )
  const fields = {
    bottle: to.id,
    ...(to.colour ? { colour: to.colour } : {}),
    ...(from.role === 'clear' && to.sheen ? { sheen: to.sheen } : {}),
  }
  return { do: 'change', targets, on: 'every', fields }
}

function gassing(use: Use, now: number): ShelfFinding | null {
  const gas = gassingOff(use.bottle)
  const when = Math.max(use.from, now)
  if (!gas || when >= gas.usable) return null
  return finding(
    use,
    'gas-off',
    'risk',
    `${use.bottle.name} was decanted and gasses off for ${sayDuration(GASSES_OFF.from)} to ${sayDuration(GASSES_OFF.to)}; this comes ${sayDuration((gas.usable - when) / MINUTE)} too soon and spits.`,
  )
}

function lid(use: Use, now: number): ShelfFinding | null {
  const gas = gassingOff(use.bottle)
  if (!gas || use.bottle.lid !== 'closed' || now >= gas.still) return null
  return finding(
    use,
    'lid-sealed',
    'risk',
    `The lid of ${use.bottle.name} is closed and it is still gassing off: it can burst.`,
    [{ say: 'The lid rests on it now', bottle: use.bottle.id, fields: { lid: 'resting' } }],
  )
}
