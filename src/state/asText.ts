import type { Project } from '@/core/model/project'
import { asciiText } from '@/store/asciiText'
import type { TextAt } from '@/store/keptBench'
import type { ReadText } from '@/store/reading'
import type { Write } from '@/store/tables'

/** Documents as text, JSON of a project, and rows that were written since. */
export type AsText = { text: string; writes: readonly Write[] }

/** So many rows later a text is made anew: they are told to every worker that begins. */
const MOST_SINCE = 1000

/** Documents as workers and the next load are told of them: as they were read, and what was written since. */
export function tellingAsText() {
  let base: ReadText | null = null
  let tellRead = () => {}
  const wasRead = new Promise<void>((resolve) => {
    tellRead = resolve
  })
  return {
    /** They were read, all of them. */
    read: (read: ReadText) => {
      base = read
      tellRead()
    },
    /** Waits until they were read once: sooner than anything is reckoned from them. */
    wasRead: () => wasRead,
    wrote: (writes: readonly Write[]) => {
      if (base) base = { ...base, since: [...base.since, ...writes] }
    },
    /** @param now the documents as they are, for where too much was written since. @throws Error before anything was read */
    asText: (now: { project: Project; seq: number } | null): AsText => {
      if (!base) throw new Error('asText: before the documents are read')
      if (now && base.since.length > MOST_SINCE) {
        const { project, seq } = now
        base = { text: textOf(project), seq, since: [], isKept: true }
      }
      return { text: base.text, writes: base.since }
    },
    /** What is worth keeping for the next load; null: nothing that isn't kept already. */
    toKeep: (): TextAt | null => (base && !base.isKept ? { text: base.text, seq: base.seq } : null),
  }
}

const texts = new WeakMap<Project, string>()

/** A project as text: made once for all who are told of it. */
export function textOf(project: Project): string {
  const text = texts.get(project) ?? asciiText(project)
  texts.set(project, text)
  return text
}

/** A project out of the text that it is told as from then on. */
export function projectOfText(text: string): Project {
  const project = JSON.parse(text) as Project
  texts.set(project, text)
  return project
}
