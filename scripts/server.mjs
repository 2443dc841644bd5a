// Starts the built application on loopback, and ends only what it started.
import { spawn } from 'node:child_process'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))
const HOST = '127.0.0.1'

/** Is this port free on loopback? */
function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', () => resolve(false))
    probe.listen(port, HOST, () => probe.close(() => resolve(true)))
  })
}

/** A port that the system gives. */
function anyPort() {
  return new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', reject)
    probe.listen(0, HOST, () => {
      const { port } = probe.address()
      probe.close(() => resolve(port))
    })
  })
}

/** The wanted port, or another if it is taken. */
export async function freePort(wanted) {
  return wanted && (await isFree(wanted)) ? wanted : anyPort()
}

/** How long the server may take to answer, ms. */
const PATIENCE = 300_000

async function answers(url, child) {
  const end = Date.now() + PATIENCE
  while (Date.now() < end) {
    if (child.exitCode !== null) throw new Error(`The server ended with ${child.exitCode}`)
    try {
      if ((await fetch(url)).ok) return
    } catch {
      // Not listening yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
  throw new Error(`The server did not answer at ${url} within ${PATIENCE / 1000} s`)
}

/** Serves what `npm run build` made. */
export async function startServer({ port, demo = false, quiet = true } = {}) {
  const chosen = await freePort(port)
  const next = join(root, 'node_modules', 'next', 'dist', 'bin', 'next')
  const child = spawn(process.execPath, [next, 'start', '-H', HOST, '-p', String(chosen)], {
    cwd: root,
    env: {
      ...process.env,
      NODE_ENV: 'production',
      NEXT_TELEMETRY_DISABLED: '1',
      TECTORIA_DEMO: demo ? '1' : '0',
    },
    stdio: quiet ? ['ignore', 'ignore', 'inherit'] : 'inherit',
  })
  const url = `http://${HOST}:${chosen}`
  try {
    await answers(url, child)
  } catch (error) {
    child.kill()
    throw error
  }
  return { url, child, stop: () => child.kill() }
}
