import { EXAMPLE } from '../../stack/tests/sequences'
import { buildOfText, buildStepsOf } from './buildOfText'
import { completionsOf } from './completions'
import { readPlan } from './readPlan'
import { saidDuration } from './saidDuration'
import type { PlanStep } from './stepReader'
import { bottle } from './tests/bottles'
import { SENTENCES } from './tests/sentences'
import { readText } from './textFile'
import { writePlan } from './writePlan'

function stepInShort({ step, parts }: PlanStep): string {
  const { do: act, wait, coats, ...rest } = step as Record<string, unknown>
  const fields = Object.entries(rest)
    .map(
      ([field, value]) => `${field}=${typeof value === 'string' ? value : JSON.stringify(value)}`,
    )
    .sort()
  const weights = (coats as string[] | undefined)?.map(([first]) => first).join('')
  return [
    act ?? wait,
    ...(weights ? [`(${weights})`] : []),
    ...fields,
    ...(parts ? [`on ${parts.join('+')}`] : []),
  ].join(' ')
}

test.each(SENTENCES)('%s', (said, means) => {
  const read = readPlan(said)
  const missed = read.lines.flatMap((line) =>
    line.notUnderstood.map(({ text, nearest }) => `${text}→${nearest}`),
  )
  const steps = read.steps.map(stepInShort).join(' | ')
  expect(missed.length > 0 ? `${steps}   ?? ${missed.join(', ')}` : steps).toBe(means)
})

const KNOWN = {
  shelf: [
    bottle('bone', 'Bone White', { colour: '#D9CDAE', family: 'lacquer', maker: 'Palewater' }),
    bottle('dusk', 'Brown Dusk', { family: 'enamel-wash', role: 'wash', colour: '#3B2F27' }),
    bottle('dull', 'Dead Flat', { family: 'acrylic-pu', role: 'clear', sheen: 'matt' }),
    bottle('grey', 'Grey Ground', { family: 'lacquer', role: 'primer', colour: '#8B8C8B' }),
    bottle('slow', 'Slow Thinner', { family: 'lacquer', role: 'thinner' }),
  ],
  mixes: [],
  parts: [
    { id: 'hull', name: 'Hull', substrate: 'polystyrene' as const },
    { id: 'fin', name: 'Tail fin', substrate: 'abs' as const },
    { id: 'lens', name: 'Lens', substrate: 'clear-styrene' as const },
  ],
  techniques: [
    { name: 'Decals', steps: [{ do: 'clear' as const }, { do: 'decal' as const }] },
    { name: 'Faded deck', steps: [{ do: 'chalk' as const }, { do: 'dust' as const }] },
  ],
}

/** With a shelf and parts, names are what stands there. */
test.each([
  ['base Bone White x3', 'base (lll) bottle=bone colour=#D9CDAE family=lacquer'],
  ['bone white x2 on tail fin', 'base (ll) bottle=bone colour=#D9CDAE family=lacquer on fin'],
  ['Palewater Bone White', 'base (ll) bottle=bone colour=#D9CDAE family=lacquer'],
  ['line brown dusk', 'line bottle=dusk colour=#3B2F27 family=enamel-wash'],
  [
    'Brown Dusk; 45 min; clean',
    'line bottle=dusk colour=#3B2F27 family=enamel-wash | 45 min | line-clean',
  ],
  ['Dead Flat', 'clear (ml) bottle=dull family=acrylic-pu sheen=matt'],
  ['prime Grey Ground', 'prime (mll) bottle=grey colour=#8B8C8B family=lacquer'],
  [
    'Bone White thinned 50 % "Slow Thinner"',
    'base (ll) bottle=bone colour=#D9CDAE family=lacquer thinner=slow thinning=0.5',
  ],
  ['prime on all but lens', 'prime (mll) on hull+fin'],
  ['prime on hull, tail fin', 'prime (mll) on hull+fin'],
  ['Hull: prime; 2 h', 'prime (mll) on hull | 2 h on hull'],
  ['hull prime grey', 'prime (mll) colour=#8B8C8B on hull'],
  ['faded deck on hull', 'chalk family=alcohol-acrylic | dust on hull'],
  ['decals', 'decal'],
  ['"Decals"', 'clear (ml) family=alcohol-acrylic sheen=satin | decal'],
  ['base Bone Whit x2', 'base (ll) family=alcohol-acrylic   ?? Bone Whit→bone white'],
  ['prime on hul', 'prime (mll)   ?? hul→hull'],
])('with a bench: %s', (said, means) => {
  const read = readPlan(said, KNOWN)
  const missed = read.lines.flatMap((line) =>
    line.notUnderstood.map(({ text, nearest }) => `${text}→${nearest}`),
  )
  const steps = read.steps.map(stepInShort).join(' | ')
  expect(missed.length > 0 ? `${steps}   ?? ${missed.join(', ')}` : steps).toBe(means)
})

