/** A folder of files beside the database. */
export type CopyFolder = {
  list: () => Promise<{ name: string; bytes: number }[]>
  read: (name: string) => Promise<Blob>
  /** All of it or nothing. */
  write: (name: string, content: Blob) => Promise<void>
  remove: (name: string) => Promise<void>
}

const FOLDER = 'copies'

/** The folder of this browser; null: it has none, or keeps nothing in a private window. */
export async function browserFolder(): Promise<CopyFolder | null> {
  try {
    const root = await navigator.storage.getDirectory()
    return folderIn(await root.getDirectoryHandle(FOLDER, { create: true }))
  } catch {
    return null
  }
}

function folderIn(folder: FileSystemDirectoryHandle): CopyFolder {
  return {
    list: async () => {
      const files: { name: string; bytes: number }[] = []
      for await (const handle of folder.values())
        if (handle.kind === 'file')
          files.push({ name: handle.name, bytes: (await handle.getFile()).size })
      return files
    },
    read: async (name) => (await folder.getFileHandle(name)).getFile(),
    write: async (name, content) => {
      const handle = await folder.getFileHandle(name, { create: true })
      try {
        const out = await handle.createWritable()
        await out.write(content)
        await out.close()
      } catch (error) {
        await folder.removeEntry(name).catch(() => {})
        throw error
      }
    },
    remove: (name) => folder.removeEntry(name),
  }
}
