// Builds the application, then the service worker that keeps this build: `npm run build`, the demo and verify.
import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const next = join(root, 'node_modules', 'next', 'dist', 'bin', 'next')

for (const args of [[next, 'build'], [join(root, 'scripts', 'serviceWorker.mjs')]]) {
  const { status } = spawnSync(process.execPath, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
  })
  if (status !== 0) process.exit(status ?? 1)
}
