import { FLOW } from '../../../knowledge/sheens'
import type { Tool } from '../../../model/vocabulary'
import { glossCandidates } from '../../remedies/candidates'
import type { Remedy, Rule } from '../finding'

/** Tools that draw a line instead of letting it run. */
const DRAWN: readonly Tool[] = ['pen', 'needle']

/** How far down the build's school lets the surface go. Source: handbook 1, schools. */
const SILENT = {
  gloss: ['gloss'],
  satin: ['gloss', 'satin'],
  matt: ['gloss', 'satin', 'matt'],
} as const satisfies Record<string, readonly string[]>

/** A recess wash over matt or satin, unless the build's school says so. Source: handbook 2.5, 2.6. */
export const flowNeedsGloss: Rule = {
  name: 'flow-needs-gloss',
  timing: false,
  ofFace: true,
  asksStage: true,
  judge: (context) => {
    const { step, stack, resolved, setting } = context
    if (!resolved.row.runs || stack.sheen === null || DRAWN.includes(resolved.tool)) return null
    if (step.wanted?.includes('ghost')) return null
    const flow = FLOW[stack.sheen]
    const silent: readonly string[] = SILENT[setting.school.liningSurface ?? 'gloss']
    if (silent.includes(flow)) return null
    const top = stack.films.at(-1)
    return {
      severity: flow === 'matt' ? 'risk' : 'note',
      because:
        flow === 'matt'
          ? `The face is ${stack.sheen}: the wash spreads sideways and stains it instead of running along the recesses.`
          : `The face is ${stack.sheen}: the wash runs only part of the way and stains it slightly.`,
      on: top ? { film: top.family } : { substrate: stack.substrate },
      candidates: (): Remedy[] => [
        ...glossCandidates(context),
        {
          kind: 'order',
          say: `Take the ${flow} surface as this build's school of lining`,
          edit: { set: { school: { ...setting.school, liningSurface: flow } } },
        },
      ],
    }
  },
}
