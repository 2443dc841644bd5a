// Small wrong changes, one at a time: does a test notice? `npm run mutants -- FOLDER[,FOLDER] [MUTANTS] [SEED]`, folders of src/core.
// Works on a copy of the sources. Tells each change that no test noticed; properties are left out, they take too long.
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
import { parse } from '@babel/parser'
import { drawn } from './drawn.mjs'
import { root } from './server.mjs'

const FOLDERS = (process.argv[2] ?? 'stack,drying,mixing,bench,log').split(',')
const MUTANTS = Number(process.argv[3] ?? 100)
const SEED = Number(process.argv[4] ?? 7)
/** A mutant that runs for longer, ms, never ends: that is noticed too. */
const LONGEST = 180_000

const OTHER = {
  ...{ '<': '<=', '<=': '<', '>': '>=', '>=': '>', '===': '!==', '!==': '===' },
  ...{ '+': '-', '-': '+', '*': '/', '/': '*', '&&': '||', '||': '&&' },
}

/** What can be made of a node: where, and what stands there instead. */
function changesOfNode(node, text) {
  const of = ({ start, end }, instead) => ({ from: start, to: end, text: instead })
  switch (node.type) {
    case 'BinaryExpression':
    case 'LogicalExpression': {
      if (!(node.operator in OTHER)) return []
      const at = text.indexOf(node.operator, node.left.end)
      return [of({ start: at, end: at + node.operator.length }, OTHER[node.operator])]
    }
    case 'NumericLiteral':
      return [of(node, String(node.value + 1))]
    case 'BooleanLiteral':
      return [of(node, String(!node.value))]
    case 'UnaryExpression':
      return node.operator === '!'
        ? [of(node, text.slice(node.argument.start, node.argument.end))]
        : []
    case 'IfStatement':
      return [of(node.test, 'false')]
    default:
      return []
  }
}

/** Every change that can be made of a file. */
function changesOf(file) {
  const text = readFileSync(file, 'utf8')
  const found = []
  const visit = (node) => {
    if (Array.isArray(node)) return node.forEach(visit)
    if (!node?.type || /^TS(?!As|NonNull|Satisfies)|^Import/.test(node.type)) return
    found.push(...changesOfNode(node, text).map((change) => ({ file, ...change })))
    Object.values(node).forEach((inner) => {
      if (typeof inner === 'object') visit(inner)
    })
  }
  visit(parse(text, { sourceType: 'module', plugins: ['typescript'] }).program)
  return found
}

function filesIn(folder) {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((item) => item.isFile() && item.name.endsWith('.ts') && !item.name.endsWith('.test.ts'))
    .map((item) => join(item.parentPath, item.name))
    .filter((file) => !file.includes('/tests/'))
}

/** Do these tests pass on the sources as they are now? */
function passes(which) {
  const jest = [join(root, 'node_modules/jest/bin/jest.js'), '--silent', '--bail', ...which]
  const ignored = ['--testPathIgnorePatterns', '[.]property[.]test']
  const options = { cwd: copy, timeout: LONGEST, stdio: 'ignore' }
  return spawnSync(process.execPath, ['--no-warnings', ...jest, ...ignored], options).status === 0
}

const copy = join(root, '.cache', 'mutants')
rmSync(copy, { recursive: true, force: true })
mkdirSync(copy, { recursive: true })
for (const part of [
  'src',
  'docs',
  'cli',
  'scripts',
  'package.json',
  'tsconfig.json',
  'jest.config.mjs',
])
  cpSync(join(root, part), join(copy, part), { recursive: true })
symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'))

const random = drawn(SEED)
const all = FOLDERS.flatMap((folder) => filesIn(join(copy, 'src/core', folder)).flatMap(changesOf))
const told = { noticed: 0, unnoticed: 0 }
for (let i = 0; i < Math.min(MUTANTS, all.length); i++) {
  const [{ file, from, to, text }] = all.splice(Math.floor(random() * all.length), 1)
  const before = readFileSync(file, 'utf8')
  writeFileSync(file, before.slice(0, from) + text + before.slice(to))
  const folder = relative(copy, file).split('/').slice(0, 3).join('/')
  // Its own folder's tests notice most, and are quick; then whatever else uses it.
  const isSeen =
    !passes(['--testPathPatterns', `${folder}/`]) || !passes(['--findRelatedTests', file])
  writeFileSync(file, before)
  told[isSeen ? 'noticed' : 'unnoticed']++
  if (isSeen) continue
  const line = before.slice(0, from).split('\n').length
  const was = before.split('\n')[line - 1].trim()
  console.log(`${relative(copy, file)}:${line}: ${before.slice(from, to)} as ${text}: ${was}`)
}
rmSync(copy, { recursive: true, force: true })
const score = (100 * told.noticed) / (told.noticed + told.unnoticed)
console.log(
  `seed ${SEED}, ${FOLDERS.join(', ')}: ${told.noticed} of ${told.noticed + told.unnoticed} noticed, ${score.toFixed(0)} %`,
)
