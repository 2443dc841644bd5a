// The plan keeps its word: what it says holds when it is followed, and every place says the same.

import { execFileSync } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import type { Page, TestInfo } from '@playwright/test'
import nodeIcal from 'node-ical'
import { expectBlocksApart } from './blocks'
import { EVENING, expect, exported, goTo, openAt, standAt, test } from './support'

const HOUR = 3_600_000

type Step = Record<string, unknown>
type Event = { summary: string; start: Date; end: Date }

const EVERY_EVENING = {
  zone: 'Europe/Lisbon',
  pattern: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'].map((day) => ({
    day,
    from: '19:00',
    to: '22:00',
  })),
}

/** A bench of one build: parts by their names, and steps. */
function bench(names: readonly string[], steps: readonly Step[]) {
  const parts = names.map((name) => ({
    id: name.toLowerCase().replace(' ', '-'),
    name,
    substrate: 'polystyrene',
    areaCm2: 60,
  }))
  const all = parts.map(({ id }) => id)
  return {
    format: 'tectoria-project',
    version: 1,
    builds: [
      {
        id: 'cart',
        name: 'Cart',
        parts,
        steps: steps.map((step, i) => ({
          id: `s${i}`,
          parts: all,
          protection: 'confirmed',
          ...step,
        })),
      },
    ],
    sessions: EVERY_EVENING,
  }
}

/** Takes a bench in on an empty page. */
async function take(page: Page, info: TestInfo, project: object): Promise<void> {
  const file = info.outputPath('bench.json')
  writeFileSync(file, JSON.stringify(project))
  await openAt(page, '/settings')
  await page.getByLabel('Import a file').setInputFiles(file)
  await page.getByRole('button', { name: 'Import it' }).click()
  await expect(page.getByText('Imported')).toBeVisible()
}

async function planned(page: Page): Promise<void> {
  await goTo(page, 'Plan')
  await expect(page.getByText(/Everything is done by/)).toBeVisible()
  await expect(page.getByText('planning again')).toHaveCount(0)
}

/** The plan as its calendar file has it, in order of time. */
async function events(page: Page): Promise<Event[]> {
  await planned(page)
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as a calendar file' }).click()
  const file = await (await waiting).path()
  const read = Object.values(nodeIcal.sync.parseICS(readFileSync(file, 'utf8')))
  return (read.filter((event) => event?.type === 'VEVENT') as Event[]).sort(
    (a, b) => a.start.getTime() - b.start.getTime(),
  )
}

/** Begins and ends an act at the bench, at its minutes. */
async function follow(page: Page, { start, end, summary }: Event): Promise<void> {
  const act = summary.split(/[:,]/)[0] as string
  await standAt(page, start)
  const card = page.getByRole('region', { name: 'The step in hand' })
  const inHand = card.getByRole('heading', { name: act, level: 2 })
  await expect(inHand).toBeVisible()
  await page.keyboard.press('s')
  await expect(card.getByRole('button', { name: 'Start' })).toHaveCount(0)
  // Minutes go by while it is done: what follows from its start is planned by then.
  await expect(page.getByText('planning again')).toHaveCount(0)
  await standAt(page, end)
  await page.keyboard.press('f')
  await expect(inHand).toHaveCount(0)
}

const finish = (page: Page) => page.getByText(/Everything is done by/).textContent()

const PRIME = { do: 'prime', coats: ['mist', 'light', 'light'] }
const GLOSS = { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light'] }
const MATT = { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] }
const BASE = { do: 'base', family: 'alcohol-acrylic', colour: '#C9C4B4', coats: ['light', 'light'] }

test('a job followed to the letter over five evenings keeps its finish', async ({ page }, info) => {
  const steps = [
    ...[PRIME, BASE, GLOSS, { do: 'decal' }, GLOSS, { do: 'line' }, { do: 'line-clean' }, MATT],
    ...[{ do: 'oil-dots' }, { do: 'blend' }, MATT],
  ]
  await take(page, info, bench(['Hull'], steps))
  const plan = await events(page)
  const before = await finish(page)
  const days = new Set(plan.map(({ start }) => start.toDateString()))
  expect(days.size).toBeGreaterThanOrEqual(5)
  await goTo(page, 'Bench')
  for (const event of plan.slice(0, -1)) await follow(page, event)
  await planned(page)
  // Sessions that are over are no longer counted: it is the finish that is kept.
  const done = (text: string | null) => /done by (.*?),/.exec(text ?? '')?.[1]
  const last = plan.at(-1) as Event
  const [left] = await events(page)
  expect(left?.end.toISOString()).toBe(last.end.toISOString())
  expect(done(before)).toBeTruthy()
})

