import type { Step } from '../../model/sequence'
import type { Act } from '../../model/vocabulary'
import { check, judgeSequence } from '../check'
import { closings } from '../questions/closings'
import { stackOf } from '../state/regions'
import { pairKey } from '../state/stepContext'
import type { TestedOn } from '../state/testPieces'
import { sequence } from '../tests/sequences'
import { simulate } from './simulate'

const PRIME = { do: 'prime' as const }

describe('a walk with facts', () => {
  const one = sequence([PRIME, { do: 'base', family: 'alcohol-acrylic' }], { waits: 'auto' })

  it('follows what happened, and begins the rest no sooner than now', () => {
    const simulated = simulate(one, {
      facts: new Map([[0, { start: 0, ends: [5] }]]),
      notBefore: 30,
    })
    expect(simulated.timeline.map(({ from }) => from)).toEqual([0, 65])
    expect(simulated.waits).toMatchObject([{ before: 1, minutes: 35, since: { step: 0, at: 5 } }])
  })

  it('waits for what is under it also where its own coats follow too soon', () => {
    const base = { do: 'base' as const, family: 'alcohol-acrylic' as const }
    const coats = ['light' as const, 'light' as const]
    const waited = (gap?: string) =>
      simulate(sequence([PRIME, { ...base, coats, ...(gap ? { gap } : {}) }], { waits: 'auto' }))
        .waits[0]?.minutes
    expect(waited()).toBe(60)
    expect(waited('2 min')).toBe(60)
  })

  it('late enough waits for nothing', () => {
    const simulated = simulate(one, {
      facts: new Map([[0, { start: 0, ends: [5] }]]),
      notBefore: 300,
    })
    expect(simulated.timeline[1]?.from).toBe(300)
    expect(simulated.waits).toEqual([])
  })

  it('a skipped step lays nothing', () => {
    const simulated = simulate(one, { facts: new Map([[0, 'skipped' as const]]), notBefore: 10 })
    expect(stackOf(simulated.stacks).films.map((film) => film.family)).toEqual(['alcohol-acrylic'])
  })

  it('corrections from the log lengthen a family', () => {
    const simulated = simulate(one, { correction: (family) => (family === 'lacquer' ? 2 : 1) })
    expect(simulated.timeline[1]?.from).toBe(125)
  })

  it('a logged climate is followed', () => {
    const cold = [{ from: 0, climate: { celsius: 5, humidity: 50, air: 'room' as const } }]
    expect(simulate(one, { series: cold }).timeline[1]?.from).toBe(
      5 + Math.ceil(60 * Math.exp(0.675)),
    )
  })
})

it('a climate on a step holds from there on', () => {
  const { simulation: simulated } = judgeSequence(
    sequence([PRIME, { wait: '1 h', climate: { celsius: 10 } }, { do: 'base', family: 'lacquer' }]),
  )
  expect(simulated.series.map(({ from, climate }) => [from, climate.celsius])).toEqual([
    [0, 20],
    [5, 10],
  ])
})

describe('sheen of the face', () => {
  test.each([
    { steps: [PRIME], sheen: 'matt' },
    { steps: [PRIME, { do: 'sand' as const, grit: 2000 }], sheen: 'satin' },
    { steps: [PRIME, { do: 'sand' as const, grit: 800 }], sheen: 'matt' },
    { steps: [PRIME, { do: 'compound' as const }], sheen: 'gloss' },
    {
      steps: [{ do: 'base' as const, family: 'lacquer' as const }, { do: 'powder' as const }],
      sheen: 'satin',
    },
    { steps: [{ do: 'sand' as const }], sheen: null },
  ])('$steps is $sheen', ({ steps, sheen }) => {
    expect(simulate(sequence(steps)).timeline.at(-1)?.sheen).toBe(sheen)
  })
})

