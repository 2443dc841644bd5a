import { writeFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, exported, goTo, openDemo, test } from './support'

test('export, wipe, import: identical', async ({ page }, info) => {
  await openDemo(page)
  const before = await exported(page)
  await page.getByRole('button', { name: 'Wipe everything' }).click()
  await page.getByRole('button', { name: 'Wipe it' }).click()
  await expect(page.getByText('Wiped everything')).toBeVisible()
  expect((await exported(page)).builds).toEqual([])

  const file = info.outputPath('bench.json')
  writeFileSync(file, JSON.stringify({ ...before, mine: { kept: true } }))
  await page.getByLabel('Import a file').setInputFiles(file)
  await expect(page.getByRole('row', { name: /builds 4 0 0/ })).toBeVisible()
  await page.getByRole('button', { name: 'Import it' }).click()
  await expect(page.getByText('Imported')).toBeVisible()
  expect(await exported(page)).toEqual({ ...before, mine: { kept: true } })
})

const BAD = [
  { why: 'damaged', text: '{"format": "tectoria-project", "ver', says: 'expected JSON' },
  {
    why: 'foreign',
    text: '{"format": "something-else", "version": 1}',
    says: 'expected tectoria-project',
  },
  {
    why: 'newer',
    text: '{"format": "tectoria-project", "version": 9}',
    says: 'made by a newer Tectoria',
  },
  {
    why: 'wrong inside',
    text: '{"format": "tectoria-project", "version": 1, "shelf": [{"id": "a", "name": "A", "family": "glue", "role": "colour", "sizeMl": 5, "leftMl": 5}]}',
    says: 'shelf[0].family: found "glue"',
  },
]

for (const { why, text, says } of BAD)
  test(`a ${why} file is refused and nothing changes`, async ({ page }, info) => {
    await openDemo(page)
    const before = await exported(page)
    const file = info.outputPath('bad.json')
    writeFileSync(file, text)
    await page.getByLabel('Import a file').setInputFiles(file)
    const refusal = page.getByText('was not imported, and nothing has changed').locator('..')
    await expect(refusal).toContainText(says)
    expect(await exported(page)).toEqual(before)
  })

test('a clash is asked about before anything is replaced', async ({ page }, info) => {
  await openDemo(page)
  const before = await exported(page)
  const file = info.outputPath('clash.json')
  const builds = (before.builds as { id: string; name: string }[]).map((build) =>
    build.id === 'ploughman-6' ? { ...build, name: 'Ploughman 7' } : build,
  )
  writeFileSync(file, JSON.stringify({ ...before, builds }))
  await page.getByLabel('Import a file').setInputFiles(file)
  await expect(page.getByText('These differ from what is here: Ploughman 7')).toBeVisible()
  await page.getByRole('button', { name: 'Cancel' }).click()
  expect(await exported(page)).toEqual(before)
})

test('a saved mix and a bottle are found again; nonsense is refused with the range', async ({
  page,
}) => {
  await openDemo(page, '/mix')
  await page.getByLabel('Volume (ml)').fill('-3')
  await expect(page.getByText('Enter a number from 0.01 to 10000 ml').first()).toBeVisible()
  await page.getByLabel('Volume (ml)').fill('6')
  await page.getByLabel('Paint', { exact: true }).selectOption('ferrowick-bone-white')
  await expect(page.getByText('Bone White 5 : thinner 1')).toBeVisible()
  await page.getByLabel('Save it for touch-ups as').fill('Hull bone')
  await page.getByRole('button', { name: 'Save the mix' }).click()
  await expect(
    page.getByRole('region', { name: 'Saved mixes' }).getByText('Hull bone'),
  ).toBeVisible()

  await goTo(page, 'Shelf')
  await page.getByRole('button', { name: 'Add a bottle' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Gull Grey')
  await page.getByLabel('Left in it').fill('9000')
  await page.getByRole('button', { name: 'Add to the shelf' }).click()
  await expect(page.getByText('Enter a number from 0 to 5000 ml, not 9000')).toBeVisible()
  await page.getByLabel('Left in it').fill('12')
  await page.getByRole('button', { name: 'Add to the shelf' }).click()
  await expect(page.getByRole('button', { name: /Gull Grey/ })).toBeVisible()
})

/** Writes rows as nothing but a fault of the disk or of an older version would. */
function damage(page: Page, rows: Record<string, object>): Promise<void> {
  return page.evaluate(
    (damaged) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('tectoria')
        opening.onerror = () => reject(opening.error)
        opening.onsuccess = () => {
          const writing = opening.result.transaction(Object.keys(damaged), 'readwrite')
          for (const [table, row] of Object.entries(damaged)) writing.objectStore(table).put(row)
          writing.oncomplete = () => {
            opening.result.close()
            resolve()
          }
          writing.onerror = () => reject(writing.error)
        }
      }),
    rows,
  )
}

test('damaged entries in every list lie apart: told, exported, mended, thrown away', async ({
  page,
}) => {
  await openDemo(page)
  const before = await exported(page)
  const half = { id: 'half', name: 'Half \ud83c', family: 'enamel', role: 'colour' }
  const nonsense = { id: 'nonsense', name: 12 }
  const tables = ['builds', 'mixes', 'acts', 'climate', 'corrections', 'pins', 'timers', 'tools']
  await damage(page, {
    ...Object.fromEntries(tables.map((table) => [table, nonsense])),
    techniques: nonsense,
    shelf: { ...half, sizeMl: 17, leftMl: 9 },
  })
  await page.reload()
  const alert = page.getByRole('alert').filter({ hasText: '10 entries of your data' })
  await expect(alert).toBeVisible()
  expect(await exported(page)).toEqual(before)

  const apart = page.getByRole('region', { name: 'Entries that can’t be read' })
  const entry = (name: string | RegExp) =>
    apart.getByRole('listitem').filter({ has: page.getByText(name, { exact: true }) })
  await expect(entry('Tool: nonsense')).toContainText('name: found 12, expected')
  await entry(/^Bottle: Half/)
    .getByRole('button', { name: 'Mend it', exact: true })
    .click()
  await expect(page.getByText('Mended: shelf half')).toBeVisible()
  await entry('Log entry: nonsense').getByRole('button', { name: 'Mend it by hand' }).click()
  const text = page.getByLabel('Log entry: nonsense, as it is stored')
  await text.fill('{"id": "nonsense", "kind": "noted"}')
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(page.getByText(/It can’t be read yet: at, found/)).toBeVisible()
  await text.fill(
    '{"id": "nonsense", "at": "2026-03-01T10:00:00Z", "kind": "noted", "text": "By hand"}',
  )
  await page.getByRole('button', { name: 'Put it back' }).click()
  for (const id of ['Tool: nonsense', 'A step kept in its evening: nonsense']) {
    await entry(id).getByRole('button', { name: 'Delete it' }).click()
    await entry(id).getByRole('button', { name: 'Delete it for good' }).click()
  }
  await expect(page.getByRole('alert').filter({ hasText: '6 entries' })).toBeVisible()
  await goTo(page, 'Log')
  await page.getByLabel('Find in the log').fill('by hand')
  await expect(page.getByText('By hand', { exact: true })).toBeVisible()
  await goTo(page, 'Shelf')
  await expect(page.getByText('Half \ufffd', { exact: true })).toBeVisible()
})
