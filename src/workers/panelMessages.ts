import type { Technique } from '@/core/knowledge'
import type { BuildStep } from '@/core/model/build'
import type { Panel } from '@/core/model/panel'
import type { Show } from '@/core/model/panelFormat'
import type { Sequence } from '@/core/model/sequence'
import type { StandIn } from '@/core/model/shape'
import type { WrongMarks } from '@/core/panel/markSizes'
import type { PanelFigure, Usual } from '@/core/panel/measures/figures'
import type { PanelMeasures } from '@/core/panel/measures/measures'
import type { DrawnShape } from '@/core/shape/drawn'

/** Steps on a panel, and how far they are laid. */
export type PanelLaid = {
  sequence: Sequence
  panel: Panel
  /** After so many steps. */
  at: number
}

/** A panel as it is asked to be looked at. */
export type PanelAsked = PanelLaid & {
  show: Show
  /** Samples a mm. */
  px: number
  /** How far the eye is, mm: what is finer than it resolves is tone; 0: everything is seen. */
  away: number
  /** Is it asked what the last step touched? */
  lit: boolean
}

/** A panel as it is seen. */
export type PanelSeen = {
  width: number
  height: number
  /** Red, green, blue and whole, row by row. */
  pixels: Uint8ClampedArray<ArrayBuffer>
  /** How much of each sample the last step touched, 0 to 255; null where that wasn't asked. */
  touched: Uint8Array<ArrayBuffer> | null
}

/** What a panel comes to. */
export type PanelFigures = {
  measures: PanelMeasures
  figures: Record<PanelFigure, number | null>
  usual: Usual
  wrong: WrongMarks[]
  /** What the check says of these steps: stops and risks that stand for themselves. */
  findings: { step: number; rule: string; severity: 'stop' | 'risk'; because: string }[]
}

/** By figure, the step that moved it most. */
export type PanelMoved = Partial<Record<PanelFigure, number>>

/** A part as it is asked to be painted. */
export type PartAsked = {
  /** Another name is another shape: it is sent and made ready once. */
  name: string
  drawn: DrawnShape | null
  standIn: StandIn | null
  sequence: Sequence
  seed: number
  at: number
  /** How far the eye is, mm. */
  away: number
  /** Points at the most. */
  most: number
}

/** A part as it is painted: its points, the triangles of them, and of each point its colour, linear 0 to 1, and its gloss. */
export type PartSeen = {
  points: Float32Array
  normals: Float32Array
  corners: Uint32Array
  colours: Float32Array
  gloss: Uint8Array
  figures: PanelFigures
}

/** What a worker of the panel is asked. */
export type PanelWorker = {
  look: (asked: PanelAsked) => PanelSeen
  figures: (asked: PanelLaid & { px: number; away: number }) => PanelFigures
  moved: (asked: PanelLaid & { px: number }) => PanelMoved
  part: (asked: PartAsked) => PartSeen
  /** A technique's steps on a painted part, and what was there before. */
  onPainted: (technique: Technique) => { before: BuildStep[]; after: BuildStep[] }
}
