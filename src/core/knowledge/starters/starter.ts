import type { Part } from '../../model/build'
import type { ActStep, School } from '../../model/sequence'

/** A whole-finish starting sequence: what a new build begins with. */
/** What a starting sequence is for. */
export const STARTER_KINDS = ['ship', 'mecha', 'miniature', 'terrain', 'car'] as const
export type StarterKind = (typeof STARTER_KINDS)[number]

export type Starter = {
  id: string
  kind: StarterKind
  name: string
  /** What kind of finish it is, in one sentence. */
  about: string
  scale: number
  use: 'display' | 'handled'
  school: School
  parts: readonly Part[]
  /** In order of work; `on` names the parts, all of them unless it says. */
  steps: readonly { on?: readonly string[]; step: ActStep }[]
}
