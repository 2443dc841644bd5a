import { familyRow } from '../../../knowledge/families'
import { IRON_SETTLES } from '../../../knowledge/limits'
import { sayDuration } from '../../../model/duration'
import { EPSILON } from '../../state/film'
import { openFilms } from '../../state/stack'
import type { Rule } from '../finding'

/** Reactive iron sealed before it has settled: under a day a risk, under five a note. Source: handbook 2.6, 3.1. */
export const rustStillGrowing: Rule = {
  name: 'rust-still-growing',
  timing: true,
  judge: (context) => {
    const { resolved, at } = context
    if (resolved.row.kind !== 'film' || resolved.role !== 'clear') return null
    const iron = openFilms(context.stack).find(
      (film) => familyRow(film.family).rusts && film.activated !== null,
    )
    const since = iron?.activated?.at
    if (since === undefined || at >= since + IRON_SETTLES.to - EPSILON) return null
    const early = at < since + IRON_SETTLES.from - EPSILON
    return {
      severity: early ? 'risk' : 'note',
      because: `Rust grows for ${sayDuration(IRON_SETTLES.from)} to ${sayDuration(IRON_SETTLES.to)} after the activator and stops where it is sealed; this comes after ${sayDuration(at - since)}.`,
      on: { film: 'reactive-iron' },
    }
  },
}
