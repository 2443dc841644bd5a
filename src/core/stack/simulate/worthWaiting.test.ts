import type { Step } from '../../model/sequence'
import { sequence, told } from '../tests/sequences'
import { GLOSS, PRIME } from '../tests/soundPractice'

const DAY: Step = { wait: '24 h' }
const BASE: Step = { do: 'base', family: 'alcohol-acrylic', coats: ['light', 'light'] }
const ENAMEL: Step = { do: 'base', family: 'enamel', coats: ['light', 'light'] }

// After so long only a note is left of what is too soon: an automatic wait goes on until nothing is said of it any more.
test.each<{ rule: string; before: Step[]; wait: string; act: Step }>([
  { rule: 'tape-too-early', before: [PRIME, DAY, ENAMEL], wait: '13 h', act: { do: 'tape' } },
  { rule: 'sand-too-early', before: [PRIME], wait: '3 h', act: { do: 'sand' } },
  {
    rule: 'unmask-too-early',
    before: [PRIME, DAY, { do: 'tape' }, BASE],
    wait: '2 min',
    act: { do: 'untape' },
  },
  { rule: 'salt-not-dry', before: [PRIME, DAY, { do: 'salt' }], wait: '20 min', act: BASE },
  {
    rule: 'clean-too-early',
    before: [PRIME, DAY, BASE, DAY, GLOSS, DAY, { do: 'line' }],
    wait: '10 min',
    act: { do: 'line-clean' },
  },
  { rule: 'filler-curing', before: [{ do: 'fill' }], wait: '5 h', act: { do: 'sand' } },
])('a note of $rule is worth waiting for', ({ rule, before, wait, act }) => {
  const said = (steps: Step[], waits: 'as-written' | 'auto') =>
    told(sequence(steps, { waits })).filter((one) => one.includes(rule))
  const short = [...before, { wait }, act]
  expect(said(short, 'as-written')).toEqual([`${short.length - 1} ${rule} note`])
  expect(said([...before, act], 'auto')).toEqual([])
})
