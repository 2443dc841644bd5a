import type { Build, BuildStep } from '../model/build'
import { scaleMismatch } from './scaleMismatch'

const length = (name: string, modelMm: number, realM: number) => ({ name, modelMm, realM })
const build = (
  scale: number | undefined,
  lengths: Build['lengths'],
  steps: Record<string, unknown>[] = [],
): Build => ({
  id: 'b',
  name: 'Gannet’s Lament',
  ...(scale === undefined ? {} : { scale }),
  ...(lengths ? { lengths } : {}),
  parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' }],
  steps: steps.map((step, i) => ({ ...step, id: `s${i}`, parts: ['p'] }) as BuildStep),
})
const told = (...given: Parameters<typeof build>) => scaleMismatch(build(...given))

// A wheel of 0.9 m is 12.5 mm at 1:72.
test.each([
  ['nothing was measured', 72, undefined, false],
  ['it is what it says', 72, [length('Wheel', 12.5, 0.9)], false],
  ['off by 7 %', 72, [length('Wheel', 12.5, 0.963)], false],
  ['off by 9 %', 72, [length('Wheel', 12.5, 0.981)], true],
  ['off by 9 % the other way', 72, [length('Wheel', 12.5, 0.825)], true],
  ['it says no scale', undefined, [length('Wheel', 12.5, 0.9)], false],
  ['two that agree within 3 %', 72, [length('Wheel', 12.5, 0.9), length('Door', 10, 0.74)], false],
  [
    'two that differ by 5 %',
    undefined,
    [length('Wheel', 12.5, 0.9), length('Door', 10, 0.757)],
    true,
  ],
] as [string, number | undefined, Build['lengths'], boolean][])(
  '%s',
  (_, scale, lengths, speaks) => {
    expect(told(scale, lengths).length).toBe(speaks ? 1 : 0)
  },
)

it('says what each scale would mean for a person, and which marks change', () => {
  const [found] = told(72, [length('Wheel', 12.5, 1.8)], [{ do: 'chip-sponge' }, { do: 'prime' }])
  expect(found?.because).toBe(
    'Wheel makes it 1:144, and it says 1:72. A person of 1.75 m is 12.2 mm at 1:144, 24.3 mm at 1:72.',
  )
  const [far] = told(100, [length('Wheel', 1, 0.4)], [{ do: 'chip-sponge' }])
  expect(far?.because).toContain('At 1:400 the marks of')
})

it('names the two that disagree, before the scale that is said', () => {
  const [found] = told(72, [length('Wheel', 12.5, 0.9), length('Door', 10, 1.5)])
  expect(found?.because).toMatch(/^Wheel makes it 1:72, Door 1:150: one of the two/)
})
