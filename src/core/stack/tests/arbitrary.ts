import fc from 'fast-check'
import { actRow } from '../../knowledge/acts'
import { familyRow } from '../../knowledge/families'
import type { ActStep, Sequence, Step } from '../../model/sequence'
import { ACTS, COATS, FAMILIES, SHEENS, SOLVENTS, SUBSTRATES, TOOLS } from '../../model/vocabulary'

const PAINTS = [
  'lacquer',
  'alcohol-acrylic',
  'water-acrylic',
  'acrylic-pu',
  'enamel',
  'urethane-2k',
  'oil',
] as const

const WAITS = ['5 min', '30 min', '1 h', '4 h', '13 h', '26 h', '3 d', '8 d'] as const

const COLOURS = ['#F0EFEA', '#C9C4B4', '#B98A2F', '#A8231F', '#3B3A38', '#161617'] as const

/** Said once in so many times and one more. */
const rarely = <T>(arbitrary: fc.Arbitrary<T>, times: number): fc.Arbitrary<T | undefined> =>
  fc.oneof({ weight: times, arbitrary: fc.constant(undefined) }, { weight: 1, arbitrary })

/** What a step may say beside what it must: only where its act can. */
const MORE = {
  coats: rarely(fc.array(fc.constantFrom(...COATS), { minLength: 1, maxLength: 3 }), 1),
  solvent: rarely(fc.constantFrom(...SOLVENTS), 8),
  tool: rarely(fc.constantFrom(...TOOLS), 8),
  gap: rarely(fc.constantFrom('1 min', '8 min', '30 min', '4 h'), 5),
  colour: rarely(fc.constantFrom(...COLOURS), 2),
  thinning: rarely(fc.constantFrom(0.3, 0.6, 0.8, 0.97), 6),
  over: rarely(fc.constantFrom('all' as const, 'patch' as const), 10),
  intent: rarely(fc.constant('attack' as const), 15),
  retarder: rarely(fc.constantFrom(3, 20), 12),
  flowAid: rarely(fc.constantFrom(2, 20), 12),
  passes: rarely(fc.constantFrom(2, 4, 9), 6),
  grit: rarely(fc.constantFrom(400, 1000, 3000), 3),
  adhesive: rarely(fc.constantFrom('cyanoacrylate' as const, 'white-glue' as const), 2),
  side: rarely(fc.constantFrom('inside' as const, 'outside' as const), 8),
  fall: rarely(fc.constantFrom('with' as const, 'against' as const), 6),
  parts: rarely(fc.constantFrom(['a'], ['a', 'b']), 3),
} as const

/** What decals are printed on, and what softens them, too. */
const WITH_DECALS = {
  ...MORE,
  decalFilm: rarely(fc.constantFrom('thin' as const, 'thick' as const), 3),
  softener: rarely(fc.constantFrom('mild' as const, 'strong' as const), 3),
} as const

type More = Record<string, fc.Arbitrary<unknown>>

/** An act that says what it must, and sometimes more. */
const actOf = (fields: More): fc.Arbitrary<ActStep> =>
  fc
    .record({
      do: fc.constantFrom(...ACTS),
      family: rarely(fc.constantFrom(...PAINTS), 3),
      sheen: fc.constantFrom(...SHEENS),
      other: fc.constantFrom(...FAMILIES.slice(0, 7)),
      more: fc.record(fields) as fc.Arbitrary<Partial<ActStep>>,
    })
    .map(({ do: name, family, sheen, other, more }) => {
      const must = actRow(name, undefined).family === 'must'
      const step: ActStep = { do: name }
      if (must || (family && actRow(name, undefined).kind === 'film')) step.family = family ?? other
      if (step.family && !actRow(name, step.family).takes?.includes(familyRow(step.family).nature))
        step.family = must ? PAINTS[0] : undefined
      if (name === 'clear') step.sheen = sheen
      return said(step, more)
    })

