import { TOOL_ENERGY } from '../knowledge/energies'
import { type Tape, tapeFor } from '../knowledge/tapes'
import type { Build, BuildAct, Part } from '../model/build'
import { changedRow } from '../model/changedRow'
import type { Edit } from '../model/edit'
import { isAct } from '../model/isAct'
import type { Zone } from '../model/zone'
import { resolveStep } from '../stack/state/resolvedStep'
import { isFor, namedAmong, zonesOf } from './zoneRegions'

type Edge = NonNullable<Zone['edges']>[number]

/** Where a masked zone meets one that isn't: how long that is, and what covers it there. */
export type MaskedEdge = { beside: Zone; mm: number; edge: Edge; tape: Tape }

/** What of a mask lies on one zone. */
export type MaskPiece = { zone: Zone; edges: MaskedEdge[]; mm: number }

/** A mask of a part, from the step that lays it to the one that takes it off. */
export type MaskOn = {
  step: BuildAct
  /** Zone by zone; empty where it names none: nobody said where it lies. */
  pieces: MaskPiece[]
  /** What is sprayed while it is on: its edges are looked at before each. */
  passes: BuildAct[]
  /** What takes it off; null: nothing does, and it stays on the list. */
  off: BuildAct | null
}

/**
 * The masks of a part in order of work, with their pieces and edges.
 *
 * Source: handbook 12.3.
 */
export function masksOf(build: Build, part: Part): MaskOn[] {
  const zones = zonesOf(build, part.id)
  const steps = build.steps.filter(
    (step): step is BuildAct => isAct(step) && step.parts.includes(part.id),
  )
  return steps.flatMap((step, at) => {
    if (rowOf(step).kind !== 'mask') return []
    const after = steps.slice(at + 1)
    const end = after.findIndex((other) => takesOff(other, step))
    const masked = namedAmong(step, zones) ?? []
    const passes = (end < 0 ? after : after.slice(0, end)).filter(isSprayed)
    const sprayed = zones.filter(
      (zone) => !masked.includes(zone) && passes.some((pass) => isFor(pass, zone, zones)),
    )
    return [
      {
        step,
        pieces: masked.map((zone) => pieceOf(zone, sprayed)),
        passes,
        off: after[end] ?? null,
      },
    ]
  })
}

/** The edges to press down before a step is sprayed on a part: the zones that lie under masks then. Source: handbook 12.3. */
export function edgesToPress(build: Build, part: Part, step: string): string[] {
  const on = masksOf(build, part).filter(({ passes }) => passes.some(({ id }) => id === step))
  return [...new Set(on.flatMap(({ pieces }) => pieces.map(({ zone }) => zone.name)))]
}

/** Says how the edge between two zones runs, on whichever of them knows it. */
export function edgeEdit(build: Build, a: string, b: string, edge: Edge): Edit {
  const zones = build.zones ?? []
  const of = (id: string, other: string) =>
    zones.find((zone) => zone.id === id)?.edges?.some(({ zone }) => zone === other)
  const [own, beside] = of(a, b) ? [a, b] : [b, a]
  const edges = zones
    .find(({ id }) => id === own)
    ?.edges?.map((one) => (one.zone === beside ? { ...edge, zone: beside } : one))
  return { do: 'set', fields: { zones: changedRow(zones, own, edges ? { edges } : {}) } }
}

function takesOff(step: BuildAct, mask: BuildAct): boolean {
  const { kind, target } = rowOf(step)
  return kind === 'unmask' && (target ?? []).some((one) => one === mask.do)
}

function rowOf(step: BuildAct) {
  return resolveStep(step, null).row
}

function isSprayed(step: BuildAct): boolean {
  const { row, tool } = resolveStep(step, null)
  return row.kind === 'film' && TOOL_ENERGY[tool].sprayed
}

function pieceOf(zone: Zone, beside: readonly Zone[]): MaskPiece {
  const edges = beside.flatMap((other): MaskedEdge[] => {
    const edge =
      zone.edges?.find((one) => one.zone === other.id) ??
      other.edges?.find((one) => one.zone === zone.id)
    return edge && !edge.soft ? [{ beside: other, mm: edge.mm, edge, tape: tapeFor(edge) }] : []
  })
  return { zone, edges, mm: edges.reduce((sum, { mm }) => sum + mm, 0) }
}
