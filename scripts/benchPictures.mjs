// What 200 pictures of 12 million pixels cost in the browser: kept, shown, exported, imported; and whether the bench and a build open as
// quickly as they do without them. The yardstick is the same act with one picture, or with none. `npm run build` comes first.
import { mkdtempSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'
import { startServer } from './server.mjs'

const MANY = Number(process.argv[2] ?? 200)
const SIZE = { width: 4000, height: 3000 }
/** A Tuesday evening in Lisbon, as in the tests. */
const NOW = new Date('2026-03-17T18:25:00Z')
const BUILD = '/builds/gannets-lament?part=hull-port'

/** A picture as full as a camera's: a soft ground and grain. */
async function photo(page, seed) {
  const base64 = await page.evaluate(
    async ({ width, height, seed }) => {
      const canvas = new OffscreenCanvas(width, height)
      const context = canvas.getContext('2d')
      const grain = new OffscreenCanvas(256, 256)
      const bits = grain.getContext('2d')
      const image = bits.createImageData(256, 256)
      for (let i = 0; i < image.data.length; i += 4) {
        const one = 90 + ((i * 7919 + seed * 104729) % 97)
        image.data.set([one, one - 9, one - 22, 255], i)
      }
      bits.putImageData(image, 0, 0)
      context.fillStyle = context.createPattern(grain, 'repeat')
      context.fillRect(0, 0, width, height)
      const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })
      const bytes = new Uint8Array(await blob.arrayBuffer())
      let text = ''
      for (let i = 0; i < bytes.length; i += 8192)
        text += String.fromCharCode(...bytes.subarray(i, i + 8192))
      return btoa(text)
    },
    { ...SIZE, seed },
  )
  return {
    name: `picture ${seed}.jpg`,
    mimeType: 'image/jpeg',
    buffer: Buffer.from(base64, 'base64'),
  }
}

async function timed(work) {
  const began = performance.now()
  await work()
  return performance.now() - began
}

/** From the address to what is asked of it, the middle of three. */
async function opened(page, url, done) {
  const times = []
  for (let i = 0; i < 3; i++) {
    await page.goto(url)
    times.push(await timed(() => page.locator(done).first().waitFor({ timeout: 120_000 })))
  }
  return times.sort((a, b) => a - b)[1]
}

const server = await startServer({ demo: true })
// What lies in a browser that forgets is held in its memory: people's browsers write it to the disk.
const profile = mkdtempSync(join(tmpdir(), 'tectoria-pictures-'))
const context = await chromium.launchPersistentContext(profile, {
  executablePath: CHROMIUM,
  args: CHROMIUM_ARGS,
  timezoneId: 'Europe/Lisbon',
  locale: 'en-GB',
})
try {
  const [page] = context.pages()
  page.setDefaultTimeout(600_000)
  await page.clock.setFixedTime(NOW)
  await page.goto(server.url)
  await page.getByRole('heading', { name: 'Clean up the lining' }).waitFor()
  const screens = [
    ['the bench', '/', 'section[aria-label="The step in hand"]'],
    ['a build', BUILD, 'section[aria-label="Core"]'],
    ['the pictures', '/pictures', 'main img'],
  ]
  const before = []
  for (const [, path, done] of screens) before.push(await opened(page, server.url + path, done))
  const eight = []
  for (let k = 0; k < 8; k++) eight.push(await photo(page, k))
  const keep = async (from, count) => {
    for (let i = from; i < from + count; i += 8) {
      const files = eight.slice(0, Math.min(8, from + count - i))
      const had = Number(
        /(\d+) pictures?/.exec(await page.getByRole('status').first().textContent())?.[1],
      )
      spent += await timed(async () => {
        await page.getByLabel('Add pictures').setInputFiles(files)
        await page.getByText(`${had + files.length} pictures`, { exact: true }).waitFor()
      })
    }
  }
  let spent = 0
  await keep(0, 8)
  const each = spent / 8
  spent = 0
  await keep(8, MANY - 8)
  console.log(
    `kept: ${each.toFixed(0)} ms a picture for the first 8, ${(spent / (MANY - 8) / each).toFixed(2)} of that for the next ${MANY - 8}`,
  )
  for (const [i, [name, path, done]] of screens.entries()) {
    const after = await opened(page, server.url + path, done)
    console.log(
      `${name} opened: ${(after / before[i]).toFixed(2)} of what it took without them (${after.toFixed(0)} ms)`,
    )
  }
  await page.goto(`${server.url}/settings`)
  const waiting = page.waitForEvent('download')
  let file
  const packing = await timed(async () => {
    await page.getByRole('button', { name: 'Export everything' }).click()
    const failed = page.getByText('Nothing was exported').waitFor()
    failed.catch(() => undefined)
    const got = await Promise.race([waiting, failed])
    if (!got) throw new Error(await page.getByText('Nothing was exported').textContent())
    file = await got.path()
  })
  const mb = statSync(file).size / 1e6
  console.log(`exported: ${(packing / MANY / each).toFixed(2)} of keeping, ${mb.toFixed(0)} MB`)
  const looking = await timed(async () => {
    await page.getByLabel('Import a file').setInputFiles(file)
    await page.getByRole('button', { name: /^Import (it|and)/ }).waitFor()
  })
  console.log(`looked at again: ${(looking / MANY / each).toFixed(2)} of keeping`)
} finally {
  await context.close()
  rmSync(profile, { recursive: true, force: true })
  server.stop()
}
