import type { ActKind } from '../knowledge/acts'
import { TOOL_ENERGY } from '../knowledge/energies'
import type { Climate } from '../model/climate'
import type { Sequence } from '../model/sequence'
import type { Act, Role } from '../model/vocabulary'
import type { Finding } from '../stack/rules/finding'
import type { SimulatedStep, Simulation } from '../stack/simulate/simulation'
import { named } from '../stack/state/filmName'
import { bareStack, type Stack } from '../stack/state/stack'

/** What was done to a face until something was seen on it. Minutes as in its simulation. Source: handbook 13.4. */
export type History = {
  sequence: Sequence
  /** So many steps of it are over: mending begins there. */
  upTo: number
  simulation: Simulation
  /** What was done, in order. */
  done: readonly SimulatedStep[]
  /** What the check says of it. */
  findings: readonly Finding[]
  /** What lies there, and the minute at which it is looked at. */
  stack: Stack
  at: number
  /** The air that a step was done in; null: nobody knows. */
  airOf: (step: SimulatedStep) => Climate | null
  /** What it was mixed from, where it was painted from a mix that was kept; null: nobody knows. */
  mixOf: (step: SimulatedStep) => MixedAs | null
}

/** A mix as far as it matters: thinner as a share of it, retarder and flow aid in percent. */
export type MixedAs = { name: string; thinning: number; retarder: number; flowAid: number }

/** What of a sequence was done: so many of its steps; the air of a step, null: nobody knows; and what the check says of all of it. */
export type WhatWasDone = Pick<History, 'upTo' | 'airOf' | 'findings'> &
  Partial<Pick<History, 'mixOf'>>

/**
 * The history of a sequence as it was simulated, on the largest of its regions.
 *
 * @param now the minute at which something is seen
 */
export function historyOf(
  sequence: Sequence,
  simulation: Simulation,
  { upTo, airOf, findings, mixOf = () => null }: WhatWasDone,
  now: number,
): History {
  const region = simulation.stacks.keys().next().value
  const done = simulation.simulated.filter((entry) => entry.region === region && entry.index < upTo)
  const last = done.at(-1)
  const indexes = new Set(done.map(({ index }) => index))
  return {
    sequence,
    upTo,
    simulation,
    done,
    findings: findings.filter(({ step }) => indexes.has(step)),
    stack: last?.after ?? bareStack(sequence.substrate),
    at: now,
    airOf,
    mixOf,
  }
}

/** Which step of a history is asked about: what it lays, how, or which act it is. */
export type Which = {
  role?: readonly Role[]
  act?: readonly Act[]
  kind?: readonly ActKind[]
  sprayed?: true
}

/** Is this the kind of step? */
export function isSuch({ context, step }: SimulatedStep, which: Which): boolean {
  const { row, role, tool } = context.resolved
  return (
    (!which.role || (role !== null && row.kind === 'film' && which.role.includes(role))) &&
    (!which.act || which.act.includes(step.do)) &&
    (!which.kind || which.kind.includes(row.kind)) &&
    (!which.sprayed || (row.kind === 'film' && TOOL_ENERGY[tool].sprayed))
  )
}

/** The newest step of a kind; null: there is none. */
export function newest({ done }: Pick<History, 'done'>, which: Which): SimulatedStep | null {
  return done.findLast((entry) => isSuch(entry, which)) ?? null
}

/** The newest of the first kind that there is any of. */
export function newestOf(history: History, kinds: readonly Which[]): SimulatedStep | null {
  for (const which of kinds) {
    const found = newest(history, which)
    if (found) return found
  }
  return null
}

/** What was done after a step. */
export function after({ done }: History, { index }: SimulatedStep): SimulatedStep[] {
  return done.filter((entry) => entry.index > index)
}

/** A step in a sentence: "the matt clear", "the primer". */
export function theStep({ context, step }: SimulatedStep): string {
  const { row, role, family } = context.resolved
  if (step.name) return `“${step.name}”`
  if (role === 'clear') return `the ${context.resolved.sheen} clear`
  if (role === 'primer') return 'the primer'
  return row.kind === 'film' && family
    ? `the ${named(family, role)}`
    : `“${row.name.toLowerCase()}”`
}
