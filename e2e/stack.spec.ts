import { execFileSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import type { Page, TestInfo } from '@playwright/test'
import { EVENING, expect, goTo, later, openAt, openDemo, test } from './support'

const STEPS = '[data-step]'

/** Names of the steps on the sample, first step first. */
async function order(page: Page): Promise<string[]> {
  const names = await page.locator(`${STEPS} [data-name]`).allTextContents()
  return names.reverse()
}

/** Puts one build on an empty bench, with what was done on its part. */
async function importBuild(
  page: Page,
  info: TestInfo,
  steps: object[],
  done: { step: string; hoursAgo: number }[] = [],
) {
  const acts = done.map(({ step, hoursAgo }, i) => ({
    id: `a${i}`,
    at: new Date(EVENING.getTime() - hoursAgo * 3_600_000).toISOString(),
    kind: 'finished',
    build: 'tern',
    part: 'hull',
    step,
  }))
  const build = {
    id: 'tern',
    name: 'Tern’s Errand',
    scale: 72,
    parts: [{ id: 'hull', name: 'Hull', substrate: 'polystyrene', areaCm2: 120 }],
    steps: steps.map((step, i) => ({ id: `s${i}`, parts: ['hull'], ...step })),
  }
  const file = info.outputPath('build.json')
  writeFileSync(
    file,
    JSON.stringify({ format: 'tectoria-project', version: 1, builds: [build], acts }),
  )
  await openAt(page, '/settings')
  await page.getByLabel('Import a file').setInputFiles(file)
  await page.getByRole('button', { name: 'Import it' }).click()
  await expect(page.getByText('Imported')).toBeVisible()
}

test('graded lining asks for gloss first; matt dragged under it is told while it hangs, mended, undone; satin is a school', async ({
  page,
}) => {
  // Tall enough that the whole sample can be seen: a drag needs no scrolling.
  await page.setViewportSize({ width: 1280, height: 1500 })
  await openDemo(page, '/builds/ploughman-6?part=armour')
  await page.getByText('gloss', { exact: true }).click()
  await expect(page.getByText('Lining runs farthest and cleans best')).toBeVisible()

  await page.getByRole('link', { name: 'Technique', exact: true }).click()
  await page.getByRole('button', { name: 'Graded lining' }).click()
  await expect(page.getByLabel('Armour')).toBeChecked()
  const proposed = page.getByRole('list', { name: 'What would be added' }).getByRole('listitem')
  await expect(proposed.first()).toContainText('Gloss clear')
  await expect(proposed.first()).toContainText('Asked for.')
  await expect(proposed).toHaveCount(5)
  await page.getByRole('button', { name: 'Add 5 steps' }).click()

  await expect(page.getByRole('heading', { name: 'Ploughman 6' })).toBeVisible()
  await page.getByRole('button', { name: 'Armour', exact: true }).click()
  await expect(page.locator(STEPS).filter({ hasText: 'Panel lining' })).toHaveCount(4)
  expect(await order(page)).toEqual([
    ...['Prime', 'Base colour', 'Tape off', 'Base colour', 'Take the tape off', 'Satin clear'],
    ...['Panel lining', 'Clean up the lining', 'Gloss clear'],
    ...['Panel lining', 'Panel lining', 'Panel lining', 'Clean up the lining', 'Matt clear'],
  ])

  // The matt is dragged down to the lining; the sample answers while it hangs.
  const grip = await page.getByRole('button', { name: 'Move Matt clear' }).boundingBox()
  const target = await page.getByRole('button', { name: 'Move Panel lining' }).nth(2).boundingBox()
  if (!grip || !target) throw new Error('no grips')
  await page.mouse.move(grip.x + 10, grip.y + 10)
  await page.mouse.down()
  await page.mouse.move(grip.x + 10, grip.y + 40, { steps: 4 })
  await page.mouse.move(target.x + 10, target.y + 20, { steps: 10 })
  await expect(page.getByText('If dropped here:')).toBeVisible()
  await expect(page.getByText(/The face is matt: the wash spreads sideways/).first()).toBeVisible()
  await page.mouse.up()
  await expect(page.getByText('If dropped here:')).toHaveCount(0)
  const finding = page.locator('[data-rule="flow-needs-gloss"]')
  await expect(finding).toHaveCount(4)

  // Its remedy mends the three over the matt, undo brings them back, and once more takes the drag back.
  await page.getByRole('button', { name: 'Make the clear under it gloss' }).first().click()
  await expect(finding).toHaveCount(1)
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(finding).toHaveCount(4)
  await page.keyboard.press('Control+z')
  await expect(finding).toHaveCount(1)

  // What is left is the lining on satin, which is a fault only by the gloss school.
  await page.getByText('satin', { exact: true }).click()
  await expect(finding).toHaveCount(0)
})

const PAIRS = [
  {
    on: 'prime.lacquer',
    put: 'base.alcohol-acrylic',
    film: { family: 'lacquer', role: 'primer' },
  },
  {
    on: 'base.alcohol-acrylic',
    put: 'clear.acrylic-pu',
    film: { family: 'alcohol-acrylic' },
  },
  {
    on: 'clear.lacquer',
    put: 'line.enamel-wash',
    film: { family: 'lacquer', role: 'clear' },
  },
]

/** Minutes of the recoat milestone by the command line, at a climate. */
function dryRecoat(info: TestInfo, film: object, climate: object): number {
  const file = info.outputPath('dry.json')
  writeFileSync(file, JSON.stringify({ format: 'tectoria-dry', version: 1, film, climate }))
  const args = ['scripts/run.mjs', 'cli/tectoria.ts', 'dry', file]
  const answer = JSON.parse(execFileSync(process.execPath, args, { encoding: 'utf8' })) as {
    milestones: { recoat: string }
  }
  const [, hours = '0', minutes = '0', seconds = '0'] =
    /^PT(?:(\d+)H)?(?:(\d+)M)?(?:([\d.]+)S)?$/.exec(answer.milestones.recoat) ?? []
  return Number(hours) * 60 + Number(minutes) + Number(seconds) / 60
}

test('explain is one key away, and its waits are those of dry in the room as it is', async ({
  page,
}, info) => {
  await openDemo(page, '/settings')
  await page.getByLabel('Temperature').fill('14')
  await page.getByRole('button', { name: 'Set the room' }).click()
  await goTo(page, 'Log')
  await page.keyboard.press('e')
  await expect(page.getByRole('heading', { name: 'May this go on that?' })).toBeVisible()
  for (const { on, put, film } of PAIRS) {
    await page.getByLabel('On top of').selectOption(on)
    await page.getByLabel('New coat').selectOption(put)
    const recoat = Math.ceil(dryRecoat(info, film, { celsius: 14, humidity: 50 }) - 1e-6)
    const point = page.locator('[data-point="recoat"]')
    await expect(point).toHaveAttribute('data-after', String(recoat))
    await expect(point).toContainText('May go on')
    const words = (await point.locator('p').first().textContent()) ?? ''
    await expect(page.locator('[data-answer-from]')).toHaveText(
      new RegExp(`from ${words.replace(/next product/, '')} on`),
    )
  }
})

const SLIP = [
  { do: 'prime', family: 'lacquer' },
  { do: 'base', family: 'lacquer', colour: '#C9C4B4' },
  { do: 'detail', family: 'water-acrylic', colour: '#A8321F' },
  { do: 'clear', family: 'acrylic-pu', sheen: 'satin', coats: ['mist', 'light'] },
]

test('the undo map names the solvent for a slip of water acrylic on lacquer, and until when', async ({
  page,
}, info) => {
  await importBuild(page, info, SLIP, [
    { step: 's0', hoursAgo: 200 },
    { step: 's1', hoursAgo: 100 },
    { step: 's2', hoursAgo: 0.5 },
  ])
  await goTo(page, 'Bench')
  const undo = page.getByRole('region', {
    name: 'Taking water acrylic colour off again, leaving lacquer colour',
  })
  const first = undo.getByRole('listitem').first()
  await expect(first).toContainText('Water on a damp brush')
  await expect(first).toContainText('until 19:25, 1 h')
  await openAt(page, '/', later(61))
  await expect(undo.getByRole('listitem').first()).toContainText('Alcohol on a damp brush')
})

test('a final matt warns of graphite and lens under it, and moves them after', async ({
  page,
}, info) => {
  await importBuild(page, info, [
    { do: 'prime', family: 'lacquer' },
    { do: 'base', family: 'alcohol-acrylic', colour: '#7A8471' },
    { do: 'metal', family: 'metal-enamel', over: 'patch', tool: 'brush', colour: '#C9CBCD' },
    {
      do: 'clear-colour',
      family: 'water-acrylic',
      over: 'patch',
      tool: 'brush',
      colour: '#A8321F',
    },
    { do: 'graphite' },
    { do: 'clear', family: 'acrylic-pu', sheen: 'matt', coats: ['mist', 'light'] },
  ])
  await page.goto('/builds/tern')
  const finding = page.locator('[data-rule="matt-hides-effect"]')
  await expect(finding).toBeVisible()
  await page.getByRole('button', { name: /^Matt clear/ }).click()
  const last = page.getByRole('region', { name: 'What this matt clear does' })
  await expect(last.getByRole('listitem').filter({ hasText: 'Lost' })).toHaveCount(3)
  await expect(last.getByRole('listitem').filter({ hasText: 'Graphite' })).toContainText('Lost')

  await page.getByRole('button', { name: 'Move them after the matt', exact: true }).click()
  await expect(finding).toHaveCount(0)
  expect(await order(page)).toEqual([
    'Prime',
    'Base colour',
    'Matt clear',
    'Metal',
    'Clear colour',
    'Graphite',
  ])
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(finding).toBeVisible()
})
