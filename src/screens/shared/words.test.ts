import { ACTS, FAMILIES } from '@/core/model/vocabulary'
import { actName, capital, familyName, plain, stepName } from './words'

test.each([
  { step: { do: 'clear', sheen: 'gloss' }, name: 'Gloss clear' },
  { step: { do: 'clear', sheen: 'semi-gloss' }, name: 'Semi-gloss clear' },
  { step: { do: 'clear' }, name: 'Clear' },
  { step: { do: 'wash' }, name: 'Wash the part' },
  { step: { do: 'wash', family: 'water-wash' }, name: 'Wash over all' },
  { step: { do: 'line-clean' }, name: 'Clean up the lining' },
] as const)('$step is called $name', ({ step, name }) => {
  expect(stepName(step)).toBe(name)
})

it('no two acts have one name, and none is an id', () => {
  const names = ACTS.map(actName)
  expect(new Set(names).size).toBe(ACTS.length)
  expect(
    names.filter((name) => name.includes('-') || name.charAt(0) !== name.charAt(0).toUpperCase()),
  ).toEqual(['Pre-shade'])
})

it('no two families have one name', () => {
  expect(new Set(FAMILIES.map(familyName)).size).toBe(FAMILIES.length)
})

test.each([
  { id: 'spray-can', words: 'Spray can' },
  { id: 'spirit-mild', words: 'Spirit mild' },
  { id: '', words: '' },
])('$id in words is $words', ({ id, words }) => {
  expect(plain(id)).toBe(words)
  expect(capital(words)).toBe(words)
})
