import fc from 'fast-check'
import { stateOf } from '@/core/builds/benchState'
import { planBench } from '@/core/schedule/planBench'
import { benches, NOW } from '@/core/schedule/tests/benches'
import { followed, inTime, middleOf } from '@/core/schedule/tests/followed'

const QUICK = { steps: 4000, polish: false, first: true } as const
const KNOWN = NOW + 14 * 24 * 3600_000
let bad = 0,
  all = 0,
  skipped = 0,
  acts = 0
const [from, to] = process.argv.slice(2).map(Number) as [number, number]
for (let seed = from; seed <= to; seed++) {
  const sampled = fc.sample(benches, { seed, numRuns: 500 })
  sampled.forEach((project, i) => {
    const plan = planBench(stateOf(project), NOW, QUICK)
    const tasks = inTime(plan)
    const now = middleOf(plan)
    if (now === null) return
    all++
    const then = planBench(stateOf(followed(project, plan, now)), now, { ...QUICK, before: plan })
    const windows = (p: typeof plan) => p.lost.filter(({ kind }) => kind !== 'sitting').length
    const regained = windows(plan) > windows(then)
    const before = new Map(tasks.map((task) => [task.id, task.start]))
    const late = inTime(then).filter(
      ({ id, start }) =>
        (before.get(id) ?? Infinity) < (project.climate?.length ? KNOWN : Infinity) &&
        ++acts &&
        (start as number) > (before.get(id) ?? Infinity),
    )
    if (late.length && regained) {
      skipped++
      return
    }
    if (late.length) {
      bad++
      console.log(
        seed,
        i,
        tasks.length,
        late
          .map(
            ({ id, start }) =>
              `${id}+${Math.round(((start as number) - (before.get(id) as number)) / 60000)}m`,
          )
          .join(' '),
      )
    }
  })
}
console.log(bad, 'of', all, 'acts', acts, 'regained', skipped)
