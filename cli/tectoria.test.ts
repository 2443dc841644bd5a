import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { EXAMPLE } from '../src/core/stack/tests/sequences'

const FOLDER = mkdtempSync(join(tmpdir(), 'tectoria-'))
const FILE = join(FOLDER, 'example.json')
writeFileSync(FILE, JSON.stringify(EXAMPLE))

function run(args: string[], input = '') {
  const done = spawnSync(process.execPath, ['scripts/run.mjs', 'cli/tectoria.ts', ...args], {
    input,
    encoding: 'utf8',
  })
  const answer = done.stdout.startsWith('{')
    ? (JSON.parse(done.stdout) as Record<string, unknown>)
    : null
  return { status: done.status, answer, text: done.stdout, errors: done.stderr }
}

jest.setTimeout(60_000)

it('answers a file and standard input alike', () => {
  const fromFile = run(['check', FILE])
  expect(fromFile.status).toBe(0)
  expect(fromFile.answer).toMatchObject({ format: 'tectoria-check', verdict: 'sound' })
  expect(run(['check', '-'], JSON.stringify(EXAMPLE)).answer).toEqual(fromFile.answer)
})

it('refuses input with path, found and expected, and ends with 2', () => {
  const { status, answer, errors } = run(
    ['check', '-'],
    '{"format":"tectoria-sequence","version":1}',
  )
  expect(status).toBe(2)
  expect(answer).toMatchObject({
    format: 'tectoria-error',
    errors: [
      { path: 'substrate', found: 'nothing' },
      { path: 'steps', found: 'nothing' },
    ],
  })
  expect(errors).toContain('substrate: found nothing')
})

it('what a terminal would obey is written as what it is', () => {
  const name = 'red \u001b[31m \u009b31m \u202eder'
  const wrong = { ...EXAMPLE, substrate: name }
  const { answer, text, errors } = run(['check', '-'], JSON.stringify(wrong))
  expect(answer).toMatchObject({ errors: [{ found: JSON.stringify(name) }] })
  expect(['\u001b', '\u009b', '\u202e'].filter((sign) => text.includes(sign))).toEqual([])
  expect(errors).toContain('red \\u001b[31m ⟨U+009B⟩31m ⟨U+202E⟩der')
})

it('what is no JSON is refused too', () => {
  expect(run(['mix', '-'], 'paint 2 : thinner 1')).toMatchObject({
    status: 2,
    answer: { errors: [{ path: '' }] },
  })
})

test.each([
  { args: [], says: 'Which command?' },
  { args: ['paint', FILE], says: 'There is no command "paint"' },
  { args: ['check'], says: 'Which file?' },
  { args: ['convert'], says: 'Which file?' },
  { args: ['convert', FILE, '--out'], says: '--out: found nothing' },
  { args: ['check', join(FOLDER, 'gone.json')], says: 'no such file' },
  { args: ['schedule', FILE, '--seconds', '-1'], says: '--seconds: found -1' },
  { args: ['project', FILE, '--now', 'later'], says: '--now: found later' },
  { args: ['check', FILE, '--loud'], says: 'There is no flag "--loud"' },
])('$args fails with 1 and says why', ({ args, says }) => {
  const { status, answer, errors } = run(args)
  expect(status).toBe(1)
  expect(answer).toBeNull()
  expect(errors).toContain(says)
})

it('reads a plan in words, and says what of it wasn’t understood', () => {
  const { status, answer } = run(['text', '-'], 'prime grey primmer mist light; 12h\ngloss')
  expect(status).toBe(0)
  expect(answer).toMatchObject({
    format: 'tectoria-text',
    sequence: { steps: [{ do: 'prime' }, { wait: '12 h' }, { do: 'clear', sheen: 'gloss' }] },
    lines: [
      { line: 1, steps: [0, 1], notUnderstood: ['primmer'], nearest: ['primer'] },
      { line: 2, steps: [2], notUnderstood: [], nearest: [] },
    ],
  })
  expect(run(['text', '-'], 'fnord')).toMatchObject({
    status: 2,
    answer: { errors: [{ path: 'line 1' }] },
  })
})

it('converts to a file, or onto standard output', () => {
  const out = join(FOLDER, 'example.txt')
  expect(run(['convert', FILE, '--to', 'txt', '--out', out])).toMatchObject({
    status: 0,
    answer: { format: 'tectoria-convert', to: 'txt', out },
  })
  const back = run(['convert', out, '--to', 'json'])
  expect(back.answer).toMatchObject({ format: 'tectoria-sequence', steps: EXAMPLE.steps })
  expect(run(['convert', FILE, '--to', 'doc'])).toMatchObject({
    status: 2,
    answer: { errors: [{ path: '--to', found: 'doc' }] },
  })
  expect(run(['convert', FILE, '--to', 'ics']).status).toBe(2)
})

it('schedules a bench problem and a project', () => {
  const problem = {
    format: 'tectoria-bench-problem',
    version: 1,
    horizonMinutes: 100,
    availability: [[10, 60]],
    tasks: [{ id: 'a', minutes: 5 }],
  }
  expect(run(['schedule', '-', '--seconds', '1'], JSON.stringify(problem)).answer).toEqual({
    status: 'optimal',
    makespan: 15,
    lowerBound: 15,
    starts: { a: 10 },
  })
  const project = { format: 'tectoria-project', version: 1 }
  expect(run(['schedule', '-'], JSON.stringify(project)).answer).toMatchObject({
    status: 'optimal',
  })
  const now = '2026-03-17T18:00:00.000Z'
  expect(run(['project', '-', '--now', now], JSON.stringify(project)).answer).toMatchObject({
    format: 'tectoria-plan',
    now,
    builds: [],
  })
})

describe('zones of a mesh', () => {
  const cube = join(FOLDER, 'cube.obj')
  const corners = [0, 1].flatMap((z) => [0, 1].flatMap((y) => [0, 1].map((x) => [x, y, z])))
  const faces = ['1 3 4 2', '5 6 8 7', '1 2 6 5', '3 7 8 4', '1 5 7 3', '2 4 8 6']
  writeFileSync(
    cube,
    [...corners.map((at) => `v ${at.join(' ')}`), ...faces.map((face) => `f ${face}`)].join('\n'),
  )

  it('are answered at the size that is said', () => {
    const { status, answer } = run(['zones', cube, '--unit', 'cm', '--scale', '2', '--up', 'y'])
    expect(status).toBe(0)
    expect(answer).toMatchObject({
      format: 'tectoria-zones',
      areaCm2: 1.5,
      edgeMm: 60,
      facing: { up: 0.166667, side: 0.666667, down: 0.166667 },
      fields: { open: 1 },
    })
    expect(answer?.zones).toHaveLength(6)
  })

  it('a damaged one, and sizes that can’t be, are refused', () => {
    const broken = join(FOLDER, 'broken.obj')
    writeFileSync(broken, 'v 0 0 0\nv 1 0 0\nf 1 2 9')
    expect(run(['zones', broken])).toMatchObject({ status: 2, answer: { errors: [{ path: '' }] } })
    expect(run(['zones', cube, '--unit', 'ell', '--up', 'x'])).toMatchObject({
      status: 2,
      answer: { errors: [{ path: '--unit' }, { path: '--up' }] },
    })
  })
})
