import { panelAnswer } from '@/core/formats/panelFile'
import { readPanel } from '@/core/formats/panelRequest'
import { TECHNIQUES } from '@/core/knowledge'
import { drawnStandIn } from '@/core/shape/drawn'
import { panelDesk } from './panelDesk'

const PANEL = { layout: 'hull', widthMm: 24, heightMm: 15, seed: 4 } as const
const STEPS = [
  { do: 'prime' },
  { do: 'base', family: 'alcohol-acrylic', colour: '#C9C4B4' },
  { do: 'clear', family: 'lacquer', sheen: 'matt' },
  { do: 'line' },
  { do: 'chip-sponge', colour: '#3A2A22' },
]
function asked(steps: readonly object[] = STEPS) {
  const read = readPanel({
    format: 'tectoria-panel',
    version: 1,
    sequence: {
      format: 'tectoria-sequence',
      version: 1,
      substrate: 'polystyrene',
      waits: 'auto',
      steps,
    },
    panel: PANEL,
  })
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return { sequence: read.value.sequence, panel: PANEL, at: steps.length }
}
const LOOK = { show: 'lit', px: 5, away: 0, lit: false } as const

test.each(['lit', 'flat', 'sheen', 'thickness', 'accident'] as const)(
  'what is seen (%s) is what the command line writes',
  (show) => {
    const { sequence, panel, at } = asked()
    const seen = panelDesk().look({ sequence, panel, at, ...LOOK, show })
    const answered = panelAnswer(
      { format: 'tectoria-panel', version: 1, sequence, panel: { ...panel, pxPerMm: 5 }, show },
      true,
    )
    if (!answered.ok) throw new Error(JSON.stringify(answered.problems))
    expect(seen.pixels.filter((_, i) => i % 4 !== 3)).toEqual(
      Uint8ClampedArray.from(answered.value.picture?.data ?? []),
    )
    expect(seen.pixels.filter((_, i) => i % 4 === 3).every((one) => one === 255)).toBe(true)
  },
)

test('one panel after the other gives what each gives alone', () => {
  const desk = panelDesk()
  const other = STEPS.map((step) => (step.do === 'clear' ? { ...step, sheen: 'gloss' } : step))
  const inTurn = [STEPS, other, STEPS, STEPS.slice(0, 3), other].map((steps) => ({
    steps,
    pixels: desk.look({ ...asked(steps), ...LOOK }).pixels,
  }))
  for (const { steps, pixels } of inTurn)
    expect(pixels).toEqual(panelDesk().look({ ...asked(steps), ...LOOK }).pixels)
})

test('figures come with what the check says, and with the step that moved them', () => {
  const desk = panelDesk()
  const { figures, findings, wrong } = desk.figures({ ...asked(), px: 5, away: 300 })
  expect(figures.faceStained).toBeGreaterThan(0.1)
  expect(findings).toContainEqual(
    expect.objectContaining({ step: 3, rule: 'flow-needs-gloss', severity: 'risk' }),
  )
  expect(wrong).toEqual([])
  expect(desk.moved({ ...asked(), px: 4 })).toMatchObject({ faceStained: 3, chipped: 4 })
  // Of fewer steps nothing is said of the others.
  expect(desk.figures({ ...asked(), at: 3, px: 5, away: 300 }).findings).toEqual([])
})

test('a part is painted zone by zone, at once when its shape was painted before', () => {
  const standIn = { kind: 'box-hull', lengthMm: 20, widthMm: 10, heightMm: 6 } as const
  const drawn = drawnStandIn(standIn)
  const desk = panelDesk()
  const steps = [{ do: 'prime' }, { ...STEPS[1], colour: '#A8231F', zones: ['top'] }]
  const own = { ...asked(steps), name: 'hull', standIn, seed: 1, away: 0, most: 2000 }
  const seen = desk.part({ ...own, drawn })
  const [up, down] = [1, -1].map((way) =>
    Array.from(seen.gloss, (_, i) => i).filter((i) => way * (seen.normals[i * 3 + 2] ?? 0) > 0.99),
  )
  const redness = (of: number[] = []) =>
    of.reduce((sum, i) => sum + (seen.colours[i * 3] ?? 0) - (seen.colours[i * 3 + 1] ?? 0), 0) /
    of.length
  expect(redness(up)).toBeGreaterThan(redness(down) + 0.1)
  expect(desk.part({ ...own, drawn: null }).colours).toEqual(seen.colours)
  expect(() => desk.part({ ...own, name: 'other', drawn: null })).toThrow(/no shape called "other"/)
})

test('a technique comes with the painted part that it is laid on', () => {
  const technique = TECHNIQUES.find(({ id }) => id === 'streaks')
  if (!technique) throw new Error('no such technique')
  const { before, after } = panelDesk().onPainted(technique)
  expect(after).toEqual(expect.arrayContaining(before))
  expect(after.map((step) => (step as { do?: string }).do)).toEqual(
    expect.arrayContaining(['streak', 'streak-drag']),
  )
})
