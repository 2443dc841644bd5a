import { newestFirst } from './logIndex'

describe('the log as it is read', () => {
  const at = (...instants: string[]) =>
    instants.map((at, i) => ({ id: `${i}`, at, kind: 'noted' as const }))
  test.each([
    { what: 'in order', acts: at('2026-03-01T10:00:00Z', '2026-03-01T10:00:01Z'), ids: '10' },
    { what: 'out of order', acts: at('2026-03-02T10:00:00Z', '2026-03-01T10:00:01Z'), ids: '01' },
    {
      what: 'written in other zones',
      acts: at('2026-03-01T10:00:00Z', '2026-03-01T10:30:00+01:00', '2026-03-01T10:00:00.500Z'),
      ids: '201',
    },
    { what: 'at one instant', acts: at('2026-03-01T10:00:00Z', '2026-03-01T10:00:00Z'), ids: '10' },
  ])('has the newest first: $what', ({ acts, ids }) => {
    expect(
      newestFirst(acts)
        .map(({ id }) => id)
        .join(''),
    ).toBe(ids)
  })
})
