import type { ImportRow } from '@/core/formats/projectFile'
import type { Problem } from '@/core/model/input'
import type { Project } from '@/core/model/project'
import { projectOfFile } from '@/state/files'
import type { PictureDesk } from '@/state/pictureDesk'
import type { Photo } from '@/store/photos/photos'
import { reasonOf } from '@/store/reason'

/** An archive larger than this is not read at all, bytes; it is read piece by piece, pictures and all. */
const LARGEST = 4_000_000_000

/** A file that was looked at. */
export type ChosenFile =
  | { kind: 'none' }
  | { kind: 'refused'; name: string; problems: Problem[]; more: number }
  | {
      kind: 'preview'
      name: string
      project: Project
      rows: ImportRow[]
      photos: Photo[]
      /** So many pictures have no file in it. */
      without: number
    }

/** What a file is looked at with. */
export type Looking = {
  /** The project that is here, as text. */
  current: string
  /** Pictures that are here. */
  pictures: ReadonlySet<string>
  desk: PictureDesk
  /** Is told how far it is looked at. */
  tell: (how: string) => void
  signal: AbortSignal
}

/** Whatever it is called, an archive begins like this. */
const ARCHIVE = [0x50, 0x4b, 0x03, 0x04] as const

async function beginsAs(file: Blob, bytes: readonly number[]): Promise<boolean> {
  const head = new Uint8Array(await file.slice(0, bytes.length).arrayBuffer())
  return bytes.every((byte, i) => head[i] === byte)
}

function refused(name: string, path: string, found: string, expected: string): ChosenFile {
  return { kind: 'refused', name, problems: [{ path, found, expected }], more: 0 }
}

/** Looks at a file without writing anything. @throws where it is stopped */
export async function readFile(file: File, looking: Looking): Promise<ChosenFile> {
  return (await beginsAs(file, ARCHIVE))
    ? readArchive(file, looking)
    : readText(file.name, file, [], looking)
}

async function readText(
  name: string,
  file: Blob,
  photos: Photo[],
  { current, pictures, signal }: Looking,
): Promise<ChosenFile> {
  const answer = await projectOfFile(name, file, current, signal)
  if (!answer.ok) return { kind: 'refused', name, problems: answer.problems, more: answer.more }
  const { text, rows } = answer.value
  const project = JSON.parse(text) as Project
  const inFile = new Set(photos.map(({ id }) => id))
  const without = (project.pictures ?? []).filter(({ id }) => !inFile.has(id) && !pictures.has(id))
  return { kind: 'preview', name, project, rows, photos, without: without.length }
}

/** The project of an archive, and each of its pictures opened as any picture is: one that can't be refuses it all. */
async function readArchive(file: File, looking: Looking): Promise<ChosenFile> {
  const { name, size } = file
  const { desk, tell, signal } = looking
  if (size > LARGEST) {
    const found = `${Math.round(size / 1e6)} MB`
    return refused(name, '', found, `a file of up to ${LARGEST / 1e6} MB`)
  }
  const { openArchive } = await import('@/store/photos/archive')
  try {
    const archive = await openArchive(file)
    if (archive.project === null)
      return refused(name, 'project.json', 'nothing', 'a file of that name in the archive')
    const photos: Photo[] = []
    for (const [id, read] of archive.photos) {
      signal.throwIfAborted()
      tell(`picture ${photos.length + 1} of ${archive.photos.size}`)
      const blob = await read()
      const { photo, thumb } = await desk.ask((worker) => worker.prepare(`photos/${id}`, blob))
      photos.push({ id, photo, thumb })
    }
    await archive.close()
    tell('being read')
    return await readText(name, new Blob([archive.project]), photos, looking)
  } catch (error) {
    signal.throwIfAborted()
    return refused(name, '', reasonOf(error), 'a project with pictures that can be opened')
  }
}
