import { paintLaid } from '../colour/bottled'
import { colourOver } from '../colour/film'
import { hexOf } from '../colour/spectrum'
import { thicknessOf } from '../colour/thickness'
import { LEFT_ON_FACE } from '../knowledge/thinning'
import type { Bottle } from '../model/bottle'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import type { TestPiece } from '../model/testPiece'
import { triedSwatch } from './triedSwatch'

const bottle = (fields: Partial<Bottle>): Bottle => ({
  ...{ id: 'red', name: 'Rowan', family: 'water-acrylic', role: 'colour', colour: '#A8231F' },
  ...{ sizeMl: 17, leftMl: 12 },
  ...fields,
})
const WASH = bottle({
  id: 'wash',
  name: 'Peat',
  family: 'enamel-wash',
  role: 'wash',
  colour: '#3A2A1E',
})
const PROJECT: Project = {
  format: 'tectoria-project',
  version: 1,
  shelf: [bottle({}), WASH, bottle({ id: 'grey', colour: undefined, family: 'lacquer' })],
}
const WHITE: ActStep = {
  do: 'base',
  family: 'lacquer',
  colour: '#F0F0EE',
  coats: ['wet', 'wet', 'wet', 'wet', 'wet', 'wet'],
}
const RED: ActStep = { do: 'base', family: 'water-acrylic', colour: '#A8231F', coats: ['light'] }
const STAIN: ActStep = { do: 'wash', family: 'enamel-wash', colour: '#3A2A1E', thinning: 0.8 }

function tried(steps: ActStep[], swatch?: string) {
  const one = { id: 'a', steps, ...(swatch ? { swatch, unsure: 1 } : {}) }
  const piece: TestPiece = {
    ...{ id: 't', name: 'Card', at: '2026-03-14T19:00:00Z', on: 'card', areaCm2: 9 },
    tried: [one],
  }
  return triedSwatch(PROJECT, piece, one)
}

test.each([3, 9])('a red over white that hides in %d coats is told by its swatch', (hiding) => {
  const film = { masstone: '#A8231F', hiding, thickness: 1 }
  const found = tried([WHITE, RED], hexOf(colourOver('#F0F0EE', [film])))
  expect(found?.bottle.id).toBe('red')
  expect(found?.fit?.worth).toBe('firm')
  expect(Math.abs((found?.fit?.hiding ?? 0) / hiding - 1)).toBeLessThan(0.1)
})

test('how much a wash stains is told by what stays of it on a face', () => {
  const thickness = thicknessOf(15 * LEFT_ON_FACE, paintLaid(WASH, 0.2))
  const film = { masstone: '#3A2A1E', hiding: 0.4, thickness }
  const found = tried([WHITE, STAIN], hexOf(colourOver('#F0F0EE', [film])))
  expect(found?.bottle.id).toBe('wash')
  expect(Math.abs((found?.fit?.hiding ?? 0) / 0.4 - 1)).toBeLessThan(0.15)
})

test('nothing is said of a bottle before a colour is read', () => {
  expect(tried([WHITE, RED])).toMatchObject({ bottle: { id: 'red' }, coats: 1, fit: null })
})

test.each<[string, ActStep[], string]>([
  ['it lines, and tints no face', [WHITE, { ...STAIN, do: 'line' }], '#886655'],
  ['no bottle is of it', [WHITE, { ...RED, colour: '#00FF00' }], '#886655'],
  ['it is clear', [RED, { do: 'clear', family: 'lacquer', sheen: 'matt' }], '#886655'],
])('says nothing where %s', (_, steps, swatch) => {
  expect(tried(steps, swatch)).toBeNull()
})
