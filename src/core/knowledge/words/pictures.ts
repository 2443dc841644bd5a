import type { PictureKind, PinEffect, PinState } from '../../model/picture'

/** What a picture is of. Source: handbook 13.1. */
export const PICTURE_WORDS: Record<PictureKind, string> = {
  reference: 'The real thing',
  model: 'The model',
  test: 'A test piece',
  paper: 'Box or sheet',
}

/** What a pin marks. Source: handbook 13.1. */
export const PIN_WORDS: Record<PinEffect, string> = {
  rust: 'Rust',
  chip: 'Chip',
  streak: 'Streak',
  stain: 'Stain',
  soot: 'Soot',
  chalk: 'Chalked',
  decal: 'Decal',
  missing: 'Missing on the model',
}

/** How a pin stands. */
export const PIN_STATE_WORDS: Record<PinState, string> = {
  wanted: 'To do',
  done: 'Done',
  accepted: 'Good as it is',
  waived: 'Left out',
}
