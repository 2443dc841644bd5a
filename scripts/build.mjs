// Builds the application, the service worker that keeps this build, and the command line: `npm run build`, the demo and verify.
// What runs afterwards needs no bundler any more.
import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const next = join(root, 'node_modules', 'next', 'dist', 'bin', 'next')

const script = (name, ...args) => [join(root, 'scripts', name), ...args]

for (const args of [
  [next, 'build'],
  script('serviceWorker.mjs'),
  script('run.mjs', 'cli/tectoria.ts', '--bundle'),
]) {
  const { status } = spawnSync(process.execPath, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
  })
  if (status !== 0) process.exit(status ?? 1)
}
