import { TOOL_ENERGY } from '../../../knowledge/energies'
import { familyRow } from '../../../knowledge/families'
import { GLOSS_UNITS } from '../../../knowledge/sheens'
import { type SolventRow, solventRow } from '../../../knowledge/solvents'
import { substrateRow } from '../../../knowledge/substrates'
import { capital } from '../../../model/capital'
import type { Severity, Substrate } from '../../../model/vocabulary'
import {
  lighterCoatCandidates,
  milderSolventCandidates,
  otherFamilyCandidates,
} from '../../remedies/candidates'
import { isBare, newestWhole } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { theSolvent } from '../../state/words'
import type { Remedy, Rule } from '../finding'

/** `coats`: wet ones; `dull`: a clear that is no gloss; `soaked`: it stands in it. */
type Contact = {
  solvent: SolventRow
  wet: boolean
  coats: number
  flooded: boolean
  can: boolean
  dull: boolean
  soaked: boolean
}

type Attack = { severity: Severity; meets: (contact: Contact) => boolean; what: string }

const spirit = ({ solvent }: Contact) => solvent.spirit === true
const lacquer = ({ solvent }: Contact) => solvent.lacquer === true
const hot = ({ solvent }: Contact) => solvent.hot === true
const bites: readonly Attack[] = [
  { severity: 'stop', meets: (c) => lacquer(c) && c.flooded, what: 'softens and crazes it' },
  {
    severity: 'risk',
    meets: (c) => lacquer(c) && c.coats >= 2,
    what: 'bites a texture into it, or crazes it',
  },
  {
    severity: 'risk',
    meets: (c) => lacquer(c) && c.dull,
    what: 'may leave white deposits on it: try it at the real size first',
  },
]

/** What each bare substrate does not bear, worst first; the first that is met speaks. Source: handbook 2.4, 2.6. */
const ATTACKS: Partial<Record<Substrate, readonly Attack[]>> = {
  polystyrene: [
    ...bites.slice(0, 1),
    { severity: 'risk', meets: (c) => hot(c) && c.wet, what: 'crazes it' },
    {
      severity: 'risk',
      meets: (c) => lacquer(c) && c.wet && c.can,
      what: 'leaves a texture in it',
    },
    {
      severity: 'risk',
      meets: (c) => spirit(c) && c.flooded,
      what: 'pools on stressed joints and cracks them',
    },
    ...bites.slice(1),
  ],
  abs: [
    { severity: 'stop', meets: hot, what: 'melts it' },
    {
      severity: 'stop',
      meets: (c) => spirit(c) && c.flooded,
      what: 'runs into its joints and cracks them',
    },
    { severity: 'risk', meets: spirit, what: 'creeps into its joints and cracks them' },
    {
      severity: 'risk',
      meets: (c) => c.solvent.stresses === true && c.soaked,
      what: 'cracks what is under stress, as clip-fit joints are',
    },
    ...bites,
  ],
  polycarbonate: [
    { severity: 'stop', meets: (c) => hot(c) || (lacquer(c) && c.wet), what: 'crazes it' },
    { severity: 'risk', meets: lacquer, what: 'may craze it' },
  ],
  'clear-styrene': [{ severity: 'stop', meets: hot, what: 'crazes it' }],
  foam: [{ severity: 'stop', meets: lacquer, what: 'melts it' }],
}

function contactOf(context: StepContext): Contact | null {
  const { resolved } = context
  if (!resolved.solvent) return null
  const flooded =
    resolved.tool === 'flood' || resolved.tool === 'soak' || resolved.coats.includes('flood')
  const wetCoats = resolved.coats.filter((coat) => coat === 'wet' || coat === 'flood').length
  return {
    solvent: solventRow(resolved.solvent),
    coats: TOOL_ENERGY[resolved.tool].sprayed ? wetCoats : 0,
    dull: resolved.role === 'clear' && GLOSS_UNITS[resolved.sheen] < GLOSS_UNITS['semi-gloss'],
    soaked: resolved.tool === 'soak' || resolved.tool === 'flood',
    flooded,
    wet: flooded || (TOOL_ENERGY[resolved.tool].sprayed && resolved.coats.includes('wet')),
    can: resolved.tool === 'spray-can',
  }
}

function attackOf(substrate: Substrate, contact: Contact): Attack | null {
  if (contact.solvent.dissolvesPlastic)
    return { severity: 'stop', meets: () => true, what: 'dissolves it' }
  return ATTACKS[substrate]?.find((attack) => attack.meets(contact)) ?? null
}

/** A solvent on bare, chipped or mist-thin cover that the substrate does not bear. Source: handbook 2.4, 2.6. */
export const solventAttacksSubstrate: Rule = {
  name: 'solvent-attacks-substrate',
  timing: false,
  causes: { unbonded: 2 },
  followsAtCleanUp: 'solvent-attacks-substrate',
  subject: 'substrate',
  judge: (context) => {
    const contact = contactOf(context)
    if (!contact || !reaches(context, contact)) return null
    const { substrate } = context.stack
    const attack = attackOf(substrate, contact)
    if (!attack) return null
    if (attack.severity === 'risk' && contact.dull && context.step.tested) return null
    return {
      severity: context.step.intent === 'attack' ? 'note' : attack.severity,
      because: `${capital(theSolvent(context))}, comes to bare ${substrateRow(substrate).name} and ${attack.what}.`,
      on: { substrate },
      candidates: () => [
        ...(contact.dull ? [triedWay(context)] : []),
        ...milderSolventCandidates(context),
        ...lighterCoatCandidates(context),
        ...otherFamilyCandidates(context, ['acrylic-pu', 'water-acrylic', 'alcohol-acrylic']),
      ],
    }
  },
}

/** Does it come to the plastic: through nothing, or because it dissolves what lies over it? */
function reaches({ stack }: StepContext, { solvent }: Contact): boolean {
  if (solvent.dissolvesPlastic !== true) return isBare(stack)
  const top = newestWhole(stack)
  return !top || !familyRow(top.family).twoPart
}

function triedWay({ step, index }: StepContext): Remedy {
  return {
    kind: 'order',
    say: 'It was tried at the real size',
    edit: { replace: { step: index, with: { ...step, tested: true } } },
  }
}
