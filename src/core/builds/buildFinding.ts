import type { BuildRule } from '../stack/rules/finding'

/** What is said of a build as a whole, and of which parts and steps. Source: handbook 2.6, second table. */
export type BuildFinding = {
  rule: BuildRule
  severity: 'note'
  parts: string[]
  because: string
  steps: string[]
}
