import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import type { Build, BuildStep } from '../model/build'
import type { Edit } from '../model/edit'
import type { DecalFilm } from '../model/vocabulary'
import { stateOf } from './benchState'
import { decalFilmOn, decalPlacesOf, decalsOf, placeEdit, sheetEdit } from './decals'
import { simulatePart } from './partSimulation'

const number = { id: 'n', name: 'Number', widthMm: 24, heightMm: 11, count: 1 }
const SHEET = { id: 's', name: 'Sheet', decals: [number] }
const place = (id: string, zone?: string, laid?: boolean) => ({
  id,
  part: 'p',
  name: id,
  widthMm: 24,
  heightMm: 11,
  ...(zone ? { zone } : {}),
  ...(laid ? { laid } : {}),
})
const BUILD: Build = {
  id: 'b',
  name: 'Gannet’s Lament',
  parts: [{ id: 'p', name: 'Hull', substrate: 'abs' }],
  zones: [
    { id: 'nose', part: 'p', name: 'Nose', seen: 3 },
    { id: 'belly', part: 'p', name: 'Belly', seen: 0 },
  ],
  steps: [],
}

function after(build: Build, edit: Edit): Build {
  const done = applyEdit(build, edit, NOTHING_LOGGED, () => 'n')
  if (!done.ok) throw new Error(done.why)
  return done.build
}

it('the only one goes where it is looked at, and what was laid asks for none', () => {
  const build = {
    ...BUILD,
    sheets: [SHEET],
    decalPlaces: [place('a', 'belly'), place('b', 'nose')],
  }
  expect(decalsOf(build).allotted.map((one) => one.place)).toEqual(['b'])
  expect(decalsOf(build).short.map(({ without }) => without)).toEqual([['a']])
  const laid = { ...build, decalPlaces: [place('a', 'belly'), place('b', 'nose', true)] }
  expect(decalsOf(laid).allotted.map((one) => one.place)).toEqual(['a'])
})

it('sheets and places are put in, changed and taken out', () => {
  const sheeted = after(BUILD, sheetEdit(BUILD, 's', SHEET))
  expect(sheeted.sheets).toEqual([SHEET])
  const thin = after(sheeted, sheetEdit(sheeted, 's', { ...SHEET, film: 'thin' }))
  expect(thin.sheets?.[0]?.film).toBe('thin')
  expect(after(thin, sheetEdit(thin, 's', null)).sheets).toBeUndefined()
  const placed = after(BUILD, placeEdit(BUILD, 'a', place('a', 'nose')))
  expect(decalPlacesOf(placed, placed.parts[0] as Build['parts'][number])).toHaveLength(1)
  expect(after(placed, placeEdit(placed, 'a', null)).decalPlaces).toBeUndefined()
})

describe('what the decals of a part are printed on', () => {
  const printed = (...films: (DecalFilm | undefined)[]): Build => ({
    ...BUILD,
    sheets: films.map((film, i) => ({
      ...SHEET,
      id: `s${i}`,
      decals: [{ ...number, id: `n${i}`, widthMm: 24 + 10 * i }],
      ...(film ? { film } : {}),
    })),
    decalPlaces: films.map((_, i) => ({
      ...place(`at ${i}`, undefined, i === 0),
      widthMm: 24 + 10 * i,
    })),
  })
  const [hull] = BUILD.parts as [Build['parts'][number]]

  it.each([
    ['nobody says', [undefined], null],
    ['one sheet', ['thin'], 'thin'],
    ['the slowest of two', ['thin', 'thick'], 'thick'],
    ['the more tender of two', ['usual', 'home-printed'], 'home-printed'],
  ] as const)('%s', (_, films, film) => {
    expect(decalFilmOn(printed(...films), hull)).toBe(film)
  })

  it('nothing where none goes on it', () => {
    expect(decalFilmOn({ ...printed('thin'), decalPlaces: [] }, hull)).toBeNull()
  })

  it('keeps the clear back for two days where it is thick', () => {
    const clearAt = (film: DecalFilm) => {
      const steps = [{ do: 'decal' }, { do: 'clear', family: 'acrylic-pu', sheen: 'matt' }]
      const build: Build = {
        ...printed(film),
        steps: steps.map((step, i) => ({ ...step, id: `s${i}`, parts: ['p'] }) as BuildStep),
      }
      const state = stateOf({ format: 'tectoria-project', version: 1, builds: [build] })
      const { simulation } = simulatePart(state, build, hull, 0)
      return (simulation.simulated.find(({ index }) => index === 1)?.context.at ?? 0) / 60
    }
    expect(clearAt('thick') - clearAt('thin')).toBeCloseTo(36, 3)
  })
})
