import fc from 'fast-check'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { demoProject } from '../../../demo/demo'
import type { Project } from '../../model/project'
import { sequences } from '../../stack/tests/arbitrary'
import { EXAMPLE } from '../../stack/tests/sequences'
import { type Conversion, convert, TARGETS, type Target, zipped } from './convert'

const NOW = Date.parse('2026-03-17T18:25:00Z')
const DEMO = demoProject(NOW, 'Europe/Lisbon')

let ids = 0
const file = (text: string | Uint8Array, name = '') => ({
  name,
  bytes: typeof text === 'string' ? strToU8(text) : text,
  newId: () => `n${ids++}`,
})

const conversion = (to: Target): Conversion => ({
  to,
  now: NOW,
  options: { steps: 2000 },
  zoneRules: () => null,
})

function converted(text: string | Uint8Array, to: Target, name = ''): string {
  const done = convert(file(text, name), conversion(to))
  if (!done.ok) throw new Error(JSON.stringify(done.problems))
  return typeof done.value === 'string' ? done.value : strFromU8(done.value)
}

const problemsOf = (text: string | Uint8Array, to: Target, name = '') => {
  const done = convert(file(text, name), conversion(to))
  return done.ok ? null : done.problems
}

describe('the demo bench', () => {
  const json = JSON.stringify(DEMO)
  test.each([
    ['json', '"format": "tectoria-project"'],
    ['csv', 'id,name,maker,family,role'],
    ['gpl', 'GIMP Palette'],
    ['ics', 'BEGIN:VCALENDAR'],
    ['md', '# Gannet’s Lament'],
    ['txt', 'build: Gannet’s Lament'],
    ['svg', '<svg xmlns="http://www.w3.org/2000/svg"'],
  ] as const)('as %s holds %s', (to, holds) => {
    expect(converted(json, to)).toContain(holds)
  })

  it('is the same project after a round trip as JSON and as an archive', () => {
    expect(JSON.parse(converted(json, 'json'))).toEqual(DEMO)
    const packed = zipped(DEMO, { 'photos/a.jpg': new Uint8Array([1, 2, 3]) })
    const again = convert(file(packed), conversion('zip'))
    if (!again.ok || typeof again.value === 'string') throw new Error('no archive')
    const files = unzipSync(again.value)
    expect(JSON.parse(strFromU8(files['project.json'] ?? new Uint8Array()))).toEqual(DEMO)
    expect([...(files['photos/a.jpg'] ?? [])]).toEqual([1, 2, 3])
  })

  it('has the same builds after a round trip as words, save for ids', () => {
    const plain = (project: Project) =>
      (project.builds ?? []).map(({ id: _, shelved: __, steps, ...build }) => ({
        ...build,
        steps: steps.map(({ id: ___, ...step }) => {
          const { bottle, thinner, mix, ...rest } = step as Record<string, unknown>
          return rest
        }),
      }))
    // Without a shelf the names of bottles are products: what hangs on the shelf is left out here, and held in text.property.
    const bare = {
      ...DEMO,
      shelf: [],
      mixes: [],
      builds: plain(DEMO).map((build, i) => ({
        ...build,
        id: `b${i}`,
        steps: build.steps.map((step, s) => ({ ...step, id: `s${s}` })),
      })),
    }
    const back = JSON.parse(converted(converted(JSON.stringify(bare), 'txt'), 'json')) as Project
    expect(plain(back)).toEqual(plain(bare as unknown as Project))
  })

  it('keeps its shelf as CSV and its mixes as labels', () => {
    const shelf = JSON.parse(converted(converted(json, 'csv'), 'json', 'shelf.csv')) as Project
    expect(shelf.shelf?.map(({ id, leftMl }) => [id, leftMl])).toEqual(
      DEMO.shelf?.map(({ id, leftMl }) => [id, leftMl]),
    )
    const labels = JSON.parse(converted(converted(json, 'svg'), 'json')) as Project
    expect(labels.mixes?.map(({ name }) => name)).toEqual(DEMO.mixes?.map(({ name }) => name))
  })
})

it('a sequence as words reads back as the same sequence', () => {
  fc.assert(
    fc.property(sequences, (sequence) => {
      const back = JSON.parse(converted(converted(JSON.stringify(sequence), 'txt'), 'json'))
      const { waits: _, ...wanted } = sequence
      const { waits: __, ...found } = back
      expect(found).toEqual(wanted)
    }),
    { seed: 15, numRuns: 60 },
  )
})

it('the log is written where there is no shelf, the oldest act first, with what was taken back', () => {
  const project = { ...DEMO, shelf: [] }
  const rows = converted(JSON.stringify(project), 'csv').split('\r\n')
  expect(rows[0]).toMatch(/^at,kind,build/)
  expect(rows.length).toBe((DEMO.acts?.length ?? 0) + 1)
})

it('a palette holds colours and nothing else', () => {
  const gpl = 'GIMP Palette\nName: x\n#\n201 196 180\tBone\n'
  expect(converted(gpl, 'csv')).toBe('name,colour\r\nBone,#C9C4B4')
  expect(problemsOf(gpl, 'txt')?.[0]?.path).toBe('--to')
})

test.each([
  ['nothing', '', '', 'txt', ''],
  ['a newer project', '{"format":"tectoria-project","version":9}', '', 'json', 'version'],
  ['JSON that is cut off', '{"format":', '', 'json', ''],
  ['a calendar', 'BEGIN:VCALENDAR', '', 'json', ''],
  ['an archive without a project', zipSync({ 'a.txt': strToU8('x') }), '', 'json', 'project.json'],
  ['a damaged archive', new Uint8Array([0x50, 0x4b, 3, 4, 9, 9]), '', 'json', ''],
  [
    'a shelf with a row that doesn’t read',
    'name,family,role,sizeMl\nx,paint,colour,17',
    '',
    'json',
    'line 2, family',
  ],
  ['words that say nothing', 'fnord', '', 'json', 'line 1'],
  ['a drawing that is no label', '<svg/>', '', 'json', 'metadata'],
  ['a damaged mesh', 'solid', 'a.stl', 'json', ''],
] as const)('%s is refused with where and what', (_, text, name, to, path) => {
  const problems = problemsOf(text, to, name)
  expect(problems?.[0]).toMatchObject({
    path,
    found: expect.any(String),
    expected: expect.any(String),
  })
})

it('what a project doesn’t hold is told, whatever is asked for', () => {
  const empty = JSON.stringify({ format: 'tectoria-project', version: 1 })
  for (const to of TARGETS)
    if (to !== 'json' && to !== 'zip')
      expect(problemsOf(empty, to)?.[0]).toMatchObject({ path: '--to', found: `"${to}"` })
  expect(problemsOf(JSON.stringify(EXAMPLE), 'svg')?.[0]?.expected).toContain('no kept mixes')
})
