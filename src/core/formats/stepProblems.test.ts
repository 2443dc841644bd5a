import { actRow } from '../knowledge/acts'
import type { Step } from '../model/sequence'
import { ACTS } from '../model/vocabulary'
import { readSequence } from './sequenceFile'
import { familiesFor, stepProblems, toolsFor } from './stepProblems'

test.each([
  { step: { do: 'base' }, path: 'family', found: 'nothing' },
  { step: { do: 'clear', family: 'lacquer' }, path: 'sheen', found: 'nothing' },
  { step: { do: 'base', family: 'salt' }, path: 'family', found: '"salt"' },
  { step: { do: 'base', family: 'tape' }, path: 'family', found: '"tape"' },
  { step: { do: 'base', family: 'decal' }, path: 'family', found: '"decal"' },
  { step: { do: 'clear', family: 'texture', sheen: 'matt' }, path: 'family', found: '"texture"' },
  { step: { do: 'sand', family: 'lacquer' }, path: 'family', found: '"lacquer"' },
  { step: { do: 'base', family: 'lacquer', tool: 'swab' }, path: 'tool', found: '"swab"' },
  { step: { do: 'decal', tool: 'airbrush' }, path: 'tool', found: '"airbrush"' },
  { step: { do: 'sand', coats: ['wet'] }, path: 'coats', found: '["wet"]' },
] as const)('$step is refused for its $path', ({ step, path, found }) => {
  expect(stepProblems([{ wait: '1 h' }, step as unknown as Step])).toEqual([
    { path: `steps[1].${path}`, found, expected: expect.any(String) },
  ])
})

test.each([
  { do: 'wash', family: 'oil' },
  { do: 'dust', family: 'pigment', tool: 'swab' },
  { do: 'chip-brush', family: 'pencil' },
  { do: 'metal', family: 'pigment', tool: 'hand' },
  { do: 'powder-fix', family: 'alcohol-acrylic', coats: ['mist'] },
  { do: 'tape', family: 'putty-mask' },
  { do: 'line', tool: 'pen' },
] as const)('%j is an act like any other', (step) => {
  expect(stepProblems([step as unknown as Step])).toEqual([])
})

test.each(ACTS)('%s makes sense as the table of acts fills it in', (act) => {
  const row = actRow(act, undefined)
  expect(toolsFor(row)).toContain(row.tool)
  if (row.family && row.family !== 'must') expect(familiesFor(row)).toContain(row.family)
})

it('check says path, found and expected of every one of them', () => {
  const read = readSequence({
    format: 'tectoria-sequence',
    version: 1,
    substrate: 'polystyrene',
    steps: [{ do: 'base', family: 'salt', tool: 'swab' }],
  })
  expect(read).toEqual({
    ok: false,
    problems: [
      {
        path: 'steps[0].family',
        found: '"salt"',
        expected: expect.stringContaining('what "base" is laid from: lacquer'),
      },
      {
        path: 'steps[0].tool',
        found: '"swab"',
        expected: expect.stringContaining('a tool that "base" is done with: airbrush'),
      },
    ],
  })
})
