import { substrateRow, TOOL_ENERGY } from '../../materials'
import type { Severity, Solvent, Substrate } from '../../model/vocabulary'
import type { Rule } from '../finding'
import type { Moment } from '../moment'
import { isBare } from '../stack'
import { lighterCoatWays, milderSolventWays, otherFamilyWays } from '../ways'
import { capital, theSolvent } from '../words'

type Contact = { solvent: Solvent; wet: boolean; flooded: boolean; can: boolean }

type Attack = { severity: Severity; meets: (contact: Contact) => boolean; what: string }

const spirit = (c: Contact) => c.solvent === 'spirit-mild' || c.solvent === 'spirit-hot'
const lacquer = (c: Contact) => c.solvent === 'lacquer-mild' || c.solvent === 'lacquer-hot'
const hot = (c: Contact) => c.solvent === 'lacquer-hot'

/** What each bare substrate does not bear, worst first; the first that is met speaks. Source: handbook 2.4, 2.6. */
const ATTACKS: Partial<Record<Substrate, readonly Attack[]>> = {
  polystyrene: [
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
  ],
  abs: [
    { severity: 'stop', meets: hot, what: 'melts it' },
    {
      severity: 'stop',
      meets: (c) => spirit(c) && c.flooded,
      what: 'runs into its joints and cracks them',
    },
    { severity: 'risk', meets: spirit, what: 'creeps into its joints and cracks them' },
  ],
  polycarbonate: [
    { severity: 'stop', meets: (c) => hot(c) || (lacquer(c) && c.wet), what: 'crazes it' },
    { severity: 'risk', meets: lacquer, what: 'may craze it' },
  ],
  'clear-styrene': [{ severity: 'stop', meets: hot, what: 'crazes it' }],
  foam: [{ severity: 'stop', meets: lacquer, what: 'melts it' }],
}

function contactOf(moment: Moment): Contact | null {
  const { work } = moment
  if (!work.solvent) return null
  const flooded = work.tool === 'flood' || work.tool === 'soak' || work.coats.includes('flood')
  return {
    solvent: work.solvent,
    flooded,
    wet: flooded || (TOOL_ENERGY[work.tool].sprayed && work.coats.includes('wet')),
    can: work.tool === 'spray-can',
  }
}

function attackOf(substrate: Substrate, contact: Contact): Attack | null {
  if (contact.solvent === 'plastic-solvent')
    return { severity: 'stop', meets: () => true, what: 'dissolves it' }
  return ATTACKS[substrate]?.find((attack) => attack.meets(contact)) ?? null
}

/** A solvent on bare, chipped or mist-thin cover that the substrate does not bear. Source: handbook 2.4, 2.6. */
export const solventAttacksSubstrate: Rule = {
  name: 'solvent-attacks-substrate',
  timing: false,
  judge: (moment) => {
    const contact = contactOf(moment)
    if (!contact || !isBare(moment.stack)) return null
    const { substrate } = moment.stack
    const attack = attackOf(substrate, contact)
    if (!attack) return null
    return {
      severity: moment.step.intent === 'attack' ? 'note' : attack.severity,
      because: `${capital(theSolvent(moment))}, comes to bare ${substrateRow(substrate).name} and ${attack.what}.`,
      on: { substrate },
      ways: () => [
        ...milderSolventWays(moment),
        ...lighterCoatWays(moment),
        ...otherFamilyWays(moment, ['acrylic-pu', 'water-acrylic', 'alcohol-acrylic']),
      ],
    }
  },
}
