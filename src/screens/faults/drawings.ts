import type { FaultId } from '@/core/knowledge'

/** A drawing of a face with a fault, 64 wide and 44 high: lines, dark and light areas, each an SVG path. */
export type Drawing = { line?: string; dark?: string; light?: string }

/** Numbers from 0 to 1, the same for the same seed. */
function drawn(seed: number): () => number {
  let at = seed * 7919
  return () => {
    at = (at * 48_271 + 11) % 2_147_483_647
    return at / 2_147_483_647
  }
}

const at = (x: number, y: number) => `${x.toFixed(1)} ${y.toFixed(1)}`
const dot = (x: number, y: number, r: number) =>
  `M${at(x - r, y)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`

/** Dots thrown into a box. */
function dots(
  seed: number,
  many: number,
  least: number,
  most: number,
  box = [4, 4, 56, 36],
): string {
  const random = drawn(seed)
  const [x = 0, y = 0, w = 0, h = 0] = box
  return Array.from({ length: many }, () =>
    dot(x + random() * w, y + random() * h, least + random() * (most - least)),
  ).join('')
}

/** A crooked way through points. */
const way = (...points: [number, number][]) => `M${points.map(([x, y]) => at(x, y)).join('L')}`

/** Waves from left to right, one under the other. */
function waves(rows: number, high: number, from = 8, to = 38): string {
  return Array.from({ length: rows }, (_, i) => {
    const y = from + ((to - from) * i) / Math.max(1, rows - 1)
    const humps = Array.from({ length: 7 }, () => `q4 ${-high} 8 0`).join('')
    return `M4 ${y.toFixed(1)}${humps}`
  }).join('')
}

/** Rays from a point. */
function rays(x: number, y: number, many: number, long: number, seed: number): string {
  const random = drawn(seed)
  return Array.from({ length: many }, (_, i) => {
    const turn = (2 * Math.PI * i) / many + random() * 0.4
    const far = long * (0.5 + random() * 0.5)
    return `M${at(x, y)}q${at(Math.cos(turn) * far * 0.5 + 2, Math.sin(turn) * far * 0.5 - 2)} ${at(Math.cos(turn) * far, Math.sin(turn) * far)}`
  }).join('')
}

/** A ragged patch about a middle. */
function patch(x: number, y: number, r: number, seed: number): string {
  const random = drawn(seed)
  const many = 11
  const points = Array.from({ length: many }, (_, i) => {
    const far = r * (0.6 + random() * 0.6)
    const turn = (2 * Math.PI * i) / many
    return at(x + Math.cos(turn) * far, y + Math.sin(turn) * far * 0.8)
  })
  return `M${points.join('L')}Z`
}

const CROSS = 'M32 3V41M3 22H61'
const SHEET = 'M14 10H50V34H14Z'

