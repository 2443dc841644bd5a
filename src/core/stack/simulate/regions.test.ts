import fc from 'fast-check'
import { TAPE_OFF } from '../../knowledge/limits'
import { isAct } from '../../model/isAct'
import type { ActStep, Step } from '../../model/sequence'
import { ONE_REGION, type Regions, stackOf, WHOLE } from '../state/regions'
import { sequencesOf } from '../tests/arbitrary'
import { sequence } from '../tests/sequences'
import { resume, simulate } from './simulate'

const NOSE = 'nose'
const ROOF = 'roof'

/** Two regions; a step is for both unless it says for which. */
const TWO: Regions = {
  ids: [NOSE, ROOF],
  key: 'two',
  pattern: '01 10',
  of: ({ zones }) => zones ?? [NOSE, ROOF],
}
/** Steps, some of them for one region alone. */
const only = (steps: Step[], at: Record<number, string>) =>
  steps.map((step, i): Step => (at[i] && isAct(step) ? { ...step, zones: [at[i]] } : step))
const walked = (steps: Step[]) => simulate(sequence(steps), { regions: TWO })
const films = (steps: Step[], region: string) =>
  stackOf(walked(steps).stacks, region).films.map(({ act }) => act)

const PRIME = { do: 'prime' } as const
const BASE = { do: 'base', family: 'alcohol-acrylic' } as const
const LINE = { do: 'line' } as const
const GLOSS = { do: 'clear', family: 'lacquer', sheen: 'gloss' } as const

