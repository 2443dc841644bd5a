import type { Build, BuildAct, BuildStep, Part } from './build'
import { coatsMeant, coatsOf } from './coats'
import type { Edit, EditFields, EditScope, EditTarget, Patch } from './edit'
import { isAct } from './isAct'
import { withFields } from './rowFields'
import { sameValue } from './sameValue'
import { withoutGone } from './withoutGone'

/** What the log says of a step on a part, as far as an edit asks; null: nothing was logged there. */
export type Logged = (
  step: string,
  part: string,
) => { status: 'running' | 'done' | 'skipped'; coats: number } | null

/** Nothing was logged yet. */
export const NOTHING_LOGGED: Logged = () => null

/** The build with the edit in it and what takes it back, or why it can't be. */
export type EditResult = { ok: true; build: Build; inverse: Patch } | { ok: false; why: string }

/**
 * Applies an edit to a build. What is logged is never touched: a step of which a coat is laid on a part keeps its id, its
 * coats and its fields there, and what is left of it becomes a step of its own; a step that is done or skipped stays.
 *
 * @param newId gives a new id each time, for steps that are split
 * @returns a new build; the one given is not changed
 */
export function applyEdit(
  build: Build,
  edit: Edit,
  logged: Logged,
  newId: () => string,
): EditResult {
  const desk = new Desk(build, logged, newId)
  const why = desk.apply(edit)
  if (why !== null) return { ok: false, why }
  const edited = desk.build()
  const lost = lostByEdit(build, edited, logged)
  if (lost !== null) return { ok: false, why: lost }
  const next = withoutGone(edited)
  if (sameValue(build, next)) return { ok: false, why: 'Nothing would change.' }
  return {
    ok: true,
    build: next,
    // Reckoned for whoever asks: most edits are only tried.
    get inverse() {
      return patchBetween(next, build)
    },
  }
}

/** The edit that leads from one state of a build to another. */
export function patchBetween(before: Build, after: Build): Patch {
  const { steps: oldSteps, parts: oldParts, ...oldFields } = before
  const { steps, parts, ...fields } = after
  const ids = (rows: readonly { id: string }[]) => rows.map(({ id }) => id)
  const sameOrder = sameValue(ids(oldSteps), ids(steps))
  const samePartOrder = sameValue(ids(oldParts), ids(parts))
  const changed = [...new Set([...Object.keys(oldFields), ...Object.keys(fields)])].filter(
    (field) =>
      !sameValue(oldFields[field as keyof typeof oldFields], fields[field as keyof typeof fields]),
  )
  const only = (value: Record<string, unknown>) =>
    Object.fromEntries(changed.map((field) => [field, value[field] ?? null]))
  return {
    do: 'patch',
    steps: rowPatches(oldSteps, steps),
    parts: rowPatches(oldParts, parts),
    order: sameOrder ? null : { before: ids(oldSteps), after: ids(steps) },
    partOrder: samePartOrder ? null : { before: ids(oldParts), after: ids(parts) },
    fields: { before: only(oldFields), after: only(fields) },
  }
}

/** The patch turned round: what takes it back. */
export function invertPatch(patch: Patch): Patch {
  const turned = <T>(rows: readonly { id: string; before: T; after: T }[]) =>
    rows.map(({ id, before, after }) => ({ id, before: after, after: before }))
  return {
    do: 'patch',
    steps: turned(patch.steps),
    parts: turned(patch.parts),
    order: patch.order && { before: patch.order.after, after: patch.order.before },
    partOrder: patch.partOrder && {
      before: patch.partOrder.after,
      after: patch.partOrder.before,
    },
    fields: { before: patch.fields.after, after: patch.fields.before },
  }
}

function rowPatches<T extends { id: string }>(before: readonly T[], after: readonly T[]) {
  const old = new Map(before.map((row) => [row.id, row]))
  const next = new Map(after.map((row) => [row.id, row]))
  return [...new Set([...old.keys(), ...next.keys()])].flatMap((id) => {
    const [was, is] = [old.get(id) ?? null, next.get(id) ?? null]
    return sameValue(was, is) ? [] : [{ id, before: was, after: is }]
  })
}