test('a powder fixer holds back the matt, and salt laid wet the colour', async ({ page }, info) => {
  const steps = [
    PRIME,
    { do: 'salt', wetted: 'wet' },
    BASE,
    { do: 'unsalt' },
    { do: 'wash' },
    MATT,
    { do: 'powder' },
    { do: 'powder-fix' },
    { ...MATT, family: 'acrylic-pu' },
  ]
  await take(page, info, bench(['Hull'], steps))
  const plan = await events(page)
  const at = (name: RegExp, nth = 0) =>
    plan.filter(({ summary }) => name.test(summary))[nth] as Event
  const salt = at(/salt/i)
  const base = at(/^Base colour/)
  const fixed = at(/^Fix the powders/)
  const matt = at(/^Matt clear/, 1)
  expect(base.start.getTime() - salt.end.getTime()).toBeGreaterThanOrEqual(3 * HOUR)
  expect(matt.start.getTime() - fixed.end.getTime()).toBeGreaterThanOrEqual(12 * HOUR)
})

test('a joint act moves with its later part, and one key logs it for both', async ({
  page,
}, info) => {
  const steps = [
    { ...PRIME, parts: ['turret'] },
    { do: 'assemble', checked: ['fit'] },
  ]
  await take(page, info, bench(['Hull', 'Turret'], steps))
  await goTo(page, 'Bench')
  await page
    .getByRole('region', { name: 'On the bench' })
    .getByRole('button', { name: /Hull/ })
    .click()
  const card = page.getByRole('region', { name: 'The step in hand' })
  await expect(card).toContainText('It is done together with Turret')
  await expect(card).toContainText('May be done in')
  const [first] = await events(page)
  const join = (await events(page)).filter(({ summary }) => summary.startsWith('Assemble'))
  expect(join).toHaveLength(1)
  // The primer comes two hours later than planned: joining moves with it.
  await goTo(page, 'Bench')
  await page
    .getByRole('region', { name: 'On the bench' })
    .getByRole('button', { name: /Turret/ })
    .click()
  await standAt(page, new Date((first as Event).start.getTime() + 2 * HOUR))
  await page.keyboard.press('f')
  await expect(page.getByRole('status').getByText(/finished/)).toBeVisible()
  const moved = (await events(page)).filter(({ summary }) => summary.startsWith('Assemble'))
  expect(moved[0]?.start.getTime()).toBeGreaterThan((join[0] as Event).start.getTime())
  await standAt(page, (moved[0] as Event).start)
  await goTo(page, 'Bench')
  await expect(page.getByRole('heading', { name: 'Assemble', exact: true })).toBeVisible()
  await page.keyboard.press('f')
  await expect(page.getByRole('heading', { name: 'Everything is done' })).toBeVisible()
})

test('a run of six parts is logged by one key, with one left out', async ({ page }, info) => {
  const names = ['Hull', 'Turret', 'Door', 'Hatch', 'Wheel', 'Mast']
  await take(page, info, bench(names, [{ ...PRIME, coats: ['light'] }]))
  await goTo(page, 'Bench')
  const card = page.getByRole('region', { name: 'The step in hand' })
  await expect(card.getByText(/One run, one mix/)).toBeVisible()
  const others = card.getByRole('group', { name: /One run/ }).getByRole('button')
  await expect(others).toHaveCount(5)
  await expect(card.getByText(/ml for the coats that are left on 6 parts/)).toBeVisible()
  await others.filter({ hasText: 'Mast' }).click()
  await expect(card.getByText(/ml for the coats that are left on 5 parts/)).toBeVisible()
  await page.keyboard.press('d')
  await expect(page.getByRole('status').getByText(/coat 1 done/)).toBeVisible()
  const left = page.getByRole('region', { name: 'On the bench' }).getByRole('button')
  await expect(left).toHaveCount(1)
  await expect(left).toContainText('Mast')
  await page.keyboard.press('Control+z')
  await expect(left).toHaveCount(6)
})

