import type { Bottle } from '../model/bottle'
import { REFERENCE_CLIMATE } from '../model/climate'
import { waitBetween } from './waitBetween'

const bottle = (more: Partial<Bottle>): Bottle => ({
  id: 'b',
  name: 'B',
  family: 'enamel-wash',
  role: 'wash',
  sizeMl: 30,
  leftMl: 30,
  ...more,
})

test.each([
  [{}, 24 * 60],
  [{ product: { recoat: '2 h' } }, 120],
  [{ family: 'oil', role: 'oil' }, 48 * 60],
  [{ family: 'water-acrylic' }, 30],
  [{ family: 'lacquer', role: 'clear-colour' }, 60],
] as [Partial<Bottle>, number][])('%j may be gone over after %d min', (more, minutes) => {
  expect(waitBetween(bottle(more), REFERENCE_CLIMATE)).toBeCloseTo(minutes, 6)
})

it('what never sets is never gone over', () => {
  expect(waitBetween(bottle({ family: 'watercolour' }), REFERENCE_CLIMATE)).toBeNull()
})

it('a colder room makes it longer', () => {
  const cold = { ...REFERENCE_CLIMATE, celsius: 10 }
  expect(waitBetween(bottle({}), cold) ?? 0).toBeGreaterThan(24 * 60)
})
