// What people trust it with is not lost: copies, the rescue page, two devices, databases older and newer than this.
import { readFileSync, writeFileSync } from 'node:fs'
import type { Page, Worker } from '@playwright/test'
import { expect, exported, goTo, openAt, openDemo, test } from './support'

test('what was wiped and forgotten is brought back from its copy, pictures too, and the copy deleted', async ({
  page,
}) => {
  await openDemo(page)
  const before = await exported(page)
  await page.getByRole('button', { name: 'Wipe everything' }).click()
  await page.getByRole('button', { name: 'Wipe it' }).click()
  await expect(page.getByText('Wiped everything')).toBeVisible()
  await page.getByRole('button', { name: 'Forget what can be undone' }).click()
  await expect(page.getByText('nothing can be undone any more')).toBeVisible()
  await page.reload()
  expect((await exported(page)).builds).toEqual([])
  const copy = page.getByRole('listitem').filter({ hasText: 'before everything was wiped' })
  await copy.getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.getByText('Brought a copy back')).toBeVisible()
  expect(await exported(page)).toEqual(before)
  const waiting = page.waitForEvent('download')
  await copy.getByRole('button', { name: 'Save as a file' }).click()
  const file = JSON.parse(readFileSync(await (await waiting).path(), 'utf8'))
  expect(file.builds).toEqual(before.builds)
  await goTo(page, 'Pictures')
  const pictures = page.getByRole('main').locator('img[src^="blob:"]')
  await expect(pictures).toHaveCount((before.pictures as unknown[]).length)
  await goTo(page, 'Settings')
  await copy.getByRole('button', { name: 'Delete it' }).click()
  await copy.getByRole('button', { name: 'Delete it for good' }).click()
  await expect(copy).toHaveCount(0)
})

test('the rescue page takes the data out, puts it aside and brings it back, without the application', async ({
  page,
}) => {
  await openDemo(page)
  const before = await exported(page)
  await page.goto('/rescue')
  await expect(page.getByRole('row', { name: /^builds 4/ })).toBeVisible()
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save all of it as a file' }).click()
  const file = JSON.parse(readFileSync(await (await waiting).path(), 'utf8'))
  expect(file.builds).toEqual(before.builds)
  expect(file.sessions).toEqual(before.sessions)
  await page.getByRole('button', { name: 'Put it aside and begin anew' }).click()
  await expect(page.getByRole('status')).toContainText('The bench begins anew')
  await openAt(page, '/')
  await expect(page.getByRole('button', { name: 'Look at the demo bench' })).toBeVisible()
  await page.goto('/rescue')
  await page.getByRole('button', { name: 'Bring it back' }).first().click()
  await expect(page.getByRole('status')).toContainText('The copy is back')
  await openAt(page, '/')
  await expect(page.getByRole('heading', { name: 'Clean up the lining' })).toBeVisible()
  const after = await exported(page)
  expect(after.builds).toEqual(before.builds)
  expect(after.acts).toEqual(before.acts)
})

test('planned at the desk, logged on the phone: both come together, and clashes are asked once', async ({
  page: desk,
  browser,
}, info) => {
  test.slow()
  await openDemo(desk)
  const fileOf = async (of: typeof desk, name: string) => {
    await goTo(of, 'Settings')
    const waiting = of.waitForEvent('download')
    await of.getByRole('button', { name: 'Export everything' }).click()
    const path = info.outputPath(name)
    writeFileSync(path, readFileSync(await (await waiting).path()))
    return path
  }
  const first = await fileOf(desk, 'first.zip')
  const away = await browser.newContext({ timezoneId: 'Europe/Lisbon', locale: 'en-GB' })
  const phone = await away.newPage()
  await openAt(phone, '/settings')
  await phone.getByLabel('Import a file').setInputFiles(first)
  await phone.getByRole('button', { name: 'Import it' }).click()
  await expect(phone.getByText(/^Imported first/)).toBeVisible()

  const rename = async (of: typeof desk, name: string) => {
    await of.goto('/builds/corriebreck-1100')
    await of.getByText('About this build').click()
    const facts = of.getByRole('form', { name: 'About this build' })
    await facts.getByLabel('Name of the build').fill(name)
    await facts.getByRole('button', { name: 'Save' }).click()
    await expect(of.getByRole('heading', { name })).toBeVisible()
  }
  await rename(desk, 'Corriebreck, planned')
  await rename(phone, 'Corriebreck, logged')
  const second = await fileOf(phone, 'second.zip')
  await goTo(desk, 'Settings')
  await desk.getByLabel('Import a file').setInputFiles(second)
  await expect(
    desk.getByRole('listitem').filter({ hasText: 'Corriebreck, logged in the file' }),
  ).toBeVisible()
  await desk.getByRole('radio', { name: 'Take it from the file' }).click()
  await desk.getByRole('button', { name: 'Bring both together' }).click()
  await expect(desk.getByText('Brought together with second.zip')).toBeVisible()
  const names = async () =>
    ((await exported(desk)).builds as { name: string }[]).map(({ name }) => name)
  expect(await names()).toContain('Corriebreck, logged')
  await desk.keyboard.press('Control+z')
  await expect.poll(names).toContain('Corriebreck, planned')
  await away.close()
})

