import { type DryingFilm, reworkOf } from '../../drying/clock'
import { type ActRow, actRow } from '../../knowledge/acts'
import { DECAL_FILM_TABLE } from '../../knowledge/decals'
import { clockOfFamily, DRYING, type Laid, type Lies } from '../../knowledge/drying'
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
  /** On a spot that nobody has said: it is no face, and touches nothing that lies elsewhere. */
  spot: boolean
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
  const spot = row.spot === true || step.over === 'patch' || isTouchedOn(step, row, tool)
  const coverage = step.over === 'all' ? 'whole' : spot ? 'patchy' : row.leaves
  return {
    row,
    family,
    role,
    tool,
    coats,
    solvent,
    coverage,
    spot: spot && coverage === 'patchy' && !row.weathering,
    sheen:
      step.sheen ?? (family && role ? defaultSheen(family, role, coats.at(-1) === 'wet') : 'matt'),
    drying:
      family && role && named
        ? dryingOf(step, row, named, family, role, tool, coats, solvent)
        : null,
  }
}

/** Tools that touch paint onto a spot. */
const SPOT_TOOLS: readonly Tool[] = ['needle', 'pen']

function isTouchedOn(step: ActStep, row: ActRow, tool: Tool): boolean {
  if (row.kind !== 'film' || step.over === 'all') return false
  return SPOT_TOOLS.includes(tool) || (row.brushedOnDetails === true && tool === 'brush')
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
  const film: DryingFilm = {
    clock: clockOfFamily(family, laidAs(step, row, role, tool, spirit)),
    family,
    waterBorne: familyRow(family).waterBorne && thick,
    coats,
    lies: liesOf(row, family, coats),
    retarder: step.retarder ?? 0,
    warmAir: step.warmAir,
    product: sheetOf(step),
    reworkHours,
    correction: 1,
  }
  const work = workedFor(film, row)
  return work ? { ...film, work } : film
}

/** What a step's sheet says; thick film of decals keeps its water longer, whoever made it. Source: handbook 12.5. */
function sheetOf({ product, decalFilm }: ActStep): ActStep['product'] {
  const row = decalFilm && DECAL_FILM_TABLE[decalFilm]
  return row?.slow ? { recoat: `${row.dries} h`, ...product } : product
}

/** How a film lies, as far as its coats' weights count. Source: handbook 3.2, f_W. */
function liesOf(row: ActRow, family: Family, coats: readonly Coat[]): Lies {
  const { nature, shine } = familyRow(family)
  if (nature === 'paste') return 'paste'
  if (shine && coats.every((coat) => coat === 'mist')) return 'misted'
  return row.weathering && row.leaves === 'patchy' ? 'recess' : 'face'
}

/** When it is worked, minutes, where the way of use says otherwise than its family: dragged, feathered, a line that is wiped. Source: handbook 3.4. */
function workedFor(film: DryingFilm, row: ActRow): DryingFilm['work'] {
  const { dragged, wipedFrom } = familyRow(film.family)
  const own = DRYING[film.clock]
  const to = reworkOf(film) ?? own.workTo
  if (row.dragged && dragged)
    return { from: dragged.from, to: Math.min(dragged.to, to ?? dragged.to) }
  if (to === null) return undefined
  if (row.feathered && row.kind === 'film') return { from: 0, to }
  return row.runs && wipedFrom !== undefined ? { from: wipedFrom, to } : undefined
}

/** The row of the matrix a film reads: paste by its thinner. Source: handbook 2.3. */
export function readsAs(family: Family, solvent: Solvent | null): Family {
  return (isSpirit(solvent) && familyRow(family).withSpirit) || family
}

/** Is this one of the spirits? */
export function isSpirit(solvent: Solvent | null): boolean {
  return solvent !== null && solventRow(solvent).spirit === true
}
