import fc from 'fast-check'
import {
  bandPath,
  drawnFilms,
  type FilmLaid,
  groundAt,
  linePath,
  micronsOf,
  PLACES,
} from './profile'

const film = (more: Partial<FilmLaid> = {}): FilmLaid => ({
  id: 'a',
  does: 'film',
  place: 'face',
  coats: [10],
  onFace: 1,
  downTo: null,
  ...more,
})

const share = (i: number) => (i + 0.5) / PLACES
const GROUND = Array.from({ length: PLACES }, (_, i) => groundAt(share(i)))
const FACE = 10
const IN_RECESS = Math.round(0.29 * PLACES)
const ON_PLATE = Math.round(0.74 * PLACES)

it('the ground has a recess and a plate', () => {
  expect(groundAt(share(IN_RECESS))).toBeLessThan(groundAt(share(FACE)))
  expect(groundAt(share(ON_PLATE))).toBeGreaterThan(groundAt(share(FACE)))
})

describe('a film', () => {
  const grows = (laid: FilmLaid, at: number) => {
    const [drawn] = drawnFilms([laid], 2)
    return (drawn?.to[at] ?? 0) - (GROUND[at] ?? 0)
  }
  test.each<{ what: string; laid: FilmLaid; face: number; recess: number; plate: number }>([
    { what: 'over a face is as thick everywhere', laid: film(), face: 20, recess: 20, plate: 20 },
    {
      what: 'of a lining fills the recess only',
      laid: film({ place: 'recesses', coats: [3] }),
      face: 0,
      recess: 6,
      plate: 0,
    },
    {
      what: 'on edges is on no face',
      laid: film({ place: 'edges', coats: [3] }),
      face: 0,
      recess: 0,
      plate: 0,
    },
    {
      what: 'that runs leaves a little on the face',
      laid: film({ onFace: 0.25, coats: [8] }),
      face: 4,
      recess: 16,
      plate: 4,
    },
    {
      what: 'that does nothing adds nothing',
      laid: film({ does: null }),
      face: 0,
      recess: 0,
      plate: 0,
    },
  ])('$what', ({ laid, face, recess, plate }) => {
    expect(grows(laid, FACE)).toBeCloseTo(face)
    expect(grows(laid, IN_RECESS)).toBeCloseTo(recess)
    expect(grows(laid, ON_PLATE)).toBeCloseTo(plate)
  })

  it('never stands over the rim of what it runs into', () => {
    const [drawn] = drawnFilms([film({ place: 'recesses', coats: [200] })], 2)
    expect(drawn?.to[IN_RECESS]).toBeCloseTo(GROUND[FACE] ?? 0)
  })

  it('on edges lies on the corners of the plate', () => {
    const [drawn] = drawnFilms([film({ place: 'edges' })], 2)
    const corner = Math.round(0.64 * PLACES)
    expect((drawn?.to[corner] ?? 0) - (GROUND[corner] ?? 0)).toBeCloseTo(8)
  })

  it('shows its coats as lines between', () => {
    const [drawn] = drawnFilms([film({ coats: [5, 10, 5] })], 2)
    expect(drawn?.coatLines.map((line) => (line[FACE] ?? 0) - (GROUND[FACE] ?? 0))).toEqual([
      10, 30,
    ])
  })

  it('opened at the edges shows what lies under, and nothing elsewhere', () => {
    const [, , top, open] = drawnFilms(
      [
        film({ id: 'under' }),
        film({ id: 'release' }),
        film({ id: 'top' }),
        film({ id: 'open', does: 'open', place: 'edges', coats: [], downTo: 'under' }),
      ],
      2,
    )
    const corner = Math.round(0.64 * PLACES)
    expect(open?.to[FACE]).toBe(top?.to[FACE])
    expect(open?.to[corner]).toBeLessThan(top?.to[corner] ?? 0)
  })
})

it('what covers faces is what a scale goes by', () => {
  expect(micronsOf([film(), film({ place: 'edges' }), film({ does: 'mask' })])).toBe(10)
})

const films = fc.array(
  fc.record<FilmLaid>({
    id: fc.string({ minLength: 1, maxLength: 4 }),
    does: fc.constantFrom('film', 'mask', 'open', null),
    place: fc.constantFrom('face', 'recesses', 'edges', 'spots'),
    coats: fc.array(fc.constantFrom(2.7, 5, 10, 20), { maxLength: 4 }),
    onFace: fc.constantFrom(1, 1 / 6),
    downTo: fc.constant(null),
  }),
  { maxLength: 60 },
)

test('films lie on one another without gaps, and none takes away but what opens', () => {
  fc.assert(
    fc.property(films, (laid) => {
      const drawn = drawnFilms(laid, 2)
      drawn.forEach((film, n) => {
        expect(film.from).toBe(n === 0 ? film.from : drawn[n - 1]?.to)
        const falls = film.to.some((height, i) => height < (film.from[i] ?? 0) - 1e-9)
        if (laid[n]?.does !== 'open') expect(falls).toBe(false)
      })
    }),
  )
})

test('a path has one closed piece for each run, and none where nothing lies', () => {
  const flat = Array<number>(PLACES).fill(0)
  const two = flat.map((_, i) => (i < 3 || i > PLACES - 4 ? 5 : 0))
  expect(bandPath(flat, two, 100, 50).match(/Z/g)).toHaveLength(2)
  expect(bandPath(flat, flat, 100, 50)).toBe('')
  expect(linePath(two, 100, 50, flat).match(/M/g)).toHaveLength(2)
})
