import { counted } from './counted'

test.each([
  { count: 0, said: '0 steps' },
  { count: 1, said: '1 step' },
  { count: 2, said: '2 steps' },
])('$said', ({ count, said }) => {
  expect(counted(count, 'step')).toBe(said)
})
