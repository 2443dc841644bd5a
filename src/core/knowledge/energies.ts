import type { Coat, Solvent, Tool } from '../model/vocabulary'
import { type Effect, shiftEffect } from './reactions'

/** How a solvent meets a film by a tool: sprayed in coats, laid or wiped gently, or worked. */
export type ToolEnergy = { sprayed: boolean; shift: number; word: string }

/** Energy of application of each tool. Source: handbook 2.3, energy of application. */
export const TOOL_ENERGY = {
  airbrush: { sprayed: true, shift: 0, word: 'sprayed' },
  'spray-can': { sprayed: true, shift: 0, word: 'sprayed' },
  brush: { sprayed: false, shift: 0, word: 'brushed on' },
  'flat-brush': { sprayed: false, shift: 0, word: 'brushed on' },
  'damp-brush': { sprayed: false, shift: 0, word: 'drawn with a damp brush' },
  'stiff-brush': { sprayed: false, shift: 1, word: 'scrubbed with a stiff brush' },
  sponge: { sprayed: false, shift: 0, word: 'dabbed' },
  swab: { sprayed: false, shift: 0, word: 'wiped with a damp swab' },
  'wet-swab': { sprayed: false, shift: 1, word: 'rubbed with a wet swab' },
  pen: { sprayed: false, shift: 0, word: 'drawn' },
  needle: { sprayed: false, shift: 0, word: 'scratched' },
  flood: { sprayed: false, shift: 1, word: 'flooded' },
  soak: { sprayed: false, shift: 2, word: 'soaked' },
  stencil: { sprayed: true, shift: 0, word: 'sprayed through a stencil' },
  hand: { sprayed: false, shift: 0, word: 'laid by hand' },
} as const satisfies Record<Tool, ToolEnergy>

/** A wet sprayed coat: softening becomes re-wetting, lifting becomes dissolving, never re-wetting lifting. */
const WET_SPRAYED = {
  '-': '-',
  s: 'r',
  r: 'r',
  l: 'd',
  d: 'd',
} as const satisfies Record<Effect, Effect>

/**
 * The effect of one coat after its energy. Source: handbook 2.3, energy of application.
 *
 * @param shielded mist coats of the same step have flashed underneath: one step weaker
 */
export function applyEnergy(
  effect: Effect,
  tool: Tool,
  coat: Coat,
  solvent: Solvent,
  shielded: boolean,
): Effect {
  const energy = TOOL_ENERGY[tool]
  const weaker = shielded ? -1 : 0
  if (energy.sprayed && solvent === 'water') return shiftEffect(effect, weaker)
  if (energy.sprayed && coat === 'mist') return shiftEffect(effect, -1)
  if (energy.sprayed && coat === 'wet') return shiftEffect(WET_SPRAYED[effect], weaker)
  if (coat === 'flood') return shiftEffect(effect, Math.max(1, energy.shift) + weaker)
  return shiftEffect(effect, energy.shift + weaker)
}
