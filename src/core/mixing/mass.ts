import { familyRow } from '../knowledge/families'
import { DENSITY } from '../knowledge/mixing'
import { solventRow } from '../knowledge/solvents'
import type { Family, Role, Solvent } from '../model/vocabulary'

/** Density of a liquid by what it is, g/ml. Source: handbook 4.2. */
export function densityOf(liquid: {
  family: Family
  role: Role
  solvent?: Solvent | undefined
}): number {
  const row = familyRow(liquid.family)
  if (liquid.role === 'thinner' || liquid.role === 'cleaner') {
    const solvent = liquid.solvent ?? row.thinners[0]
    return solvent ? solventRow(solvent).density : DENSITY.thinner
  }
  if (liquid.role === 'metal') return DENSITY.metal
  if (row.twoPart) return DENSITY.twoPartClear
  return row.waterBorne ? DENSITY.waterBorne : DENSITY.solventBorne
}

/** @param density g/ml. Source: handbook 4.2. */
export function massOf(ml: number, density: number): number {
  return ml * density
}

/** @param density g/ml, above 0. Source: handbook 4.2. */
export function volumeOf(grams: number, density: number): number {
  return grams / density
}
