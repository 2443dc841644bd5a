import { type Decal, decalSchema } from '../../model/decals'
import { type Problem, parse, quote } from '../../model/input'

const NUMBER = '(\\d+(?:[.,]\\d+)?)'
const LINE = new RegExp(
  `^(.+?)[,:]?\\s+${NUMBER}\\s*(?:x|×|by)\\s*${NUMBER}(?:\\s*mm)?(?:\\s*[,;]?\\s*(?:×|x)?\\s*(\\d+))?(?:\\s*[,;]?\\s*(left|right))?\\s*$`,
  'i',
)

/** How a line of a sheet reads. */
const EXPECTED =
  '“Number 7, 24 x 11, 4” — a name, its size in mm, how many, and left or right where it is handed'

/**
 * The decals of a sheet as they are typed, one a line: "Number 7, 24 x 11, 4", "Stripe 96 x 3, 2, left". Without a number there
 * is one of it.
 *
 * @param old decals that were there: one of the same name keeps its id
 */
export function readDecalLines(
  text: string,
  old: readonly Decal[],
  newId: () => string,
): { decals: Decal[]; problems: Problem[] } {
  const decals: Decal[] = []
  const problems: Problem[] = []
  text.split('\n').forEach((raw, i) => {
    const line = raw.trim()
    if (line === '') return
    const path = `line ${i + 1}`
    const [, name, width, height, count = '1', hand] = LINE.exec(line) ?? []
    if (!name || !width || !height) {
      problems.push({ path, found: quote(line), expected: EXPECTED })
      return
    }
    const free = old.find((one) => one.name === name && !decals.some(({ id }) => id === one.id))
    const read = parse(decalSchema, {
      id: free?.id ?? newId(),
      name,
      widthMm: Number(width.replace(',', '.')),
      heightMm: Number(height.replace(',', '.')),
      count: Number(count),
      ...(hand ? { hand: hand.toLowerCase() } : {}),
    })
    if (read.ok) decals.push(read.value)
    else problems.push(...read.problems.map((one) => ({ ...one, path: `${path}, ${one.path}` })))
  })
  return { decals, problems }
}

/** Decals as they are typed. */
export function sayDecalLines(decals: readonly Decal[]): string {
  return decals
    .map(({ name, widthMm, heightMm, count, hand }) =>
      [`${name}, ${widthMm} x ${heightMm}`, String(count), ...(hand ? [hand] : [])].join(', '),
    )
    .join('\n')
}
