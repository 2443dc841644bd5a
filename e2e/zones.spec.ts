// Places of a part: zones proposed by its shape, steps for some of them, what was forgotten.
import type { Locator, Page } from '@playwright/test'
import { houndStl } from '../scripts/parts/hound'
import { expect, exported, openAt, openDemo, test } from './support'

const PLAN = [
  'degrease',
  'prime light x2',
  'base white alcohol acrylic wet x3',
  'tape',
  'base black alcohol acrylic wet x3',
  'untape',
  'gloss clear alcohol acrylic light x2',
]

/** A car of its own, in two tones, with the zones of its body. */
async function beginCar(page: Page): Promise<void> {
  await openAt(page, '/builds?new')
  await page.getByRole('radio', { name: /Nothing yet/ }).check()
  await page.getByLabel('Name of the build').fill('Corriebreck 1100')
  await page.getByRole('button', { name: 'Start and check it' }).click()
  await expect(page.getByRole('heading', { name: 'Corriebreck 1100' })).toBeVisible()
  await page.getByLabel('Steps in words').fill(PLAN.join('; '))
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.locator('[data-step]')).toHaveCount(PLAN.length)
  await page.getByLabel('Most like a').selectOption('car-body')
  for (const [length, mm] of [
    ['Length', '180'],
    ['Width', '75'],
    ['Height', '50'],
  ] as const)
    await page.getByLabel(new RegExp(`^${length} \\(`)).fill(mm)
  await page.getByRole('button', { name: 'Propose zones' }).click()
  await expect(page.getByRole('table', { name: /Zones of the part/ })).toBeVisible()
}

/** Opens a step, ticks some of its zones, and saves. */
async function onZones(page: Page, step: Locator, zones: readonly string[]): Promise<void> {
  await step.click()
  const editor = page.getByRole('form', { name: 'The chosen step' })
  for (const zone of zones) await editor.getByRole('checkbox', { name: zone, exact: true }).check()
  await editor.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('status').getByText(/^Changed/)).toBeVisible()
  await editor.getByRole('button', { name: 'Close' }).click()
}

/** What is seen of the part once its last step is done, as it is drawn. */
function seen(page: Page): Promise<string> {
  const swatch = page.locator('[data-step]').first().locator('span[aria-hidden] > span').first()
  return swatch.evaluate((one) => getComputedStyle(one).backgroundColor)
}

const BODY = [
  'Bonnet',
  'Boot',
  'Front',
  'Rear',
  'Port side',
  'Starboard side',
  'Sills and arches',
  'Window trims',
]

