import type { Build, Part } from '../model/build'
import type { DecalPlace, DecalSheet } from '../model/decals'
import type { Edit } from '../model/edit'
import type { DecalFilm } from '../model/vocabulary'
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

/** What the decals of a part are printed on, by the sheets that they come from: the slowest to dry, then the most tender; null: none is said. */
export function decalFilmOn(build: Build, part: Part): DecalFilm | null {
  const { sheets = [], decalPlaces = [], scale } = build
  if (!sheets.some(({ film }) => film) || !decalPlaces.some((place) => place.part === part.id))
    return null
  const known = filmsOf.get(build) ?? new Map<string, DecalFilm | null>()
  filmsOf.set(build, known)
  const before = known.get(part.id)
  if (before !== undefined) return before
  const { allotted } = allotDecals(sheets, decalPlaces, scale)
  const own = new Set(decalPlaces.flatMap((place) => (place.part === part.id ? [place.id] : [])))
  const decals = new Set(allotted.flatMap(({ place, decal }) => (own.has(place) ? [decal] : [])))
  const films = sheets.flatMap(({ film, decals: on }) =>
    film && on.some(({ id }) => decals.has(id)) ? [film] : [],
  )
  const found = BY_CARE.find((film) => films.includes(film)) ?? null
  known.set(part.id, found)
  return found
}

const filmsOf = new WeakMap<Build, Map<string, DecalFilm | null>>()
/** Films by the care that they ask for. */
const BY_CARE: readonly DecalFilm[] = ['thick', 'thin', 'home-printed', 'usual']

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
