// Debian's Chromium, the same for end-to-end tests and pictures.
import { existsSync } from 'node:fs'

export const CHROMIUM = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium'

export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]

export function hasChromium() {
  return existsSync(CHROMIUM)
}
