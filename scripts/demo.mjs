// Installs, builds, serves on loopback with the demo data, and prints the address.
import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { ensurePackages } from './install.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
/** The port that is tried first. */
const PORT = 4173

if (!ensurePackages()) process.exit(1)
const built = spawnSync(process.execPath, [join(root, 'scripts', 'build.mjs')], {
  cwd: root,
  stdio: 'inherit',
})
if (built.status !== 0) process.exit(built.status ?? 1)
const { startServer } = await import('./server.mjs')
const server = await startServer({ port: PORT, demo: true })
console.log(`\nTectoria with the demo bench: ${server.url}\nCtrl C ends it.`)
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    server.stop()
    process.exit(0)
  })
server.child.on('exit', (code) => process.exit(code ?? 0))
