import type { Project } from '@/core/model/project'
import type { Move, Why } from '@/core/schedule'
import { type PlanTold, sayFinish, sayMove, sayWhy } from './planWords'

const NOW = new Date(2026, 2, 17, 18, 0).getTime()
const at = (hours: number) => NOW + hours * 3_600_000
const MINUTE = 60_000

const project: Project = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'x',
      name: 'Skiff',
      parts: [{ id: 'p', name: 'Port hull', substrate: 'abs' }],
      steps: [
        { id: 'g', parts: ['p'], do: 'clear', family: 'lacquer', sheen: 'gloss' },
        { id: 'l', parts: ['p'], do: 'line' },
      ],
    },
  ],
}
const task = (id: string, step: string) => ({
  id,
  build: 'x',
  part: 'p',
  step,
  job: id,
  run: step,
  end: NOW,
  coat: null,
  minutes: 5,
  start: NOW,
})
const told: PlanTold = { project, plan: { tasks: [task('G', 'g'), task('L', 'l')] }, now: NOW }
const why = (hold: Why['hold'], more: Partial<Why> = {}): Why => ({
  task: 'L',
  start: at(1),
  hold,
  wantedAt: null,
  air: null,
  ...more,
})

test.each<{ say: RegExp; why: Why }>([
  {
    say: /^it waits 24 h for gloss clear on Port hull$/,
    why: why({ kind: 'wait', from: 'G', minutes: 1440 }),
  },
  {
    say: /^it comes after gloss clear on Port hull$/,
    why: why({ kind: 'wait', from: 'G', minutes: 0 }),
  },
  {
    say: /^it waits 20 min for .*, until .*:30.*; the next session/,
    why: why({ kind: 'wait', from: 'G', minutes: 20 }, { wantedAt: at(0.5) }),
  },
  {
    say: /^the hands are at gloss clear on Port hull until then$/,
    why: why({ kind: 'hands', from: 'G' }),
  },
  {
    say: /^the airbrush is cleaned for 8 min after/,
    why: why({ kind: 'clean-out', from: 'G', minutes: 8 }),
  },
  {
    say: /follows within 30 min and can’t come sooner$/,
    why: why({ kind: 'window', before: 'G', minutes: 30 }),
  },
  { say: /^what lies on the part has to dry$/, why: why({ kind: 'facts' }) },
  {
    say: /^it could begin .*:12.*, and was put later/,
    why: why({ kind: 'choice', from: at(0.2) }),
  },
  { say: /^no session lies before$/, why: why({ kind: 'now' }, { wantedAt: NOW }) },
  { say: /^the plan begins now$/, why: why({ kind: 'now' }) },
  {
    say: /^the air doesn’t bear it before: it is 84 %$/,
    why: why({ kind: 'now' }, { air: 'It is 84 %.', wantedAt: NOW }),
  },
  { say: /^it comes after another step$/, why: why({ kind: 'wait', from: 'gone', minutes: 0 }) },
])('$say', ({ say, why: one }) => expect(sayWhy(told, one)).toMatch(say))

it('a move is one sentence, with both times and its reason', () => {
  const move: Move = {
    build: 'x',
    part: 'p',
    step: 'l',
    task: 'L',
    from: at(1),
    to: at(50),
    why: why({ kind: 'wait', from: 'G', minutes: 1440 }),
  }
  expect(sayMove(told, move)).toMatch(
    /^.* on Port hull moves from .*:00.* to Thu .*:00.*, because it waits 24 h for gloss clear on Port hull\.$/,
  )
})

test.each([
  { from: at(0), to: at(0) + 2 * MINUTE, say: 'the same finish' },
  { from: at(0), to: at(50), say: '2 d 2 h later' },
  { from: at(3), to: at(1), say: '2 h sooner' },
  { from: at(0), to: null, say: 'no plan keeps every window' },
  { from: null, to: at(0), say: 'planned again' },
])('$say', ({ from, to, say }) => expect(sayFinish(from, to)).toBe(say))
