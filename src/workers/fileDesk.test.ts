import { shelfCsv } from '@/core/formats/shelfCsv'
import { stockStateOf } from '@/core/stock/stockState'
import { demoProject } from '@/demo/demo'
import { fileDesk } from './fileDesk'

const NOW = Date.parse('2026-03-17T18:25:03Z')
const DEMO = demoProject(NOW, 'Europe/Lisbon')
const HERE = JSON.stringify(DEMO)
const EMPTY = JSON.stringify({ format: 'tectoria-project', version: 1 })

const desk = fileDesk(() => 'new')
const file = (text: string) => new Blob([text])

describe('a project', () => {
  it('is given as text, with what taking it in would do', async () => {
    const answer = await desk.project('bench.json', file(HERE), EMPTY)
    if (!answer.ok) throw new Error(JSON.stringify(answer.problems))
    expect(JSON.parse(answer.value.text)).toEqual(JSON.parse(HERE))
    const builds = answer.value.rows.find(({ list }) => list === 'builds')
    expect(builds?.added).toHaveLength(DEMO.builds?.length ?? 0)
  })

  it('is the same as what is here, whatever was poured of its bottles since they were looked at', async () => {
    const [bottle] = DEMO.shelf ?? []
    if (!bottle) throw new Error('The demo has bottles')
    const act = {
      id: 'drawn',
      at: new Date(NOW - 60_000).toISOString(),
      kind: 'mixed',
      drawn: [{ bottle: bottle.id, ml: 1 }],
    }
    const given = JSON.parse(
      JSON.stringify({
        ...DEMO,
        shelf: [{ ...bottle, leftSince: new Date(NOW - 120_000).toISOString() }],
        acts: [act],
      }),
    ) as typeof DEMO
    const stands = stockStateOf(given).project.shelf?.find(({ id }) => id === bottle.id)
    const text = JSON.stringify(given)
    const answer = await desk.project('bench.json', file(text), text)
    if (!answer.ok) throw new Error(JSON.stringify(answer.problems))
    expect(stands?.leftMl).toBeLessThan(bottle.leftMl ?? 0)
    expect(answer.value.rows.flatMap(({ replaced }) => replaced)).toEqual([])
  })

  it.each([
    [
      'a palette',
      'GIMP Palette\n1 2 3 Red\n',
      { path: '', expected: 'a project, a plan or a shelf' },
    ],
    ['half a file', HERE.slice(0, 5000), { path: '', expected: expect.stringContaining('JSON') }],
    ['nothing', '', { path: '', expected: 'a file of an open format' }],
  ])('%s is refused', async (_, text, problem) => {
    const answer = await desk.project('file', file(text), HERE)
    expect(answer).toMatchObject({ ok: false, problems: [problem], more: 0 })
  })

  it('with more wrong than anybody reads tells the first of it, and how much more there is', async () => {
    const acts = Array.from({ length: 80 }, (_, i) => ({ id: `a${i}`, kind: 'dance' }))
    const answer = await desk.project('x.json', file(JSON.stringify({ ...DEMO, acts })), HERE)
    if (answer.ok) throw new Error('It was read')
    expect(answer.problems).toHaveLength(50)
    expect(answer.more).toBeGreaterThanOrEqual(30)
  })

  it('too large isn’t read', async () => {
    const large = new Blob([new Uint8Array(50_000_001)])
    const answer = await desk.project('large.json', large, HERE)
    expect(answer).toMatchObject({ ok: false, problems: [{ found: '50 MB' }] })
  })
})

it('a build is the first of a file; a file without one is refused', async () => {
  const plan = await desk.build('x.json', file(HERE))
  expect(plan).toMatchObject({ ok: true, value: DEMO.builds?.[0] })
  const none = await desk.build('x.json', file(EMPTY))
  expect(none).toMatchObject({ ok: false, problems: [{ path: 'builds', found: 'none' }] })
})

it('a table of bottles is held against the shelf; anything else is refused', async () => {
  const shelf = DEMO.shelf ?? []
  const same = await desk.shelf(file(shelfCsv(shelf)), shelf)
  expect(same).toMatchObject({ ok: true, value: { added: [], changed: [], same: shelf.length } })
  const other = await desk.shelf(file('colour,size\nred,17\n'), shelf)
  expect(other).toMatchObject({ ok: false, problems: [{ path: 'line 1' }] })
})

it('a palette gives its colours; anything else is refused', async () => {
  const read = await desk.palette(file('GIMP Palette\nName: x\n#\n255 0 0\tRust\n'))
  expect(read).toMatchObject({ ok: true, value: [{ name: 'Rust', colour: '#FF0000' }] })
  expect(await desk.palette(file('no palette'))).toMatchObject({ ok: false })
})
