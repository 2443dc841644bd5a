import fc from 'fast-check'
import { merged, type RowClash, type Side } from './mergeRows'
import { sameValue } from './sameValue'

const value = fc.constantFrom(1, 2, 3, 'a', null, [1, 2], { x: 1 }, { x: 2, y: 1 })
const inner = fc.record({ id: fc.constantFrom('p', 'q', 'r'), n: value }, { requiredKeys: ['id'] })
const row = fc.record(
  {
    id: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
    name: value,
    level: value,
    rows: fc.uniqueArray(inner, { selector: ({ id }) => id, maxLength: 3 }),
  },
  { requiredKeys: ['id'] },
)
const rows = fc.uniqueArray(row, { selector: ({ id }) => id, maxLength: 5 })
const side = fc.constantFrom<Side>('mine', 'theirs')

function of(base: unknown, mine: unknown, theirs: unknown, wins: Side = 'mine') {
  const clashes: RowClash[] = []
  return { value: merged(base, mine, theirs, wins, clashes), clashes }
}

test('what one side alone changed is so, and what both have alike', () => {
  fc.assert(
    fc.property(rows, rows, side, (base, now, wins) => {
      expect(of(base, base, now, wins)).toEqual({ value: now, clashes: [] })
      expect(of(base, now, base, wins)).toEqual({ value: now, clashes: [] })
      expect(of(base, now, now, wins)).toEqual({ value: now, clashes: [] })
    }),
  )
})

test('both sides say the same clashes, and come to the same rows', () => {
  fc.assert(
    fc.property(rows, rows, rows, (base, one, other) => {
      const here = of(base, one, other, 'mine')
      const there = of(base, other, one, 'theirs')
      const paths = (clashes: RowClash[]) => clashes.map(({ path }) => path).sort()
      expect(paths(there.clashes)).toEqual(paths(here.clashes))
      const sorted = (value: unknown) =>
        JSON.stringify(value, (_, v) =>
          Array.isArray(v) && v.every((one) => one?.id)
            ? [...v].sort((a, b) => a.id.localeCompare(b.id))
            : v && typeof v === 'object' && !Array.isArray(v)
              ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => a.localeCompare(b)))
              : v,
        )
      expect(sorted(there.value)).toBe(sorted(here.value))
    }),
  )
})

test('handed to and fro, two devices come to one and stay there', () => {
  fc.assert(
    fc.property(rows, rows, rows, rows, side, (base, a, b, later, wins) => {
      // A takes B's file, B has gone on meanwhile and takes A's, A takes that.
      const atA = of(base, a, b, wins).value
      const atB = of(b, later, atA, wins).value
      const again = of(atA, atA, atB, wins)
      expect(again).toEqual({ value: atB, clashes: [] })
      expect(of(atB, atB, again.value, wins)).toEqual({ value: atB, clashes: [] })
    }),
  )
})

test('nothing that only one side added is lost, and nothing that is kept by both', () => {
  fc.assert(
    fc.property(rows, rows, rows, (base, one, other) => {
      const value = of(base, one, other).value as { id: string }[]
      const ids = value.map(({ id }) => id)
      expect(new Set(ids).size).toBe(ids.length)
      const has = (list: readonly { id: string }[], id: string) => list.some((row) => row.id === id)
      for (const { id } of [...one, ...other])
        if (!has(base, id) || (has(one, id) && has(other, id))) expect(ids).toContain(id)
      for (const row of base) {
        const mine = one.find(({ id }) => id === row.id)
        const removed = !has(other, row.id)
        if (removed && (!mine || sameValue(mine, row))) expect(ids).not.toContain(row.id)
      }
    }),
  )
})
