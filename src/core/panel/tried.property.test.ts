import type { Panel } from '../model/panel'
import { ACTS } from '../model/vocabulary'
import { PRIMER } from '../stack/state/filmColours'
import { PANEL_ACTS } from './actTable'
import { insideOf, lightsOf } from './compose'
import type { PanelState } from './films'
import { goneOn } from './goneOn'
import { laidPanel } from './keptPanel'
import { isSeen, knobsOf } from './knobs'
import { markMmOf, wrongMarks } from './markSizes'
import { figuresOf, movedBy, usualOf } from './measures/figures'
import { measuresOf } from './measures/measures'
import { panelSurface } from './panelSurface'
import { seenFrom } from './seenFrom'
import { planned } from './tests/planned'
import { touchedBy } from './touched'

const PANEL: Panel = { widthMm: 24, heightMm: 15, pxPerMm: 4 }
const RUN = panelSurface(PANEL, 72)
const { samples } = RUN
const STEPS = [
  { do: 'prime' },
  { do: 'base', family: 'alcohol-acrylic', colour: '#C9C4B4', coats: ['light', 'light'] },
  { do: 'clear', family: 'lacquer', sheen: 'gloss' },
  { do: 'line', amount: 1 },
  { do: 'chip-sponge', amount: 1, colour: '#3A2A22', where: 'all' },
  { do: 'dust', amount: 1 },
]
const laid = (steps: readonly object[] = STEPS) => laidPanel(planned(steps), RUN)
const measured = (state: PanelState) =>
  measuresOf(samples, state, lightsOf(insideOf(state.films, samples.count, PRIMER), state), {
    ground: PRIMER,
    scale: 72,
  })
const { states } = laid()
const last = states.at(-1) as PanelState

describe('what changes on top is laid over what stays', () => {
  const change = (at: number, fields: object) =>
    laid(STEPS.map((step, i) => (i === at ? { ...step, ...fields } : step))).states.at(
      -1,
    ) as PanelState
  test.each([
    { at: 5, fields: { amount: 0.2 } },
    { at: 4, fields: { colour: '#101010' } },
    { at: 2, fields: { sheen: 'matt' } },
    { at: 0, fields: { colour: '#111111' } },
  ])('a change at $at gives the bytes of laying all anew', ({ at, fields }) => {
    let gone = goneOn(last.films, samples.count, PRIMER)
    for (const state of [change(at, fields), last, change(at, fields)]) {
      gone = goneOn(state.films, samples.count, PRIMER, gone)
      expect(gone.inside.bands).toEqual(insideOf(state.films, samples.count, PRIMER).bands)
    }
  })
})

describe('what a step touched', () => {
  const touched = (step: number) =>
    touchedBy(states[step] as PanelState, states[step + 1] as PanelState)
  const share = (step: number) =>
    touched(step).reduce((sum, one) => sum + one / 255, 0) / samples.count
  test.each([
    { step: 1, what: 'a whole coat: everything', from: 0.99, to: 1 },
    { step: 3, what: 'a line: recesses and what is stained beside them', from: 0.02, to: 0.4 },
    { step: 4, what: 'chips: as much as they take', from: 0.03, to: 0.07 },
  ])('$what', ({ step, from, to }) => {
    expect(share(step)).toBeGreaterThanOrEqual(from)
    expect(share(step)).toBeLessThanOrEqual(to)
  })
  test('nothing where nothing was done', () => {
    expect(touchedBy(last, last).every((one) => one === 0)).toBe(true)
  })
  test('chips lie where they are touched on, and nowhere else', () => {
    const chips = last.films.find(({ kind }) => kind === 'mark')
    const lies = Array.from(touched(4), (one) => one > 0)
    expect(lies).toEqual(Array.from(chips?.cover ?? [], (one) => one > 0))
  })
})

describe('what an eye sees from afar', () => {
  const grid = { width: 60, height: 40, mm: 0.1 }
  const dots = Uint8Array.from({ length: 60 * 40 * 3 }, (_, k) =>
    Math.floor(k / 3) % 2 === 0 ? 255 : 0,
  )
  test('what is finer than an arc minute is the tone of its light', () => {
    const seen = seenFrom(dots, grid, 1500)
    const inside = seen.filter((_, k) => Math.floor(k / 3) % 60 > 8 && Math.floor(k / 3) % 60 < 52)
    // Half the light, not half the figure.
    for (const one of inside) expect(Math.abs(one - 188)).toBeLessThanOrEqual(6)
  })
  test('near by nothing is lost, and one colour stays itself', () => {
    expect(seenFrom(dots, grid, 100)).toBe(dots)
    const one = new Uint8Array(60 * 40 * 3).fill(90)
    expect(seenFrom(one, grid, 1000)).toEqual(one)
  })
})

