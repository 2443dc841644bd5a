import type { Sheen } from './vocabulary'

/** Where on a part a film lies: over the whole face, or only in its recesses, on its edges, in spots. */
export type FilmPlace = 'face' | 'recesses' | 'edges' | 'spots'

/** One step in the section through a part: what its film adds, and what the part looks like with it. */
export type SectionStep = {
  step: string
  /** What it does to the section: lays a film, lays a mask, opens what lies over a release coat; null: it leaves all as it is. */
  does: 'film' | 'mask' | 'open' | null
  place: FilmPlace
  /** Dry build of each coat where it lies, µm, first coat first. */
  coats: number[]
  /** Share of it that stays on the face of what runs into recesses; 1 for what doesn't. Source: handbook 5.2. */
  onFace: number
  /** What is under it shows through. */
  translucent: boolean
  sheen: Sheen | null
  /** The colour of the face with it, through all that is clear, #RRGGBB; null: nobody has said what hides. */
  seen: string | null
  /** What it opens: the step whose film shows there again; null: the part itself, or nothing is opened. */
  downTo: string | null
}
