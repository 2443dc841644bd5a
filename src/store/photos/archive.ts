import {
  BlobReader,
  BlobWriter,
  type FileEntry,
  TextReader,
  TextWriter,
  Uint8ArrayReader,
  ZipReader,
  ZipWriter,
} from '@zip.js/zip.js'

/** Where a picture lies in the archive. */
const placeOf = (id: string) => `photos/${id}.jpg`
const IN_PLACE = /^photos\/([A-Za-z0-9][A-Za-z0-9._-]{0,79})\.[A-Za-z0-9]{2,5}$/

/** Without a time in it the same data is the same archive. */
const AS_IT_IS = {
  lastModDate: new Date('1980-01-01T00:00:00Z'),
  extendedTimestamp: false,
  useWebWorkers: false,
} as const

/** Largest text of a project and largest picture, unpacked, and most entries, that an archive is read with. */
const MOST = { text: 50_000_000, photo: 60_000_000, entries: 20_000 } as const

/** An archive that was made, and the pictures that are here but couldn't be read: it is made without them. */
export type Packed = { file: Blob; unread: readonly string[] }

/**
 * A project's text with pictures beside it, in one file, one after the other; those that aren't in this browser are left out.
 *
 * @param photoOf a picture; null: it isn't here
 * @param tell how many of how many pictures were looked at
 * @param signal stops it
 * @throws where it is stopped
 * Source: docs/formats.md.
 */
export async function packed(
  photoOf: (id: string) => Promise<Blob | null>,
  text: string,
  ids: readonly string[],
  tell: (done: number, all: number) => void = () => undefined,
  signal?: AbortSignal,
): Promise<Packed> {
  const zip = new ZipWriter(new BlobWriter('application/zip'), AS_IT_IS)
  const unread: string[] = []
  await zip.add('project.json', new TextReader(text))
  for (const [i, id] of ids.entries()) {
    signal?.throwIfAborted()
    // Read before it is put in: one that fails halfway would spoil the archive.
    const photo = await bytesOf(photoOf(id)).catch(() => unread.push(id) && null)
    // Pictures are as small as they get.
    if (photo) await zip.add(placeOf(id), new Uint8ArrayReader(photo), { level: 0 })
    tell(i + 1, ids.length)
  }
  return { file: await zip.close(), unread }
}

async function bytesOf(photo: Promise<Blob | null>): Promise<Uint8Array | null> {
  const blob = await photo
  return blob && new Uint8Array(await blob.arrayBuffer())
}

/** An archive whose pictures are read when they are asked for. */
export type Archive = {
  /** The project's text; null: there is none in it. */
  project: string | null
  /** The pictures by the ids of their rows. */
  photos: ReadonlyMap<string, () => Promise<Blob>>
  close: () => Promise<void>
}

/** @throws Error in words for the person where it can't be unpacked */
export async function openArchive(file: Blob): Promise<Archive> {
  const zip = new ZipReader(new BlobReader(file), { useWebWorkers: false })
  const entries = await zip.getEntries().catch(() => {
    throw new Error('it is no archive that can be unpacked')
  })
  if (entries.length > MOST.entries)
    throw new Error(`it holds ${entries.length} files: at most ${MOST.entries}`)
  const files = entries.filter((entry): entry is FileEntry => !entry.directory)
  const text = files.find(({ filename }) => filename === 'project.json')
  if (text && text.uncompressedSize > MOST.text)
    throw new Error(`its project.json has ${text.uncompressedSize} bytes: at most ${MOST.text}`)
  const large = files.find(
    ({ filename, uncompressedSize }) => IN_PLACE.test(filename) && uncompressedSize > MOST.photo,
  )
  if (large)
    throw new Error(
      `${large.filename} has ${Math.round(large.uncompressedSize / 1e6)} MB unpacked: at most ${MOST.photo / 1e6}`,
    )
  const photos = new Map(
    files.flatMap((entry) => {
      const id = IN_PLACE.exec(entry.filename)?.[1]
      return id ? [[id, () => entry.getData(new BlobWriter('image/jpeg'))] as const] : []
    }),
  )
  const project = text ? await text.getData(new TextWriter()) : null
  return { project, photos, close: () => zip.close() }
}