/** What each fault looks like, drawn by us. */
export const DRAWINGS: Record<FaultId, Drawing> = {
  'white-frost': { light: `${patch(30, 22, 19, 3)}${dots(5, 40, 0.5, 1.1)}`, line: CROSS },
  wrinkles: { line: `${waves(9, 3)}${waves(8, -4, 10, 36)}` },
  'lifts-with-tape': {
    dark: patch(24, 26, 11, 4),
    light: 'M38 2L60 24L54 32L30 8Z',
    line: 'M30 8L54 32',
  },
  'colour-wiped': {
    light: 'M4 30Q30 4 60 12L60 22Q34 16 8 40Z',
    line: 'M4 22H20M50 22H61M32 3V10M32 32V41',
  },
  'wash-wont-run': { line: CROSS, dark: `${dot(32, 22, 5)}${dot(24, 21, 2)}${dot(33, 30, 2.4)}` },
  'wash-wont-clean': { line: CROSS, dark: `${patch(26, 26, 12, 6)}${patch(44, 14, 7, 9)}` },
  'wash-left-lines': {
    line: 'M32 3V8M32 14V17M32 36V41M3 22H9M16 22H19M52 22H61',
    light: 'M31 17H33V36H31ZM19 21H52V23H19Z',
  },
  'tide-marks': {
    line: `${dot(26, 22, 13)}${dot(26, 22, 11.6)}${dot(46, 28, 8)}${dot(46, 28, 7)}`,
  },
  'drawn-lines': { dark: 'M30 2H34.5V42H30ZM2 20H62V24.5H2ZM12 2H15V20H12ZM48 24H51V42H48Z' },
  'orange-peel': { line: dots(11, 46, 2, 3.4) },
  'dusty-spray': { dark: dots(13, 120, 0.35, 0.9) },
  runs: {
    dark: 'M4 4H60V10Q56 12 54 10V24Q52 28 50 24V10Q46 13 42 10Q38 12 36 10V34Q34 39 32 34V10Q24 13 18 10V20Q16 24 14 20V10Q8 12 4 10Z',
  },
  'spider-lines': { line: rays(32, 22, 13, 22, 2), dark: dot(32, 22, 3.6) },
  'tip-dry': {
    line: 'M2 18H20L30 22L20 26H2',
    dark: `${dot(31, 22, 1.8)}${dots(17, 12, 0.8, 2.2, [38, 8, 22, 28])}`,
  },
  'fish-eyes': { line: `${dots(19, 9, 3, 5)}`, light: dots(19, 9, 2, 3) },
  silvering: { line: SHEET, light: dots(23, 22, 1, 2.6, [16, 12, 32, 20]) },
  'decal-wrinkled': {
    line: `${SHEET}M16 14L24 18L20 26L30 22L28 32M36 12L34 20L46 18L40 28L48 32`,
  },
  bubbles: {
    line: `${dot(20, 16, 6)}${dot(42, 26, 8)}${dot(28, 34, 3.4)}`,
    light: `${dot(18, 14, 1.6)}${dot(39, 23, 2.2)}${dot(27, 33, 1)}`,
  },
  'rub-through': {
    light: 'M2 2H62V5Q40 9 26 6Q12 10 8 22Q6 34 4 42H2Z',
    line: 'M62 12Q24 12 16 42',
  },
  'chips-wont-open': {
    line: `${rays(18, 30, 7, 12, 5)}${rays(44, 16, 7, 12, 8)}M8 6L30 20M34 34L56 38`,
  },
  'chips-sheets': { dark: `${patch(22, 18, 16, 12)}${patch(48, 30, 13, 15)}` },
  'undercoat-off': { dark: patch(32, 22, 19, 21), light: patch(31, 22, 11, 22) },
  'metal-dull': { light: 'M2 2H30L14 42H2Z', line: 'M40 8L30 36M48 8L38 36M56 8L46 36' },
  'chrome-smeared': {
    light: 'M8 30Q24 2 56 12Q34 12 22 36Z',
    line: 'M14 34Q30 10 58 18M20 38Q36 18 60 24',
  },
  sticky: {
    line: 'M22 40Q18 14 32 10Q46 14 42 40M26 40Q24 20 32 16Q40 20 38 40M30 40Q29 26 32 23Q35 26 34 40',
  },
  cracks: {
    line: `${way([4, 10], [16, 14], [22, 8], [34, 18], [60, 12])}${way([34, 18], [30, 30], [38, 41])}${way([16, 14], [12, 28], [20, 40])}${way([30, 30], [48, 34], [60, 30])}${way([12, 28], [30, 30])}`,
  },
  'plastic-cracked': {
    line: way([32, 2], [29, 12], [35, 18], [30, 27], [34, 33], [31, 42]),
    dark: 'M3 20H28V24H3ZM36 20H61V24H36Z',
  },
  'glass-fogged': { line: 'M10 38L18 8H46L54 38Z', light: dots(29, 46, 0.8, 2, [18, 14, 28, 20]) },
  'powders-gone': {
    dark: dots(31, 22, 0.5, 1.2, [6, 26, 52, 14]),
    line: 'M14 30Q20 22 26 30M36 28Q42 20 48 28',
  },
  'effect-lost': {
    line: 'M14 6V12M14 17V20M30 6V16M30 22V25M30 31V33M46 6V10M46 16V18',
    light: 'M12 22H16V40H12ZM28 34H32V41H28ZM44 20H48V38H44Z',
  },
  'too-stark': { dark: 'M10 3H18V40Q14 44 10 36ZM28 3H38V34Q33 42 28 30ZM48 3H56V41Q52 44 48 38Z' },
  'uneven-cover': {
    light: `${patch(20, 16, 13, 33)}${patch(46, 28, 11, 35)}`,
    dark: patch(46, 12, 7, 37),
  },
  'primer-texture': { dark: dots(39, 170, 0.5, 1) },
  'closed-lines': {
    line: 'M32 3V12M32 36V41M3 22H14M54 22H61',
    light: 'M30 12H34V36H30ZM14 20H54V24H14Z',
  },
}
