'use client'
import { Canvas, useThree } from '@react-three/fiber'
import { type ReactNode, useEffect, useMemo } from 'react'
import {
  BufferAttribute,
  BufferGeometry,
  PerspectiveCamera,
  setConsoleFunction,
  Vector3,
} from 'three'
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js'
import type { Eye } from '@/core/shape/pictured'

// The library that draws still uses a clock that the other one calls old, and would say so at every start.
setConsoleFunction((kind, message, ...more) => {
  if (!String(message).includes('Clock')) console[kind](message, ...more)
})

/** What is drawn in three dimensions, to be turned and looked at from everywhere. */
export function PartStage({
  points,
  eye,
  height,
  onMissed,
  children,
}: {
  /** All of it: where the eye looks, and from how far. */
  points: Float32Array
  eye: Eye
  /** px. */
  height: number
  /** A tap beside it. */
  onMissed?: () => void
  children: ReactNode
}) {
  return (
    <div style={{ height }} className="cursor-grab active:cursor-grabbing">
      <Canvas frameloop="demand" dpr={[1, 2]} onPointerMissed={() => onMissed?.()}>
        <Lamps />
        {children}
        <Hand points={points} eye={eye} />
      </Canvas>
    </div>
  )
}

/** Light from everywhere, and two lamps: one over the shoulder, a weaker one from the other side. */
function Lamps() {
  return (
    <>
      <ambientLight intensity={0.9} />
      <directionalLight intensity={2.2} position={[0.8, 0.7, 1.2]} />
      <directionalLight intensity={0.9} position={[-1, -0.6, 0.3]} />
      <directionalLight intensity={0.7} position={[0.4, 1, 0.3]} />
    </>
  )
}

/** How far away the eye is, of the part's own size. */
const AWAY = 2.9

/** The part in the hand: turned by dragging, nearer by the wheel or two fingers, and from where the buttons say. */
function Hand({ points, eye }: { points: Float32Array; eye: Eye }) {
  const camera = useThree(({ camera }) => camera)
  const element = useThree(({ gl }) => gl.domElement)
  const invalidate = useThree(({ invalidate }) => invalidate)
  const controls = useMemo(() => {
    camera.up.set(0, 0, 1)
    return new OrbitControls(camera, element)
  }, [camera, element])
  useEffect(() => {
    const redraw = () => invalidate()
    controls.addEventListener('change', redraw)
    return () => {
      controls.removeEventListener('change', redraw)
      controls.dispose()
    }
  }, [controls, invalidate])
  useEffect(() => {
    const { middle, size } = boundsOf(points)
    const [a, b] = [(eye.round * Math.PI) / 180, (eye.above * Math.PI) / 180]
    const way = new Vector3(Math.cos(b) * Math.cos(a), Math.cos(b) * Math.sin(a), Math.sin(b))
    controls.target.copy(middle)
    camera.position.copy(middle).addScaledVector(way, size * AWAY)
    if (camera instanceof PerspectiveCamera) {
      camera.fov = 35
      camera.near = size / 100
      camera.far = size * 20
      camera.updateProjectionMatrix()
    }
    controls.update()
    invalidate()
  }, [camera, controls, points, eye, invalidate])
  return null
}

function boundsOf(points: Float32Array): { middle: Vector3; size: number } {
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(points, 3))
  geometry.computeBoundingSphere()
  const sphere = geometry.boundingSphere
  geometry.dispose()
  return { middle: sphere?.center ?? new Vector3(), size: sphere?.radius || 1 }
}
