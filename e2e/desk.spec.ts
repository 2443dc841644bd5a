import { readFileSync } from 'node:fs'
import { deflateSync } from 'node:zlib'
import { coverAnswer, readCover } from '../src/core/formats/coverFile'
import { matchAnswer, readMatch } from '../src/core/formats/matchFile'
import { mixAnswer, readMix } from '../src/core/formats/mixFile'
import type { Bottle } from '../src/core/model/bottle'
import { expect, exported, goTo, openDemo, test } from './support'

test('a bottle thinned twice shows its share, and a coat planned with it gets the drops made up', async ({
  page,
}) => {
  await openDemo(page, '/shelf')
  await page.getByRole('button', { name: /^Harbour Teal/ }).click()
  const pour = page.getByRole('form', { name: 'Pour into it' })
  await pour.getByLabel('Amount').fill('3.25')
  await pour.getByLabel('Of').selectOption({ label: 'Alcohol Thinner' })
  await pour.getByRole('button', { name: 'Pour it: 80 % paint, 16.25 ml' }).click()
  await expect(page.getByText('It is 80 % paint now')).toBeVisible()
  await pour.getByLabel('Amount').fill('1')
  await pour.getByRole('button', { name: 'Pour it: 75 % paint, 17.25 ml' }).click()
  await expect(page.getByText('It is 75 % paint now')).toBeVisible()
  const dilutions = page.getByRole('list', { name: 'Dilutions, the latest first' })
  await expect(dilutions.getByRole('listitem')).toHaveCount(2)
  await expect(dilutions.getByRole('listitem').last()).toContainText('Alcohol Thinner')
  await page.getByRole('button', { name: 'Cancel' }).click()
  await expect(
    page.getByRole('button', { name: /^Harbour Teal.*thinned: 75 % paint/ }),
  ).toBeVisible()

  await goTo(page, 'Mix')
  await page.getByLabel('Paint', { exact: true }).selectOption({ label: 'Harbour Teal, Ferrowick' })
  const mix = page.getByRole('region', { name: 'The mix' })
  // Two parts of neat paint in three, out of a bottle that is three quarters paint.
  await expect(mix.getByText(/^Harbour Teal \d+ : thinner \d+$/)).toBeVisible()
  await expect(mix.getByText('Thinned 33 % of the mix')).toBeVisible()
  await expect(mix.getByText('5.31 ml in all')).toBeVisible()
})

test('a mix takes its paint out of the bottles, and undo puts it back', async ({ page }) => {
  await openDemo(page, '/mix')
  await page.getByLabel('Paint', { exact: true }).selectOption({ label: 'Band Ochre, Ferrowick' })
  await page.getByRole('button', { name: /^Thin this mix 48 %/ }).click()
  const mix = page.getByRole('region', { name: 'The mix' })
  await expect(mix.getByText('Thinned 48 % of the mix')).toBeVisible()
  await page.getByLabel('Save it for touch-ups as').fill('Ochre band')
  await page.getByRole('button', { name: 'Save the mix' }).click()
  await expect(page.getByText('Saved the mix Ochre band')).toBeVisible()
  await goTo(page, 'Shelf')
  await expect(page.getByRole('button', { name: /^Band Ochre.*16\.9 of 23 ml/ })).toBeVisible()
  // Undo beside the message is there for some seconds; the keys always are.
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('button', { name: /^Band Ochre.*20 of 23 ml/ })).toBeVisible()
})

test('two-part clear is mixed, its pot life hangs on the line, its label says until when', async ({
  page,
}) => {
  await openDemo(page, '/mix')
  await page
    .getByLabel('Paint', { exact: true })
    .selectOption({ label: 'Two-part Clear, Glasswing' })
  await page.getByLabel('Save it for touch-ups as').fill('Clear for the body')
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'Corriebreck 1100, Body' })
  await page.getByRole('button', { name: 'Save the mix' }).click()
  const kept = page.getByRole('listitem').filter({ hasText: 'Clear for the body' })
  await kept.getByRole('link', { name: 'Label' }).click()
  await expect(page.getByRole('heading', { name: 'Label of Clear for the body' })).toBeVisible()
  await expect(page.getByText(/^Use by .*21:25/)).toBeVisible()
  await expect(page.getByText('Corriebreck 1100, Body', { exact: true })).toBeVisible()
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as SVG' }).click()
  const file = await waiting
  expect(file.suggestedFilename()).toBe('clear-for-the-body.svg')
  expect(readFileSync(await file.path(), 'utf8')).toMatch(
    /^<svg[^>]+xmlns.*Clear for the body.*<\/svg>$/s,
  )
  const line = page.getByRole('region', { name: 'Drying line' })
  await expect(line.getByRole('button', { name: /Clear for the body closes in 3 h/ })).toBeVisible()
  await line.getByRole('button', { name: /Clear for the body/ }).click()
  await page.getByRole('button', { name: 'Open at the bench' }).click()
  await expect(page.getByRole('heading', { name: 'Bench', exact: true })).toBeAttached()
})

