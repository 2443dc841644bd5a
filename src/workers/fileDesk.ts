import { readContent } from '@/core/formats/convert/content'
import { type PaletteColour, readPalette } from '@/core/formats/palette'
import { previewImport } from '@/core/formats/projectFile'
import { previewShelfCsv, type ShelfPreview } from '@/core/formats/shelfCsv'
import type { Bottle } from '@/core/model/bottle'
import type { Build } from '@/core/model/build'
import type { Parsed, Problem } from '@/core/model/input'
import type { Project } from '@/core/model/project'
import type { FileAnswer, FileDesk } from './fileMessages'

/** Files larger than this aren't read at all, bytes. */
const LARGEST = 50_000_000
/** So many of what is wrong with a file are told. */
const TOLD = 50

/** What files hold, without the worker: a file in, an answer out. Nothing is written. */
export function fileDesk(newId: () => string = () => crypto.randomUUID()): FileDesk {
  /** What is made of a file's content; it is refused before it is read where it is too large. */
  const read = async <T>(
    file: Blob,
    make: (bytes: Uint8Array) => Parsed<T>,
  ): Promise<FileAnswer<T>> => {
    if (file.size > LARGEST) {
      const found = `${Math.round(file.size / 1e6)} MB`
      return answer(refused('', found, `a file of up to ${LARGEST / 1e6} MB`))
    }
    return answer(make(new Uint8Array(await file.arrayBuffer())))
  }
  const projectIn = (name: string, bytes: Uint8Array, expected: string): Parsed<Project> => {
    const content = readContent({ name, bytes, newId })
    if (!content.ok) return content
    if (content.value.is !== 'project') return refused('', name, expected)
    return { ok: true, value: content.value.project }
  }
  return {
    project: (name, file, current) =>
      read(file, (bytes) => {
        const project = projectIn(name, bytes, 'a project, a plan or a shelf')
        if (!project.ok) return project
        const rows = previewImport(JSON.parse(current) as Project, project.value)
        return { ok: true, value: { text: JSON.stringify(project.value), rows } }
      }),
    build: (name, file) =>
      read<Build>(file, (bytes) => {
        const project = projectIn(name, bytes, 'a build or a plan')
        if (!project.ok) return project
        const [build] = project.value.builds ?? []
        return build ? { ok: true, value: build } : refused('builds', 'none', 'a build')
      }),
    shelf: (file, shelf: readonly Bottle[]) =>
      read<ShelfPreview>(file, (bytes) => previewShelfCsv(textOf(bytes), shelf)),
    palette: (file) => read<PaletteColour[]>(file, (bytes) => readPalette(textOf(bytes))),
  }
}

function textOf(bytes: Uint8Array): string {
  return new TextDecoder().decode(bytes)
}

function refused(
  path: string,
  found: string,
  expected: string,
): { ok: false; problems: Problem[] } {
  return { ok: false, problems: [{ path, found, expected }] }
}

/** A broken file may have more wrong than anybody reads. */
function answer<T>(parsed: Parsed<T>): FileAnswer<T> {
  if (parsed.ok) return parsed
  const { problems } = parsed
  return {
    ok: false,
    problems: problems.slice(0, TOLD),
    more: Math.max(0, problems.length - TOLD),
  }
}
