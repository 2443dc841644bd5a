import { readProject } from '../formats/projectFile'
import { storyMarkdown } from '../formats/storyMarkdown'
import { stateOf } from './benchState'
import { storyOf } from './story'

const ZONE = 'Europe/Lisbon'
const act = (id: string, at: string, rest: object) => ({
  id,
  at: `2026-03-${at}:00Z`,
  build: 'gannet',
  ...rest,
})
const hull = { part: 'hull', step: 's1' }
const details = { part: 'details', step: 's1' }

const project = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'gannet',
      name: 'Gannet’s *Lament*',
      scale: 144,
      parts: [
        { id: 'hull', name: 'Hull', substrate: 'polystyrene' },
        { id: 'details', name: 'Details', substrate: 'polystyrene' },
      ],
      steps: [
        {
          id: 's1',
          parts: ['hull', 'details'],
          do: 'prime',
          family: 'lacquer',
          coats: ['mist', 'light'],
        },
        { id: 's2', parts: ['hull'], do: 'base', family: 'alcohol-acrylic', colour: '#C9C4B4' },
      ],
    },
  ],
  shelf: [
    {
      id: 'grey',
      name: 'Palewater grey',
      family: 'lacquer',
      role: 'primer',
      sizeMl: 40,
      leftMl: 30,
      price: 8,
    },
    {
      id: 'free',
      name: 'Found thinner',
      family: 'lacquer',
      role: 'thinner',
      sizeMl: 100,
      leftMl: 50,
    },
  ],
  climate: [
    { id: 'r1', at: '2026-03-16T19:10:00Z', celsius: 19.2, humidity: 48 },
    { id: 'r2', at: '2026-03-16T20:10:00Z', celsius: 20.8, humidity: 52 },
    { id: 'r3', at: '2026-03-18T03:00:00Z', celsius: 9, humidity: 90 },
  ],
  acts: [
    act('m', '16T19:05', {
      kind: 'mixed',
      text: 'Grey for the hull',
      drawn: [
        { bottle: 'grey', ml: 5 },
        { bottle: 'free', ml: 2 },
      ],
    }),
    act('a', '16T19:20', { kind: 'started', ...hull }),
    act('b', '16T19:30', { kind: 'coat-done', coat: 1, ...hull }),
    act('c', '16T19:50', { kind: 'coat-done', coat: 2, ...hull }),
    act('d', '16T19:55', { kind: 'coat-done', coat: 1, ...details }),
    act('n', '16T20:00', { kind: 'noted', text: 'Held it a hand farther off.', part: 'hull' }),
    act('w', '17T23:30', {
      kind: 'noted',
      text: 'Runs: Too wet',
      fault: 'runs',
      cause: 'too-wet',
      part: 'hull',
    }),
    act('h', '18T19:00', {
      kind: 'noted',
      text: '“Sand it level” helped',
      fault: 'runs',
      cause: 'too-wet',
      helped: true,
      part: 'hull',
    }),
    act('x', '18T19:10', { kind: 'noted', text: 'A slip of the key', part: 'hull' }),
    act('u', '18T19:11', { kind: 'undone', undoes: 'x' }),
    act('k', '18T19:20', { kind: 'skipped', part: 'hull', step: 's2' }),
  ],
}

function told() {
  const read = readProject(project)
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  const story = storyOf(stateOf(read.value), 'gannet', ZONE)
  if (!story) throw new Error('no story')
  return story
}

describe('a story from the log alone', () => {
  const story = told()
  const [first, second, third] = story.days

  it('has a day for each on which something was logged, in its zone', () => {
    expect(story.days.map(({ date }) => date)).toEqual(['2026-03-16', '2026-03-17', '2026-03-18'])
    expect(story).toMatchObject({ name: 'Gannet’s *Lament*', scale: 144, cost: 1 })
  })
  it('tells a step once for all its parts, with its coats and times', () => {
    expect(first?.steps).toEqual([
      expect.objectContaining({
        name: 'Prime',
        parts: ['Hull', 'Details'],
        coats: 2,
        skipped: false,
        from: Date.parse('2026-03-16T19:20:00Z'),
        to: Date.parse('2026-03-16T19:55:00Z'),
      }),
    ])
    expect(third?.steps).toEqual([expect.objectContaining({ name: 'Base colour', skipped: true })])
  })
  it('tells what was mixed of what, and the air of those hours', () => {
    expect(first?.mixes).toEqual([
      expect.objectContaining({
        name: 'Grey for the hull',
        from: [
          { bottle: 'Palewater grey', ml: 5 },
          { bottle: 'Found thinner', ml: 2 },
        ],
      }),
    ])
    expect(first?.room).toEqual({ celsius: [19.2, 20.8], humidity: [48, 52] })
    expect(second?.room).toBeNull()
  })
  it('tells what went wrong and what helped, and nothing that was taken back', () => {
    expect(story.days.flatMap(({ said }) => said.map(({ kind, text }) => [kind, text]))).toEqual([
      ['note', 'Held it a hand farther off.'],
      ['wrong', 'Runs: Too wet'],
      ['helped', '“Sand it level” helped'],
    ])
  })
  it('is Markdown that a reader takes for nothing else', () => {
    const text = storyMarkdown(story, ZONE)
    expect(text.split('\n').slice(0, 10)).toEqual([
      '# Gannet’s \\*Lament\\*',
      '',
      '1:144 · 0.5 h of hands · 3 days · 7 ml of paint · paint for 1.00',
      '',
      '## Monday, 16 March 2026 (19 to 21 °C, 48 to 52 %)',
      '',
      '- 19:05 Mixed Grey for the hull: Palewater grey 5 ml, Found thinner 2 ml',
      '- 19:20–19:55 **Prime**: Hull, Details, 2 coats',
      '- 20:00 Held it a hand farther off. (Hull)',
      '',
    ])
    expect(text).toContain('- 23:30 Went wrong: Runs: Too wet (Hull)')
    expect(text).toContain('- 19:20 **Base colour**: Hull, left out')
  })
})

it('no build has no story', () => {
  expect(storyOf(stateOf({ format: 'tectoria-project', version: 1 }), 'none', ZONE)).toBeNull()
})
