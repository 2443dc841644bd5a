import { DEGREASED_FOR, GRIT_STEP } from '../../../knowledge/limits'
import { substrateRow } from '../../../knowledge/substrates'
import { sayDuration } from '../../../model/duration'
import { EPSILON } from '../../state/film'
import type { Rule } from '../finding'
import { firstPaint } from './bareSubstrate'

/** In the first of it, as a share, filler and glue still shrink so much that it shows for sure. */
const SHRINKING = 0.25

/** Sanding or priming over filler or glue that still shrinks: it sinks later. Risk at once, then a note. Source: handbook 2.6, second table. */
export const fillerCuring: Rule = {
  name: 'filler-curing',
  timing: true,
  worthWaiting: true,
  judge: ({ stack, at, resolved }) => {
    const cuts = resolved.row.kind === 'prep' && resolved.row.cuts !== undefined
    if (stack.filled === null || (!cuts && resolved.row.kind !== 'film')) return null
    const { what, cures } = stack.filled
    const had = at - stack.filled.at
    if (had >= cures - EPSILON) return null
    return {
      severity: had < cures * SHRINKING ? 'risk' : 'note',
      because: `${what === 'glue' ? 'The glue' : 'Filler'} shrinks for ${sayDuration(cures)} or so; ${cuts ? 'sanded' : 'painted'} after ${sayDuration(had)} it sinks later and shows.`,
      on: { substrate: stack.substrate },
    }
  },
}

/** Degreased, but sanded or handled since, or hours ago. Sanded a risk where grease spoils the paint, else a note. Source: handbook 2.6. */
export const degreaseExpired: Rule = {
  name: 'degrease-expired',
  timing: false,
  subject: 'preparation',
  judge: (context) => {
    const { stack, at, index } = context
    if (!firstPaint(context) || stack.cleanedAt === null) return null
    const touched = stack.touchedAt !== null && stack.touchedAt > stack.cleanedAt
    const old = at - stack.cleanedAt
    if (!touched && old <= DEGREASED_FOR + EPSILON) return null
    const row = substrateRow(stack.substrate)
    return {
      severity: touched && row.degrease ? 'risk' : 'note',
      because: touched
        ? 'It was degreased and then sanded or handled: dust and grease are back on it.'
        : `It was degreased ${sayDuration(old)} ago; after ${sayDuration(DEGREASED_FOR)} wipe it again.`,
      on: { substrate: stack.substrate },
      candidates: () => [
        {
          kind: 'order',
          say: 'Degrease it again just before',
          edit: { insert: { before: index, step: { do: 'degrease' } } },
        },
      ],
    }
  },
}

/** A grit more than twice as fine as the one before: its scratches stay. Note. Source: handbook 6, clean-up; N04. */
export const gritSkipped: Rule = {
  name: 'grit-skipped',
  timing: false,
  judge: ({ step, stack, index, resolved }) => {
    const cuts = resolved.row.cuts === 'face' || resolved.row.kind === 'level'
    const { grit } = step
    if (!cuts || grit === undefined || stack.grit === null) return null
    if (grit <= stack.grit * GRIT_STEP + EPSILON) return null
    const between = Math.round((Math.sqrt(grit * stack.grit) + 1) / 100) * 100
    return {
      severity: 'note',
      because: `From ${stack.grit} to ${grit} is more than double: the scratches of ${stack.grit} stay.`,
      on: {},
      candidates: () => [
        {
          kind: 'order',
          say: `Sand with ${between} between`,
          edit: { insert: { before: index, step: { ...step, grit: between } } },
        },
      ],
    }
  },
}
