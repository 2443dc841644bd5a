import { type Standing, withoutPlace } from './rackPlaces'

const stands = (task: string | null, from: number, to: number): Standing => ({ task, from, to })

test.each<{ why: string; standing: Standing[]; places: number; late: Record<string, number> }>([
  {
    why: 'two on two places',
    standing: [stands('a', 0, 60), stands('b', 10, 70)],
    places: 2,
    late: {},
  },
  {
    why: 'the third waits for the first to leave',
    standing: [stands('a', 0, 60), stands('b', 10, 70), stands('c', 20, 80)],
    places: 2,
    late: { c: 60 },
  },
  {
    why: 'and the fourth for the second',
    standing: [stands('a', 0, 60), stands('b', 10, 70), stands('c', 20, 80), stands('d', 30, 90)],
    places: 2,
    late: { c: 60, d: 70 },
  },
  {
    why: 'what left before holds nothing up',
    standing: [stands('a', 0, 30), stands('b', 30, 60)],
    places: 1,
    late: {},
  },
  {
    why: 'what is laid already can’t be moved',
    standing: [stands(null, 0, 60), stands(null, 5, 65), stands('c', 20, 80)],
    places: 1,
    late: { c: 65 },
  },
])('$why', ({ standing, places, late }) => {
  expect(Object.fromEntries(withoutPlace(standing, places))).toEqual(late)
})
