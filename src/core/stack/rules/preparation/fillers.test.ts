import type { Step } from '../../../model/sequence'
import { check } from '../../check'

const AIR = { celsius: 20, humidity: 50, air: 'room' } as const

/** What is said of sanding a filler after a time. */
function sanded(fill: Record<string, unknown>, wait: string, climate: object = AIR): string | null {
  const steps = [{ do: 'fill', ...fill }, { wait }, { do: 'sand', grit: 400 }] as Step[]
  const { findings } = check({
    format: 'tectoria-sequence',
    version: 1,
    substrate: 'polystyrene',
    waits: 'as-written',
    climate: { ...AIR, ...climate },
    steps,
  })
  return findings.find(({ rule }) => rule === 'filler-curing')?.severity ?? null
}

test.each([
  [{}, '11 h', {}, 'note'],
  [{}, '12 h', {}, null],
  [{ filler: 'putty' }, '2 h', {}, 'risk'],
  [{ filler: 'putty' }, '12 h', {}, null],
  [{ filler: 'putty', depthMm: 3.5 }, '23 h', {}, 'note'],
  [{ filler: 'putty', depthMm: 3.5 }, '24 h', {}, null],
  [{ filler: 'two-part' }, '10 min', {}, 'risk'],
  [{ filler: 'two-part' }, '60 min', {}, null],
  [{ filler: 'two-part' }, '60 min', { celsius: 12 }, 'note'],
  [{ filler: 'cyanoacrylate' }, '11 min', {}, 'note'],
  [{ filler: 'cyanoacrylate', kicker: true }, '11 min', {}, null],
  [{ adhesive: 'cyanoacrylate' }, '31 min', {}, null],
  [{ filler: 'light-cured' }, '2 min', {}, null],
  [{ filler: 'sprue-cement' }, '20 h', {}, 'note'],
  [{ filler: 'sprue-cement' }, '24 h', {}, null],
])('%j sanded after %s in %j: %s', (fill, wait, climate, severity) => {
  expect(sanded(fill, wait, climate)).toBe(severity)
})
