// How much script a page brings before anything is asked of it.
import { gzipSync } from 'node:zlib'
import { expect, test } from '@playwright/test'

/** kB of script, packed, that a page brings: what an act or a tab needs is loaded with it. Wanted are 200 for the bench, 230 elsewhere. */
const MOST: Record<string, number> = {
  '/': 340,
  '/plan': 378,
  '/tonight': 322,
  '/builds': 376,
  '/builds/-': 485,
  '/panel': 371,
  '/log': 324,
  '/faults': 334,
  '/pictures': 370,
  '/tests': 351,
  '/compare': 352,
  '/shelf': 377,
  '/mix': 351,
  '/colour': 373,
  '/handbook': 306,
  '/library': 338,
  '/explain': 313,
  '/room': 331,
  '/settings': 331,
}

test('no page brings more script than it may', async ({ request }) => {
  const sizes = new Map<string, number>()
  for (const [path, most] of Object.entries(MOST)) {
    const html = await (await request.get(path)).text()
    const tags = [...html.matchAll(/<script[^>]+src="([^"]+)"[^>]*>/g)]
    // Older browsers alone load what is marked so.
    const files = tags.filter(([tag]) => !/nomodule/i.test(tag)).map(([, src]) => src as string)
    let kB = 0
    for (const file of new Set(files)) {
      if (!sizes.has(file))
        sizes.set(file, gzipSync(await (await request.get(file)).body()).length / 1000)
      kB += sizes.get(file) ?? 0
    }
    expect(kB, path).toBeGreaterThan(50)
    expect(Math.round(kB), path).toBeLessThanOrEqual(most)
  }
})
