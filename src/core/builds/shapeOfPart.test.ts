import { cube, obj } from '../mesh/tests/meshes'
import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import type { Build, BuildStep, Part } from '../model/build'
import type { Edit } from '../model/edit'
import { parse } from '../model/input'
import { type Mesh, meshSchema } from '../model/mesh'
import type { Zone } from '../model/zone'
import { drawnMesh, facesOfKept, keptMesh } from '../shape/keptMesh'
import { zoneMesh } from '../shape/meshFacts'
import { joinedEdit } from './joinedZones'
import { meshEdit, shapeEdit } from './proposedZones'
import { drawnRound, shapeOfPart } from './shapeOfPart'

const HULL: Part = { id: 'hull', name: 'Hull', substrate: 'resin-printed' }
const BARE: Build = { id: 'b', name: 'Hulk', parts: [HULL], steps: [] }
const BOX = { ...cube(1), points: cube(1).points.map(([x, y, z]) => [x * 120, y * 60, z * 40]) }
const ZONED = zoneMesh('box.obj', obj(BOX as never), { unit: 'mm', scale: 1, up: 'z' })
const MESH = keptMesh('m', 'box.obj', ZONED)

const done = (build: Build, edit: Edit) => applyEdit(build, edit, NOTHING_LOGGED, () => 'n')
const edited = (build: Build, edit: Edit | null) => {
  const result = edit && done(build, edit)
  if (!result?.ok) throw new Error(result?.why ?? 'no edit')
  return result.build
}
const partOf = (build: Build) => build.parts[0] as Part
const areasOf = ({ zones = [] }: Build) => zones.reduce((sum, { areaCm2 = 0 }) => sum + areaCm2, 0)
const meshed = edited(BARE, meshEdit(BARE, HULL, 'm', ZONED.facts))
const zoneOf = (build: Build, id: string) => build.zones?.find((zone) => zone.id === id) as Zone

describe('a mesh that is kept', () => {
  it('is read again as it was, to a 65,535th of its lengths', () => {
    expect(parse(meshSchema, MESH)).toMatchObject({ ok: true })
    expect(MESH).toMatchObject({ triangles: 12, lengths: [120, 60, 40] })
    const drawn = drawnMesh(MESH)
    expect(drawn.zoneOf).toHaveLength(12)
    const { solid } = ZONED
    drawn.points.forEach((mm, i) => {
      const at = (solid.corners[Math.floor(i / 3)] as number) * 3 + (i % 3)
      expect(Math.abs(mm - (solid.points[at] as number))).toBeLessThan(120 / 65_535)
    })
  })

  it.each([
    ['no base64', { points: '*' }],
    ['a point that isn’t there', { points: MESH.points.slice(0, 8) }],
    ['a face too many', { faces: ['top'] }],
    ['a triangle too few', { faceOf: '' }],
  ])('is refused with %s', (_, wrong) => {
    expect(parse(meshSchema, { ...MESH, ...wrong })).toMatchObject({ ok: false })
  })

  it('knows how large its faces are and where they meet', () => {
    const { faces, meets } = facesOfKept(MESH)
    const top = faces[MESH.faces.indexOf('top')]
    expect(top).toMatchObject({ facing: 'up' })
    expect(top?.areaCm2).toBeCloseTo(72, 2)
    expect(top?.height).toBeCloseTo(1, 4)
    expect(meets.find(({ a, b }) => [a, b].sort().join() === 'front,top')?.mm).toBeCloseTo(60, 2)
  })
})

describe('the shape of a part', () => {
  it('is its mesh, zone by zone', () => {
    expect(partOf(meshed)).toMatchObject({ mesh: 'm', areaCm2: 288 })
    const shape = shapeOfPart(meshed, partOf(meshed), MESH)
    expect(shape?.zones).toContain('hull-top')
    expect(new Set(shape?.zoneOf).size).toBe(6)
    expect(shape && Math.min(...shape.zoneOf)).toBe(0)
  })

  it('is nothing where its mesh isn’t here, or nobody said one', () => {
    expect(shapeOfPart(meshed, partOf(meshed), undefined)).toBeNull()
    expect(shapeOfPart(BARE, HULL, undefined)).toBeNull()
  })

  it('knows zones that were proposed before their faces were named, by their ids', () => {
    const shaped = edited(BARE, shapeEdit(BARE, HULL, { kind: 'sphere', diameterMm: 30 }))
    const zones = (shaped.zones ?? []).map(({ faces: _, ...zone }) => ({
      ...zone,
      id: `${zone.id}-2`,
    }))
    const old = { ...shaped, zones }
    expect(new Set(shapeOfPart(old, partOf(old), undefined)?.zoneOf)).toEqual(new Set([0, 1]))
  })

  it('leaves a face bare whose zone was removed', () => {
    const zones = (meshed.zones ?? []).filter(({ id }) => id !== 'hull-top')
    expect([...(shapeOfPart({ ...meshed, zones }, HULL, MESH)?.zoneOf ?? [])]).not.toContain(5)
    expect([...(shapeOfPart({ ...meshed, zones }, partOf(meshed), MESH)?.zoneOf ?? [])]).toContain(
      -1,
    )
  })
})

