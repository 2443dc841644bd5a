import { expose, transfer } from 'comlink'
import { panelDesk } from './panelDesk'
import type { PanelAsked, PanelSeen, PanelWorker, PartAsked, PartSeen } from './panelMessages'

const desk = panelDesk()

// Pictures go over without being copied.
const worker: PanelWorker = {
  ...desk,
  look: (asked: PanelAsked): PanelSeen => {
    const seen = desk.look(asked)
    const { pixels, touched } = seen
    return transfer(seen, touched ? [pixels.buffer, touched.buffer] : [pixels.buffer])
  },
  part: (asked: PartAsked): PartSeen => {
    const seen = desk.part(asked)
    const { points, normals, corners, colours, gloss } = seen
    return transfer(
      seen,
      [points, normals, corners, colours, gloss].map(({ buffer }) => buffer as ArrayBuffer),
    )
  },
}

expose(worker)
