import { coatsWord, counted } from './counted'

test.each([
  { count: 0, said: '0 steps' },
  { count: 1, said: '1 step' },
  { count: 2, said: '2 steps' },
])('$said', ({ count, said }) => {
  expect(counted(count, 'step')).toBe(said)
})

test('coats are counted from one in words', () => {
  expect([coatsWord(1), coatsWord(3)]).toEqual(['one coat', '3 coats'])
})
