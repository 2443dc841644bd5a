import fc from 'fast-check'
import type { Bottle } from '../../model/bottle'
import type { Build, BuildStep, Part } from '../../model/build'
import { buildSchema } from '../../model/build'
import { parse } from '../../model/input'
import type { StoredMix } from '../../model/mix'
import { CHECKS, SCHOOLS, SUBSTRATES, WANTED, WETTED } from '../../model/vocabulary'
import { sequencesOf } from '../../stack/tests/arbitrary'
import { buildOfText } from './buildOfText'
import type { Known } from './lexicon'
import { readPlan } from './readPlan'
import { bottle } from './tests/bottles'
import { writePlan } from './writePlan'

const SHELF: readonly Bottle[] = [
  bottle('b1', 'Bone White', { colour: '#D9CDAE', maker: 'Palewater' }),
  bottle('b2', 'Brown Dusk', { family: 'enamel-wash', role: 'wash', colour: '#3B2F27' }),
  bottle('b3', 'Gloss', { family: 'lacquer', role: 'clear', sheen: 'gloss' }),
  bottle('b4', 'Hull "A" 02', { family: 'lacquer', colour: '#5E6A70' }),
  bottle('b5', 'Levelling', { family: 'lacquer', role: 'thinner' }),
]
const MIXES: readonly StoredMix[] = [
  {
    id: 'm1',
    name: 'Deck blend',
    ingredients: [{ name: 'a', parts: 1 }],
    family: 'lacquer',
    colour: '#7A8471',
  } as StoredMix,
]
const KNOWN: Known = { shelf: SHELF, mixes: MIXES }

const NAMES = [
  'Hull',
  'Port wing',
  'Base',
  'Wing',
  'Wing',
  'Gloss',
  'Tür ß',
  'A/B, "c"',
  '12',
  'On',
] as const
const words = fc.oneof(
  fc.constantFrom('rust, second tone', 'check "seams"; then on', 'x2'),
  fc.string({ minLength: 1, maxLength: 12 }),
)
const text = words.filter((said) => said.trim() !== '').map((said) => said.trim())

const maybe = <T>(of: fc.Arbitrary<T>) =>
  fc.oneof({ weight: 6, arbitrary: fc.constant(undefined) }, { weight: 1, arbitrary: of })

/** What a step may say beside what the judge's own generator draws. */
const more = fc.record({
  name: maybe(text),
  note: maybe(text),
  cause: maybe(text),
  bottle: maybe(fc.constantFrom('b1', 'b2', 'b3', 'b4', 'gone')),
  thinner: maybe(fc.constantFrom('b5', 'b1')),
  mix: maybe(fc.constantFrom('m1', 'lost')),
  minutes: maybe(fc.constantFrom(3, 20, 90, 0.5)),
  warmAir: maybe(fc.constantFrom(20, 40, 600)),
  reworkHours: maybe(fc.constantFrom(2, 0.25, 48)),
  tested: maybe(fc.boolean()),
  etch: maybe(fc.boolean()),
  wick: maybe(fc.constant(true)),
  together: maybe(fc.boolean()),
  split: maybe(fc.boolean()),
  wanted: maybe(fc.subarray([...WANTED], { minLength: 1 })),
  checked: maybe(fc.subarray([...CHECKS], { minLength: 1 })),
  wetted: maybe(fc.constantFrom(...WETTED)),
  climate: maybe(fc.constantFrom({ celsius: 12 }, { humidity: 70, air: 'fan' }, { air: 'still' })),
  product: maybe(
    fc.constantFrom(
      { recoat: '2 h' },
      { name: 'Own', flash: '5 min', sand: '8 h' },
      { suits: ['oil'] },
    ),
  ),
  accepted: maybe(fc.constant([{ rule: 'ppe', reason: 'outside' }])),
  endsAfter: maybe(fc.constant({ p0: 1 })),
  ours: maybe(fc.constant({ later: [1, null, 'x'] })),
})

