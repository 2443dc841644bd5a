import { actRow } from '../../knowledge/acts'
import type { ActStep } from '../../model/sequence'
import type { Act } from '../../model/vocabulary'
import type { Item } from './items'
import type { Sense } from './lexicon'

/** The sense of an item that is of a kind, if it has one. */
export function senseOf<K extends Sense['is']>(
  item: Item | undefined,
  is: K,
): Extract<Sense, { is: K }> | null {
  if (item?.is !== 'phrase') return null
  return (item.senses.find((sense) => sense.is === is) ?? null) as Extract<Sense, { is: K }> | null
}

type ActReading = Extract<Sense, { is: 'act' }>

/** Does a phrase mean its act and nothing else; an act or something else; an act only where nothing else does? */
function strengthOf(item: Item): 'pure' | 'mixed' | 'weak' | null {
  if (item.is !== 'phrase') return null
  if (senseOf(item, 'again')) return 'pure'
  const act = senseOf(item, 'act')
  if (!act) return null
  if (act.weak) return 'weak'
  return item.senses.every(({ is }) => is === 'act') ? 'pure' : 'mixed'
}

/** The item that opens a step in a piece: the first that can mean nothing but an act, else one that may; -1: none. */
export function openingIn(items: readonly Item[], mayBeWeak: boolean): number {
  const first = (strength: string) => items.findIndex((item) => strengthOf(item) === strength)
  const strong = first('pure') >= 0 ? first('pure') : first('mixed')
  if (strong >= 0 || !mayBeWeak) return strong
  const verb = items.findIndex((item) => strengthOf(item) === 'weak' && !senseOf(item, 'sheen'))
  return verb >= 0 ? verb : first('weak')
}

/** Does an item that comes behind an opened step open another one? */
export function opensAnother(item: Item): boolean {
  return strengthOf(item) === 'pure'
}

/** The act that is meant: of several the one that works on the newest step that any of them works on, else the last. */
export function likelyAct({ acts }: Pick<ActReading, 'acts'>, before: readonly ActStep[]): Act {
  for (const step of [...before].reverse())
    for (const act of acts) if (worksOn(act, step)) return act
  return acts.at(-1) as Act
}

function worksOn(act: Act, step: ActStep): boolean {
  const { target, kind, role } = actRow(act, undefined)
  const laid = actRow(step.do, step.family)
  if (laid.kind !== 'film' && laid.kind !== 'mask') return false
  if (kind === 'open') return laid.role === role
  return (target ?? []).some((other: Act) => other === step.do)
}
