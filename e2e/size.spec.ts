// How much script a page brings before anything is asked of it.
import { gzipSync } from 'node:zlib'
import { expect, test } from '@playwright/test'

/** kB of script, packed, that a page brings: what an act or a tab needs is loaded with it. Wanted are 200 for the session card, 230 elsewhere. */
const MOST: Record<string, number> = {
  '/': 211,
  '/plan': 210,
  '/tonight': 200,
  '/builds': 201,
  '/builds/-': 194,
  '/panel': 228,
  '/log': 193,
  '/faults': 205,
  '/pictures': 224,
  '/tests': 211,
  '/compare': 209,
  '/shelf': 219,
  '/mix': 211,
  '/colour': 217,
  '/handbook': 179,
  '/library': 211,
  '/explain': 189,
  '/room': 226,
  '/settings': 204,
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
