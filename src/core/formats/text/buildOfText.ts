import type { Build, BuildStep, Part } from '../../model/build'
import { capital } from '../../model/capital'
import { partId, USUAL_SUBSTRATE } from './readHeader'
import type { ReadPlan } from './readPlan'

/** What a build is called of which a text says no name. */
const UNNAMED = 'New build'

/** Steps as a build has them: what names no parts is for all of these. @param newId gives a new id each time */
export function buildStepsOf(
  read: ReadPlan,
  all: readonly string[],
  newId: () => string,
): BuildStep[] {
  return read.steps.map(
    ({ step, parts }) => ({ ...step, id: newId(), parts: parts ?? [...all] }) as BuildStep,
  )
}

/** A text as a build of its own: its parts, else those that its steps name, else one. */
export function buildOfText(read: ReadPlan, newId: () => string): Build {
  const parts = partsOf(read)
  const ids = new Map(parts.map(({ id, name }) => [name.toLowerCase(), id]))
  const named = {
    ...read,
    steps: read.steps.map(({ step, parts: own }) => ({
      step,
      parts: own?.map((name) => ids.get(name.toLowerCase()) ?? name) ?? null,
    })),
  }
  return {
    id: newId(),
    name: UNNAMED,
    ...read.header.fields,
    parts,
    steps: buildStepsOf(
      named,
      parts.map(({ id }) => id),
      newId,
    ),
  }
}

function partsOf({ header, steps }: ReadPlan): Part[] {
  if (header.parts.length > 0) return header.parts
  const { substrate = USUAL_SUBSTRATE } = header.sequence
  const names = [...new Set(steps.flatMap(({ parts }) => parts ?? []))]
  const parts: Part[] = []
  for (const name of names.length > 0 ? names : ['Model'])
    parts.push({
      id: partId(name, parts),
      name: capital(name),
      substrate,
    })
  return parts
}
