import type { Locator, Page } from '@playwright/test'
import { BOTTLES, GROUPS, planText, STEPS } from './largestJob'
import { expect, exported, goTo, inPlaces, later, openAt, openDemo, test } from './support'

/** Hands that count what they do: a tap, a text typed, a key. */
function hands() {
  let count = 0
  return {
    count: () => count,
    tap: async (what: Locator) => {
      count += 1
      await what.click()
    },
    type: async (what: Locator, text: string) => {
      count += 1
      await what.fill(text)
    },
    choose: async (what: Locator, value: string) => {
      count += 1
      await what.selectOption(value)
    },
    press: async (page: Page, key: string) => {
      count += 1
      await page.keyboard.press(key)
    },
  }
}

type Project = {
  builds: {
    name: string
    scale?: number
    parts: { name: string }[]
    steps: { do?: string; bottle?: string; parts: string[] }[]
  }[]
  shelf: { name: string; family: string; role: string }[]
}

/** The build of an export as it is meant, by names instead of ids. */
function meant(project: Project) {
  const [build] = project.builds
  const names = new Map(
    project.builds.flatMap(({ parts }) =>
      parts.map((part) => [(part as { id?: string }).id, part.name]),
    ),
  )
  const bottles = new Map(
    project.shelf.map((bottle) => [(bottle as { id?: string }).id, bottle.name]),
  )
  return build?.steps
    .filter((step) => step.do)
    .map((step) =>
      [
        step.do,
        step.bottle ? bottles.get(step.bottle) : '',
        step.parts
          .map((id) => names.get(id))
          .sort()
          .join('+'),
      ].join(' '),
    )
}

async function startEmpty(page: Page, name: string): Promise<void> {
  await page.getByRole('radio', { name: /Nothing yet/ }).check()
  await page.getByLabel('Name of the build').fill(name)
  await page.getByRole('button', { name: '1:144', exact: true }).click()
  await page.getByRole('button', { name: 'Start and check it' }).click()
  await expect(page.getByRole('heading', { name })).toBeVisible()
}

const MEANT = STEPS.length

test('the largest job by words alone: a line a bottle, a line a part, a line an act', async ({
  page,
}) => {
  test.setTimeout(120_000)
  await openAt(page, '/shelf')
  await page.getByLabel('A bottle a line').fill(BOTTLES.join('\n'))
  await page.getByLabel('A bottle a line').press('Enter')
  await expect(page.getByRole('status').getByText('and 18 more')).toBeVisible()
  await page.goto('/builds?new')
  await startEmpty(page, 'Gannet’s Lament')
  const text = planText()
  await page.getByLabel('Steps in words').fill(text)
  await page.getByLabel('Steps in words').press('Escape')
  await expect(page.getByText('Not understood')).toHaveCount(0)
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Stand' }).first()).toBeVisible()
  const lines = BOTTLES.length + text.split('\n').length + 1
  test.info().annotations.push({ type: 'lines', description: String(lines) })
  expect(lines).toBeLessThanOrEqual(60)
  const project = (await exported(page)) as unknown as Project
  expect(project.builds[0]?.parts).toHaveLength(6)
  expect(meant(project)).toHaveLength(MEANT)
  expect(project.shelf).toHaveLength(BOTTLES.length)
})

