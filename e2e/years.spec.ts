// Years of work: what makes their load quick changes nothing of what is there.
import type { Page } from '@playwright/test'
import { BUILD } from '../src/store/tests/stores'
import { expect, goTo, openAt, test } from './support'

/** Notes enough for a text that is worth keeping. */
const NOTES = Array.from({ length: 3000 }, (_, i) => ({
  id: `n${i}`,
  at: new Date(Date.UTC(2024, 0, 1 + (i % 700), 18, i % 60)).toISOString(),
  kind: 'noted',
  text: `Number ${i}: ${'dry '.repeat(80)}`,
}))

/** The write that the kept text is up to; with `lose` that row of the log is taken away meanwhile, past the application. */
function keptAt(page: Page, lose?: string): Promise<number | null> {
  return page.evaluate(
    (lose) =>
      new Promise<number | null>((resolve) => {
        const opening = indexedDB.open('tectoria')
        opening.onsuccess = () => {
          const db = opening.result
          const asking = db.transaction(['kept', 'acts'], 'readwrite')
          const kept = asking.objectStore('kept').get('bench')
          if (lose) asking.objectStore('acts').delete(lose)
          asking.oncomplete = () => {
            db.close()
            resolve(kept.result?.value.seq ?? null)
          }
        }
      }),
    lose,
  )
}

test('years of work come back as they were kept, with what was logged since, until they are forgotten', async ({
  page,
}) => {
  await openAt(page, '/settings')
  const project = { format: 'tectoria-project', version: 1, builds: [BUILD], acts: NOTES }
  await page.getByLabel('Import a file').setInputFiles({
    name: 'years.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(project)),
  })
  await page.getByRole('button', { name: 'Import it' }).click()
  await expect(page.getByRole('status').getByText('Imported')).toBeVisible()
  await openAt(page, '/')
  await expect(page.getByRole('list', { name: 'Coat 1 of 2' })).toBeVisible()
  await expect.poll(() => keptAt(page)).not.toBeNull()
  const kept = await keptAt(page)

  await page.keyboard.press('d')
  await expect(page.getByRole('status').getByText(/coat 1 done/)).toBeVisible()
  await page.keyboard.press('n')
  await page.keyboard.type('Looks well')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').getByText('noted')).toBeVisible()
  // Read row by row, this one would be missing: it is the text that is read.
  expect(await keptAt(page, 'n7')).toBe(kept)
  await page.goto('/log')
  await expect(page.getByText('Looks well')).toBeVisible()
  await page.getByLabel('Find in the log').fill('Number 7:')
  await expect(page.getByText(/^Number 7: dry/)).toBeVisible()
  await page.goto('/')
  await expect(page.getByRole('list', { name: 'Coat 2 of 2' })).toBeVisible()

  await goTo(page, 'Settings')
  await page.getByRole('button', { name: 'Wipe everything' }).click()
  await page.getByRole('button', { name: 'Wipe it' }).click()
  await expect(page.getByText('Wiped everything')).toBeVisible()
  await page.getByRole('button', { name: 'Forget what can be undone' }).click()
  await expect(page.getByText('nothing can be undone any more')).toBeVisible()
  expect(await keptAt(page)).toBeNull()
})
