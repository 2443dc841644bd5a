import fc from 'fast-check'
import { loggedIn } from '../log/logged'
import { indexLog } from '../log/logIndex'
import { applyEdit, type EditResult, invertPatch, NOTHING_LOGGED } from '../model/applyEdit'
import type { Bottle } from '../model/bottle'
import type { Build, BuildAct } from '../model/build'
import { coatsMeant } from '../model/coats'
import { type Edit, parseEdit } from '../model/edit'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import { key } from '../model/stepRef'
import { expectSame } from '../model/tests/expectSame'
import type { Family } from '../model/vocabulary'
import { shelfFindings } from '../stock/shelfRules'
import { stateOf } from './benchState'
import { judgePart } from './judgePart'
import type { PartFinding } from './partPlan'
import { planPart } from './planParts'
import { benches, NOW } from './tests/arbitrary'

const RUNS = Number(process.env.RUNS ?? 2000)

let count = 0
const newId = () => `n${++count}`

const buildOf = (project: Project) => project.builds?.[0] as Build
const loggedOf = (project: Project) => loggedIn(indexLog(project.acts ?? []), 'b')

/**
 * What the log says of a build, read off without the code under test: by step and part how many coats are laid and what they
 * were.
 */
function told(project: Project, build: Build): unknown[] {
  const steps = new Map(build.steps.map((step) => [step.id, step]))
  const parts = indexLog(project.acts ?? []).builds.get('b')?.parts ?? new Map()
  return [...parts].flatMap(([part, log]) =>
    [...log.steps]
      .filter(([, { status, coatEnds }]) => status !== 'running' || coatEnds.length > 0)
      .map(([id, { status, coatEnds }]) => {
        const step = steps.get(id) as BuildAct | undefined
        const coats = step?.coats ?? ['light']
        const laid = status === 'running' ? coats.slice(0, coatEnds.length) : coats
        return [
          part,
          id,
          step?.parts.includes(part) && [
            step.do,
            step.family,
            step.colour,
            step.sheen,
            step.solvent,
            laid,
            coatsMeant(step, part) >= Math.min(coatEnds.length, coats.length),
          ],
        ]
      }),
  )
}

/** Whatever an edit gives: the log still reads the same, no id stands twice, and turned round it gives the build back. */
function holds(project: Project, build: Build, result: EditResult): void {
  if (!result.ok) return
  expectSame(told(project, result.build), told(project, build))
  const ids = result.build.steps.map(({ id }) => id)
  const bare = result.build.steps.filter(({ parts }) => parts.length === 0)
  expectSame([new Set(ids).size, bare], [ids.length, []])
  const back = applyEdit(result.build, result.inverse, NOTHING_LOGGED, newId)
  expectSame(back.ok && back.build, build)
  const forth = back.ok
    ? applyEdit(back.build, invertPatch(result.inverse), NOTHING_LOGGED, newId)
    : back
  expectSame(forth.ok && forth.build, result.build)
}

/** Findings of a rule, notes only where that is asked of a note, and all stops, on a part. */
function counted(
  project: Project,
  build: Build,
  part: string,
  { rule, severity }: Pick<PartFinding, 'rule' | 'severity'>,
) {
  const edited = { ...project, builds: [build] }
  const { simulated } = planPart(stateOf(edited), { build: 'b', part }, NOW)
  const { drafts } = simulated.simulation
  return {
    own: drafts.filter(
      (one) => one.rule === rule && (severity === 'note' || one.draft.severity !== 'note'),
    ).length,
    stops: drafts.filter(({ draft }) => draft.severity === 'stop').length,
  }
}

it('every way out ends its finding, brings no stop, and leaves the log as it is', () => {
  let tried = 0
  fc.assert(
    fc.property(benches, (project) => {
      const build = buildOf(project)
      const logged = loggedOf(project)
      for (const { id: part } of build.parts) {
        const { findings } = judgePart(stateOf(project), { build: 'b', part: part }, NOW, newId)
        for (const finding of findings) {
          const { remedies } = finding
          const before = remedies.length > 0 && counted(project, build, part, finding)
          for (const { edit, every } of remedies) {
            tried += 1
            const result = applyEdit(build, edit, logged, newId)
            holds(project, build, result)
            expectSame(result.ok, true)
            if (!result.ok || !before) continue
            const after = counted(project, result.build, part, finding)
            expectSame(
              { ends: after.own < before.own, brings: after.stops > before.stops },
              { ends: true, brings: false },
            )
            expectSame(parseEdit(JSON.parse(JSON.stringify(edit))), { ok: true, value: edit })
            if (every) holds(project, build, applyEdit(build, every, logged, newId))
          }
        }
      }
    }),
    { numRuns: RUNS, seed: 12, endOnFailure: true },
  )
  expect(tried).toBeGreaterThan(RUNS)
})

