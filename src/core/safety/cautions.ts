import { TOOL_ENERGY } from '../materials'
import type { ActStep } from '../model/sequence'
import type { Act, Family, Solvent, Substrate, Tool } from '../model/vocabulary'

/** What a caution is shown for. */
export type CautionWork = {
  step: ActStep
  family: Family | null
  tool: Tool
  solvent: Solvent | null
  substrate: Substrate
}

export type Caution = { id: string; applies: (work: CautionWork) => boolean; show: string }

const CUTS: readonly Act[] = ['sand', 'scuff', 'cut-polish', 'fill']
const BLADES: readonly Act[] = ['scribe', 'scratch']
const POWDERS: readonly Act[] = ['powder', 'powder-fix']
const sprayed = (tool: Tool) => TOOL_ENERGY[tool].sprayed
const paints = (work: CautionWork) => work.family !== null || work.solvent !== null

/** The usual cautions, one row each; reminders, not expert advice. Source: handbook 9. */
export const CAUTIONS: readonly Caution[] = [
  {
    id: 'isocyanate',
    applies: ({ family }) => family === 'urethane-2k',
    show: 'Isocyanates can sensitise for life: a cartridge mask is often not enough; cover skin and follow the data sheet and local rules, or take another clear.',
  },
  {
    id: 'spray',
    applies: (work) => sprayed(work.tool) && paints(work),
    show: 'Fine droplets: fitted respirator, booth vented outdoors, eyes covered.',
  },
  {
    id: 'flammable',
    applies: (work) =>
      work.tool === 'spray-can' ||
      (work.solvent !== null && work.solvent !== 'water' && work.step.do !== 'decal'),
    show: 'Flammable vapour: no flames or heaters, air the room, close the lids, dry rags flat outdoors.',
  },
  {
    id: 'oily-rags',
    applies: ({ family }) => family === 'oil',
    show: 'Oily rags may heat by themselves: lay them flat outdoors or keep them under water in a metal tin.',
  },
  {
    id: 'dust',
    applies: ({ step }) => CUTS.includes(step.do),
    show: 'Dust: particle mask, wet sanding, gloves; wipe, don’t blow.',
  },
  {
    id: 'blades',
    applies: ({ step }) => BLADES.includes(step.do),
    show: 'Blades: cover the eyes, cut away from the hand, clamp the part.',
  },
  {
    id: 'powder',
    applies: ({ step }) => POWDERS.includes(step.do),
    show: 'Powders: particle mask, no blowing.',
  },
  {
    id: 'cyanoacrylate',
    applies: ({ step }) => step.adhesive === 'cyanoacrylate',
    show: 'Cyanoacrylate: fumes, and it bonds skin and eyes.',
  },
  {
    id: 'warm-air',
    applies: ({ step }) => step.climate?.air === 'forced',
    show: 'Warm air: stay below the plastic’s limit, and never near fresh solvent.',
  },
]

/** The cautions of one step, most serious first; empty when none of the usual ones apply. Source: handbook 9. */
export function cautionsFor(work: CautionWork): Caution[] {
  return CAUTIONS.filter((caution) => caution.applies(work))
}
