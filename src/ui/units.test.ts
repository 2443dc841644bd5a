/** @jest-environment jsdom */
import {
  about,
  bareMeasure,
  measured,
  metricOf,
  onTelling,
  shownIn,
  tellIn,
  telling,
  unitOf,
} from './units'

afterEach(() => tellIn({ others: [], locale: 'en-GB' }))

test.each([
  { value: 17, unit: 'ml', metric: '17 ml', other: '0.575 fl oz' },
  { value: 0.2, unit: 'mm', metric: '0.2 mm', other: '0.008 in' },
  { value: 374, unit: 'cm²', metric: '374 cm²', other: '57.97 in²' },
  { value: 20, unit: '°C', metric: '20 °C', other: '68 °F' },
  { value: 1.4, unit: 'bar', metric: '1.4 bar', other: '20.3 psi' },
  { value: 5, unit: 'g', metric: '5 g', other: '0.176 oz' },
] as const)('$value $unit is told as $other', ({ value, unit, metric, other }) => {
  tellIn({ others: [], locale: 'en-GB' })
  expect(about(value, unit, 2)).toBe(metric)
  tellIn({ others: ['volume', 'length', 'temperature', 'pressure', 'mass'], locale: 'en-GB' })
  expect(about(value, unit, 2)).toBe(other)
  expect(`${bareMeasure(value, unit, 2)} ${unitOf(unit)}`).toBe(other)
  expect(`${shownIn(String(value), unit)} ${unitOf(unit)}`).toBe(other)
  expect(Number(metricOf(shownIn(String(value), unit), unit))).toBeCloseTo(value, 1)
})

it('numbers are written as the locale writes them', () => {
  tellIn({ others: [], locale: 'de-DE' })
  expect(measured(1.2, 'ml', 2)).toBe('1,20 ml')
})

it('what is no number stays as it was typed', () => {
  tellIn({ others: ['temperature'], locale: null })
  expect([shownIn('warm', '°C'), metricOf('warm', '°C'), metricOf('', '°C')]).toEqual([
    'warm',
    'warm',
    '',
  ])
  expect(metricOf('68,5', '°C')).toBe('20.277778')
})

it('it is kept, told, and a damaged setting is the usual one', () => {
  const heard = jest.fn()
  const end = onTelling(heard)
  tellIn({ others: ['mass'], locale: null })
  expect(heard).toHaveBeenCalledTimes(1)
  expect(telling().others).toEqual(['mass'])
  end()
  expect(JSON.parse(localStorage.getItem('tectoria-units') ?? '')).toEqual({
    others: ['mass'],
    locale: null,
  })
})
