import { faceKind } from '../../colour/lineContrast'
import { deltaE00, type Lab, labOf } from '../../colour/spectrum'
import { type Band, lineBand, USUAL_LOOK } from '../../knowledge/lining'
import { REAL_SIZES } from '../../knowledge/realSizes'
import type { School } from '../../model/sequence'
import { wearBudget } from '../../places/wearMap'
import type { Samples } from '../../surface/samples'
import type { PanelState } from '../films'
import { labOfTriple, type PanelMeasures } from './measures'

/** The figures that a panel is judged by, each from its measures; null: there is nothing of it. Source: handbook 10.4. */
const FIGURES = {
  lightness: ({ mean }) => mean[0],
  lineContrast: ({ lineContrast }) => lineContrast,
  faceStained: ({ faceStained }) => (faceStained > 0 ? faceStained : null),
  chipped: ({ chips }) => (chips.share > 0 ? chips.share : null),
  chipMm: ({ chips }) => chips.medianMmReal,
  chipCores: ({ chips }) => (chips.withCore > 0 ? chips.withCore : null),
  streaks: ({ streaks }) => streaks?.count ?? null,
  streakMm: ({ streaks }) => streaks?.medianMmReal ?? null,
  dustBelow: ({ dust: { bottom, top } }) => (bottom + top > 0 ? bottom - top : null),
  faceUm: ({ film }) => film.face,
  edgeUm: ({ film }) => film.edge,
  lineUm: ({ film }) => film.line,
  sheen: ({ sheen }) => sheen,
} as const satisfies Record<string, (measures: PanelMeasures) => number | null>

/** A figure of a panel by its name. */
export type PanelFigure = keyof typeof FIGURES

/** Every figure of some measures. */
export function figuresOf(measures: PanelMeasures): Record<PanelFigure, number | null> {
  return Object.fromEntries(
    Object.entries(FIGURES).map(([name, of]) => [name, of(measures)]),
  ) as Record<PanelFigure, number | null>
}

/** What is usual of figures: where nothing is, the figure isn't in it. */
export type Usual = Partial<Record<PanelFigure, Band>>

/**
 * What is usual for the scale and the looks that are chosen.
 *
 * @param school of lines and of wear; left out: the usual ones
 * Source: handbook 10.4, 10.1, 5.3, 12.6, 12.8.
 */
export function usualOf(
  measures: PanelMeasures,
  state: PanelState,
  samples: Samples,
  scale: number,
  school: School | undefined,
): Usual {
  const face = measures.face && labOfTriple(measures.face)
  const lined = face !== null && state.films.some(({ stains }) => stains)
  const chipped = measures.chips.share > 0
  const { chip, streak } = REAL_SIZES
  return {
    ...(lined
      ? { lineContrast: lineBand(school?.liningLook ?? USUAL_LOOK, scale, faceKind(face)) }
      : {}),
    ...(chipped
      ? {
          chipped: {
            from: 0,
            to: wearBudget('chips', {
              chipContrast: contrastOf(state, face),
              wear: school?.wear,
            }),
          },
          chipMm: { from: chip.from, to: chip.to },
        }
      : {}),
    ...(measures.streaks ? { streakMm: { from: streak.long.from, to: streak.long.to } } : {}),
    // A line is closed by films half as thick as it is deep.
    ...(samples.lineDepth > 0 ? { faceUm: { from: 0, to: samples.lineDepth * 500 } } : {}),
  }
}

/** How far chips stand out of the face, ΔE00, by the colour of those laid last; null: they were opened, or the face isn't known. */
function contrastOf({ films }: PanelState, face: Lab | null): number | null {
  const colour = films.findLast(({ kind }) => kind === 'mark')?.ink?.colour
  return colour && face ? deltaE00(labOf(colour), face) : null
}

/** A change of a figure smaller than this, of the largest one that it ever had, is none. */
const SMALL = 0.02

/**
 * By figure, the step that moved it most.
 *
 * @param rows measures from before the first step on, one more than there are steps
 * Source: handbook 10.4.
 */
export function movedBy(rows: readonly PanelMeasures[]): Partial<Record<PanelFigure, number>> {
  const all = rows.map(figuresOf)
  const moved: Partial<Record<PanelFigure, number>> = {}
  for (const name of Object.keys(FIGURES) as PanelFigure[]) {
    const values = all.map((row) => row[name] ?? 0)
    const least = SMALL * Math.max(...values.map(Math.abs))
    let most = least
    values.slice(1).forEach((value, step) => {
      const change = Math.abs(value - (values[step] as number))
      if (change > most) {
        most = change
        moved[name] = step
      }
    })
  }
  return moved
}