/** Makes a database as another version would have it, from a page without the application. */
function database(page: Page, version: number): Promise<void> {
  return page.evaluate(
    (made) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('tectoria', made)
        opening.onupgradeneeded = () => {
          for (const name of [
            'builds',
            'shelf',
            'mixes',
            'acts',
            'climate',
            'panels',
            'corrections',
            'single',
          ])
            if (!opening.result.objectStoreNames.contains(name))
              opening.result.createObjectStore(name, { keyPath: 'id' })
          if (!opening.result.objectStoreNames.contains('changes'))
            opening.result.createObjectStore('changes', { keyPath: 'seq', autoIncrement: true })
        }
        opening.onerror = () => reject(opening.error)
        opening.onsuccess = () => {
          const writing = opening.result.transaction('builds', 'readwrite')
          writing.objectStore('builds').put({
            ...{ id: 'old', name: 'Old skiff' },
            parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' }],
            steps: [{ id: 's', parts: ['p'], do: 'prime' }],
          })
          writing.oncomplete = () => {
            opening.result.close()
            resolve()
          }
        }
      }),
    version,
  )
}

test('an old database is kept as a copy before it is brought up to date', async ({ page }) => {
  await page.goto('/rescue')
  await database(page, 10)
  await openAt(page, '/settings')
  await expect(
    page.getByRole('listitem').filter({ hasText: 'before a newer Tectoria brought it up to date' }),
  ).toBeVisible()
  expect((await exported(page)).builds).toMatchObject([{ name: 'Old skiff' }])
})

test('an open page that a newer one takes over says so, keeps what is typed, and writes nothing', async ({
  page,
  context,
}) => {
  await openDemo(page)
  await page.keyboard.press('n')
  await page.getByLabel('Note', { exact: true }).fill('Written by an old page')
  const newer = await context.newPage()
  await newer.goto('/rescue')
  await newer.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open('tectoria', 990)
        opening.onblocked = () => reject(new Error('an old page holds on to it'))
        opening.onsuccess = () => resolve(opening.result.close())
      }),
  )
  await expect(page.getByRole('alert').filter({ hasText: 'has taken over' })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByText('this page no longer has your data')).toBeVisible()
  await expect(page.getByLabel('Note', { exact: true })).toHaveValue('Written by an old page')
  const notes = await newer.evaluate(
    () =>
      new Promise((resolve) => {
        const opening = indexedDB.open('tectoria')
        opening.onsuccess = () => {
          const asking = opening.result.transaction('acts').objectStore('acts').getAll()
          asking.onsuccess = () =>
            resolve([
              opening.result.version,
              asking.result.filter(({ text }) => text?.startsWith('Written by')).length,
            ])
        }
      }),
  )
  expect(notes).toEqual([990, 0])
})

test('two tabs with one bottle open: each keeps what the other saved, a clash is told, undo takes back one’s own', async ({
  page,
  context,
}) => {
  await openDemo(page)
  const bottle = async (tab: Page) => {
    await openAt(tab, '/shelf')
    await tab.getByRole('button', { name: /^Harbour Teal/ }).click()
    return tab.getByRole('form', { name: 'Harbour Teal' })
  }
  const here = await bottle(page)
  const other = await context.newPage()
  const there = await bottle(other)
  await here.getByLabel('Code', { exact: true }).fill('HT-here')
  await there.getByLabel('Code', { exact: true }).fill('HT-there')
  await there.getByLabel('Maker', { exact: true }).fill('Osmund')
  await there.getByRole('button', { name: 'Save the bottle' }).click()
  await expect(there).toHaveCount(0)
  await expect(here.getByRole('alert')).toContainText('Code there: HT-there')
  await expect(here.getByLabel('Maker', { exact: true })).toHaveValue('Osmund')
  await here.getByRole('button', { name: 'Save the bottle' }).click()
  await expect(here).toHaveCount(0)
  const row = async () =>
    ((await exported(page)).shelf as { name: string; code?: string; maker?: string }[]).find(
      ({ name }) => name === 'Harbour Teal',
    )
  expect(await row()).toMatchObject({ code: 'HT-here', maker: 'Osmund' })
  // The other tab's change is built on: its undo takes the newest, and says whose it is.
  await other.keyboard.press('Control+z')
  await expect(other.getByText('(of another tab)').first()).toBeVisible()
  await expect.poll(async () => (await row())?.code).toBe('HT-there')
})

