import fc from 'fast-check'
import { obj, torus } from '../mesh/tests/meshes'
import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import type { Build, Part } from '../model/build'
import type { Edit } from '../model/edit'
import { keptMesh } from '../shape/keptMesh'
import { zoneMesh } from '../shape/meshFacts'
import { joinedEdit } from './joinedZones'
import { meshEdit } from './proposedZones'
import { drawnRound, shapeOfPart } from './shapeOfPart'

const PART: Part = { id: 'ring', name: 'Ring', substrate: 'resin-printed' }
const ZONED = zoneMesh('a.obj', obj(torus(30, 9, 14)), { unit: 'mm', scale: 1, up: 'z' })
const MESH = keptMesh('m0', 'a.obj', ZONED)
const TRIANGLES = ZONED.solid.areas.length

const edited = (build: Build, edit: Edit) => {
  const done = applyEdit(build, edit, NOTHING_LOGGED, () => 'n')
  return done.ok ? done.build : build
}
const BEGUN = edited(
  { id: 'b', name: 'Ring', parts: [PART], steps: [] },
  meshEdit({ id: 'b', name: 'Ring', parts: [PART], steps: [] }, PART, 'm0', ZONED.facts),
)
const act = fc.oneof(
  fc.record({ into: fc.nat(20), other: fc.nat(20) }),
  fc.record({ triangles: fc.uniqueArray(fc.nat(TRIANGLES - 1), { maxLength: 60 }) }),
)

it('however zones are joined and drawn round, they add up to the part, and every triangle is of one', () => {
  fc.assert(
    fc.property(fc.array(act, { maxLength: 6 }), (acts) => {
      let [build, mesh] = [BEGUN, MESH]
      for (const [i, one] of acts.entries()) {
        const zones = build.zones ?? []
        const idAt = (place: number) => zones[place % zones.length]?.id ?? ''
        if ('triangles' in one) {
          const part = build.parts[0] as Part
          const fresh = { zone: `z${i}`, meshId: `m${i + 1}`, name: `Patch ${i}` }
          const made = drawnRound(build, part, mesh, { ...fresh, triangles: one.triangles })
          if (made) [build, mesh] = [edited(build, made.edit), made.mesh]
        } else {
          const edit = joinedEdit(build, idAt(one.into), idAt(one.other))
          if (edit) build = edited(build, edit)
        }
      }
      const zones = build.zones ?? []
      const sum = zones.reduce((all, { areaCm2 = 0 }) => all + areaCm2, 0)
      // Each zone is rounded to a hundredth.
      expect(Math.abs(sum - ZONED.facts.areaCm2)).toBeLessThan(0.01 * zones.length + 0.05)
      const shape = shapeOfPart(build, build.parts[0] as Part, mesh)
      expect(shape?.zoneOf).toHaveLength(TRIANGLES)
      expect([...(shape?.zoneOf ?? [])].every((zone) => zone >= 0)).toBe(true)
      const used = new Set(shape?.zoneOf)
      expect(zones.filter((_, place) => !used.has(place)).map(({ id }) => id)).toEqual([])
      for (const { id, edges = [] } of zones)
        for (const { zone, mm } of edges) {
          expect(zone).not.toBe(id)
          expect(zones.some((other) => other.id === zone)).toBe(true)
          expect(mm).toBeGreaterThan(0)
        }
    }),
    { numRuns: 150, seed: 17 },
  )
})
