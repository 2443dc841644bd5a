// Serves what `npm run build` made on loopback, without the demo, and runs the end-to-end tests against it.
import { spawn } from 'node:child_process'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { root, startServer } from './server.mjs'

mkdirSync(join(root, '.cache'), { recursive: true })
const server = await startServer()
const cli = join(root, 'node_modules', '@playwright', 'test', 'cli.js')
const tests = spawn(process.execPath, [cli, 'test', ...process.argv.slice(2)], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, TECTORIA_URL: server.url },
})
tests.on('exit', (code) => {
  server.stop()
  process.exitCode = code ?? 1
})
