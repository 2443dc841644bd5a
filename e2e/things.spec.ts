// The part as a thing: what wants mending on it, what holds it, what is joined to it, and the decals that go on it.
import type { Page } from '@playwright/test'
import { expect, goTo, later, openAt, openDemo, standAt, test } from './support'

/** A bench with this project alone. */
async function openWith(page: Page, project: object): Promise<void> {
  await openAt(page, '/settings')
  await page.getByLabel('Import a file').setInputFiles({
    name: 'bench.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(project)),
  })
  await page.getByRole('button', { name: 'Import it' }).click()
  await expect(page.getByText('Imported')).toBeVisible()
}

const LATER_PART = '/builds/ploughman-6?part=frame'

test('spots are found in raking light, keep colour back until they are good, and are looked at again', async ({
  page,
}) => {
  await openDemo(page, '/builds/corriebreck-1100?part=sills')
  const prepare = page.getByRole('region', { name: 'Before colour' })
  await prepare.getByRole('heading', { name: 'Before colour' }).click()
  await prepare.getByRole('button', { name: 'Seam' }).focus()
  await page.keyboard.press('Enter')
  await prepare.getByRole('button', { name: 'Pinhole' }).click()
  await expect(prepare.getByText('2 are open. Colour waits for them.')).toBeVisible()
  await prepare.getByRole('button', { name: 'All 2 found: filled now' }).click()
  await prepare.getByRole('button', { name: 'All 2 filled: sanded now' }).click()
  const seam = prepare.getByRole('listitem').filter({ hasText: 'Seam' })
  await seam.getByText('Good').click()
  await expect(prepare.getByText('One is open. Colour waits for it.')).toBeVisible()
  const hole = prepare.getByRole('listitem').filter({ hasText: 'Pinhole' })
  await hole.getByText('Good').click()
  await expect(prepare.getByText(/All of it is good/)).toBeVisible()
  await prepare.getByRole('button', { name: 'Scratch' }).click()
  await expect(prepare.getByRole('heading', { name: 'Look 2' })).toBeVisible()
})

