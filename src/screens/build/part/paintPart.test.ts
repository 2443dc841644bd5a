import { BESIDE } from '@/core/shape/pictured'
import { BARE, paint, type ZoneLook } from './paintPart'

/** What is put on a canvas of so many px: its colours, and where lines are drawn over them. */
function painted(zones: number[][], looks: readonly ZoneLook[], lights: number, chosen: number) {
  const [width, height] = [zones[0]?.length ?? 0, zones.length]
  const data = new Uint8ClampedArray(width * height * 4)
  const lines: string[] = []
  const context = {
    canvas: null,
    createImageData: () => ({ data }),
    putImageData: () => undefined,
    fillRect: (...at: number[]) => lines.push(`${at} ${context.fillStyle}`),
    globalAlpha: 1,
    fillStyle: '',
  }
  globalThis.getComputedStyle = (() => ({
    getPropertyValue: (name: string) => name,
  })) as unknown as typeof getComputedStyle
  const size = { width, height, zone: Int16Array.from(zones.flat()) }
  const light = new Float32Array(width * height).fill(lights)
  paint(context as never, { ...size, light } as never, looks, lights < 1, chosen)
  const px = (i: number) => [...data.slice(i * 4, i * 4 + 4)]
  return { px, lines }
}

const RED: ZoneLook = { colour: '#C80000', sheen: 'matt' }
const GLOSS: ZoneLook = { colour: '#000064', sheen: 'gloss' }

test('flat, each zone has its colour, what nothing is said of is bare, and beside the part is nothing', () => {
  const { px } = painted([[0, 1, 5, BESIDE]], [RED, GLOSS], 1, -1)
  const bare = Number.parseInt(BARE.colour.slice(1, 3), 16)
  expect([0, 1, 2, 3].map(px)).toEqual([
    [200, 0, 0, 255],
    [0, 0, 100, 255],
    [bare, bare, bare, 255],
    [0, 0, 0, 0],
  ])
})

test('in light a face is darker the less falls on it, and gloss gleams where much does', () => {
  expect(painted([[0]], [RED], 0.5, -1).px(0)).toEqual([100, 0, 0, 255])
  const [red, , blue] = painted([[1]], [RED, GLOSS], 0.98, -1).px(0) as [number, number, number]
  expect(red).toBeGreaterThan(40)
  expect(blue).toBeGreaterThan(98)
})

test('a line lies where zones meet, thick round the chosen one', () => {
  const zones = [
    [0, 0, 1],
    [0, 0, 1],
    [2, 2, 2],
  ]
  const looks = [RED, GLOSS, RED]
  expect(painted(zones, looks, 1, -1).lines).toEqual([
    '1,0,1,1 --ink',
    '0,1,1,1 --ink',
    '1,1,1,1 --ink',
  ])
  expect(painted(zones, looks, 1, 1).lines).toEqual([
    '0,-1,4,4 --act',
    '0,1,1,1 --ink',
    '0,0,4,4 --act',
  ])
})
