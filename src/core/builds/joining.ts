import { actRow } from '../knowledge/acts'
import type { Build, BuildAct, Part } from '../model/build'
import type { Edit } from '../model/edit'
import { isAct } from '../model/isAct'
import type { Zone } from '../model/zone'
import { maskMinutes } from '../places/minutes'
import { resolveStep } from '../stack/state/resolvedStep'
import { endColours } from './colourOrder'
import { isJoint } from './joint'
import { isFor, zonesOf } from './zoneRegions'

/** What was put together: a part, or what a joint made of several of these. */
export type Assembly = { part: Part } | { joint: BuildAct; of: Assembly[] }

/** What it comes to to join at one time or another. */
export type JoinedThen = {
  /** Minutes of masks: over the other colour where it is joined first, over the faces to be glued where it is painted first. */
  maskMinutes: number
  /** Zones that are still to be painted and can't be reached any more. */
  lost: Zone[]
  /** Glue comes on paint: the joint has to be masked or scraped bare. */
  onPaint: boolean
  /** Its seam can still be filled and sanded. */
  seamMends: boolean
  /** What puts it there; null: it is there. */
  edit: Edit | null
}

/** A joint of a build: where it stands, and what joining before paint and after it comes to. */
export type Joint = { step: BuildAct; parts: Part[]; early: JoinedThen; late: JoinedThen }

/**
 * The joints of a build in order of work, each with joining early and late compared.
 *
 * Source: handbook 12.7.
 */
export function jointsOf(build: Build): Joint[] {
  return build.steps.flatMap((step) => {
    if (!isJoint(step) || !joins(step)) return []
    const parts = build.parts.filter(({ id }) => step.parts.includes(id))
    return [
      { step, parts, early: joinedEarly(build, step, parts), late: joinedLate(build, step, parts) },
    ]
  })
}

/** What is put together of what, the last joint first; parts that nothing joins stand by themselves. Source: handbook 12.7. */
export function assemblyOf(build: Build): Assembly[] {
  let standing: { parts: Set<string>; made: Assembly }[] = build.parts.map((part) => ({
    parts: new Set([part.id]),
    made: { part },
  }))
  for (const step of build.steps) {
    if (!isJoint(step) || !joins(step)) continue
    const joined = standing.filter(({ parts }) => step.parts.some((id) => parts.has(id)))
    if (joined.length < 2) continue
    const parts = new Set(joined.flatMap((one) => [...one.parts]))
    const made: Assembly = { joint: step, of: joined.map((one) => one.made) }
    standing = [{ parts, made }, ...standing.filter((one) => !joined.includes(one))]
  }
  return standing.map(({ made }) => made)
}

function joins(step: BuildAct): boolean {
  const row = actRow(step.do, step.family)
  return row.joins === true || row.fitsGlass === true
}

function joinedEarly(build: Build, step: BuildAct, parts: readonly Part[]): JoinedThen {
  const painted = paintOf(build, parts)
  const first = painted[0]
  const shut = (build.zones ?? []).filter(({ id }) => step.shuts?.includes(id))
  const lost = shut.filter((zone) => {
    const part = parts.find(({ id }) => id === zone.part)
    return (
      part !== undefined && painted.some((paint) => isFor(paint, zone, zonesOf(build, part.id)))
    )
  })
  const colours = parts.map((part) => colourOf(build, part))
  // Glass is masked against every colour.
  const glass = painted.length > 0 && actRow(step.do, step.family).fitsGlass === true ? 1 : 0
  const apart = new Set(colours.filter((colour) => colour !== null)).size - 1 + glass
  const mm = shut.reduce(
    (sum, { edges = [] }) => sum + edges.reduce((all, edge) => all + edge.mm, 0),
    0,
  )
  return {
    maskMinutes: apart > 0 ? maskMinutes(mm, apart) : 0,
    lost,
    onPaint: false,
    seamMends: true,
    edit: first && isBefore(build, first, step) ? moved(step, first) : null,
  }
}

function joinedLate(build: Build, step: BuildAct, parts: readonly Part[]): JoinedThen {
  const painted = paintOf(build, parts)
  const last = painted.at(-1)
  const behind = last && build.steps[build.steps.indexOf(last) + 1]
  const onPaint = painted.length > 0 && step.adhesive !== 'cyanoacrylate'
  return {
    maskMinutes: onPaint ? maskMinutes(0, parts.length) : 0,
    lost: [],
    onPaint,
    seamMends: false,
    edit: last && isBefore(build, step, last) ? moved(step, behind ?? null) : null,
  }
}

/** What lays a film on any of these parts over the whole of its zones. */
function paintOf(build: Build, parts: readonly Part[]): BuildAct[] {
  const ids = new Set(parts.map(({ id }) => id))
  return build.steps.filter((step): step is BuildAct => {
    if (!isAct(step) || !step.parts.some((id) => ids.has(id))) return false
    const { row, coverage, role } = resolveStep(step, null)
    return row.kind === 'film' && coverage === 'whole' && role !== 'mask' && !row.weathering
  })
}

/** The colour that most of a part ends in; null: none is said. */
function colourOf(build: Build, part: Part): string | null {
  const [end] = endColours(build, part)
  if (end) return end.hex
  const own = build.steps.findLast(
    (step) =>
      isAct(step) &&
      step.parts.includes(part.id) &&
      step.colour &&
      resolveStep(step, null).role === 'colour',
  )
  return own && isAct(own) ? (own.colour ?? null) : null
}

function isBefore(build: Build, one: BuildAct, other: BuildAct): boolean {
  return build.steps.indexOf(one) < build.steps.indexOf(other)
}

function moved(step: BuildAct, before: { id: string } | null): Edit {
  return {
    do: 'move',
    target: { step: step.id },
    before: before ? { step: before.id } : null,
    on: 'every',
  }
}
