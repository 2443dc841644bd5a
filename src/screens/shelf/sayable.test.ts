import { stateOf } from '@/core/builds'
import { unbalancedParts } from '@/core/builds/leftRight'
import { planParts } from '@/core/builds/planParts'
import { DECIDED } from '@/core/formats/knowledgeIndex'
import { buildOfText } from '@/core/formats/text/buildOfText'
import { readPlan } from '@/core/formats/text/readPlan'
import type { Bottle } from '@/core/model/bottle'
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
  'left-right': { speaks: () => mirrored('Left arm: gloss'), silent: () => mirrored('gloss') },
}

function mirrored(plan: string): string[] {
  let count = 0
  const read = readPlan(`part Left arm: abs\npart Right arm: abs\nprime\n${plan}`)
  return unbalancedParts(buildOfText(read, () => `n${++count}`)).map(({ rule }) => rule)
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
