import type { Build, BuildAct, BuildStep } from '../model/build'

/**
 * A build once more, as it is meant: nothing of the copy is done, taken as it is, or finished. Its parts keep their ids, which
 * are its own; the build and its steps get new ones.
 */
export function copyBuild(build: Build, name: string, newId: () => string): Build {
  const { finishedOn, shelved, due, place, ...kept } = build
  const id = newId()
  const steps = build.steps.map((step) => copyOf(step, newId()))
  const parts = build.parts.map((part) =>
    part.spots ? { ...part, spots: part.spots.map(({ state, ...spot }) => spot) } : part,
  )
  const places = build.decalPlaces?.map(({ laid, looked, ...place }) => place)
  const points = build.brief?.points?.map(({ why, picture, ...point }) => ({
    ...point,
    state: 'wanted' as const,
  }))
  return {
    ...kept,
    id,
    name,
    parts,
    steps,
    ...(places ? { decalPlaces: places } : {}),
    ...(points ? { brief: { ...build.brief, points } } : {}),
  }
}

/** A step once more: what was said of what happened to it is left behind. */
export function copyOf(step: BuildStep, id: string): BuildStep {
  const { accepted, protection, endsAfter, ...kept } = step as BuildAct
  return { ...kept, id } as BuildStep
}

/** A build with one part and nothing meant for it yet. */
export function emptyBuild(name: string, newId: () => string): Build {
  return {
    id: newId(),
    name,
    parts: [{ id: newId(), name: 'Model', substrate: 'polystyrene' }],
    steps: [],
  }
}
