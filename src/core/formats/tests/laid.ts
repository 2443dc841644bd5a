import type { PanelMeasures } from '../../panel/measures/measures'
import { type PanelPicture, panelAnswer } from '../panelFile'
import { readPanel } from '../panelRequest'

/** A step as it is typed in a test. */
type Said = Record<string, unknown>

/** A small panel: so that a test takes no longer than it must. */
const SMALL = { widthMm: 40, heightMm: 25, pxPerMm: 6, seed: 7 } as const

/** What a small panel comes to after steps, with its picture. */
export function laid(
  steps: readonly Said[],
  more: { panel?: Said; scale?: number; upTo?: number; show?: string; waits?: string } = {},
): {
  measures: PanelMeasures
  steps: { deltaE00: number; deltaL: number }[]
  picture: PanelPicture
} {
  const { panel, scale = 72, waits = 'auto', ...rest } = more
  const read = readPanel({
    format: 'tectoria-panel',
    version: 1,
    sequence: {
      format: 'tectoria-sequence',
      version: 1,
      substrate: 'polystyrene',
      scale,
      waits,
      steps,
    },
    panel: { ...SMALL, ...panel },
    show: 'flat',
    ...rest,
  })
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  const answered = panelAnswer(read.value, true)
  if (!answered.ok) throw new Error(JSON.stringify(answered.problems))
  const { answer, picture } = answered.value
  return {
    ...(answer as { measures: PanelMeasures; steps: never[] }),
    picture: picture as PanelPicture,
  }
}

const PRIMED = { do: 'prime', coats: ['mist', 'light'] }

/** Primed and painted, as most panels begin. */
export const painted = (colour = '#C9C4B4', family = 'alcohol-acrylic'): Said[] => [
  PRIMED,
  { do: 'base', family, colour, coats: ['light', 'light', 'light'] },
]

/** A clear of a sheen. */
export const cleared = (sheen: string): Said => ({
  do: 'clear',
  family: 'lacquer',
  sheen,
  coats: ['mist', 'light', 'light'],
})
