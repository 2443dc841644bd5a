// Holds what a newcomer can trust of the structure: no chain of imports too long, no function too long, what is exported says
// what it is, one word one meaning, and no act, family or solvent named in a condition outside of the tables.
// docs/architecture.md says why. The limits stand here, and nowhere else.
import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { parse } from '@babel/parser'

const root = fileURLToPath(new URL('..', import.meta.url))

/** Longest chain of imports that run, files. */
const CHAIN = { core: 12, all: 16 }
/** Longest function, lines. */
const LINES = { core: 60, elsewhere: 90 }
/** Least share of exports with a docstring. */
const DOCUMENTED = { core: 0.95, ui: 0.85, screens: 0.85 }

/** Share of the tests in all lines. */
const TESTS = { least: 0.25, most: 0.33 }

/** Lines of a folder: of tests and what only they use, and of all there is. */
function lines(folder) {
  const count = { tests: 0, all: 0 }
  for (const item of readdirSync(join(root, folder), { withFileTypes: true, recursive: true })) {
    const path = join(item.parentPath, item.name)
    if (!item.isFile() || !/\.(tsx?|mjs)$/.test(item.name)) continue
    const length = readFileSync(path, 'utf8').split('\n').length
    count.all += length
    if (folder === 'e2e' || /\.test\.|[/]tests[/]/.test(path)) count.tests += length
  }
  return count
}

function sources(folder) {
  return readdirSync(join(root, folder), { withFileTypes: true }).flatMap((item) => {
    const path = `${folder}/${item.name}`
    if (item.isDirectory()) return item.name === 'tests' ? [] : sources(path)
    return /\.tsx?$/.test(item.name) && !/\.(test|d)\.tsx?$/.test(item.name) ? [path] : []
  })
}

const files = [...sources('src'), ...sources('cli')]
const trees = new Map(
  files.map((path) => {
    const plugins = ['typescript', ...(path.endsWith('x') ? ['jsx'] : [])]
    return [path, parse(readFileSync(join(root, path), 'utf8'), { sourceType: 'module', plugins })]
  }),
)

/** Every node of a tree, with those that it stands in, the nearest first. */
function* nodes(node, above = []) {
  yield { node, above }
  for (const [field, value] of Object.entries(node)) {
    if (field === 'loc' || field.endsWith('omments')) continue
    for (const inner of Array.isArray(value) ? value : [value])
      if (typeof inner?.type === 'string') yield* nodes(inner, [node, ...above])
  }
}

const said = []
const say = (path, node, what) => said.push(`${path}:${node?.loc?.start.line ?? 1}: ${what}`)

// ── Chains

function target(from, spec) {
  const base = spec.startsWith('@/')
    ? `src/${spec.slice(2)}`
    : relative(root, join(root, dirname(from), spec))
  return ['.ts', '.tsx', '/index.ts'].map((end) => base + end).find((path) => trees.has(path))
}

function runsImport({ importKind, exportKind, specifiers = [], source }) {
  if (!source || importKind === 'type' || exportKind === 'type') return false
  const kinds = specifiers.map((specifier) => specifier.importKind ?? specifier.exportKind)
  return kinds.length === 0 || kinds.some((kind) => kind !== 'type')
}

const imports = new Map(
  files.map((path) => [
    path,
    trees
      .get(path)
      .program.body.filter(runsImport)
      .flatMap(({ source }) => target(path, source.value) ?? []),
  ]),
)

function longest(path, within, known) {
  if (known.has(path)) return known.get(path)
  known.set(path, [path])
  const inner = imports
    .get(path)
    .filter((one) => one.startsWith(within))
    .map((one) => longest(one, within, known))
  const chain = [path, ...(inner.sort((a, b) => b.length - a.length)[0] ?? [])]
  known.set(path, chain)
  return chain
}

function chains(name, within) {
  const known = new Map()
  const chain = files
    .filter((path) => path.startsWith(within))
    .map((path) => longest(path, within, known))
    .sort((a, b) => b.length - a.length)[0]
  if (chain.length > CHAIN[name])
    say(
      chain[0],
      null,
      `a chain of ${chain.length} imports, at most ${CHAIN[name]}: ${chain.join(' → ')}`,
    )
  return chain.length
}

// ── Sizes

const FUNCTIONS = [
  'FunctionDeclaration',
  'FunctionExpression',
  'ArrowFunctionExpression',
  'ClassMethod',
  'ObjectMethod',
]

function sizes(path, tree) {
  const most = path.startsWith('src/core/') ? LINES.core : LINES.elsewhere
  for (const { node } of nodes(tree.program)) {
    if (!FUNCTIONS.includes(node.type)) continue
    const lines = node.loc.end.line - node.loc.start.line + 1
    if (lines > most) say(path, node, `a function of ${lines} lines, at most ${most}`)
  }
}

// ── Docstrings

const counted = {}

