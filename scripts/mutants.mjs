// Small wrong changes, one at a time: does a test notice? `npm run mutants -- FOLDER[,FOLDER] [MUTANTS] [SEED]`, folders of src/core.
// Works on a copy of the sources. First every test is run once to see which of them runs what; a change is shown to those
// that run its piece, first its own folder's, then the quickest, for up to a minute. Tells each change that no test noticed, and
// each folder's share that was: at the least, since the slowest tests and the properties of other folders are left out.
import { spawnSync } from 'node:child_process'
import {
  cpSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { join, relative } from 'node:path'
import { drawn } from './drawn.mjs'
import { changesOf, telling } from './mutants/changes.mjs'
import { root } from './server.mjs'

const FOLDERS = (process.argv[2] ?? 'stack,drying,mixing,bench,log').split(',')
/** How many changes of each folder are tried. */
const MUTANTS = Number(process.argv[3] ?? 60)
const SEED = Number(process.argv[4] ?? 7)
/** How long the tests may take together that a change is shown to, ms. */
const LONGEST = 60_000
/** A change that runs for that many times as long as its tests never ends: that is noticed too. */
const ENDLESS = 3
/** What a start of the tests takes, ms, at the most. */
const START = 15_000

const copy = join(root, '.cache', `mutants-${FOLDERS.join('-')}`)

function makeCopy() {
  rmSync(copy, { recursive: true, force: true })
  mkdirSync(join(copy, 'seen'), { recursive: true })
  const files = ['package.json', 'tsconfig.json', 'jest.config.mjs']
  for (const part of ['src', 'docs', 'cli', 'scripts', ...files])
    cpSync(join(root, part), join(copy, part), { recursive: true })
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'))
}

function filesIn(folder) {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((item) => item.isFile() && item.name.endsWith('.ts') && !item.name.endsWith('.test.ts'))
    .map((item) => join(item.parentPath, item.name))
    .filter((file) => !file.includes('/tests/'))
}

function jest(args, options) {
  const all = ['--no-warnings', join(root, 'node_modules/jest/bin/jest.js'), '--silent', ...args]
  return spawnSync(process.execPath, all, { cwd: copy, stdio: 'ignore', ...options }).status === 0
}

/** Which tests there are, how long each takes, and what it runs of these files. */
function testsOf(sources) {
  for (const { file, text, pieces } of sources) writeFileSync(file, telling(text, pieces, file))
  const which = [
    `src/core/.*/[^/.]+[.]test`,
    `src/core/(${FOLDERS.join('|')})/.*[.]property[.]test`,
  ]
  const tell = `--setupFilesAfterEnv=${join(copy, 'scripts/mutants/tell.cjs')}`
  const passed = jest(['--testPathPatterns', ...which, tell], {
    env: { ...process.env, SEEN: join(copy, 'seen') },
  })
  for (const { file, text } of sources) writeFileSync(file, text)
  if (!passed) throw new Error('The tests don’t pass as they are.')
  return readdirSync(join(copy, 'seen')).map((name) => {
    const { testPath, ms, pieces } = JSON.parse(readFileSync(join(copy, 'seen', name), 'utf8'))
    const of = Object.entries(pieces).map(([file, ran]) => [file, new Set(ran)])
    return { testPath, ms, pieces: new Map(of) }
  })
}

/** The tests that a change is shown to. */
function testsFor({ source: { file }, piece }, tests) {
  const folder = relative(copy, file).split('/').slice(0, 3).join('/')
  const isFar = (test) => Number(!test.testPath.includes(`/${folder}/`))
  let ms = 0
  return tests
    .filter(({ pieces }) => pieces.get(file)?.has(piece))
    .sort((a, b) => isFar(a) - isFar(b) || a.ms - b.ms)
    .filter((test) => {
      if (ms + test.ms > LONGEST) return false
      ms += test.ms
      return true
    })
}

/** Does a test notice this change? */
function isNoticed({ source, from, to, text, piece }, tests) {
  const { file, text: before } = source
  const wanted = testsFor({ source, piece }, tests)
  if (wanted.length === 0) return false
  const paths = wanted.map(({ testPath }) => testPath)
  writeFileSync(file, before.slice(0, from) + text + before.slice(to))
  const order = `--testSequencer=${join(copy, 'scripts/mutants/inOrder.cjs')}`
  const passed = jest(['--bail', '--runInBand', order, '--runTestsByPath', ...paths], {
    env: { ...process.env, ORDER: paths.join(',') },
    timeout: START + ENDLESS * wanted.reduce((ms, test) => ms + test.ms, 0),
  })
  writeFileSync(file, before)
  return !passed
}

function tellOf({ source, from, to, text }) {
  const line = source.text.slice(0, from).split('\n').length
  const was = source.text.split('\n')[line - 1].trim()
  const change = `${source.text.slice(from, to)} as ${text}`
  console.log(`${relative(copy, source.file)}:${line}: ${change}: ${was}`)
}

makeCopy()
const folders = FOLDERS.map((folder) => ({
  folder,
  sources: filesIn(join(copy, 'src/core', folder)).map((file) => {
    const text = readFileSync(file, 'utf8')
    return { file, text, ...changesOf(text) }
  }),
}))
const tests = testsOf(folders.flatMap(({ sources }) => sources))
for (const { folder, sources } of folders) {
  const random = drawn(SEED)
  const all = sources.flatMap((source) => source.changes.map((change) => ({ source, ...change })))
  const tried = Math.min(MUTANTS, all.length)
  let noticed = 0
  for (let i = 0; i < tried; i++) {
    const [change] = all.splice(Math.floor(random() * all.length), 1)
    if (isNoticed(change, tests)) noticed++
    else tellOf(change)
  }
  const score = ((100 * noticed) / tried).toFixed(0)
  console.log(`seed ${SEED}, ${folder}: ${noticed} of ${tried} noticed, ${score} %`)
}
rmSync(copy, { recursive: true, force: true })
