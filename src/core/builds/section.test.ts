import type { BuildStep } from '../model/build'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import type { SectionStep } from '../model/section'
import { stateOf } from './benchState'
import { judgePart } from './judgePart'

const NOW = Date.parse('2026-03-14T12:00:00Z')

type Said = Record<string, unknown>

function sectionOfSteps(steps: readonly Said[], acts: LoggedAct[] = []): SectionStep[] {
  const project: Project = {
    format: 'tectoria-project',
    version: 1,
    acts,
    builds: [
      {
        id: 'b',
        name: 'Build',
        parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' }],
        steps: steps.map((step, i) => ({ ...step, id: `t${i}`, parts: ['p'] }) as BuildStep),
      },
    ],
  }
  return judgePart(stateOf(project), { build: 'b', part: 'p' }, NOW, () => 'new').section
}

const PRIME = { do: 'prime', family: 'lacquer', coats: ['wet', 'wet'], colour: '#8B8C8B' }
const WHITE = {
  do: 'base',
  family: 'alcohol-acrylic',
  coats: Array(20).fill('wet'),
  colour: '#F4F4F2',
}
const RELEASE = { do: 'release', coats: ['light'] }
const TOP = { do: 'base', family: 'water-acrylic', coats: ['light'], colour: '#445566' }

describe('where a film lies', () => {
  test.each<{ what: string; step: Said; lies: Partial<SectionStep> }>([
    { what: 'a coat over all', step: WHITE, lies: { does: 'film', place: 'face', onFace: 1 } },
    {
      what: 'panel lining',
      step: { do: 'line', family: 'enamel-wash', colour: '#221100' },
      lies: { does: 'film', place: 'recesses', translucent: true },
    },
    {
      what: 'a drybrushing',
      step: { do: 'drybrush', family: 'water-acrylic', colour: '#EEEEEE' },
      lies: { does: 'film', place: 'edges', translucent: false },
    },
    {
      what: 'dust',
      step: { do: 'dust', family: 'enamel-wash', colour: '#BBAA88' },
      lies: { does: 'film', place: 'spots' },
    },
    { what: 'tape', step: { do: 'tape' }, lies: { does: 'mask', coats: [] } },
    { what: 'sanding', step: { do: 'sand', grit: 400 }, lies: { does: null, coats: [] } },
    {
      what: 'chips without a release coat',
      step: { do: 'chip-wet' },
      lies: { does: null, downTo: null },
    },
  ])('$what', ({ step, lies }) => {
    expect(sectionOfSteps([PRIME, step])[1]).toMatchObject(lies)
  })

  it('a wash over all leaves a sixth on the face', () => {
    const [, , wash] = sectionOfSteps([
      PRIME,
      WHITE,
      { do: 'wash', family: 'water-wash', colour: '#332211', over: 'all' },
    ])
    expect(wash).toMatchObject({ place: 'face', translucent: true })
    expect(wash?.onFace).toBeCloseTo(1 / 6)
  })
})

it('is as thick as its coats dry, each by itself', () => {
  const [prime, , release] = sectionOfSteps([PRIME, WHITE, RELEASE])
  expect(prime?.coats).toEqual([10, 10])
  expect(release?.coats).toEqual([5])
})

it('tells what the face looks like with it, through what is clear', () => {
  const [prime, white, clear, tint] = sectionOfSteps([
    PRIME,
    WHITE,
    { do: 'clear', family: 'acrylic-pu', sheen: 'gloss', coats: ['wet'] },
    { do: 'clear-colour', family: 'alcohol-acrylic', coats: ['light'], colour: '#C02020' },
  ])
  expect(prime?.seen).toBe('#8B8C8B')
  expect(white?.seen).toBe('#F4F4F2')
  expect(clear?.seen).toBe(white?.seen)
  expect(clear?.translucent).toBe(true)
  expect(tint?.seen).not.toBe('#C02020')
  expect(tint?.seen).not.toBe(white?.seen)
})

it('chips open what lies over a release coat, down to what is under it', () => {
  const [, , , , chips] = sectionOfSteps([PRIME, WHITE, RELEASE, TOP, { do: 'chip-wet' }])
  expect(chips).toMatchObject({ does: 'open', place: 'edges', downTo: 't1' })
})

it('a step of which the first coats are done is one film', () => {
  const at = (minutes: number) => new Date(NOW - minutes * 60_000).toISOString()
  const own = { build: 'b', part: 'p', step: 't0' }
  const section = sectionOfSteps(
    [PRIME],
    [
      { id: 'a', at: at(50), kind: 'started', ...own },
      { id: 'b', at: at(40), kind: 'coat-done', ...own },
    ],
  )
  expect(section).toHaveLength(1)
  expect(section[0]?.coats).toEqual([10, 10])
})
