import { expose } from 'comlink'
import { match } from '@/core/colour'
import { measureMesh } from '@/core/mesh'
import { keptMesh } from '@/core/shape/keptMesh'
import { zoneMesh } from '@/core/shape/meshFacts'
import type { DeskWorker } from './deskMessages'

const desk: DeskWorker = {
  match: ({ target, bottles, ...options }, onProgress) =>
    match(target, bottles, { ...options, onProgress }),
  mesh: (name, bytes, size, onProgress) =>
    measureMesh(name, new Uint8Array(bytes), size, onProgress),
  zones: (id, name, bytes, size, onProgress) => {
    const zoned = zoneMesh(name, new Uint8Array(bytes), size, onProgress)
    return { mesh: keptMesh(id, name, zoned), facts: zoned.facts, kept: zoned.triangles.kept }
  },
}

expose(desk)
