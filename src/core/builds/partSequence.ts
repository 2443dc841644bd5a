import type { Build, BuildStep, Part } from '../model/build'
import type { Sequence, Step } from '../model/sequence'

/** The steps of a build that touch a part, in order. */
export function stepsOfPart(build: Build, part: string): BuildStep[] {
  return build.steps.filter((step) => step.parts.includes(part))
}

/** The sequence of a part as the check reads it. */
export function sequenceOf(build: Build, part: Part, steps: readonly Step[]): Sequence {
  return {
    format: 'tectoria-sequence',
    version: 1,
    substrate: part.substrate,
    waits: 'auto',
    steps: [...steps],
    ...(build.scale === undefined ? {} : { scale: build.scale }),
    ...(build.use === undefined ? {} : { use: build.use }),
    ...(build.school === undefined ? {} : { school: build.school }),
    ...(part.lineDepthMm === undefined ? {} : { lineDepthMm: part.lineDepthMm }),
    ...(part.jointGapMm === undefined ? {} : { jointGapMm: part.jointGapMm }),
  }
}
