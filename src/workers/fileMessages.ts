import type { PaletteColour } from '@/core/formats/palette'
import type { ImportRow } from '@/core/formats/projectFile'
import type { ShelfPreview } from '@/core/formats/shelfCsv'
import type { Bottle } from '@/core/model/bottle'
import type { Build } from '@/core/model/build'
import type { Problem } from '@/core/model/input'

/** What a file held; of a refused one the first of what is wrong with it, and how many more there are. */
export type FileAnswer<T> =
  | { ok: true; value: T }
  | { ok: false; problems: Problem[]; more: number }

/** A project as text, which is the quickest way to give it, and what taking it in would do. */
export type ProjectInFile = { text: string; rows: ImportRow[] }

/** What the worker for files reads. Plain data both ways. */
export type FileDesk = {
  /** A project in any format that it is written in, and what taking it in would do to the one that is here. */
  project: (name: string, file: Blob, current: string) => Promise<FileAnswer<ProjectInFile>>
  /** The first build of a file. */
  build: (name: string, file: Blob) => Promise<FileAnswer<Build>>
  /** What a table of bottles would do to a shelf. */
  shelf: (file: Blob, shelf: readonly Bottle[]) => Promise<FileAnswer<ShelfPreview>>
  palette: (file: Blob) => Promise<FileAnswer<PaletteColour[]>>
}
