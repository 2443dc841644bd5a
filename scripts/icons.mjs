// Draws public/icons/*.png from src/app/icon.svg, for where the application is installed. Run again when the icon changes.
import { mkdirSync, readFileSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'

/** A masked icon is cut round: what is drawn stays within four fifths of it. */
const ICONS = [
  { name: 'icon-192', size: 192, drawn: 1 },
  { name: 'icon-512', size: 512, drawn: 1 },
  { name: 'icon-maskable-512', size: 512, drawn: 0.7 },
]

const svg = readFileSync('src/app/icon.svg', 'utf8')
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
try {
  const page = await browser.newPage()
  mkdirSync('public/icons', { recursive: true })
  for (const { name, size, drawn } of ICONS) {
    await page.setViewportSize({ width: size, height: size })
    const side = size * drawn
    await page.setContent(
      `<body style="margin:0;background:#222;display:grid;place-items:center;height:100vh"><div style="width:${side}px;height:${side}px">${svg}</div></body>`,
    )
    await page.screenshot({ path: `public/icons/${name}.png` })
  }
} finally {
  await browser.close()
}
