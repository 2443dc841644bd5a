import { shapeEdit, stateOf } from '@/core/builds'
import { unbalanced } from '@/core/builds/leftRight'
import { planParts } from '@/core/builds/planParts'
import { scaleMismatch } from '@/core/builds/scaleMismatch'
import { DECIDED } from '@/core/formats/knowledgeIndex'
import { buildOfText } from '@/core/formats/text/buildOfText'
import { readPlan } from '@/core/formats/text/readPlan'
import { applyEdit } from '@/core/model/applyEdit'
import type { Bottle } from '@/core/model/bottle'
import type { Build, Part } from '@/core/model/build'
import type { Edit } from '@/core/model/edit'
import { isAct } from '@/core/model/isAct'
import type { Project } from '@/core/model/project'
import { RULE_NAMES } from '@/core/stack/rules/finding'
import { shelfFindings } from '@/core/stock/shelfRules'
import { type BottleDraft, draftOf, readBottle } from './bottleDraft'

const NOW = Date.parse('2026-03-17T18:00:00Z')
const HOUR = 3_600_000

const NEW: Bottle = {
  id: 'k',
  name: 'Field green',
  family: 'alcohol-acrylic',
  role: 'colour',
  sizeMl: 20,
  leftMl: 20,
}

/** A bottle as it comes out of the form, typed in at an hour before now. */
function typed(fields: Partial<BottleDraft>, hoursAgo = 0): Bottle {
  const draft = { ...draftOf(NEW), colour: '#7A8471', ...fields } as BottleDraft
  const read = readBottle(NEW, draft, NOW - hoursAgo * HOUR)
  if (!read.ok) throw new Error(JSON.stringify(read.errors))
  return { ...read.value, id: 'k' }
}

/** What the shelf says of a plan in words, painted from the bottle. */
function told(bottle: Bottle, plan: string, mixes: unknown[] = []): string[] {
  let count = 0
  const read = readPlan(`part Chest: polystyrene, 200 cm²\n${plan}`, { shelf: [bottle] })
  const build = buildOfText(read, () => `n${++count}`)
  const steps = mixes.length > 0 ? build.steps.map((step) => ({ ...step, mix: 'm' })) : build.steps
  const project = {
    format: 'tectoria-project',
    version: 1,
    builds: [{ ...build, steps }],
    shelf: [bottle],
    mixes,
  } as Project
  const plans = planParts(stateOf(project), NOW).map((part) => part.plan)
  return shelfFindings(stateOf(project), plans, NOW).map(({ rule }) => rule)
}

const BASE = 'base Field green light x2'
const TWICE = `${BASE}; 2 h; ${BASE}`
const TWO_PART = { family: 'urethane-2k' }
const mixed = (hours: number) => [
  {
    id: 'm',
    name: 'Hull',
    at: new Date(NOW - hours * HOUR).toISOString(),
    family: 'urethane-2k',
    volumeMl: 9,
    ingredients: [{ name: 'Clear', parts: 1, bottle: 'k' }],
  },
]
const DECANTED = { state: 'decanted' }

/** What is typed so that a rule speaks, and so that it falls silent. */
const SAID: Record<string, { speaks: () => string[]; silent: () => string[] }> = {
  'bottle-already-thinned': {
    speaks: () => told(typed({ share: '60' }), BASE),
    silent: () => told(typed({ share: '100' }), BASE),
  },
  'bottle-short': {
    speaks: () => told(typed({ leftMl: '0.5' }), BASE),
    silent: () => told(typed({ leftMl: '20' }), BASE),
  },
  'last-bottle': {
    speaks: () => told(typed({ leftMl: '1.2' }), TWICE),
    silent: () => told(typed({}), TWICE),
  },
  'gas-off': {
    speaks: () => told(typed(DECANTED, 1), BASE),
    silent: () => told(typed(DECANTED, 12), BASE),
  },
  'lid-sealed': {
    speaks: () => told(typed({ ...DECANTED, lid: 'closed' }, 13), BASE),
    silent: () => told(typed({ ...DECANTED, lid: 'resting' }, 13), BASE),
  },
  'mix-hardened': {
    speaks: () => told(typed(TWO_PART), BASE, mixed(4)),
    silent: () => told(typed({ ...TWO_PART, potLife: '6 h' }), BASE, mixed(4)),
  },
  'zone-forgotten': { speaks: () => zoned(4), silent: () => zoned(6) },
  'open-defects': {
    speaks: () => held({ spots: [{ id: 'a', kind: 'seam' }] }),
    silent: () => held({ spots: [{ id: 'a', kind: 'seam', state: 'good' }] }),
  },
  'mount-too-weak': {
    speaks: () => held({ weightG: 90, holder: { kind: 'stick' } }),
    silent: () => held({ weightG: 90, holder: { kind: 'stick', mm: 6 } }),
  },
  'held-on-wet': {
    speaks: () => held({ holder: { kind: 'clip', zone: 'top' } }),
    silent: () => held({ holder: { kind: 'clip' } }),
  },
  'out-of-reach': {
    speaks: () => held({}, ['assemble', 'base']),
    silent: () => held({}, ['base', 'assemble']),
  },
  'scale-mismatch': { speaks: () => scaled(144), silent: () => scaled(72) },
  'left-right': { speaks: () => mirrored('Left arm: gloss'), silent: () => mirrored('gloss') },
}

