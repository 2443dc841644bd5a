import { readStreamLine } from './sensorReading'
import { roomAt, silentAt } from './simulatedRoom'

const ZONE = 'Europe/Lisbon'
const START = Date.parse('2026-03-10T00:00:00Z')
const HOUR = 3_600_000
const hours = Array.from({ length: 15 * 24 }, (_, i) => START + i * HOUR)

it('the made-up room is heated in the evening and cold at night', () => {
  for (let day = 0; day < 15; day++) {
    const evening = roomAt(START + (day * 24 + 20) * HOUR, ZONE).celsius
    const night = roomAt(START + (day * 24 + 4) * HOUR, ZONE).celsius
    expect(evening).toBeGreaterThan(18)
    expect(night).toBeLessThan(14)
  }
})

it('it is too damp for lacquer on some evenings, and dry on most', () => {
  const evenings = hours.filter((at) => new Date(at).getUTCHours() === 20)
  const damp = evenings.filter((at) => roomAt(at, ZONE).humidity > 75)
  expect(damp.length).toBeGreaterThanOrEqual(3)
  expect(damp.length).toBeLessThanOrEqual(4)
})

it('its air can be, and the same instant gives the same', () => {
  for (const at of hours) {
    const air = roomAt(at, ZONE)
    expect(air.celsius).toBeGreaterThan(5)
    expect(air.celsius).toBeLessThan(28)
    expect(air.humidity).toBeGreaterThan(20)
    expect(air.humidity).toBeLessThanOrEqual(97)
    expect(roomAt(at, ZONE)).toEqual(air)
  }
})

it('the sensor is silent for some hours of some nights', () => {
  const silent = hours.filter((at) => silentAt(at, ZONE))
  expect(silent).toHaveLength(5 * 4)
})

test.each([
  { line: '{"at":"2026-03-10T18:00:00Z","celsius":19.5,"humidity":61}', path: null },
  { line: '{"at":"2026-03-10T18:00:00Z","celsius":19.5}', path: 'humidity' },
  { line: '{"at":"2026-03-10T18:00:00Z","celsius":190,"humidity":61}', path: 'celsius' },
  { line: '{"at":"soon","celsius":19,"humidity":61}', path: 'at' },
  { line: '19.5;61', path: '' },
])('$line', ({ line, path }) => {
  const read = readStreamLine(line)
  expect(read.ok).toBe(path === null)
  if (!read.ok) expect(read.problems[0]?.path).toBe(path)
})
