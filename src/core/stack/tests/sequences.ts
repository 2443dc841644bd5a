import type { Sequence, Step } from '../../model/sequence'
import { check } from '../check'

/** A sequence from its steps, for tests: polystyrene at reference conditions, waits as written. */
export function sequence(steps: Step[], more: Partial<Sequence> = {}): Sequence {
  return {
    format: 'tectoria-sequence',
    version: 1,
    substrate: 'polystyrene',
    steps,
    ...more,
  }
}

/** Every finding but the cautions, as "step rule severity". */
export function told(sequence: Sequence): string[] {
  return check(sequence)
    .findings.filter((finding) => finding.rule !== 'ppe')
    .map(({ step, rule, severity }) => `${step} ${rule} ${severity}`)
}

/** All that is said of a sequence, cautions apart: each finding with its reason, and the ways out of it with what they change. */
export function said(sequence: Sequence): string {
  const short = (value: unknown) => JSON.stringify(value).replaceAll('"', '')
  return check(sequence)
    .findings.filter(({ rule }) => rule !== 'ppe')
    .flatMap(({ step, rule, severity, because, on, follows, remedies }) => [
      `${step} ${rule} ${severity}: ${because} ${short({ on, follows })}`,
      ...remedies.map(({ kind, say, edit }) => `  ${kind}: ${say} ${short(edit)}`),
    ])
    .join('\n')
}

/** The example of docs/formats.md: primer, colour, gloss, lining, clean-up. */
export const EXAMPLE: Sequence = sequence(
  [
    {
      do: 'prime',
      family: 'lacquer',
      tool: 'airbrush',
      coats: ['mist', 'light', 'light'],
      gap: '12 min',
    },
    { wait: '24 h' },
    {
      do: 'base',
      family: 'alcohol-acrylic',
      colour: '#C9C4B4',
      tool: 'airbrush',
      coats: ['light', 'light'],
      gap: '10 min',
    },
    { wait: '12 h' },
    {
      do: 'clear',
      family: 'lacquer',
      sheen: 'gloss',
      tool: 'airbrush',
      coats: ['mist', 'light', 'wet'],
      solvent: 'lacquer-mild',
    },
    { wait: '24 h' },
    {
      do: 'line',
      family: 'enamel-wash',
      colour: '#3B3A38',
      tool: 'brush',
      solvent: 'spirit-mild',
    },
    { wait: '45 min' },
    { do: 'line-clean', solvent: 'spirit-mild', tool: 'damp-brush' },
  ],
  {
    scale: 72,
    use: 'display',
    waits: 'as-written',
    climate: { celsius: 20, humidity: 50 },
    school: { liningSurface: 'gloss' },
  },
)