describe('zones that are joined', () => {
  const spray = (zones: string[], id = 's'): BuildStep =>
    ({ id, parts: ['hull'], do: 'base', family: 'lacquer', zones }) as BuildStep
  const whole: Build = {
    ...meshed,
    parts: [{ ...partOf(meshed), spots: [{ id: 'x', kind: 'seam', zone: 'hull-front' }] }],
    events: [{ event: 'hail', zone: 'hull-front' }],
    steps: [spray(['hull-front']), spray(['hull-front', 'hull-top'], 't')],
  }
  const joined = edited(whole, joinedEdit(whole, 'hull-top', 'hull-front'))
  const top = zoneOf(joined, 'hull-top')

  it('have the area, the faces and the edges of both', () => {
    expect(top.areaCm2).toBeCloseTo(72 + 24, 2)
    expect(top.faces).toEqual(['top', 'front'])
    expect(areasOf(joined)).toBeCloseTo(288, 1)
    // Along both of them, and the edge between them is gone.
    expect(top.edges?.find(({ zone }) => zone === 'hull-port')?.mm).toBeCloseTo(160, 1)
    expect(top.edges?.some(({ zone }) => zone === 'hull-front')).toBe(false)
    expect(zoneOf(joined, 'hull-port').edges?.some(({ zone }) => zone === 'hull-top')).toBe(false)
    expect(new Set(shapeOfPart(joined, partOf(joined), MESH)?.zoneOf).size).toBe(5)
  })

  it('take along what was meant for either', () => {
    expect(joined.steps).toMatchObject([{ zones: ['hull-top'] }, { zones: ['hull-top'] }])
    expect(partOf(joined).spots).toMatchObject([{ zone: 'hull-top' }])
    expect(joined.events).toMatchObject([{ zone: 'hull-top' }])
  })

  it('aren’t where something is done on one of them alone', () => {
    const edit = joinedEdit(whole, 'hull-top', 'hull-front') as Edit
    const logged = (step: string) => (step === 's' ? { status: 'done' as const, coats: 1 } : null)
    expect(applyEdit(whole, edit, logged, () => 'n')).toMatchObject({ ok: false })
  })

  it.each([
    ['itself', 'hull-top'],
    ['one that isn’t there', 'hull-lid'],
  ])('aren’t with %s', (_, other) => {
    expect(joinedEdit(whole, 'hull-top', other)).toBeNull()
  })
})

describe('a zone that is drawn round', () => {
  const topTriangles = (mesh: Mesh) => {
    const { zoneOf, zones } = drawnMesh(mesh)
    return [...zoneOf.keys()].filter((t) => zones[zoneOf[t] as number] === 'top')
  }
  const drawn = (triangles: readonly number[]) =>
    drawnRound(meshed, partOf(meshed), MESH, {
      zone: 'hatch',
      meshId: 'm2',
      name: 'Hatch',
      triangles,
    })

  it('is taken from those that its triangles were of', () => {
    const made = drawn(topTriangles(MESH).slice(0, 1))
    const next = edited(meshed, made?.edit ?? null)
    expect(zoneOf(next, 'hatch')).toMatchObject({
      areaCm2: 36,
      facing: 'up',
      height: 1,
      faces: ['hatch'],
    })
    expect(zoneOf(next, 'hull-top').areaCm2).toBeCloseTo(36, 1)
    expect(areasOf(next)).toBeCloseTo(288, 1)
    const diagonal = zoneOf(next, 'hatch').edges?.find(({ zone }) => zone === 'hull-top')
    expect(diagonal).toMatchObject({ soft: true })
    expect(diagonal?.mm).toBeCloseTo(Math.hypot(120, 60), 1)
    const shape = shapeOfPart(next, partOf(next), made?.mesh)
    expect(
      [...(shape?.zoneOf ?? [])].filter((zone) => shape?.zones[zone] === 'hatch'),
    ).toHaveLength(1)
  })

  it('takes a zone’s place of which nothing is left', () => {
    const next = edited(meshed, drawn(topTriangles(MESH))?.edit ?? null)
    expect(next.zones?.some(({ id }) => id === 'hull-top')).toBe(false)
    expect(zoneOf(next, 'hatch').areaCm2).toBeCloseTo(72, 1)
  })

  it('isn’t where nothing was meant', () => {
    expect(drawn([])).toBeNull()
  })
})
