import { readFileSync, writeFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import nodeIcal from 'node-ical'
import { expectBlocksApart } from './blocks'
import { expect, goTo, later, openAt, openDemo, standAt, test } from './support'

/** The plan is there and no longer changing. */
async function planned(page: Page): Promise<void> {
  await expect(page.getByText(/Everything is done by/)).toBeVisible()
  await expect(page.getByText('planning again')).toHaveCount(0)
}

async function openPlan(page: Page): Promise<void> {
  await goTo(page, 'Plan')
  await planned(page)
}

test('two hours late: what was due moves to another session, and the words say why', async ({
  page,
}) => {
  await openDemo(page)
  await openPlan(page)
  // The session is nearly over and nothing was done.
  await standAt(page, later(35 + 145))
  const moved = page.getByRole('region', { name: 'What moved' })
  await expect(moved).toBeVisible()
  await expect(moved.getByText(/moves from 19:\d\d to Thu 19:\d\d, because/).first()).toBeVisible()
  await moved.getByRole('button', { name: 'Seen' }).click()
  await expect(moved).toHaveCount(0)
})

test('still tacky: what waits for the film moves, and says what it waits for', async ({ page }) => {
  await openDemo(page)
  await openPlan(page)
  await goTo(page, 'Bench')
  await page
    .getByRole('region', { name: 'On the bench' })
    .getByRole('button', { name: /Armour/ })
    .click()
  await page.keyboard.press('t')
  await expect(page.getByRole('status').getByText('still tacky')).toBeVisible()
  const moved = page.getByRole('region', { name: 'What moved' })
  await expect(moved).toBeVisible()
  await expect(moved.getByRole('listitem').first()).toContainText(/on Armour moves from .* because/)
  // Taken back, it is as before.
  await page.keyboard.press('Control+z')
  await openPlan(page)
})

test('a missed clean-up is a finding, and the work is planned all the same', async ({ page }) => {
  await openDemo(page)
  await openPlan(page)
  await standAt(page, later(70))
  await page.reload()
  await openPlan(page)
  await expect(
    page.getByRole('button', { name: /^Clean up the lining, Port hull/ }).first(),
  ).toBeVisible()
  await goTo(page, 'All builds')
  await page
    .getByRole('link', { name: /Gannet/ })
    .first()
    .click()
  await expect(page.locator('[data-rule="clean-too-late"]').first()).toBeVisible()
})

test('another session on a single day brings the finish forward', async ({ page }) => {
  await openDemo(page)
  await openPlan(page)
  await goTo(page, 'Settings')
  await page.getByRole('button', { name: 'A session on a single day' }).click()
  await page.getByLabel('Single session 1 on').fill('2026-03-30')
  await page.getByRole('button', { name: 'Save these times' }).click()
  await goTo(page, 'Plan')
  const moved = page.getByRole('region', { name: 'What moved' })
  await expect(moved.getByText(/Planned again: .* sooner/)).toBeVisible()
  await expect(moved.getByText(/to 30 Mar (19|20|21):\d\d/).first()).toBeVisible()
})

test('why not earlier: the chain, with the keyboard; where else it may go, kept and let go', async ({
  page,
}) => {
  await openDemo(page)
  await openPlan(page)
  await page.getByRole('button', { name: 'As a table' }).click()
  const act = page.getByRole('button', { name: /^Matt clear, coat 2/ }).first()
  await act.focus()
  await page.keyboard.press('Enter')
  const chain = page.getByRole('list', { name: 'What holds it' })
  await expect(chain.getByText(/it waits \d+ min for/).first()).toBeVisible()
  expect(await chain.getByRole('listitem').count()).toBeGreaterThan(1)

  await page.getByRole('button', { name: 'Where else may it go?' }).click()
  const places = page.getByRole('list', { name: 'Sessions it may go to' })
  await places.getByRole('button', { name: 'Keep it here' }).last().click()
  await expect(page.getByRole('status').getByText(/kept in the session of/)).toBeVisible()
  await page.getByRole('button', { name: 'Let it go' }).click()
  await expect(page.getByRole('status').getByText(/let go/)).toBeVisible()
})

test('evening by evening every act can be read and hit, and along the calendar too', async ({
  page,
}) => {
  await openDemo(page)
  await openPlan(page)
  await expectBlocksApart(page)
  for (const zoom of ['Day', 'Month']) {
    await page.getByRole('radio', { name: zoom, exact: true }).click()
    const lanes = page.getByRole('region', { name: 'The plan as lanes' }).getByRole('button')
    const narrow = await lanes.evaluateAll(
      (all) => all.filter((one) => one.getBoundingClientRect().width < 24).length,
    )
    expect(narrow).toBe(0)
    const covered = await lanes.evaluateAll((all) => {
      const boxes = all.map((one) => one.getBoundingClientRect())
      return boxes.filter((box, i) => {
        const next = boxes[i + 1]
        return next && next.top === box.top && next.left < box.right - 0.5
      }).length
    })
    expect(covered).toBe(0)
  }
  // Several that lie too close are looked at evening by evening.
  await page
    .getByRole('button', { name: /^\d+ steps, .*evening by evening$/ })
    .first()
    .click()
  await expect(page.getByRole('region', { name: 'The plan by evenings' })).toBeVisible()
})

test('an act is dragged to another evening, which keeps it there', async ({ page }) => {
  await openDemo(page)
  await openPlan(page)
  const block = page.getByRole('button', { name: /^Degrease, Aerials/ }).first()
  const from = await block.boundingBox()
  const target = await page.getByRole('list', { name: 'Evening of Thu 19 Mar' }).boundingBox()
  if (!from || !target) throw new Error('nothing to drag')
  await page.mouse.move(from.x + 40, from.y + 10)
  await page.mouse.down()
  await page.mouse.move(from.x + 80, from.y + 10, { steps: 4 })
  // Where it may go is shown while it hangs; let go at once, it would wait for that.
  await expect(page.locator('[data-place=open]').first()).toBeAttached()
  await page.mouse.move(target.x + 60, target.y + 60, { steps: 6 })
  await page.mouse.up()
  await expect(page.getByRole('status').getByText(/Degrease kept in the session of/)).toBeVisible()
  await expect(
    page.getByRole('button', { name: /^Degrease, Aerials, Thu .*kept there/ }),
  ).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('button', { name: /^Degrease, Aerials, Thu/ })).toHaveCount(0)
})

