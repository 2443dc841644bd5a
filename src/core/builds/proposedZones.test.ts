import { applyEdit } from '../model/applyEdit'
import type { Build, Part } from '../model/build'
import { shapeEdit, zoneEdit } from './proposedZones'

const HULL: Part = { id: 'hull', name: 'Hull', substrate: 'polystyrene' }
const BOX = { kind: 'box-hull', lengthMm: 120, widthMm: 60, heightMm: 40, complexity: 1.3 } as const
const build: Build = {
  id: 'b',
  name: 'Gannet’s Lament',
  parts: [HULL, { ...HULL, id: 'hull-2' }],
  // An id that the first part’s own would take.
  zones: [{ id: 'hull-top', part: 'hull-2', name: 'Lid' }],
  steps: [],
}
const edited = (of: Build, edit: Parameters<typeof applyEdit>[1]) => {
  const done = applyEdit(
    of,
    edit,
    () => null,
    () => 'n',
  )
  if (!done.ok) throw new Error(done.why)
  return done.build
}
const shaped = edited(build, shapeEdit(build, HULL, BOX))

it('a shape gives its part the area and zones, and leaves those of other parts', () => {
  expect(shaped.parts[0]).toMatchObject({ areaCm2: 374.4, standIn: BOX })
  expect(shaped.zones?.map(({ id, part }) => [part, id])).toEqual([
    ['hull-2', 'hull-top'],
    ['hull', 'hull-top-2'],
    ['hull', 'hull-port'],
    ['hull', 'hull-starboard'],
    ['hull', 'hull-front'],
    ['hull', 'hull-rear'],
    ['hull', 'hull-underside'],
  ])
  const port = shaped.zones?.find(({ id }) => id === 'hull-port')
  expect(port).toMatchObject({ mirror: 'hull-starboard', facing: 'side', height: 0.5 })
})

it('another shape proposes anew, in place of the zones there were', () => {
  const again = edited(shaped, shapeEdit(shaped, HULL, { kind: 'sphere', diameterMm: 30 }))
  expect(again.zones?.map(({ id }) => id)).toEqual(['hull-top', 'hull-upper', 'hull-lower'])
})

it('a zone is changed and removed', () => {
  const named = edited(shaped, zoneEdit(shaped, 'hull-rear', { name: 'Transom' }))
  expect(named.zones?.find(({ id }) => id === 'hull-rear')?.name).toBe('Transom')
  const gone = edited(named, zoneEdit(named, 'hull-rear', null))
  expect(gone.zones?.some(({ id }) => id === 'hull-rear')).toBe(false)
})

it('a part that is removed takes its zones along', () => {
  const left = edited(shaped, { do: 'removePart', part: 'hull' })
  expect(left.zones?.map(({ id }) => id)).toEqual(['hull-top'])
})
