// What goes wrong while notes are written, and how the round ends.

/** A browser's disk is full for so long, ms. */
const FULL = 2500

/**
 * The ways, by name: what they are called in the report, and what is done in a round.
 *
 * `before`, where there is one, comes before the application is opened.
 *
 * @param at the browser, `page` the tab that writes
 * @param write begins writing notes in a tab, under a name of its own
 * @param wait until a note was said to be kept, and then until something goes wrong
 */
export const WAYS = {
  kill: {
    said: 'kills',
    run: async ({ at, wait }) => {
      await wait()
      await at.kill()
    },
  },
  cut: {
    said: 'power cuts',
    run: async ({ at, wait, beforeCut }) => {
      await wait()
      await beforeCut()
      await at.cut()
    },
  },
  tabs: {
    said: 'kills of two tabs that write at once',
    run: async ({ at, url, write, wait }) => {
      const other = await at.page.context().newPage()
      await opened(other, url)
      write(other, 'b')
      await wait()
      await at.kill()
    },
  },
  full: {
    said: 'full disks',
    // Before anything is open: what is left is only asked for every half minute while it is.
    before: ({ at, url }) => quotaOf(at, url, 1),
    run: async ({ at, url, wait, pause }) => {
      await pause(FULL)
      await quotaOf(at, url)
      await wait()
      await at.kill()
    },
  },
  workers: {
    said: 'kills after workers that failed',
    run: async ({ at, wait }) => {
      await wait()
      // Some with an error that is told, some without a word.
      for (const [i, worker] of at.page.workers().entries())
        await worker
          .evaluate(
            (dies) => {
              if (dies) self.close()
              else
                setTimeout(() => {
                  throw new Error('torture')
                })
            },
            i % 2 === 0,
          )
          .catch(() => {})
      await wait()
      await at.kill()
    },
  },
}

/** How much the application may keep, bytes; left out: as much as there is. */
async function quotaOf(at, url, quotaSize) {
  at.disk ??= await at.page.context().newCDPSession(at.page)
  const { origin } = new URL(url)
  await at.disk.send('Storage.overrideQuotaForOrigin', { origin, quotaSize })
}

/** Opens the bench in a tab. */
export async function opened(page, url) {
  await page.goto(url)
  await page.getByRole('navigation', { name: 'Places' }).waitFor()
  await page.getByRole('heading', { level: 1 }).first().waitFor()
}