/** A hull with the zones of a box, and a colour that is said to be for so many of them. */
function zoned(count: number): string[] {
  let nth = 0
  const newId = () => `n${++nth}`
  const drawn = buildOfText(readPlan('part Hull: abs\nprime; base green'), newId)
  const edited = (build: Build, edit: Edit) => {
    const done = applyEdit(build, edit, () => null, newId)
    if (!done.ok) throw new Error(done.why)
    return done.build
  }
  const shape = { kind: 'box-hull', lengthMm: 90, widthMm: 40, heightMm: 30 } as const
  const shaped = edited(drawn, shapeEdit(drawn, drawn.parts[0] as Part, shape))
  const zones = (shaped.zones ?? []).slice(6 - count).map(({ id }) => id)
  const targets = [{ step: shaped.steps.findLast(isAct)?.id ?? '' }]
  const said = edited(shaped, { do: 'change', targets, on: 'every', fields: { zones } })
  const project = { format: 'tectoria-project', version: 1, builds: [said] } as Project
  return planParts(stateOf(project), NOW).flatMap(({ plan }) =>
    plan.findings.map(({ rule }) => rule),
  )
}

/** A hull that is held somehow, and painted at its top in some order. */
function held(fields: Partial<Part>, acts: readonly string[] = ['base']): string[] {
  const drawn = buildOfText(readPlan('part Hull: abs\nprime'), () => 'n')
  const [hull] = drawn.parts as [Part]
  const steps = acts.map((act, i) => ({
    id: `s${i}`,
    parts: [hull.id],
    do: act,
    ...(act === 'base' ? { family: 'enamel', zones: ['top'] } : { shuts: ['top'] }),
  })) as Build['steps']
  const zones = [{ id: 'top', part: hull.id, name: 'Top' }]
  const said = { ...drawn, parts: [{ ...hull, ...fields }], zones, steps }
  const project = { format: 'tectoria-project', version: 1, builds: [said] } as Project
  return planParts(stateOf(project), NOW).flatMap(({ plan }) =>
    plan.findings.map(({ rule }) => rule),
  )
}

/** A wheel of 0.9 m that is 12.5 mm on the model, of a build that says its scale. */
function scaled(scale: number): string[] {
  const drawn = buildOfText(readPlan('part Hull: abs\nprime'), () => 'n')
  const lengths = [{ name: 'Wheel', modelMm: 12.5, realM: 0.9 }]
  return scaleMismatch({ ...drawn, scale, lengths }).map(({ rule }) => rule)
}

function mirrored(plan: string): string[] {
  let count = 0
  const read = readPlan(`part Left arm: abs\npart Right arm: abs\nprime\n${plan}`)
  return unbalanced(buildOfText(read, () => `n${++count}`)).map(({ rule }) => rule)
}

test.each(Object.entries(SAID))(
  '%s speaks and falls silent by what is typed',
  (rule, { speaks, silent }) => {
    expect(speaks()).toContain(rule)
    expect(silent()).not.toContain(rule)
  },
)

it('every rule of the index is asked here or at the editor of a step', () => {
  expect(
    DECIDED.filter((rule) => !(rule in SAID) && !(RULE_NAMES as readonly string[]).includes(rule)),
  ).toEqual([])
})
