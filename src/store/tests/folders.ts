import type { CopyFolder } from '../copies/folder'

/** A folder in memory. @param full no room for anything */
export function folderOf(full = false): CopyFolder & { files: Map<string, Blob> } {
  const files = new Map<string, Blob>()
  return {
    files,
    list: async () => [...files].map(([name, { size }]) => ({ name, bytes: size })),
    read: async (name) => files.get(name) ?? Promise.reject(new Error(`${name} is gone`)),
    write: async (name, content) => {
      if (full) throw new Error('no room')
      files.set(name, content)
    },
    remove: async (name) => void files.delete(name),
  }
}