test('a masked roof leaves the body its colour, and the core is taken through either', async ({
  page,
}) => {
  await beginCar(page)
  const step = (name: RegExp) => page.locator('[data-step]').getByRole('button', { name })
  // Before there are zones in the plan the last colour is the whole car's.
  await expect.poll(() => seen(page)).toMatch(/^rgb\(([1-5]?\d), /)
  await onZones(page, step(/^Tape off/), BODY)
  await onZones(page, step(/^Base colour/).first(), ['Roof'])
  await expect(step(/^Base colour.*on roof/)).toBeVisible()
  // The roof goes on first: then it is masked once, instead of every zone along it.
  const colours = page.getByRole('list', { name: 'Colours in the quickest order' })
  await expect(colours.getByRole('listitem').first()).toContainText('roof')
  await expect(colours.getByRole('listitem').last()).toContainText('mask roof')
  await expect(page.getByText(/As your steps stand it takes .* more/)).toBeVisible()
  await expect.poll(() => seen(page)).toMatch(/^rgb\(2\d\d, 2\d\d, 2/)
  await page.getByRole('combobox', { name: 'The core is taken through' }).click()
  await page.getByRole('option', { name: 'Roof' }).click()
  await expect.poll(() => seen(page)).toMatch(/^rgb\(([1-5]?\d), /)
})

test('a zone that was forgotten is told where a clear would seal it in, and mended by a tap', async ({
  page,
}) => {
  await beginCar(page)
  const step = page.locator('[data-step]').getByRole('button', { name: /^Base colour/ })
  const all = BODY.concat('Roof')
  await onZones(page, step.last(), all.slice(1))
  await onZones(page, step.first(), all.slice(1))
  const told = page.locator('[data-rule="zone-forgotten"]')
  await expect(told).toBeVisible()
  await expect(page.getByText('Bonnet has no step for colour')).toBeVisible()
  await expect(page.getByRole('row', { name: /^Bonnet/ })).toContainText('forgotten')
  await page.getByRole('button', { name: 'Bonnet does without' }).focus()
  await page.keyboard.press('Enter')
  await expect(told).toHaveCount(0)
  await expect(page.getByRole('row', { name: /^Bonnet/ })).toContainText('does without')
})

test('a length measured on the model that disagrees with its scale is told', async ({ page }) => {
  await beginCar(page)
  await page.getByText('Is it the scale it says?').click()
  const form = page.getByRole('form', { name: 'A length' })
  const add = async (name: string, model: string, real: string) => {
    await form.getByLabel('What was measured').fill(name)
    await form.getByLabel(/^On the model/).fill(model)
    await form.getByLabel(/^In reality/).fill(real)
    await form.getByRole('button', { name: 'Add the length' }).click()
  }
  await add('Wheel', '12.5', 'much')
  await expect(form.getByText(/Enter a number from 0.001 to 10000 m/)).toBeVisible()
  await add('Wheel', '12.5', '0.9')
  await expect(page.getByText('12.5 mm for 0.9 m: 1:72')).toBeVisible()
  await add('Door', '10', '1.5')
  await expect(page.getByText(/^Wheel makes it 1:72, Door 1:150/)).toBeVisible()
  await page.getByRole('button', { name: 'All findings' }).click()
  await expect(page.getByText(/Wheel makes it 1:72, Door 1:150/).first()).toBeVisible()
})

test('a zone is renamed, and a size that can’t be is refused with its range', async ({ page }) => {
  await beginCar(page)
  const list = page.getByRole('list', { name: 'Zones' })
  await list.getByRole('button', { name: 'Roof', exact: true }).click()
  const form = page.getByRole('form', { name: 'Roof' })
  await form.getByLabel('Its area').fill('-3')
  await form.getByRole('button', { name: 'Save the zone' }).click()
  await expect(form.getByText(/Enter a number from 0.01 to 100000 cm²/)).toBeVisible()
  await form.getByLabel('Its area').fill('55')
  await form.getByLabel('Name of the zone').fill('Hard top')
  await form.getByRole('button', { name: 'Save the zone' }).click()
  const row = page.getByRole('row', { name: /^Hard top/ })
  await expect(row.getByRole('cell').first()).toHaveText('55.0')
})

/** Share of a picture's pixels, of those that are painted, that are of about this colour. */
function shareOf(picture: Locator, [r, g, b]: readonly [number, number, number]): Promise<number> {
  return picture.evaluate(
    (canvas, [r, g, b]) => {
      const { width, height } = canvas as HTMLCanvasElement
      const copy = new OffscreenCanvas(width, height)
      const context = copy.getContext('2d', { willReadFrequently: true })
      context?.drawImage(canvas as HTMLCanvasElement, 0, 0)
      const { data } = context?.getImageData(0, 0, width, height) ?? { data: [] as number[] }
      let [all, near] = [0, 0]
      for (let i = 0; i < data.length; i += 4) {
        if (data[i + 3] === 0) continue
        all++
        const off = [r, g, b].map((wanted, c) => Math.abs((data[i + c] ?? 0) - (wanted ?? 0)))
        if (Math.max(...off) < 24) near++
      }
      return near / Math.max(1, all)
    },
    [r, g, b],
  )
}

test('a part is looked at after any of its steps, turned, taken in hand, and its zones chosen', async ({
  page,
}) => {
  await openDemo(page, '/builds/corriebreck-1100?part=body')
  const zones = page.getByRole('region', { name: 'Zones' })
  const picture = zones.getByRole('img', { name: /^Body, / })
  await expect(picture).toHaveAccessibleName(/after all of it/)
  await zones.getByRole('button', { name: 'Colours alone' }).click()
  const [green, cream] = [
    [31, 59, 44],
    [232, 220, 184],
  ] as const
  await expect.poll(() => shareOf(picture, green)).toBeGreaterThan(0.4)
  expect(await shareOf(picture, cream)).toBeGreaterThan(0.05)
  const slider = zones.getByRole('slider', { name: 'It is shown' })
  await slider.focus()
  await page.keyboard.press('Home')
  await expect(picture).toHaveAccessibleName('Body, bare')
  await expect.poll(() => shareOf(picture, green)).toBe(0)
  await page.keyboard.press('End')
  await zones.getByRole('button', { name: 'From below' }).click()
  await zones.getByRole('button', { name: 'From below' }).click()
  await expect.poll(() => shareOf(picture, cream)).toBeLessThan(0.05)
  await zones.getByRole('combobox', { name: 'Shown by' }).click()
  await page.getByRole('option', { name: 'Where fading' }).click()
  await expect(picture).toHaveAccessibleName(/^Body, where fading/)
  await zones.getByRole('combobox', { name: 'Shown by' }).click()
  await page.getByRole('option', { name: 'Its colours' }).click()
  const list = zones.getByRole('list', { name: 'Zones' })
  await list.getByRole('button', { name: 'Front' }).focus()
  await page.keyboard.press('Enter')
  await expect(zones.getByRole('form', { name: 'Front' })).toBeVisible()
  await zones.getByRole('button', { name: 'Take it in hand' }).click()
  await expect(picture).toHaveCount(0)
  const hand = zones.locator('canvas')
  await expect(hand).toBeVisible()
  await list.getByRole('button', { name: 'Front' }).click()
  const { width = 0, height = 0 } = (await hand.boundingBox()) ?? {}
  await expect(async () => {
    await hand.click({ position: { x: width / 2, y: height / 2 } })
    await expect(list.getByRole('button', { pressed: true })).toHaveCount(1, { timeout: 2_000 })
  }).toPass()
})

test('a mesh of ours is zoned, painted and looked at', async ({ page }) => {
  await openAt(page, '/builds?new')
  await page.getByRole('radio', { name: /Nothing yet/ }).check()
  await page.getByLabel('Name of the build').fill('Mire Hound')
  await page.getByRole('button', { name: 'Start and check it' }).click()
  await page
    .getByLabel('Steps in words')
    .fill('degrease; prime light x2; base #A8321F lacquer wet x3')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.locator('[data-step]')).toHaveCount(3)
  const zones = page.getByRole('region', { name: 'Zones' })
  const file = zones.locator('input[type=file]')
  const stl = Buffer.from(houndStl())
  await file.setInputFiles({
    name: 'torn.stl',
    mimeType: 'model/stl',
    buffer: stl.subarray(0, 9_000),
  })
  await expect(zones.getByRole('alert')).toContainText('torn.stl can’t be read')
  await file.setInputFiles({ name: 'hound.stl', mimeType: 'model/stl', buffer: stl })
  await expect(zones.getByText(/^hound.stl: .* cm² in 9 zones/)).toBeVisible()
  await zones.getByRole('button', { name: 'Draw the part by it' }).click()
  const list = zones.getByRole('list', { name: 'Zones' })
  await expect(list.getByRole('listitem')).toHaveCount(9)
  const picture = zones.getByRole('img')
  await zones.getByRole('button', { name: 'Colours alone' }).click()
  const red = [168, 50, 31] as const
  await expect.poll(() => shareOf(picture, red)).toBeGreaterThan(0.5)
  // One zone takes another in, is parted at a height, and another is drawn round.
  await list.getByRole('button', { name: 'Starboard', exact: true }).click()
  await zones.getByRole('combobox', { name: 'Starboard takes in' }).click()
  await page.getByRole('option', { name: 'Starboard 2' }).click()
  await expect(list.getByRole('listitem')).toHaveCount(8)
  await zones.getByRole('button', { name: 'Part it' }).click()
  await expect(list.getByRole('button', { name: 'Starboard, upper' })).toBeVisible()
  await zones.getByRole('button', { name: 'Draw round a zone' }).click()
  const box = await picture.boundingBox()
  if (!box) throw new Error('no picture')
  const [x, y] = [box.x + box.width / 2, box.y + box.height * 0.35]
  await page.mouse.move(x - 60, y - 50)
  await page.mouse.down()
  for (const [dx, dy] of [
    [60, -50],
    [60, 50],
    [-60, 50],
  ] as const)
    await page.mouse.move(x + dx, y + dy, { steps: 4 })
  await page.mouse.up()
  await expect(list.getByRole('button', { name: 'Patch 1' })).toBeVisible()
  // Only the patch gets the red.
  await onZones(page, page.locator('[data-step]').getByRole('button', { name: /^Base colour/ }), [
    'Patch 1',
  ])
  await expect.poll(() => shareOf(picture, red)).toBeLessThan(0.5)
  expect(await shareOf(picture, red)).toBeGreaterThan(0.01)
  const project = await exported(page)
  expect(project.meshes).toMatchObject([{ name: 'hound.stl', triangles: 6720 }])
})

test('a mask is seen along the colours, its edges have their tape, and are pressed at the bench', async ({
  page,
}) => {
  await openDemo(page, '/builds/corriebreck-1100?part=body')
  const masks = page.getByRole('region', { name: 'Masks' })
  const strip = masks.getByRole('table', { name: /under a mask/ })
  await expect(strip.getByRole('row', { name: /^Roof masked/ })).toBeVisible()
  const edges = masks.getByRole('list', { name: 'Edges of the masks' })
  await expect(edges.getByText('Straight paper tape')).toHaveCount(4)
  const run = edges.getByRole('combobox', { name: /^To port side/ })
  await run.focus()
  await page.keyboard.press('Enter')
  await page.getByRole('option', { name: 'Round a curve' }).press('Enter')
  await expect(edges.getByText('Flexible tape')).toBeVisible()
  await page.getByRole('button', { name: /^Undo/ }).first().click()
  await expect(edges.getByText('Straight paper tape')).toHaveCount(4)
  await page
    .getByLabel('Drying line')
    .getByRole('button', { name: /Starboard hull/ })
    .click()
  await page.getByRole('button', { name: 'Open at the bench' }).click()
  const pressed = page.getByRole('group', { name: 'Is its mask pressed down' })
  await pressed.getByLabel('Underside').check()
})
