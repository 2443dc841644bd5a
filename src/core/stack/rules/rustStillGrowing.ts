import { IRON_SETTLES } from '../../materials'
import { sayDuration } from '../../model/duration'
import { EPSILON } from '../film'
import type { Rule } from '../finding'
import { openFilms } from '../stack'

/** Reactive iron sealed before it has settled: under a day a risk, under five a note. Source: handbook 2.6, 3.1. */
export const rustStillGrowing: Rule = {
  name: 'rust-still-growing',
  timing: true,
  judge: (moment) => {
    const { work, at } = moment
    if (work.row.kind !== 'film' || work.role !== 'clear') return null
    const iron = openFilms(moment.stack).find(
      (film) => film.family === 'reactive-iron' && film.activated !== null,
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
