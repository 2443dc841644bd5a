import { labOf } from '../../../colour/spectrum'
import { clockMinutes } from '../../../drying/clock'
import { familyRow } from '../../../knowledge/families'
import { capital } from '../../../model/capital'
import type { Climate } from '../../../model/climate'
import type { ActStep } from '../../../model/sequence'
import type { Family } from '../../../model/vocabulary'
import { settleFirst } from '../../remedies/candidates'
import { type Film, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { resolveStep } from '../../state/resolvedStep'
import { facing, newestWhole } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { takes } from '../../state/takes'
import { hasHad, theWork } from '../../state/words'
import type { Draft, Remedy, Rule } from '../finding'

/** Darker than this is black enough to mirror, L*. Source: handbook 5.1, black. */
const BLACK = 25

const BASE: ActStep = {
  do: 'base',
  family: 'lacquer',
  sheen: 'gloss',
  colour: '#0B0B0C',
  coats: ['mist', 'light', 'wet'],
}

/** Mirror metal or chrome ink over anything but gloss black that bears tape. Risk; not yet cured a note. Source: handbook 2.6, 6. */
export const mirrorNeedsGlossBlack: Rule = {
  name: 'mirror-needs-gloss-black',
  timing: true,
  asksStage: true,
  judge: (context) => {
    const { resolved, stack } = context
    if (resolved.row.kind !== 'film' || !isMirror(resolved.family)) return null
    const top = newestWhole(stack)
    if (top && isMirror(top.family)) return null
    return ground(context, top) ?? hardness(context, top)
  },
}

/** Whole days until the gloss black is cured in this air. */
function daysToCure(climate: Climate): number {
  const film = resolveStep(BASE, null).drying
  return Math.ceil((film ? (clockMinutes(film, 'cured', climate) ?? 0) : 0) / (24 * 60))
}

function isMirror(family: Family | null): boolean {
  return family !== null && familyRow(family).shine !== undefined
}

/** What is wrong with how the ground looks. */
function ground(context: StepContext, top: Film | null): Draft | null {
  const { stack, index } = context
  const candidates = (): Remedy[] => {
    const days = daysToCure(context.climate)
    return [
      {
        kind: 'shield',
        say: `Lay gloss black lacquer first, then ${days} d`,
        edit: {
          insert: {
            before: index,
            steps: [...settleFirst(context), BASE, { wait: `${days} d` }],
          },
        },
      },
    ]
  }
  if (!top || stack.sheen !== 'gloss')
    return {
      severity: 'risk',
      because: `${capital(theWork(context))} shows what is under it: it wants gloss black, and here it meets ${top ? `${stack.sheen} ${theFilm(top).slice(4)}` : 'the bare part'}.`,
      on: top ? { film: top.family } : { substrate: stack.substrate },
      candidates,
    }
  const colour = facing(stack)?.colour
  if (colour && labOf(colour).l < BLACK) return null
  return {
    severity: colour ? 'risk' : 'note',
    because: colour
      ? `${capital(theWork(context))} wants gloss black under it; ${theFilm(top)} shows ${colour}.`
      : `${capital(theWork(context))} wants gloss black under it, and ${theFilm(top)} doesn’t say its colour.`,
    on: { film: top.family },
    candidates,
  }
}

function hardness(context: StepContext, top: Film | null): Draft | null {
  const { at, series } = context
  if (!top || hasReached(top, 'cured', at, series)) return null
  const hard = hasReached(top, 'tape', at, series)
  const point = hard ? 'cured' : 'tape'
  return {
    severity: hard ? 'note' : 'risk',
    because: `${capital(theFilm(top))} ${hard ? 'is cured' : 'is hard enough for this'} after ${takes(top, point, context)}; ${hasHad(top, context)}.`,
    on: { film: top.family, state: filmState(top, at, series) },
  }
}
