// Bundles the service worker behind a build, with a list of all files of it: public/sw.js.
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { build } from 'esbuild'

const root = fileURLToPath(new URL('..', import.meta.url))
const next = join(root, '.next')
const revision = readFileSync(join(next, 'BUILD_ID'), 'utf8').trim()

function filesBelow(folder) {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((item) => item.isFile())
    .map((item) => join(item.parentPath, item.name))
}

/** Named by what is in them: such a file never changes. */
const scripts = filesBelow(join(next, 'static'))
  .filter((file) => !file.endsWith('.map'))
  .map((file) => ({
    url: `/_next/static${file.slice(join(next, 'static').length)}`,
    revision: null,
  }))

const fixed = filesBelow(join(root, 'public'))
  .filter((file) => !file.includes(`${join('public', 'demo')}`) && !file.endsWith('sw.js'))
  .map((file) => ({
    url: file.slice(join(root, 'public').length),
    revision: createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 16),
  }))

const routes = JSON.parse(readFileSync(join(next, 'routes-manifest.json'), 'utf8'))
const chapters = readdirSync(join(root, 'docs', 'handbook'))
  .filter((file) => /^\d.*\.md$/.test(file))
  .map((file) => `/handbook/${file.replace(/\.md$/, '')}`)
const pages = [
  ...routes.staticRoutes.map(({ page }) => page).filter((page) => !/^\/(_|api\/)/.test(page)),
  ...chapters,
  '/builds/-',
].map((url) => ({ url, revision }))

const made = await build({
  entryPoints: [join(root, 'src', 'sw', 'serviceWorker.ts')],
  outfile: join(root, 'public', 'sw.js'),
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2022',
  define: {
    FILES: JSON.stringify([...scripts, ...fixed, ...pages]),
    'process.env.NODE_ENV': '"production"',
  },
  metafile: true,
})
const bytes = Object.values(made.metafile.outputs)[0].bytes
console.log(
  `Service worker: ${pages.length} pages, ${scripts.length + fixed.length} files, ${bytes} bytes`,
)
