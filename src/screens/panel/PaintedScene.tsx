'use client'
import { useThree } from '@react-three/fiber'
import { useEffect, useMemo } from 'react'
import {
  BufferAttribute,
  BufferGeometry,
  DoubleSide,
  Mesh,
  MeshBasicMaterial,
  MeshStandardMaterial,
} from 'three'
import type { Eye } from '@/core/shape/pictured'
import type { PartSeen } from '@/state/panelDesks'
import { PartStage } from '../shared/stage/PartStage'

/** A part as the acts of the panel leave it, to be turned. */
export function PaintedScene({
  seen,
  flat,
  eye,
  height,
}: {
  seen: PartSeen
  /** Colours alone. */
  flat: boolean
  eye: Eye
  height: number
}) {
  return (
    <PartStage points={seen.points} eye={eye} height={height}>
      <PaintedMesh seen={seen} flat={flat} />
    </PartStage>
  )
}

function PaintedMesh({ seen, flat }: { seen: PartSeen; flat: boolean }) {
  const invalidate = useThree(({ invalidate }) => invalidate)
  const mesh = useMemo(() => new Mesh(), [])
  useEffect(() => {
    const geometry = new BufferGeometry()
    geometry.setAttribute('position', new BufferAttribute(seen.points, 3))
    geometry.setAttribute('normal', new BufferAttribute(seen.normals, 3))
    geometry.setAttribute('color', new BufferAttribute(seen.colours, 3))
    geometry.setAttribute('gloss', new BufferAttribute(seen.gloss, 1, true))
    geometry.setIndex(new BufferAttribute(seen.corners, 1))
    const material = flat
      ? new MeshBasicMaterial({ vertexColors: true, side: DoubleSide })
      : glossy()
    mesh.geometry = geometry
    mesh.material = material
    invalidate()
    return () => {
      geometry.dispose()
      material.dispose()
    }
  }, [mesh, seen, flat, invalidate])
  return <primitive object={mesh} />
}

/** A matt face is all rough; gloss units, of 255 as they come over, make it smooth. */
const ROUGH = { matt: 0.95, smoother: 1.7 } as const

/** Shines at each point as glossy as it is there. */
function glossy(): MeshStandardMaterial {
  const material = new MeshStandardMaterial({ vertexColors: true, side: DoubleSide })
  material.onBeforeCompile = (shader) => {
    shader.vertexShader = shader.vertexShader
      .replace(
        '#include <common>',
        '#include <common>\nattribute float gloss;\nvarying float vGloss;',
      )
      .replace('#include <begin_vertex>', '#include <begin_vertex>\nvGloss = gloss;')
    shader.fragmentShader = shader.fragmentShader
      .replace('#include <common>', '#include <common>\nvarying float vGloss;')
      .replace(
        '#include <roughnessmap_fragment>',
        `float roughnessFactor = max(0.25, ${ROUGH.matt} - ${ROUGH.smoother} * vGloss);`,
      )
  }
  return material
}
