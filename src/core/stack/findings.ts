import type { Finding } from './rules/finding'
import { foldings } from './rules/folding'
import { RULESET } from './rules/rules'
import type { Drafted, Simulation } from './simulate/simulation'
import { listed } from './state/words'

const known = new WeakMap<Simulation, Finding[]>()

/** The findings of a simulation without their ways out; reckoned once. */
export function findingsOfSimulation(simulated: Simulation): Finding[] {
  const before = known.get(simulated)
  if (before) return before
  const findings = draftedFindings(simulated).map(({ finding }) => finding)
  known.set(simulated, findings)
  return findings
}

/** The other steps that a finding goes for in the same way, by their names. */
function alsoAt(
  head: Drafted,
  drafts: readonly Drafted[],
  heads: readonly (Drafted | null)[],
): string {
  if (!RULESET.byName.get(head.rule)?.ofFace) return ''
  const alike = drafts.filter((other, i) => heads[i] === head && other.rule === head.rule)
  const names = [
    ...new Set(alike.flatMap(({ context }) => (context ? [context.resolved.row.name] : []))),
  ]
  return names.length === 0 ? '' : ` The same goes for ${listed(names).toLowerCase()}.`
}

/** Findings with what they were drafted from. */
export function draftedFindings(simulated: Simulation): { drafted: Drafted; finding: Finding }[] {
  const heads = foldings(simulated.drafts, RULESET)
  return simulated.drafts.map((drafted, i) => {
    const head = heads[i]
    return {
      drafted,
      finding: {
        step: drafted.step,
        rule: drafted.rule,
        severity: drafted.draft.severity,
        because: `${drafted.draft.because}${alsoAt(drafted, simulated.drafts, heads)}`,
        on: drafted.draft.on,
        ...(drafted.regions ? { regions: drafted.regions } : {}),
        ...(head ? { follows: { step: head.step, rule: head.rule } } : {}),
        remedies: [],
      },
    }
  })
}
