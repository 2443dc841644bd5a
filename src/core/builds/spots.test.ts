import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import type { Build, Part } from '../model/build'
import type { Edit } from '../model/edit'
import {
  placesMissed,
  roundNow,
  spotChanged,
  spotFound,
  spotRounds,
  spotsMoved,
  stumpMinutes,
} from './spots'

const HULL: Part = { id: 'p', name: 'Hull', substrate: 'resin-printed' }

function after(part: Part, ...edits: ((part: Part) => Edit)[]): Part {
  return edits.reduce((now, edit) => {
    const zones = [{ id: 'roof', part: 'p', name: 'Roof' }]
    const build: Build = { id: 'b', name: 'Hulk', parts: [now], zones, steps: [] }
    const done = applyEdit(build, edit(now), NOTHING_LOGGED, () => 'n')
    if (!done.ok) throw new Error(done.why)
    return done.build.parts[0] as Part
  }, part)
}

const seam = (part: Part) => spotFound(part, 'a', 'seam')
const hole = (part: Part) => spotFound(part, 'b', 'pinhole', 'roof')

it('puts what is found into the round of looking that is open', () => {
  expect(roundNow(HULL)).toBe(1)
  const found = after(HULL, seam, hole)
  expect(found.spots).toEqual([
    { id: 'a', kind: 'seam', round: 1 },
    { id: 'b', kind: 'pinhole', round: 1, zone: 'roof' },
  ])
  expect(spotRounds(found)).toMatchObject([{ round: 1, open: 2 }])
})

it('begins the next round once every spot was seen good', () => {
  const good = after(HULL, seam, (part) => spotChanged(part, 'a', { state: 'good' }))
  expect(roundNow(good)).toBe(2)
  const again = after(good, hole)
  expect(spotRounds(again)).toMatchObject([
    { round: 1, open: 0 },
    { round: 2, open: 1 },
  ])
})

it('moves all that are as far, and takes one off', () => {
  const filled = after(HULL, seam, hole, (part) => spotsMoved(part, 'found', 'filled'))
  expect(filled.spots?.map(({ state }) => state)).toEqual(['filled', 'filled'])
  const one = after(filled, (part) => spotChanged(part, 'a', null))
  expect(one.spots?.map(({ id }) => id)).toEqual(['b'])
  expect(after(one, (part) => spotChanged(part, 'b', null)).spots).toBeUndefined()
})

it('reckons the stumps of supports', () => {
  expect(stumpMinutes(40)).toBeCloseTo(17, 6)
})

it('asks for the places of the zones that a step comes to', () => {
  const zone = (id: string, part: string, spots: string[]) => ({ id, part, name: id, spots })
  const zones = [
    zone('tail', 'p', ['behind the fins', 'under the rail']),
    zone('belly', 'p', ['behind the legs']),
    zone('mast', 'q', ['the foot']),
  ]
  const build: Build = { id: 'b', name: 'Hulk', parts: [HULL], zones, steps: [] }
  const base = { do: 'base', family: 'enamel' } as const
  expect(placesMissed(build, 'p', base)).toEqual([
    'behind the fins',
    'under the rail',
    'behind the legs',
  ])
  expect(placesMissed(build, 'p', { ...base, zones: ['belly'] })).toEqual(['behind the legs'])
  expect(placesMissed({ ...build, zones: [] }, 'p', base)).toEqual([])
})
