import type { SpotKind } from '../model/spot'

/** What a spot is called, one of it and several. Source: handbook 12.4. */
export const SPOT_WORDS: Record<SpotKind, { one: string; many: string }> = {
  flash: { one: 'flash', many: 'ridges of flash' },
  seam: { one: 'a seam', many: 'seams' },
  sink: { one: 'a sink mark', many: 'sink marks' },
  stump: { one: 'a sprue stump', many: 'sprue stumps' },
  supports: { one: 'support stumps', many: 'fields of support stumps' },
  pinhole: { one: 'a pinhole', many: 'pinholes' },
  scratch: { one: 'a scratch', many: 'scratches' },
  ejector: { one: 'an ejector mark', many: 'ejector marks' },
  texture: { one: 'lost texture', many: 'places of lost texture' },
  hole: { one: 'a hole to drill', many: 'holes to drill' },
  fit: { one: 'a fit to cut', many: 'fits to cut' },
}
