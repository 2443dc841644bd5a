/** Samples in rows: how many across and down, and how far apart, mm. */
export type SampleGrid = { width: number; height: number; mm: number }

/** Where soot comes from: a place, mm, and how wide, mm. */
export type Outlet = { x: number; y: number; z: number; diameter: number }

/**
 * A surface as a list of samples with fields, and who is whose neighbour: all that acts know of what they are done to.
 * Source: handbook 10.2.
 */
export type Samples = {
  count: number
  /** A typical distance between neighbours, mm. */
  spacing: number
  /** As rows, where it is a panel. */
  grid: SampleGrid | null
  /** Place, mm on the model: x to the right, y down, z out of the face. */
  x: Float32Array
  y: Float32Array
  z: Float32Array
  /** What a sample stands for, mm². */
  area: Float32Array
  /** Unit normals. */
  nx: Float32Array
  ny: Float32Array
  nz: Float32Array
  /** How square it stands to what is sprayed from the front, −1 to 1. */
  front: Float32Array
  /** How deep it lies in a hollow, mm. */
  recess: Float32Array
  /** 0 on a face, 1 on a corner. */
  edge: Float32Array
  /** Share of the sky over its face that it sees. */
  open: Float32Array
  /** 0 the lowest of the model, 1 its top. */
  level: Float32Array
  /** Normal · up, −1 to 1. */
  up: Float32Array
  /** Unit vectors along which a drop runs; none where the face lies flat. */
  fallX: Float32Array
  fallY: Float32Array
  fallZ: Float32Array
  /** Which face of the surface, from 1 in the order of reading; 0: none. */
  plate: Uint8Array
  plates: number
  /** Depth of the deepest line, mm; 0: there is none. */
  lineDepth: number
  outlets: readonly Outlet[]
  /** Neighbours of sample i: `next` from `start[i]` to `start[i + 1]`. */
  start: Int32Array
  next: Int32Array
  /** Every sample within a radius, mm, of a place: some a little farther. */
  near: (x: number, y: number, z: number, radius: number, visit: (sample: number) => void) => void
  /** The unit vector of up, and of travel, on the model as it stands. */
  upward: readonly [number, number, number]
  travel: readonly [number, number, number]
  /** What directions are counted by: along this, clockwise towards that. */
  axes: { across: readonly [number, number, number]; down: readonly [number, number, number] }
}

/** What lies deeper than this lies in a recess, mm. Source: handbook 10.2. */
export const RECESS_FROM = 0.02

/** From so much edge on it is no face. Source: handbook 10.2. */
const FACE_EDGE = 0.2

/** Is it a sample of a face? Source: handbook 10.2. */
export function isFace({ recess, edge }: Samples, i: number): boolean {
  return (recess[i] as number) < RECESS_FROM && (edge[i] as number) < FACE_EDGE
}

/** All of a surface, mm². */
export function wholeArea({ area }: Samples): number {
  return area.reduce((sum, one) => sum + one, 0)
}

/** The samples that are so, in their order. */
export function samplesThat({ count }: Samples, is: (sample: number) => boolean): number[] {
  const out: number[] = []
  for (let i = 0; i < count; i++) if (is(i)) out.push(i)
  return out
}
