import { type ImportRow, previewImport } from '@/core/formats/projectFile'
import type { Problem } from '@/core/model/input'
import type { Project } from '@/core/model/project'
import type { PictureDesk } from '@/state/pictureDesk'
import { newId } from '@/store/newId'
import type { Photo } from '@/store/photos/photos'
import { reasonOf } from '@/store/reason'

/** Files larger than this are not read at all, bytes; an archive is read piece by piece, pictures and all. */
const LARGEST = { file: 50_000_000, archive: 4_000_000_000 } as const

/** A file that was looked at. */
export type ChosenFile =
  | { kind: 'none' }
  | { kind: 'looking'; name: string; done: number; all: number }
  | { kind: 'refused'; name: string; problems: Problem[] }
  | {
      kind: 'preview'
      name: string
      project: Project
      rows: ImportRow[]
      photos: Photo[]
      /** So many pictures have no file in it. */
      without: number
    }

/** Whatever it is called, an archive begins like this. */
const ARCHIVE = [0x50, 0x4b, 0x03, 0x04] as const

async function beginsAs(file: Blob, bytes: readonly number[]): Promise<boolean> {
  const head = new Uint8Array(await file.slice(0, bytes.length).arrayBuffer())
  return bytes.every((byte, i) => head[i] === byte)
}

function refused(name: string, path: string, found: string, expected: string): ChosenFile {
  return { kind: 'refused', name, problems: [{ path, found, expected }] }
}

/**
 * Looks at a file without writing anything.
 *
 * @param tell how far it is looked at
 */
export async function readFile(
  file: File,
  current: Project,
  desk: PictureDesk,
  tell: (chosen: ChosenFile) => void,
): Promise<ChosenFile> {
  const { name } = file
  const isArchive = await beginsAs(file, ARCHIVE)
  const most = isArchive ? LARGEST.archive : LARGEST.file
  if (file.size > most)
    return refused(
      name,
      '',
      `${Math.round(file.size / 1e6)} MB`,
      `a file of up to ${most / 1e6} MB`,
    )
  return isArchive ? readArchive(file, current, desk, tell) : readText(name, file, current, [])
}

async function readText(
  name: string,
  file: Blob,
  current: Project,
  photos: Photo[],
): Promise<ChosenFile> {
  const { readContent } = await import('@/core/formats/convert/content')
  const content = readContent({ name, bytes: new Uint8Array(await file.arrayBuffer()), newId })
  if (!content.ok) return { kind: 'refused', name, problems: content.problems }
  const parsed = content.value
  if (parsed.is !== 'project') return refused(name, '', name, 'a project, a plan or a shelf')
  const { project } = parsed
  const here = new Set([...photos, ...(current.pictures ?? [])].map(({ id }) => id))
  const without = (project.pictures ?? []).filter(({ id }) => !here.has(id)).length
  return { kind: 'preview', name, project, rows: previewImport(current, project), photos, without }
}

/** The project of an archive, and each of its pictures opened as any picture is: one that can't be refuses it all. */
async function readArchive(
  file: File,
  current: Project,
  desk: PictureDesk,
  tell: (chosen: ChosenFile) => void,
): Promise<ChosenFile> {
  const { name } = file
  const { openArchive } = await import('@/store/photos/archive')
  try {
    const archive = await openArchive(file)
    if (archive.project === null)
      return refused(name, 'project.json', 'nothing', 'a file of that name in the archive')
    const photos: Photo[] = []
    for (const [id, read] of archive.photos) {
      tell({ kind: 'looking', name, done: photos.length, all: archive.photos.size })
      const blob = await read()
      const { photo, thumb } = await desk.ask((worker) => worker.prepare(`photos/${id}`, blob))
      photos.push({ id, photo, thumb })
    }
    await archive.close()
    return readText(name, new Blob([archive.project]), current, photos)
  } catch (error) {
    return refused(name, '', reasonOf(error), 'a project with pictures that can be opened')
  }
}
