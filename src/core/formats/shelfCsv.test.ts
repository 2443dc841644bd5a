import fc from 'fast-check'
import type { Bottle } from '../model/bottle'
import { readCsv, writeCsv } from './csv'
import { previewShelfCsv, shelfCsv } from './shelfCsv'

const BONE: Bottle = {
  id: 'bone',
  name: 'Bone White',
  maker: 'Ferrowick',
  family: 'alcohol-acrylic',
  role: 'colour',
  colour: '#DAD5C4',
  sizeMl: 23,
  leftMl: 11,
}
const HEAD = 'name,maker,family,role,sizeMl'

function preview(text: string, shelf: readonly Bottle[] = []) {
  const read = previewShelfCsv(text, shelf)
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return read.value
}

it('what is written is read again and changes nothing', () => {
  const odd: Bottle = { ...BONE, id: 'odd', name: '=SUM(A1)', note: 'a "word", two\nlines' }
  const csv = shelfCsv([BONE, odd])
  expect(csv).toContain("'=SUM(A1)")
  expect(preview(csv, [BONE, odd])).toMatchObject({ added: [], changed: [], same: 2, bad: [] })
  expect(preview(csv).added.map((one) => one.name)).toEqual(['Bone White', '=SUM(A1)'])
})

it('any text survives, formula or not', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.string({ minLength: 1 }).filter((one) => one.trim() === one && !one.startsWith("'")),
        { minLength: 1, maxLength: 4 },
      ),
      (cells) => {
        const columns = cells.map((_, i) => `c${i}`)
        const row = Object.fromEntries(cells.map((cell, i) => [`c${i}`, cell]))
        const read = readCsv(writeCsv(columns, [row]))
        expect('rows' in read && read.rows[0]?.cells).toEqual(row)
      },
    ),
    { seed: 4, numRuns: 300 },
  )
})

it('a bottle is known by its id, else by name, maker and family; empty cells change nothing', () => {
  const csv = `id,${HEAD},leftMl\nbone,Bone White,Ferrowick,alcohol-acrylic,colour,23,9\n`
  expect(preview(csv, [BONE]).changed).toEqual([{ before: BONE, after: { ...BONE, leftMl: 9 } }])
  const named = `${HEAD},leftMl\nbone white,Ferrowick,alcohol-acrylic,colour,23,\n`
  expect(preview(named, [BONE])).toMatchObject({
    added: [],
    changed: [{ after: { colour: '#DAD5C4' } }],
  })
})

it('three bad rows of a thousand are named, and the rest is offered', () => {
  const rows = Array.from(
    { length: 1000 },
    (_, i) => `Shade ${i},Palewater,water-acrylic,colour,17`,
  )
  rows[10] = 'Shade 10,Palewater,watercolor,colour,17'
  rows[500] = 'Shade 500,Palewater,water-acrylic,colour,much'
  rows[998] = ',Palewater,water-acrylic,colour,17'
  const { added, bad } = preview([HEAD, ...rows].join('\r\n'))
  expect(added).toHaveLength(997)
  expect(bad.map(({ line, problems }) => [line, problems[0]?.path])).toEqual([
    [12, 'family'],
    [502, 'sizeMl'],
    [1000, 'name'],
  ])
  expect(new Set(added.map((one) => one.id)).size).toBe(997)
  expect(added[0]).toMatchObject({ leftMl: 17, id: 'palewater-shade-0' })
})

test.each([
  ['semicolons and decimal commas', `name;maker;family;role;sizeMl\nA;;enamel;colour;12,5\n`, 12.5],
  ['a mark before the head', `\uFEFF${HEAD}\nA,,enamel,colour,14\n`, 14],
])('%s are read', (_, csv, sizeMl) => {
  expect(preview(csv).added[0]).toMatchObject({ name: 'A', sizeMl })
})

it('the same bottle twice, and columns of others, are told', () => {
  const { bad, ignored, added } = preview(
    `${HEAD},barcode\nA,,enamel,colour,14,3\nA,,enamel,colour,17,4\n`,
  )
  expect(ignored).toEqual(['barcode'])
  expect(added).toHaveLength(2)
  expect(bad).toEqual([])
  const again = preview(
    `${HEAD}\nBone White,Ferrowick,alcohol-acrylic,colour,23\nBone White,Ferrowick,alcohol-acrylic,colour,17\n`,
    [BONE],
  )
  expect(again.bad[0]).toMatchObject({ line: 3, problems: [{ found: 'the bottle of line 2' }] })
})

it('columns without an end are quoted short', () => {
  const read = previewShelfCsv(`name,${'x'.repeat(5000)}\n`, [])
  expect(read.ok || read.problems[0]?.found.length).toBeLessThan(100)
})

test.each([
  ['', 'line 1', 'the names of the columns'],
  ['name,maker\nA,B\n', 'line 1', 'family, role, sizeMl'],
  [`${HEAD}\n"A,,enamel,colour,14\n`, 'line', 'quotes'],
])('%j is no table of bottles', (csv, path, expected) => {
  const read = previewShelfCsv(csv, [])
  expect(read.ok).toBe(false)
  if (read.ok) return
  expect(read.problems[0]?.path).toContain(path)
  expect(read.problems[0]?.expected).toContain(expected)
})