test('with keys alone an act is found, kept where it is, moved on and let go', async ({ page }) => {
  await openDemo(page)
  await openPlan(page)
  const evening = page.getByRole('list', { name: 'Evening of Tue 17 Mar' })
  // One tab stop an evening; arrow keys go on from there.
  expect(await evening.locator('[data-block][tabindex="0"]').count()).toBe(1)
  await evening.locator('[data-block][tabindex="0"]').focus()
  const degrease = page.getByRole('button', { name: /^Degrease, Aerials/ })
  for (let i = 0; i < 12; i++) {
    if (await degrease.evaluate((one) => one === document.activeElement)) break
    await page.keyboard.press('ArrowDown')
  }
  await expect(degrease).toBeFocused()
  await page.keyboard.press('p')
  await expect(page.getByRole('button', { name: /^Degrease, Aerials.*kept there/ })).toBeVisible()
  await page.keyboard.press('p')
  await expect(page.getByRole('status').getByText('Degrease let go')).toBeVisible()
  await page.keyboard.press('Shift+ArrowRight')
  const moved = page.getByRole('button', { name: /^Degrease, Aerials, Thu .*kept there/ })
  await expect(moved).toBeVisible()
  await expect(moved).toBeFocused()
})

test('what if: a session, a warmer room and a fan beside the plan as it is', async ({ page }) => {
  await openDemo(page)
  await openPlan(page)
  const before = await page.getByText(/Everything is done by/).textContent()
  await page.getByRole('button', { name: 'A session on Wednesday' }).click()
  await page.getByRole('button', { name: 'Room 5 °C warmer' }).click()
  await page.getByRole('button', { name: 'A fan' }).click()
  const answers = page.getByRole('table', { name: 'Answers beside the plan as it is' })
  await expect(answers.getByRole('row')).toHaveCount(5)
  await expect(answers.getByText('asking…')).toHaveCount(0)
  await expect(answers.getByText(/sooner|the same finish/)).toHaveCount(3)
  expect(await page.getByText(/Everything is done by/).textContent()).toBe(before)
})

test('the plan is saved as a calendar file that reads back as the same acts', async ({ page }) => {
  await openDemo(page)
  await openPlan(page)
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as a calendar file' }).click()
  const file = await (await waiting).path()
  const events = Object.values(nodeIcal.sync.parseICS(readFileSync(file, 'utf8'))).filter(
    (event) => event?.type === 'VEVENT',
  ) as { summary: string; start: Date; uid: string }[]
  expect(events.length).toBeGreaterThan(20)
  expect(new Set(events.map((event) => event.uid)).size).toBe(events.length)
  const clean = events.find((event) => event.summary === 'Clean up the lining: Port hull')
  expect(clean?.start.toISOString()).toBe('2026-03-17T19:00:00.000Z')
})

