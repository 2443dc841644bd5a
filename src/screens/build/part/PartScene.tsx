'use client'

import { type ThreeEvent, useThree } from '@react-three/fiber'
import { useEffect, useMemo } from 'react'
import {
  BufferAttribute,
  BufferGeometry,
  DoubleSide,
  EdgesGeometry,
  Mesh,
  MeshBasicMaterial,
  MeshStandardMaterial,
} from 'three'
import { acceleratedRaycast, MeshBVH } from 'three-mesh-bvh'
import type { Sheen } from '@/core/model/vocabulary'
import type { DrawnShape } from '@/core/shape/drawn'
import { PartStage } from '../../shared/stage/PartStage'
import { BARE, type SeenPart, type ZoneLook } from './paintPart'

/** How rough a face is by its sheen. */
const ROUGH: Record<Sheen, number> = { gloss: 0.32, 'semi-gloss': 0.4, satin: 0.5, matt: 0.95 }

/** A part to be turned and looked at from everywhere; a tap chooses a zone. */
export function PartScene(props: SeenPart) {
  return (
    <PartStage
      points={props.drawn.points}
      eye={props.eye}
      height={props.height}
      onMissed={() => props.onPick(-1)}
    >
      <Part {...props} />
    </PartStage>
  )
}

function Part({ drawn, looks, lit, chosen, onPick }: SeenPart) {
  const { geometry, order } = useMemo(() => byZone(drawn), [drawn])
  const invalidate = useThree(({ invalidate }) => invalidate)
  const mesh = useMemo(() => {
    const made = new Mesh(geometry)
    made.raycast = acceleratedRaycast
    return made
  }, [geometry])
  const materials = useMemo(
    () =>
      [BARE, ...drawn.zones.map((_, zone) => looks[zone] ?? BARE)].map((look) =>
        material(look, lit),
      ),
    [drawn, looks, lit],
  )
  useEffect(() => {
    mesh.material = materials
    invalidate()
    return () => {
      for (const one of materials) one.dispose()
    }
  }, [mesh, materials, invalidate])
  useEffect(() => () => geometry.dispose(), [geometry])
  const rim = useMemo(() => (chosen < 0 ? null : rimOf(drawn, chosen)), [drawn, chosen])
  useEffect(() => () => rim?.dispose(), [rim])
  return (
    <>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: a thing in a picture; its zones are buttons beside it */}
      <primitive
        object={mesh}
        onClick={(event: ThreeEvent<MouseEvent>) => {
          event.stopPropagation()
          const t = order[event.faceIndex ?? -1]
          onPick(t === undefined ? -1 : (drawn.zoneOf[t] as number))
        }}
      />
      {rim && (
        <lineSegments geometry={rim}>
          <lineBasicMaterial color="#0B6B4F" depthTest={false} transparent />
        </lineSegments>
      )}
    </>
  )
}

function material({ colour, sheen }: ZoneLook, lit: boolean) {
  return lit
    ? new MeshStandardMaterial({
        color: colour,
        roughness: sheen ? ROUGH[sheen] : 0.8,
        flatShading: true,
        side: DoubleSide,
      })
    : new MeshBasicMaterial({ color: colour, side: DoubleSide })
}

/** Triangles zone by zone, each zone a group with a material of its own, and which triangle each was. */
function byZone({ points, zoneOf, zones }: DrawnShape) {
  const order = Uint32Array.from(zoneOf.keys()).sort(
    (a, b) => (zoneOf[a] as number) - (zoneOf[b] as number) || a - b,
  )
  const sorted = new Float32Array(points.length)
  order.forEach((t, i) => {
    sorted.set(points.subarray(t * 9, t * 9 + 9), i * 9)
  })
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(sorted, 3))
  geometry.computeVertexNormals()
  let from = 0
  for (let zone = -1; zone < zones.length; zone++) {
    const count = zoneOf.reduce((sum, one) => (one === zone ? sum + 1 : sum), 0)
    if (count > 0) geometry.addGroup(from * 3, count * 3, zone + 1)
    from += count
  }
  // The tree keeps the triangles where they are: groups go by their places.
  geometry.boundsTree = new MeshBVH(geometry, { indirect: true })
  return { geometry, order }
}

/** The sharp edges and the border of a zone. */
function rimOf({ points, zoneOf }: DrawnShape, zone: number): EdgesGeometry {
  const own = [...zoneOf.keys()].filter((t) => zoneOf[t] === zone)
  const some = new Float32Array(own.length * 9)
  own.forEach((t, i) => {
    some.set(points.subarray(t * 9, t * 9 + 9), i * 9)
  })
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(some, 3))
  const rim = new EdgesGeometry(geometry, 40)
  geometry.dispose()
  return rim
}
