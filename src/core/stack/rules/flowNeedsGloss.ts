import { FLOW } from '../../materials'
import { type ActStep, isAct } from '../../model/sequence'
import type { Sheen, Tool } from '../../model/vocabulary'
import type { Remedy, Rule } from '../finding'
import type { Moment } from '../moment'
import { newestWhole } from '../stack'
import { shieldWays } from '../ways'

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
  judge: (moment) => {
    const { step, stack, work, setting } = moment
    if (step.do !== 'line' || stack.sheen === null || DRAWN.includes(work.tool)) return null
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
      ways: (): Remedy[] => [
        ...glossWays(moment),
        {
          kind: 'order',
          say: `Take the ${flow} surface as this build's school of lining`,
          edit: { set: { school: { ...setting.school, liningSurface: flow } } },
        },
      ],
    }
  },
}

/** Give the face a gloss clear first: raise the last clear's sheen, or lay one. */
export function glossWays(moment: Moment): Remedy[] {
  const clear = newestWhole(moment.stack)
  const raise: Remedy[] = []
  const laid = clear && moment.setting.steps[clear.step]
  if (clear?.role === 'clear' && laid && isAct(laid)) raise.push(raised(laid, clear.step))
  return [...shieldWays(moment, 'gloss'), ...raise]
}

function raised(step: ActStep, index: number): Remedy {
  const gloss: Sheen = 'gloss'
  return {
    kind: 'coat',
    say: 'Make the clear under it gloss',
    edit: { replace: { step: index, with: { ...step, sheen: gloss } } },
  }
}
