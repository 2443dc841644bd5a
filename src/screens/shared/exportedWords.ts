import { counted } from '@/core/model/counted'

/** What is told of a file that was made without some pictures, which are here but couldn't be read. */
export function sayUnread(unread: readonly string[]): string {
  const are = unread.length === 1 ? 'is' : 'are'
  return `Exported, but ${counted(unread.length, 'picture')} couldn’t be read and ${are} not in the file.`
}
