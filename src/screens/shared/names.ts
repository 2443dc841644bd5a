import { coatsOf } from '@/core/model/coats'
import { isAct } from '@/core/model/isAct'
import type { Project } from '@/core/model/project'
import type { CardAct, ScheduledTask } from '@/core/schedule'
import { listed, stepName } from './words'

/** An act of a part as people call it. */
export type ActNames = {
  act: string
  part: string
  build: string
  colour: string | null
  coats: number
}

type At = { build: string; part: string; step: string }

/** The names of a step of a part; ids where it is gone. */
export function namesOf(project: Project, { build, part, step }: At): ActNames {
  const found = project.builds?.find((otherBuild) => otherBuild.id === build)
  const own = found?.steps.find((otherStep) => otherStep.id === step)
  const act = own && isAct(own) ? own : null
  return {
    act: act ? stepName(act) : step,
    part: found?.parts.find((otherPart) => otherPart.id === part)?.name ?? part,
    build: found?.name ?? build,
    colour: act?.colour ?? null,
    coats: own ? coatsOf(own) : 1,
  }
}

/** A task with its coat: "Gloss clear, coat 2 of 3". */
export function taskName(
  project: Project,
  task: Pick<ScheduledTask, 'build' | 'part' | 'step' | 'coat'>,
): string {
  const { act, coats } = namesOf(project, task)
  return task.coat !== null && coats > 1 ? `${act}, coat ${task.coat} of ${coats}` : act
}

/** Coats of a line of a session: ", coat 2" or ", coats 1 to 3"; nothing for an act without, or with only one. */
export function coatsSaid(
  project: Project,
  act: Pick<CardAct, 'build' | 'part' | 'step' | 'coats'>,
): string {
  const { coats } = act
  if (!coats || namesOf(project, act).coats < 2) return ''
  return coats[0] === coats[1] ? `, coat ${coats[0]}` : `, coats ${coats[0]} to ${coats[1]}`
}

/** "gloss clear on Port hull": inside a sentence. */
export function actOnPart(project: Project, at: At): string {
  const { act, part } = namesOf(project, at)
  return `${act.charAt(0).toLowerCase()}${act.slice(1)} on ${part}`
}

/** The parts of an act that is done to several at once: "Hull and Turret". */
export function partsNamed(project: Project, build: string, parts: readonly string[]): string {
  const own = project.builds?.find(({ id }) => id === build)
  return listed(parts.map((part) => own?.parts.find(({ id }) => id === part)?.name ?? part))
}
