import type { Build } from '../model/build'
import { type Problem, quote } from '../model/input'
import { missingIn } from './stepProblems'

/**
 * What keeps a build from being reckoned: ids that are there twice, parts that aren't there, acts without what they must say.
 *
 * @param path where the build stands in what was read, with a dot behind it
 */
export function brokenBuild(build: Build, path = ''): Problem[] {
  return [
    ...doubled(build.parts, `${path}parts`),
    ...doubled(build.steps, `${path}steps`),
    ...missingIn(build.steps, `${path}steps`),
    ...unknownParts(build, path),
  ]
}

/** Ids that are there twice. @param path where the rows stand in what was read */
export function doubled(rows: readonly { id: string }[], path: string): Problem[] {
  const seen = new Set<string>()
  return rows.flatMap((row, i): Problem[] => {
    const again = seen.has(row.id)
    seen.add(row.id)
    return again
      ? [{ path: `${path}[${i}].id`, found: JSON.stringify(row.id), expected: 'an id used once' }]
      : []
  })
}

/** An id that isn't among those that are known, or isn't said. @param what it is the id of, in words */
export function unknownId(
  known: ReadonlySet<string>,
  id: string | undefined,
  path: string,
  what: string,
): Problem[] {
  return id === undefined || known.has(id)
    ? []
    : [{ path, found: quote(id), expected: `the id of a ${what}` }]
}

function unknownParts(build: Build, path: string): Problem[] {
  const known = new Set(build.parts.map((part) => part.id))
  return build.steps.flatMap((step, i) =>
    step.parts.flatMap((part, j): Problem[] =>
      known.has(part)
        ? []
        : [
            {
              path: `${path}steps[${i}].parts[${j}]`,
              found: JSON.stringify(part),
              expected: `the id of a part: ${[...known].join(', ')}`,
            },
          ],
    ),
  )
}
