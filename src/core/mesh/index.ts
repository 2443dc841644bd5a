export { MESH_UNITS, type MeshMeasure, type MeshSize, type MeshUnit, measureMesh } from './measure'
export { MeshError } from './triangles'
