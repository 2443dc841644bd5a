import { labOf } from '../../colour/spectrum'
import { CHIP_WINDOW } from '../../knowledge/drying'
import { familyRow } from '../../knowledge/families'
import { solventRow } from '../../knowledge/solvents'
import { coatsWord } from '../../model/counted'
import { sayDuration } from '../../model/duration'
import { isAct } from '../../model/isAct'
import { percent } from '../../model/percent'
import type { Substrate } from '../../model/vocabulary'
import type { SimulatedStep } from '../../stack/simulate/simulation'
import { coatsToCover } from '../../stack/state/coatsToCover'
import { type Film, filmState, hasReached } from '../../stack/state/film'
import { theFilm } from '../../stack/state/filmName'
import { effectsOn } from '../../stack/state/solventEffects'
import { facing, newestRelease, newestWhole, type Stack } from '../../stack/state/stack'
import { type History, newest, theStep } from '../history'
import { type EvidenceFrom, type Lookup, type Seen, UNKNOWN } from '../look'

/** From so much thinner on a coat is little paint; so many coats close lines of usual depth; lines so deep, mm. Source: handbook 4.5, 5.3. */
const OVERTHINNED = 0.7
const MANY_FILMS = 10
const SHALLOW_MM = 0.15
/** A line so much darker than its face looks drawn, L*. Source: handbook 5.6. */
const DARKER = 55
/** From this scale on a line is soon too wide. Source: handbook 10.1. */
const SMALL_SCALE = 100

function under(look: (step: SimulatedStep, film: Film, history: History) => Seen): Lookup {
  return {
    from: 'stack',
    see: (history, subject) => {
      const film = subject && newestWhole(subject.context.stack)
      return subject && film ? look(subject, film, history) : UNKNOWN
    },
  }
}

function ofPart(are: readonly Substrate[], what: string): Lookup {
  return {
    from: 'part',
    see: ({ sequence: { substrate } }) => ({
      is: are.includes(substrate),
      say: `The part is ${SAID[substrate]}${are.includes(substrate) ? `: ${what}` : ''}`,
    }),
  }
}

const SAID: Record<Substrate, string> = {
  polystyrene: 'polystyrene',
  abs: 'ABS',
  polycarbonate: 'polycarbonate',
  'pvc-vinyl': 'soft vinyl',
  'resin-cast': 'cast resin',
  'resin-printed': 'printed resin',
  metal: 'metal',
  'clear-styrene': 'clear styrene',
  'wood-mdf': 'wood',
  foam: 'foam',
}

/** The film over the newest release coat that chips are to open, and the minute at which it was tried. */
function overRelease(history: History): { release: Film; top: Film; at: number } | null {
  const tried = newest(history, { kind: ['open'] })
  const stack: Stack = tried ? tried.context.stack : history.stack
  const release = newestRelease(stack)
  if (!release) return null
  const above = stack.films.slice(release.at + 1)
  const top = above.findLast((film) => film.coverage === 'whole') ?? above.at(-1)
  return top ? { release: release.film, top, at: tried ? tried.context.at : history.at } : null
}

function ofRelease(
  look: (known: { release: Film; top: Film; at: number }, history: History) => Seen,
  from: EvidenceFrom = 'stack',
): Lookup {
  return {
    from,
    see: (history) => {
      const known = overRelease(history)
      return known ? look(known, history) : UNKNOWN
    },
  }
}

const inCoats = (film: Film) => `${theFilm(film)} was laid as ${film.coats.join(', ')}`

/** Looks whether any step of a kind was done. */
function wasDone(which: Parameters<typeof newest>[1], not: string): Lookup {
  return {
    from: 'plan',
    see: (history) => {
      if (history.done.length === 0) return UNKNOWN
      const found = newest(history, which)
      return { is: found !== null, say: found ? `${theStep(found)} was done` : not }
    },
  }
}

