// Everything that must hold: types, lint, layering, unused code, licences, unit tests with coverage, build, end to end.
// Ends with one line: how many passed, how many failed.
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { hasChromium } from './browser.mjs'
import { ensurePackages } from './install.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
const cache = join(root, '.cache')

/** The one command that puts Chromium on a Debian machine. */
const INSTALL_CHROMIUM = 'apt-get update && apt-get install -y --no-install-recommends chromium'

function ensureChromium() {
  if (hasChromium()) return true
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.log('Installing Chromium…')
    spawnSync('sh', ['-c', INSTALL_CHROMIUM], { stdio: ['ignore', 'ignore', 'inherit'] })
  }
  if (hasChromium()) return true
  console.error(`Chromium is missing. Install it with: sudo sh -c '${INSTALL_CHROMIUM}'`)
  return false
}

function run(name, command, args) {
  console.log(`\n── ${name}`)
  const began = Date.now()
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', FORCE_COLOR: '0' },
    })
    child.on('exit', (code) => {
      console.log(
        `── ${name}: ${code === 0 ? 'ok' : 'FAILED'}, ${Math.round((Date.now() - began) / 1000)} s`,
      )
      resolve(code === 0)
    })
  })
}

/** Runs one check after the other. */
async function inTurn(checks) {
  const results = []
  for (const check of checks) results.push(await run(...check))
  return results
}

const bin = (name) => join(root, 'node_modules', '.bin', name)

function readJson(file) {
  try {
    return JSON.parse(readFileSync(join(cache, file), 'utf8'))
  } catch {
    return null
  }
}

const PROPERTIES = '[.]property[.]test[.]tsx?$'

/** Runs tests by Jest and counts them; a run that says nothing, or fails without a failed test, counts as one failure. */
async function unitTests(name, args) {
  rmSync(join(cache, 'jest.json'), { force: true })
  await run(name, bin('jest'), [...args, '--ci', '--json', '--outputFile=.cache/jest.json'])
  const unit = readJson('jest.json')
  const broken = unit ? unit.numFailedTests + unit.numRuntimeErrorTestSuites : 1
  passed += unit?.numPassedTests ?? 0
  failed += unit && !unit.success ? Math.max(1, broken) : broken
}

mkdirSync(cache, { recursive: true })
rmSync(join(cache, 'e2e.json'), { force: true })
let passed = 0
let failed = 0
const count = (ok) => (ok ? passed++ : failed++)

const installed = ensurePackages()
count(installed)
if (installed) {
  const chromium = ensureChromium()
  const node = process.execPath
  // What reads the sources alone runs beside the build.
  const results = await Promise.all([
    run('build', node, ['scripts/build.mjs']),
    inTurn([
      ['lint', bin('biome'), ['check', '.']],
      ['layers', node, ['scripts/layers.mjs']],
      ['structure', node, ['scripts/structure.mjs']],
      ['unused', bin('knip'), []],
      ['licences', node, ['scripts/licences.mjs']],
    ]),
  ])
  results.flat().forEach(count)
  count(await run('types', bin('tsc'), ['--noEmit']))
  // Properties try thousands of cases: counting their lines would take three times as long, and adds none.
  await unitTests('unit tests', [
    '--coverage',
    '--coverageReporters=text-summary',
    `--testPathIgnorePatterns=/node_modules/|${PROPERTIES}`,
  ])
  await unitTests('properties', [`--testPathPatterns=${PROPERTIES}`])
  count(chromium)
  if (chromium) {
    await run('end to end', process.execPath, ['scripts/e2e.mjs'])
    const stats = readJson('e2e.json')?.stats
    passed += (stats?.expected ?? 0) + (stats?.flaky ?? 0)
    failed += stats ? stats.unexpected : 1
    count(await run('torture', process.execPath, ['scripts/torture.mjs', '1', '7']))
  }
}
console.log(`\n${passed} passed, ${failed} failed`)
process.exitCode = failed > 0 ? 1 : 0