test('the largest job by pointer: bottles tapped, acts tapped, parts ticked once', async ({
  page,
}) => {
  test.setTimeout(240_000)
  const hand = hands()
  await openAt(page, '/shelf')
  for (const line of BOTTLES) {
    await hand.type(page.getByLabel('A bottle a line'), line)
    await hand.tap(page.getByRole('button', { name: 'Add', exact: true }))
  }
  const bottles = hand.count()
  expect(bottles / BOTTLES.length).toBeLessThanOrEqual(3)
  await page.goto('/builds?new')
  await hand.tap(page.getByRole('radio', { name: /Nothing yet/ }))
  await hand.type(page.getByLabel('Name of the build'), 'Gannet’s Lament')
  await hand.tap(page.getByRole('button', { name: '1:144', exact: true }))
  await hand.tap(page.getByRole('button', { name: 'Start and check it' }))
  await expect(page.getByRole('heading', { name: 'Gannet’s Lament' })).toBeVisible()
  await hand.type(page.getByLabel('Name', { exact: true }).first(), 'Port hull')
  await hand.tap(page.getByRole('button', { name: 'Save the part' }))
  await hand.tap(page.getByText('Another part'))
  const added = page.locator('details', { hasText: 'Another part' })
  for (const name of ['Starboard hull', 'Engine bells', 'Aerials', 'Bridge glass', 'Stand']) {
    await hand.type(added.getByLabel('Name', { exact: true }), name)
    await hand.tap(added.getByRole('button', { name: 'Add the part' }))
    await expect(
      page.getByRole('group', { name: 'For' }).getByRole('checkbox', { name }),
    ).toBeVisible()
  }
  const before = hand.count()
  const adding = page.getByRole('region', { name: 'Add steps' })
  await hand.tap(adding.getByRole('button', { name: 'Bottles', exact: true }))
  await hand.tap(adding.getByRole('button', { name: 'Steps', exact: true }))
  let on: readonly string[] = ['Port hull']
  const tick = async (names: readonly string[]) => {
    const chips = page.getByRole('group', { name: 'For' })
    if (names.length === 0) await hand.tap(chips.getByText('All', { exact: true }))
    const wanted = names.length === 0 ? on : names
    // What is wanted is ticked before what isn't any more is taken off.
    for (const name of wanted.filter((one) => !on.includes(one)))
      await hand.tap(chips.getByText(name, { exact: true }))
    for (const name of on.filter((one) => !wanted.includes(one)))
      await hand.tap(chips.getByText(name, { exact: true }))
    on = wanted
    if (names.length === 0) on = ALL
  }
  const ALL = Object.values(GROUPS)
    .flat()
    .filter((name, i, all) => all.indexOf(name) === i)
  for (const group of ordered()) {
    await tick(GROUPS[group.on])
    for (const step of group.steps) {
      if (step.act) await hand.tap(adding.getByRole('button', { name: step.act, exact: true }))
      if (!step.bottle) continue
      const tray = step.act ? adding.getByRole('region', { name: 'Painted from' }) : adding
      await hand.tap(tray.getByRole('button', { name: new RegExp(`^${step.bottle}`) }).last())
    }
  }
  const laid = hand.count() - before
  // What is unlike the usual is said at the step: a third coat, a primer that bites.
  const editor = page.getByRole('form', { name: 'The chosen step' })
  const openStep = async (part: string, step: RegExp) => {
    await hand.tap(
      page.getByRole('navigation', { name: 'Parts' }).getByRole('button', { name: part }),
    )
    await hand.tap(page.getByRole('button', { name: step }).last())
  }
  await openStep('Starboard hull', /^Base colour/)
  await hand.tap(editor.getByRole('button', { name: 'Add a coat: Light' }))
  await hand.tap(editor.getByRole('button', { name: 'Save on every part' }))
  await openStep('Aerials', /^Prime/)
  await hand.tap(editor.getByText('More of it'))
  await hand.choose(editor.getByLabel('Bites metal'), 'yes')
  await hand.tap(editor.getByRole('button', { name: 'Save' }))
  test.info().annotations.push({ type: 'actions', description: String(hand.count()) })
  // A step in two actions, as they come; what is unlike the usual costs a few more, within the whole.
  expect(laid / STEPS.length).toBeLessThanOrEqual(2)
  expect(hand.count()).toBeLessThanOrEqual(140)
  const project = (await exported(page)) as unknown as Project
  expect(project.builds[0]?.parts).toHaveLength(6)
  expect(meant(project)).toHaveLength(MEANT)
})

/** The acts by the parts that they are for, as a person with ticked chips lays them. */
function ordered() {
  const groups = new Map<(typeof STEPS)[number]['on'], (typeof STEPS)[number][]>()
  for (const step of STEPS.slice(0, -1)) groups.set(step.on, [...(groups.get(step.on) ?? []), step])
  return [...groups]
    .map(([on, steps]) => ({ on, steps }))
    .concat([{ on: 'all', steps: STEPS.slice(-1) }])
}

test('an own ship of 1:72 is a checked plan in eight actions, and a stock one in three', async ({
  page,
}) => {
  const hand = hands()
  await openAt(page, '/builds?new')
  await hand.type(page.getByLabel('Name of the build'), 'Tern’s Errand')
  await hand.tap(page.getByRole('button', { name: '1:72', exact: true }))
  await hand.tap(page.getByRole('radio', { name: /Nothing yet/ }))
  await hand.tap(page.getByRole('button', { name: 'Start and check it' }))
  await hand.type(
    page.getByLabel('Steps in words'),
    'prime grey; base light blue x3; gloss; line dark brown, 45 min, clean; matt',
  )
  await hand.press(page, 'Enter')
  await expect(page.getByText('No problems found')).toBeVisible()
  expect(hand.count()).toBeLessThanOrEqual(8)
  await expect(page.getByText('1:72 ·')).toBeVisible()
})

