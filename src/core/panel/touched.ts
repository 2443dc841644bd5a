import type { PanelFilm, PanelState } from './films'

/** A film changed by less than this isn't seen, X. */
const FAINT = 0.02

/**
 * What a step did: how much of each sample it touched, 0 to 255.
 *
 * @param before what lay there before it
 */
export function touchedBy(before: PanelState, after: PanelState): Uint8Array {
  const out = new Uint8Array(after.gloss.length)
  if (before === after) return out
  const old = byStep(before.films)
  for (const film of after.films) {
    const was = old.get(film.step)?.shift()
    if (was !== film) touch(out, film, was)
  }
  for (const gone of [...old.values()].flat()) touch(out, gone, undefined)
  for (let i = 0; i < out.length; i++) {
    const over = Math.abs((after.opened[i] as number) - (before.opened[i] as number))
    if (over > (out[i] as number)) out[i] = over
    if (after.gloss[i] !== before.gloss[i]) out[i] = 255
  }
  for (const { step, over } of after.masks)
    if (!before.masks.some((mask) => mask.step === step))
      for (let i = 0; i < out.length; i++) out[i] = Math.max(out[i] as number, over[i] as number)
  return out
}

/** A step may lay several films, always in one order. */
function byStep(films: readonly PanelFilm[]): Map<number, PanelFilm[]> {
  const out = new Map<number, PanelFilm[]>()
  for (const film of films) out.set(film.step, [...(out.get(film.step) ?? []), film])
  return out
}

function touch(out: Uint8Array, { x, cover }: PanelFilm, was: PanelFilm | undefined): void {
  for (let i = 0; i < out.length; i++) {
    const change = Math.abs((x[i] as number) - (was ? (was.x[i] as number) : 0))
    if (change < FAINT) continue
    out[i] = Math.max(out[i] as number, cover ? (cover[i] as number) : 255)
  }
}
