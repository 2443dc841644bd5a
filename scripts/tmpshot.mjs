import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'
import { startServer } from './server.mjs'
const [path, out, theme, w, h, wait, click] = process.argv.slice(2)
const server = await startServer({ demo: true })
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
const context = await browser.newContext({ viewport: { width: Number(w ?? 1280), height: Number(h ?? 800) }, timezoneId: 'Europe/Lisbon', locale: 'en-GB', colorScheme: theme ?? 'light' })
const page = await context.newPage()
page.on('console', (m) => ['error','warning'].includes(m.type()) && console.log(m.type(), m.text().slice(0, 400)))
page.on('pageerror', (e) => console.log('pageerror', e.message, e.stack?.slice(0, 600)))
await page.clock.setFixedTime(new Date('2026-03-17T18:25:00Z'))
await page.goto((server.url ?? server) + path)
await page.waitForTimeout(Number(wait ?? 4000))
if (click) for (const c of click.split('||')) { await page.locator(c).first().click(); await page.waitForTimeout(2500) }
await page.screenshot({ path: out })
await browser.close(); server.stop?.(); process.exit(0)