function docs(path, tree) {
  const part = ['core', 'ui', 'screens'].find((one) => path.startsWith(`src/${one}/`))
  if (!part) return
  counted[part] ??= { all: 0, bare: [] }
  for (const node of tree.program.body) {
    if (!node.type.startsWith('Export') || !node.declaration) continue
    counted[part].all += 1
    const has = (node.leadingComments ?? []).some((comment) => comment.value.startsWith('*'))
    if (!has) counted[part].bare.push([path, node])
  }
}

// ── Names

/** Exported types by name: one word, one meaning. */
const types = new Map()

function names(path, tree) {
  for (const node of tree.program.body) {
    const { declaration } = node
    if (!['TSTypeAliasDeclaration', 'TSInterfaceDeclaration'].includes(declaration?.type)) continue
    const { name } = declaration.id
    const known = types.get(name)
    if (known) say(path, node, `${name} is a type of ${known} too: one word, one meaning`)
    else types.set(name, path)
  }
}

// ── Names of knowledge in conditions

function words(list) {
  const tree = trees.get('src/core/model/vocabulary.ts')
  for (const { node } of nodes(tree.program))
    if (node.type === 'VariableDeclarator' && node.id.name === list)
      return [...nodes(node)]
        .filter((node) => node.node.type === 'StringLiteral')
        .map((node) => node.node.value)
  throw new Error(`vocabulary.ts: no ${list}`)
}

/** What is compared with a word that is a role too, or a column of a table: no name of an act, a family or a solvent. */
const OTHERS = ['role', 'kind', 'job', 'coat']
const NAMED = new Set(['ACTS', 'FAMILIES', 'SOLVENTS'].flatMap(words))
const COMPARES = ['===', '!==']

/** Constants of a file that list such names. */
function lists(tree) {
  const found = new Set()
  for (const { node } of nodes(tree.program)) {
    if (node.type !== 'VariableDeclarator' || node.id.type !== 'Identifier') continue
    let value = node.init
    while (value?.expression) value = value.expression
    const names = value?.type === 'ArrayExpression' ? value.elements : []
    if (names.some((name) => name?.type === 'StringLiteral' && NAMED.has(name.value)))
      found.add(node.id.name)
  }
  return found
}

function conditions(path, tree) {
  if (path.startsWith('src/core/knowledge/') || path.startsWith('src/demo/')) return
  const listed = lists(tree)
  for (const { node, above } of nodes(tree.program)) {
    const { callee } = node
    if (
      callee?.type === 'MemberExpression' &&
      callee.property.name === 'includes' &&
      listed.has(callee.object.name) &&
      !OTHERS.includes((node.arguments[0]?.property ?? node.arguments[0])?.name)
    )
      say(
        path,
        node,
        `${callee.object.name} lists names for a condition: a column of the table says it`,
      )
    if (node.type !== 'StringLiteral' || !NAMED.has(node.value)) continue
    const [outer, next] = above
    const compared =
      (outer.type === 'BinaryExpression' && COMPARES.includes(outer.operator)) ||
      (outer.type === 'SwitchCase' && outer.test === node) ||
      (outer.type === 'ArrayExpression' &&
        next?.type === 'MemberExpression' &&
        next.property.name === 'includes')
    if (!compared) continue
    const asked = outer.type === 'BinaryExpression' ? [outer.left, outer.right] : []
    if (outer.type === 'ArrayExpression') asked.push(...(above[2]?.arguments ?? []))
    if (outer.type === 'SwitchCase') asked.push(next.discriminant)
    if (asked.some((one) => OTHERS.includes((one.property ?? one).name))) continue
    say(path, node, `'${node.value}' named in a condition: a column of the table says what it does`)
  }
}

for (const [path, tree] of trees) {
  sizes(path, tree)
  docs(path, tree)
  names(path, tree)
  conditions(path, tree)
}
const core = chains('core', 'src/core/')
const all = chains('all', '')
for (const [part, { all: total, bare }] of Object.entries(counted)) {
  const share = 1 - bare.length / total
  if (share < DOCUMENTED[part])
    for (const [path, node] of bare)
      say(path, node, `exported without a docstring (${part}: ${(share * 100).toFixed(1)} %)`)
}
const counts = ['src', 'cli', 'scripts', 'e2e'].map(lines)
const sum = (field) => counts.reduce((total, count) => total + count[field], 0)
const tests = sum('tests') / sum('all')
if (tests < TESTS.least || tests > TESTS.most)
  said.push(`${(tests * 100).toFixed(1)} % of all lines are tests: between a quarter and a third`)
for (const line of said) console.error(line)
const shares = Object.entries(counted).map(
  ([part, { all: total, bare }]) => `${part} ${((1 - bare.length / total) * 100).toFixed(1)} %`,
)
console.log(
  `${files.length} files; longest chain ${core} in the core, ${all} in all; documented ${shares.join(', ')}; ${(tests * 100).toFixed(1)} % tests; ${said.length} against the structure`,
)
process.exitCode = said.length > 0 ? 1 : 0