/** What of the log an edited build would lose or change, in words; null: nothing. */
export function lostByEdit(before: Build, after: Build, logged: Logged): string | null {
  const next = new Map(after.steps.map((step) => [step.id, step]))
  const kept = new Set(after.parts.map(({ id }) => id))
  for (const step of before.steps)
    for (const part of step.parts) {
      const fact = logged(step.id, part)
      // A part that is taken out goes with what lies on it; the log keeps what was done.
      if (!fact || !kept.has(part)) continue
      const now = next.get(step.id)
      if (!now?.parts.includes(part)) return 'What was logged of a step would be lost.'
      if (!keepsFacts(step, now, part, fact.coats, fact.status === 'running'))
        return 'What was logged of a step would be changed.'
    }
  return null
}

/** Fields that say nothing of what was laid. */
const FREE = ['parts', 'accepted', 'endsAfter'] as const

function keepsFacts(
  before: BuildStep,
  after: BuildStep,
  part: string,
  done: number,
  running: boolean,
): boolean {
  if (before === after) return true
  if (done > 0 && coatsMeant(after, part) < Math.min(done, coatsMeant(before, part))) return false
  // A step that was only begun may still be changed: nothing of it lies there.
  if (running && done === 0) return true
  const open = running && coatsOf(before) > done
  const fixed = open ? withoutFields(before, [...FREE, 'coats']) : withoutFields(before, FREE)
  const now = open ? withoutFields(after, [...FREE, 'coats']) : withoutFields(after, FREE)
  if (!sameValue(fixed, now)) return false
  return !open || sameValue(coatList(before).slice(0, done), coatList(after).slice(0, done))
}

function coatList(step: BuildStep): readonly string[] {
  return (step as BuildAct).coats ?? ['light']
}

function withoutFields(step: BuildStep, fields: readonly string[]): Record<string, unknown> {
  return Object.fromEntries(Object.entries(step).filter(([field]) => !fields.includes(field)))
}

/** What an edit speaks of on a part, as far as it may be changed there. */
type Open = { part: string; from: number }

/** A build while an edit is made: steps are replaced, never changed in place. */
class Desk {
  private steps: BuildStep[]
  private parts: Part[]
  private fields: Omit<Build, 'steps' | 'parts'>
  /** What has become of a step on a part in the course of this edit, by step and part. */
  private readonly became = new Map<string, string>()

  constructor(
    build: Build,
    private readonly logged: Logged,
    private readonly newId: () => string,
  ) {
    const { steps, parts, ...fields } = build
    this.steps = [...steps]
    this.parts = [...parts]
    this.fields = fields
  }

  build(): Build {
    return { ...this.fields, parts: this.parts, steps: this.steps } as Build
  }

  /** @returns why it can't be; null: it is done */
  apply(edit: Edit): string | null {
    switch (edit.do) {
      case 'insert':
        return this.insert(edit.before, edit.steps)
      case 'change':
        return this.change(edit.targets, edit.on, edit.fields)
      case 'remove':
        return this.remove(edit.targets, edit.on)
      case 'move':
        return this.move(edit.target, edit.before, edit.on)
      case 'order':
        return this.order(edit.part, edit.steps)
      case 'share':
        return this.share(edit.steps, edit.with)
      case 'accept':
        return this.accept(edit.step, edit.rule, edit.reason)
      case 'set':
        this.fields = withFields(this.fields, edit.fields)
        return null
      case 'part':
        return this.setPart(edit.part, edit.fields)
      case 'addPart':
        return this.addPart(edit.part)
      case 'removePart':
        return this.removePart(edit.part)
      case 'orderParts':
        return this.orderParts(edit.parts)
      case 'patch':
        return this.patch(edit)
      case 'all':
        for (const otherEdit of edit.edits) {
          const why = this.apply(otherEdit)
          if (why !== null) return why
        }
        return null
    }
  }

  private find(id: string): BuildStep | undefined {
    return this.steps.find((step) => step.id === id)
  }

