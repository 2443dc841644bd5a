/** A part of a build. */
export type PartRef = { build: string; part: string }

/** A step on a part of a build: what acts, pins, tasks and clocks speak of. */
export type StepRef = PartRef & { step: string }

/** One coat of a step on a part, from 1. */
export type CoatRef = StepRef & { coat: number }

/** Ids hold no slash, so that joined they stay apart. */
const JOINT = '/'

/**
 * What is referred to, as a key: "build/part", "build/part/step" or "build/part/step/coat". The one place where keys are
 * made; pins and tasks carry them as their ids.
 */
export function key(ref: PartRef | StepRef | CoatRef): string {
  const { build, part, step, coat } = ref as Partial<CoatRef> & PartRef
  const parts: (string | number)[] = [build, part]
  if (step !== undefined) parts.push(step)
  if (step !== undefined && coat !== undefined) parts.push(coat)
  return parts.join(JOINT)
}

/** What a key refers to; null where it isn't one of a part or a step. */
export function refOf(text: string): PartRef | StepRef | null {
  const [build, part, step] = text.split(JOINT)
  if (!build || !part) return null
  return step ? { build, part, step } : { build, part }
}

/** The part alone of something that lies on one. */
export function partOf({ build, part }: PartRef): PartRef {
  return { build, part }
}

/** The step alone of something that belongs to one. */
export function stepOf({ build, part, step }: StepRef): StepRef {
  return { build, part, step }
}

/** Do two refer to the same part? */
export function isSamePart(a: PartRef, b: PartRef): boolean {
  return a.build === b.build && a.part === b.part
}
