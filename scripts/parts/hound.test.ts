import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { measureMesh } from '../../src/core/mesh/measure'
import { HOUND_SIZE, houndOfDemo, houndStl } from './hound'

it('is a printed part: closed, as large as it should be', () => {
  const { openEdges, crowdedEdges, sizeMm, warnings } = measureMesh(
    'hound.stl',
    houndStl(),
    HOUND_SIZE,
  )
  expect({ openEdges, crowdedEdges, warnings }).toEqual({
    openEdges: 0,
    crowdedEdges: 0,
    warnings: [],
  })
  expect(sizeMm.map(Math.round)).toEqual([42, 38, 27])
})

it('is what the demo has', () => {
  const file = join(__dirname, '..', '..', 'src', 'demo', 'hound.json')
  expect(houndOfDemo()).toEqual(JSON.parse(readFileSync(file, 'utf8')))
})
