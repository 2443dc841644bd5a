import { TECHNIQUES, technique } from '../knowledge/techniques/techniques'
import { REFERENCE_CLIMATE } from '../model/climate'
import { techniqueNumbers } from './techniqueNumbers'

const numbers = (id: string, scale?: number, area?: number) =>
  techniqueNumbers(technique(id), REFERENCE_CLIMATE, scale, area)

it('a recess wash: its minutes, its gloss, half an hour until clean-up', () => {
  const found = numbers('recess-wash')
  expect(found.stages.map((step) => step.sheen)).toEqual(['gloss'])
  expect(found.handsOn).toBeGreaterThanOrEqual(35)
  expect(found.waiting).toBeGreaterThan(30)
  expect(found.comesOff).toMatchObject({ solvent: 'spirit-mild', under: '-' })
})

test.each([
  { id: 'sponge-chips', scale: 35, say: 'from 0.2 mm' },
  { id: 'sponge-chips', scale: 350, say: 'too coarse' },
  { id: 'brush-chips', scale: 700, say: 'filter' },
  { id: 'streaks', scale: 72, say: 'within' },
])('$id at 1:$scale: $say', ({ id, scale, say }) => {
  const { marks } = numbers(id, scale)
  expect(marks?.say).toContain(say)
  expect(marks?.from).toBeCloseTo((technique(id).marks?.from ?? 0) / scale)
})

it('amounts follow the area, a cold room the waits', () => {
  expect(numbers('base-colour', 72, 200).ml ?? 0).toBeGreaterThan(
    numbers('base-colour', 72, 50).ml ?? 0,
  )
  expect(numbers('base-colour').ml).toBeNull()
  const cold = techniqueNumbers(technique('oil-dots'), { ...REFERENCE_CLIMATE, celsius: 10 })
  expect(cold.waiting).toBeGreaterThan(numbers('oil-dots').waiting)
})

it('can be worked out for every entry', () => {
  for (const technique of TECHNIQUES) {
    const found = techniqueNumbers(technique, REFERENCE_CLIMATE, 72, 100)
    expect([technique.id, Number.isFinite(found.handsOn), found.waiting >= 0]).toEqual([
      technique.id,
      true,
      true,
    ])
  }
})
