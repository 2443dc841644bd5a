import fc from 'fast-check'
import type { Project } from './project'
import { applyRows, type RowWrite } from './projectRows'

const act = (id: string, text = '') => ({ id, at: '2026-03-17T18:25:00Z', kind: 'noted', text })
const project = (...ids: string[]) =>
  ({ format: 'tectoria-project', version: 1, acts: ids.map((id) => act(id)) }) as Project
const ids = ({ acts }: Project) => acts?.map(({ id }) => id)
const put = (id: string, text = 'new'): RowWrite => ({ table: 'acts', id, row: act(id, text) })
const gone = (id: string): RowWrite => ({ table: 'acts', id, row: null })

describe('rows that were written', () => {
  test.each([
    { what: 'a new one comes last', writes: [put('d')], after: ['a', 'b', 'c', 'd'] },
    { what: 'one that was there stays in its place', writes: [put('b')], after: ['a', 'b', 'c'] },
    { what: 'one is gone', writes: [gone('b')], after: ['a', 'c'] },
    { what: 'one that never was is gone', writes: [gone('x')], after: ['a', 'b', 'c'] },
    {
      what: 'the last word counts',
      writes: [gone('d'), put('d'), gone('a')],
      after: ['b', 'c', 'd'],
    },
  ])('$what', ({ writes, after }) => {
    expect(ids(applyRows(project('a', 'b', 'c'), writes))).toEqual(after)
  })

  it('leave lists that they don’t touch the very same, and the one before as it was', () => {
    const before = { ...project('a'), builds: [] }
    const after = applyRows(before, [put('b')])
    expect(after.builds).toBe(before.builds)
    expect(ids(before)).toEqual(['a'])
  })

  it('know the sessions and what no list has', () => {
    const sessions = { zone: 'UTC', pattern: [] }
    const after = applyRows(project(), [
      { table: 'single', id: 'sessions', row: { id: 'sessions', value: sessions } },
      { table: 'single', id: 'extra', row: { id: 'extra', value: { mood: 'calm' } } },
    ])
    expect(after).toMatchObject({ sessions, mood: 'calm' })
  })

  it('come to the same one after the other, from whichever state, as in a plain list', () => {
    const writes = fc.array(
      fc.record({
        id: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
        text: fc.option(fc.string({ maxLength: 3 })),
        from: fc.nat(3),
      }),
      { maxLength: 20 },
    )
    fc.assert(
      fc.property(writes, (all) => {
        // A state may be carried on more than once: of an older one nothing is forgotten.
        const states = [project('a', 'b')]
        for (const { id, text, from } of all) {
          const state = states[from % states.length] as Project
          const row = text === null ? null : act(id, text)
          const acts = state.acts ?? []
          const known = acts.some((one) => one.id === id)
          const expected = known
            ? acts.flatMap((one) => (one.id === id ? (row ?? []) : one))
            : [...acts, ...(row ? [row] : [])]
          const next = applyRows(state, [{ table: 'acts', id, row }])
          expect(next.acts).toEqual(expected)
          states.push(next)
        }
      }),
      { seed: 4, numRuns: 200 },
    )
  })
})
