import type { Bottle } from '@/core/model/bottle'
import { type BottleDraft, draftOf, readBottle } from './bottleDraft'

const NOW = Date.parse('2026-03-14T12:00:00Z')
const FULL: Bottle = {
  id: 'teal',
  name: 'Harbour Teal',
  maker: 'Ferrowick',
  family: 'alcohol-acrylic',
  role: 'colour',
  sheen: 'satin',
  colour: '#2F6B6A',
  sizeMl: 23,
  leftMl: 13.25,
  share: 0.755,
  dropsPerMl: 26,
  state: 'open',
  undertone: '#77AAA9',
  undercoat: '#E9E9E6',
  hiding: 2.5,
  strength: 1.2,
  density: 1.1,
  code: 'HT-14',
  boughtAt: 'The corner shop',
  price: 3.2,
  openedOn: '2026-01-05',
  keepsMonths: 18,
  reworkHours: 2,
  product: { name: 'Teal', recoat: '2 h', cured: '3 d', suits: ['metal'] },
  thinnings: [{ at: '2026-02-01T10:00:00Z', addedMl: 1, addedShare: 0, shareAfter: 0.755 }],
}
const PLAIN: Bottle = {
  id: 'plain',
  name: 'Plain',
  family: 'lacquer',
  role: 'clear',
  sizeMl: 50,
  leftMl: 50,
}
const change = (bottle: Bottle, fields: Partial<BottleDraft>) =>
  readBottle(bottle, { ...draftOf(bottle), ...fields }, NOW)

test.each([
  ['a full one', FULL],
  ['one thinned to two thirds', { ...FULL, share: 0.666667 }],
  ['a plain one', { ...PLAIN, state: 'open' as const }],
])('%s comes back as it was', (_, bottle) => {
  const read = change(bottle, {})
  expect(read.ok && JSON.parse(JSON.stringify(read.value))).toEqual(bottle)
})

test.each([
  [{ share: '80' }, { share: 0.8 }],
  [{ leftMl: '2,5' }, { leftMl: 2.5 }],
  [{ recoat: '', cured: '' }, { product: { name: 'Teal', suits: ['metal'] } }],
  [{ potLife: ' 4 h ' }, { product: expect.objectContaining({ potLife: '4 h', recoat: '2 h' }) }],
  [
    { state: 'decanted' },
    { state: 'decanted', lid: 'resting', decantedAt: '2026-03-14T12:00:00.000Z' },
  ],
  [
    { code: 'HT-41' },
    { code: 'HT-41', earlierCodes: [{ code: 'HT-14', until: '2026-03-14T12:00:00.000Z' }] },
  ],
] as [Partial<BottleDraft>, object][])('%j is read', (fields, expected) => {
  const read = change(FULL, fields)
  expect(read.ok && read.value).toMatchObject(expected)
})

test.each([
  ['name', '', /Enter a name/],
  ['sizeMl', 'large', /not “large”/],
  ['colour', 'tealish', /Enter a colour/],
  ['recoat', 'soon', /Enter a duration/],
  ['openedOn', '2026-13-40', /Enter a date/],
  ['keepsMonths', '1.5', /Enter a whole number/],
  ['undercoat', '#12', /Enter a colour/],
] as const)('%s "%s" is refused in its own field', (name, text, words) => {
  const read = change(FULL, { [name]: text })
  expect(read.ok).toBe(false)
  expect(!read.ok && read.errors[name]).toMatch(words)
})

it('a new bottle has no id yet; nothing typed of a sheet is no sheet', () => {
  const read = change({ ...PLAIN, id: '' }, {})
  expect(read.ok && read.value.id).toBe('')
  expect(read.ok && read.value.product).toBeUndefined()
})
