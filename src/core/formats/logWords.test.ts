import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { PROJECT_FORMAT, PROJECT_VERSION } from '../model/projectFormat'
import { entryWords } from './logWords'

const act = (id: string, kind: LoggedAct['kind'], more: Partial<LoggedAct> = {}): LoggedAct => ({
  id,
  at: '2026-03-17T18:25:00Z',
  kind,
  ...more,
})
const ON_HULL = { build: 'b', part: 'hull', step: 'grey' }
const coat = act('coat', 'coat-done', { ...ON_HULL, coat: 2 })

const words = (last: LoggedAct, acts: readonly LoggedAct[] = []) => {
  const project: Project = {
    format: PROJECT_FORMAT,
    version: PROJECT_VERSION,
    builds: [
      {
        id: 'b',
        name: 'Skiff',
        parts: [{ id: 'hull', name: 'Hull', substrate: 'polystyrene' }],
        steps: [{ id: 'grey', do: 'base', family: 'lacquer', parts: ['hull'] }],
      },
    ],
    shelf: [
      { id: 'teal', name: 'Harbour Teal', family: 'lacquer', role: 'colour', sizeMl: 9, leftMl: 9 },
    ],
    acts: [coat, ...acts, last],
  }
  return entryWords(last, project)
}

test('an entry says what was done, and of what', () => {
  expect(words(coat)).toEqual({ says: 'Base colour, coat 2 done', of: 'Hull · Skiff' })
})

test.each([
  ['started', { ...ON_HULL }, 'Base colour started'],
  ['skipped', { ...ON_HULL, step: 'gone' }, 'A step skipped'],
  ['poured', { bottle: 'teal', ml: 2, share: 0 }, '2 ml poured into Harbour Teal, thinner'],
  ['poured', { bottle: 'teal', ml: 2, share: 0.5 }, '2 ml poured into Harbour Teal, 50 % paint'],
  ['weighed', { bottle: 'gone', ml: 4 }, 'A bottle: 4 ml found in it'],
  ['mixed', { mix: 'gone', text: 'Hull bone' }, 'Mixed Hull bone'],
  ['corrected', { ...ON_HULL, corrects: 'coat' }, 'Time put right: Base colour, coat 2 done'],
  ['corrected', { ...ON_HULL, corrects: 'gone' }, 'Time put right: Base colour'],
  ['undone', { undoes: 'coat' }, 'Took back: Base colour, coat 2 done'],
  ['undone', { undoes: 'gone' }, 'Took an act back'],
] as const)('%s with %j', (kind, more, says) => {
  expect(words(act('it', kind, more)).says).toBe(says)
})

test('what is taken back and brought back again says which it is', () => {
  const u1 = act('u1', 'undone', { undoes: 'coat' })
  const u2 = act('u2', 'undone', { undoes: 'u1' })
  const u3 = act('u3', 'undone', { undoes: 'u2' })
  expect(words(u2, [u1]).says).toBe('Brought back: Base colour, coat 2 done')
  expect(words(u3, [u1, u2]).says).toBe('Took back: Base colour, coat 2 done')
})

test('acts from elsewhere that speak of one another in a ring come to an end', () => {
  const other = act('other', 'undone', { undoes: 'it' })
  expect(words(act('it', 'undone', { undoes: 'other' }), [other]).says).toContain('back')
  expect(words(act('it', 'corrected', { corrects: 'it' })).says).toContain('Time put right: ')
})
