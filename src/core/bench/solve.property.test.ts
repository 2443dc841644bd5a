import fc from 'fast-check'
import type { BenchProblem } from './problem'
import { solve } from './solve'
import { generate, scatter } from './tests/generate'
import { problem, task } from './tests/problem'
import { broken } from './tests/validate'

/** The best makespan by trying every start of every task: the obvious, slow model. */
function bruteForce(benchProblem: BenchProblem): number | null {
  const tasks = benchProblem.tasks ?? []
  let best: number | null = null
  const starts: Record<string, number> = {}
  const place = (i: number): void => {
    const t = tasks[i]
    if (!t) {
      if (broken(benchProblem, starts).length > 0) return
      const makespan = Math.max(0, ...tasks.map((x) => (starts[x.id] ?? 0) + x.minutes))
      if (best === null || makespan < best) best = makespan
      return
    }
    for (let start = 0; start <= benchProblem.horizonMinutes - t.minutes; start++) {
      starts[t.id] = start
      place(i + 1)
    }
    delete starts[t.id]
  }
  place(0)
  return best
}

type Shape = Parameters<typeof generate>[1]
/** Roomy, tight in windows, tight in time, and long. */
const SHAPES: readonly Shape[] = [
  { tasks: 14, sittings: true },
  { tasks: 8 },
  { tasks: 12, slack: 0.4, session: 120 },
  { tasks: 10, session: 120, days: 5 },
  { tasks: 16, slack: 2 },
]

const small: fc.Arbitrary<BenchProblem> = fc
  .record({
    minutes: fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 3 }),
    opening: fc.integer({ min: 0, max: 3 }),
    gap: fc.integer({ min: 1, max: 4 }),
    links: fc.array(
      fc.record({
        from: fc.integer({ min: 0, max: 2 }),
        to: fc.integer({ min: 0, max: 2 }),
        minGap: fc.integer({ min: 0, max: 4 }),
        slack: fc.option(fc.integer({ min: 0, max: 4 })),
      }),
      { maxLength: 2 },
    ),
    setups: fc.array(fc.constantFrom('x', 'y', null), { minLength: 3, maxLength: 3 }),
    guns: fc.array(fc.constantFrom(0, 0, 1), { minLength: 3, maxLength: 3 }),
    noisy: fc.boolean(),
    sitting: fc.integer({ min: 0, max: 3 }),
  })
  .map(({ minutes, opening, gap, links, setups, guns, noisy, sitting }) =>
    problem({
      horizonMinutes: 18,
      availability: [
        [opening, opening + 6],
        [opening + 6 + gap, 18],
      ],
      quiet: [[opening + 2, opening + 4]],
      tasks: minutes.map((length, i) =>
        task(String(i), length, {
          ...(setups[i] ? { needs: ['airbrush'], setup: setups[i], gun: guns[i] } : {}),
          ...(noisy && i === 0 ? { noisy: true } : {}),
        }),
      ),
      links: links
        .filter(({ from, to }) => from !== to && from < minutes.length && to < minutes.length)
        .map(({ from, to, minGap, slack }) => ({
          from: String(from),
          to: String(to),
          minGap,
          ...(slack === null ? {} : { maxGap: minGap + slack }),
        })),
      sittings: sitting < 2 ? [] : [minutes.slice(0, sitting).map((_, i) => String(i))],
      changeover: { resource: 'airbrush', minutes: 2 },
    }),
  )

it('small problems come out as trying everything says', () => {
  fc.assert(
    fc.property(small, (one) => {
      const found = solve(one)
      const best = bruteForce(one)
      expect(found.status).toBe(best === null ? 'infeasible' : 'optimal')
      expect(found.makespan).toBe(best)
      if (best !== null) expect(broken(one, found.starts)).toEqual([])
    }),
    { seed: 20260318, numRuns: 150 },
  )
})

describe('generated benches', () => {
  test.each([
    {
      why: 'of the handbook',
      of: (seed: number) => generate(seed, SHAPES[seed % SHAPES.length] as Shape),
    },
    { why: 'of no shape', of: (seed: number) => scatter(seed, 3 + (seed % 14)) },
  ])('$why: every answer is a plan, and its bound no larger', ({ of }) => {
    const seen = new Map<string, number>()
    for (let seed = 2000; seed < 2040; seed++) {
      const one = of(seed)
      const found = solve(one, { steps: 8000, polish: false })
      seen.set(found.status, (seen.get(found.status) ?? 0) + 1)
      if (found.makespan === null) continue
      expect(broken(one, found.starts)).toEqual([])
      expect(found.lowerBound).toBeLessThanOrEqual(found.makespan)
    }
    expect(seen.get('optimal')).toBeGreaterThan(20)
    expect(seen.get('infeasible')).toBeGreaterThan(3)
  })

  it('a crowded bench gets a plan near its bound', () => {
    const one = generate(7, { tasks: 120 })
    const found = solve(one, { steps: 2000, polish: false })
    expect(found.status).toBe('feasible')
    expect(broken(one, found.starts)).toEqual([])
    expect(found.makespan).toBeLessThan((found.lowerBound ?? 0) * 1.25)
  })

  it('the same steps and seed give the same plan', () => {
    const one = generate(11, { tasks: 30 })
    const options = { steps: 1500, seed: 5 }
    expect(solve(one, options)).toEqual(solve(one, options))
  })

  it('what clashes can be kept once anything that is named is dropped', () => {
    for (let seed = 1; seed < 14; seed++) {
      const one = generate(seed, { tasks: 10, slack: 0.2, session: 90, days: 4 })
      const { clash, because } = solve(one)
      if (!clash) continue
      const named = new Set(clash.tasks)
      const part = (ids: ReadonlySet<string>) => ({
        ...one,
        tasks: (one.tasks ?? []).filter(({ id }) => ids.has(id)),
        links: (one.links ?? []).filter(({ from, to }) => ids.has(from) && ids.has(to)),
      })
      expect(solve(part(named)).status).toBe('infeasible')
      for (const id of named) {
        expect(because).toContain(`"${id}"`)
        expect(solve(part(new Set([...named].filter((other) => other !== id)))).status).toBe(
          'optimal',
        )
      }
    }
  })
})
