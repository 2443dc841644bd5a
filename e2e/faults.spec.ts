import { EVENING, expect, exported, goTo, openAt, openDemo, test } from './support'

const HOUR = 3_600_000
/** So many hours before the evening. */
const before = (hours: number) => new Date(EVENING.getTime() - hours * HOUR).toISOString()

const STEPS = [
  { id: 's1', do: 'prime', family: 'lacquer', coats: ['light'] },
  { id: 's2', do: 'base', family: 'alcohol-acrylic', colour: '#C9C4B4', coats: ['light'] },
  { id: 's3', do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['light'] },
  { id: 's4', do: 'decal' },
  { id: 's5', do: 'clear', family: 'lacquer', sheen: 'matt', coats: ['light'] },
]

/** A hull with decals, cleared matt on a damp evening; everything of it is done. */
const project = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'gannet',
      name: 'Gannet’s Lament',
      scale: 144,
      parts: [{ id: 'hull', name: 'Hull', substrate: 'polystyrene', areaCm2: 120 }],
      steps: STEPS.map((step) => ({ ...step, parts: ['hull'] })),
    },
  ],
  acts: STEPS.flatMap(({ id }, i) => [
    {
      id: `a${i}`,
      kind: 'started',
      at: before(150 - i * 30),
      build: 'gannet',
      part: 'hull',
      step: id,
    },
    {
      id: `b${i}`,
      kind: 'finished',
      at: before(149.8 - i * 30),
      build: 'gannet',
      part: 'hull',
      step: id,
    },
  ]),
  climate: [
    ...[150, 120, 90, 60, 54, 48, 42, 36].map((hours) => ({
      id: `r${hours}`,
      at: before(hours),
      celsius: 20,
      humidity: 48,
    })),
    { id: 'damp', at: before(29.8), celsius: 19, humidity: 83 },
  ],
}

const file = {
  name: 'hull.json',
  mimeType: 'application/json',
  buffer: Buffer.from(JSON.stringify(project)),
}

test('white frost is explained by the reading of that evening, mended by steps, and what helped is remembered', async ({
  page,
}) => {
  await openAt(page, '/')
  await goTo(page, 'Settings')
  await page.getByLabel('Import a file').setInputFiles(file)
  await page.getByRole('button', { name: 'Import it' }).click()
  await goTo(page, 'What went wrong?')

  // By one's own words, with the keyboard alone.
  await page.getByLabel('What you see').fill('milky')
  await page.getByLabel('What you see').press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'White frost, bloom' })).toBeVisible()
  await expect(page.getByLabel('On which part')).toHaveValue('gannet/hull')
  const causes = page.getByRole('region', { name: 'What it came from' }).getByRole('listitem')
  const first = causes.filter({ has: page.getByRole('heading', { name: 'Damp air' }) })
  await expect(first).toContainText('83 % humidity when the matt clear went on; its limit is 75 %')
  await expect(page.getByRole('heading', { level: 3 }).first()).toHaveText('Damp air')

  // A question: yes speaks for its cause.
  const asked = page.getByRole('region', { name: 'One question' })
  await expect(asked).toContainText('stirring')
  await asked.getByRole('button', { name: 'Yes' }).click()
  await expect(page.getByText('Was it used without stirring or shaking it well? Yes')).toBeVisible()
  await page.getByRole('button', { name: 'Forget the answer' }).click()
  await expect(page.getByText('Was it used without stirring or shaking it well? Yes')).toHaveCount(
    0,
  )

  // Mending goes into the plan, and out again.
  const mend = page.getByRole('region', { name: 'Mend it now' }).getByRole('listitem')
  await mend.first().getByRole('button', { name: 'Put it into the plan' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Mending white frost' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'It is in the plan' })).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('link', { name: 'It is in the plan' })).toHaveCount(0)
  await mend.first().getByRole('button', { name: 'Put it into the plan' }).click()
  await page.getByRole('link', { name: 'It is in the plan' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Gannet’s Lament' })).toBeVisible()
  const { builds } = (await exported(page)) as { builds: { steps: { do: string }[] }[] }
  expect(builds[0]?.steps.map((step) => step.do)).toEqual([
    ...STEPS.map((one) => one.do),
    'clear',
    'clear',
  ])
  await page.keyboard.press('Control+z')
  const undone = (await exported(page)) as { builds: { steps: unknown[] }[] }
  expect(undone.builds[0]?.steps).toHaveLength(STEPS.length)

  // What it was is logged, and counts the next time.
  await page.goto('/faults?seen=white-frost')
  const share = first.getByText(/^\d+ %$/)
  const said = Number.parseInt((await share.textContent()) ?? '', 10)
  for (let i = 0; i < 2; i++) {
    await first.getByRole('button', { name: 'It was this' }).click()
    await expect(page.getByRole('status').filter({ hasText: 'damp air' })).toBeVisible()
  }
  await expect(async () =>
    expect(Number.parseInt((await share.textContent()) ?? '', 10)).toBeGreaterThan(said),
  ).toPass()
  await goTo(page, 'Log')
  await expect(page.getByText('White frost, bloom: Damp air').first()).toBeVisible()
})

test('a bubble under a decal is found, and its mending noted as a help', async ({ page }) => {
  await openAt(page, '/')
  await goTo(page, 'Settings')
  await page.getByLabel('Import a file').setInputFiles(file)
  await page.getByRole('button', { name: 'Import it' }).click()
  await goTo(page, 'What went wrong?')
  await page.getByRole('button', { name: 'Bubbles found while polishing' }).click()
  await expect(page.getByRole('heading', { level: 3 }).first()).toHaveText('Air under a decal')
  const mend = page.getByRole('region', { name: 'Mend it now' }).getByRole('listitem').first()
  await expect(mend).toContainText('Cut it out, fill with clear, and level it')
  await mend.getByRole('button', { name: 'It helped' }).click()
  await goTo(page, 'Log')
  await expect(page.getByText('“Cut it out, fill with clear, and level it” helped')).toBeVisible()
})

test('at the bench one key asks what went wrong with the part in hand; the handbook and the log lead there too', async ({
  page,
}) => {
  await openDemo(page)
  await page.keyboard.press('t')
  await expect(page.getByRole('status').filter({ hasText: 'still tacky' })).toBeVisible()
  await page.keyboard.press('x')
  await expect(page.getByRole('heading', { level: 1, name: 'What went wrong?' })).toBeVisible()
  await expect(page.getByLabel('On which part')).not.toHaveValue('none')
  await page.getByLabel('What you see').fill('qqqq')
  await expect(page.getByText('Nothing goes by that word')).toBeVisible()
  await goTo(page, 'Faults')
  await page.getByRole('link', { name: 'Find out why: tide marks' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Tide marks' })).toBeVisible()
  await page.getByRole('button', { name: 'It is something else' }).click()
  await expect(page.getByRole('button', { name: 'Silvering under decals' })).toBeVisible()
  await goTo(page, 'Log')
  await page
    .getByRole('link', { name: /^Find out why/ })
    .first()
    .click()
  await expect(page.getByRole('heading', { level: 1, name: 'What went wrong?' })).toBeVisible()
})