test('with the keyboard only: a bottle, a build, steps, and what is done', async ({ page }) => {
  await openAt(page, '/shelf')
  const type = (text: string) => page.keyboard.type(text)
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key)
  }
  await page.getByLabel('A bottle a line').focus()
  await type('Bone White, Ferrowick, alcohol acrylic, 17 ml, #DAD5C4')
  await press('Enter')
  await expect(page.getByRole('status').getByText('Added: Bone White')).toBeVisible()
  await page.goto('/builds?new')
  await page.getByLabel('Name of the build').focus()
  await type('Skiff')
  await page.getByRole('radio', { name: /Ship 1:144/ }).focus()
  // The choices are one group: from the first starter back to an empty build.
  await press('ArrowUp')
  await expect(page.getByRole('radio', { name: /Nothing yet/ })).toBeChecked()
  await press('Enter')
  await expect(page.getByRole('heading', { name: 'Skiff' })).toBeVisible()
  await page.getByLabel('Steps in words').focus()
  await type('prim')
  await press('Tab')
  await type('grey; base Bon')
  await press('Tab')
  await type('x3')
  await press('Enter')
  await expect(page.getByRole('button', { name: /^Base colour/ })).toBeVisible()
  await goTo(page, 'Bench')
  await expect(page.getByRole('button', { name: /Coat 1 done/ })).toBeVisible()
  await press('d')
  await expect(page.getByRole('button', { name: /Coat 2 done/ })).toBeVisible()
  await press('d')
  await expect(page.getByRole('button', { name: /Coat 3 done/ })).toBeVisible()
  await press('u')
  await expect(page.getByRole('button', { name: /Coat 2 done/ })).toBeVisible()
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  test('an own kit is begun, tapped together and logged', async ({ page }) => {
    await openAt(page, '/builds?new')
    await startEmpty(page, 'Little Tern')
    const adding = page.getByRole('region', { name: 'Add steps' })
    await adding.getByRole('button', { name: 'Steps', exact: true }).tap()
    await adding.getByRole('button', { name: 'Prime', exact: true }).tap()
    await adding.getByRole('button', { name: 'Base colour', exact: true }).tap()
    await expect(page.getByRole('button', { name: /^Base colour.*alcohol/ })).toBeVisible()
    await inPlaces(page).getByRole('link', { name: 'Tonight' }).tap()
    await page.getByRole('button', { name: /Coat 1 done/ }).tap()
    await expect(page.getByRole('button', { name: /Coat 2 done/ })).toBeVisible()
    const width = await page.evaluate(() => document.documentElement.scrollWidth)
    expect(width).toBeLessThanOrEqual(390)
  })
})

test('a half-painted model is taken over, and its clocks run from when it was painted', async ({
  page,
}) => {
  await openAt(page, '/builds?new')
  await startEmpty(page, 'Old Skiff')
  await page.getByText('It is painted already').click()
  await page.getByLabel('Lowest film').fill('grey lacquer primer')
  await page.getByLabel('Roughly since').first().fill('a month ago')
  await page.getByRole('button', { name: 'One more film' }).click()
  await page.getByLabel('Over it').fill('base dark blue enamel')
  await page.getByLabel('Roughly since').nth(1).fill('2 hours ago')
  await page.getByRole('button', { name: 'Take it over' }).click()
  await expect(page.getByRole('status').getByText('Taken over: Model')).toBeVisible()
  await expect(page.getByRole('button', { name: /Base colour.*done 16:25/ })).toBeVisible()
  // Lacquer waits for the enamel of two hours ago until it is cured.
  await page.getByLabel('Steps in words').fill('gloss lacquer')
  await page.getByLabel('Steps in words').press('Enter')
  await expect(page.getByRole('button', { name: /^Gloss clear/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Model 7 d/ })).toBeVisible()
  // Away from the line, where the key is the line’s own.
  await page.getByRole('heading', { name: 'Old Skiff' }).click()
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('button', { name: /^Gloss clear/ })).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('button', { name: /^Base colour/ })).toHaveCount(0)
})

