import { sayDuration } from '../../model/duration'
import { type Film, filmReaches } from './film'
import type { StepContext } from './stepContext'
/** How long a film takes to a point, in words: "1 h". */
export function takes(
  film: Film,
  point: Parameters<typeof filmReaches>[1],
  context: StepContext,
): string {
  const at = filmReaches(film, point, context.series)
  if (at === null || at === Number.POSITIVE_INFINITY) return 'for ever'
  return sayDuration(at - film.end)
}
