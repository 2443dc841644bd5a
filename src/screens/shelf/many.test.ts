import type { Bottle } from '@/core/model/bottle'
import { given } from './many'

const NOW = Date.parse('2026-03-14T12:00:00Z')
const bottle = (name: string, more: Partial<Bottle> = {}): Bottle => ({
  id: name.toLowerCase(),
  name,
  family: 'lacquer',
  role: 'colour',
  sizeMl: 10,
  leftMl: 5,
  ...more,
})
const TWO = [bottle('Red'), bottle('Blue', { maker: 'Ferrowick', share: 0.5 })]

test.each([
  ['leftMl', '2,5', [{ leftMl: 2.5 }, { leftMl: 2.5 }]],
  ['share', '80', [{ share: 0.8 }, { share: 0.8 }]],
  ['share', '', [{}, { share: undefined }]],
  ['maker', ' Osmund ', [{ maker: 'Osmund' }, { maker: 'Osmund' }]],
  ['maker', '', [{}, { maker: undefined }]],
  ['family', 'enamel', [{ family: 'enamel' }, { family: 'enamel' }]],
  [
    'state',
    'decanted',
    [
      { state: 'decanted', decantedAt: '2026-03-14T12:00:00.000Z', lid: 'resting' },
      { state: 'decanted', decantedAt: '2026-03-14T12:00:00.000Z', lid: 'resting' },
    ],
  ],
] as const)('%s "%s" is given to all, and nothing else is changed', (field, text, fields) => {
  const changes = TWO.map(({ id }, i) => ({ id, fields: fields[i] }))
  expect(given(TWO, field, text, NOW)).toEqual({ ok: true, changes })
})

test.each([
  ['leftMl', 'full', 'Red: Enter a number from 0 to 5000 ml, not “full”'],
  ['leftMl', '', 'Red: Enter a number from 0 to 5000 ml'],
  ['share', '120', 'Red: Enter a number from 1 to 100 %, not 120'],
] as const)('%s "%s" is refused, and nothing is given', (field, text, error) => {
  expect(given(TWO, field, text, NOW)).toEqual({ ok: false, error })
})

it('one bottle is not named in its own row', () => {
  const refused = given([bottle('Red')], 'leftMl', '-1', NOW)
  expect(refused).toEqual({ ok: false, error: expect.stringMatching(/not -1$/) })
})
