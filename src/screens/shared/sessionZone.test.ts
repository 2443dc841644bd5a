import { isSameZone, sayZone } from './sessionZone'

const WINTER = Date.parse('2026-01-10T12:00:00Z')

it.each([
  ['Europe/Lisbon', 'Europe/Lisbon', true],
  ['Europe/Lisbon', 'Portugal', true],
  ['Europe/Lisbon', 'Europe/London', true],
  ['Europe/Lisbon', 'America/New_York', false],
  // The same in winter alone.
  ['Europe/Lisbon', 'Africa/Abidjan', false],
])('%s and %s show the same: %s', (a, b, same) => {
  expect(isSameZone(a, b, WINTER)).toBe(same)
})

it('a zone is called by its town', () => {
  expect(sayZone('America/Argentina/Buenos_Aires')).toBe('Buenos Aires')
  expect(sayZone('UTC')).toBe('UTC')
})
