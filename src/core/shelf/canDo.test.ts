import type { Family, Role } from '../model/vocabulary'
import { bottlesThatCan, canDo } from './canDo'

test.each<{
  act: Parameters<typeof canDo>[0]
  family: Family
  role: Role
  can: boolean
  why: string
}>([
  { act: 'wash', family: 'water-wash', role: 'wash', can: true, why: 'a ready-made wash' },
  { act: 'line', family: 'enamel-wash', role: 'wash', can: true, why: 'a ready-made wash lines' },
  {
    act: 'rust-wash',
    family: 'lacquer',
    role: 'primer',
    can: true,
    why: 'sprayed primer as rust colour',
  },
  { act: 'base', family: 'lacquer', role: 'primer', can: true, why: 'primer as a colour' },
  { act: 'line', family: 'oil', role: 'oil', can: true, why: 'oils for lining' },
  { act: 'dust', family: 'enamel', role: 'colour', can: true, why: 'enamel colours for dust' },
  {
    act: 'rust-wash',
    family: 'water-acrylic',
    role: 'colour',
    can: true,
    why: 'acrylic colours for rust washes',
  },
  { act: 'release', family: 'release', role: 'release', can: true, why: 'fluid for release' },
  {
    act: 'prime',
    family: 'alcohol-acrylic',
    role: 'colour',
    can: true,
    why: 'a colour that primes itself',
  },
  { act: 'clear', family: 'lacquer', role: 'clear', can: true, why: 'a clear' },
  { act: 'clear', family: 'lacquer', role: 'colour', can: false, why: 'a colour is no clear' },
  { act: 'base', family: 'lacquer', role: 'thinner', can: false, why: 'thinner paints nothing' },
  { act: 'powder', family: 'pigment', role: 'pigment', can: true, why: 'powders' },
  {
    act: 'powder',
    family: 'lacquer',
    role: 'pigment',
    can: true,
    why: 'paint for pigment where it is said so',
  },
  { act: 'prime', family: 'salt', role: 'mask', can: false, why: 'salt primes nothing' },
  { act: 'sand', family: 'lacquer', role: 'colour', can: false, why: 'nothing is laid by sanding' },
])('$act from $family $role: $why', ({ act, family, role, can }) => {
  expect(canDo(act, { family, role })).toBe(can)
})

it('those that are made for it come first', () => {
  const bottle = (id: string, role: Role) => ({
    id,
    name: id,
    family: 'lacquer' as const,
    role,
    sizeMl: 1,
    leftMl: 1,
  })
  expect(
    bottlesThatCan('prime', [
      bottle('c', 'colour'),
      bottle('t', 'thinner'),
      bottle('p', 'primer'),
    ]).map(({ id }) => id),
  ).toEqual(['p', 'c'])
})
