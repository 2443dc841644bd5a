import { capital } from '../../../model/capital'
import { isAct } from '../../../model/isAct'
import { changed } from '../../remedies/candidates'
import { filmState } from '../../state/film'
import { coatMicrons, filmMicrons } from '../../state/filmBuild'
import { theFilm } from '../../state/filmName'
import { cutBy } from '../../state/lay'
import { newestWhole } from '../../state/stack'
import type { Rule } from '../finding'

/** Films on both faces of a joint against its gap. Note. Source: handbook 2.6, second table. */
export const tightFit: Rule = {
  name: 'tight-fit',
  timing: false,
  judge: ({ step, resolved, stack, setting, index }) => {
    const gap = setting.sequence.jointGapMm
    if (!resolved.row.joins || gap === undefined || step.checked?.includes('bare-joint'))
      return null
    const both = 2 * stack.films.reduce((sum, film) => sum + filmMicrons(film), 0)
    if (both <= gap * 1000) return null
    return {
      severity: 'note',
      because: `Paint on both faces of the joint is about ${Math.round(both)} µm thick, and it has ${Math.round(gap * 1000)} µm of room.`,
      on: { substrate: stack.substrate },
      candidates: () => [
        {
          kind: 'order',
          say: 'Scrape the paint off the joint first',
          edit: {
            replace: {
              step: index,
              with: changed(step, { checked: [...(step.checked ?? []), 'bare-joint'] }),
            },
          },
        },
      ],
    }
  },
}

/** Of the clear on a face so much stays on an edge; there a cut takes twice as much, on raised badges and bolts four times. Source: handbook 6, level and polish. */
const EDGE = { stays: 0.65, loses: 2, raisedLoses: 4 } as const

/** Cutting and polishing against the clear that lies on edges and on what stands up. Note. Source: handbook 2.6, second table; 6. */
export const edgeRubThrough: Rule = {
  name: 'edge-rub-through',
  timing: false,
  causes: { 'thin-clear': 1 },
  judge: ({ resolved, step, stack, at, series, index, setting }) => {
    const film = newestWhole(stack)
    if (resolved.row.kind !== 'level' || film?.role !== 'clear') return null
    const clear = stack.films
      .filter((film) => film.role === 'clear' && film.coverage === 'whole')
      .reduce((sum, film) => sum + coatMicrons(film.coats), 0)
    const [there, lost] = [EDGE.stays * clear, stack.cutMicrons + cutBy(step)]
    const [edges, raised] = [EDGE.loses * lost, EDGE.raisedLoses * lost]
    if (raised <= there) return null
    const through = edges > there
    return {
      severity: 'note',
      because: `${capital(theFilm(film))} is about ${Math.round(there)} µm thick on edges; with this they have lost ${Math.round(edges)} µm${through ? '' : `, raised badges and bolts ${Math.round(raised)} µm: stay off them`}.`,
      on: { film: film.family, state: filmState(film, at, series) },
      candidates: () => {
        const laid = setting.steps[film.step]
        if (!laid || !isAct(laid)) return []
        const more = Math.ceil((raised - there) / (EDGE.stays * coatMicrons(['light'])))
        const own = laid.coats ?? (['light'] as const)
        const coats = [...own, ...Array.from({ length: more }, () => 'light' as const)]
        return [
          {
            kind: 'coat',
            say: `Lay ${more === 1 ? 'one light coat' : `${more} light coats`} more of it`,
            edit: { replace: { step: film.step, with: { ...laid, coats } } },
          },
          { kind: 'leave-out', say: 'Leave this pass out', edit: { remove: { step: index } } },
        ]
      },
    }
  },
}

/** Holes left until after the paint. Note. Source: handbook 2.6, second table. */
export const drillAfterPaint: Rule = {
  name: 'drill-after-paint',
  timing: false,
  judge: ({ resolved, stack, index }) => {
    const first = stack.films[0]
    if (!resolved.row.pierces || !first) return null
    return {
      severity: 'note',
      because: 'Drilled after paint, the edge of the hole chips and swarf sticks to the finish.',
      on: { film: first.family },
      candidates: () => [
        {
          kind: 'order',
          say: 'Drill before the first paint',
          edit: { move: { step: index, before: first.step } },
        },
      ],
    }
  },
}