test('a build is duplicated, renamed, rescaled, finished, removed, and brought back', async ({
  page,
}) => {
  await openDemo(page, '/builds')
  await page.getByRole('link', { name: 'Ploughman 6' }).click()
  await page.getByText('About this build').click()
  await page.getByRole('button', { name: 'Duplicate the build' }).click()
  await expect(page.getByRole('heading', { name: 'Ploughman 6, copy' })).toBeVisible()
  await page.getByText('About this build').click()
  const facts = page.getByRole('form', { name: 'About this build' })
  await facts.getByLabel('Name of the build').fill('Ploughman 7')
  await facts.getByLabel('Scale').fill('1/350')
  await facts.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('heading', { name: 'Ploughman 7' })).toBeVisible()
  await expect(page.getByText('1:350 ·')).toBeVisible()
  // What a line may differ from the face is judged at the new scale.
  await page.getByRole('button', { name: 'Armour', exact: true }).click()
  await expect(page.getByText(/line at 1:350 wants/)).toBeVisible()
  await facts.getByLabel('Scale').fill('big')
  await facts.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Enter a scale such as')).toBeVisible()
  await page.getByRole('button', { name: 'Remove the build' }).click()
  await expect(page.getByRole('heading', { name: 'Builds' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Ploughman 7' })).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('link', { name: 'Ploughman 7' })).toBeVisible()
})

test('an act of before is logged then, its time is put right, and the clocks move', async ({
  page,
}) => {
  await openDemo(page)
  await page.keyboard.press('f')
  await goTo(page, 'Log')
  const entry = page
    .getByRole('article')
    .filter({ hasText: 'Clean up the lining finished' })
    .filter({ hasNotText: 'put right' })
    .first()
  await entry.getByRole('button', { name: /Put the time right/ }).click()
  await page.getByLabel('It really was').fill('17:40')
  await page.getByRole('button', { name: 'Put it right' }).click()
  await expect(entry.getByText(/It was .*17:40/)).toBeVisible()
  await goTo(page, 'All builds')
  await page.getByRole('link', { name: 'Gannet’s Lament' }).click()
  await page.getByRole('button', { name: 'Port hull', exact: true }).click()
  await expect(page.getByRole('button', { name: /Clean up the lining.*done 17:40/ })).toBeVisible()
  await goTo(page, 'Bench')
  await openAt(page, '/', later(5))
  await page.keyboard.press('w')
  await page.getByLabel('It was').fill('half an hour ago')
  await expect(page.getByText('Taken for 18:00')).toBeVisible()
})

test('°F and psi: what is typed and told follows the setting, and files stay metric', async ({
  page,
}) => {
  await openDemo(page, '/settings')
  for (const [of, unit] of [
    ['Degrees', '°F'],
    ['Pressures', 'psi'],
    ['Volumes', 'fl oz'],
  ] as const) {
    await page.getByRole('combobox', { name: of }).click()
    await page.getByRole('option', { name: unit }).click()
  }
  await page.getByLabel('Temperature (°F)').fill('70')
  await page.getByRole('button', { name: 'Set the room' }).click()
  const project = (await exported(page)) as {
    climate: { celsius: number; at: string }[]
    shelf: { sizeMl: number }[]
  }
  const [newest] = project.climate.sort((a, b) => Date.parse(b.at) - Date.parse(a.at))
  expect(newest?.celsius).toBeCloseTo((70 - 32) / 1.8, 1)
  await goTo(page, 'Shelf')
  await expect(page.getByText(/of \d+(\.\d+)? fl oz/).first()).toBeVisible()
  expect(project.shelf.every(({ sizeMl }) => sizeMl >= 5)).toBe(true)
})

test('the finder knows the hobby’s words, says what a hit is, and takes commands', async ({
  page,
}) => {
  await openDemo(page)
  const find = async (text: string) => {
    await page.keyboard.press('/')
    await page.getByLabel('Search for').fill(text)
    return page.getByRole('dialog')
  }
  const found = await find('hairspray')
  await expect(found.getByRole('option').first()).toBeVisible()
  await page.keyboard.press('Escape')
  await expect((await find('frost')).getByRole('option', { name: /frost.*fault/ })).toBeVisible()
  await page.keyboard.press('Escape')
  await find('mix for port hull')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Mix', exact: true })).toBeVisible()
  await expect(page.getByRole('radio', { name: /area/ })).toBeChecked()
})

test('a file that is dropped anywhere goes to the screen that reads it', async ({ page }) => {
  await openDemo(page)
  await page.evaluate(() => {
    const transfer = new DataTransfer()
    transfer.items.add(
      new File(['name,family,role,sizeMl\nDropped Red,lacquer,colour,17\n'], 'more.csv'),
    )
    document.dispatchEvent(new DragEvent('drop', { dataTransfer: transfer, bubbles: true }))
  })
  await expect(page.getByRole('region', { name: /more\.csv/ })).toBeVisible()
})
