import type { Step } from '../../model/sequence'
import type { Substrate } from '../../model/vocabulary'
import { check } from '../check'
import type { RuleName } from '../rules/finding'
import { sequence } from '../tests/sequences'
import { PRIME } from '../tests/soundPractice'

const BASE: Step = { do: 'base', family: 'alcohol-acrylic', coats: ['light', 'light'] }

/** The ways out that are offered for a rule. */
function ways(rule: RuleName, steps: Step[], substrate: Substrate = 'polystyrene') {
  const found = check(sequence(steps, { substrate })).findings.find((one) => one.rule === rule)
  return (found?.remedies ?? []).map(({ say, edit }) => ({ say, edit }))
}

test.each<[string, Step, boolean]>([
  ['whole coats are', { do: 'base', family: 'alcohol-acrylic', tool: 'brush' }, true],
  ['a detail isn’t', { do: 'detail', family: 'alcohol-acrylic' }, false],
  ['dry-brushed edges aren’t', { do: 'drybrush', family: 'alcohol-acrylic' }, false],
])('what would be brushed where it rubs is sprayed instead: %s', (_, step, sprayed) => {
  const says = ways('solvent-attacks-film', [PRIME, { wait: '24 h' }, BASE, { wait: '3 h' }, step])
  expect(says.length).toBeGreaterThan(0)
  expect(says.some(({ say }) => say === 'Spray it instead')).toBe(sprayed)
})

test.each<[string, Step[], Substrate, boolean]>([
  ['residue on it', [BASE], 'resin-cast', true],
  ['degreased already', [{ do: 'degrease' }, BASE], 'resin-cast', false],
  ['nothing on it', [{ do: 'base', family: 'lacquer' }], 'polycarbonate', false],
])('priming first cleans first where that is wanted: %s', (_, steps, substrate, cleaned) => {
  const primed = ways('needs-primer', steps, substrate).flatMap(({ edit }) =>
    'insert' in edit && 'steps' in edit.insert ? [edit.insert.steps] : [],
  )
  expect(primed.length).toBeGreaterThan(0)
  for (const laid of primed) expect(laid).toContainEqual(expect.objectContaining({ do: 'prime' }))
  const cleans = primed.map((laid) => laid.some((step) => 'do' in step && step.do === 'degrease'))
  expect(new Set(cleans)).toEqual(new Set([cleaned]))
})

test.each<[string, Step[], Step[]]>([
  ['with nothing over it at once', [], [{ do: 'untape' }]],
  ['with paint over it once that bears it', [BASE], [{ wait: '5 min' }, { do: 'untape' }]],
])('a mask that is left on comes off: %s', (_, over, steps) => {
  const masked: Step[] = [PRIME, { wait: '24 h' }, BASE, { wait: '12 h' }, { do: 'tape' }]
  const found = ways('mask-left-on', [...masked, ...over])
  expect(found.map(({ edit }) => edit)).toContainEqual({
    insert: expect.objectContaining({ steps }),
  })
})

test('paint of too few coats says in how many it covers', () => {
  const yellow: Step = { do: 'base', family: 'lacquer', colour: '#D8A520' }
  const black: Step = { do: 'prime', colour: '#222223' }
  const { findings } = check(sequence([black, { wait: '24 h' }, yellow]))
  const thin = findings.find(({ rule }) => rule === 'thin-paint-coats')
  expect(thin?.because).toMatch(/: it covers in [2-9]\.$/)
})

test('paint that comes too late is told how late it could have come, and how late it does', () => {
  const top: Step = { do: 'base', family: 'alcohol-acrylic' }
  const steps: Step[] = [PRIME, { wait: '24 h' }, { do: 'release' }, { wait: '13 h' }, top]
  const late = check(sequence(steps)).findings.find(({ rule }) => rule === 'recoat-window-missed')
  expect(late?.because).toContain('takes the next paint up to 12 h after its last coat')
  expect(late?.because).toContain('this comes after 13 h')
})

test('what comes too late is told how much sooner it may come', () => {
  const top: Step = { do: 'base', family: 'alcohol-acrylic' }
  const steps: Step[] = [PRIME, { wait: '24 h' }, { do: 'release' }, { wait: '13 h' }, top]
  expect(ways('recoat-window-missed', steps)).toContainEqual(
    expect.objectContaining({ edit: { replace: { step: 3, with: { wait: '11 h 59 min' } } } }),
  )
})

test('an effect that a matt would hide is moved behind it, after a night', () => {
  const [graphite, ready]: [Step, Step[]] = [{ do: 'graphite' }, [PRIME, { wait: '24 h' }, BASE]]
  const matt: Step = { do: 'clear', family: 'acrylic-pu', sheen: 'matt' }
  const wait: Step = { wait: '24 h' }
  const last: Step = { do: 'handle' }
  const edits = ways('matt-hides-effect', [...ready, wait, graphite, matt, wait, last])
  expect(edits.map(({ edit }) => edit)).toContainEqual({
    set: { steps: [...ready, wait, matt, wait, graphite, wait, last] },
  })
})

test('clear that is cut through at the edges says how many coats of it would bear that, and no more', () => {
  const gloss = (count: number): Step => ({
    do: 'clear',
    family: 'lacquer',
    sheen: 'gloss',
    coats: Array.from({ length: count }, () => 'light' as const),
  })
  const of = (coats: number) =>
    ways('edge-rub-through', [
      PRIME,
      { wait: '24 h' },
      gloss(coats),
      { wait: '8 d' },
      { do: 'cut-polish' },
    ])
  const more = { replace: { step: 2, with: gloss(5) } }
  expect(of(2)[0]).toEqual({ say: 'Lay 3 light coats more of it', edit: more })
  expect(of(4)[0]?.say).toBe('Lay one light coat more of it')
  expect(of(5)).toEqual([])
})

test('of a bottle that is thinned already it is told how much of it is paint', () => {
  const yellow: Step = { do: 'base', family: 'lacquer', colour: '#D8A520' }
  const steps: Step[] = [{ do: 'prime', colour: '#222223' }, { wait: '24 h' }, yellow]
  const told = (share: number) => {
    const paint = { family: 'lacquer', role: 'colour', colour: '#D8A520' } as const
    const bottle = { name: 'Yellow', ...paint, share }
    const { findings } = check(sequence(steps), { shelf: [bottle] })
    return findings.find(({ rule }) => rule === 'thin-paint-coats')?.because
  }
  expect(told(0.5)).toMatch(/it covers in 12\. Yellow is only 50 % paint\.$/)
  expect(told(1)).toMatch(/it covers in 6\.$/)
})

test.each<[string, object, boolean]>([
  ['a clear of its sheen', { sheen: 'matt' }, true],
  ['a clear of another sheen', { sheen: 'gloss' }, false],
])('instead of what bites, a bottle from the shelf is offered: %s', (_, fields, offered) => {
  const bottle = { id: 'm', name: 'Own', family: 'acrylic-pu', role: 'clear', ...fields } as const
  const steps: Step[] = [{ do: 'clear', family: 'lacquer', sheen: 'matt', coats: ['wet', 'wet'] }]
  const { findings } = check(sequence(steps), { shelf: [bottle] })
  const says = findings.flatMap(({ remedies }) => remedies.map(({ say }) => say))
  expect(says.length).toBeGreaterThan(0)
  expect(says.some((say) => say.startsWith('Use Own '))).toBe(offered)
})
