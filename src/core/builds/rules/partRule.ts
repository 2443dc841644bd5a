import type { Build, Part } from '../../model/build'
import type { Severity } from '../../model/vocabulary'
import type { PartRuleName } from '../../stack/rules/finding'
import type { PartRemedy } from '../judgePart'
import type { PartSimulation } from '../simulatedPart'

/** What is said of a part at one of its steps that is still to do. */
export type ToldAt = {
  step: string
  severity: Severity
  /** One plain sentence with the numbers. */
  because: string
  /** Zones that it is about; empty: the part. */
  zones: string[]
}

/** A rule that looks at a part as a thing: its zones, spots, holder and joints. Source: handbook 2.6, second table, 12. */
export type PartRule = {
  name: PartRuleName
  judge: (simulated: PartSimulation) => readonly ToldAt[]
  /** Ways out of what it told at a step, cheapest first. */
  ways: (build: Build, part: Part, step: string, newId: () => string) => PartRemedy[]
}
