import type { Build, Part } from '../model/build'
import type { DecalPlace, DecalSheet } from '../model/decals'
import type { Edit } from '../model/edit'
import { type Allocation, allotDecals, piecesOf } from '../places/decals'

export { type Allocation, piecesOf }

/** Which decal of a build goes where, by size, by hand and by how much a place is looked at. Source: handbook 12.5. */
export function decalsOf({ sheets = [], decalPlaces = [], scale, zones = [] }: Build): Allocation {
  const seen = new Map(zones.map((zone) => [zone.id, zone.seen]))
  const open = decalPlaces.filter(({ laid }) => !laid)
  return allotDecals(sheets, open, scale, ({ zone }) => seen.get(zone ?? '') ?? USUALLY_SEEN)
}

/** Where nobody says how much a zone is looked at: at once. */
const USUALLY_SEEN = 2

/** Changes a sheet, or puts another one in; null: it is taken out. */
export function sheetEdit({ sheets = [] }: Build, id: string, sheet: DecalSheet | null): Edit {
  return rowsEdit('sheets', sheets, id, sheet)
}

/** Changes a place, or puts another one in; null: it is taken out. */
export function placeEdit({ decalPlaces = [] }: Build, id: string, place: DecalPlace | null): Edit {
  return rowsEdit('decalPlaces', decalPlaces, id, place)
}

/** The places of a part, in the order in which they were put in. */
export function decalPlacesOf({ decalPlaces = [] }: Build, part: Part): DecalPlace[] {
  return decalPlaces.filter((place) => place.part === part.id)
}

function rowsEdit<T extends { id: string }>(
  field: 'sheets' | 'decalPlaces',
  rows: readonly T[],
  id: string,
  row: T | null,
): Edit {
  const known = rows.some((one) => one.id === id)
  // A row is given whole: a field that it lacks is gone.
  const next = known
    ? rows.flatMap((one) => (one.id === id ? (row ?? []) : one))
    : [...rows, ...(row ? [row] : [])]
  return { do: 'set', fields: { [field]: next.length > 0 ? next : null } }
}
