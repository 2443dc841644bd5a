import { TOOL_ENERGY } from '../../knowledge/energies'
import { familyRow } from '../../knowledge/families'
import { solventRow } from '../../knowledge/solvents'
import { coatsWord } from '../../model/counted'
import { percent } from '../../model/percent'
import type { SimulatedStep } from '../../stack/simulate/simulation'
import { filmReaches } from '../../stack/state/film'
import { after, type History, type MixedAs, newest, theStep } from '../history'
import type { EvidenceFrom, Lookup, Seen } from '../look'
import { UNKNOWN } from '../look'

function laid(
  look: (step: SimulatedStep, history: History) => Seen,
  from: EvidenceFrom = 'plan',
): Lookup {
  return { from, see: (history, subject) => (subject ? look(subject, history) : UNKNOWN) }
}

/** Coats that a face carries in one go, and matt clear even less. Source: handbook 4.5, 6. */
const MANY_COATS = { usual: 4, matt: 2 } as const
/** Thinner in a mix: from here on it runs and hides little; up to here it lands as pebbles. Source: handbook 4.5. */
const THIN = 0.7
const THICK = 0.3
/** Retarder that keeps paint open, percent, and from which it stays wet long. Source: handbook 4.5. */
const RETARDED = 2
const SLOW = 10

const heavy = ({ context }: SimulatedStep) =>
  context.resolved.coats.filter((coat) => coat === 'wet' || coat === 'flood').length

const coatsSaid = ({ context }: SimulatedStep) => context.resolved.coats.join(', ')

/** Of the mix where one was kept, else as the step says. */
function thinned(test: (share: number) => boolean, what: string): Lookup {
  return laid((step, history) => {
    const mix = history.mixOf(step)
    const share = mix?.thinning ?? step.step.thinning
    if (share === undefined) return UNKNOWN
    return {
      is: test(share),
      say: `${mix ? `“${mix.name}”` : theStep(step)} was ${percent(share)} thinner: ${what}`,
      ...ofMix(mix),
    }
  })
}

const ofMix = (mix: MixedAs | null) => (mix ? { from: 'shelf' as const } : {})

/** Retarder and flow aid in percent, and whether a kept mix says so. */
function additives(step: SimulatedStep, history: History) {
  const mix = history.mixOf(step)
  const said = Math.round(10 * (mix?.retarder ?? step.step.retarder ?? 0)) / 10
  const flow = Math.round(10 * (mix?.flowAid ?? step.step.flowAid ?? 0)) / 10
  return { retarder: said, flowAid: flow, found: ofMix(mix) }
}