test('fewest clean-outs: what it costs is told, and it is chosen', async ({ page }, info) => {
  const red = { ...BASE, colour: '#A8231F' }
  const project = bench(
    ['Hull', 'Turret'],
    [
      { ...PRIME, coats: ['light'] },
      { ...BASE, coats: ['light'], parts: ['hull'] },
      { ...red, coats: ['light'], parts: ['turret'] },
      { ...BASE, coats: ['light'], parts: ['turret'] },
    ],
  )
  await take(page, info, project)
  await planned(page)
  await page.getByRole('button', { name: 'What would each cost?' }).click()
  const wishes = page.getByRole('group', { name: 'Optimise for' })
  await expect(wishes.getByText(/evenings, \d+ clean-outs/)).toHaveCount(4)
  await wishes.getByRole('radio', { name: /Fewest clean-outs/ }).check()
  await planned(page)
  await page.reload()
  await planned(page)
  await expect(wishes.getByRole('radio', { name: /Fewest clean-outs/ })).toBeChecked()
})

test('a bench of five hundred tasks loads and answers', async ({ page }, info) => {
  const names = Array.from({ length: 25 }, (_, i) => `Part ${i + 1}`)
  const round = [PRIME, BASE, GLOSS, { do: 'line' }, { do: 'line-clean' }, MATT, { do: 'pencil' }]
  const steps = [...round, ...round.slice(0, 5)]
  await take(page, info, bench(names, steps))
  await planned(page)
  await expectBlocksApart(page)
  await goTo(page, 'Bench')
  await expect(page.getByRole('region', { name: 'The step in hand' })).toBeVisible()
  await page.keyboard.press('d')
  await expect(page.getByRole('status').getByText(/coat 1 done/)).toBeVisible()
})

test('every place tells the same instant of an act', async ({ page }, info) => {
  await take(page, info, bench(['Hull'], [PRIME, BASE, MATT]))
  const [prime, base] = await events(page)
  const at = (base as Event).start
  const day = at.toDateString() === EVENING.toDateString()
  const clock = at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
  expect(day).toBe(true)
  // The calendar file has told it; the lanes, the table and the act's own words:
  const lane = page.getByRole('button', {
    name: new RegExp(`^Base colour, coats? 1.*, Hull, ${clock} to`),
  })
  await expect(lane).toBeVisible()
  await lane.press('Enter')
  await expect(page.getByText(new RegExp(`Hull · Cart · ${clock},`))).toBeVisible()
  await page.getByRole('button', { name: 'As a table' }).click()
  await expect(
    page.getByRole('row', { name: new RegExp(`^${clock} Base colour, coat 1`) }),
  ).toBeVisible()
  // The bench and the card of the session:
  await goTo(page, 'Bench')
  const session = page.getByRole('region', { name: 'Next session' })
  await expect(
    session.getByRole('listitem').filter({ hasText: 'Base colour, coat 1' }),
  ).toContainText(clock)
  await page.getByRole('link', { name: /Session card to work from/ }).click()
  const acts = page.getByRole('list', { name: 'Steps of the session' })
  await expect(acts.getByRole('listitem').filter({ hasText: 'Base colour' }).first()).toContainText(
    clock,
  )
  await expect(page.getByText(new RegExp(`by ${clock}`))).toBeVisible()
  // The core sample:
  await goTo(page, 'All builds')
  await page.getByRole('link', { name: /Cart/ }).first().click()
  await expect(page.getByRole('button', { name: /^Base colour/ }).first()).toContainText(clock)
  // The command line, from the exported file:
  const file = info.outputPath('all.json')
  writeFileSync(file, JSON.stringify(await exported(page)))
  const answer = execFileSync(
    'node',
    ['scripts/run.mjs', 'cli/tectoria.ts', 'project', file, '--now', EVENING.toISOString()],
    { encoding: 'utf8' },
  )
  const { tasks } = JSON.parse(answer) as { tasks: { step: string; coat: number; start: string }[] }
  expect(tasks.find(({ step, coat }) => step === 's1' && coat === 1)?.start).toBe(at.toISOString())
  // The reminder, once what comes before it is done:
  await goTo(page, 'Plan')
  await page.getByRole('button', { name: 'Remind me' }).click()
  await goTo(page, 'Bench')
  await follow(page, prime as Event)
  await standAt(page, new Date(at.getTime() - 2 * 60_000))
  await expect(page.getByText(/Due now: Base colour/)).toHaveCount(0)
  await standAt(page, new Date(at.getTime() - 30_000))
  await expect(page.getByText(/Due now: Base colour/)).toBeVisible()
})
