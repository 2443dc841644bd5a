import type { Remote } from 'comlink'
import type { PaletteColour } from '@/core/formats/palette'
import type { ShelfPreview } from '@/core/formats/shelfCsv'
import type { Bottle } from '@/core/model/bottle'
import type { Build } from '@/core/model/build'
import { reasonOf } from '@/store/reason'
import type { FileAnswer, FileDesk, ProjectInFile } from '@/workers/fileMessages'
import { jobOf } from './job'

const begin = () =>
  new Worker(new URL('../workers/file.worker.ts', import.meta.url), { type: 'module' })

/** Asks a worker of its own what a file holds. A file that it dies of is refused like any other. @throws where it is stopped before */
async function ask<T>(
  signal: AbortSignal,
  question: (worker: Remote<FileDesk>) => Promise<FileAnswer<T>>,
): Promise<FileAnswer<T>> {
  const { result, cancel } = jobOf<FileDesk, FileAnswer<T>>(begin, question)
  signal.addEventListener('abort', cancel)
  try {
    return await result
  } catch (error) {
    signal.throwIfAborted()
    const problem = { path: '', found: reasonOf(error), expected: 'a file that can be read' }
    return { ok: false, problems: [problem], more: 0 }
  } finally {
    signal.removeEventListener('abort', cancel)
  }
}

/** A project of any file. @param current the one that is here, as text */
export function projectOfFile(
  name: string,
  file: Blob,
  current: string,
  signal: AbortSignal,
): Promise<FileAnswer<ProjectInFile>> {
  return ask(signal, (worker) => worker.project(name, file, current))
}

/** The first build of a file. */
export function buildOfFile(file: File, signal: AbortSignal): Promise<FileAnswer<Build>> {
  return ask(signal, (worker) => worker.build(file.name, file))
}

/** What a table of bottles would do to a shelf. */
export function shelfOfFile(
  file: File,
  shelf: readonly Bottle[],
  signal: AbortSignal,
): Promise<FileAnswer<ShelfPreview>> {
  return ask(signal, (worker) => worker.shelf(file, shelf))
}

/** The colours of a palette file. */
export function paletteOfFile(
  file: File,
  signal: AbortSignal,
): Promise<FileAnswer<PaletteColour[]>> {
  return ask(signal, (worker) => worker.palette(file))
}
