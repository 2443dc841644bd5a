import type { OwnTechnique } from '../model/technique'
import { readTechnique, techniqueText } from './techniqueFile'

const MINE: OwnTechnique = {
  id: 'kelp-stains',
  name: 'Kelp stains',
  purpose: 'Green-brown tongues under the winches.',
  steps: [{ do: 'streak', family: 'enamel-wash', colour: '#3C4A2C' }, { do: 'streak-drag' }],
}

it('comes back from its file as it went in', () => {
  expect(readTechnique(JSON.parse(techniqueText(MINE)))).toEqual({ ok: true, value: MINE })
})

test.each([
  { why: 'another format', value: { format: 'tectoria-mix', version: 1 }, path: 'format' },
  { why: 'a newer version', value: { format: 'tectoria-technique', version: 9 }, path: 'version' },
  { why: 'no steps', value: with_({ steps: [] }), path: 'technique.steps' },
  {
    why: 'an unknown act',
    value: with_({ steps: [{ do: 'juggle' }] }),
    path: 'technique.steps[0].do',
  },
  {
    why: 'a colour act without its family',
    value: with_({ steps: [{ do: 'base' }] }),
    path: 'technique.steps[0].family',
  },
  { why: 'no name', value: with_({ name: ' ' }), path: 'technique.name' },
])('$why is refused at its path', ({ value, path }) => {
  const read = readTechnique(JSON.parse(JSON.stringify(value)))
  expect(read.ok ? null : read.problems[0]?.path).toBe(path)
})

function with_(more: object) {
  return { format: 'tectoria-technique', version: 1, technique: { ...MINE, ...more } }
}
