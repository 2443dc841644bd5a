import { FAMILIES, SOLVENTS } from '../model/vocabulary'
import { ACT_TABLE, actRow } from './acts'
import { applyEnergy } from './energies'
import { GLOSSARY } from './glossary'
import { EFFECTS, hotter, reaction, shiftEffect, worseEffect } from './reactions'
import { defaultSheen } from './sheens'

describe('the reaction matrix, handbook 2.3', () => {
  test.each([
    { film: 'lacquer', solvent: 'lacquer-hot', row: 'd d r' },
    { film: 'alcohol-acrylic', solvent: 'alcohol', row: 'd r s' },
    { film: 'alcohol-acrylic', solvent: 'lacquer-hot', row: 'd l s' },
    { film: 'water-acrylic', solvent: 'water', row: 'd s -' },
    { film: 'acrylic-pu', solvent: 'lacquer-mild', row: 'l s -' },
    { film: 'enamel', solvent: 'spirit-hot', row: 'd r s' },
    { film: 'enamel', solvent: 'reducer-2k', row: 'l l s' },
    { film: 'enamel-wash', solvent: 'spirit-mild', row: 'd r r' },
    { film: 'oil', solvent: 'spirit-mild', row: 'd r s' },
    { film: 'watercolour', solvent: 'water', row: 'r r r' },
    { film: 'mirror-metal', solvent: 'spirit-hot', row: 'l s s' },
    { film: 'chrome-ink', solvent: 'alcohol', row: 'd d d' },
    { film: 'decal', solvent: 'alcohol', row: 's s s' },
    { film: 'urethane-2k', solvent: 'plastic-solvent', row: 'd d -' },
    { film: 'lacquer', solvent: 'plastic-solvent', row: 'd d d' },
  ] as const)('$film under $solvent: $row', ({ film, solvent, row }) => {
    const states = ['fresh', 'set', 'cured'] as const
    expect(states.map((state) => reaction(film, state, solvent)).join(' ')).toBe(row)
  })

  it('knows every family under every solvent', () => {
    for (const family of FAMILIES)
      for (const solvent of SOLVENTS) expect(EFFECTS).toContain(reaction(family, 'set', solvent))
  })
})

describe('energy of application, handbook 2.3', () => {
  test.each([
    { effect: 's', tool: 'airbrush', coat: 'mist', after: '-', why: 'mist flashes off' },
    {
      effect: '-',
      tool: 'soak',
      coat: 'light',
      after: '-',
      why: 'nothing never becomes something',
    },
    { effect: 's', tool: 'airbrush', coat: 'wet', after: 'r', why: 'wet sprayed' },
    { effect: 'l', tool: 'airbrush', coat: 'wet', after: 'd', why: 'wet sprayed' },
    { effect: 'r', tool: 'airbrush', coat: 'wet', after: 'r', why: 'never to lifting' },
    { effect: 's', tool: 'brush', coat: 'wet', after: 's', why: 'brushed on' },
    { effect: 's', tool: 'flood', coat: 'flood', after: 'r', why: 'flooded' },
    { effect: 's', tool: 'damp-brush', coat: 'light', after: 's', why: 'damp' },
    { effect: 's', tool: 'wet-swab', coat: 'light', after: 'r', why: 'rubbed' },
    { effect: 'r', tool: 'stiff-brush', coat: 'light', after: 'l', why: 'scrubbed' },
    { effect: 's', tool: 'soak', coat: 'light', after: 'l', why: 'soaked' },
  ] as const)('$effect by $tool, $coat: $why', ({ effect, tool, coat, after }) => {
    expect(applyEnergy(effect, tool, coat, 'alcohol', false)).toBe(after)
  })

  it('sprayed water stays as it is, however wet', () => {
    expect(applyEnergy('s', 'airbrush', 'wet', 'water', false)).toBe('s')
  })

  it('a shield of mist makes the later coats one step weaker', () => {
    expect(applyEnergy('s', 'airbrush', 'light', 'alcohol', true)).toBe('-')
    expect(applyEnergy('l', 'airbrush', 'wet', 'alcohol', true)).toBe('l')
  })
})

it('effects stay on their scale', () => {
  expect(shiftEffect('d', 2)).toBe('d')
  expect(shiftEffect('s', -3)).toBe('-')
  expect(worseEffect('l', 'r')).toBe(true)
  expect(hotter('spirit-hot', 'water')).toBe(true)
})

test.each([
  { family: 'lacquer', role: 'primer', wet: false, sheen: 'matt' },
  { family: 'lacquer', role: 'colour', wet: false, sheen: 'satin' },
  { family: 'lacquer', role: 'colour', wet: true, sheen: 'semi-gloss' },
  { family: 'lacquer', role: 'metal', wet: false, sheen: 'semi-gloss' },
  { family: 'mirror-metal', role: 'metal', wet: false, sheen: 'gloss' },
  { family: 'enamel', role: 'colour', wet: false, sheen: 'semi-gloss' },
  { family: 'water-acrylic', role: 'colour', wet: false, sheen: 'matt' },
  { family: 'water-acrylic', role: 'clear-colour', wet: false, sheen: 'gloss' },
] as const)('$family $role dries $sheen, last coat wet $wet', ({ family, role, wet, sheen }) => {
  expect(defaultSheen(family, role, wet)).toBe(sheen)
})

it('wash without a family cleans, with one it is paint', () => {
  expect(actRow('wash', undefined)).toBe(ACT_TABLE.wash)
  expect(actRow('wash', 'water-wash').kind).toBe('film')
})

it('the glossary is in the order of the alphabet, each word once and explained without itself', () => {
  const words = GLOSSARY.map(({ word }) => word)
  expect(words).toEqual([...words].sort((a, b) => a.localeCompare(b, 'en')))
  expect(new Set(words).size).toBe(words.length)
  for (const { word, means } of GLOSSARY) {
    expect(means.length).toBeGreaterThan(20)
    expect(means.toLowerCase().split(/\W+/)).not.toContain(word.toLowerCase())
  }
})
