import { airFactor } from '../../drying/series'
import { actRow } from '../../knowledge/acts'
import { FILLER_TABLE, fillerSets } from '../../knowledge/fillers'
import { CUT_MICRONS, FILLER_CURES, GLUE_CURES, SALT_DRY } from '../../knowledge/limits'
import { SATIN_GRIT } from '../../knowledge/sheens'
import { solventRow } from '../../knowledge/solvents'
import type { Climate } from '../../model/climate'
import { minutesOf } from '../../model/duration'
import type { ActStep } from '../../model/sequence'
import type { Sheen } from '../../model/vocabulary'
import { coatEnds } from './coatTimes'
import { type Film, holdsPowder, newClock } from './film'
import { isSpirit, type ResolvedStep, readsAs } from './resolvedStep'
import { type Mask, newestRelease, openFilms, type Stack } from './stack'
import type { StepContext } from './stepContext'

/** The stack after a step, and the minute at which it ended. */
export function lay(context: StepContext, ends?: readonly number[]): { stack: Stack; end: number } {
  const { stack, step, resolved, at, climate } = context
  const last = (ends ?? coatEnds(step, resolved, climate).map((end) => at + end)).at(-1) ?? at
  return { stack: after(stack, context, last), end: last }
}

function after(stack: Stack, context: StepContext, end: number): Stack {
  const { step, resolved, at } = context
  switch (resolved.row.kind) {
    case 'prep':
      return prepared(context, end)
    case 'level':
      return {
        ...stack,
        films: resolved.row.cuts ? keyed(stack, end) : stack.films,
        sheen: levelledSheen(step),
        clearCoats: 0,
        levelled: true,
        cutMicrons: stack.cutMicrons + cutBy(step),
        grit: step.grit ?? stack.grit,
        touchedAt: end,
      }
    case 'mask':
      return { ...stack, masks: [...stack.masks, maskOf(stack, context, end)] }
    case 'unmask':
      return unmasked(stack, context, end)
    case 'open':
      return opened(stack, end)
    case 'clean':
      return cleaned(stack, context, end)
    case 'handle':
      return { ...stack, touchedAt: end, filled: glued(context, end) ?? stack.filled }
    case 'film': {
      const film = newFilm(context, at, end)
      return film ? covered(withoutFirst(stack, context), film, resolved.coats.length) : stack
    }
  }
}

/** What one levelling takes off a face, µm. Source: docs/handbook, chapter 6. */
export function cutBy(step: ActStep): number {
  return actRow(step.do, step.family).polishes ? CUT_MICRONS.compound : CUT_MICRONS.cut
}

/** Further coats and those that they go on with are one film. */
function withoutFirst(stack: Stack, { goesOn }: StepContext): Stack {
  return goesOn ? { ...stack, films: stack.films.filter((film) => film !== goesOn) } : stack
}

/** A new film on top; a whole one seals what was open, and a whole clear holds powder. */
function covered(stack: Stack, film: Film, coats: number): Stack {
  const whole = film.coverage === 'whole'
  const clear = film.role === 'clear'
  const films = whole && clear && stack.films.some(isLoose) ? stack.films.map(held) : stack.films
  return {
    ...stack,
    films: [...films, film],
    sheen: whole ? film.sheen : stack.sheen,
    clearCoats: clear ? stack.clearCoats + coats : stack.clearCoats,
    levelled: clear ? false : stack.levelled,
    grit: null,
    filled: null,
    rubs: whole ? [] : stack.rubs,
    chippedAt: whole ? null : stack.chippedAt,
    salty: whole ? false : stack.salty,
  }
}

function isLoose(film: Film): boolean {
  return film.loose
}

function held(film: Film): Film {
  return film.loose ? { ...film, loose: false } : film
}

function newFilm(context: StepContext, start: number, end: number): Film | null {
  const { step, resolved, index, goesOn } = context
  if (!resolved.family || !resolved.role || !resolved.drying) return null
  return {
    step: goesOn?.step ?? index,
    act: step.do,
    family: resolved.family,
    reads: readsAs(resolved.family, resolved.solvent),
    role: resolved.role,
    coverage: resolved.coverage,
    coats: goesOn ? [...goesOn.coats, ...resolved.coats] : resolved.coats,
    tool: resolved.tool,
    solvent: resolved.solvent,
    start: goesOn?.start ?? start,
    end,
    endedBy: index,
    sheen: resolved.sheen,
    colour: step.colour ?? null,
    weathering: resolved.row.weathering,
    effect: resolved.row.effect,
    loose:
      resolved.row.loose === true &&
      !openFilms(context.stack).some((film) => holdsPowder(film, start, context.series)),
    keyedAt: null,
    activated: null,
    drying: resolved.drying,
    clock: newClock(),
  }
}

function prepared({ stack, step, index, climate }: StepContext, end: number): Stack {
  const row = actRow(step.do, step.family)
  if (row.cleansFace) return { ...stack, cleanedAt: end, touchedAt: null, salty: false }
  if (row.fills)
    return {
      ...stack,
      filled: { step: index, at: end, what: 'filler', cures: fillerCures(step, climate) },
    }
  if (!row.cuts) return stack
  return {
    ...stack,
    films: keyed(stack, end),
    sheen: stack.sheen === null ? null : levelledSheen(step),
    grit: step.grit ?? stack.grit,
    touchedAt: end,
  }
}

