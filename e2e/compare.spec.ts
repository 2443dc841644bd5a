import { encode } from 'fast-png'
import { expect, goTo, openAt, test } from './support'

const SIZE = { width: 400, height: 300 }
const FACE = [143, 160, 122]
const SPOT = [46, 30, 22]

/** Is there a dark spot? Discs in a lattice: 5 % of the face. */
function isSpot(x: number, y: number): boolean {
  const [u, v] = [(((x % 50) + 50) % 50) - 25, (((y % 50) + 50) % 50) - 25]
  return u * u + v * v <= (0.05 * 2500) / Math.PI
}

/** A picture of the face: `place` says which place of the face a pixel shows, `light` how bright the picture is. */
function picture(place: (x: number, y: number) => [number, number], light: number): Buffer {
  const data = new Uint8Array(SIZE.width * SIZE.height * 3)
  for (let y = 0; y < SIZE.height; y++)
    for (let x = 0; x < SIZE.width; x++) {
      const [u, v] = place(x, y)
      const own = isSpot(u, v) ? SPOT : FACE
      own.forEach((one, c) => {
        data[(y * SIZE.width + x) * 3 + c] = Math.round(one * light)
      })
    }
  return Buffer.from(encode({ ...SIZE, data, channels: 3, depth: 8 }))
}

const png = (name: string, buffer: Buffer) => ({ name, mimeType: 'image/png', buffer })

test('two pictures are laid on each other with the keyboard, wiped, compared, and a share is counted', async ({
  page,
}) => {
  await openAt(page, '/')
  await goTo(page, 'Side by side')
  await page.getByLabel('First picture').setInputFiles(
    png(
      'before.png',
      picture((x, y) => [x, y], 1),
    ),
  )
  // Moved by 20 px to the right and 10 down, and darker.
  await page.getByLabel('Second picture').setInputFiles(
    png(
      'after.png',
      picture((x, y) => [x - 20, y - 10], 0.8),
    ),
  )
  const first = page.getByRole('application', { name: /^First picture/ })
  const second = page.getByRole('application', { name: /^Second picture/ })
  await expect(page.getByText('Tap a place in the first')).toBeVisible()

  // Each key moves the cross by a hundredth: 4 px across, 3 px down.
  const choose = async (where: typeof first, keys: Record<string, number>) => {
    await where.focus()
    for (const [key, times] of Object.entries(keys))
      for (let i = 0; i < times; i++) await page.keyboard.press(key)
    await page.keyboard.press('Enter')
  }
  await choose(first, {})
  await choose(second, { ArrowRight: 5, ArrowDown: 3 })
  await choose(first, { ArrowRight: 25 })
  await choose(second, { ArrowRight: 25 })
  await expect(page.getByText('2 pairs. Three pairs lay one on the other')).toBeVisible()
  await choose(first, { ArrowDown: 25 })
  await choose(second, { ArrowDown: 25 })
  await expect(page.getByText(/3 pairs: they lie on each other within 0\.0 px/)).toBeVisible()

  const wiper = page.getByRole('slider', { name: 'Wiper' })
  await wiper.press('Home')
  await expect(wiper).toHaveAttribute('aria-valuenow', '0')
  await wiper.press('ArrowRight')
  await expect(wiper).toHaveAttribute('aria-valuenow', '2')
  await page.getByRole('radio', { name: 'Blink' }).click()
  await page.getByRole('button', { name: 'Show the second' }).click()
  await expect(page.getByRole('button', { name: 'Show the first' })).toBeVisible()

  await page.getByRole('radio', { name: 'How they differ' }).click()
  await choose(page.getByRole('application', { name: /^Places to compare/ }), {})
  await expect(page.getByText(/ΔE00 \d+\.\d, \d+\.\d darker/)).toBeVisible()

  await page.getByRole('radio', { name: 'Count a share' }).click()
  const face = page.getByRole('application', { name: /^The face that is counted/ })
  const box = await face.boundingBox()
  if (!box) throw new Error('no picture')
  const at = (x: number, y: number) => ({
    position: {
      x: ((x + 0.5) / SIZE.width) * box.width,
      y: ((y + 0.5) / SIZE.height) * box.height,
    },
  })
  await face.click(at(0, 0))
  await face.click(at(399, 299))
  await page.getByRole('radio', { name: 'It is this' }).click()
  await face.click(at(75, 75))
  await page.getByRole('radio', { name: 'It isn’t this' }).click()
  await face.click(at(100, 100))
  await page.getByLabel(/^Meant/).fill('6')
  const share = page.getByRole('region', { name: 'One on the other' }).getByRole('status')
  await expect(share).toContainText('one more pass')
  const said = Number.parseFloat((await share.textContent()) ?? '')
  expect(Math.abs(said - 5) / 5).toBeLessThan(0.1)
})

test('what is no picture is told, and takes nothing away', async ({ page }) => {
  await openAt(page, '/compare')
  await page.getByLabel('First picture').setInputFiles(
    png(
      'before.png',
      picture((x, y) => [x, y], 1),
    ),
  )
  await expect(page.getByRole('application', { name: /^First picture/ })).toBeVisible()
  await page
    .getByLabel(/first picture/i)
    .first()
    .setInputFiles({ name: 'words.png', mimeType: 'image/png', buffer: Buffer.from('no picture') })
  await expect(page.getByRole('alert').filter({ hasText: 'words.png is no picture' })).toBeVisible()
  await expect(page.getByRole('application', { name: /^First picture/ })).toBeVisible()
})
