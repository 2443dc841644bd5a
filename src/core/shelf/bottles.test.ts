import { stateOf } from '../builds/benchState'
import { planParts } from '../builds/planParts'
import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import type { Bottle } from '../model/bottle'
import type { Build } from '../model/build'
import type { Project } from '../model/project'
import { shelfFindings } from '../stock/shelfRules'
import { missingTools, shortages, substitutesFor } from '../stock/shopping'
import { usesOf } from '../stock/uses'
import { thinnerFor } from './bottles'

const NOW = Date.parse('2026-03-17T18:00:00Z')
const bottle = (more: Partial<Bottle> = {}): Bottle => ({
  id: 'teal',
  name: 'Harbour Teal',
  family: 'alcohol-acrylic',
  role: 'colour',
  colour: '#2F6B6A',
  sizeMl: 23,
  leftMl: 10,
  ...more,
})
describe('a bottle that is thinned', () => {
  it('says how much thinner brings it to a share, and when it is too thin already', () => {
    expect(thinnerFor(bottle(), 0.5)).toBeCloseTo(10, 9)
    expect(thinnerFor(bottle({ share: 0.4 }), 0.5)).toBeNull()
  })
})

const BUILD = {
  id: 'b',
  name: 'Sentinel',
  parts: [{ id: 'p', name: 'Chest', substrate: 'polystyrene', areaCm2: 300 }],
  steps: [
    {
      id: 's',
      parts: ['p'],
      do: 'base',
      family: 'alcohol-acrylic',
      colour: '#2F6B6A',
      coats: ['light', 'light', 'light'],
    },
  ],
} as Build
const NEAR = bottle({ id: 'near', name: 'Near Teal', colour: '#336F6C', leftMl: 20 })
const FAR = bottle({ id: 'far', name: 'Ochre', colour: '#B98A2F', leftMl: 20 })
const SATIN = bottle({
  id: 'satin',
  name: 'Satin Teal',
  colour: '#306C6B',
  sheen: 'satin',
  leftMl: 20,
})
const WATER = bottle({ id: 'water', name: 'Water Teal', family: 'water-acrylic', leftMl: 20 })

function project(shelf: Bottle[]): Project {
  return { format: 'tectoria-project', version: 1, builds: [BUILD], shelf }
}
const plansOf = (of: Project) => planParts(stateOf(of), NOW).map(({ plan }) => plan)

describe('running short', () => {
  const short = project([bottle({ leftMl: 1 }), FAR, WATER, SATIN, NEAR])
  it('is told over all builds, with what is missing', () => {
    const [one] = shortages(stateOf(short), plansOf(short))
    expect(one).toMatchObject({ builds: ['b'], bottle: { id: 'teal' } })
    expect(one?.shortMl).toBeCloseTo((one?.plannedMl ?? 0) - 1, 9)
    const enough = project([bottle({ leftMl: 20 })])
    expect(shortages(stateOf(enough), plansOf(enough))).toEqual([])
  })
  it('another bottle of the same kind stands in: same sheen, then nearest', () => {
    const found = substitutesFor(bottle(), short.shelf ?? [])
    expect(found.map((one) => one.bottle.id)).toEqual(['near', 'far', 'satin'])
    expect(found[0]?.deltaE00).toBeLessThan(3)
  })
  it('taking it is a way out, and ends the finding', () => {
    const finding = shelfFindings(stateOf(short), plansOf(short), NOW).find(
      (finding) => finding.rule === 'bottle-short',
    )
    const way = finding?.ways[0]
    if (!way || !('build' in way)) throw new Error('no way out by another bottle')
    expect(way.say).toContain('Near Teal')
    const result = applyEdit(BUILD, way.edit, NOTHING_LOGGED, () => 'new')
    const mended = { ...short, builds: result.ok ? [result.build] : [] }
    expect(
      shelfFindings(stateOf(mended), plansOf(mended), NOW).map((finding) => finding.rule),
    ).not.toContain('bottle-short')
  })
})

