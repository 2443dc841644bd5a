// How much script a page brings before anything is asked of it.
import { gzipSync } from 'node:zlib'
import { expect, test } from '@playwright/test'

/** kB of script, packed, that a page brings: what an act or a tab needs is loaded with it. Wanted are 200 for the bench, 230 elsewhere. */
const MOST: Record<string, number> = {
  '/': 370,
  '/plan': 405,
  '/tonight': 350,
  '/builds': 405,
  '/builds/-': 500,
  '/panel': 390,
  '/log': 350,
  '/faults': 350,
  '/pictures': 400,
  '/tests': 380,
  '/compare': 380,
  '/shelf': 405,
  '/mix': 380,
  '/colour': 400,
  '/handbook': 335,
  '/library': 355,
  '/explain': 340,
  '/room': 360,
  '/settings': 360,
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
