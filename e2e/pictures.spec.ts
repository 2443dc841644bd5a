import { readFileSync } from 'node:fs'
import type { Browser, Locator, Page } from '@playwright/test'
import { expect, goTo, openAt, openDemo, test } from './support'

/** Says "turned a quarter to the right" and a place, as cameras write it. */
const CAMERA = Buffer.from([
  ...[0xff, 0xe1, 0, 0x40],
  ...Buffer.from('Exif\0\0'),
  ...[0x4d, 0x4d, 0, 0x2a, 0, 0, 0, 8, 0, 1],
  // Orientation, a short: 6.
  ...[0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0],
  ...Buffer.from('38.7223N 9.1393W HERE-I-LIVE'.padEnd(30, ' ')),
])

/** A picture as a phone takes it: lying on its side, red where its top is, a grey card and rust in the middle. */
async function photo(page: Page, width: number, height: number): Promise<Buffer> {
  const base64 = await page.evaluate(
    async ([w, h]) => {
      const canvas = new OffscreenCanvas(w, h)
      const context = canvas.getContext('2d') as OffscreenCanvasRenderingContext2D
      const box = (colour: string, x: number, y: number, bw: number, bh: number) => {
        context.fillStyle = colour
        context.fillRect(x * w, y * h, bw * w, bh * h)
      }
      box('#8fa07a', 0, 0, 1, 1)
      // Turned to the right, what is left becomes the top.
      box('#c02020', 0, 0, 0.1, 1)
      box('#777777', 0.4, 0.4, 0.2, 0.2)
      box('#7a4a2a', 0.7, 0.4, 0.2, 0.2)
      const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })
      const bytes = new Uint8Array(await blob.arrayBuffer())
      let text = ''
      for (const byte of bytes) text += String.fromCharCode(byte)
      return btoa(text)
    },
    [width, height] as const,
  )
  const jpeg = Buffer.from(base64, 'base64')
  return Buffer.concat([jpeg.subarray(0, 2), CAMERA, jpeg.subarray(2)])
}

const file = (name: string, buffer: Buffer) => ({ name, mimeType: 'image/jpeg', buffer })

/** Taps a place of a picture, shares of its width and height. */
async function tapOn(picture: Locator, x: number, y: number): Promise<void> {
  const box = await picture.boundingBox()
  if (!box) throw new Error('no picture')
  await picture.click({ position: { x: box.width * x, y: box.height * y } })
}

/** The settings in a browser of its own. */
async function openedElsewhere(browser: Browser, url: string): Promise<Page> {
  const context = await browser.newContext({ timezoneId: 'Europe/Lisbon', locale: 'en-GB' })
  const page = await context.newPage()
  await openAt(page, new URL('/settings', url).href)
  return page
}

/** The archive that is exported. */
async function archive(page: Page): Promise<string> {
  await goTo(page, 'Settings')
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export everything' }).click()
  const download = await waiting
  expect(download.suggestedFilename()).toMatch(/\.zip$/)
  return download.path()
}

/** The whole of a picture's file that lies in the browser, as text. */
async function keptBytes(page: Page): Promise<{ text: string; width: number; height: number }> {
  return page.evaluate(async () => {
    const open = indexedDB.open('tectoria')
    await new Promise((done) => {
      open.onsuccess = done
    })
    const all = open.result.transaction('photos').objectStore('photos').getAll()
    await new Promise((done) => {
      all.onsuccess = done
    })
    const own = (all.result as { id: string; blob: Blob }[]).find(
      ({ id }) => !id.startsWith('demo'),
    )
    const blob = own?.blob as Blob
    open.result.close()
    const { width, height } = await createImageBitmap(blob)
    const text = new TextDecoder('latin1').decode(await blob.arrayBuffer())
    return { text, width, height }
  })
}

