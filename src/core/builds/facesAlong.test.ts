import type { Build, BuildStep } from '../model/build'
import type { Project } from '../model/project'
import { stateOf } from './benchState'
import { faceAfter, facesAlong } from './facesAlong'
import { simulatePart } from './partSimulation'

const NOW = Date.parse('2026-03-14T19:05:00Z')
const PAINT = { do: 'base', family: 'alcohol-acrylic', coats: ['wet', 'wet', 'wet', 'wet'] }
const meant = [
  { do: 'prime', coats: ['light', 'light'] },
  { ...PAINT, colour: '#F1F0EA' },
  { do: 'tape', zones: ['body'] },
  { ...PAINT, colour: '#111111', zones: ['roof'] },
  { do: 'untape' },
  { do: 'clear', family: 'alcohol-acrylic', sheen: 'gloss', coats: ['light', 'light'] },
]
const along = (zones: string[]) => {
  const build: Build = {
    id: 'b',
    name: 'Corriebreck 1100',
    parts: [{ id: 'car', name: 'Body', substrate: 'polystyrene', areaCm2: 170 }],
    zones: zones.map((id) => ({ id, part: 'car', name: id, areaCm2: 80 })),
    steps: meant.map((step, i) => {
      const { zones: own, ...rest } = step as { zones?: string[] }
      return {
        ...rest,
        ...(zones.length > 0 && own ? { zones: own } : {}),
        id: `s${i}`,
        parts: ['car'],
      } as BuildStep
    }),
  }
  const project: Project = { format: 'tectoria-project', version: 1, builds: [build] }
  return facesAlong(
    simulatePart(stateOf(project), build, build.parts[0] as Build['parts'][number], NOW),
  )
}
const isDark = (colour: string | null | undefined) =>
  Number.parseInt(colour?.slice(1, 3) ?? 'ff', 16) < 80

it('each zone shows what lies on it after each step, and how it shines', () => {
  const { steps, zones } = along(['body', 'roof'])
  expect(steps).toEqual(['s0', 's1', 's2', 's3', 's4', 's5'])
  const after = (zone: string, count: number) =>
    faceAfter(steps, zones.find((row) => row.zone === zone)?.faces ?? [], count)
  expect(after('roof', 0)).toBeNull()
  expect(isDark(after('roof', 2)?.colour)).toBe(false)
  expect(isDark(after('roof', 4)?.colour)).toBe(true)
  expect(isDark(after('body', 6)?.colour)).toBe(false)
  expect([after('body', 6)?.sheen, after('roof', 6)?.sheen]).toEqual(['gloss', 'gloss'])
})

it('says only what changes a face', () => {
  const { zones } = along(['body', 'roof'])
  expect(zones.find(({ zone }) => zone === 'body')?.faces.map(({ step }) => step)).toEqual([
    's0',
    's1',
    's5',
  ])
})

it('a part without zones is one', () => {
  const { zones } = along([])
  expect(zones.map(({ zone }) => zone)).toEqual([null])
  expect(isDark(zones[0]?.faces.at(-1)?.colour)).toBe(true)
})

it('knows how thick the paint is in the end, on faces and on edges', () => {
  const of = (zone: string) =>
    along(['body', 'roof']).zones.find((row) => row.zone === zone)?.microns
  const [body, roof] = [of('body'), of('roof')]
  expect(body?.edges).toBeCloseTo((body?.face ?? 0) * 0.65, 6)
  // The roof has a colour more: four wet coats.
  expect((roof?.face ?? 0) - (body?.face ?? 0)).toBeCloseTo(40, 6)
})
