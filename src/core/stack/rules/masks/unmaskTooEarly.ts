import { TAPE_OFF } from '../../../knowledge/limits'
import { capital } from '../../../model/capital'
import { sayDuration } from '../../../model/duration'
import { EPSILON, filmReaches, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { filmOver } from '../../state/stack'
import { takes } from '../../state/takes'
import { afterAge } from '../../state/words'
import type { Rule } from '../finding'

/**
 * A mask taken off wet paint: grains and latex before it is touch-dry (stop), tape before its edge has stopped running (note).
 * Source: handbook 2.6, 3.4.
 */
export const unmaskTooEarly: Rule = {
  name: 'unmask-too-early',
  timing: true,
  worthWaiting: true,
  judge: (context) => {
    const { at, series, stack, resolved } = context
    const { kind, mask: form, target } = resolved.row
    if (kind !== 'unmask') return null
    const mask = stack.masks.find(({ act }) => target?.includes(act))
    const film = mask && filmOver(stack, mask)
    if (!film) return null
    const on = { film: film.family, state: filmState(film, at, series) }
    if (form === 'sheet')
      return at >= film.end + TAPE_OFF - EPSILON
        ? null
        : {
            severity: 'note',
            because: `${capital(theFilm(film))} still runs at the edge for ${sayDuration(TAPE_OFF)} or so; the tape comes off ${afterAge(film, context)}.`,
            on,
            until: film.end + TAPE_OFF,
          }
    if (filmReaches(film, 'touch', series) === null || hasReached(film, 'touch', at, series))
      return null
    return {
      severity: 'stop',
      because: `${capital(theFilm(film))} is touch-dry after ${takes(film, 'touch', context)}; rubbed ${afterAge(film, context)} it smears.`,
      on,
    }
  },
}
