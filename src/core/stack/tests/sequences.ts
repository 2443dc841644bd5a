import type { Sequence, Step } from '../../model/sequence'
import { check } from '../check'
import type { Finding } from '../rules/finding'

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

/** Every finding but the cautions. */
export function found(sequence: Sequence): Finding[] {
  return check(sequence).findings.filter(({ rule }) => rule !== 'ppe')
}

/** A finding as "step rule severity". */
export const lineOf = ({ step, rule, severity }: Finding) => `${step} ${rule} ${severity}`

/** Every finding but the cautions, as "step rule severity". */
export function told(sequence: Sequence): string[] {
  return found(sequence).map(lineOf)
}

/** All that is said by findings: each with its reason, and the ways out of it with what they change. */
export function said(findings: readonly Finding[]): string {
  const short = (value: unknown) => JSON.stringify(value).replaceAll('"', '')
  return findings
    .flatMap((finding) => [
      `${lineOf(finding)}: ${finding.because} ${short({ on: finding.on, follows: finding.follows })}`,
      ...finding.remedies.map(({ kind, say, edit }) => `  ${kind}: ${say} ${short(edit)}`),
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