describe('what lies on the part', () => {
  const told = (steps: Parameters<typeof sequence>[0]) =>
    stackOf(simulate(sequence(steps)).stacks).films.map((film) => `${film.act} ${film.coverage}`)
  const base = { do: 'base' as const, family: 'water-acrylic' as const }
  it('chipping opens the top and takes the exposed release away', () => {
    expect(told([PRIME, { do: 'release' }, base, { do: 'chip-wet' }])).toEqual([
      'prime whole',
      'base patchy',
    ])
  })
  it('what lay over salt comes off with it', () => {
    expect(told([PRIME, { do: 'salt' }, base, { do: 'unsalt' }])).toEqual([
      'prime whole',
      'base patchy',
    ])
  })
  it('tape leaves what it did not cover', () => {
    expect(told([PRIME, { do: 'tape' }, base, { do: 'untape' }])).toEqual([
      'prime whole',
      'base whole',
    ])
  })
  it('a wipe-back leaves the newest film in the recesses', () => {
    expect(told([PRIME, { ...base, over: 'all' }, { do: 'wipe-back' }])).toEqual([
      'prime whole',
      'base patchy',
    ])
  })
  it('a fixer holds the powder', () => {
    const { films } = stackOf(
      simulate(sequence([PRIME, { do: 'powder' }, { do: 'powder-fix' }])).stacks,
    )
    expect(films.at(-1)).toMatchObject({ loose: false, reads: 'enamel-wash' })
  })
})

describe('windows that close', () => {
  const last = (steps: Parameters<typeof sequence>[0]) => {
    const { simulated } = simulate(sequence(steps))
    const one = simulated.at(-1)
    return one ? closings(one.context).map(({ at, film }) => [film.act, at - film.end]) : []
  }
  const gloss = { do: 'clear' as const, family: 'lacquer' as const, sheen: 'gloss' as const }
  const top = { do: 'base' as const, family: 'water-acrylic' as const }
  test.each([
    {
      why: 'lining until 24 h',
      steps: [gloss, { do: 'line' as const }, { do: 'line-clean' as const }],
      gives: [['line', 1440]],
    },
    {
      why: 'oils until 8 h',
      steps: [gloss, { do: 'oil-dots' as const }, { do: 'blend' as const }],
      gives: [['oil-dots', 480]],
    },
    {
      why: 'release until 12 h',
      steps: [{ do: 'release' as const }, top],
      gives: [['release', 720]],
    },
    {
      why: 'chips until 24 h',
      steps: [{ do: 'release' as const }, top, { do: 'chip-wet' as const }],
      gives: [['base', 1440]],
    },
    {
      why: 'tape before the paint is cured',
      steps: [{ do: 'tape' as const }, top, { do: 'untape' as const }],
      gives: [['base', 4320]],
    },
    {
      why: 'two-part clear takes the next coat until 24 h',
      steps: [
        { ...gloss, family: 'urethane-2k' as const },
        { ...gloss, family: 'urethane-2k' as const },
      ],
      gives: [['clear', 1440]],
    },
    { why: 'a primer waits for ever', steps: [PRIME, top], gives: [] },
  ])('$why', ({ steps, gives }) => {
    expect(last(steps)).toEqual(gives)
  })
})