  private put(step: BuildStep): void {
    this.steps = this.steps.map((old) => (old.id === step.id ? step : old))
  }

  private insertAt(index: number, added: readonly BuildStep[]): void {
    this.steps = [...this.steps.slice(0, index), ...added, ...this.steps.slice(index)]
  }

  /** The parts in scope on which something of the step is still to do, from which coat on. */
  private openOn(step: BuildStep, scope: EditScope, coat: number | undefined): Open[] {
    const parts = scope === 'every' ? step.parts : step.parts.filter((part) => scope.includes(part))
    return parts.flatMap((part): Open[] => {
      const fact = this.logged(step.id, part)
      if (fact && fact.status !== 'running') return []
      const from = Math.max(fact?.coats ?? 0, (coat ?? 1) - 1)
      if (from >= coatsMeant(step, part)) return []
      return [{ part, from }]
    })
  }

  /**
   * Makes what an edit speaks of stand by itself: the step where nobody else has it and nothing of it is logged, else a copy
   * for the parts in question, and what is left of a step where coats of it are laid.
   *
   * @returns the ids to edit, with the coat that each begins at (from 0); empty where nothing may be changed
   */
  private isolate(
    target: EditTarget,
    scope: EditScope,
    mayKeep: boolean,
  ): { id: string; from: number; parts: string[] }[] {
    const { step: id, coat } = this.nowOf(target, scope)
    const step = this.find(id)
    if (!step) return []
    const open = this.openOn(step, scope, coat)
    if (open.length === 0) return []
    const begun = (part: string) => this.logged(step.id, part) !== null
    const all = open.length === step.parts.length && open.every(({ from }) => from === 0)
    if (all && (mayKeep || !open.some(({ part }) => begun(part))))
      return [{ id: step.id, from: 0, parts: step.parts }]
    const groups = new Map<number, string[]>()
    for (const { part, from } of open) groups.set(from, [...(groups.get(from) ?? []), part])
    const leaves = open
      .filter(({ part, from }) => from === 0 && !begun(part))
      .map(({ part }) => part)
    const ends = Object.fromEntries(
      open.filter(({ part }) => !leaves.includes(part)).map(({ part, from }) => [part, from]),
    )
    const kept = step.parts.filter((part) => !leaves.includes(part))
    const before = (step as BuildAct).endsAfter
    const endsAfter = { ...before, ...ends }
    for (const part of leaves) delete endsAfter[part]
    const made = [...groups].map(([from, parts]) => ({
      step: this.restOf(step, from, parts, before),
      from,
    }))
    const index = this.steps.indexOf(step)
    const first = this.firstOpen(step, made, index)
    const stays = kept.length > 0
    const rest = stays ? ({ ...step, parts: kept, ...endsOf(endsAfter) } as BuildStep) : null
    const plain = rest && Object.keys(endsAfter).length === 0 ? dropEnds(rest) : rest
    const added = made.map((piece) => piece.step)
    this.steps = [
      ...this.steps.slice(0, index),
      ...(plain ? [plain] : []),
      ...this.steps.slice(index + 1),
    ]
    this.insertAt(first ?? (plain ? index + 1 : index), added)
    for (const { step: own } of made)
      for (const part of own.parts) this.became.set(pair(step.id, part), own.id)
    return made.map((piece) => ({ id: piece.step.id, from: piece.from, parts: piece.step.parts }))
  }

  /**
   * What is left of a step that is under way comes before all that isn't begun on its part; the place of the first of that,
   * where it stands before the step itself.
   */
  private firstOpen(
    step: BuildStep,
    made: readonly { step: BuildStep; from: number }[],
    index: number,
  ): number | null {
    const parts = made.flatMap((piece) => (piece.from > 0 ? piece.step.parts : []))
    const place = this.steps.findIndex(
      (other) =>
        other !== step &&
        other.parts.some((part) => parts.includes(part) && !this.logged(other.id, part)),
    )
    return place >= 0 && place < index ? place : null
  }

