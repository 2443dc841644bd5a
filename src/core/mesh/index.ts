export { MESH_UNITS, type MeshMeasure, type MeshSize, type MeshUnit, measureMesh } from './measure'
