import { expose } from 'comlink'
import { match } from '@/core/colour'
import { measureMesh } from '@/core/mesh'
import type { DeskWorker } from './deskMessages'

const desk: DeskWorker = {
  match: ({ target, bottles, ...options }, onProgress) =>
    match(target, bottles, { ...options, onProgress }),
  mesh: (name, bytes, size, onProgress) =>
    measureMesh(name, new Uint8Array(bytes), size, onProgress),
}

expose(desk)
