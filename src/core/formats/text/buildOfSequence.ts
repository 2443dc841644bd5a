import type { Build, BuildStep, Part } from '../../model/build'
import type { Sequence } from '../../model/sequence'

/** The part that a sequence is for. */
const MODEL = 'model'

/** A sequence as a build of one part; its air and its waits are the room's and the planner's there. */
export function buildOfSequence(sequence: Sequence): Build {
  const { substrate, scale, use, school, lineDepthMm, jointGapMm, steps } = sequence
  const part: Part = {
    id: MODEL,
    name: 'Model',
    substrate,
    ...(lineDepthMm === undefined ? {} : { lineDepthMm }),
    ...(jointGapMm === undefined ? {} : { jointGapMm }),
  }
  return {
    id: 'sequence',
    name: 'Sequence',
    ...(scale === undefined ? {} : { scale }),
    ...(use === undefined ? {} : { use }),
    ...(school === undefined ? {} : { school }),
    parts: [part],
    steps: steps.map((step, i) => ({ ...step, id: `s${i + 1}`, parts: [MODEL] }) as BuildStep),
  }
}
