// Holds the direction of imports and the purity of the core: docs/architecture.md, .dependency-cruiser.cjs.
// The cruiser reads plain JavaScript, so the sources are stripped of their types first: once with the imports of types kept as
// imports (for the layers), once without them (for cycles, which only matter where code runs).
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { transformSync } from '@swc/core'
import { cruise } from 'dependency-cruiser'

const root = fileURLToPath(new URL('..', import.meta.url))
const config = createRequire(import.meta.url)('../.dependency-cruiser.cjs')

function sources(folder) {
  return readdirSync(join(root, folder), { withFileTypes: true }).flatMap((item) => {
    const path = join(folder, item.name)
    if (item.isDirectory()) return sources(path)
    return /\.tsx?$/.test(item.name) && !/\.(test|d)\.tsx?$/.test(item.name) ? [path] : []
  })
}

/** Marks of imports that carry types alone. */
function keepTypes(code) {
  return code
    .replace(/^import type /gm, 'import ')
    .replace(/^export type (?=[{*])/gm, 'export ')
    .replace(/([{,]\s*)type (?=[A-Z]\w*\s*(?:[,}]|as ))/g, '$1')
}

function withoutAlias(code, path) {
  return code.replace(/(['"])@\//g, (_, quote) => {
    const up = relative(dirname(path), 'src')
    return `${quote}${up.startsWith('.') ? up : `./${up}`}/`
  })
}

function strip(tree, types) {
  rmSync(tree, { recursive: true, force: true })
  for (const path of [...sources('src'), ...sources('cli')]) {
    const code = withoutAlias(readFileSync(join(root, path), 'utf8'), path)
    const { code: plain } = transformSync(types ? keepTypes(code) : code, {
      filename: path,
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', tsx: path.endsWith('x') },
        transform: { verbatimModuleSyntax: true, react: { runtime: 'automatic' } },
      },
    })
    const file = join(tree, path.replace(/\.tsx?$/, '.js'))
    mkdirSync(dirname(file), { recursive: true })
    writeFileSync(file, plain)
  }
}

/** The findings of some rules over one tree. */
async function judge(name, types, rules) {
  const tree = join(root, '.cache', 'layers', name)
  strip(tree, types)
  const { output } = await cruise(['src', 'cli'], {
    baseDir: tree,
    validate: true,
    ruleSet: { forbidden: rules },
    doNotFollow: { path: 'node_modules' },
  })
  return output.summary
}

const cycles = config.forbidden.filter((rule) => rule.to.circular)
const layers = config.forbidden.filter((rule) => !rule.to.circular)
const summaries = [await judge('all', true, layers), await judge('run', false, cycles)]
const violations = summaries.flatMap((summary) => summary.violations)
for (const { rule, from, to, cycle } of violations)
  console.error(
    `${rule.name}: ${from} → ${to}${cycle ? ` → ${cycle.map((c) => c.name).join(' → ')}` : ''}`,
  )
console.log(`${summaries[0].totalCruised} modules, ${violations.length} against the direction`)
process.exitCode = violations.length > 0 ? 1 : 0
