// A browser of its own process group, that can be killed at once, and whose disk can be made to forget what was never synced.
import { spawn, spawnSync } from 'node:child_process'
import { cpSync, existsSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from '../browser.mjs'
import { freePort } from '../server.mjs'

const SOURCE = fileURLToPath(new URL('powerCut.c', import.meta.url))
/** How long a browser may take to answer, ms. */
const PATIENCE = 60_000

/** A folder for a browser's data, and a disk beside it that only holds what was synced. */
export function newProfile() {
  const folder = mkdtempSync(join(tmpdir(), 'tectoria-torture-'))
  const keeper = join(folder, 'powerCut.so')
  const built = spawnSync('cc', ['-shared', '-fPIC', '-O2', '-o', keeper, SOURCE, '-ldl'], {
    stdio: 'inherit',
  })
  return {
    folder,
    data: join(folder, 'profile'),
    /** Null where nothing can be compiled: then browsers are killed only. */
    keeper: built.status === 0 ? keeper : null,
    rows: join(folder, 'profile', 'Default', 'IndexedDB'),
    disk: join(folder, 'disk'),
    remove: () => rmSync(folder, { recursive: true, force: true }),
  }
}

/** Makes one folder like another, or takes it away where the other isn't. */
function copied(from, to) {
  rmSync(to, { recursive: true, force: true })
  if (existsSync(from)) cpSync(from, to, { recursive: true })
}

/**
 * Starts a browser on a profile.
 *
 * @returns its page; `kill` ends it as a crash does, `cut` as a power cut does: what was written and not synced is gone
 */
export async function launched(profile) {
  const { data, keeper, rows, disk } = profile
  const port = await freePort()
  copied(rows, disk)
  const keeping = keeper ? { LD_PRELOAD: keeper, CUT_FROM: rows, CUT_TO: disk } : {}
  const child = spawn(
    CHROMIUM,
    [
      ...CHROMIUM_ARGS,
      '--headless=new',
      `--remote-debugging-port=${port}`,
      `--user-data-dir=${data}`,
      'about:blank',
    ],
    { detached: true, stdio: 'ignore', env: { ...process.env, ...keeping } },
  )
  const gone = new Promise((resolve) => child.once('exit', resolve))
  const kill = async () => {
    try {
      process.kill(-child.pid, 'SIGKILL')
    } catch {
      // It is dead already.
    }
    await gone
  }
  const cut = async () => {
    await kill()
    copied(disk, rows)
  }
  const end = Date.now() + PATIENCE
  while (Date.now() < end) {
    try {
      const browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`)
      const [context] = browser.contexts()
      return { browser, page: await context.newPage(), kill, cut }
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 200))
    }
  }
  await kill()
  throw new Error('The browser did not answer')
}
