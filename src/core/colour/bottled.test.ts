import { LEFT_ON_FACE } from '../knowledge/thinning'
import { isReadyMade, paintIn, paintLaid } from './bottled'
import { colourOver } from './film'
import { labOf } from './spectrum'
import { thicknessOf } from './thickness'

test.each([
  { why: 'a wash comes ready', bottle: { role: 'wash' }, ready: true, paint: 0.1 },
  { why: 'a filter too', bottle: { role: 'filter' }, ready: true, paint: 0.03 },
  {
    why: 'unless it says otherwise',
    bottle: { role: 'wash', workingStrength: false },
    ready: false,
    paint: 1,
  },
  { why: 'colour is thinned', bottle: { role: 'colour', share: 0.8 }, ready: false, paint: 0.8 },
  {
    why: 'unless it is made for the airbrush',
    bottle: { role: 'colour', workingStrength: true },
    ready: true,
    paint: 0.5,
  },
  {
    why: 'a wash that was thinned further',
    bottle: { role: 'wash', share: 0.5 },
    ready: true,
    paint: 0.05,
  },
] as const)('$why', ({ bottle, ready, paint }) => {
  expect(isReadyMade(bottle)).toBe(ready)
  expect(paintIn(bottle)).toBeCloseTo(paint, 9)
})

it('what is ready made is laid no stronger than it comes', () => {
  expect(paintLaid({ role: 'wash' }, 0.5)).toBe(0.1)
  expect(paintLaid({ role: 'wash' }, 0.02)).toBe(0.02)
  expect(paintLaid({ role: 'colour', share: 0.5 }, 0.5)).toBe(0.25)
})

test.each([
  ['tan', '#B89B6E', '#3A2A1E'],
  ['bone', '#C9C4B4', '#3B3A38'],
  ['grey', '#8B8C8B', '#1E1A17'],
])('one thin wash over all costs %s 3 to 12 L*', (_, face, wash) => {
  const thickness = thicknessOf(15 * LEFT_ON_FACE, paintIn({ role: 'wash' }))
  const lost = labOf(face).l - colourOver(face, [{ masstone: wash, thickness }]).l
  expect(lost).toBeGreaterThan(3)
  expect(lost).toBeLessThan(12)
})