  /** A step that was split earlier in this edit is meant as what it has become on the one part in question. */
  private nowOf(target: EditTarget, scope: EditScope): EditTarget {
    const part = scope === 'every' || scope.length !== 1 ? undefined : scope[0]
    const id = part === undefined ? undefined : this.became.get(pair(target.step, part))
    return id === undefined ? target : { step: id }
  }

  /** What is left of a step from a coat on, as a step of its own. */
  private restOf(
    step: BuildStep,
    from: number,
    parts: string[],
    endsAfter: BuildAct['endsAfter'],
  ): BuildStep {
    const ends = Object.fromEntries(
      parts.flatMap((part) => {
        const most = endsAfter?.[part]
        return most === undefined ? [] : [[part, most - from]]
      }),
    )
    const own = dropEnds({ ...step, id: this.newId(), parts } as BuildStep)
    const left = from > 0 && isAct(step) ? { coats: coatList(step).slice(from) } : {}
    return {
      ...own,
      ...left,
      ...(Object.keys(ends).length > 0 ? { endsAfter: ends } : {}),
    } as BuildStep
  }

  private insert(before: EditTarget | null, added: readonly BuildStep[]): string | null {
    const known = new Set(this.parts.map(({ id }) => id))
    if (added.some((step) => step.parts.some((part) => !known.has(part)))) return GONE
    if (added.some((step) => this.find(step.id))) return 'A step of this id is there already.'
    const at = this.placeBefore(
      before,
      added.flatMap((step) => step.parts),
    )
    if (at === null) return GONE
    this.insertAt(at, added)
    return null
  }

  /** Where a step goes that comes before a target; what is left of a step that is under way is split off for it. */
  private placeBefore(before: EditTarget | null, parts: readonly string[]): number | null {
    if (before === null) return this.steps.length
    if (!this.find(before.step)) return null
    if (before.coat !== undefined && before.coat > 1) {
      const rest = this.isolate(before, [...parts], false)[0]
      if (rest) return this.steps.findIndex(({ id }) => id === rest.id)
    }
    return this.steps.findIndex(({ id }) => id === before.step)
  }

  private change(targets: readonly EditTarget[], on: EditScope, fields: EditFields): string | null {
    let any = false
    for (const target of targets) any = this.changeOne(target, on, fields) || any
    return any ? null : DONE
  }

  /** @returns is there anything that may be changed? */
  private changeOne(target: EditTarget, on: EditScope, fields: EditFields): boolean {
    const step = this.find(target.step)
    if (!step) return false
    if (this.changeCoats(step, target, on, fields)) return true
    const ids = this.isolate(target, on, true)
    for (const { id, from } of ids) {
      const own = this.find(id)
      if (own) this.put(repainted(own, coatsFrom(fields, from, target)))
    }
    this.dropEmpty(ids.map(({ id }) => id))
    return ids.length > 0
  }

  /** Other coats for what is left need no step of their own where all that is laid reads the same. */
  private changeCoats(
    step: BuildStep,
    target: EditTarget,
    on: EditScope,
    fields: EditFields,
  ): boolean {
    const { coats, ...others } = fields
    if (!Array.isArray(coats) || Object.keys(others).length > 0) return false
    const first = (target.coat ?? 1) - 1
    const next = [...coatList(step).slice(0, first), ...(coats as string[])]
    const inScope = step.parts.every((part) => on === 'every' || on.includes(part))
    const bears = step.parts.every((part) => {
      const fact = this.logged(step.id, part)
      if (!fact) return true
      if (fact.status !== 'running' || (step as BuildAct).endsAfter?.[part] !== undefined)
        return false
      return (
        next.length > fact.coats &&
        sameValue(coatList(step).slice(0, fact.coats), next.slice(0, fact.coats))
      )
    })
    if (!inScope || !bears || next.length === 0) return false
    this.put({ ...step, coats: next } as BuildStep)
    return true
  }

  /** Steps that are left without a coat aren't there. */
  private dropEmpty(ids: readonly string[]): void {
    this.steps = this.steps.filter(
      (step) => !ids.includes(step.id) || !isAct(step) || step.coats?.length !== 0,
    )
  }

