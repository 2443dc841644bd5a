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

/** An act that says what it must, and sometimes more. */
const act: fc.Arbitrary<ActStep> = fc
  .record({
    do: fc.constantFrom(...ACTS),
    family: fc.option(fc.constantFrom(...PAINTS), { nil: undefined, freq: 3 }),
    coats: fc.option(fc.array(fc.constantFrom(...COATS), { minLength: 1, maxLength: 3 }), {
      nil: undefined,
    }),
    sheen: fc.constantFrom(...SHEENS),
    solvent: fc.option(fc.constantFrom(...SOLVENTS), { nil: undefined, freq: 8 }),
    tool: fc.option(fc.constantFrom(...TOOLS), { nil: undefined, freq: 8 }),
    gap: fc.option(fc.constantFrom('1 min', '8 min', '30 min'), { nil: undefined, freq: 5 }),
    other: fc.constantFrom(...FAMILIES.slice(0, 7)),
  })
  .map(({ do: name, family, coats, sheen, solvent, tool, gap, other }) => {
    const must = actRow(name, undefined).family === 'must'
    const step: ActStep = { do: name }
    if (must) step.family = family ?? other
    const row = actRow(name, step.family)
    if (step.family && !row.takes?.includes(familyRow(step.family).nature)) step.family = PAINTS[0]
    if (coats && row.inCoats) step.coats = coats
    if (name === 'clear') step.sheen = sheen
    if (solvent) step.solvent = solvent
    if (tool && !row.notWith?.includes(tool)) step.tool = tool
    if (gap) step.gap = gap
    return step
  })

const wait: fc.Arbitrary<Step> = fc.constantFrom(...WAITS).map((text) => ({ wait: text }))

const step: fc.Arbitrary<Step> = fc.oneof(
  { weight: 3, arbitrary: act as fc.Arbitrary<Step> },
  { weight: 2, arbitrary: wait },
)

/** Random sequences of so many steps at the most: any act, with waits that are often wrong. */
export function sequencesOf(most: number): fc.Arbitrary<Sequence> {
  return fc.record({
    format: fc.constant('tectoria-sequence' as const),
    version: fc.constant(1 as const),
    substrate: fc.constantFrom(...SUBSTRATES),
    waits: fc.constantFrom('as-written' as const, 'auto' as const),
    climate: fc.record({
      celsius: fc.constantFrom(9, 14, 20, 32),
      humidity: fc.constantFrom(40, 60, 82),
    }),
    steps: fc.array(step, { minLength: 1, maxLength: most }),
  })
}

/** Random sequences of up to twelve steps. */
export const sequences = sequencesOf(12)