it('a whole plan says what it is of, and every line what it came to', () => {
  const text = [
    "build: Gannet's Lament, 1:144, display",
    'part Hull: polystyrene, 374 cm², lines 0.2 mm',
    'part Lens: clear styrene, 4 cm²',
    'choices: lining surface satin',
    '',
    '# the first evening',
    '- prime grey on hull',
    '- 12 h; base red, brite on hull',
  ].join('\n')
  const read = readPlan(text)
  expect(read.lines.map(({ line, steps, isHeader }) => [line, isHeader, steps])).toEqual([
    [1, true, []],
    [2, true, []],
    [3, true, []],
    [4, true, []],
    [7, false, [0]],
    [8, false, [1, 2]],
  ])
  expect(read.lines.at(-1)?.notUnderstood).toEqual([
    { text: 'brite', from: 18, to: 23, nearest: null },
  ])
  let count = 0
  expect(buildOfText(read, () => `n${count++}`)).toMatchObject({
    name: "Gannet's Lament",
    scale: 144,
    use: 'display',
    school: { liningSurface: 'satin' },
    parts: [
      { id: 'hull', areaCm2: 374, lineDepthMm: 0.2 },
      { id: 'lens', substrate: 'clear-styrene' },
    ],
    steps: [{ do: 'prime', parts: ['hull'] }, { wait: '12 h' }, { do: 'base', parts: ['hull'] }],
  })
})

it('parts that nobody has told of come from the steps that name them', () => {
  const read = readPlan('prime on Hull, Fin\n1:72, printed resin\ngloss')
  let count = 0
  const build = buildOfText(read, () => `n${count++}`)
  expect(build).toMatchObject({ name: 'New build', scale: 72 })
  expect(build.parts.map(({ name, substrate }) => `${name} ${substrate}`)).toEqual([
    'Hull resin-printed',
    'Fin resin-printed',
  ])
  expect(buildStepsOf(read, ['a'], () => 'n')[1]).toMatchObject({ do: 'clear', parts: ['a'] })
})

it('the steps of a sequence written as words read as the sequence', () => {
  const build = {
    id: 'b',
    name: 'Example',
    parts: [{ id: 'model', name: 'Model', substrate: EXAMPLE.substrate }],
    steps: EXAMPLE.steps.map((step, i) => ({ ...step, id: `s${i}`, parts: ['model'] })),
  }
  const written = writePlan(build, {})
  expect(written).not.toContain('{')
  expect(readPlan(written).steps.map(({ step }) => step)).toEqual(EXAMPLE.steps)
})

test.each([
  [
    'prime grey\nfnord',
    [{ path: 'line 2', found: '"fnord"', expected: 'an act, a bottle or a wait' }],
  ],
  [
    'primmer',
    [
      {
        path: 'line 1',
        found: '"primmer"',
        expected: 'an act, a bottle or a wait: did you mean "primer"?',
      },
    ],
  ],
  [
    'prime {"coats":["thick"]}',
    [expect.objectContaining({ path: 'steps[0].coats[0]', found: '"thick"' })],
  ],
  ['  ', [expect.objectContaining({ path: 'line 1', found: 'nothing' })]],
  [12, [expect.objectContaining({ path: '', found: 'number' })]],
])('%j is refused with where and what', (text, problems) => {
  expect(readText(text)).toEqual({ ok: false, problems })
})

it('a text as a sequence: the waits that it says, else filled in', () => {
  const read = (text: string) => {
    const answer = readText(text)
    return answer.ok ? answer.value.sequence : null
  }
  expect(read('1:35, abs, handled\nprime; gloss')).toMatchObject({
    substrate: 'abs',
    scale: 35,
    use: 'handled',
    waits: 'auto',
  })
  expect(read('prime; 12 h; gloss')).not.toHaveProperty('waits')
  expect(read('air: 12 °C, 80 %, fan\nprime')).toMatchObject({
    climate: { celsius: 12, humidity: 80, air: 'fan' },
  })
})

test.each([
  ['pri', 'prime'],
  ['prime grey; ba', 'base'],
  ['base Bo', 'Bone White'],
  ['base bone w', 'Bone White'],
  ['gloss; line Br', 'Brown Dusk'],
  ['prime on ta', 'Tail fin'],
  ['prime on hull, ta', 'Tail fin'],
  ['base red ret', 'retarder'],
  ['faded', 'Faded deck'],
])('typing %s offers %s first', (typed, offered) => {
  expect(completionsOf(typed, typed.length, KNOWN)[0]?.text).toBe(offered)
})

it('a completion says which letters it stands for, and there is none where nothing is typed', () => {
  const typed = 'prime grey; base bone w'
  const [first] = completionsOf(typed, typed.length, KNOWN)
  expect(first).toMatchObject({ from: 17, to: 23 })
  expect(completionsOf('prime ', 6, KNOWN)).toEqual([])
  expect(completionsOf('prime xyzzy', 11, KNOWN)).toEqual([])
})

test.each([
  ['1h30', '1 h 30 min'],
  ['1,5 h', '1.5 h'],
  ['90m', '90 min'],
  ['90 min', '90 min'],
  ['2 days', '2 d'],
  ['overnight', '12 h'],
  ['PT2H', 'PT2H'],
  ['a week', '7 d'],
  ['soon', null],
  ['12', null],
  ['', null],
])('%s is taken for %s', (said, written) => {
  expect(saidDuration(said)).toBe(written)
})
