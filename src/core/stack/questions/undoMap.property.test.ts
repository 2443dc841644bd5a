import fc from 'fast-check'
import { applyEnergy } from '../../knowledge/energies'
import { familyRow } from '../../knowledge/families'
import { reaction } from '../../knowledge/reactions'
import { simulate } from '../simulate/simulate'
import { filmState } from '../state/film'
import { stackOf } from '../state/regions'
import { openFilms } from '../state/stack'
import { sequences } from '../tests/arbitrary'
import { undoMap } from './undoMap'

const SEED = 20261127

/** A random sequence, and some hours after it. */
const asked = fc.tuple(sequences, fc.constantFrom(0, 40, 120, 1500, 6000))

it('every way moves the top film, and leaves the others or bears a light pass on them', () => {
  fc.assert(
    fc.property(asked, ([one, later]) => {
      const { stacks, series, total } = simulate(one)
      const stack = stackOf(stacks)
      const at = total + later
      const map = undoMap(stack, at, series)
      if (!map) return
      const under = openFilms({ ...stack, films: stack.films.slice(0, -1) }).filter(
        (film) => familyRow(film.family).film,
      )
      for (const way of map.ways) {
        const effect = (film: typeof map.film) =>
          applyEnergy(
            reaction(film.reads, filmState(film, at, series), way.solvent),
            way.touch,
            'light',
            way.solvent,
            false,
          )
        expect(['r', 'l', 'd']).toContain(effect(map.film))
        for (const film of under) expect(['-', 's']).toContain(effect(film))
        expect(way.until === null || way.until > at).toBe(true)
      }
    }),
    { numRuns: 400, seed: SEED },
  )
})

it('what leaves everything alone comes before what doesn’t', () => {
  fc.assert(
    fc.property(asked, ([one, later]) => {
      const { stacks, series, total } = simulate(one)
      const stack = stackOf(stacks)
      const unders = (undoMap(stack, total + later, series)?.ways ?? []).map((way) => way.under)
      expect(unders).toEqual([...unders].sort())
    }),
    { numRuns: 200, seed: SEED },
  )
})
