import { parseJson } from './input'
import { tooDeep } from './tooDeep'

const nested = (levels: number, open: string, close: string) =>
  `${open.repeat(levels)}1${close.repeat(levels)}`

test.each([
  [60, '[', ']', null],
  [200_000, '[', ']', '[0][0][0][0][0][0]…'],
  [200_000, '{"a":', '}', 'a.a.a.a.a.a…'],
  [70, '{"steps":[', ']}', 'steps[0].steps[0].steps[0]…'],
])('%i levels of %s', (levels, open, close, path) => {
  const read = parseJson(nested(levels, open, close))
  expect(read.ok ? null : read.problems[0]?.path).toBe(path)
})

test('what is wide is not deep', () => {
  expect(tooDeep({ a: Array.from({ length: 5000 }, (_, i) => ({ i, b: [{}] })) })).toBeNull()
  expect(tooDeep(null)).toBeNull()
})
