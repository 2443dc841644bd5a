export { type MeshMeasure, measureMesh } from './measure'
export { MESH_UNITS, type MeshSize, type MeshUnit } from './size'
