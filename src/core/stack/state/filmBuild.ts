import { DRY_SHARE, WET_MICRONS } from '../../knowledge/limits'
import type { Coat } from '../../model/vocabulary'
import type { Film } from './film'

/** Dry build of coats on a face, µm. Source: handbook 4.4, 6 (rescribe). */
export function coatMicrons(coats: readonly Coat[]): number {
  return coats.reduce((sum, coat) => sum + WET_MICRONS[coat] * DRY_SHARE, 0)
}

/** Dry build of a film that covers the face, µm; patches and release coats build nothing up. */
export function filmMicrons(film: Film): number {
  return film.coverage === 'whole' && film.role !== 'release' ? coatMicrons(film.coats) : 0
}