/** How long what a step fills with shrinks, minutes; unnamed it is left for a night. Source: handbook 12.4, 3.2. */
function fillerCures(step: ActStep, climate: Climate): number {
  const { depthMm, kicker } = step
  const filler = step.filler ?? (step.adhesive === 'cyanoacrylate' ? step.adhesive : null)
  if (!filler) return FILLER_CURES
  return (
    fillerSets(filler, depthMm, kicker) * airFactor(FILLER_TABLE[filler].process, false, climate)
  )
}

/** What lies open has a key now. */
function keyed(stack: Stack, end: number): Film[] {
  const open = new Set(openFilms(stack))
  return stack.films.map((film) => (open.has(film) ? { ...film, keyedAt: end } : film))
}

/** Glue that eats into the joint, or fumes in it. */
function glued({ step, resolved, index }: StepContext, end: number): Stack['filled'] {
  const strong =
    step.adhesive === 'cyanoacrylate' ||
    (resolved.solvent !== null && solventRow(resolved.solvent).dissolvesPlastic)
  if (!resolved.row.joins || !strong) return null
  return { step: index, at: end, what: 'glue', cures: GLUE_CURES }
}

/** Sheen after cutting or polishing. Source: handbook 2.1. */
function levelledSheen(step: ActStep): Sheen {
  if (actRow(step.do, step.family).polishes) return 'gloss'
  return step.grit !== undefined && step.grit >= SATIN_GRIT ? 'satin' : 'matt'
}

function maskOf(stack: Stack, { step, resolved, index, climate }: StepContext, end: number): Mask {
  const mask: Mask = {
    step: index,
    act: step.do,
    at: end,
    ...(coversAll(step, resolved) ? { covers: true } : {}),
  }
  if (resolved.row.mask !== 'grain') return mask
  const own = step.product?.recoat
  // Its water leaves it as water leaves a film. Source: handbook 3.2.
  const slower = airFactor('evaporation', true, climate)
  const dries = (from: number, to: number) => ({
    ...mask,
    dries: { from: from * slower, to: to * slower, wet: from > SALT_DRY.tacky },
  })
  if (own !== undefined) return dries(minutesOf(own), minutesOf(own))
  const onRelease = stack.films.at(-1)?.role === 'release'
  const from = SALT_DRY[step.wetted ?? 'tacky']
  // Not said, and nothing tacky to stick to: it is dry enough for a light coat, and wet for all anybody knows.
  return dries(from, step.wetted || onRelease ? from : SALT_DRY.wet)
}

/** A sheet or a skin that is laid on zones by name covers each of them. */
function coversAll(step: ActStep, { row }: ResolvedStep): boolean {
  return step.zones !== undefined && (row.mask === 'sheet' || row.mask === 'film')
}

/** What was laid over a grain or latex mask comes off with it. */
function unmasked(stack: Stack, { resolved, step }: StepContext, end: number): Stack {
  const { target, mask: kind } = resolved.row
  const acts = target ?? []
  const masks = stack.masks.filter((mask) => !acts.includes(mask.act))
  const taken = stack.masks.filter((mask) => acts.includes(mask.act))
  const first = taken[0]?.step
  if (first === undefined || kind === 'sheet') return { ...stack, masks }
  const grain = kind === 'grain'
  const overRelease = grain && newestRelease(stack) !== null
  const films = stack.films
    // Scrubbing the grains off opens the release coat under them; latex is only peeled.
    .filter((film) => !grain || film.role !== 'release')
    .map((film): Film => (film.step > first ? { ...film, coverage: 'patchy' } : film))
  return {
    ...stack,
    masks,
    films,
    chippedAt: overRelease ? end : stack.chippedAt,
    salty: grain ? !step.wanted?.includes('salt-frost') : stack.salty,
  }
}

/** Chipped open: what lay over the release coat is broken, and the release that was exposed is gone. */
function opened(stack: Stack, end: number): Stack {
  const release = newestRelease(stack)
  if (!release) return stack
  const films = stack.films
    .filter((film) => film !== release.film)
    .map((film, i): Film => (i >= release.at ? { ...film, coverage: 'patchy' } : film))
  return { ...stack, films, chippedAt: end }
}

/** A clean-up leaves its target in the recesses only; a fixer holds the powder from here on. */
function cleaned(stack: Stack, context: StepContext, end: number): Stack {
  const { resolved, targets, step } = context
  const films = stack.films.map((film): Film => {
    // A fixer creeps into whatever lies loose, also of another evening.
    const fixed = resolved.row.fixes === true && (targets.has(film) || film.loose)
    if (!targets.has(film) && !fixed) return film
    if (fixed && resolved.drying)
      return {
        ...film,
        loose: false,
        end,
        endedBy: context.index,
        drying: resolved.drying,
        clock: newClock(),
        reads: fixedReads(resolved),
      }
    if (resolved.row.activates)
      return { ...film, activated: film.activated ?? { step: context.index, at: end } }
    return film.coverage === 'patchy' ? film : { ...film, coverage: 'patchy' }
  })
  const rubs = resolved.row.rubs
    ? [...stack.rubs, { step: context.index, at: end, passes: step.passes ?? 1 }]
    : stack.rubs
  return { ...stack, films, rubs }
}

/** Fixed powder behaves as what its fixer leaves behind. */
function fixedReads(resolved: ResolvedStep): Film['reads'] {
  return isSpirit(resolved.solvent) ? 'enamel-wash' : 'water-wash'
}
