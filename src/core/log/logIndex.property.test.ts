import fc from 'fast-check'
import type { LoggedAct } from '../model/loggedAct'
import { ACT_KINDS } from '../model/vocabulary'
import { extendLog, indexLog, type LogIndex } from './logIndex'

const REFS = [0, 1, 2, 3].map((i) => ({ build: `b${i % 2}`, part: `p${i % 3}`, step: `s${i}` }))

/** An act of any kind; one that takes an act back names it by its place in the log. */
const acts = fc
  .array(
    fc.record({
      kind: fc.constantFrom(...ACT_KINDS),
      ref: fc.constantFrom(...REFS),
      minute: fc.integer({ min: 0, max: 900 }),
      back: fc.nat(12),
      ml: fc.integer({ min: 0, max: 20 }),
    }),
    { maxLength: 40 },
  )
  .map((all) =>
    all.map(
      ({ kind, ref, minute, back, ml }, i): LoggedAct => ({
        id: `a${i}`,
        // What takes something back comes after it.
        at: new Date(
          (kind === 'undone' || kind === 'corrected' ? 1000 + i : minute) * 60_000,
        ).toISOString(),
        kind,
        ...(kind === 'undone'
          ? { undoes: `a${Math.max(0, i - 1 - back)}` }
          : kind === 'corrected'
            ? {
                corrects: `a${Math.max(0, i - 1 - back)}`,
                happenedAt: new Date((minute + back) * 60_000).toISOString(),
              }
            : ref),
        ...(kind === 'observed' ? { seen: 'just' as const } : {}),
        // A mix may take from one bottle twice.
        ...(kind === 'mixed'
          ? { drawn: [{ bottle: 'k', ml }, ...(back % 2 > 0 ? [{ bottle: 'k', ml: back }] : [])] }
          : {}),
        ...(kind === 'poured' || kind === 'weighed' ? { bottle: 'k', ml } : {}),
        ...(kind === 'noted'
          ? { tool: 'needle', ...(back % 3 > 0 ? { uses: back % 3 } : {}) }
          : {}),
      }),
    ),
  )

const plain = (index: LogIndex) => ({
  builds: [...index.builds]
    .map(([id, { parts, acts: own }]) => [
      id,
      own.map((act) => act.id),
      [...parts]
        .map(([part, { steps, observed }]) => [part, [...steps].sort(), [...observed].sort()])
        .filter(([, steps, observed]) => (steps as []).length + (observed as []).length > 0)
        .sort(),
    ])
    .sort(),
  bottles: [...index.bottles]
    .map(([id, own]) => [id, own.map((act) => act.id)])
    .filter(([, own]) => own?.length),
  tools: [...index.tools].filter(([, uses]) => uses > 0),
  mixed: index.mixed.map((act) => act.id),
  observations: index.observations.map(({ act }) => act).sort(),
})

it('carried on act by act, or in any pieces, the log says what it says sorted anew', () => {
  fc.assert(
    fc.property(acts, fc.array(fc.nat(40), { maxLength: 4 }), (all, cuts) => {
      const ends = [...cuts.map((cut) => Math.min(cut, all.length)), all.length].sort(
        (a, b) => a - b,
      )
      let index = indexLog([])
      for (const end of ends) index = extendLog(index, all.slice(0, end))
      expect(plain(index)).toEqual(plain(indexLog(all)))
    }),
    { numRuns: 500, seed: 31 },
  )
})

it('what an act does not touch stays the same object', () => {
  const first: LoggedAct[] = REFS.map((ref, i) => ({
    id: `x${i}`,
    at: new Date(i * 60_000).toISOString(),
    kind: 'finished',
    ...ref,
  }))
  const before = indexLog(first)
  const more = [
    ...first,
    { ...(first[0] as LoggedAct), id: 'y', kind: 'noted' as const, text: 'n' },
  ]
  const after = extendLog(before, more)
  expect(after.builds.get('b1')).toBe(before.builds.get('b1'))
  expect(after.observations).toBe(before.observations)
  expect(after.bottles.get('k')).toBe(before.bottles.get('k'))
})
