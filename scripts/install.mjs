// Installs the packages of the lock file when they are missing or older than it.
import { spawnSync } from 'node:child_process'
import { statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))

function isInstalled() {
  try {
    const made = statSync(join(root, 'node_modules', '.package-lock.json')).mtimeMs
    return made >= statSync(join(root, 'package-lock.json')).mtimeMs - 1000
  } catch {
    return false
  }
}

/** @returns whether the packages are there */
export function ensurePackages() {
  if (isInstalled()) return true
  console.log('Installing packages…')
  const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm'
  const done = spawnSync(npm, ['ci', '--include=dev', '--no-audit', '--no-fund'], {
    cwd: root,
    stdio: 'inherit',
  })
  return done.status === 0
}
