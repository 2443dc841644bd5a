import type { ActStep } from '../model/sequence'
import type { Act, Family, Solvent, Substrate, Tool } from '../model/vocabulary'
import { TOOL_ENERGY } from './energies'

/** What a caution is shown for. */
export type CautionWork = {
  step: ActStep
  family: Family | null
  tool: Tool
  solvent: Solvent | null
  substrate: Substrate
  /** The paint was decanted from a spray can. */
  decanted?: boolean
}

/** A word of care for body, room or tools, and when it is said. Source: handbook 9. */
export type Caution = {
  id: string
  /** When it is shown: a kind of work, or always on a session's card. Source: handbook 9. */
  when: string
  /** Holds for every session, not for one step. */
  general?: boolean
  /** What is breathed or burns: protection is confirmed before the act begins. Source: handbook 9; N94. */
  confirm?: boolean
  applies: (work: CautionWork) => boolean
  show: string
}

const CUTS: readonly Act[] = ['sand', 'scuff', 'cut-polish', 'fill']
const BLADES: readonly Act[] = ['scribe', 'scratch', 'drill']
const POWDERS: readonly Act[] = ['powder', 'powder-fix']
/** From so many minutes on, one act is long for eyes and hands. */
const LONG = 45
/** Marks smaller than this, mm, want a lens; smaller than that, a strong one. */
const FINE_MM = 0.3
const TINY_MM = 0.12
const isSmall = ({ markMm }: ActStep, than: number) => markMm !== undefined && markMm < than
const sprayed = (tool: Tool) => TOOL_ENERGY[tool].sprayed
const paints = (work: CautionWork) => work.family !== null || work.solvent !== null

/** The usual cautions, one row each; reminders, not expert advice. Source: handbook 9. */
export const CAUTIONS: readonly Caution[] = [
  {
    id: 'isocyanate',
    confirm: true,
    when: 'two-part urethane',
    applies: ({ family }) => family === 'urethane-2k',
    show: 'Isocyanates can sensitise for life: a cartridge mask is often not enough; cover skin and follow the data sheet and local rules, or take another clear.',
  },
  {
    id: 'spray',
    confirm: true,
    when: 'any spraying, water-borne too',
    applies: (work) => sprayed(work.tool) && paints(work),
    show: 'Fine droplets: fitted respirator, booth vented outdoors, eyes covered.',
  },
  {
    id: 'flammable',
    when: 'lacquer, enamel, spirit, alcohol, hairspray, spray cans',
    applies: (work) =>
      work.tool === 'spray-can' ||
      work.step.do === 'release' ||
      (work.solvent !== null && work.solvent !== 'water' && work.step.do !== 'decal'),
    show: 'Flammable vapour: no flames or heaters, air the room, close the lids, dry rags flat outdoors.',
  },
  {
    id: 'oily-rags',
    when: 'oily rags',
    applies: ({ family }) => family === 'oil',
    show: 'Oily rags may heat by themselves: lay them flat outdoors or keep them under water in a metal tin.',
  },
  {
    id: 'dust',
    confirm: true,
    when: 'sanding resin, primer, filler',
    applies: ({ step }) => CUTS.includes(step.do),
    show: 'Dust: particle mask, wet sanding, gloves; wipe, don’t blow.',
  },
  {
    id: 'blades',
    when: 'drilling, grinding, blades',
    applies: ({ step }) => BLADES.includes(step.do),
    show: 'Blades: cover the eyes, cut away from the hand, clamp the part.',
  },
  {
    id: 'powder',
    confirm: true,
    when: 'powders',
    applies: ({ step }) => POWDERS.includes(step.do),
    show: 'Powders: particle mask, no blowing.',
  },
  {
    id: 'cyanoacrylate',
    when: 'cyanoacrylate',
    applies: ({ step }) => step.adhesive === 'cyanoacrylate',
    show: 'Cyanoacrylate: fumes, and it bonds skin and eyes.',
  },
  {
    id: 'warm-air',
    when: 'warming bottles, warm-air drying',
    applies: ({ step }) => step.climate?.air === 'forced',
    show: 'Warm air: stay below the plastic’s limit, and never near fresh solvent. Bottles in warm water only.',
  },
  {
    id: 'decanted',
    when: 'decanted spray paint',
    applies: ({ decanted }) => decanted === true,
    show: 'Decanted paint: gas off 12 to 24 h with the lid resting loose, outdoors; never seal, never heat.',
  },
  {
    id: 'uncured-resin',
    when: 'uncured printing resin, wash alcohol',
    applies: ({ step, substrate }) =>
      substrate === 'resin-printed' && (step.do === 'wash' || step.do === 'degrease'),
    show: 'Uncured resin and wash alcohol: gloves, eyes, air; cure waste in light before it is thrown away.',
  },
  {
    id: 'ammonia-bleach',
    when: 'cleaning fluids with ammonia; bleach',
    general: true,
    applies: () => false,
    show: 'Cleaning fluids with ammonia and bleach: never together.',
  },
  {
    id: 'long-session',
    when: 'long sessions',
    general: true,
    applies: ({ step }) => (step.minutes ?? 0) >= LONG,
    show: 'Long work: put it down every twenty minutes, look far away, loosen the hands; fresh air; a headache or a smell means stop.',
  },
  {
    id: 'small-marks',
    when: 'marks under 0.3 mm by hand',
    applies: ({ step, tool }) =>
      isSmall(step, FINE_MM) && !isSmall(step, TINY_MM) && !sprayed(tool),
    show: 'Marks of this size want to be seen twice as large, under a lens or a magnifying visor: a bare eye sets them down some 0.3 mm off. Rest both wrists, and look far away every twenty minutes.',
  },
  {
    id: 'tiny-marks',
    when: 'marks under 0.12 mm by hand',
    applies: ({ step, tool }) => isSmall(step, TINY_MM) && !sprayed(tool),
    show: 'These marks are finer than an eye resolves at arm’s length: four times magnified, with the hand laid on the bench, and never for longer than twenty minutes.',
  },
  {
    id: 'others',
    when: 'children, pets, pregnancy, asthma, food',
    general: true,
    applies: () => false,
    show: 'Children, pets and food away from the bench; where pregnancy or asthma matter, ask a doctor.',
  },
  {
    id: 'disposal',
    when: 'disposal',
    general: true,
    applies: () => false,
    show: 'Thinner and paint go to the hazardous-waste point, never down the drain.',
  },
  {
    id: 'brushes',
    when: 'brushes',
    general: true,
    applies: () => false,
    show: 'Brushes and swabs never in the mouth.',
  },
]

/** The cautions of one step, most serious first; empty when none of the usual ones apply. Source: handbook 9. */
export function cautionsFor(work: CautionWork): Caution[] {
  return CAUTIONS.filter((caution) => caution.applies(work))
}

/** The cautions that hold for every session. Source: handbook 9. */
export function generalCautions(): Caution[] {
  return CAUTIONS.filter((caution) => caution.general)
}
