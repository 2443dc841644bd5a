// How much script a page brings before anything is asked of it.
import { gzipSync } from 'node:zlib'
import { expect, test } from '@playwright/test'

/** kB of script, packed, that a page brings: what an act or a tab needs is loaded with it. Wanted are 200 for the bench, 230 elsewhere. */
const MOST: Record<string, number> = {
  '/': 300,
  '/plan': 341,
  '/tonight': 283,
  '/builds': 330,
  '/builds/-': 468,
  '/panel': 358,
  '/log': 285,
  '/faults': 299,
  '/pictures': 350,
  '/tests': 331,
  '/compare': 333,
  '/shelf': 336,
  '/mix': 305,
  '/colour': 332,
  '/handbook': 267,
  '/library': 298,
  '/explain': 273,
  '/room': 285,
  '/settings': 316,
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
