import { actRow, laysClear } from '@/core/knowledge'
import type { BuildStep } from '@/core/model/build'
import type { Act } from '@/core/model/vocabulary'

/** Acts by the stage of work, as they are chosen from. Source: handbook 1, the order of work. */
export const ACT_GROUPS: readonly { name: string; acts: readonly Act[] }[] = [
  { name: 'Prepare', acts: ['wash', 'degrease', 'scribe', 'fill', 'drill', 'sand', 'scuff'] },
  {
    name: 'Prime and colour',
    acts: [
      'prime',
      'base',
      'preshade',
      'toplight',
      'mottle',
      'glaze',
      'detail',
      'metal',
      'mirror-metal',
      'chrome',
      'clear-colour',
    ],
  },
  { name: 'Mask', acts: ['tape', 'untape', 'latex', 'unlatex', 'salt', 'unsalt'] },
  {
    name: 'Chip',
    acts: [
      'release',
      'chip-wet',
      'chip-sponge',
      'chip-brush',
      'drybrush',
      'scratch',
      'pencil',
      'graphite',
    ],
  },
  { name: 'Clear and decals', acts: ['clear', 'decal', 'decal-soften', 'cut-polish', 'compound'] },
  { name: 'Line and wash', acts: ['line', 'line-clean', 'filter', 'wash-clean', 'wipe-back'] },
  {
    name: 'Weather',
    acts: [
      'oil-dots',
      'blend',
      'streak',
      'stain',
      'dust',
      'streak-drag',
      'rust-wash',
      'iron',
      'iron-activate',
      'chalk',
      'soot',
      'speckle',
      'powder',
      'powder-fix',
      'mud',
      'splatter',
    ],
  },
  { name: 'Finish', acts: ['glue-clear', 'assemble', 'handle'] },
]

/** A new step of an act, with what the act must say filled in. */
export function newStep(act: Act, part: string, id: string): BuildStep {
  const row = actRow(act, undefined)
  return {
    id,
    parts: [part],
    do: act,
    ...(row.family === 'must' ? { family: 'alcohol-acrylic' as const } : {}),
    ...(laysClear({ do: act }) ? { sheen: 'satin' as const } : {}),
    ...(row.kind === 'film' && row.tool === 'airbrush'
      ? { coats: ['light' as const, 'light' as const] }
      : {}),
  }
}
