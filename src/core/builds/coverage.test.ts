import { applyEdit } from '../model/applyEdit'
import type { Build, BuildStep } from '../model/build'
import type { Project } from '../model/project'
import type { Zone } from '../model/zone'
import { stateOf } from './benchState'
import { coverageOf, forgottenIn } from './coverage'
import { judgePart } from './judgePart'
import { unbalanced } from './leftRight'

const NOW = Date.parse('2026-03-14T19:05:00Z')
const zone = (id: string, more: Partial<Zone> = {}): Zone => ({
  id,
  part: 'tank',
  name: id,
  areaCm2: 20,
  ...more,
})
const HULL = ['hull', 'turret', 'skirts', 'deck']

function build(
  steps: readonly Record<string, unknown>[],
  zones: readonly Zone[] = [...HULL.map((id) => zone(id)), zone('track', { name: 'Track' })],
): Build {
  return {
    id: 'b',
    name: 'Ploughman 6',
    parts: [{ id: 'tank', name: 'Body', substrate: 'polystyrene' }],
    zones: [...zones],
    steps: steps.map((step, i) => ({ ...step, id: `s${i}`, parts: ['tank'] }) as BuildStep),
  }
}

const PRIME = { do: 'prime' }
const GREEN = { do: 'base', family: 'water-acrylic', colour: '#4E5B3C', zones: HULL }
const CLEAR = { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt' }
const judged = (of: Build) =>
  judgePart(
    stateOf({ format: 'tectoria-project', version: 1, builds: [of] } as Project),
    { build: 'b', part: 'tank' },
    NOW,
    () => 'n',
  )
const zoneFinding = (of: Build) => judged(of).findings.find(({ rule }) => rule === 'zone-forgotten')

describe('coverage', () => {
  it('is zones by stages, with what was forgotten', () => {
    const { stages, rows } = coverageOf(build([PRIME, GREEN, CLEAR]))
    expect(stages).toEqual([3, 5, 13])
    expect(rows.map(({ cells }) => cells.join(' '))).toEqual([
      ...Array(4).fill('planned planned planned'),
      'planned forgotten planned',
    ])
  })

  it('a build without zones has none', () => {
    expect(coverageOf(build([PRIME, GREEN], []))).toEqual({ stages: [], rows: [] })
    expect(forgottenIn(build([PRIME, GREEN], []))).toEqual([])
  })

  test.each([
    ['it was said that it does without', { without: [5] }, 'without'],
    ['it stays plain metal', { endsAs: 'metal' }, 'none'],
    ['nobody will see it', { seen: 0 }, 'none'],
  ] as [string, Partial<Zone>, string][])('%s', (_, more, cell) => {
    const zones = [...HULL.map((id) => zone(id)), zone('track', more)]
    const { rows } = coverageOf(build([PRIME, GREEN, CLEAR], zones))
    expect(rows.at(-1)?.cells[1]).toBe(cell)
  })

  it('what only a few zones have is asked of no other', () => {
    const { rows } = coverageOf(build([PRIME, { ...GREEN, zones: ['hull', 'turret'] }, CLEAR]))
    expect(rows.at(-1)?.cells[1]).toBe('none')
  })

  it('a mask over all of it is no colour', () => {
    const taped = build([PRIME, GREEN, { do: 'tape' }, { do: 'untape' }, CLEAR])
    expect(coverageOf(taped).rows.at(-1)?.cells[1]).toBe('forgotten')
  })

  it('another colour is a colour too', () => {
    const steel = { ...GREEN, colour: '#3B3C3E', zones: ['track'] }
    expect(forgottenIn(build([PRIME, GREEN, steel, CLEAR]))).toEqual([])
  })
})

describe('a forgotten zone', () => {
  it('is a note, and a risk at the clear that would seal it in', () => {
    expect(zoneFinding(build([PRIME, GREEN]))).toMatchObject({
      severity: 'note',
      step: 's1',
      zones: ['track'],
    })
    expect(zoneFinding(build([PRIME, GREEN, CLEAR]))).toMatchObject({
      severity: 'risk',
      step: 's2',
      because:
        'Track has no step for colour. Most other zones have one, and this clear would seal it in.',
    })
  })

  it('is told once a step, whatever it lacks', () => {
    const found = forgottenIn(
      build([{ ...PRIME, zones: HULL }, { ...GREEN, zones: [...HULL.slice(1), 'track'] }, CLEAR]),
    )
    expect(found.map(({ step, zones }) => [step, zones.map(({ zone: of }) => of.id)])).toEqual([
      ['s2', ['hull', 'track']],
    ])
  })

  it('has two ways out: the step on it too, or that it does without; each ends it', () => {
    const of = build([PRIME, GREEN, CLEAR])
    const ways = zoneFinding(of)?.remedies ?? []
    expect(ways.map(({ say }) => say)).toEqual([
      'Do it on Track too: base colour',
      'Track does without',
    ])
    for (const { edit } of ways) {
      const done = applyEdit(
        of,
        edit,
        () => null,
        () => 'n',
      )
      expect(done.ok && zoneFinding(done.build)).toBeUndefined()
    }
  })
})

describe('mirrored zones', () => {
  const zones = [
    zone('port', { name: 'Port side', mirror: 'starboard' }),
    zone('starboard', { name: 'Starboard side', mirror: 'port' }),
  ]
  const streaks = (on: string[]) => ({ do: 'streak', zones: on })

  it('with other steps are told, once', () => {
    const found = unbalanced(build([PRIME, streaks(['port'])], zones))
    expect(found).toMatchObject([
      { because: 'A step is meant for only one of Port side and Starboard side.', steps: ['s1'] },
    ])
  })

  test.each([
    ['treated alike', [PRIME, streaks(['port', 'starboard'])], {}],
    ['by a step each', [PRIME, streaks(['port']), streaks(['starboard'])], {}],
    ['lopsided on purpose', [PRIME, streaks(['port'])], { lopsided: true }],
  ])('are silent: %s', (_, steps, more) => {
    expect(unbalanced({ ...build(steps, zones), ...more })).toEqual([])
  })
})
