import type { StoredMix } from '../model/mix'
import { hardensAt } from '../shelf/mixAge'
import type { StockState } from './stockState'

/** When a kept mix is hard, counted from when it was mixed the last time, epoch milliseconds; null: it keeps. Source: handbook 3.4. */
export function mixHardens(
  state: Pick<StockState, 'project' | 'log'>,
  mix: StoredMix,
): number | null {
  const mixed = state.log.mixed.filter((act) => act.mix === mix.id).map(({ at }) => Date.parse(at))
  return hardensAt(state.project, mix, Math.max(Date.parse(mix.at), ...mixed))
}