test('a decal sheet is short by a size: the place that goes without is named before anything is wetted', async ({
  page,
}) => {
  await openDemo(page, LATER_PART)
  const decals = page.getByRole('region', { name: 'Decals' })
  await decals.getByRole('heading', { name: 'Decals' }).click()
  await decals.getByText('Type a sheet').click()
  const lines = decals.getByLabel('Decals, one a line')
  await lines.fill('Number 7, 24 x 11, 1\nOdd one, 25.2 x 11.6, 1\nBand, wide')
  await decals.getByRole('button', { name: 'Save the sheet' }).click()
  await expect(decals.getByText(/line 3: found “?"?Band, wide/)).toBeVisible()
  await lines.fill('Number 7, 24 x 11, 1\nOdd one, 25.2 x 11.6, 1\nBand, 96 x 3, 1')
  await decals.getByRole('button', { name: 'Save the sheet' }).click()
  await expect(decals.getByText('3 decals, 3 left over')).toBeVisible()
  const want = async (name: string, width: string, height: string, crossed = '') => {
    const form = decals.getByRole('form', { name: 'A decal that is wanted' })
    if (!(await form.isVisible()))
      await decals.getByRole('button', { name: 'A decal goes here' }).click()
    await form.getByLabel('What goes there').fill(name)
    await form.getByLabel(/As wide as/).fill(width)
    await form.getByLabel(/As high as/).fill(height)
    await form.getByLabel('Lines it crosses').fill(crossed)
    await form.getByRole('button', { name: 'Put it down' }).click()
    await expect(decals.getByRole('listitem').filter({ hasText: name }).first()).toBeVisible()
  }
  await want('Left door', '24', '11')
  await want('Right door', '24', '11')
  await want('Boot', '24', '11')
  await want('Flank', '96', '3', '3')
  await expect(decals.getByRole('list', { name: 'Too few decals' })).toContainText(
    '24 × 11 mm: 3 wanted, 1 there. Boot goes without',
  )
  const places = decals.getByRole('list', { name: 'Where decals go' })
  await expect(places.getByRole('listitem').filter({ hasText: 'Flank' })).toContainText(
    'cut it into 4 at the lines',
  )
  await expect(places).toContainText('Odd one: 30 s in water · trim 0.6 mm a side')
  const door = places.getByRole('listitem').filter({ hasText: 'Left door' })
  await door.getByRole('checkbox', { name: 'Laid' }).click()
  await expect(door).toContainText('Look at it in raking light once it is dry')
  await door.getByRole('checkbox', { name: 'No bubbles' }).click()
  await expect(door).toContainText('looked at in raking light')
})

test('a stick that is too weak is told where the part is painted, and a second one mends it', async ({
  page,
}) => {
  await openDemo(page, '/builds/corriebreck-1100?part=sills')
  const holding = page.getByRole('region', { name: 'How it is held' })
  await holding.getByRole('heading', { name: 'How it is held' }).click()
  await holding.getByLabel('Held by').selectOption('stick')
  await holding.getByLabel(/It weighs/).fill('much')
  await holding.getByRole('button', { name: 'Save how it is held' }).click()
  await expect(holding.getByText(/Enter a number from 0.1 to 100000 g, not “much”/)).toBeVisible()
  await holding.getByLabel(/It weighs/).fill('70')
  await holding.getByRole('button', { name: 'Save how it is held' }).click()
  await expect(holding.getByText('It weighs 70 g; what holds it bears 40 g.')).toBeVisible()
  const told = page.getByText(/It weighs 70 g, and a stick of 3 mm bears 40 g/)
  await expect(told.first()).toBeVisible()
  await page
    .getByRole('button', { name: /Hold it by 2 sticks/ })
    .first()
    .click()
  await expect(told).toHaveCount(0)
  await page
    .getByRole('banner')
    .getByTitle(/^Undo:/)
    .click()
  await expect(told.first()).toBeVisible()
})

test('a story says where wear goes, and its numbers go into the plan and out again', async ({
  page,
}) => {
  await openDemo(page, LATER_PART)
  const shape = page.getByRole('form', { name: 'The shape' })
  await shape.getByLabel(/^Length/).fill('90')
  await shape.getByLabel(/^Width/).fill('40')
  await shape.getByLabel(/^Height/).fill('30')
  await shape.getByRole('button', { name: 'Propose zones' }).click()
  const wear = page.getByRole('region', { name: 'Where wear goes' })
  await wear.getByRole('heading', { name: 'Where wear goes' }).click()
  const top = wear.getByRole('list', { name: 'Wear by zone' }).getByRole('listitem').first()
  await expect(top).toContainText('dust')
  await wear.getByRole('button', { name: 'Gravel road' }).click()
  await wear.getByRole('button', { name: 'Hail' }).click()
  await expect(wear.getByRole('list', { name: 'What happened to it' })).toContainText('Gravel road')
  await expect(top).toContainText('chips')
  await wear.getByRole('button', { name: 'Put it into the plan' }).click()
  await page
    .getByRole('button', { name: /^Chip with water/ })
    .first()
    .click()
  const step = page.getByRole('form', { name: 'The chosen step' })
  await step.getByText('More of it').click()
  await expect(step.getByLabel(/^Of the face/)).toHaveValue(/^[0-9.]+$/)
  await page.getByRole('banner').getByTitle('Undo: Wear put into the plan').click()
  await expect(step.getByLabel(/^Of the face/)).toHaveValue('')
  await wear.getByRole('button', { name: 'Take out: Hail' }).click()
  await expect(wear.getByRole('list', { name: 'What happened to it' })).not.toContainText('Hail')
})

test('a filler keeps the next act back, and its clock hangs on the line', async ({ page }) => {
  await openWith(page, FILLED)
  await goTo(page, 'Bench')
  await page
    .getByRole('button', { name: /^Finish|^Done/ })
    .first()
    .click()
  const peg = page.getByLabel('Drying line').getByRole('listitem').filter({ hasText: 'Hatch' })
  await expect(peg).toContainText('Sand, drying')
  // Twelve hours of putty in the room of the handbook, and half an hour later.
  await expect(peg).toContainText('12 h')
  await standAt(page, later(30))
  await expect(peg).toContainText('11 h 30 min')
  await page.goto('/builds/hulk?part=hatch')
  await expect(page.getByText(/Wed 06:\d\d/).first()).toBeVisible()
})

test('places easily missed are ticked at a coat: one that is open asks once', async ({ page }) => {
  await openWith(page, FINNED)
  await goTo(page, 'Bench')
  const places = page.getByRole('group', { name: 'Is there paint' })
  for (const place of PLACES.slice(0, 5)) await places.getByLabel(place).check()
  await page.keyboard.press('d')
  const said = page.getByRole('status')
  await expect(said.getByText(/Not ticked: under the rail/)).toBeVisible()
  await page.keyboard.press('d')
  await expect(said.getByText(/coat 1 done/)).toBeVisible()
  // The next coat is ticked anew.
  await expect(places.getByLabel('behind the fins')).not.toBeChecked()
})

test('a touch-up on chrome is a stop, and beside it is silent', async ({ page }) => {
  await openWith(page, CHROMED)
  await page.goto('/builds/car?part=body')
  const told = page.getByText(/meets the chrome ink/)
  await expect(told.first()).toBeVisible()
  await page
    .locator('[data-step]')
    .getByRole('button', { name: /^Paint details/ })
    .click()
  const step = page.getByRole('form', { name: 'The chosen step' })
  await step.getByRole('checkbox', { name: 'Sides', exact: true }).check()
  await step.getByRole('checkbox', { name: 'Roof', exact: true }).uncheck()
  await step.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('status').getByText(/^Changed/)).toBeVisible()
  await expect(told).toHaveCount(0)
})

test('a joint that shuts in what is still to be painted is told, compared, and moved', async ({
  page,
}) => {
  await openWith(page, YARD)
  await page.goto('/builds/yard?part=fin')
  const told = page.locator('[data-rule="out-of-reach"]')
  await expect(told.first()).toBeVisible()
  await expect(page.getByText(/Root can’t be reached any more/).first()).toBeVisible()
  const joint = page.getByRole('region', { name: 'Assemble: Hull and Fin' })
  await expect(joint.getByText('root can’t be reached for paint')).toBeVisible()
  await expect(page.getByRole('list', { name: 'What is joined to what' })).toContainText('Mast')
  await joint.getByRole('button', { name: 'Join after paint' }).focus()
  await page.keyboard.press('Enter')
  await expect(told).toHaveCount(0)
  await expect(joint.getByText('Your steps have it so.')).toBeVisible()
})

test('where every place to dry is taken the next coat waits, and the plan says so', async ({
  page,
}) => {
  await openWith(page, YARD)
  await goTo(page, 'Plan')
  await page.getByRole('button', { name: 'As a table' }).click()
  const primes = page.getByRole('button', { name: /^Prime/ })
  await expect(primes).toHaveCount(3)
  await primes.nth(1).focus()
  await page.keyboard.press('Enter')
  const chain = page.getByRole('list', { name: 'What holds it' })
  await expect(chain.getByText(/every place to dry is taken/).first()).toBeVisible()
})

/** A gloss black body with a chrome roof, and details that are meant for the wrong one. */
const CHROMED = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'car',
      name: 'Car',
      parts: [{ id: 'body', name: 'Body', substrate: 'polystyrene', areaCm2: 170 }],
      zones: [
        { id: 'sides', part: 'body', name: 'Sides', areaCm2: 140 },
        { id: 'roof', part: 'body', name: 'Roof', areaCm2: 30 },
      ],
      steps: [
        { do: 'degrease' },
        { do: 'base', family: 'lacquer', colour: '#111111', coats: ['light', 'wet'] },
        { do: 'clear', family: 'urethane-2k', sheen: 'gloss', coats: ['light', 'wet'] },
        { do: 'chrome', zones: ['roof'] },
        { do: 'detail', family: 'lacquer', colour: '#F1F0EA', zones: ['roof'] },
      ].map((step, i) => ({ ...step, id: `s${i}`, parts: ['body'], protection: 'confirmed' })),
    },
  ],
}