test('a file keeps up with what is logged, and waits for a word when there is much less', async ({
  page,
}) => {
  // Nobody can click a browser's own dialogue here: the file that is chosen lies in the browser's own folder.
  await page.addInitScript(() => {
    Object.assign(window, {
      showSaveFilePicker: async () =>
        (await navigator.storage.getDirectory()).getFileHandle('mine.json', { create: true }),
    })
  })
  const held = () =>
    page.evaluate(async () => {
      const folder = await navigator.storage.getDirectory()
      return (await (await folder.getFileHandle('mine.json')).getFile()).text()
    })
  await openDemo(page, '/settings')
  await page.getByRole('button', { name: 'Choose a file' }).click()
  const section = page.getByRole('region', { name: 'A file that keeps up' })
  await expect(section).toContainText('mine.json was written')
  expect(JSON.parse(await held()).builds.length).toBeGreaterThan(3)
  await goTo(page, 'Bench')
  await page.keyboard.press('n')
  await page.getByLabel('Note', { exact: true }).fill('Kept outside too')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Note', { exact: true })).toHaveCount(0)
  await expect.poll(held).toContain('Kept outside too')
  await goTo(page, 'Settings')
  await page.getByRole('button', { name: 'Wipe everything' }).click()
  await page.getByRole('button', { name: 'Wipe it' }).click()
  await expect(section.getByRole('alert')).toContainText('much less here')
  expect(await held()).toContain('Kept outside too')
  await section.getByRole('button', { name: 'Stop writing it' }).click()
  await expect(section.getByRole('button', { name: 'Choose a file' })).toBeVisible()
})

test.describe('away from home', () => {
  test.use({ timezoneId: 'America/New_York' })

  test('somebody is told whose clock the sessions go by, and can take them along', async ({
    page,
  }, info) => {
    const file = info.outputPath('home.json')
    const pattern = [{ day: 'tue', from: '19:00', to: '22:00' }]
    const sessions = { zone: 'Europe/Lisbon', pattern }
    writeFileSync(file, JSON.stringify({ format: 'tectoria-project', version: 1, sessions }))
    await openAt(page, '/settings')
    await page.getByLabel('Import a file').setInputFiles(file)
    await page.getByRole('button', { name: 'Import it' }).click()
    const told = page.getByText('Your sessions go by the clock of Lisbon')
    await expect(told).toBeVisible()
    await page.reload()
    await page.getByRole('link', { name: 'Change that' }).click()
    await page.getByRole('button', { name: 'Go by the clock here' }).click()
    await page.getByRole('button', { name: 'Save these times' }).click()
    await expect(told).toHaveCount(0)
    expect((await exported(page)).sessions).toMatchObject({ pattern, zone: 'America/New_York' })
  })
})

/** All that works beside a page. */
async function eachWorker(page: Page, act: (worker: Worker) => Promise<unknown>) {
  await Promise.all(page.workers().map((worker) => act(worker).catch(() => undefined)))
}

for (const how of ['with an error', 'without a word'])
  test(`what works beside a page may end ${how}: acts are written all the same`, async ({
    page,
  }) => {
    await openDemo(page)
    await eachWorker(page, (worker) =>
      worker.evaluate((isTold) => {
        if (!isTold) self.close()
        else
          setTimeout(() => {
            throw new Error('It broke')
          })
      }, how === 'with an error'),
    )
    for (const text of ['After it', 'And again']) {
      await page.keyboard.press('n')
      await page.getByLabel('Note', { exact: true }).fill(text)
      await page.keyboard.press('Enter')
      await expect(page.getByLabel('Note', { exact: true })).toHaveCount(0)
    }
    const acts = (await exported(page)).acts as { text?: string }[]
    const said = acts.filter(({ text }) => ['After it', 'And again'].includes(text ?? ''))
    expect(said).toHaveLength(2)
  })