  private remove(targets: readonly EditTarget[], on: EditScope): string | null {
    let any = false
    for (const target of targets) {
      const ids = this.isolate(target, on, false).map(({ id }) => id)
      any ||= ids.length > 0
      this.steps = this.steps.filter(({ id }) => !ids.includes(id))
    }
    return any ? null : DONE
  }

  private move(target: EditTarget, before: EditTarget | null, on: EditScope): string | null {
    if (!this.find(target.step)) return GONE
    if (before?.step === target.step) return null
    const ids = this.isolate(target, on, true)
    if (ids.length === 0) return DONE
    const at = this.placeBefore(
      before,
      ids.flatMap(({ parts }) => parts),
    )
    if (at === null) return GONE
    const anchor = this.steps[at]?.id
    const moved = this.steps.filter(({ id }) => ids.some((otherId) => otherId.id === id))
    const rest = this.steps.filter((step) => !moved.includes(step))
    const index = anchor === undefined ? rest.length : rest.findIndex(({ id }) => id === anchor)
    this.steps = rest
    this.insertAt(index < 0 ? rest.length : index, moved)
    return null
  }

  private order(
    part: string,
    wanted: readonly ({ known: EditTarget } | { added: BuildStep })[],
  ): string | null {
    const now = wanted.map((entry) =>
      'known' in entry ? { known: this.nowOf(entry.known, [part]) } : entry,
    )
    const named = now.flatMap((entry) => ('known' in entry ? [entry.known.step] : []))
    if (named.some((id) => !this.find(id)?.parts.includes(part))) return GONE
    const gone = this.steps.filter(
      (step) =>
        step.parts.includes(part) &&
        !named.includes(step.id) &&
        this.openOn(step, [part], undefined).length > 0,
    )
    for (const step of gone) this.remove([{ step: step.id }], [part])
    const ids = now.flatMap((entry): string[] => {
      if ('added' in entry) {
        this.steps = [...this.steps, entry.added]
        return [entry.added.id]
      }
      const { known } = entry
      // What is left of a step under way is a step of its own only where it has to move.
      return this.openOn(this.find(known.step) as BuildStep, [part], known.coat).length > 0
        ? [known.step]
        : []
    })
    this.sortFor(part, ids)
    return null
  }

  /** Puts each step before the one that follows it, from the end on, where it isn't already; a shared one is copied. */
  private sortFor(part: string, ids: string[]): void {
    for (let i = ids.length - 2; i >= 0; i--) {
      const id = ids[i] as string
      const next = ids[i + 1] as string
      const own = this.steps.filter((step) => this.openOn(step, [part], undefined).length > 0)
      const at = own.findIndex((step) => step.id === id)
      if (own[at + 1]?.id === next) continue
      const moved = this.isolate({ step: id }, [part], true)[0]
      const step = moved && this.find(moved.id)
      if (!step) continue
      ids[i] = step.id
      this.steps = this.steps.filter((otherStep) => otherStep !== step)
      this.insertAt(
        this.steps.findIndex((step) => step.id === next),
        [step],
      )
    }
  }

  private share(ids: readonly string[], parts: readonly string[]): string | null {
    const known = new Set(this.parts.map(({ id }) => id))
    if (parts.some((part) => !known.has(part))) return GONE
    for (const id of ids) {
      const step = this.find(id)
      if (!step) return GONE
      this.put({ ...step, parts: [...new Set([...step.parts, ...parts])] })
    }
    return null
  }

  private accept(id: string, rule: string, reason: string | null): string | null {
    const step = this.find(id)
    if (!step || !isAct(step)) return GONE
    const others = ((step as BuildAct).accepted ?? []).filter(
      (acceptance) => acceptance.rule !== rule,
    )
    const accepted = reason === null ? others : [...others, { rule, reason }]
    const { accepted: _, ...plain } = step as BuildAct
    this.put(accepted.length > 0 ? ({ ...plain, accepted } as BuildStep) : (plain as BuildStep))
    return null
  }

  private setPart(id: string, fields: EditFields): string | null {
    if (!this.parts.some((part) => part.id === id)) return GONE
    this.parts = this.parts.map((part) => (part.id === id ? withFields(part, fields) : part))
    return null
  }

