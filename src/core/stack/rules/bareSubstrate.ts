import { familyRow, type PrimerNeed, substrateRow } from '../../materials'
import type { ActStep } from '../../model/sequence'
import type { Family, Role } from '../../model/vocabulary'
import type { Draft, Remedy, Rule } from '../finding'
import type { Moment } from '../moment'
import { capital, theWork } from '../words'

/** Is this the first paint on the bare part, in a sense that primer, degreasing and etching care for? */
export function firstPaint(moment: Moment): boolean {
  const { work, stack } = moment
  if (work.row.kind !== 'film' || !work.family || !familyRow(work.family).film) return false
  return stack.films.length === 0
}

/** A product whose sheet says that it suits the substrate needs nothing under it; nor does a school that goes without. */
function suits(step: ActStep, moment: Moment): boolean {
  const list = step.product?.suits ?? []
  const { priming, mouldedPlastic } = moment.setting.school
  const plastic = moment.stack.substrate === 'polystyrene'
  if (plastic && (priming === 'self-priming' || mouldedPlastic === 'clear-only')) return true
  return list.includes(moment.stack.substrate) || list.includes('bare')
}

/** Roles that count as colour where only water-borne colour minds. */
const COLOUR_ROLES: readonly Role[] = ['colour', 'metal', 'clear-colour']

const SPIRIT: readonly Family[] = ['enamel', 'oil', 'enamel-wash', 'metal-enamel']

function minds(need: PrimerNeed, moment: Moment): boolean {
  const { work } = moment
  if (!work.family || need.for === 'none') return false
  const water = familyRow(work.family).waterBorne
  switch (need.for) {
    case 'water-borne':
      return water && work.role !== null && COLOUR_ROLES.includes(work.role)
    case 'not-water-borne':
      return !water && !SPIRIT.includes(work.family)
    case 'spirit':
      return SPIRIT.includes(work.family)
    case 'all':
      return work.role !== 'primer'
  }
}

/** Colour on a substrate that wants a primer first. Source: handbook 2.4, 2.6. */
export const needsPrimer: Rule = {
  name: 'needs-primer',
  timing: false,
  judge: (moment) => {
    const need: PrimerNeed = substrateRow(moment.stack.substrate).primer
    if (need.for === 'none' || !firstPaint(moment) || suits(moment.step, moment)) return null
    if (!minds(need, moment)) return null
    return {
      severity: need.severity,
      because: `${need.because}, and ${theWork(moment)} is the first paint on it.`,
      on: { substrate: moment.stack.substrate },
      ways: (): Remedy[] => [...primerWays(moment), suitsWay(moment)],
    }
  },
}

function primerWays(moment: Moment): Remedy[] {
  const { stack, index } = moment
  const etch = substrateRow(stack.substrate).etch
  const suited = { suits: [stack.substrate] }
  const families: readonly Family[] = ['lacquer', 'acrylic-pu', 'water-acrylic']
  return families.map((family) => ({
    kind: 'shield',
    say: `Prime first: ${familyRow(family).name} primer, then 24 h`,
    edit: {
      insert: {
        before: index,
        steps: [
          ...(substrateRow(stack.substrate).degrease && stack.cleanedAt === null
            ? [{ do: 'degrease' as const }]
            : []),
          {
            do: 'prime' as const,
            family,
            coats: ['mist' as const, 'light' as const, 'light' as const],
            ...(etch ? { etch: true } : {}),
            ...(stack.substrate === 'polycarbonate' ? { product: suited } : {}),
          },
          { wait: '24 h' },
        ],
      },
    },
  }))
}

function suitsWay(moment: Moment): Remedy {
  const { step, stack, index } = moment
  const product = { ...step.product, suits: [...(step.product?.suits ?? []), stack.substrate] }
  return {
    kind: 'bottle',
    say: `Use a product whose sheet says that it suits ${substrateRow(stack.substrate).name}`,
    edit: { replace: { step: index, with: { ...step, product } } },
  }
}

/** Mould release, residue or grease never washed off. Source: handbook 2.4, 2.6. */
export const needsDegrease: Rule = {
  name: 'needs-degrease',
  timing: false,
  judge: (moment): Draft | null => {
    const row = substrateRow(moment.stack.substrate)
    if (!row.degrease || !firstPaint(moment) || moment.stack.cleanedAt !== null) return null
    return {
      severity: 'risk',
      because: `Nothing has been washed or degreased, and on ${row.name} ${row.degrease}.`,
      on: { substrate: moment.stack.substrate },
      ways: (): Remedy[] => [
        {
          kind: 'order',
          say: 'Degrease it first',
          edit: { insert: { before: moment.index, step: { do: 'degrease' } } },
        },
      ],
    }
  },
}

/** A primer that does not bite, on metal. Source: handbook 2.4, 2.6. */
export const needsEtch: Rule = {
  name: 'needs-etch',
  timing: false,
  judge: (moment) => {
    const { step, stack, index, work } = moment
    const row = substrateRow(stack.substrate)
    if (!row.etch || !firstPaint(moment) || work.role !== 'primer') return null
    if (step.etch || suits(step, moment)) return null
    return {
      severity: 'risk',
      because: `${capital(theWork(moment))} does not bite ${row.name}: it wants an etching or metal primer.`,
      on: { substrate: stack.substrate },
      ways: (): Remedy[] => [
        {
          kind: 'bottle',
          say: 'Use an etching primer',
          edit: { replace: { step: index, with: { ...step, etch: true } } },
        },
      ],
    }
  },
}

/** Enamel and oil on bare vinyl stay tacky for ever. Source: handbook 2.4, 2.6. */
export const neverCures: Rule = {
  name: 'never-cures',
  timing: false,
  judge: (moment) => {
    const { work, stack } = moment
    const row = substrateRow(stack.substrate)
    if (!work.family || !firstPaint(moment) || suits(moment.step, moment)) return null
    if (!row.neverCures.includes(work.family)) return null
    return {
      severity: 'stop',
      because: `${capital(theWork(moment))} on bare ${row.name} stays tacky for ever: the plasticiser keeps it from drying.`,
      on: { substrate: stack.substrate },
      ways: (): Remedy[] => primerWays(moment).slice(1),
    }
  },
}
