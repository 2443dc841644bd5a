import { demoProject } from '../../demo/demo'
import { oneBuild } from './oneBuild'
import { readProject } from './projectFile'
import { saidScale } from './text/saidScale'

const DEMO = demoProject(Date.parse('2026-03-17T18:25:00Z'), 'UTC')

it('a build by itself is a whole project, with all that was logged of it and nothing of others', () => {
  const id = DEMO.builds?.[1]?.id ?? ''
  const acts = [
    ...(DEMO.acts ?? []),
    { id: 'x', at: '2026-03-17T18:00:00Z', kind: 'noted' as const, build: id, text: 'n' },
    { id: 'y', at: '2026-03-17T18:01:00Z', kind: 'undone' as const, undoes: 'x' },
    { id: 'z', at: '2026-03-17T18:02:00Z', kind: 'undone' as const, undoes: 'y' },
    { id: 'o', at: '2026-03-17T18:02:00Z', kind: 'undone' as const, undoes: 'other' },
  ]
  const own = oneBuild({ ...DEMO, acts }, id)
  expect(own.builds?.map((build) => build.id)).toEqual([id])
  expect(own.acts?.filter((act) => act.build !== id).map((act) => act.id)).toEqual(['y', 'z'])
  expect(own.acts?.length).toBe(acts.filter((act) => act.build === id).length + 2)
  expect(readProject(JSON.parse(JSON.stringify(own))).ok).toBe(true)
  expect(() => oneBuild(DEMO, 'gone')).toThrow('gone')
  const ids = (rows: readonly { id: string }[] = []) => rows.map((row) => row.id)
  const digger = oneBuild(DEMO, 'ploughman-6')
  expect(ids(digger.pictures)).toEqual(['demo-digger', 'demo-tide'])
  expect(ids(digger.accidents)).toEqual(['demo-accident'])
  expect(ids(digger.tests)).toEqual([])
  expect(ids(oneBuild(DEMO, 'lantern-wardens').meshes)).toEqual(ids(DEMO.meshes))
})

test.each([
  ['1/35', 35],
  ['1:72', 72],
  ['144', 144],
  ['1 : 43,5', 43.5],
  ['2/35', null],
  ['1:0', null],
  ['big', null],
  ['', null],
])('%s is the scale %s', (said, scale) => {
  expect(saidScale(said)).toBe(scale)
})
