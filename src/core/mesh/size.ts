/** Units that a mesh file may be meant in, mm each: the file doesn't say. */
export const MESH_UNITS = { mm: 1, cm: 10, m: 1000, inch: 25.4 } as const

/** A unit that mesh files are drawn in. */
export type MeshUnit = keyof typeof MESH_UNITS

/** How the lengths of a mesh file become those of the model. */
export type MeshSize = {
  unit: MeshUnit
  /** The mesh is of the real thing, so many times as large as the model; 1: of the model itself. */
  scale: number
  /** Which axis points up. */
  up: 'y' | 'z'
}
