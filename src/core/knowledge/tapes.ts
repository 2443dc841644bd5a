/** What covers a zone along an edge. Source: handbook 12.3. */
export const TAPES = ['cut-sheet', 'groove-sheet', 'flexible', 'straight'] as const

/** A way to cover a zone along an edge. */
export type Tape = (typeof TAPES)[number]

/** How an edge runs: its radius in mm (nothing: straight), and whether a line is cut along it. */
export type EdgeRun = { radiusMm?: number | undefined; groove?: boolean | undefined }

/** What each is called, for edges of which kind, and how it is laid. The first that fits is taken. Source: handbook 12.3. */
export const TAPE_TABLE: Record<
  Tape,
  { say: string; how: string; fits: (run: EdgeRun) => boolean }
> = {
  'cut-sheet': {
    say: 'liquid mask or cut sheet',
    how: 'tape doesn’t turn that tightly',
    fits: ({ radiusMm = Number.POSITIVE_INFINITY }) => radiusMm < 3,
  },
  'groove-sheet': {
    say: 'sheet, cut in the groove',
    how: 'let the line lead the blade',
    fits: ({ groove }) => groove === true,
  },
  flexible: {
    say: 'flexible tape',
    how: 'lay it without pulling',
    fits: ({ radiusMm = Number.POSITIVE_INFINITY }) => radiusMm < 20,
  },
  straight: { say: 'straight paper tape', how: 'burnish its edge', fits: () => true },
}

/** What covers a zone along an edge that runs like this. */
export function tapeFor(run: EdgeRun): Tape {
  return TAPES.find((tape) => TAPE_TABLE[tape].fits(run)) ?? 'straight'
}

/** Half the angle of the cone that paint leaves the nozzle in, degrees, and what is covered beyond it, mm. Source: handbook 12.3. */
const CONE = { degrees: 9, beyondMm: 5 } as const

/** How far overspray reaches beyond a zone, mm, from a nozzle that is so far away. Source: handbook 12.3. */
export function oversprayMm(distanceMm: number): number {
  return distanceMm * Math.tan((CONE.degrees * Math.PI) / 180) + CONE.beyondMm
}

/** How far the nozzle usually is from the work, mm, and how far to cover beyond a zone then. Source: handbook 12.3. */
export const USUAL_SPRAY = { distanceMm: 55, coverMm: 20 } as const
