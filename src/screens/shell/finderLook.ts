/** What the finder, and what takes keys until it is loaded, look like and say: the one takes the other's place unseen. */
export const FINDER = {
  shade: 'fixed inset-0 z-50 bg-black/50',
  box: 'fixed top-[12vh] left-1/2 z-50 w-[min(36rem,94vw)] -translate-x-1/2 rounded-tool bg-raised p-3 shadow-xl',
  field: 'control min-h-12 w-full px-3 text-lg',
  title: 'Find anything',
  label: 'Search for',
  hint: 'A part, a bottle, hairspray, frost, mix for hull …',
} as const

/** What stands in the place of what is found. */
export const NOTHING_YET = {
  coming: 'Looking…',
  failed: 'What finds things couldn’t be loaded. Close this and try once more.',
}