const parts: fc.Arbitrary<Part[]> = fc
  .array(
    fc.record({
      name: fc.oneof(fc.constantFrom(...NAMES), text),
      substrate: fc.constantFrom(...SUBSTRATES),
      areaCm2: maybe(fc.constantFrom(3.5, 374)),
      lineDepthMm: maybe(fc.constant(0.2)),
      jointGapMm: maybe(fc.constant(0.1)),
      note: maybe(text),
      shape: maybe(fc.constant({ kind: 'box' })),
    }),
    { minLength: 1, maxLength: 3 },
  )
  .map((rows) => rows.map((row, i): Part => ({ id: `p${i}`, ...said(row) }) as Part))

const builds: fc.Arbitrary<Build> = fc
  .record({
    name: fc.oneof(fc.constantFrom("Gannet's Lament", 'Build: two'), text),
    scale: maybe(fc.constantFrom(35, 72, 144)),
    use: maybe(fc.constantFrom('display', 'handled')),
    due: maybe(fc.constant('2026-12-24')),
    story: maybe(fc.oneof(text, fc.constant('Two\nlines.'))),
    school: maybe(
      fc.constant({
        liningSurface: SCHOOLS.liningSurface[1],
        wear: SCHOOLS.wear[1],
        priming: SCHOOLS.priming[2],
      }),
    ),
    shelved: maybe(fc.constant(true)),
    parts,
    steps: sequencesOf(6).map(({ steps }) => steps),
    extra: fc.array(more, { minLength: 12, maxLength: 12 }),
    on: fc.array(fc.integer({ min: 1, max: 7 }), { minLength: 12, maxLength: 12 }),
  })
  .map(({ steps, extra, on, parts: own, ...fields }) => ({
    id: 'b',
    ...(said(fields) as { name: string }),
    parts: own,
    steps: steps.map((step, i): BuildStep => {
      const ids = own.map(({ id }) => id).filter((_, bit) => ((on[i] ?? 7) >> bit) & 1)
      const beside =
        'wait' in step
          ? said({ note: extra[i]?.note, climate: extra[i]?.climate })
          : said(extra[i] ?? {})
      return {
        ...step,
        ...beside,
        id: `s${i}`,
        parts: ids.length > 0 ? ids : own.map(({ id }) => id),
      } as BuildStep
    }),
  }))
  .filter((build) => parse(buildSchema, build).ok)

function said<T extends object>(row: T): Partial<T> {
  return Object.fromEntries(
    Object.entries(row).filter(([, value]) => value !== undefined),
  ) as Partial<T>
}

const withoutIds = ({ id: _, steps, ...build }: Build) => ({
  ...build,
  steps: steps.map(({ id: __, ...step }) => step),
})

it('a build written as words reads back as the same build, save for ids of steps', () => {
  fc.assert(
    fc.property(builds, (build) => {
      const written = writePlan(build, KNOWN)
      let count = 0
      const read = readPlan(written, KNOWN)
      const back = buildOfText(read, () => `n${count++}`)
      expect(read.lines.flatMap((line) => line.notUnderstood)).toEqual([])
      expect(withoutIds(back)).toEqual(withoutIds(build))
    }),
    { seed: 15, numRuns: 200 },
  )
})

it('any text at all is read without an error, and every line is told of', () => {
  fc.assert(
    fc.property(fc.array(fc.oneof(fc.string(), text), { maxLength: 4 }), (lines) => {
      const read = readPlan(lines.join('\n'), KNOWN)
      for (const line of read.lines)
        expect(line.isHeader || line.steps.length > 0 || line.notUnderstood.length >= 0).toBe(true)
      for (const { from, to } of read.lines.flatMap((line) => line.notUnderstood))
        expect(to).toBeGreaterThan(from)
    }),
    { seed: 16, numRuns: 500 },
  )
})