/** The step with what else is said of it, as far as its act can say it. */
function said(step: ActStep, more: Partial<ActStep>): ActStep {
  const row = actRow(step.do, step.family)
  const { coats, tool, ...rest } = more
  const fields: Partial<ActStep> = {
    ...rest,
    ...(coats && row.inCoats ? { coats } : {}),
    ...(tool && !row.notWith?.includes(tool) ? { tool } : {}),
  }
  const kept = Object.entries(fields).filter(([, value]) => value !== undefined)
  return { ...Object.fromEntries(kept), ...step }
}

const wait: fc.Arbitrary<Step> = fc.constantFrom(...WAITS).map((text) => ({ wait: text }))

const LACQUER = { family: 'lacquer', colour: '#8B8C8B' } as const
const GLOSS = { do: 'clear', family: 'lacquer', sheen: 'gloss' } as const
const MATT = { do: 'clear', family: 'acrylic-pu', sheen: 'matt' } as const

/** Techniques as they are done, so that every rule has something to speak of; waits and what is said beside come at random. */
const TECHNIQUES: readonly (readonly ActStep[])[] = [
  [{ do: 'fill' }, { do: 'sand', grit: 400 }, { do: 'sand', grit: 2000 }, { do: 'prime' }],
  [{ do: 'degrease' }, { do: 'handle' }, { do: 'prime', ...LACQUER }, { do: 'base', ...LACQUER }],
  [
    { do: 'prime', colour: '#222223' },
    { do: 'base', family: 'water-acrylic' },
    { do: 'release' },
    { do: 'base', family: 'water-acrylic', colour: '#B98A2F' },
    { do: 'chip-wet' },
    { do: 'line' },
  ],
  [{ do: 'release' }, { do: 'base', ...LACQUER, coats: ['wet'] }, GLOSS, { do: 'chip-wet' }],
  [
    { do: 'base', ...LACQUER },
    { do: 'salt' },
    { do: 'base', family: 'alcohol-acrylic', colour: '#C9C4B4' },
    { do: 'unsalt' },
    MATT,
  ],
  [
    { do: 'base', ...LACQUER },
    { do: 'latex' },
    { do: 'base', family: 'water-acrylic' },
    { do: 'unlatex' },
  ],
  [{ do: 'base', ...LACQUER }, { do: 'tape' }, { do: 'base', family: 'enamel' }, { do: 'untape' }],
  [GLOSS, { do: 'decal' }, { ...GLOSS, coats: ['wet'] }],
  [GLOSS, { do: 'decal' }, { do: 'decal-soften' }, { ...GLOSS, coats: ['mist', 'light'] }],
  [
    { do: 'base', family: 'lacquer', colour: '#F0EFEA', coats: ['light', 'light'] },
    GLOSS,
    { do: 'line', colour: '#161617' },
    { do: 'line-clean' },
    { do: 'line-clean', passes: 4 },
  ],
  [{ do: 'base', family: 'lacquer', colour: '#3B3A38' }, GLOSS, { do: 'line', colour: '#161617' }],
  [
    { do: 'base', family: 'lacquer', colour: '#3B3A38' },
    MATT,
    { do: 'filter' },
    { do: 'oil-dots' },
    { do: 'blend' },
    { do: 'streak', family: 'oil', fall: 'against' },
    { do: 'streak-drag' },
  ],
  [
    { do: 'base', ...LACQUER },
    { do: 'preshade', family: 'lacquer', colour: '#161617' },
    { do: 'base', family: 'lacquer', colour: '#F0EFEA', coats: ['wet', 'wet', 'wet'] },
  ],
  [
    { do: 'base', family: 'lacquer', colour: '#161617' },
    { do: 'clear-colour', family: 'alcohol-acrylic', colour: '#A8231F' },
  ],
  [{ do: 'iron' }, { do: 'iron-activate' }, MATT],
  [{ do: 'mud' }, { do: 'powder' }, { do: 'powder-fix' }, MATT],
  [
    { do: 'base', family: 'lacquer', sheen: 'gloss', colour: '#0A0A0A' },
    { do: 'mirror-metal', coats: ['mist', 'mist'] },
    MATT,
  ],
  [{ do: 'graphite' }, { do: 'pencil' }, MATT],
  [
    { do: 'clear', family: 'urethane-2k', sheen: 'gloss', coats: ['light', 'light', 'light'] },
    { do: 'cut-polish', grit: 2000 },
    { do: 'compound' },
    { do: 'clear', family: 'urethane-2k', sheen: 'gloss' },
  ],
  [{ do: 'clear', family: 'urethane-2k', sheen: 'gloss', coats: ['light', 'wet'], gap: '4 h' }],
  [{ do: 'chrome', coats: ['mist'] }, MATT],
  [
    { do: 'assemble', parts: ['a', 'b'] },
    { do: 'base', ...LACQUER, parts: ['a'] },
  ],
  [{ do: 'chip-sponge' }, { do: 'mud' }, { do: 'wash', family: 'water-wash' }],
  [{ do: 'assemble' }, { do: 'drill' }, { do: 'glue-clear', adhesive: 'cyanoacrylate' }],
]