describe('a stack is keyed by region', () => {
  it('a part without zones is one region', () => {
    const { stacks } = simulate(sequence([PRIME, BASE]))
    expect([...stacks.keys()]).toEqual([WHOLE])
    expect(ONE_REGION.of(PRIME)).toEqual(ONE_REGION.ids)
  })

  it('what is laid on one region isn’t on the other', () => {
    const steps = only([PRIME, { wait: '24 h' }, BASE], { 2: ROOF })
    expect(films(steps, NOSE)).toEqual(['prime'])
    expect(films(steps, ROOF)).toEqual(['prime', 'base'])
  })

  test.each([
    { clear: NOSE, worked: NOSE, told: false },
    { clear: NOSE, worked: ROOF, told: true },
    { clear: NOSE, worked: undefined, told: true },
    { clear: undefined, worked: undefined, told: false },
  ])('lining on $worked over gloss on $clear: matt colour is told where it lies', (row) => {
    const steps = [PRIME, { wait: '24 h' }, BASE, { wait: '24 h' }, GLOSS, { wait: '72 h' }, LINE]
    const at: Record<number, string> = {}
    if (row.clear) at[4] = row.clear
    if (row.worked) at[6] = row.worked
    const { drafts } = walked(only(steps as Step[], at))
    const told = drafts.filter(({ step, rule }) => step === 6 && rule === 'flow-needs-gloss')
    expect(told.map(({ regions }) => regions)).toEqual(row.told ? [[ROOF]] : [])
  })

  it('what is wrong on both is told once, of both', () => {
    const { drafts } = walked(
      only([PRIME, { wait: '24 h' }, BASE, { wait: '24 h' }, LINE], { 0: NOSE }),
    )
    const told = drafts.filter(({ rule }) => rule === 'flow-needs-gloss')
    expect(told.map(({ regions }) => regions)).toEqual([[NOSE, ROOF]])
  })

  it('is done at once on all regions, when the last of them is ready', () => {
    const steps: Step[] = [PRIME, BASE, { do: 'clear', family: 'lacquer', sheen: 'gloss' }]
    const { simulated, waits } = simulate(sequence(only(steps, { 1: ROOF }), { waits: 'auto' }), {
      regions: TWO,
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
        const both = simulate(one, { regions: TWO })
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

  it('a walk of regions that is taken up says what a whole walk says', () => {
    const zoned = fc.tuple(
      sequencesOf(8),
      fc.array(fc.constantFrom(NOSE, ROOF, null), { minLength: 9, maxLength: 9 }),
    )
    fc.assert(
      fc.property(zoned, zoned, fc.nat(8), ([one, places], [other], cut) => {
        const at = Object.fromEntries(places.map((place, i) => [i, place ?? '']))
        const before = { ...one, steps: only(one.steps, at) }
        const from = Math.min(cut, one.steps.length)
        const next = { ...before, steps: [...before.steps.slice(0, from), ...other.steps] }
        const said = ({ drafts, timeline, total }: ReturnType<typeof simulate>) => ({
          drafts: drafts.map(({ step, rule, draft, regions }) => [
            step,
            rule,
            draft.because,
            regions,
          ]),
          timeline,
          total,
        })
        const options = { regions: TWO }
        expect(said(resume(simulate(before, options), next, from, options))).toEqual(
          said(simulate(next, options)),
        )
      }),
      { seed: 8, numRuns: 150 },
    )
  })

  it('a region that the part doesn’t have is a misuse', () => {
    expect(() => stackOf(simulate(sequence([PRIME])).stacks, NOSE)).toThrow(RangeError)
  })
})

describe('a region that is masked', () => {
  const BLACK: ActStep = { do: 'base', family: 'alcohol-acrylic', colour: '#111111' }
  const WHITE: ActStep = { ...BLACK, colour: '#F1F0EA' }
  const TAPE: Step = { do: 'tape', zones: [NOSE] }
  const OFF = { do: 'untape' } as const
  const day = { wait: '24 h' } as const
  const masked = (black: Step, off: Step = OFF): Step[] => [
    PRIME,
    day,
    WHITE,
    day,
    TAPE,
    black,
    { wait: '30 min' },
    off,
  ]
  const colours = (steps: Step[], region: string) =>
    stackOf(walked(steps).stacks, region).films.map(({ colour }) => colour)

  test.each([
    { why: 'all of it is sprayed', black: BLACK },
    { why: 'only the other is', black: { ...BLACK, zones: [ROOF] } },
  ])('keeps its colour where $why', ({ black }) => {
    expect(colours(masked(black), NOSE)).toEqual([null, WHITE.colour])
    expect(colours(masked(black), ROOF)).toEqual([null, WHITE.colour, BLACK.colour])
    const { drafts, stacks } = walked(masked(black))
    expect(drafts.map(({ rule }) => rule)).not.toContain('mask-left-on')
    expect(drafts.map(({ rule }) => rule)).not.toContain('nothing-to-take-off')
    expect(stackOf(stacks, NOSE).masks).toEqual([])
  })

  it('is unmasked while what was sprayed beside it may still be parted', () => {
    const told = (wait: string) =>
      walked(masked(BLACK).map((step, i) => (i === 6 ? { wait } : step))).drafts.flatMap(
        ({ step, rule, regions }) => (step === 7 ? [[rule, regions]] : []),
      )
    expect(told('30 min')).toEqual([])
    expect(told('1 min')).toEqual([['unmask-too-early', [NOSE]]])
    expect(told('30 d')).toEqual([['unmask-late', [NOSE]]])
  })

  it('that is never unmasked is told of it alone', () => {
    const { drafts } = walked(masked(BLACK).slice(0, 6))
    const left = drafts.filter(({ rule }) => rule === 'mask-left-on')
    expect(left.map(({ regions }) => regions)).toEqual([[NOSE]])
  })

  it('waits are filled in for what lies beside it', () => {
    const steps = masked(BLACK).filter((step) => isAct(step))
    const { waits, simulated } = simulate(sequence(steps, { waits: 'auto' }), { regions: TWO })
    const off = simulated.find(({ step }) => step.do === 'untape')
    const black = simulated.find(({ step }) => step === BLACK)
    expect(waits.find(({ before }) => before === 4)).toMatchObject({ since: { step: 3 } })
    expect((off?.context.at ?? 0) - (black?.ends.at(-1) ?? 0)).toBeGreaterThanOrEqual(TAPE_OFF)
  })
})
