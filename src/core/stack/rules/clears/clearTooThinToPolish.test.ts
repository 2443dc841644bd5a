import { check } from '../../check'

it('more coats of a clear are said as they were, whatever lays them', () => {
  const { findings } = check({
    format: 'tectoria-sequence',
    version: 1,
    substrate: 'polystyrene',
    waits: 'auto',
    steps: [
      { do: 'prime' },
      { do: 'clear', family: 'acrylic-pu', sheen: 'gloss', tool: 'sponge' },
      { do: 'cut-polish', grit: 2000 },
    ],
  })
  const ways = findings.flatMap(({ rule, remedies }) =>
    rule === 'clear-too-thin-to-polish' ? remedies : [],
  )
  const laid = ways.flatMap(({ edit }) => ('replace' in edit ? [edit.replace.with] : []))
  expect(laid.length).toBeGreaterThan(0)
  for (const step of laid) expect(step).toMatchObject({ coats: ['light', 'light', 'light'] })
})
