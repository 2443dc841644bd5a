import { paintLaid } from '../colour/bottled'
import { fitHiding, type SwatchFit } from '../colour/swatch'
import type { Bottle } from '../model/bottle'
import type { BuildAct } from '../model/build'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import type { TestPiece } from '../model/testPiece'
import { bottlesFor } from '../shelf/paintFor'
import { bottlePaint } from '../shelf/shelfColours'
import { faceColour } from '../stack/state/faceColour'
import { coloursFace, type FaceFilm, layerOf, PRIMER, shareMeant } from '../stack/state/filmColours'
import { resolveStep } from '../stack/state/resolvedStep'

/** A paint that was laid over all of a test piece, and what its swatch says of the bottle; null: no colour was read yet. */
export type TriedSwatch = { bottle: Bottle; over: string; coats: number; fit: SwatchFit | null }

/**
 * The hiding of a bottle, or the stain of a wash, by a colour that was read from a test piece.
 *
 * @returns null where what was tried last tints no whole face, what lies under it has no known colour, or no
 * bottle with a colour suits
 * Source: handbook 5.1, 5.4, 13.3.
 */
export function triedSwatch(
  project: Project,
  piece: TestPiece,
  { steps, swatch, unsure }: TestPiece['tried'][number],
): TriedSwatch | null {
  const last = steps.at(-1)
  const step = last && laidOverAll(steps)
  const bottle = last && bottleOf(project, piece, last)
  if (!step || !bottle?.colour) return null
  const { role, coats, over } = step
  const share = paintLaid(bottle, shareMeant(last, role))
  const { thickness } = layerOf(bottle.colour, role, coats, share, undefined)
  const seen = { ground: over, coats: 1, thickness, unsure }
  const fit = swatch ? fitHiding(bottlePaint(bottle), { ...seen, seen: swatch }) : null
  return { bottle, over, coats: coats.length, fit }
}

/** What was tried last, where it tints all of the face, and the colour that it came on. */
function laidOverAll(steps: readonly ActStep[]) {
  const films = steps.map(filmOf)
  const last = films.at(-1)
  const under = films.slice(0, -1).filter((film) => film !== null)
  const over = under.length === 0 ? PRIMER : faceColour(under, steps)
  if (!last || !over || !coloursFace(last)) return null
  return { role: last.role, coats: last.coats, over }
}

/** What a step lays, as far as colour goes; null: nothing. */
function filmOf(step: ActStep, at: number): FaceFilm | null {
  const { row, family, role, coverage, coats } = resolveStep(step, null)
  if (row.kind !== 'film' || !family || !role) return null
  return { step: at, act: step.do, family, role, coverage, coats, colour: step.colour ?? null }
}

/** The bottle of the step that was tried for, else one that suits what was tried. */
function bottleOf(project: Project, { build: of, step: id }: TestPiece, last: ActStep) {
  const build = project.builds?.find((one) => one.id === of)
  const step = build?.steps.find((one) => one.id === id) as BuildAct | undefined
  const own = step && step.do === last.do ? bottlesFor(project, step)[0] : undefined
  return own ?? bottlesFor(project, last)[0]
}