/** What lay there, and what the part is. Source: handbook 2, 8. */
export const THERE_LOOKS = {
  'face-was-matt': {
    from: 'stack',
    see: (_, subject) => {
      const sheen = subject?.context.stack.sheen
      if (!sheen) return UNKNOWN
      return {
        is: sheen === 'matt' || (sheen === 'satin' ? null : false),
        say: `The face under it was ${sheen}`,
      }
    },
  },
  'nothing-sealed-under': under((_, film) => ({
    is: film.role !== 'clear',
    say:
      film.role === 'clear'
        ? `${theFilm(film)} lay over the colour`
        : `No clear lay over the colour: ${theFilm(film)} was open`,
  })),
  'moves-for-the-same': under((step, film) => {
    const moved = effectsOn(step.context).find(
      (one) => one.film === film && one.effect !== '-' && one.effect !== 's',
    )
    const { solvent } = step.context.resolved
    return {
      is: moved !== undefined,
      say: `${theFilm(film)} ${moved ? 'moves' : 'doesn’t move'} for ${solvent ? solventRow(solvent).name : 'a dry rub'}`,
    }
  }),
  'clear-is-acrylic': under((_, film) => {
    const acrylic = film.role === 'clear' && familyRow(film.family).acrylic === true
    return { is: acrylic, say: `${theFilm(film)} lay on top` }
  }),
  'over-its-own-kind': under((step, film, { simulation: { series } }) => {
    const own = step.context.resolved.family === film.family && film.step !== step.index
    const state = filmState(film, step.context.at, series)
    return {
      is: own && state !== 'cured',
      say: `${theFilm(film)} under it was ${state}${own ? ', and of the same family' : ''}`,
    }
  }),
  'under-was-fresh': under((step, film, { simulation: { series } }) => {
    const state = filmState(film, step.context.at, series)
    return { is: state === 'fresh', say: `${theFilm(film)} under it was ${state}` }
  }),
  'under-was-soft': under((step, film, { simulation: { series } }) => {
    const state = filmState(film, step.context.at, series)
    return { is: state !== 'cured', say: `${theFilm(film)} under it was ${state}` }
  }),
  'no-primer-there': {
    from: 'stack',
    see: (history) => {
      if (history.done.length === 0) return UNKNOWN
      const primer = newest(history, { role: ['primer'] })
      return {
        is: primer === null,
        say: primer ? `${theStep(primer)} lies under it` : 'No primer lies under it',
      }
    },
  },
  'never-washed': {
    from: 'plan',
    see: (history) => {
      if (history.done.length === 0) return UNKNOWN
      const washed = newest(history, { act: ['wash', 'degrease', 'wash-clean'] })
      return {
        is: washed === null,
        say: washed ? `${theStep(washed)} was done` : 'Nobody washed or degreased it',
      }
    },
  },
  'is-printed': ofPart(['resin-printed'], 'what isn’t cured through sweats'),
  'is-resin': ofPart(['resin-printed', 'resin-cast'], 'it comes with release on it'),
  'is-vinyl': ofPart(['pvc-vinyl'], 'its softener never lets enamel dry, and it flexes'),
  'release-was-thin': ofRelease(({ release }) => ({
    is: release.coats.every((coat) => coat === 'mist'),
    say: inCoats(release),
  })),
  'release-was-thick': ofRelease(({ release }) => ({
    is:
      release.coats.length > 2 || release.coats.some((coat) => coat === 'wet' || coat === 'flood'),
    say: inCoats(release),
  })),
  'top-is-thick': ofRelease(({ top }) => ({
    is: top.coats.length > 2 || top.coats.some((coat) => coat === 'wet' || coat === 'flood'),
    say: inCoats(top),
  })),
  'top-is-watertight': ofRelease(({ top }) => {
    const tight = familyRow(top.family).watertight === 'always'
    return { is: tight, say: `Water ${tight ? 'never gets' : 'gets'} through ${theFilm(top)}` }
  }),
  'top-grows-hard': ofRelease(({ top, at }) => {
    const hard = familyRow(top.family).hardToChip === true && at - top.end >= CHIP_WINDOW.hardFrom
    return { is: hard, say: `${theFilm(top)} was ${sayDuration(Math.max(0, at - top.end))} old` }
  }),
  'top-is-old': ofRelease(({ top, at }) => ({
    is: at - top.end >= CHIP_WINDOW.warmFrom,
    say: `${theFilm(top)} was ${sayDuration(Math.max(0, at - top.end))} old; it chips with ease until ${sayDuration(CHIP_WINDOW.warmFrom)}`,
  })),
  'top-was-wet': ofRelease(({ top, at }, { simulation: { series } }) => {
    const dry = hasReached(top, 'touch', at, series)
    return { is: !dry, say: `${theFilm(top)} was ${dry ? 'touch-dry' : 'not touch-dry yet'}` }
  }),
  'top-was-thinned': ofRelease(({ top }, { sequence }) => {
    const step = sequence.steps[top.step]
    const share = step && isAct(step) ? step.thinning : undefined
    if (share === undefined) return UNKNOWN
    return { is: share >= OVERTHINNED, say: `${theFilm(top)} was ${percent(share)} thinner` }
  }, 'plan'),
  'undercoat-was-fresh': ofRelease(({ release, at }, { done, simulation: { series } }) => {
    const laid = done.find(({ index }) => index === release.step)
    const below = laid && newestWhole(laid.context.stack)
    if (!below) return UNKNOWN
    const state = filmState(below, at, series)
    return { is: state !== 'cured', say: `${theFilm(below)} under the release was ${state}` }
  }),
  'undercoat-lets-water': ofRelease(({ release }, { done }) => {
    const laid = done.find(({ index }) => index === release.step)
    const below = laid && newestWhole(laid.context.stack)
    if (!below) return UNKNOWN
    const loose = familyRow(below.family).waterBorne
    return { is: loose, say: `${theFilm(below)} lies under the release` }
  }),
  'covers-too-little': {
    from: 'stack',
    see: (_, subject) => {
      const found = subject && coatsToCover(subject.context)
      if (!found) return UNKNOWN
      const { toCover, planned } = found
      return {
        is: toCover === null || toCover > planned,
        say: `It takes ${toCover === null ? 'more than a hundred coats' : coatsWord(toCover)} to cover what lies under it; ${planned} went on`,
      }
    },
  },
  'line-is-dark': {
    from: 'stack',
    see: (_, subject) => {
      const face = subject && facing(subject.context.stack)?.colour
      const own = subject?.step.colour
      if (!face || !own) return UNKNOWN
      const [under, over] = [labOf(face).l, labOf(own).l]
      return {
        is: under - over >= DARKER,
        say: `It is L* ${Math.round(over)} on a face of L* ${Math.round(under)}`,
      }
    },
  },
  'top-resists-water': ofRelease(({ top }) => {
    const tight = familyRow(top.family).watertight !== undefined
    return { is: tight, say: `${theFilm(top)} lets ${tight ? 'little' : 'some'} water through` }
  }),
  'scale-is-small': {
    from: 'part',
    see: ({ sequence: { scale } }) =>
      scale === undefined ? UNKNOWN : { is: scale >= SMALL_SCALE, say: `The scale is 1:${scale}` },
  },
  'many-coats-in-all': {
    from: 'stack',
    see: ({ stack }) => {
      if (stack.films.length === 0) return UNKNOWN
      const coats = stack.films
        .filter((film) => film.coverage === 'whole')
        .reduce((sum, film) => sum + film.coats.length, 0)
      return { is: coats >= MANY_FILMS, say: `${coatsWord(coats)} on the face in all` }
    },
  },
  'lines-are-shallow': {
    from: 'part',
    see: ({ sequence: { lineDepthMm } }) =>
      lineDepthMm === undefined
        ? UNKNOWN
        : { is: lineDepthMm < SHALLOW_MM, say: `The lines are ${lineDepthMm} mm deep` },
  },
  'decals-lie-there': wasDone({ role: ['decal'] }, 'No decals lie there'),
  'no-softener-used': {
    from: 'plan',
    see: (history) => {
      const decal = newest(history, { act: ['decal'] })
      if (!decal) return UNKNOWN
      const used =
        newest(history, { act: ['decal-soften'] }) !== null || decal.step.softener !== undefined
      return { is: !used, say: used ? 'A softener was used' : 'No softener was used on them' }
    },
  },
  'super-glue-used': {
    from: 'plan',
    see: ({ done }) => {
      const glued = done.findLast(
        ({ step }) => step.adhesive !== undefined || step.filler !== undefined,
      )
      if (!glued) return UNKNOWN
      const fumes = glued.step.adhesive === 'cyanoacrylate' || glued.step.filler === 'cyanoacrylate'
      return {
        is: fumes,
        say: `It was glued with ${fumes ? 'cyanoacrylate' : 'a glue without fumes'}`,
      }
    },
  },
  'solvent-was-near': {
    from: 'plan',
    see: ({ done }) => {
      if (done.length === 0) return UNKNOWN
      const near = done.find(({ context: { resolved } }) => {
        const { solvent } = resolved
        return solvent !== null && solventRow(solvent).fogsGlass === true
      })
      return {
        is: near !== undefined,
        say: near
          ? `${theStep(near)} carries a thinner that fogs clear plastic`
          : 'No hot thinner came near it',
      }
    },
  },
  'spirit-on-a-joint': {
    from: 'plan',
    see: ({ done }, subject) => {
      if (!subject) return UNKNOWN
      const joined = done.some(({ context }) => context.resolved.row.joins === true)
      const { solvent } = subject.context.resolved
      const spirit = solvent !== null && solventRow(solvent).spirit === true
      return {
        is: spirit,
        say: `${spirit ? 'Spirit ran over it' : 'No spirit ran over it'}${joined ? ', and its parts are joined' : ''}`,
      }
    },
  },
} as const satisfies Record<string, Lookup>
