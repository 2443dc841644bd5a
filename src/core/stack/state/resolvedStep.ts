import type { DryingFilm } from '../../drying/clock'
import { type ActRow, actRow } from '../../knowledge/acts'
import { type ClockKey, DRAG_FROM, DRAG_TO, FAMILY_CLOCK } from '../../knowledge/drying'
import { familyRow } from '../../knowledge/families'
import { reaction } from '../../knowledge/reactions'
import { defaultSheen } from '../../knowledge/sheens'
import type { ActStep } from '../../model/sequence'
import {
  type Coat,
  type Family,
  type Role,
  type Sheen,
  SOLVENTS,
  type Solvent,
  type Tool,
} from '../../model/vocabulary'
import type { Film } from './film'

/** A step with everything it leaves out filled in. */
export type ResolvedStep = {
  row: ActRow
  /** The family as it behaves; null where nothing is laid. */
  family: Family | null
  role: Role | null
  tool: Tool
  coats: readonly Coat[]
  /** The solvent that meets what is there; null when the act is dry. */
  solvent: Solvent | null
  coverage: 'whole' | 'patchy'
  sheen: Sheen
  drying: DryingFilm | null
}

/** From this share of thinner on, an enamel is a wash. Source: handbook 2.3. */
const WASH_THINNING = 0.8

/** Rework window of an enamel used as a wash when its product doesn't say, hours. Source: handbook 3.1. */
const ENAMEL_REWORK_HOURS = 12

const COAT_TOOLS: readonly Tool[] = ['airbrush', 'spray-can', 'stencil']

/** What a film behaves as: thinned to a wash or used as one. Source: handbook 2.3, below the matrix. */
function behavesAs(family: Family, row: ActRow, thinning: number): Family {
  const wash = row.role === 'wash' || row.role === 'filter'
  if (family === 'enamel' && (wash || thinning >= WASH_THINNING)) return 'enamel-wash'
  if (family === 'water-acrylic' && wash) return 'water-wash'
  return family
}

/** Which row of milestones a film reads. Source: handbook 3.1. */
function clockKey(
  family: Family,
  role: Role,
  row: ActRow,
  tool: Tool,
  step: ActStep,
  spirit: boolean,
): ClockKey {
  switch (family) {
    case 'lacquer':
      if (role === 'primer') return 'lacquer-primer'
      return role === 'clear' ? 'lacquer-clear' : 'lacquer-colour'
    case 'water-acrylic':
      return COAT_TOOLS.includes(tool) ? 'water-acrylic-airbrushed' : 'water-acrylic-brushed'
    case 'oil':
      return row.role === 'oil' && (step.thinning ?? 0) < WASH_THINNING ? 'oil-thin' : 'oil-wash'
    case 'texture':
      if (spirit) return 'texture-thin'
      return step.coats?.includes('flood') ? 'texture-thick' : 'texture-thin'
    case 'pigment':
      return step.do === 'powder' ? 'pigment-loose' : 'pigment-fixed'
    default:
      return FAMILY_CLOCK[family]
  }
}

/** Marks that count as mist however they are loaded; flooding counts as a flood. Source: handbook 3.2, f_W. */
function weighed(step: ActStep, tool: Tool): readonly Coat[] {
  const coats = step.coats ?? ['light']
  if (tool === 'sponge' || step.do === 'drybrush') return coats.map(() => 'mist')
  if (tool === 'flood' || tool === 'soak') return coats.map(() => 'flood')
  return coats
}

/** The mildest solvent that still moves a set film of this family: what it is wiped back with. */
function wipingSolvent(family: Family): Solvent | null {
  return SOLVENTS.find((solvent) => reaction(family, 'set', solvent) === 'r') ?? null
}

function solventOf(step: ActStep, row: ActRow, target: Film | null): Solvent | null {
  if (step.solvent) return step.solvent
  if (step.do === 'powder') return null
  if (step.do === 'chip-wet') return 'water'
  const own = step.family ?? (row.family === 'must' ? null : row.family)
  if (own) return familyRow(own).thinners[0] ?? null
  if (row.kind !== 'clean' || !target) return null
  if (row.target === null) return wipingSolvent(target.family)
  return familyRow(target.family).thinners[0] ?? null
}

/**
 * Fills in a step by the table of acts.
 *
 * @param target the newest film that a clean-up works on, null when there is none
 * @throws RangeError if the act must say its family and doesn't (the border refuses that before)
 */
export function resolveStep(step: ActStep, target: Film | null): ResolvedStep {
  const row = actRow(step.do, step.family)
  const named = step.family ?? row.family
  if (named === 'must') throw new RangeError(`workOf: "${step.do}" must say its family`)
  const tool = step.tool ?? row.tool
  const role = step.role ?? row.role
  const solvent = solventOf(step, row, target)
  const family = named ? behavesAs(named, row, step.thinning ?? 0) : null
  const coats = weighed(step, tool)
  const coverage = step.over === 'patch' ? 'patchy' : step.over === 'all' ? 'whole' : row.leaves
  return {
    row,
    family,
    role,
    tool,
    coats,
    solvent,
    coverage,
    sheen:
      step.sheen ?? (family && role ? defaultSheen(family, role, coats.at(-1) === 'wet') : 'matt'),
    drying:
      family && role && named
        ? dryingOf(step, row, named, family, role, tool, coats, solvent)
        : null,
  }
}

function dryingOf(
  step: ActStep,
  row: ActRow,
  named: Family,
  family: Family,
  role: Role,
  tool: Tool,
  coats: readonly Coat[],
  solvent: Solvent | null,
): DryingFilm {
  const spirit = solvent === 'spirit-mild' || solvent === 'spirit-hot'
  const enamelAsWash = named === 'enamel' && family === 'enamel-wash'
  const reworkHours = step.reworkHours ?? (enamelAsWash ? ENAMEL_REWORK_HOURS : undefined)
  return {
    clock: clockKey(family, role, row, tool, step, spirit),
    family,
    waterBorne: familyRow(family).waterBorne && !(family === 'texture' && spirit),
    coats,
    retarder: step.retarder ?? 0,
    product: step.product,
    reworkHours: step.do === 'streak' ? undefined : reworkHours,
    work: step.do === 'streak' ? dragWindow(family, step.reworkHours) : undefined,
    correction: 1,
  }
}

/** Streaks are dragged soon after they are laid. Source: handbook 3.4. */
function dragWindow(
  family: Family,
  reworkHours: number | undefined,
): { from: number; to: number } | undefined {
  if (family !== 'oil' && family !== 'enamel-wash') return undefined
  const to = family === 'oil' ? DRAG_TO.oil : DRAG_TO.enamel
  return { from: DRAG_FROM, to: reworkHours === undefined ? to : Math.min(to, reworkHours * 60) }
}

/** The row of the matrix a film reads: paste by its thinner. Source: handbook 2.3. */
export function readsAs(family: Family, solvent: Solvent | null): Family {
  const spirit = solvent === 'spirit-mild' || solvent === 'spirit-hot'
  return family === 'texture' && spirit ? 'enamel-wash' : family
}
