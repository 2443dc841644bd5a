import { CacheFirst, type PrecacheEntry, Serwist } from 'serwist'
import { documentOf } from './documents'

declare const self: ServiceWorkerGlobalScope
/** All files of this build, put in when it is bundled: scripts/serviceWorker.mjs. */
declare const FILES: PrecacheEntry[]

const ZONES = 'tectoria-zones'

/**
 * A worker reads what it is to do from its own address. A stored answer would give it the address that it was stored under: one without
 * an address of its own leaves it the one that was asked for.
 */
async function unnamed({
  event,
  cachedResponse,
}: {
  event: ExtendableEvent
  cachedResponse?: Response | undefined
}): Promise<Response | undefined> {
  // What is looked for in the store is a request of its own: only the event knows what it is for.
  const isWorker = event instanceof FetchEvent && WORKERS.includes(event.request.destination)
  if (!cachedResponse || !isWorker) return cachedResponse
  const { status, headers } = cachedResponse
  return new Response(cachedResponse.body, { status, headers })
}

const WORKERS: readonly string[] = ['worker', 'sharedworker']

/**
 * Keeps one build whole: its pages, scripts, fonts and workers come from what was stored when it was installed, never from a newer
 * server. A newer one waits until it is asked for.
 */
const serwist = new Serwist({
  precacheEntries: FILES,
  precacheOptions: {
    cleanupOutdatedCaches: true,
    concurrency: 4,
    directoryIndex: '',
    cleanURLs: false,
    ignoreURLParametersMatching: [],
    plugins: [{ cachedResponseWillBeUsed: unnamed }],
  },
  skipWaiting: false,
  clientsClaim: true,
  disableDevLogs: true,
})

serwist.registerCapture(
  ({ request }) => request.mode === 'navigate',
  async ({ request, url }) => {
    const stored = await serwist.matchPrecache(documentOf(url.pathname))
    return stored ?? fetch(request)
  },
)

// The rules of a zone are asked of the server once, and don't change with a build.
serwist.registerCapture(
  ({ sameOrigin, url }) => sameOrigin && url.pathname === '/api/zone',
  new CacheFirst({ cacheName: ZONES }),
)

serwist.addEventListeners()

// A calendar file wants the rules of the zone that one is in: a worker without them is none the worse.
self.addEventListener('install', (event) => {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions()
  const rules = `/api/zone?${new URLSearchParams({ zone: timeZone })}`
  event.waitUntil(
    caches
      .open(ZONES)
      .then((cache) => cache.add(rules))
      .catch(() => {}),
  )
})

// A reminder leads back to the page that it came from, or opens one.
self.addEventListener('notificationclick', (event) => {
  event.notification.close()
  event.waitUntil(
    self.clients
      .matchAll({ type: 'window' })
      .then(([open]) => (open ? open.focus() : self.clients.openWindow('/'))),
  )
})
