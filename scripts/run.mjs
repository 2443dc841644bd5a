// Runs a TypeScript file of the project: bundles it once, and again when a source is newer than the bundle; `--bundle` does that alone.
import { mkdirSync, readdirSync, renameSync, statSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const [entry, ...args] = process.argv.slice(2)
if (!entry) {
  console.error('Usage: node scripts/run.mjs FILE.ts [--bundle | ARGUMENTS]')
  process.exit(1)
}
const bundle = join(root, '.cache', `${entry.replaceAll(/[^a-z0-9]+/gi, '-')}.mjs`)

/** The newest change of a source below a folder, milliseconds. */
function newest(folder) {
  let latest = 0
  for (const item of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, item.name)
    if (item.isDirectory()) latest = Math.max(latest, newest(path))
    else if (/\.(tsx?|json)$/.test(item.name) && !item.name.endsWith('.test.ts'))
      latest = Math.max(latest, statSync(path).mtimeMs)
  }
  return latest
}

function isFresh() {
  try {
    const made = statSync(bundle).mtimeMs
    // All of it: the demo is data too.
    const sources = [join(root, 'src'), join(root, dirname(entry))].map(newest)
    return Math.max(...sources, statSync(join(root, 'package.json')).mtimeMs) < made
  } catch {
    return false
  }
}

if (!isFresh()) {
  const { build } = await import('esbuild')
  mkdirSync(dirname(bundle), { recursive: true })
  const fresh = `${bundle}.${process.pid}.mjs`
  await build({
    entryPoints: [resolve(root, entry)],
    outfile: fresh,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'error',
    external: ['highs', '@playwright/test'],
    alias: { '@': join(root, 'src') },
    banner: {
      js: "import { createRequire as __cr } from 'node:module'; const require = __cr(import.meta.url);",
    },
  })
  renameSync(fresh, bundle)
}
if (args[0] !== '--bundle') {
  process.argv = [process.argv[0], resolve(root, entry), ...args]
  await import(pathToFileURL(bundle).href)
}
