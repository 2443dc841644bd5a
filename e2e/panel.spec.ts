// The test panel: what a sequence comes to before the evening is spent, what is tried on it, and the way into the build.
import { execFileSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { decode } from 'fast-png'
import { expect, exported, goTo, openAt, openDemo, test } from './support'

/** A figure of the panel by its name, as it is said; null: it isn't there. */
async function figure(page: Page, name: string): Promise<string | null> {
  await expect(page.getByRole('region', { name: 'What it comes to' })).toHaveAttribute(
    'aria-busy',
    'false',
  )
  const said = page.locator('dt', { hasText: name }).locator('xpath=following-sibling::dd')
  return (await said.count()) > 0 ? said.first().textContent() : null
}

const percentOf = (said: string | null) => Number.parseFloat(said ?? '0')

/** Waits until every sample is laid and measured. */
async function whole(page: Page): Promise<void> {
  await expect(page.getByText('Coarse, the fine one follows…')).toHaveCount(0)
  await expect(page.getByText('Measuring…')).toHaveCount(0)
}

async function toStep(page: Page, name: RegExp): Promise<void> {
  const slider = page.getByRole('slider', { name: 'How far it is laid' })
  await slider.focus()
  await page.keyboard.press('Home')
  for (let n = 0; n < 40; n++) {
    if (name.test((await slider.getAttribute('aria-valuetext')) ?? '')) return
    await page.keyboard.press('ArrowRight')
  }
  throw new Error(`no step is called ${name}`)
}

/** Chooses from a list that acts at once. */
async function choose(page: Page, label: string, choice: string): Promise<void> {
  await page.getByRole('combobox', { name: label }).click()
  await page.getByRole('option', { name: choice, exact: true }).click()
}

test('a starter on the panel: matt under the lining stains, is pinned, wiped against, taken over and undone', async ({
  page,
}) => {
  await openAt(page, '/builds?new')
  await page.getByRole('radio', { name: /^Ship/ }).check()
  await page.getByLabel('Name of the build').fill('Gannet’s Lament')
  await page.getByRole('button', { name: 'Start and check it' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Gannet’s Lament' })).toBeVisible()
  const build = page.url()
  await goTo(page, 'Test panel')
  await expect(page.getByRole('img', { name: /Hull after/ })).toBeVisible()
  await toStep(page, /: panel lining$/)
  await whole(page)
  const onGloss = percentOf(await figure(page, 'Face stained'))

  // Lining on satin brings its own clear.
  await choose(page, 'Surface under a recess wash', 'Satin')
  const differs = page.getByRole('list', { name: 'What differs' })
  await expect(differs).toContainText('sheen satin, not gloss')
  await page.getByRole('button', { name: 'Back to how it was' }).click()
  await expect(differs).toHaveCount(0)

  await toStep(page, /: gloss clear$/)
  await choose(page, 'Sheen', 'Matt')
  await toStep(page, /: panel lining$/)
  await whole(page)
  expect(percentOf(await figure(page, 'Face stained'))).toBeGreaterThan(onGloss + 5)
  await expect(page.getByRole('list', { name: 'What the check says' })).toContainText(/matt/)
  await expect(differs).toContainText('sheen matt, not gloss')

  // Wiped against the build by keys.
  await page.getByRole('checkbox', { name: /^Wipe against/ }).check()
  const wiper = page.getByRole('slider', { name: 'Wiper' })
  await wiper.focus()
  await page.keyboard.press('ArrowLeft')
  await expect(wiper).toHaveAttribute('aria-valuenow', '48')
  await page.keyboard.press('Shift+ArrowRight')
  await expect(wiper).toHaveAttribute('aria-valuenow', '58')
  await expect(page.getByText('As the build has it').first()).toBeVisible()

  // Pinned, it is there after a reload, in the exported file, and can be gone on from.
  await page.getByRole('button', { name: 'Pin this' }).click()
  await expect(page.getByRole('heading', { name: 'Pinned' })).toBeVisible()
  await page.reload()
  const pinned = page.getByRole('region', { name: 'Pinned' })
  await expect(pinned.getByText(/sheen matt, not gloss/)).toBeVisible()
  await expect(pinned.getByText(/Face stained: \d/)).toBeVisible()
  await pinned.getByRole('button', { name: /^Go on from it/ }).click()
  await expect(differs).toContainText('sheen matt')

  // Taken over, the build has it; undone, it hasn't.
  await page.getByRole('button', { name: 'Take it over into the build' }).click()
  await expect(page.getByRole('status').getByText(/^Taken over from the panel/)).toBeVisible()
  await expect(page.getByText('Nothing differs yet')).toBeVisible()
  await page.goto(build)
  await expect(page.getByRole('button', { name: /^Matt clear/ }).first()).toBeVisible()
  const sheens = (project: Record<string, unknown>) =>
    (project.builds as { steps: { do?: string; sheen?: string; parts: string[] }[] }[])[0]?.steps
      .filter(({ do: act, parts }) => act === 'clear' && parts.includes('hull'))
      .map(({ sheen }) => sheen)
  const taken = await exported(page)
  expect(taken.panels).toHaveLength(1)
  expect(sheens(taken)?.[0]).toBe('matt')
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('status').getByText(/Undone/)).toBeVisible()
  expect(sheens(await exported(page))?.[0]).toBe('gloss')
})

test('a finding is seen, an amount is dragged by keys, and the picture is the command line’s to the byte', async ({
  page,
}, info) => {
  await openDemo(page, '/builds/gannets-lament?part=hull-port')
  await page.getByRole('link', { name: 'See what it does' }).first().click()
  await expect(page.getByRole('heading', { level: 1, name: 'Test panel' })).toBeVisible()
  await expect(page.getByRole('slider', { name: 'How far it is laid' })).not.toHaveAttribute(
    'aria-valuetext',
    /After (\d+) of \1:/,
  )
  await toStep(page, /: streaks$/)
  await whole(page)
  const before = Number(await figure(page, 'Streaks'))
  const handle = page.getByRole('slider', { name: 'How much' })
  await handle.focus()
  for (let n = 0; n < 8; n++) await page.keyboard.press('Shift+ArrowUp')
  await expect(page.getByLabel('How much (%)')).toHaveValue('90')
  await whole(page)
  expect(Number(await figure(page, 'Streaks'))).toBeGreaterThan(before)

  await page.getByRole('radio', { name: 'Colours alone' }).click()
  await whole(page)
  const downloaded = async (button: string) => {
    const waiting = page.waitForEvent('download')
    await page.getByRole('button', { name: button }).click()
    return (await waiting).path()
  }
  const request = await downloaded('Export as file')
  const here = await page.getByRole('img', { name: /after streaks/ }).evaluate(async (canvas) => {
    const own = canvas as HTMLCanvasElement
    const { width, height } = own
    const context = own.getContext('2d') as CanvasRenderingContext2D
    const { data } = context.getImageData(0, 0, width, height)
    const rgb = data.filter((_, i) => i % 4 !== 3)
    const sum = await crypto.subtle.digest('SHA-256', rgb)
    return { width, height, sum: [...new Uint8Array(sum)] }
  })
  const png = info.outputPath('panel.png')
  const answer = JSON.parse(
    execFileSync('npm', ['run', '-s', 'tectoria', '--', 'panel', request, '--png', png], {
      encoding: 'utf8',
    }),
  )
  const { width, height, data, channels } = decode(readFileSync(png))
  const rgb = Uint8Array.from(data).filter((_, i) => channels === 3 || i % 4 !== 3)
  expect(here).toEqual({
    width,
    height,
    sum: [...createHash('sha256').update(rgb).digest()],
  })
  expect(String(answer.measures.streaks.count)).toBe(await figure(page, 'Streaks'))

  const picture = decode(readFileSync(await downloaded('Save picture')))
  expect(picture.width).toBe(width)
  // With its caption under it.
  expect(picture.height).toBeGreaterThan(height + 30)
})

test('a part is painted as itself, a technique and a colour are seen, and what is typed wrongly is told', async ({
  page,
}) => {
  await openDemo(page, '/panel?of=lantern-wardens+hound&on=part')
  await expect(page.getByRole('img', { name: /[Hh]ound after/ }).locator('canvas')).toBeVisible()
  await expect(page.getByText('Measuring…')).toHaveCount(0)
  expect(Number.parseFloat((await figure(page, 'Paint on faces')) ?? '')).toBeGreaterThan(10)
  await page.getByRole('button', { name: 'Turn left' }).click()
  await choose(page, 'Laid on', 'Armour and bolts')
  await expect(page.getByRole('img', { name: /[Hh]ound after/ })).toBeVisible()
  await page.getByLabel('Scale, 1 to').fill('much')
  await expect(page.getByText('Enter a number from 1 to 5000')).toBeVisible()

  await page.goto('/library?id=salt-chips')
  for (const when of ['before', 'after'])
    await expect(page.getByRole('img', { name: `A painted panel ${when} salt` })).toBeVisible()
  await page.getByRole('link', { name: 'Try it on the panel' }).click()
  await expect(page.getByRole('combobox', { name: 'Steps of' })).toContainText('Salt')
  await page.getByLabel('Scale, 1 to').fill('350')
  await expect(page.getByRole('list', { name: 'What differs' })).toContainText('At 1:350, not 1:')
  await whole(page)
  await expect(page.getByText(/Too coarse for this scale/).first()).toBeVisible()
  await page.goto('/panel?of=colour+%23A8231F')
  await expect(page.getByRole('combobox', { name: 'Steps of' })).toContainText('#A8231F')
  await whole(page)
  expect(await figure(page, 'Lines against the face')).toMatch(/^ΔE \d+$/)
})
