import { sameValue } from '../model/sameValue'
import type { SampleGrid } from '../surface/samples'
import type { PanelFilm, PanelState } from './films'

/** Where two states of one surface differ, 1 there: what is seen elsewhere is as it was. */
export type Changed = Uint8Array

/** @returns null where they differ in more than how thick films are and how they shine: everything may look otherwise */
export function changedBetween(before: PanelState, after: PanelState): Changed | null {
  const { films, masks, gloss, own } = after
  if (films.length !== before.films.length || masks !== before.masks) return null
  const out = new Uint8Array(gloss.length)
  for (let at = 0; at < films.length; at++) {
    const [film, was] = [films[at] as PanelFilm, before.films[at] as PanelFilm]
    if (film === was) continue
    const { ink, kind, role, whole, cover } = film
    if (kind !== was.kind || role !== was.role || whole !== was.whole) return null
    if (!sameValue(ink, was.ink) || (cover === null) !== (was.cover === null)) return null
    differing(out, film.x, was.x)
    if (cover && was.cover) differing(out, cover, was.cover)
  }
  differing(out, gloss, before.gloss)
  differing(out, own, before.own)
  return out
}

function differing(out: Changed, a: Float32Array | Uint8Array, b: Float32Array | Uint8Array): void {
  if (a === b) return
  for (let i = 0; i < out.length; i++) if (a[i] !== b[i]) out[i] = 1
}

/** What changed and what lies right beside it: relief is seen by its slopes. */
export function besideToo(changed: Changed, { width }: SampleGrid): Changed {
  const out = changed.slice()
  for (let i = 0; i < out.length; i++) {
    if (changed[i] === 0) continue
    if (i >= 1) out[i - 1] = 1
    if (i + 1 < out.length) out[i + 1] = 1
    if (i >= width) out[i - width] = 1
    if (i + width < out.length) out[i + width] = 1
  }
  return out
}