describe('a log that knows some pairs', () => {
  const PAIR = pairKey('enamel', 'spirit-mild')
  const steps: Step[] = [
    { do: 'base', family: 'enamel' },
    { wait: '30 h' },
    { do: 'line' },
    { wait: '1 h' },
    { do: 'line-clean' },
  ]
  const tested = sequence(steps)
  const told = (usedPairs?: ReadonlySet<string>) =>
    simulate(sequence(steps), usedPairs ? { usedPairs } : {})
      .drafts.filter((draft) => draft.rule === 'scrap-test-first')
      .map((draft) => draft.step)

  it('asks for a test piece where a pair is new and moves the film', () => {
    expect(told(new Set())).toEqual([2, 4])
  })

  const BRUSHED = { areaCm2: 40, tool: 'brush', sheen: 'semi-gloss' } as const
  const WIPED = { ...BRUSHED, tool: 'damp-brush' } as const

  it.each<[string, TestedOn[], number | null, number[], RegExp | null]>([
    ['large enough', [BRUSHED, WIPED], 40, [], null],
    ['of a surface that nobody measured', [BRUSHED, WIPED], null, [], null],
    ['of the line alone', [BRUSHED], 40, [4], /done otherwise \(brush, on semi-gloss paint\)/],
    [
      'on gloss',
      [{ ...BRUSHED, sheen: 'gloss' }],
      40,
      [2, 4],
      /otherwise \(brush, on gloss paint\)/,
    ],
    [
      'too small',
      [BRUSHED, WIPED],
      400,
      [2, 4],
      /up to 40 cm², and this has 400: try it on a larger/,
    ],
  ])('is silent where a test piece answers: %s', (_, pieces, areaCm2, steps, words) => {
    const testPieces = { pairs: new Map([[PAIR, pieces]]), acts: new Map() }
    const own = areaCm2 === null ? {} : { areaCm2 }
    const { drafts } = simulate(tested, { usedPairs: new Set(), testPieces, ...own })
    const found = drafts.filter(({ draft, rule }) => rule === 'scrap-test-first' && draft)
    expect(found.map(({ step }) => step)).toEqual(steps)
    if (words) expect(found[0]?.draft.because).toMatch(words)
  })

  it.each<[string, TestedOn[] | undefined, number[]]>([
    ['never tried', undefined, [2]],
    ['tried as it is done', [BRUSHED], []],
    ['tried on bare plastic', [{ ...BRUSHED, sheen: null }], [2]],
    ['tried small', [{ ...BRUSHED, areaCm2: 1 }], [2]],
  ])('an act that somebody is new at wants a test piece: %s', (_, pieces, steps) => {
    const testPieces = {
      pairs: new Map(),
      acts: new Map<Act, TestedOn[]>(pieces ? [['line', pieces]] : []),
    }
    const newAt = new Set(['line'] as const)
    const { drafts } = simulate(tested, { newAt, testPieces, areaCm2: 12 })
    const found = drafts.filter(({ rule }) => rule === 'scrap-test-first')
    expect(found.map(({ step }) => step)).toEqual(steps)
    for (const { draft } of found) expect(draft.because).toMatch(/new at this \(panel lining\)/)
  })

  it('is silent for a pair that it knows, and where there is no log', () => {
    expect(told(new Set([pairKey('enamel', 'spirit-mild')]))).toEqual([])
    expect(told()).toEqual([])
  })
})

it('a bottle on the shelf that suits is the other family that is offered', () => {
  const shelf = [
    {
      name: 'Gull clear',
      family: 'alcohol-acrylic' as const,
      role: 'clear' as const,
      sheen: 'gloss' as const,
    },
  ]
  const one = sequence([
    { do: 'base', family: 'enamel' },
    { wait: '2 d' },
    { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['wet'] },
  ])
  const found = check(one, { shelf }).findings.find((f) => f.rule === 'solvent-attacks-film')
  expect(found?.remedies.map((r) => r.say)).toContain(
    'Use Gull clear (alcohol acrylic) from the shelf',
  )
})

it('the same steps in two climates are judged each by its own: mist that has flashed shields, mist that has not doesn’t', () => {
  const steps: Step[] = [
    { do: 'base', family: 'alcohol-acrylic' },
    { wait: '3 h', climate: { celsius: 20 } },
    { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'wet'], gap: '8 min' },
  ]
  const attacked = (celsius: number) =>
    simulate(
      sequence([steps[0], { wait: '9 h', climate: { celsius } }, steps[2]] as Step[], {
        climate: { celsius },
      }),
    ).drafts.some((draft) => draft.rule === 'solvent-attacks-film')
  expect([attacked(20), attacked(12), attacked(20)]).toEqual([false, true, false])
})
