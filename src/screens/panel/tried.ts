import { namedAmong, sequenceOf, stepsOfPart, zonesOf } from '@/core/builds'
import type { Build, BuildAct, BuildStep, Part } from '@/core/model/build'
import { coatsMeant } from '@/core/model/coats'
import type { Variant } from '@/core/model/panel'
import { type Layout, USUAL_SCALE } from '@/core/model/panelFormat'
import type { Project } from '@/core/model/project'
import type { School, Sequence, Step } from '@/core/model/sequence'
import type { StandInKind } from '@/core/model/shape'
import { asPainted } from '@/core/shelf'
import { triedId } from '../shared/panelHref'

/** What can be laid on a panel: the steps of a part, of a technique on a painted part, or of a colour. */
export type Tried = {
  /** As the address has it. */
  id: string
  say: string
  steps: readonly BuildStep[]
  scale: number
  school: School | undefined
  /** What it is laid on where nobody says. */
  layout: Layout
  /** Where it belongs to one. */
  build: Build | null
  part: Part | null
  technique: string | null
}

/** A part as one of its zones is painted: steps that name others leave it out. */
export function zoneTried(tried: Tried, zone: string | null): Tried {
  const { build, part, steps } = tried
  if (!build || !part || !zone) return tried
  const zones = zonesOf(build, part.id)
  const own = steps.filter((one) => {
    const named = namedAmong(one as BuildAct, zones)
    return named === null || named.some(({ id }) => id === zone)
  })
  return own.length === steps.length ? tried : { ...tried, steps: own }
}

/** Every part that has steps. */
export function partsTried(builds: readonly Build[]): Tried[] {
  return builds
    .filter(({ shelved }) => !shelved)
    .flatMap((build) =>
      build.parts.flatMap((part): Tried[] => {
        const steps = stepsOfPart(build, part.id).filter((step) => coatsMeant(step, part.id) > 0)
        if (steps.length === 0) return []
        const own = {
          id: triedId({ build: build.id, part: part.id }),
          say: `${build.name}: ${part.name}`,
          steps,
          scale: build.scale ?? USUAL_SCALE,
          school: build.school,
          layout: layoutOf(part),
          build,
          part,
          technique: null,
        }
        return [own]
      }),
    )
}

/** The panel that comes nearest to a shape; the others are plates. */
const LAYOUT_FOR: Partial<Record<StandInKind, Layout>> = {
  'car-body': 'fender',
  dome: 'fender',
  sphere: 'fender',
  figure: 'figure',
  bell: 'engine',
  cone: 'engine',
  cylinder: 'engine',
  limb: 'armour',
  plate: 'armour',
}

function layoutOf({ standIn }: Part): Layout {
  return (standIn && LAYOUT_FOR[standIn.kind]) ?? 'hull'
}

const step = (id: string, fields: object) => ({ id, parts: [], ...fields }) as unknown as BuildStep

/** A colour as it comes out: laid, lined and locked. */
export function colourTried(colour: string, family: string | null): Tried {
  return {
    id: triedId({ colour, ...(family ? { family } : {}) }),
    say: `The colour ${colour}`,
    steps: [
      step('prime', { do: 'prime', coats: ['mist', 'light'] }),
      step('base', {
        do: 'base',
        family: family ?? 'alcohol-acrylic',
        colour,
        coats: ['light', 'light', 'light'],
      }),
      step('clear', { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light'] }),
      step('line', { do: 'line' }),
      step('clean', { do: 'line-clean' }),
      step('lock', { do: 'clear', family: 'lacquer', sheen: 'satin', coats: ['mist', 'light'] }),
    ],
    scale: USUAL_SCALE,
    school: undefined,
    layout: 'hull',
    build: null,
    part: null,
    technique: null,
  }
}

/** What of it is tried now. */
export type Trial = { steps: readonly BuildStep[]; scale: number; school: School | undefined }

/** A trial as the panel lays it: each step as it is painted, from the bottle that it names. */
export function sequenceTried(project: Project, { part, build }: Tried, trial: Trial): Sequence {
  const { steps, scale, school } = trial
  const painted = steps.map((one) => asPainted(project, one)) as Step[]
  const of = build ?? { id: 'panel', name: 'Panel', parts: [], steps: [] }
  const on = part ?? { id: 'panel', name: 'Panel', substrate: 'polystyrene' as const }
  const { school: _, ...sequence } = sequenceOf({ ...of, scale }, on, painted)
  return { ...sequence, ...(school ? { school } : {}) }
}

/** Is a variant of the same thing? */
export function isOf(tried: Tried, { build, part, technique }: Variant): boolean {
  if (tried.build) return build === tried.build.id && part === tried.part?.id
  return tried.technique !== null && technique === tried.technique
}

/** A variant as it was tried; null of one that this version doesn't know. */
export function trialOf({ sequence }: Variant): Trial | null {
  if (!sequence) return null
  const steps = sequence.steps.filter((one) => typeof (one as { id?: unknown }).id === 'string')
  return {
    steps: steps as unknown as BuildStep[],
    scale: sequence.scale ?? USUAL_SCALE,
    school: sequence.school,
  }
}

/** Has a part a shape to paint? */
export function hasShape({ part }: Tried): boolean {
  return part?.standIn !== undefined || part?.mesh !== undefined
}
