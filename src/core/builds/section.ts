import type { ActKind } from '../knowledge/acts'
import { LEFT_ON_FACE } from '../knowledge/thinning'
import type { SectionStep } from '../model/section'
import type { SimulatedStep } from '../stack/simulate/simulation'
import { faceColour } from '../stack/state/faceColour'
import type { Film } from '../stack/state/film'
import { coatMicrons } from '../stack/state/filmBuild'
import { isTransparent } from '../stack/state/stack'
import { type PartSimulation, regionOf } from './simulatedPart'

/**
 * A part's films in section, in order of work, each as thick as its coats dry.
 *
 * @param zone where it is cut; left out: the largest region stands for the part
 * Source: handbook 4.4 (film build), 5.2 (what is seen through films), 6 (where an effect lies).
 */
export function sectionOf(part: PartSimulation, zone?: string): SectionStep[] {
  const { simulation, entries } = part
  const cut = regionOf(part, zone)
  const section = new Map<string, SectionStep>()
  for (const simulated of simulation.simulated) {
    const entry = entries[simulated.index]
    if (!entry || simulated.region !== cut) continue
    const { id } = entry.step
    const before = section.get(id)
    const next = sectionStep(id, simulated, (index) => entries[index]?.step.id ?? null)
    section.set(id, before ? { ...next, coats: [...before.coats, ...next.coats] } : next)
  }
  return [...section.values()]
}

function sectionStep(
  id: string,
  { context, after }: SimulatedStep,
  idOf: (index: number) => string | null,
): SectionStep {
  const { resolved, stack, setting } = context
  const { row, role, coverage, coats } = resolved
  const does = doesOf(row.kind, stack.films)
  const runs = role === 'wash' && coverage === 'whole'
  return {
    step: id,
    does,
    place:
      does === 'film' && (coverage === 'whole' || row.tints) ? 'face' : (row.settles ?? 'spots'),
    coats: does === 'film' ? coats.map((coat) => coatMicrons([coat])) : [],
    onFace: runs ? LEFT_ON_FACE : 1,
    translucent: does === 'film' && role !== null && isTransparent({ role }),
    sheen: does === 'film' ? resolved.sheen : null,
    seen: faceColour(after.films, setting.steps),
    downTo: does === 'open' ? openedTo(stack.films, idOf) : null,
  }
}

/** What is to be opened has to lie on a release coat: without one nothing comes off. */
function doesOf(kind: ActKind, films: readonly Film[]): SectionStep['does'] {
  if (kind === 'film' || kind === 'mask') return kind
  return kind === 'open' && films.some(({ role }) => role === 'release') ? 'open' : null
}

/** Opening goes down to what lies under the newest release coat. */
function openedTo(films: readonly Film[], idOf: (index: number) => string | null): string | null {
  const release = films.findLastIndex(({ role }) => role === 'release')
  const under = films.slice(0, release).findLast(({ coverage }) => coverage === 'whole')
  return under ? idOf(under.step) : null
}
