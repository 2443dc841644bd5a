import { capital } from '../model/capital'
import type { ActStep } from '../model/sequence'
import { actRow, laysClear } from './acts'

/** What a step is called: as the modeller does, else by its act: "Gloss clear", "Base colour". */
export function stepName(step: ActStep): string {
  if (step.name !== undefined) return step.name
  const { name } = actRow(step.do, step.family)
  return laysClear(step) && step.sheen ? `${capital(step.sheen)} clear` : name
}
