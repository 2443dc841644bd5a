import { familyRow } from '../../../knowledge/families'
import { type PrimerNeed, substrateRow } from '../../../knowledge/substrates'
import { capital } from '../../../model/capital'
import type { ActStep, Step } from '../../../model/sequence'
import type { Family, Role } from '../../../model/vocabulary'
import type { StepContext } from '../../state/stepContext'
import { theWork } from '../../state/words'
import type { Draft, Remedy, Rule } from '../finding'

/** Is this the first paint on the bare part, in a sense that primer, degreasing and etching care for? */
export function firstPaint(context: StepContext): boolean {
  const { resolved, stack } = context
  if (resolved.row.kind !== 'film' || !resolved.family || !familyRow(resolved.family).film)
    return false
  return stack.films.length === 0
}

/** A product whose sheet says that it suits the substrate needs nothing under it; nor does a school that goes without. */
function suits(step: ActStep, context: StepContext): boolean {
  const list = step.product?.suits ?? []
  const { priming, mouldedPlastic } = context.setting.school
  const plastic = context.stack.substrate === 'polystyrene'
  if (plastic && (priming === 'self-priming' || mouldedPlastic === 'clear-only')) return true
  return list.includes(context.stack.substrate) || list.includes('bare')
}

/** Roles that count as colour where only water-borne colour minds. */
const COLOUR_ROLES: readonly Role[] = ['colour', 'metal', 'clear-colour']

function minds(need: PrimerNeed, context: StepContext): boolean {
  const { resolved } = context
  if (!resolved.family || need.for === 'none') return false
  const { waterBorne: water, slow } = familyRow(resolved.family)
  switch (need.for) {
    case 'water-borne':
      return water && resolved.role !== null && COLOUR_ROLES.includes(resolved.role)
    case 'not-water-borne':
      return !water && !slow
    case 'spirit':
      return slow
    case 'all':
      return resolved.role !== 'primer'
  }
}

/** Colour on a substrate that wants a primer first. Source: handbook 2.4, 2.6. */
export const needsPrimer: Rule = {
  name: 'needs-primer',
  timing: false,
  asksStage: true,
  causes: { unbonded: 1 },
  subject: 'substrate',
  judge: (context) => {
    const need: PrimerNeed = substrateRow(context.stack.substrate).primer
    if (need.for === 'none' || !firstPaint(context) || suits(context.step, context)) return null
    if (!minds(need, context)) return null
    return {
      severity: need.severity,
      because: `${need.because}, and ${theWork(context)} is the first paint on it.`,
      on: { substrate: context.stack.substrate },
      candidates: (): Remedy[] => [...primerWays(context), suitsWay(context)],
    }
  },
}

function primerWays(context: StepContext): Remedy[] {
  const { stack, index, resolved } = context
  // A line runs on gloss: the primer alone would drink it.
  const gloss: Step[] = resolved.row.runs
    ? [
        { do: 'clear', family: 'alcohol-acrylic', sheen: 'gloss', coats: ['mist', 'light'] },
        { wait: '24 h' },
      ]
    : []
  const etch = substrateRow(stack.substrate).etch
  const suited = { suits: [stack.substrate] }
  const families: readonly Family[] = ['lacquer', 'acrylic-pu', 'water-acrylic']
  return families.map((family) => ({
    kind: 'shield',
    say: `Prime first: ${familyRow(family).name} primer, then 24 h${gloss.length > 0 ? ', and gloss over it' : ''}`,
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
          ...gloss,
        ],
      },
    },
  }))
}

function suitsWay(context: StepContext): Remedy {
  const { step, stack, index } = context
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
  asksStage: true,
  subject: 'preparation',
  judge: (context): Draft | null => {
    const row = substrateRow(context.stack.substrate)
    if (!row.degrease || !firstPaint(context) || context.stack.cleanedAt !== null) return null
    return {
      severity: 'risk',
      because: `Nothing has been washed or degreased, and on ${row.name} ${row.degrease}.`,
      on: { substrate: context.stack.substrate },
      candidates: (): Remedy[] => [
        {
          kind: 'order',
          say: 'Degrease it first',
          edit: { insert: { before: context.index, step: { do: 'degrease' } } },
        },
      ],
    }
  },
}

/** A primer that does not bite, on metal. Source: handbook 2.4, 2.6. */
export const needsEtch: Rule = {
  name: 'needs-etch',
  timing: false,
  subject: 'substrate',
  judge: (context) => {
    const { step, stack, index, resolved } = context
    const row = substrateRow(stack.substrate)
    if (!row.etch || !firstPaint(context) || resolved.role !== 'primer') return null
    if (step.etch || suits(step, context)) return null
    return {
      severity: 'risk',
      because: `${capital(theWork(context))} does not bite ${row.name}: it wants an etching or metal primer.`,
      on: { substrate: stack.substrate },
      candidates: (): Remedy[] => [
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
  causes: { unbonded: 0 },
  subject: 'substrate',
  judge: (context) => {
    const { resolved, stack } = context
    const row = substrateRow(stack.substrate)
    if (!resolved.family || !firstPaint(context) || suits(context.step, context)) return null
    if (!row.neverCures.includes(resolved.family)) return null
    return {
      severity: 'stop',
      because: `${capital(theWork(context))} on bare ${row.name} stays tacky for ever: the plasticiser keeps it from drying.`,
      on: { substrate: stack.substrate },
      candidates: (): Remedy[] => primerWays(context).slice(1),
    }
  },
}