test('a mix that is too thin is put right, or it says why it can’t be', async ({ page }) => {
  await openDemo(page, '/mix')
  const right = page.getByRole('region', { name: 'Put a mix right' })
  await right.getByLabel('There is').fill('6')
  await right.getByLabel('Paint in it').fill('40')
  await right.getByLabel('Paint wanted').fill('50')
  await expect(right.getByText(/^Add 1\.20 ml of neat paint: 7\.20 ml in all/)).toBeVisible()
  await right.getByLabel('Filled up to').fill('6.5')
  await expect(right.getByText(/can’t be done: .*from 7\.2 ml on/)).toBeVisible()
  await right.getByLabel('Paint wanted').fill('150')
  await expect(right.getByText('Enter 0 to 100 %')).toBeVisible()
})

/** A picture of one colour with a grey corner, as a PNG. */
function picture(colour: readonly number[], grey: readonly number[]): Buffer {
  const side = 80
  const raw = Buffer.alloc(side * (side * 3 + 1))
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const rgb = x > 40 && y > 40 ? grey : colour
      for (let c = 0; c < 3; c++) raw[y * (side * 3 + 1) + 1 + x * 3 + c] = rgb[c] as number
    }
  const table = Array.from({ length: 256 }, (_, n) => {
    let value = n
    for (let k = 0; k < 8; k++) value = value & 1 ? 0xedb88320 ^ (value >>> 1) : value >>> 1
    return value >>> 0
  })
  const crc = (bytes: Buffer) => {
    let value = 0xffffffff
    for (const byte of bytes) value = (table[(value ^ byte) & 255] as number) ^ (value >>> 8)
    return (value ^ 0xffffffff) >>> 0
  }
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type), data])
    const size = Buffer.alloc(4)
    size.writeUInt32BE(data.length)
    const sum = Buffer.alloc(4)
    sum.writeUInt32BE(crc(body))
    return Buffer.concat([size, body, sum])
  }
  const head = Buffer.alloc(13)
  head.writeUInt32BE(side, 0)
  head.writeUInt32BE(side, 4)
  head.set([8, 2, 0, 0, 0], 8)
  return Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(raw)),
    chunk('IEND', Buffer.alloc(0)),
  ])
}

