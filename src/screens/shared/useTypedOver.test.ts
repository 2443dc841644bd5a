/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import fc from 'fast-check'
import { changedElsewhere, leftTyped, useTypedOver } from './useTypedOver'

type Fields = { name: string; colour: string; parts: string[] }
const BOTTLE: Fields = { name: 'Sand', colour: '#C9B48A', parts: ['hull'] }

function typing(now: Fields = BOTTLE) {
  const { result, rerender } = renderHook((fields: Fields) => useTypedOver(fields), {
    initialProps: now,
  })
  return {
    get: () => result.current,
    put: (fields: Partial<Fields>) => act(() => result.current.put(fields)),
    take: (field: keyof Fields) => act(() => result.current.take(field)),
    becomes: (fields: Partial<Fields>) => rerender({ ...now, ...fields }),
  }
}

it('what nobody typed into follows the thing, what was typed stays', () => {
  const on = typing()
  on.put({ name: 'Dune' })
  on.becomes({ colour: '#FFFFFF' })
  expect(on.get()).toMatchObject({
    draft: { ...BOTTLE, name: 'Dune', colour: '#FFFFFF' },
    elsewhere: {},
    isChanged: true,
  })
})

it('where both changed the same it is told, and can be taken as it is there', () => {
  const on = typing()
  on.put({ name: 'Dune', parts: ['hull', 'turret'] })
  on.becomes({ name: 'Beach', parts: ['door'] })
  expect(on.get().elsewhere).toEqual({ name: 'Beach', parts: ['door'] })
  expect(on.get().draft.name).toBe('Dune')
  on.take('name')
  expect(on.get().draft).toMatchObject({ name: 'Beach', parts: ['hull', 'turret'] })
  expect(on.get().elsewhere).toEqual({ parts: ['door'] })
})

it('what has become what was typed is typed no more', () => {
  const on = typing()
  on.put({ name: 'Dune' })
  on.becomes({ name: 'Dune' })
  expect(on.get()).toMatchObject({ isChanged: false, elsewhere: {} })
  on.becomes({ name: 'Beach' })
  expect(on.get()).toMatchObject({ draft: { name: 'Beach' }, elsewhere: {} })
})

const value = fc.constantFrom('', 'a', 'b', 'c')
const fields = fc.record({ x: value, y: value })

it('nothing typed is lost, and nothing is told that isn’t a clash', () => {
  fc.assert(
    fc.property(
      fields,
      fields,
      fc.dictionary(fc.constantFrom('x', 'y'), value),
      (over, now, typed) => {
        const kept = { typed, over }
        const left = leftTyped(kept, now)
        for (const field of ['x', 'y'] as const) {
          const shown = { ...now, ...left.typed }[field]
          expect(shown).toBe(field in typed ? typed[field] : now[field])
          const isClash =
            field in typed && now[field] !== over[field] && now[field] !== typed[field]
          expect(field in changedElsewhere(left, now)).toBe(isClash)
        }
      },
    ),
  )
})