/** How a film was laid. Source: handbook 4.5, 8. */
export const LAID_LOOKS = {
  'laid-thick': laid((step) => {
    const { coats, sheen } = step.context.resolved
    const most = sheen === 'matt' ? MANY_COATS.matt : MANY_COATS.usual
    return {
      is: heavy(step) > 0 || coats.length > most,
      say: `${theStep(step)} went on in ${coatsWord(coats.length)} (${coatsSaid(step)})`,
    }
  }),
  'laid-wet': laid((step) => ({
    is: heavy(step) > 0,
    say:
      heavy(step) > 0
        ? `${theStep(step)} went on wet (${coatsSaid(step)})`
        : `${theStep(step)} went on in mist or light coats`,
  })),
  'laid-dry': laid((step) => ({
    is: step.context.resolved.coats.every((coat) => coat === 'mist'),
    say: `${theStep(step)} went on as ${coatsSaid(step)}`,
  })),
  'from-a-can': laid((step) => {
    const can = step.context.resolved.tool === 'spray-can'
    return { is: can, say: can ? `${theStep(step)} came from a spray can` : 'It was no spray can' }
  }),
  'is-matt': laid((step) => {
    const { sheen, role } = step.context.resolved
    if (role !== 'clear') return { is: false, say: 'No clear lies on it' }
    const dull = sheen === 'matt' || sheen === 'satin'
    return { is: dull, say: `${theStep(step)} dries ${sheen}` }
  }),
  'is-metallic': laid((step) => {
    const { role, family } = step.context.resolved
    const metal = role === 'metal' || (family !== null && familyRow(family).shine !== undefined)
    const coarse = metal || role === 'primer'
    return {
      is: coarse,
      say: coarse ? `${theStep(step)} has large pigment` : `${theStep(step)} has fine pigment`,
    }
  }),
  'much-thinner': thinned(
    (share) => share >= THIN,
    `from ${percent(THIN)} on it runs and hides little`,
  ),
  'little-thinner': thinned(
    (share) => share <= THICK,
    `up to ${percent(THICK)} it lies as pebbles`,
  ),
  'with-alcohol': laid((step) => {
    const { solvent } = step.context.resolved
    const much =
      solvent !== null &&
      solventRow(solvent).driesInFlight === true &&
      (step.step.thinning ?? 0.5) > 0.5
    return {
      is: much,
      say: much
        ? `${theStep(step)} was thinned with much alcohol`
        : 'It wasn’t thinned with much alcohol',
    }
  }),
  'no-retarder': laid((step, history) => {
    const { retarder, flowAid, found } = additives(step, history)
    return {
      is: retarder < RETARDED && flowAid === 0,
      say:
        retarder > 0 || flowAid > 0
          ? `${retarder} % retarder and ${flowAid} % flow aid in it`
          : 'No retarder and no flow aid in it',
      ...found,
    }
  }),
  'much-retarder': laid((step, history) => {
    const { retarder, found } = additives(step, history)
    const say = `${retarder} % retarder in it; from ${SLOW} % on it stays wet long`
    return { is: retarder >= SLOW, say, ...found }
  }),
  'no-flow-aid': laid((step, history) => {
    const { flowAid, found } = additives(step, history)
    const say = flowAid === 0 ? 'No flow aid in it' : `${flowAid} % flow aid in it`
    return { is: flowAid === 0, say, ...found }
  }),
  'is-water': laid((step) => {
    const { family, solvent } = step.context.resolved
    const water =
      (family !== null && familyRow(family).waterBorne) ||
      (solvent !== null && solventRow(solvent).rings === true)
    return {
      is: water,
      say: water
        ? `${theStep(step)} is thinned with water`
        : `${theStep(step)} isn’t thinned with water`,
    }
  }),
  'is-enamel': laid((step) => {
    const { family } = step.context.resolved
    const slow = family !== null && familyRow(family).slow
    return {
      is: slow,
      say: family === null ? 'Nothing was laid' : `${theStep(step)} is ${familyRow(family).name}`,
    }
  }),
  'is-two-part': laid((step) => {
    const { family } = step.context.resolved
    const two = family !== null && familyRow(family).twoPart === true
    return {
      is: two,
      say: two ? `${theStep(step)} sets with a hardener` : `${theStep(step)} has no hardener`,
    }
  }),
  'sets-fast': laid((step) => {
    const hours = step.step.reworkHours
    const minutes = step.step.product?.reworkMinutes
    const own = minutes ?? (hours === undefined ? undefined : hours * 60)
    if (own === undefined) return UNKNOWN
    return { is: own < 60, say: `It can be worked for ${Math.round(own)} min only` }
  }),
  'next-coat-too-soon': laid(({ context, ends, after: { films } }) => {
    const film = films.at(-1)
    if (ends.length < 2 || !film) return { is: false, say: 'It was one coat' }
    const flash = filmReaches(film, 'flash', context.series)
    if (flash === null) return UNKNOWN
    const needed = flash - film.end
    const gap = Math.min(...ends.slice(1).map((end, i) => end - (ends[i] as number)))
    return {
      is: gap < needed / 2,
      say: `${Math.round(gap)} min between its coats; one flashes off in ${Math.round(needed)} min`,
    }
  }),
  wicked: laid((step) => ({
    is: step.step.wick !== true,
    say: step.step.wick === true ? 'Pools were wicked up' : 'Nobody says that pools were wicked up',
  })),
  'brush-was-soaked': laid(({ context }) => {
    const wet = ['wet-swab', 'flood', 'soak'].includes(context.resolved.tool)
    return { is: wet, say: `It was ${TOOL_ENERGY[context.resolved.tool].word}` }
  }),
  'with-a-swab': laid(({ context }) => {
    const swab = context.resolved.tool === 'swab' || context.resolved.tool === 'wet-swab'
    return { is: swab, say: `It was ${TOOL_ENERGY[context.resolved.tool].word}` }
  }),
  'by-pen': laid(({ context }) => ({
    is: context.resolved.tool === 'pen',
    say: `It was ${TOOL_ENERGY[context.resolved.tool].word}`,
  })),
  'hot-solvent': laid((step) => {
    const { solvent } = step.context.resolved
    const hot = solvent !== null && solventRow(solvent).hot === true
    return {
      is: hot,
      say: solvent === null ? 'It was dry' : `${theStep(step)} carries ${solventRow(solvent).name}`,
    }
  }),
  'spirit-after': laid((step, history) => {
    const later = after(history, step)
    const wiped = later.find(({ context: { resolved } }) => {
      const spirit = resolved.solvent !== null && solventRow(resolved.solvent).spirit === true
      return spirit && resolved.row.kind === 'clean'
    })
    return {
      is: wiped !== undefined,
      say: wiped
        ? `${theStep(wiped)} went over it with ${solventRow(wiped.context.resolved.solvent as 'spirit-mild').name}`
        : 'Nothing was wiped over it with spirit',
    }
  }),
  'wet-clear-after': laid((step, history) => {
    const clear = newest({ done: after(history, step) }, { role: ['clear'] })
    const wet = clear !== null && heavy(clear) > 0
    return {
      is: wet,
      say: !clear
        ? 'No clear went over it'
        : `${theStep(clear)} went over it ${wet ? 'wet' : 'in mist or light coats'}`,
    }
  }),
  'clear-after': laid((step, history) => {
    const clear = newest({ done: after(history, step) }, { role: ['clear'] })
    return {
      is: clear !== null,
      say: clear ? `${theStep(clear)} went over it` : 'No clear went over it',
    }
  }),
  'flooded-after': laid((step, history) => {
    const flooded = after(history, step).find(
      ({ context: { resolved } }) =>
        resolved.row.fixes &&
        (resolved.tool === 'flood' ||
          resolved.coats.some((coat) => coat === 'wet' || coat === 'flood')),
    )
    return {
      is: flooded !== undefined,
      say: flooded ? `${theStep(flooded)} was flooded on` : 'No fixer was flooded on',
    }
  }),
  'fluid-after': laid((step, history) => {
    const fluid = newest({ done: after(history, step) }, { act: ['decal-soften', 'decal'] })
    return {
      is: fluid !== null,
      say: fluid ? `${theStep(fluid)} came over it` : 'No decal fluid came over it',
    }
  }),
  'handled-after': laid((step, history) => {
    const handled = newest({ done: after(history, step) }, { kind: ['handle', 'mask'] })
    return {
      is: handled !== null,
      say: handled ? `${theStep(handled)} came after it` : 'Nothing in the plan touched it',
    }
  }),
} as const satisfies Record<string, Lookup>