const scope = fc.oneof(
  fc.constant('every' as const),
  fc.subarray(['p0', 'p1', 'p2'], { minLength: 1 }),
)
const target = fc.record(
  {
    step: fc.integer({ min: 0, max: 5 }).map((i) => `s${i}`),
    coat: fc.integer({ min: 1, max: 3 }),
  },
  { requiredKeys: ['step'] },
)
const laid = fc.constantFrom(
  { do: 'clear', family: 'lacquer', sheen: 'gloss' },
  { wait: '2 h' },
  { do: 'base', family: 'enamel', coats: ['mist', 'light'] },
)
const fields = fc.constantFrom(
  { family: 'enamel' },
  { coats: ['mist', 'mist', 'light'] },
  { colour: '#112233', solvent: null },
  { gap: '12 min', coats: ['light'] },
  { tool: 'brush' },
)
const edits: fc.Arbitrary<Edit> = fc.oneof(
  fc.record({
    do: fc.constant('insert' as const),
    before: fc.option(target),
    steps: fc.array(
      fc
        .record({ step: laid, parts: fc.subarray(['p0', 'p1', 'p2'], { minLength: 1 }) })
        .map(({ step, parts }) => ({ ...step, id: newId(), parts })),
      { minLength: 1, maxLength: 2 },
    ),
  }),
  fc.record({
    do: fc.constant('change' as const),
    targets: fc.array(target, { minLength: 1, maxLength: 2 }),
    on: scope,
    fields,
  }),
  fc.record({
    do: fc.constant('remove' as const),
    targets: fc.array(target, { minLength: 1, maxLength: 3 }),
    on: scope,
  }),
  fc.record({ do: fc.constant('move' as const), target, before: fc.option(target), on: scope }),
  fc.record({
    do: fc.constant('share' as const),
    steps: fc.uniqueArray(
      target.map(({ step }) => step),
      { minLength: 1, maxLength: 3 },
    ),
    with: fc.subarray(['p0', 'p1', 'p2'], { minLength: 1 }),
  }),
  fc.record({
    do: fc.constant('accept' as const),
    step: target.map(({ step }) => step),
    rule: fc.constant('recoat-too-early'),
    reason: fc.option(fc.constant('It is meant so')),
  }),
) as fc.Arbitrary<Edit>

it('every edit leaves the log as it is, and is taken back whole', () => {
  let applied = 0
  fc.assert(
    fc.property(benches, fc.array(edits, { minLength: 1, maxLength: 5 }), (project, all) => {
      let build = buildOf(project)
      const logged = loggedOf(project)
      for (const edit of all) {
        const result = applyEdit(build, edit, logged, newId)
        holds(project, build, result)
        if (!result.ok) continue
        applied += 1
        build = result.build
      }
      holds(
        project,
        buildOf(project),
        applyEdit(buildOf(project), { do: 'all', edits: all }, logged, newId),
      )
    }),
    { numRuns: RUNS, seed: 5, endOnFailure: true },
  )
  expect(applied).toBeGreaterThan(RUNS / 2)
})

it('a key names its step', () => {
  expect(key({ build: 'b', part: 'p0', step: 's1' })).toBe('b/p0/s1')
})

/** The same bench, its colours painted from bottles that run short, with others beside them that would do. */
function withShelf(project: Project): Project {
  const [build] = project.builds ?? []
  if (!build) return project
  const colour = '#5B6B3A'
  const steps = build.steps.map((step) =>
    isAct(step) && step.family !== undefined ? { ...step, colour } : step,
  )
  const families = new Set(
    steps.flatMap((step) => (isAct(step) && step.family ? [step.family] : [])),
  )
  const bottle = (family: Family, id: string, hex: string, leftMl: number): Bottle => ({
    id: `${family} ${id}`,
    name: `${family} ${id}`,
    family,
    role: 'colour',
    colour: hex,
    sizeMl: 60,
    leftMl,
  })
  return {
    ...project,
    builds: [{ ...build, steps, parts: build.parts.map((part) => ({ ...part, areaCm2: 300 })) }],
    shelf: [...families].flatMap((family) => [
      bottle(family, 'meant', colour, 0.2),
      bottle(family, 'other', '#5F6A3D', 60),
    ]),
  }
}

it('a substitute for a bottle that runs short recolours nothing that is laid', () => {
  let tried = 0
  fc.assert(
    fc.property(benches.map(withShelf), (project) => {
      const build = buildOf(project)
      const logged = loggedOf(project)
      const state = stateOf(project)
      const plans = build.parts.map(({ id }) => planPart(state, { build: 'b', part: id }, NOW).plan)
      for (const { ways } of shelfFindings(state, plans, NOW))
        for (const way of ways) {
          if (!('edit' in way)) continue
          const result = applyEdit(build, way.edit, logged, newId)
          holds(project, build, result)
          tried += result.ok ? 1 : 0
        }
    }),
    { numRuns: Math.ceil(RUNS / 4), seed: 14, endOnFailure: true },
  )
  expect(tried).toBeGreaterThan(RUNS / 40)
})
