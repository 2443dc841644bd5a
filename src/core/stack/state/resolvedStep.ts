import type { DryingFilm } from '../../drying/clock'
import { type ActRow, actRow } from '../../knowledge/acts'
import { clockOfFamily, DRAG_FROM, type Laid } from '../../knowledge/drying'
import { familyRow, WASH_THINNING } from '../../knowledge/families'
import { reaction } from '../../knowledge/reactions'
import { defaultSheen } from '../../knowledge/sheens'
import { solventRow } from '../../knowledge/solvents'
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

const COAT_TOOLS: readonly Tool[] = ['airbrush', 'spray-can', 'stencil']

/** What a film behaves as: thinned to a wash or used as one. Source: handbook 2.3, below the matrix. */
function behavesAs(family: Family, row: ActRow, thinning: number): Family {
  const { asWash } = familyRow(family)
  const wash = row.role === 'wash' || row.role === 'filter'
  const thin = asWash?.from !== undefined && thinning >= asWash.from
  return asWash && (wash || thin) ? asWash.as : family
}

/** How a film is laid, as far as its clock asks. Source: handbook 3.1. */
function laidAs(step: ActStep, row: ActRow, role: Role, tool: Tool, spirit: boolean): Laid {
  return {
    role,
    sprayed: COAT_TOOLS.includes(tool),
    neat: row.role === 'oil' && (step.thinning ?? 0) < WASH_THINNING,
    spirit,
    flooded: step.coats?.includes('flood') ?? false,
    loose: row.loose ?? false,
  }
}

/** Marks that count as mist however they are loaded; flooding counts as a flood. Source: handbook 3.2, f_W. */
function weighed(step: ActStep, row: ActRow, tool: Tool): readonly Coat[] {
  const coats = step.coats ?? ['light']
  if (tool === 'sponge' || row.dryLoad) return coats.map(() => 'mist')
  if (tool === 'flood' || tool === 'soak') return coats.map(() => 'flood')
  return coats
}

/** The mildest solvent that still moves a set film of this family: what it is wiped back with. */
function wipingSolvent(family: Family): Solvent | null {
  return SOLVENTS.find((solvent) => reaction(family, 'set', solvent) === 'r') ?? null
}

function solventOf(step: ActStep, row: ActRow, target: Film | null): Solvent | null {
  if (step.solvent) return step.solvent
  if (row.solvent !== undefined) return row.solvent
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
  if (named === 'must') throw new RangeError(`resolveStep: "${step.do}" must say its family`)
  const tool = step.tool ?? row.tool
  const role = step.role ?? row.role
  const solvent = solventOf(step, row, target)
  const family = named ? behavesAs(named, row, step.thinning ?? 0) : null
  const coats = weighed(step, row, tool)
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
  const spirit = isSpirit(solvent)
  const thick = familyRow(family).withSpirit === undefined || !spirit
  const { asWash } = familyRow(named)
  const reworkHours = step.reworkHours ?? (asWash?.as === family ? asWash.reworkHours : undefined)
  return {
    clock: clockOfFamily(family, laidAs(step, row, role, tool, spirit)),
    family,
    waterBorne: familyRow(family).waterBorne && thick,
    coats,
    retarder: step.retarder ?? 0,
    product: step.product,
    reworkHours: row.dragged ? undefined : reworkHours,
    work: row.dragged ? dragWindow(family, step.reworkHours) : undefined,
    correction: 1,
  }
}

/** Streaks are dragged soon after they are laid. Source: handbook 3.4. */
function dragWindow(
  family: Family,
  reworkHours: number | undefined,
): { from: number; to: number } | undefined {
  const { draggedFor: to } = familyRow(family)
  if (to === undefined) return undefined
  return { from: DRAG_FROM, to: reworkHours === undefined ? to : Math.min(to, reworkHours * 60) }
}

/** The row of the matrix a film reads: paste by its thinner. Source: handbook 2.3. */
export function readsAs(family: Family, solvent: Solvent | null): Family {
  return (isSpirit(solvent) && familyRow(family).withSpirit) || family
}

/** Is this one of the spirits? */
export function isSpirit(solvent: Solvent | null): boolean {
  return solvent !== null && solventRow(solvent).spirit === true
}
