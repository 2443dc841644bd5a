// Makes the demo's pictures, public/demo/*.jpg: panels that our own engine paints, as a camera sees them, with noise, a cast of the
// room's light, a little tilt, and a grey card beside them. Run again when the engine paints otherwise.
import { mkdirSync, writeFileSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { panelAnswer } from '../src/core/formats/panelFile'
import { readPanel } from '../src/core/formats/panelRequest'
import { drawn } from '../src/core/surface/noise'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'

type Shot = {
  id: string
  panel: object
  steps: readonly object[]
  scale: number
  /** What the room's light does to red, green and blue. */
  cast: readonly [number, number, number]
  /** Degrees. */
  tilt: number
}

const GANNET = [
  { do: 'prime' },
  { do: 'base', family: 'alcohol-acrylic', colour: '#DAD5C4', coats: ['light', 'light', 'light'] },
  { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['light', 'wet'] },
  { do: 'line' },
  { do: 'line-clean' },
]
const DIGGER = [
  { do: 'prime' },
  { do: 'base', family: 'alcohol-acrylic', colour: '#5B6B3A', coats: ['light', 'light'] },
  { do: 'clear', family: 'acrylic-pu', sheen: 'satin' },
  { do: 'chip-sponge', colour: '#3A2A22', amount: 0.12 },
  { do: 'chip-brush', colour: '#6B3A22', amount: 0.1 },
  { do: 'rust-wash', amount: 0.2 },
]

const SHOTS: readonly Shot[] = [
  {
    id: 'demo-hull',
    panel: { layout: 'hull', seed: 3 },
    steps: GANNET,
    scale: 144,
    cast: [1, 0.92, 0.78],
    tilt: 1.2,
  },
  {
    id: 'demo-digger',
    panel: { layout: 'armour', seed: 8 },
    steps: [
      ...DIGGER,
      { do: 'streak', amount: 0.9 },
      { do: 'streak-drag' },
      { do: 'dust', amount: 0.4 },
    ],
    scale: 35,
    cast: [0.88, 0.95, 1],
    tilt: -2,
  },
  {
    id: 'demo-spoon-1',
    panel: { layout: 'armour', seed: 5 },
    steps: [...GANNET, { do: 'streak', amount: 0.2 }, { do: 'streak-drag' }],
    scale: 72,
    cast: [1, 0.97, 0.9],
    tilt: 0.5,
  },
  {
    id: 'demo-spoon-2',
    panel: { layout: 'armour', seed: 5 },
    steps: [...GANNET, { do: 'streak', amount: 1 }, { do: 'streak-drag' }],
    scale: 72,
    cast: [1, 0.97, 0.9],
    tilt: -0.4,
  },
  {
    id: 'demo-card',
    panel: { layout: 'hull', seed: 4 },
    steps: [
      { do: 'base', family: 'lacquer', colour: '#141415', coats: ['wet', 'wet'] },
      { do: 'base', family: 'alcohol-acrylic', colour: '#B98A2F', coats: ['light'], hiding: 3.5 },
    ],
    scale: 144,
    cast: [1, 0.94, 0.84],
    tilt: 0.6,
  },
  {
    id: 'demo-tide',
    panel: { layout: 'fender', seed: 2 },
    steps: DIGGER,
    scale: 35,
    cast: [1, 0.93, 0.82],
    tilt: 0.8,
  },
]

const NOISE = 5
/** The card: a neutral that is as light as a grey card, in sRGB. */
const CARD = 119

/** A picture as a camera sees it: 8-bit RGBA. */
function photographed({ panel, steps, scale, cast, tilt }: Shot) {
  const read = readPanel({
    format: 'tectoria-panel',
    version: 1,
    panel,
    sequence: {
      format: 'tectoria-sequence',
      version: 1,
      substrate: 'polystyrene',
      waits: 'auto',
      scale,
      steps,
    },
  })
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  const answered = panelAnswer(read.value, true)
  if (!answered.ok || !answered.value.picture) throw new Error('no picture')
  const { width, height, data } = answered.value.picture
  const [sin, cos] = [Math.sin((tilt * Math.PI) / 180), Math.cos((tilt * Math.PI) / 180)]
  const random = drawn(width + steps.length)
  const out = new Uint8ClampedArray(width * height * 4)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = [x - width / 2, y - height / 2]
      const from = (of: number, most: number) => Math.min(most - 1, Math.max(0, Math.round(of)))
      const sx = from(cos * u - sin * v + width / 2, width)
      const sy = from(sin * u + cos * v + height / 2, height)
      const isCard = x > width - 120 && y > height - 90
      for (let c = 0; c < 3; c++) {
        const own = isCard ? CARD : (data[(sy * width + sx) * 3 + c] as number)
        const light = ((own / 255) ** 2.2 * (cast[c] as number)) ** (1 / 2.2) * 255
        out[(y * width + x) * 4 + c] = light + (random() + random() - 1) * NOISE
      }
      out[(y * width + x) * 4 + 3] = 255
    }
  return { width, height, out }
}

const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
try {
  const page = await browser.newPage()
  mkdirSync('public/demo', { recursive: true })
  for (const shot of SHOTS) {
    const { width, height, out } = photographed(shot)
    const files = await page.evaluate(
      async ([pixels, w, h]) => {
        const bytes = Uint8ClampedArray.from(atob(pixels), (one) => one.charCodeAt(0))
        const bitmap = await createImageBitmap(new ImageData(bytes, w, h))
        const made: string[] = []
        for (const long of [w, 512]) {
          const canvas = new OffscreenCanvas(long, Math.round((h * long) / w))
          canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
          const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.8 })
          let text = ''
          for (const byte of new Uint8Array(await blob.arrayBuffer()))
            text += String.fromCharCode(byte)
          made.push(btoa(text))
        }
        return made
      },
      [Buffer.from(out).toString('base64'), width, height] as const,
    )
    for (const [i, size] of ['', '-small'].entries())
      writeFileSync(`public/demo/${shot.id}${size}.jpg`, Buffer.from(files[i] as string, 'base64'))
    console.log(shot.id, width, height)
  }
} finally {
  await browser.close()
}
