import type { Act, Sheen, Tool } from '../../model/vocabulary'

/** A test piece that came out well: how large a surface it answers for, with which tool, and on which sheen; null: on bare plastic. */
export type TestedOn = { areaCm2: number; tool: Tool; sheen: Sheen | null }

/** What came out well on test pieces: by pair of film and solvent, as `pairKey`, and by act. Source: handbook 13.3. */
export type TestPieces = {
  pairs: ReadonlyMap<string, readonly TestedOn[]>
  acts: ReadonlyMap<Act, readonly TestedOn[]>
}

/** Nobody made one. */
export const NO_TEST_PIECES: TestPieces = { pairs: new Map(), acts: new Map() }

/** How far the test pieces of a pair or an act answer for a surface: they do; only for a smaller one; none was made so. */
export type Answered =
  | { how: 'good' }
  | { how: 'small'; upTo: number }
  | { how: 'otherwise'; as: TestedOn }

/**
 * What test pieces say of a surface.
 *
 * @param wanted its area, 0 where nobody measured it, the tool, and the sheen under it
 * @returns null: there is none
 * Source: handbook 13.3.
 */
export function answered(pieces: readonly TestedOn[] = [], wanted: TestedOn): Answered | null {
  const alike = pieces.filter(({ tool, sheen }) => tool === wanted.tool && sheen === wanted.sheen)
  const upTo = Math.max(0, ...alike.map(({ areaCm2 }) => areaCm2))
  if (alike.length > 0) return upTo >= wanted.areaCm2 ? { how: 'good' } : { how: 'small', upTo }
  const [other] = pieces
  return other ? { how: 'otherwise', as: other } : null
}
