import { isBareJpeg } from './bareJpeg'
import { refusedPicture } from './pictureFile'
import { sizeWithin } from './sizeWithin'

/** The beginning of a PNG of a size: its mark, and its first chunk. */
function png(width: number, height: number): Uint8Array {
  const bytes = new Uint8Array(64)
  bytes.set([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52])
  const view = new DataView(bytes.buffer)
  view.setUint32(16, width)
  view.setUint32(20, height)
  return bytes
}

test.each<[string, Uint8Array, number | null, RegExp | null]>([
  ['a picture', png(40, 30), null, null],
  ['a text', new TextEncoder().encode('no picture at all, whatever its name'), null, /no picture/],
  ['nothing', new Uint8Array(0), null, /no picture/],
  [
    'a drawing with scripts',
    new TextEncoder().encode('<svg width="9" height="9"></svg>'),
    null,
    /no picture/,
  ],
  ['a file of 70 MB', png(40, 30), 70_000_000, /70 MB: at most 60/],
  [
    'a small file of a billion pixels',
    png(40_000, 40_000),
    null,
    /1600 million pixels: at most 120/,
  ],
  ['a picture without width', png(0, 30), null, /empty|no picture/],
])('%s', (_, head, bytes, refused) => {
  const told = refusedPicture('hull.png', head, bytes ?? head.length)
  if (refused) expect(told).toMatch(refused)
  else expect(told).toBeNull()
})

test.each([
  [{ width: 4000, height: 3000 }, 512, { width: 512, height: 384 }],
  [{ width: 300, height: 400 }, 512, { width: 300, height: 400 }],
  [{ width: 10_000, height: 1 }, 512, { width: 512, height: 1 }],
])('%j within %d', (size, side, within) => {
  expect(sizeWithin(size, side)).toEqual(within)
})

const segment = (kind: number, ...body: number[]) => [0xff, kind, 0, body.length + 2, ...body]
const jpeg = (...segments: number[][]) => Uint8Array.from([0xff, 0xd8, ...segments.flat()])
const SCAN = [0xff, 0xda, 0, 4, 0, 0, 7, 7]

test.each<[string, Uint8Array, boolean]>([
  ['nothing but the picture', jpeg(segment(0xe0, 1, 2), segment(0xdb, 3), SCAN), true],
  ['a colour profile', jpeg(segment(0xe0), segment(0xe2, 9, 9), SCAN), true],
  ['what the camera says', jpeg(segment(0xe0), segment(0xe1, 1, 2, 3), SCAN), false],
  ['a remark', jpeg(segment(0xfe, 65, 66), SCAN), false],
  ['cut off before it is drawn', jpeg(segment(0xe0, 1)), false],
  ['a broken segment', jpeg([0, 1, 2, 3, 4], SCAN), false],
  ['another kind of file', png(2, 2), false],
])('a JPEG with %s', (_, bytes, bare) => {
  expect(isBareJpeg(bytes)).toBe(bare)
})