test('the session card: hands-on time, mixes, what is left; ticking writes the log', async ({
  page,
}) => {
  await openDemo(page)
  await openPlan(page)
  await goTo(page, 'Bench')
  await page.getByRole('link', { name: /Session card to work from/ }).click()
  await expect(page.getByText(/hands-on/)).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Mix first' })).toBeVisible()
  await page.getByRole('button', { name: /^Done ?: clean up the lining on Port hull/ }).click()
  await expect(page.getByRole('status').getByText(/finished/)).toBeVisible()
  await goTo(page, 'Log')
  await expect(page.getByText(/Clean up the lining finished/).first()).toBeVisible()
})

test('a damp spell that the sensor reads moves a matt clear to another day', async ({
  page,
}, info) => {
  // The made-up room is damp on this Saturday, from midnight on.
  await openAt(page, '/settings', new Date('2026-03-28T09:30:00Z'))
  const file = info.outputPath('matt.json')
  const matt = { id: 'm', parts: ['p'], do: 'clear', family: 'lacquer', sheen: 'matt' }
  const part = { id: 'p', name: 'Mast', substrate: 'polystyrene' }
  writeFileSync(
    file,
    JSON.stringify({
      format: 'tectoria-project',
      version: 1,
      builds: [{ id: 'x', name: 'Skiff', parts: [part], steps: [matt] }],
      sessions: {
        zone: 'Europe/Lisbon',
        pattern: [
          { day: 'sat', from: '10:00', to: '12:00' },
          { day: 'tue', from: '19:00', to: '21:00' },
        ],
      },
    }),
  )
  await page.getByLabel('Import a file').setInputFiles(file)
  await page.getByRole('button', { name: 'Import it' }).click()
  await openPlan(page)
  await expect(page.getByRole('button', { name: /^Matt clear, Mast, 10:00/ })).toBeVisible()
  await goTo(page, 'Room')
  await page.getByRole('radio', { name: 'read from the bench sensor' }).click()
  await expect(page.getByText(/relative humidity: lacquer/i).first()).toBeVisible()
  await goTo(page, 'Plan')
  await expect(
    page
      .getByRole('region', { name: 'What moved' })
      .getByText(
        /^Matt clear on Mast moves from 10:00 to Tue 19:00, because the air doesn’t bear it/,
      ),
  ).toBeVisible()
})

test('a sensor that falls silent is told, and the room’s usual day stands in', async ({ page }) => {
  // It says nothing between one and five on this night.
  await openAt(page, '/', new Date('2026-03-17T04:30:00Z'))
  await page.getByRole('button', { name: 'Look at the demo bench' }).click()
  await goTo(page, 'Room')
  await page.getByRole('radio', { name: 'read from the bench sensor' }).click()
  await expect(page.getByRole('heading', { name: 'The usual day' })).toBeVisible()
  await expect(
    page.getByText(/No reading for [34] h.*The room’s usual day stands in/),
  ).toBeVisible()
  await expect(page.getByRole('figure').getByText('% of the way', { exact: false })).toBeVisible()
})

test('what was seen of a film corrects its clock, and goes back to the sheet', async ({ page }) => {
  await openDemo(page)
  await page
    .getByRole('region', { name: 'On the bench' })
    .getByRole('button', { name: /Armour/ })
    .click()
  await page.keyboard.press('t')
  await goTo(page, 'Room')
  const table = page.getByRole('table', { name: 'Corrections of drying times' })
  await expect(table.getByRole('row', { name: /Alcohol acrylic/i }).first()).toBeVisible()
  await table.getByRole('button', { name: 'Back to the sheet' }).first().click()
  await expect(table.getByText('the sheet', { exact: true })).toBeVisible()
  await table.getByRole('button', { name: 'Go by the log' }).first().click()
  await expect(table.getByText('the sheet', { exact: true })).toHaveCount(0)
})

test('other clocks run side by side, and stay legible at twenty-four', async ({ page }) => {
  await openDemo(page)
  for (let i = 1; i <= 24; i++) {
    await page.getByRole('button', { name: 'Start a clock' }).click()
    await page.getByLabel('Name', { exact: true }).fill(`Clock ${i}`)
    await page.getByLabel('Length').fill(String(i * 7))
    await page.getByRole('button', { name: 'Start', exact: true }).click()
  }
  const clocks = page.getByRole('region', { name: 'Other clocks' }).getByRole('listitem')
  await expect(clocks.first().getByText('Clock 1', { exact: true })).toBeVisible()
  expect(await clocks.count()).toBeGreaterThanOrEqual(24)
  for (const clock of [clocks.first(), clocks.last()]) {
    const box = await clock.boundingBox()
    expect(box?.width).toBeGreaterThan(240)
    expect(box?.height).toBeGreaterThan(56)
  }
  await page.getByRole('button', { name: 'Stop Clock 1', exact: true }).click()
  await expect(page.getByText('Clock 1', { exact: true })).toHaveCount(0)
})
