import type { Picture } from './picture'

/** Rows by their instants, the newest first. */
export function newestFirst<T extends { at: string }>(rows: readonly T[]): T[] {
  return [...rows].sort((a, b) => Date.parse(b.at) - Date.parse(a.at))
}

/** The newest picture of a build, and of one of its parts if that is asked; undefined: there is none. */
export function newestOf(
  pictures: readonly Picture[],
  of: { build: string; part?: string },
): Picture | undefined {
  return newestFirst(pictures).find(
    ({ build, part, kind }) =>
      kind === 'model' && build === of.build && (of.part === undefined || part === of.part),
  )
}
