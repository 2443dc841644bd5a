import { useMemo } from 'react'
import type { PartRemedy } from '@/core/builds'
import { editOfText } from '@/core/formats/text/editOfText'
import type { ReadPlan } from '@/core/formats/text/readPlan'
import type { Build, BuildStep } from '@/core/model/build'
import type { Edit, EditOfNow, EditScope } from '@/core/model/edit'
import { isAct } from '@/core/model/isAct'
import type { Mesh } from '@/core/model/mesh'
import { changedFields, nulled } from '@/core/model/rowFields'
import type { ActStep, Step } from '@/core/model/sequence'
import type { OwnTechnique } from '@/core/model/technique'
import { useEditBuild, useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { stepName } from '../shared/words'
import type { ShownFinding } from './judged'

/** An edit of the order of work: one step put before another one; null: at the end. */
export function moved(id: string, before: string | null, on: EditScope): Edit {
  return { do: 'move', target: { step: id }, before: before === null ? null : { step: before }, on }
}

/** What makes a step another one: its fields, and the parts that it is for. */
function stepEdit(old: BuildStep, next: BuildStep, on: EditScope): Edit {
  const { id: _, parts: __, ...fields } = changedFields(old, next) as Partial<BuildStep>
  const edits: Edit[] = []
  if (Object.keys(fields).length > 0)
    edits.push({ do: 'change', targets: [{ step: old.id }], on, fields: nulled(fields) })
  const added = next.parts.filter((part) => !old.parts.includes(part))
  const gone = old.parts.filter((part) => !next.parts.includes(part))
  if (added.length > 0) edits.push({ do: 'share', steps: [old.id], with: added })
  if (gone.length > 0) edits.push({ do: 'remove', targets: [{ step: old.id }], on: gone })
  return { do: 'all', edits }
}

/**
 * Edits a build, as one change with undo.
 *
 * @param mesh written with it: what a part is drawn by from now on
 * @returns was it written?
 */
export type EditBuild = (label: string, edit: EditOfNow, mesh?: Mesh | null) => Promise<boolean>

/** What the build's screen can do to the build; each is one change with undo, and says whether it was written. */
export function useBuildEdits(build: Build, part: string) {
  const run = useRun()
  const editBuild = useEditBuild()
  return useMemo(() => {
    const edit: EditBuild = (label, what, mesh = null) => editBuild(build.id, what, label, mesh)
    return {
      edit,
      apply: (remedy: PartRemedy, on: 'part' | 'every') =>
        edit(remedy.say, on === 'every' && remedy.every ? remedy.every : remedy.edit),
      saveStep: (old: BuildStep, next: BuildStep, on: EditScope, label: string) =>
        edit(label, stepEdit(old, next, on)),
      removeSteps: (ids: readonly string[], on: EditScope, label: string) =>
        edit(label, { do: 'remove', targets: ids.map((step) => ({ step })), on }),
      shareSteps: (ids: readonly string[], parts: readonly string[], label: string) =>
        edit(label, { do: 'share', steps: [...ids], with: [...parts] }),
      saveTechnique: (technique: OwnTechnique) =>
        run('saveTechnique', technique, `Saved: ${technique.name}`),
      addSteps: (steps: BuildStep[], after: string | null, label: string) =>
        edit(label, { do: 'insert', before: behind(build, after), steps }),
      /** Lays what a text says; a text that says nothing writes nothing. */
      saySteps: async (read: ReadPlan, on: readonly string[], after: string | null) => {
        const said = editOfText(read, build, on, behind(build, after), newId)
        const first = read.steps[0]?.step
        const more = read.steps.length - 1
        const name =
          first && isAct(first as Step) ? stepName(first as ActStep).toLowerCase() : 'wait'
        const label = `Added: ${name}${more > 0 ? ` and ${more} more` : ''}`
        return said ? edit(label, said) : false
      },
      moveStep: (id: string, before: string | null, label: string) =>
        edit(label, moved(id, before, 'every')),
      accept: ({ step, rule }: ShownFinding, reason: string | null) =>
        run('acceptFinding', { build: build.id, part, step }, rule, reason),
    }
  }, [build, part, run, editBuild])
}

/** The steps of a part up to one of them, in order of work; null: all of them. */
export function stepsUpTo(build: Build, part: string, last: string | null): Step[] {
  const own = build.steps.filter((step) => step.parts.includes(part))
  const at = own.findIndex(({ id }) => id === last)
  return at < 0 ? own : own.slice(0, at + 1)
}

/** The step behind another one, as what a new step comes before; null: at the end. */
function behind(build: Build, after: string | null): { step: string } | null {
  const at = build.steps.findIndex((step) => step.id === after)
  const next = at < 0 ? undefined : build.steps[at + 1]
  return next ? { step: next.id } : null
}

export type BuildEdits = ReturnType<typeof useBuildEdits>