test('a page whose workers break again and again says that what it shows grows old', async ({
  page,
}) => {
  await openDemo(page)
  const breaks = (worker: Worker) =>
    worker
      .evaluate(() => {
        setTimeout(() => {
          throw new Error('It broke')
        })
      })
      .catch(() => undefined)
  // Each that is there, over and over: one that is only just begun may not hear it.
  const breaking = setInterval(() => page.workers().forEach(breaks), 300)
  try {
    await expect(page.getByText('failed again and again in this tab')).toBeVisible()
  } finally {
    clearInterval(breaking)
  }
  await expect(page.getByRole('button', { name: 'Save what it shows' })).toBeVisible()
  await page.getByRole('button', { name: 'Load it anew' }).click()
  await expect(page.locator('[data-bench-buttons]')).toBeVisible()
  await expect(page.getByText('failed again and again')).toHaveCount(0)
})

test('a full disk is told, what is typed stays, and it is written once there is room', async ({
  page,
}) => {
  await openDemo(page)
  // The browser's own limit can't be lowered from outside: its answer is what it would be.
  const full = (is: boolean) =>
    eachWorker(page, (worker) =>
      worker.evaluate((isFull) => {
        const { prototype } = IDBObjectStore
        const own = (prototype as { own?: { add: unknown; put: unknown } }).own ?? {
          add: prototype.add,
          put: prototype.put,
        }
        const refuse = () => {
          throw new DOMException('The quota is used up', 'QuotaExceededError')
        }
        Object.assign(prototype, { own }, isFull ? { add: refuse, put: refuse } : own)
      }, is),
    )
  await full(true)
  await page.keyboard.press('n')
  await page.getByLabel('Note', { exact: true }).fill('Not on a full disk')
  await page.keyboard.press('Enter')
  await expect(page.getByText('this browser’s storage is full')).toBeVisible()
  await expect(page.getByLabel('Note', { exact: true })).toHaveValue('Not on a full disk')
  await full(false)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByLabel('Note', { exact: true })).toHaveCount(0)
  expect((await exported(page)).acts).toContainEqual(
    expect.objectContaining({ text: 'Not on a full disk' }),
  )
})

test('a page waits for an older one that holds on to the data, and says which', async ({
  page,
  context,
}) => {
  const older = await context.newPage()
  await older.goto('/rescue')
  await database(older, 10)
  await older.evaluate(() =>
    new Promise((resolve) => {
      const opening = indexedDB.open('tectoria')
      opening.onsuccess = () => resolve(Object.assign(window, { held: opening.result }))
    }).then(() => null),
  )
  await page.goto('/')
  await expect(page.getByText('An older Tectoria in another tab')).toBeVisible()
  await older.close()
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible()
})

test('data that is cleared while a page is open can be saved from what it shows', async ({
  page,
  context,
}) => {
  await openDemo(page)
  const other = await context.newPage()
  await other.goto('/rescue')
  await other.evaluate(
    () =>
      new Promise((resolve) => {
        indexedDB.deleteDatabase('tectoria').onsuccess = () => resolve(null)
      }),
  )
  await expect(
    page.getByRole('alert').filter({ hasText: 'taken out of this browser' }),
  ).toBeVisible()
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save what it shows' }).click()
  const saved = JSON.parse(readFileSync(await (await saving).path(), 'utf8'))
  expect(saved.builds.length).toBeGreaterThan(3)
  await page.getByRole('button', { name: 'Load it anew' }).click()
  await expect(page.getByRole('button', { name: 'Look at the demo bench' })).toBeVisible()
})

test('a page that is older than the database says so and writes nothing', async ({ page }) => {
  await page.goto('/rescue')
  await database(page, 990)
  await page.goto('/')
  await expect(page.getByRole('main').getByRole('alert')).toContainText(
    'written by a newer Tectoria',
  )
  await page.getByRole('link', { name: 'Go to the rescue page' }).click()
  await expect(page.getByRole('row', { name: /^builds 1/ })).toBeVisible()
  const rows = await page.evaluate(
    () =>
      new Promise((resolve) => {
        const opening = indexedDB.open('tectoria')
        opening.onsuccess = () => {
          const { version, objectStoreNames } = opening.result
          opening.result.close()
          resolve([version, objectStoreNames.contains('photos')])
        }
      }),
  )
  expect(rows).toEqual([990, false])
})