test('a phone’s picture is straightened, loses its place, is pinned, measured and read, and comes back from the file as it was', async ({
  page,
  browser,
}) => {
  test.slow()
  await openDemo(page, '/pictures')
  const sideways = await photo(page, 4032, 3024)
  await page.getByLabel('Add pictures').setInputFiles(file('Port side.jpg', sideways))
  await page.getByRole('link', { name: /Port side/ }).click()
  const kept = await keptBytes(page)
  expect(kept).toMatchObject({ width: 3024, height: 4032 })
  expect(kept.text).not.toContain('HERE-I-LIVE')
  expect(kept.text).not.toContain('Exif')

  const picture = page.getByRole('application', { name: /Port side/ })
  await expect(picture).toBeVisible()
  const tap = (x: number, y: number) => tapOn(picture, x, y)
  const tool = (name: string) => page.getByRole('radio', { name }).click()
  // Upright, what lay on the left is above.
  await tool('Read a colour')
  await tap(0.5, 0.05)
  await expect(page.getByText(/^#[BC][0-9A-F]1|^#[BC][0-9A-F]2/)).toBeVisible()
  await expect(page.getByText('set a grey to know better')).toBeVisible()

  await tool('Set the grey')
  await tap(0.5, 0.5)
  await page.getByRole('combobox', { name: 'What it is' }).click()
  await page.getByRole('option', { name: 'A grey card, 18 %' }).click()

  await tool('Known length')
  await tap(0.4, 0.5)
  await tap(0.6, 0.5)
  await page.getByLabel('It is long').fill('10')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('10 mm are known')).toBeVisible()

  await page.getByRole('combobox', { name: 'Build' }).click()
  await page.getByRole('option', { name: 'Ploughman 6' }).click()
  await tool('Pin')
  await tap(0.5, 0.8)
  await page.getByRole('button', { name: 'How long, which way' }).click()
  await tap(0.7, 0.8)
  await expect(
    page.getByRole('button', { name: /^1 Rust, (9\.9\d?|10(\.\d+)?) mm, (0|359)°/ }),
  ).toBeVisible()

  await tool('Read a colour')
  await tap(0.5, 0.8)
  await expect(page.getByText(/off by ΔE00 2 or less/)).toBeVisible()
  const colour = await page.getByText(/^#[0-9A-F]{6}$/).textContent()
  const before = await archive(page)
  // In another browser, which has nothing of it.
  const other = await openedElsewhere(browser, page.url())
  await other.getByLabel('Import a file').setInputFiles(before)
  await expect(other.getByRole('row', { name: /pictures 7 0 0/ })).toBeVisible()
  await expect(other.getByText(/in the file: only what is known/)).toHaveCount(0)
  await other.getByRole('button', { name: 'Import it' }).click()
  await expect(other.getByText('Imported')).toBeVisible()
  const { strFromU8, unzipSync } = await import('fflate')
  const [was, is] = [before, await archive(other)].map((path) => unzipSync(readFileSync(path)))
  const photos = (zip: typeof was) =>
    Object.keys(zip ?? {}).filter((name) => name !== 'project.json')
  expect(photos(is)).toEqual(photos(was))
  for (const name of photos(was))
    expect(Buffer.compare(is?.[name] as Buffer, was?.[name] as Buffer)).toBe(0)
  const rows = (zip: typeof was) =>
    JSON.parse(strFromU8(zip?.['project.json'] as Uint8Array)).pictures
  expect(rows(is)).toEqual(rows(was))

  await goTo(other, 'Pictures')
  await other.getByRole('link', { name: /Port side/ }).click()
  await expect(other.getByRole('application', { name: /Port side/ })).toBeVisible()
  await other.getByRole('radio', { name: 'Read a colour' }).click()
  await tapOn(other.getByRole('application', { name: /Port side/ }), 0.5, 0.8)
  await expect(other.getByText(colour ?? '-')).toBeVisible()
  await other.getByRole('link', { name: 'Mix it' }).click()
  await expect(other).toHaveURL(/\/colour\?target=%23[0-9A-F]{6}/)
  await other.context().close()
})

test('what is no picture is told in a sentence, and the others are kept', async ({ page }) => {
  await openAt(page, '/')
  await goTo(page, 'Pictures')
  const good = await photo(page, 400, 300)
  const bomb = Buffer.from(good)
  await page.getByLabel('Add pictures').setInputFiles([
    file('hull.jpg', good),
    file('story.jpg', Buffer.from('once upon a time')),
    file('half.jpg', bomb.subarray(0, 700)),
    {
      name: 'drawing.svg',
      mimeType: 'image/svg+xml',
      buffer: Buffer.from('<svg onload="alert(1)"/>'),
    },
  ])
  const told = page.getByRole('alert').getByRole('listitem')
  await expect(told).toHaveText([
    /story\.jpg is no picture/,
    /half\.jpg/,
    /drawing\.svg is no picture/,
  ])
  await expect(page.getByRole('link', { name: /hull/ })).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('link', { name: /hull/ })).toHaveCount(0)
  await page.keyboard.press('Control+Shift+z')
  await expect(page.getByRole('link', { name: /hull/ })).toBeVisible()
})