test('a patch of a picture is matched by the shelf, and the touch-up mix is kept', async ({
  page,
}) => {
  await openDemo(page, '/colour')
  await expect(page.getByRole('group', { name: 'Other bottles' })).toBeVisible()
  // A warm lamp: the grey corner came out yellowish.
  await page.getByLabel('Take it from a picture').setInputFiles({
    name: 'hull.png',
    mimeType: 'image/png',
    buffer: picture([140, 120, 84], [160, 140, 105]),
  })
  const canvas = page.getByRole('application', { name: /^Picture/ })
  const box = await canvas.boundingBox()
  const tap = (share: number) =>
    canvas.click({ position: { x: (box?.width ?? 0) * share, y: (box?.height ?? 0) * share } })
  await tap(0.2)
  await expect(page.getByLabel('Target', { exact: true })).toHaveValue(/^#8[BCD]7[789]5[345]$/)
  await page.getByRole('button', { name: 'Set by a grey' }).click()
  await tap(0.8)
  await tap(0.2)
  await expect(page.getByLabel('Target', { exact: true })).not.toHaveValue(/^#8[BCD]7[789]5[345]$/)
  await page.getByLabel('Mixed from').selectOption({ label: 'Water acrylic, 12 bottles' })
  await expect(page.getByRole('button', { name: 'Stop looking' })).toHaveCount(0)
  await expect(page.getByText(/^ΔE00 \d/).first()).toBeVisible()
  await page.getByLabel('Save it for touch-ups as').fill('Hull patch')
  await page.getByRole('button', { name: 'Save the mix' }).click()
  await goTo(page, 'Mix')
  await expect(page.getByText('Hull patch', { exact: true })).toBeVisible()
})

test('coats to cover and lines for a face are shown; the keyboard reaches every view', async ({
  page,
}) => {
  await openDemo(page, '/colour?do=cover')
  await page
    .getByLabel('Paint', { exact: true })
    .selectOption({ label: 'Ember Red, Water acrylic' })
  const surfaces = page.getByRole('list', { name: 'Surfaces' })
  await expect(surfaces.getByText(/^Covers in \d+ coats\./).first()).toBeVisible()
  await page.getByRole('tab', { name: 'Coats to cover' }).focus()
  for (const view of ['layers', 'tones', 'line']) {
    await page.keyboard.press('ArrowRight')
    await expect(page).toHaveURL(new RegExp(`do=${view}`))
  }
  const washes = page.getByRole('region', { name: 'Washes' })
  const ranked = washes.getByRole('list', { name: 'Washes, the best first' })
  await expect(ranked.getByRole('listitem').first()).toContainText('Deep Brown Wash')
  const graded = washes.getByRole('list', { name: 'A graded set' }).getByRole('listitem')
  await expect(graded.last()).toContainText('In the deepest lines')
  await page.getByLabel('Face', { exact: true }).fill('#141416')
  await expect(washes.getByText(/no dark wash reads/)).toBeVisible()
  await page.getByLabel('Face', { exact: true }).fill('#14')
  await expect(page.getByText('Enter a colour like #C9C4B4')).toBeVisible()
})

test('a thousand bottles from CSV with three bad rows: named, the rest taken, taken back', async ({
  page,
}) => {
  await openDemo(page, '/shelf')
  const rows = Array.from(
    { length: 1000 },
    (_, i) => `Shade ${i},Quarrel,water-acrylic,colour,17,#5B6B3A`,
  )
  rows[10] = 'Shade 10,Quarrel,water-colour,colour,17,#5B6B3A'
  rows[500] = 'Shade 500,Quarrel,water-acrylic,colour,much,#5B6B3A'
  rows[998] = 'Shade 998,Quarrel,water-acrylic,colour,17,green'
  const csv = ['name,maker,family,role,sizeMl,colour', ...rows].join('\r\n')
  const choose = page.getByLabel('Import bottles from CSV')
  await choose.setInputFiles({ name: 'bought.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
  const preview = page.getByRole('region', { name: 'What bought.csv would do' })
  await expect(
    preview.getByText('997 new · 0 changed · 0 as they are · 3 that don’t read'),
  ).toBeVisible()
  await expect(preview.getByText(/^Row 12, Shade 10: family:/)).toBeVisible()
  await expect(preview.getByText(/^Row 502, Shade 500: sizeMl:/)).toBeVisible()
  await expect(preview.getByText(/^Row 1000, Shade 998: colour:/)).toBeVisible()
  await preview.getByRole('button', { name: 'Take these 997 bottles' }).click()
  await expect(page.getByText('Imported 997 bottles from bought.csv')).toBeVisible()
  // Asked by its text: a thousand buttons take long to be asked for their names.
  const last = page.getByText('Shade 999', { exact: true })
  await expect(page.getByText('Quarrel', { exact: true })).toBeVisible()
  await page.getByLabel('Find a bottle by name, maker, family, role or code').fill('shade 999')
  await expect(last).toBeVisible()
  // A thousand to choose from are there once the list is turned to.
  await goTo(page, 'Mix')
  const paint = page.getByLabel('Paint', { exact: true })
  await expect(paint.locator('option')).toHaveCount(1)
  await paint.focus()
  await page.keyboard.type('Shade 999')
  await expect(paint.locator('option:checked')).toHaveText('Shade 999, Quarrel')
  await goTo(page, 'Shelf')
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('Control+z')
  await expect(last).toHaveCount(0)
  await choose.setInputFiles({
    name: 'odd.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('a,b\n1,2\n'),
  })
  await expect(page.getByRole('alert').filter({ hasText: 'no table of bottles' })).toBeVisible()
})

test('a mesh gives its area; a damaged one is refused', async ({ page }) => {
  await openDemo(page, '/mix')
  await page.getByRole('radio', { name: 'For an area and its coats' }).check()
  await page.getByText('Find the area from dimensions or a mesh').click()
  const mesh = page.getByLabel('Choose a mesh')
  const square = 'v 0 0 0\nv 40 0 0\nv 40 25 0\nv 0 25 0\nf 1 2 3 4\n'
  await mesh.setInputFiles({
    name: 'plate.obj',
    mimeType: 'text/plain',
    buffer: Buffer.from(square),
  })
  await expect(
    page.getByText('plate.obj: 2 triangles, 40 × 25 × 0 mm. Faces up 100 %'),
  ).toBeVisible()
  await expect(page.getByText('It is open along 4 edges')).toBeVisible()
  await page.getByRole('button', { name: 'Take 10.0 cm²' }).click()
  await expect(page.getByRole('textbox', { name: 'Area' })).toHaveValue('10.0')
  await mesh.setInputFiles({
    name: 'bad.obj',
    mimeType: 'text/plain',
    buffer: Buffer.from('v 0 0 0\nf 1 2 3\n'),
  })
  await expect(
    page.getByRole('alert').filter({ hasText: 'bad.obj can’t be read: line 2' }),
  ).toBeVisible()
})

test('a bottle that runs short is told, and a substitute is taken', async ({ page }) => {
  await openDemo(page, '/shelf')
  await page.getByRole('button', { name: /^Bone White/ }).click()
  await page.getByLabel('Left in it').fill('0.4')
  await page.getByRole('button', { name: 'Save the bottle' }).click()
  const short = page.getByRole('region', { name: 'Short for what is planned' })
  await expect(short.getByText('Bone White')).toBeVisible()
  await expect(short.getByText(/nearest in its place/)).toBeVisible()
  await page.goto('/builds/gannets-lament')
  await page.getByRole('button', { name: 'All findings' }).click()
  const take = page.getByRole('button', { name: /^Take .+ instead/ }).first()
  await expect(take).toBeVisible()
  const said = (await take.textContent()) ?? ''
  await take.click()
  // The stack is judged with the other bottle at once: what ran short is gone.
  await expect(page.getByText(said).first()).toBeVisible()
  await expect(page.getByText(/This takes .* ml of Bone White/)).toHaveCount(0)
})

test('two-part paint is reckoned by its sheet, and a wrong pour is told', async ({ page }) => {
  await openDemo(page, '/mix')
  const two = page.getByRole('region', { name: 'Two-part paint' })
  await expect(two.getByText('Paint 8.00 ml (8.00 g), hardener 2.00 ml (2.00 g).')).toBeVisible()
  await two.getByLabel('Needed of it').fill('7.5')
  await expect(two.getByText('2.50 ml of it are waste, 25 %')).toBeVisible()
  await two.getByRole('button', { name: 'Mixed now: start its pot life, 3 h' }).click()
  await expect(
    page
      .getByRole('region', { name: 'Drying line' })
      .getByRole('button', { name: /Two-part paint/ }),
  ).toBeVisible()
  await two.getByLabel('Paint that was poured').fill('8')
  await two.getByLabel('Hardener that was poured').fill('2.2')
  await expect(
    two.getByText('10.0 % too much hardener: it won’t cure as it should. Add 0.80 ml more paint.'),
  ).toBeVisible()
  await two.getByLabel('Parts of hardener').fill('none')
  await expect(two.getByText('Enter a number above 0')).toBeVisible()
})

test('colours go out as a palette and come in again as targets', async ({ page }) => {
  await openDemo(page, '/colour')
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export shelf as palette' }).click()
  const file = await (await waiting).path()
  expect(readFileSync(file, 'utf8')).toContain('Harbour Teal')
  await page.getByLabel('Import palette').setInputFiles({
    name: 'shelf.gpl',
    mimeType: 'text/plain',
    buffer: readFileSync(file),
  })
  await page.getByLabel('Or a colour of the palette').selectOption({ label: 'Harbour Teal' })
  await expect(page.getByLabel('Target', { exact: true })).toHaveValue('#2F6B6A')
  await page.getByLabel('Import palette').setInputFiles({
    name: 'odd.gpl',
    mimeType: 'text/plain',
    buffer: Buffer.from('not a palette'),
  })
  await expect(page.getByRole('alert').filter({ hasText: 'odd.gpl' })).toBeVisible()
})

test('the figures on the screen are those of the command line', async ({ page }) => {
  await openDemo(page)
  const { shelf } = (await exported(page)) as { shelf: Bottle[] }
  const bottles = shelf
    .filter((bottle) => bottle.family === 'water-acrylic' && bottle.role === 'colour')
    .map(({ name, colour: masstone, strength }) => ({ name, masstone, strength }))
  const asked = readMatch({ target: '#7C8A84', bottles })
  const mixed = readMix({
    format: 'tectoria-mix',
    version: 1,
    ingredients: [
      { name: 'paint', parts: 3 },
      { name: 'thinner', parts: 2 },
    ],
    volumeMl: 4.2,
    round: 'drops',
  })
  if (!asked.ok || !mixed.ok) throw new Error('the requests don’t read')
  await page.goto('/colour?target=%237C8A84&family=water-acrylic')
  const rows = page.getByRole('group', { name: 'Other bottles' }).getByRole('radio')
  const { recipes } = matchAnswer(asked.value)
  await expect(rows).toHaveCount(recipes.length)
  for (const [i, { parts, predicted, deltaE00 }] of recipes.entries()) {
    await rows.nth(i).check()
    await expect(page.getByText(`Predicted ${predicted}`, { exact: true })).toBeVisible()
    await expect(page.getByText(`ΔE00 ${deltaE00.toFixed(1)}`).first()).toBeVisible()
    for (const { name, drops } of parts)
      await expect(page.getByText(new RegExp(`${name} ${drops}`)).first()).toBeVisible()
  }
  const covered = readCover({ paint: { masstone: '#A8321F' }, over: ['#8B8C8B'], coats: 8 })
  if (!covered.ok) throw new Error('the request doesn’t read')
  await page.goto('/colour?do=cover&paint=palewater-ember-red&over=%238B8C8B')
  const coats = page.getByRole('list', { name: 'Coats over #8B8C8B' }).getByRole('listitem')
  for (const over of coverAnswer(covered.value).over)
    for (const [i, off] of over.deltaE00.entries()) {
      await expect(coats.nth(i + 1)).toContainText(over.coats[i] ?? 'a colour')
      await expect(coats.nth(i + 1)).toContainText(off.toFixed(1))
    }
  await goTo(page, 'Mix')
  await page.getByLabel('Parts').first().fill('3')
  await page.getByLabel('Parts').nth(1).fill('2')
  await page.getByRole('textbox', { name: 'Volume' }).fill('4.2')
  const mix = page.getByRole('region', { name: 'The mix' })
  for (const { drops, ml } of mixAnswer(mixed.value).ingredients) {
    await expect(mix.getByText(`${drops}drops`)).toBeVisible()
    await expect(mix.getByText(`${ml.toFixed(2)} ml in all`)).toBeVisible()
  }
})

test('the shelf is put in order by what is left and by colour', async ({ page }) => {
  await openDemo(page, '/shelf')
  await page.getByLabel('Order').selectOption('Emptiest first')
  const first = page.getByRole('region', { name: 'Emptiest first' }).getByRole('button').first()
  await expect(first).toContainText('Chalk White')
  await page.getByLabel('Role', { exact: true }).selectOption('Colour')
  await page.getByLabel('Order').selectOption('By colour')
  const bottles = page.getByRole('region', { name: 'By colour' }).getByRole('button')
  await expect(bottles.first()).toContainText(/Black/)
})

test('a cup and a needle of one’s own are offered at the mixing desk', async ({ page }) => {
  await openDemo(page, '/shelf')
  await page.getByRole('button', { name: 'Add a tool' }).click()
  const tool = page.getByRole('form', { name: 'A new tool' })
  await tool.getByLabel('Called').fill('Finest needle')
  await tool.getByLabel('Size').fill('thin')
  await tool.getByRole('button', { name: 'Add the tool' }).click()
  await expect(tool.getByText(/Enter a number.*, not “thin”/)).toBeVisible()
  await tool.getByLabel('Size').fill('0.15')
  await tool.getByRole('button', { name: 'Add the tool' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Finest needle' })).toContainText(
    '0.15 mm',
  )
  await tool.getByLabel('Kind').selectOption('Cup')
  await tool.getByLabel('Called').fill('Thimble')
  await tool.getByLabel('Holds').fill('3')
  await tool.getByRole('button', { name: 'Add the tool' }).click()
  await goTo(page, 'Mix')
  await page.getByLabel('Cup').selectOption('3 ml')
  await expect(page.getByText('in 2 fills of 3.00 ml')).toBeVisible()
  await page.getByLabel('Paint', { exact: true }).selectOption({ label: 'Brass Bright, Argentry' })
  await page.getByLabel('Laid on with').selectOption('Airbrush, metal')
  await page.getByLabel('Nozzle').selectOption('0.15')
  await expect(page.getByText(/Metals and primers want a nozzle of 0\.3 mm or more/)).toBeVisible()
})
