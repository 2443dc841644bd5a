import fc from 'fast-check'
import type { Step } from '../../model/sequence'
import { ONE_REGION, type Regions, stackOf, WHOLE } from '../state/regions'
import { sequencesOf } from '../tests/arbitrary'
import { sequence } from '../tests/sequences'
import { simulate } from './simulate'

const NOSE = 'nose'
const ROOF = 'roof'

/** Two regions; a step is for both unless it is said for which. */
function two(only: Record<number, string> = {}): Regions {
  return {
    ids: [NOSE, ROOF],
    of: (index) => (only[index] ? [only[index]] : [NOSE, ROOF]),
  }
}
const films = (steps: Step[], regions: Regions, region?: string) =>
  stackOf(simulate(sequence(steps), { regions }).stacks, region).films.map(({ act }) => act)

const PRIME = { do: 'prime' } as const
const BASE = { do: 'base', family: 'alcohol-acrylic' } as const
const LINE = { do: 'line' } as const
const GLOSS = { do: 'clear', family: 'lacquer', sheen: 'gloss' } as const

describe('a stack is keyed by region', () => {
  it('a part without zones is one region', () => {
    const { stacks } = simulate(sequence([PRIME, BASE]))
    expect([...stacks.keys()]).toEqual([WHOLE])
    expect(ONE_REGION.of(0)).toEqual(ONE_REGION.ids)
  })

  it('what is laid on one region isn’t on the other', () => {
    const steps = [PRIME, { wait: '24 h' }, BASE]
    expect(films(steps, two({ 2: ROOF }), NOSE)).toEqual(['prime'])
    expect(films(steps, two({ 2: ROOF }), ROOF)).toEqual(['prime', 'base'])
  })

  test.each([
    { clear: NOSE, worked: NOSE, told: false },
    { clear: NOSE, worked: ROOF, told: true },
    { clear: NOSE, worked: undefined, told: true },
    { clear: undefined, worked: undefined, told: false },
  ])('lining on $worked over gloss on $clear: matt colour is told where it lies', (row) => {
    const steps = [PRIME, { wait: '24 h' }, BASE, { wait: '24 h' }, GLOSS, { wait: '72 h' }, LINE]
    const only: Record<number, string> = {}
    if (row.clear) only[4] = row.clear
    if (row.worked) only[6] = row.worked
    const { drafts } = simulate(sequence(steps as Step[]), { regions: two(only) })
    const told = drafts.filter(({ step, rule }) => step === 6 && rule === 'flow-needs-gloss')
    expect(told.length).toBe(row.told ? 1 : 0)
  })

  it('is done at once on all regions, when the last of them is ready', () => {
    const steps: Step[] = [PRIME, BASE, { do: 'clear', family: 'lacquer', sheen: 'gloss' }]
    const { simulated, waits } = simulate(sequence(steps, { waits: 'auto' }), {
      regions: two({ 1: ROOF }),
    })
    const [nose, roof] = simulated.filter(({ index }) => index === 2)
    expect([nose?.region, roof?.region]).toEqual([NOSE, ROOF])
    expect(nose?.context.at).toBe(roof?.context.at)
    expect(waits.filter(({ before }) => before === 2)).toMatchObject([{ since: { step: 1 } }])
  })

  it('two regions on which the same is done are judged as one', () => {
    fc.assert(
      fc.property(sequencesOf(8), (one) => {
        const whole = simulate(one)
        const both = simulate(one, { regions: two() })
        const told = (all: typeof whole) =>
          new Set(all.drafts.map(({ step, rule, draft }) => `${step} ${rule} ${draft.severity}`))
        expect(told(both)).toEqual(told(whole))
        expect(both.timeline).toEqual(whole.timeline)
        expect(both.waits).toEqual(whole.waits)
        expect(both.total).toBe(whole.total)
      }),
      { seed: 8, numRuns: 150 },
    )
  })

  it('a region that the part doesn’t have is a misuse', () => {
    expect(() => stackOf(simulate(sequence([PRIME])).stacks, NOSE)).toThrow(RangeError)
  })
})
