import { REFERENCE_CLIMATE } from '../model/climate'
import type { ActStep } from '../model/sequence'
import { resolveStep } from '../stack/state/resolvedStep'
import { CAUTIONS, cautionsFor, generalCautions } from './cautions'

function told(step: ActStep, more: { decanted?: boolean; substrate?: 'resin-printed' } = {}) {
  const work = resolveStep(step, null)
  return cautionsFor({ step, ...work, substrate: 'polystyrene', ...more }).map(
    (caution) => caution.id,
  )
}

test.each([
  { step: { do: 'base', family: 'lacquer' }, ids: ['spray', 'flammable'] },
  { step: { do: 'base', family: 'water-acrylic' }, ids: ['spray'] },
  { step: { do: 'base', family: 'water-acrylic', tool: 'brush' }, ids: [] },
  {
    step: { do: 'clear', family: 'urethane-2k', sheen: 'gloss' },
    ids: ['isocyanate', 'spray', 'flammable'],
  },
  { step: { do: 'line', family: 'enamel-wash' }, ids: ['flammable'] },
  { step: { do: 'oil-dots' }, ids: ['flammable', 'oily-rags'] },
  { step: { do: 'release' }, ids: ['spray', 'flammable'] },
  { step: { do: 'sand', grit: 400 }, ids: ['dust'] },
  { step: { do: 'drill' }, ids: ['blades'] },
  { step: { do: 'powder' }, ids: ['powder'] },
  { step: { do: 'glue-clear', adhesive: 'cyanoacrylate' }, ids: ['cyanoacrylate'] },
  { step: { do: 'decal' }, ids: [] },
  { step: { do: 'detail', minutes: 60 }, ids: ['long-session'] },
  { step: { do: 'chip-brush', markMm: 0.4 }, ids: [] },
  { step: { do: 'chip-brush', markMm: 0.2 }, ids: ['small-marks'] },
  { step: { do: 'chip-brush', markMm: 0.1 }, ids: ['tiny-marks'] },
] as { step: ActStep; ids: string[] }[])('$step.do $step.family: $ids', ({ step, ids }) => {
  expect(told(step)).toEqual(ids)
})

it('decanted paint, warm air and uncured resin have their own', () => {
  expect(told({ do: 'base', family: 'lacquer' }, { decanted: true })).toContain('decanted')
  const warm: ActStep = {
    do: 'base',
    family: 'water-acrylic',
    climate: { ...REFERENCE_CLIMATE, air: 'forced' },
  }
  expect(told(warm)).toContain('warm-air')
  expect(told({ do: 'wash' }, { substrate: 'resin-printed' })).toContain('uncured-resin')
  expect(told({ do: 'wash' })).not.toContain('uncured-resin')
})

it('what holds for every session is told once for all of them', () => {
  expect(generalCautions().map((caution) => caution.id)).toEqual([
    'ammonia-bleach',
    'long-session',
    'others',
    'disposal',
    'brushes',
  ])
  expect(new Set(CAUTIONS.map((caution) => caution.id)).size).toBe(CAUTIONS.length)
})