  private addPart(part: Part): string | null {
    if (this.parts.some(({ id }) => id === part.id)) return 'A part of this id is there already.'
    this.parts = [...this.parts, part]
    return null
  }

  private removePart(id: string): string | null {
    if (!this.parts.some((part) => part.id === id)) return GONE
    if (this.parts.length === 1) return 'A build has one part at least.'
    this.parts = this.parts.filter((part) => part.id !== id)
    this.steps = this.steps.flatMap((step): BuildStep[] => {
      if (!step.parts.includes(id)) return [step]
      const parts = step.parts.filter((part) => part !== id)
      if (parts.length === 0) return []
      const { [id]: _, ...ends } = (step as BuildAct).endsAfter ?? {}
      return [{ ...dropEnds(step), parts, ...endsOf(ends) } as BuildStep]
    })
    const zones = this.fields.zones as Build['zones']
    // What names them goes with them: withoutGone.
    if (zones) this.fields = { ...this.fields, zones: zones.filter(({ part }) => part !== id) }
    return null
  }

  private orderParts(ids: readonly string[]): string | null {
    const parts = ids.flatMap((id) => this.parts.find((part) => part.id === id) ?? [])
    if (parts.length !== this.parts.length || new Set(ids).size !== ids.length) return GONE
    this.parts = parts
    return null
  }

  /** All that it says of before must be so still. */
  private patch({ steps, parts, order, partOrder, fields }: Patch): string | null {
    const moved = 'This has been changed meanwhile.'
    const own = <T extends { id: string }>(rows: readonly T[], id: string) =>
      rows.find((row) => row.id === id) ?? null
    if (steps.some(({ id, before }) => !sameValue(own(this.steps, id), before))) return moved
    if (parts.some(({ id, before }) => !sameValue(own(this.parts, id), before))) return moved
    const now = this.fields as Record<string, unknown>
    if (Object.entries(fields.before).some(([f, value]) => !sameValue(now[f] ?? null, value)))
      return moved
    const ids = this.steps.map(({ id }) => id)
    if (order && !sameValue(ids, order.before)) return moved
    this.steps = patched(this.steps, steps, order?.after)
    this.parts = patched(this.parts, parts, partOrder?.after)
    this.fields = withFields(this.fields, fields.after)
    return null
  }
}

const DONE = 'This is done already, and stays as it was logged.'
const GONE = 'This isn’t there any more.'

function pair(step: string, part: string): string {
  return [step, part].join(' ')
}

function patched<T extends { id: string }>(
  rows: readonly T[],
  changes: readonly { id: string; after: T | null }[],
  order?: readonly string[],
): T[] {
  const after = new Map(rows.map((row) => [row.id, row]))
  for (const { id, after: row } of changes) row ? after.set(id, row) : after.delete(id)
  const kept = [...after.values()]
  return order ? order.flatMap((id) => after.get(id) ?? []) : kept
}

/** A step with other fields; another family, colour or sheen is another paint than the bottle or the mix that was named. */
function repainted(step: BuildStep, fields: EditFields): BuildStep {
  const next = withFields(step, fields) as BuildAct
  if (!isAct(step) || 'bottle' in fields || 'mix' in fields) return next
  const own = step as BuildAct
  const samePaint =
    next.family === own.family && next.colour === own.colour && next.sheen === own.sheen
  return samePaint ? next : (withFields(next, { bottle: null, mix: null }) as BuildStep)
}

function endsOf(endsAfter: Record<string, number>) {
  return Object.keys(endsAfter).length > 0 ? { endsAfter } : {}
}

function dropEnds(step: BuildStep): BuildStep {
  const { endsAfter, ...plain } = step as BuildAct
  return plain as BuildStep
}

/** Coats are said from the coat that the edit speaks of; of what was laid since then nothing is laid again. */
function coatsFrom(fields: EditFields, from: number, { coat }: EditTarget): EditFields {
  const { coats } = fields
  if (!Array.isArray(coats)) return fields
  return { ...fields, coats: coats.slice(Math.max(0, from - ((coat ?? 1) - 1))) }
}