const YARD = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'yard',
      name: 'Yard',
      parts: ['Hull', 'Fin', 'Mast'].map((name) => ({
        id: name.toLowerCase(),
        name,
        substrate: 'polystyrene',
        areaCm2: 40,
      })),
      zones: [
        { id: 'root', part: 'fin', name: 'Root', edges: [{ zone: 'side', mm: 60 }] },
        { id: 'side', part: 'fin', name: 'Side' },
      ],
      steps: [
        { do: 'prime', family: 'lacquer', coats: ['light'], parts: ['hull', 'fin', 'mast'] },
        { do: 'assemble', parts: ['hull', 'fin'], shuts: ['root'] },
        { do: 'base', family: 'lacquer', coats: ['light'], parts: ['fin'], zones: ['root'] },
      ].map((step, i) => ({ ...step, id: `s${i}`, protection: 'confirmed' })),
    },
  ],
  sessions: {
    zone: 'Europe/Lisbon',
    pattern: [{ day: 'tue', from: '19:00', to: '23:00' }],
    dryingPlaces: 1,
  },
}

const PLACES = [
  'behind the fins',
  'in the fork',
  'below the seat',
  'inside the mouth',
  'along the keel',
  'under the rail',
]

/** A boat whose hull has six places that are easily missed. */
const FINNED = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'boat',
      name: 'Boat',
      parts: [{ id: 'hull', name: 'Hull', substrate: 'polystyrene', areaCm2: 90 }],
      zones: [
        { id: 'sides', part: 'hull', name: 'Sides', spots: PLACES.slice(0, 4) },
        { id: 'belly', part: 'hull', name: 'Belly', spots: PLACES.slice(4) },
      ],
      steps: [
        {
          id: 's0',
          parts: ['hull'],
          do: 'prime',
          family: 'lacquer',
          coats: ['light', 'light'],
          protection: 'confirmed',
        },
      ],
    },
  ],
}

/** A hatch that is filled, sanded and painted. */
const FILLED = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'hulk',
      name: 'Hulk',
      parts: [{ id: 'hatch', name: 'Hatch', substrate: 'polystyrene', areaCm2: 20 }],
      steps: [
        { id: 's0', parts: ['hatch'], do: 'fill', filler: 'putty', protection: 'confirmed' },
        { id: 's1', parts: ['hatch'], do: 'sand', grit: 400, protection: 'confirmed' },
        {
          id: 's2',
          parts: ['hatch'],
          do: 'prime',
          family: 'lacquer',
          coats: ['light'],
          protection: 'confirmed',
        },
      ],
    },
  ],
}
