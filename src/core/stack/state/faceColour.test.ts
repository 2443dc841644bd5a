import { faceColour } from './faceColour'
import type { FaceFilm } from './filmColours'

const BASE = {
  step: 0,
  act: 'base',
  family: 'alcohol-acrylic',
  role: 'colour',
  coverage: 'whole',
  coats: ['wet', 'wet', 'wet'],
  colour: '#445566',
} as unknown as FaceFilm
const film = (more: object): FaceFilm => ({ ...BASE, step: 1, ...more }) as FaceFilm
const STEPS = [{ do: 'base' as const }, { do: 'base' as const }]

const OWN = faceColour([BASE], STEPS)

test.each<[string, FaceFilm[], string | null]>([
  ['bare', [], null],
  ['paint of no known colour', [film({ colour: null })], null],
  ['a clear over it', [BASE, film({ act: 'clear', role: 'clear', colour: null })], OWN],
  [
    'a tint of no known colour',
    [BASE, film({ act: 'glaze', role: 'clear-colour', colour: null })],
    OWN,
  ],
  [
    'patches of no known colour',
    [BASE, film({ act: 'mottle', coverage: 'patchy', colour: null })],
    OWN,
  ],
  ['what hides it, of no known colour', [BASE, film({ colour: null })], null],
  ['what hides that again', [film({ colour: null }), BASE], '#445566'],
])('the colour of a face: %s', (_, films, colour) => {
  expect(faceColour(films, STEPS)).toBe(colour)
})