it('two pots of one paint are emptied one after the other', () => {
  const pots = [bottle({ leftMl: 1 }), bottle({ id: 'second', leftMl: 1 })]
  const all = project(pots)
  const uses = usesOf(stateOf(all), plansOf(all))
  const wanted = uses[0]?.wantedMl ?? 0
  expect(wanted).toBeGreaterThan(1)
  expect(wanted).toBeLessThan(2)
  expect(uses.map((use) => use.bottle.id)).toEqual(['teal', 'second'])
  expect(uses.reduce((sum, use) => sum + use.ml, 0)).toBeCloseTo(wanted, 9)
  expect(shortages(stateOf(all), plansOf(all))).toEqual([])
  expect(shelfFindings(stateOf(all), plansOf(all), NOW)).toEqual([])
})

it('a step that names its bottle is painted from it, whatever is fuller', () => {
  const named = {
    ...BUILD,
    steps: BUILD.steps.map((step) => ({ ...step, bottle: 'near' })),
  } as Build
  const all = { ...project([bottle({ leftMl: 20 }), NEAR]), builds: [named] }
  expect(usesOf(stateOf(all), plansOf(all)).map((use) => use.bottle.id)).toEqual(['near'])
})

describe('a kept mix that a step is painted from', () => {
  const thinner = bottle({ id: 'thin', name: 'Thinner', role: 'thinner', leftMl: 50 })
  const kept = {
    id: 'kept',
    name: 'Teal for the chest',
    at: '2026-03-10T12:00:00Z',
    family: 'alcohol-acrylic',
    colour: '#2F6B6A',
    ingredients: [
      { name: 'Near Teal', bottle: 'near', parts: 2 },
      { name: 'Ochre', bottle: 'far', parts: 1 },
      { name: 'Thinner', bottle: 'thin', parts: 3 },
    ],
    volumeMl: 6,
  } as const
  const steps = BUILD.steps.map((step) => ({ ...step, mix: 'kept' }))
  const mixed = (leftOf: number): Project => ({
    ...project([bottle(), { ...NEAR, leftMl: leftOf }, FAR, thinner]),
    builds: [{ ...BUILD, steps } as Build],
    mixes: [{ ...kept, ingredients: [...kept.ingredients] }],
  })
  it('takes its ingredients in their proportion, and nothing of another bottle', () => {
    const all = mixed(20)
    const uses = usesOf(stateOf(all), plansOf(all))
    expect(uses.map((use) => use.bottle.id)).toEqual(['near', 'far', 'thin'])
    const [near, far, thin] = uses.map((use) => use.ml)
    expect((near ?? 0) / (far ?? 1)).toBeCloseTo(2, 9)
    expect((thin ?? 0) / ((near ?? 0) + (far ?? 0))).toBeCloseTo(1, 9)
  })
  it('runs short of one of them; gone, the step is painted from a bottle again', () => {
    const short = mixed(0.5)
    expect(shortages(stateOf(short), plansOf(short)).map((shortage) => shortage.bottle.id)).toEqual(
      ['near'],
    )
    const finding = shelfFindings(stateOf(short), plansOf(short), NOW).find(
      (finding) => finding.rule === 'bottle-short',
    )
    // Another bottle in its place would be another mix: no way out that changes the step helps.
    expect(finding).toMatchObject({ bottle: 'near', ways: [] })
    const gone = { ...mixed(20), mixes: [] }
    expect(usesOf(stateOf(gone), plansOf(gone)).map((use) => use.bottle.id)).toEqual(['teal'])
  })
})

describe('tools that steps need', () => {
  const needle = { id: 'n', kind: 'needle', name: 'Needle' } as const
  const brush = { id: 'r', kind: 'brush', name: 'Brush' } as const
  test.each([
    ['nobody has put a tool there', [], []],
    ['a needle is there', [needle], []],
    ['only a brush is there', [brush], ['needle']],
  ] as const)('%s', (_, tools, kinds) => {
    const bench = { ...project([bottle()]), tools: [...tools] }
    const missing = missingTools(bench, plansOf(bench))
    expect(missing.map((name) => name.kind)).toEqual([...kinds])
    for (const name of missing) expect(name).toMatchObject({ steps: 1, builds: ['b'] })
  })
  it('says what the same coat takes otherwise', () => {
    const brushed = { ...project([bottle()]), tools: [brush] }
    expect(missingTools(brushed, plansOf(brushed))[0]?.instead).toMatch(/44 % more.*4 times/)
  })
})