/** Decals on a film that wrinkles, softened too strongly at once. */
const TENDER: readonly ActStep[] = [
  GLOSS,
  { do: 'decal', decalFilm: 'thin' },
  { do: 'decal-soften', softener: 'strong' },
  GLOSS,
]

/** A technique with waits and further fields at random. */
const techniqueOf = (fields: More, techniques: typeof TECHNIQUES): fc.Arbitrary<Step[]> =>
  fc.constantFrom(...techniques).chain((steps) =>
    fc
      .tuple(
        ...steps.map((step) =>
          fc
            .tuple(rarely(wait, 2), rarely(fc.record(fields) as fc.Arbitrary<Partial<ActStep>>, 1))
            .map(([before, more]): Step[] => {
              const one = more ? said(step, more) : step
              return before ? [before, one] : [one]
            }),
        ),
      )
      .map((parts) => parts.flat()),
  )

const anythingOf = (fields: More): fc.Arbitrary<Step[]> =>
  fc
    .oneof(
      { weight: 3, arbitrary: actOf(fields) as fc.Arbitrary<Step> },
      { weight: 2, arbitrary: wait },
    )
    .map((one) => [one])

/**
 * Random sequences of so many steps at the most: any act and whole techniques, with waits that are often wrong.
 *
 * @param decals with what decals are printed on and softened by; without, the sequences that benches were always made of
 */
export function sequencesOf(most: number, decals = false): fc.Arbitrary<Sequence> {
  const fields: More = decals ? WITH_DECALS : MORE
  const techniques = decals ? [...TECHNIQUES, TENDER] : TECHNIQUES

  const steps = fc
    .array(
      fc.oneof(
        { weight: 4, arbitrary: anythingOf(fields) },
        { weight: 1, arbitrary: techniqueOf(fields, techniques) },
      ),
      {
        minLength: 1,
        maxLength: most,
      },
    )
    .map((parts) => parts.flat().slice(0, most))
  return fc
    .record({
      format: fc.constant('tectoria-sequence' as const),
      version: fc.constant(1 as const),
      substrate: fc.constantFrom(...SUBSTRATES),
      waits: fc.constantFrom('as-written' as const, 'auto' as const),
      climate: fc.record({
        celsius: fc.constantFrom(9, 14, 20, 32),
        humidity: fc.constantFrom(40, 60, 82),
      }),
      use: fc.constantFrom('display' as const, 'handled' as const),
      scale: fc.constantFrom(undefined, 35, 144, 700),
      lineDepthMm: fc.constantFrom(undefined, undefined, 0.05),
      jointGapMm: fc.constantFrom(undefined, undefined, 0.02),
      steps,
    })
    .map((sequence) => {
      const kept = Object.entries(sequence).filter(([, value]) => value !== undefined)
      return Object.fromEntries(kept) as Sequence
    })
}

/** Random sequences of up to twelve steps. */
export const sequences = sequencesOf(12, true)
