import type { Part } from '../../model/build'
import type { ActStep, School } from '../../model/sequence'

/** What a starting sequence is for. */
export const STARTER_KINDS = ['ship', 'mecha', 'miniature', 'terrain', 'car'] as const

/** What a starter is a model of. */
export type StarterKind = (typeof STARTER_KINDS)[number]

/** A whole-finish starting sequence: what a new build begins with. Source: handbook 1. */
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