test.each([
  { step: { do: 'chip-sponge' }, scale: 35, mm: 25 / 35, why: undefined },
  { step: { do: 'chip-sponge' }, scale: 350, mm: 0.2, why: 'coarse' },
  { step: { do: 'chip-brush', markMm: 1.5 }, scale: 72, mm: 1.5, why: 'coarse' },
  { step: { do: 'scratch', family: 'oil' }, scale: 72, mm: 0.05, why: 'unseen' },
  { step: { do: 'salt' }, scale: 72, mm: 0.4, why: undefined },
  { step: { do: 'salt' }, scale: 350, mm: 0.4, why: 'coarse' },
  { step: { do: 'streak' }, scale: 24, mm: 0.5, why: undefined },
])('a mark of $step.do at 1:$scale is $mm mm: $why', ({ step, scale, mm, why }) => {
  expect(markMmOf(step as never, scale)).toBeCloseTo(mm, 6)
  expect(wrongMarks([step as never], scale, 300)[0]?.why).toBe(why)
})

test('what finer marks are no tone from near by is one from afar', () => {
  const steps = [{ do: 'chip-brush' } as never]
  expect(wrongMarks(steps, 72, 300)).toEqual([])
  expect(wrongMarks(steps, 72, 1000)).toMatchObject([{ step: 0, why: 'unseen' }])
})

test('what is done to a panel is seen, and nothing else', () => {
  const seen = ACTS.filter((act) => isSeen({ do: act } as never))
  expect(seen.sort()).toEqual([...Object.keys(PANEL_ACTS), 'chip-wet'].sort())
})

test.each([
  ['line', ['amount', 'thinning']],
  ['scratch', ['amount', 'markMm', 'direction']],
  ['line-clean', ['tool', 'wipe']],
  ['mount', []],
])('what of %s can be turned', (act, knobs) => {
  expect(knobsOf({ do: act } as never)).toEqual(knobs)
})

describe('figures', () => {
  test('chips are moved most by chips, dust by dust, and what no step moves by none', () => {
    const moved = movedBy(states.map(measured))
    expect(moved).toMatchObject({ chipped: 4, dustBelow: 5, lineUm: expect.any(Number) })
    expect(moved.streaks).toBeUndefined()
  })
  test('what there is nothing of has no figure, and nothing usual', () => {
    const bare = measured(states[2] as PanelState)
    expect(figuresOf(bare)).toMatchObject({ chipped: null, streakMm: null, faceStained: null })
    const usual = usualOf(bare, states[2] as PanelState, samples, 72, undefined)
    expect(Object.keys(usual)).toEqual(['faceUm'])
  })
  test.each([
    { school: undefined, scale: 72, line: { from: 18, to: 50 } },
    { school: { liningLook: 'graphic' as const }, scale: 72, line: { from: 45, to: 75 } },
    { school: { liningLook: 'restrained' as const }, scale: 144, line: { from: 7, to: 20 } },
  ])('lines go by the look $school and the scale 1:$scale', ({ school, scale, line }) => {
    const usual = usualOf(measured(last), last, samples, scale, school)
    expect(usual).toMatchObject({ lineContrast: line, chipMm: { from: 5, to: 40 } })
  })
  test('stark chips may be fewer than faint ones, and bold work bears more', () => {
    const at = (colour: string, school?: { wear: 'bold' }) => {
      const steps = STEPS.map((step) => (step.do === 'chip-sponge' ? { ...step, colour } : step))
      const state = laid(steps).states.at(-1) as PanelState
      return usualOf(measured(state), state, samples, 72, school).chipped?.to ?? 0
    }
    expect(at('#101010')).toBeLessThan(at('#B5B0A2'))
    expect(at('#101010', { wear: 'bold' })).toBeCloseTo(1.6 * at('#101010'), 6)
  })
})
