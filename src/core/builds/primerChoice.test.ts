import type { Bottle } from '../model/bottle'
import type { Build, BuildStep, Part } from '../model/build'
import { primerChoice } from './primerChoice'

const CAR: Part = { id: 'car', name: 'Body', substrate: 'polystyrene', areaCm2: 400 }
const BASE = { do: 'base', family: 'alcohol-acrylic' } as const
const zone = (id: string) => ({ id, part: 'car', name: id, areaCm2: 200 })

function build(colours: Record<string, string>): Build {
  return {
    id: 'b',
    name: 'Corriebreck 1100',
    parts: [CAR],
    zones: Object.keys(colours).map(zone),
    steps: Object.entries(colours).map(
      ([id, colour], i) =>
        ({ ...BASE, colour, zones: [id], id: `s${i}`, parts: ['car'] }) as BuildStep,
    ),
  }
}

const primer = (id: string, colour: string, more: Partial<Bottle> = {}): Bottle => ({
  id,
  name: id,
  family: 'lacquer',
  role: 'primer',
  colour,
  sizeMl: 30,
  leftMl: 20,
  ...more,
})
const WHITE = primer('white', '#F4F4F0')
const GREY = primer('grey', '#8B8C8B')
const BLACK = primer('black', '#17181A')

function chosen(of: Build, shelf: readonly Bottle[]): Record<string, string> | null {
  const found = primerChoice(of, CAR, shelf)
  return (
    found &&
    Object.fromEntries(
      found.zones.map(({ id }, i) => [id, found.primers[found.plan.by[i] as number]?.id ?? '']),
    )
  )
}

it('puts a light one under yellow', () => {
  expect(chosen(build({ roof: '#E8C41C' }), [BLACK, GREY, WHITE])).toEqual({ roof: 'white' })
})

it('ranks them all, and is never worse than one for all', () => {
  const found = primerChoice(build({ roof: '#E8C41C', body: '#1B1E24' }), CAR, [BLACK, GREY, WHITE])
  expect(found?.plan.ranked.map((row) => row.length)).toEqual([3, 3])
  for (const row of found?.plan.ranked ?? [])
    expect(row.map(({ coats }) => coats)).toEqual(
      row.map(({ coats }) => coats).toSorted((a, b) => a - b),
    )
  expect(found?.plan.minutes).toBeLessThanOrEqual(found?.plan.second?.minutes ?? 0)
})

test.each<[string, Build, Bottle[]]>([
  ['one primer', build({ roof: '#E8C41C' }), [WHITE]],
  ['two of one colour', build({ roof: '#E8C41C' }), [WHITE, { ...WHITE, id: 'other' }]],
  ['an empty one', build({ roof: '#E8C41C' }), [WHITE, { ...BLACK, leftMl: 0 }]],
  ['no colour on the part', build({}), [WHITE, BLACK]],
])('%s: nothing to choose', (_, of, shelf) => {
  expect(primerChoice(of, CAR, shelf)).toBeNull()
})
