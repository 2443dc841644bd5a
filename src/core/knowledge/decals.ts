import type { DecalFilm, DecalGround } from '../model/vocabulary'

/** How a film of decals is handled. Source: handbook 12.5. */
export type DecalFilmRow = {
  name: string
  /** In water at 20 °C, s. */
  dwell: number
  /** Until it may be cleared over at 20 °C, hours. */
  dries: number
  /** Longer than the family's clock says. */
  slow?: true
  /** It is softened with care: a strong softener first wrinkles it. */
  tender?: true
  /** Water and air are rolled out, and warm air settles it. */
  warmed?: true
}

/** Decals by what they are printed on. Source: handbook 12.5. */
export const DECAL_FILM_TABLE: Record<DecalFilm, DecalFilmRow> = {
  thin: { name: 'Thin', dwell: 15, dries: 12, tender: true },
  usual: { name: 'Usual', dwell: 30, dries: 12 },
  thick: { name: 'Thick or patterned', dwell: 60, dries: 48, slow: true, warmed: true },
  'home-printed': { name: 'Home-printed', dwell: 20, dries: 12, tender: true },
}

/** Warmer water by so many °C halves the dwell. Source: handbook 12.5. */
const DWELL_HALVES = 20

/** Seconds that a decal lies in water. Source: handbook 12.5. */
export function dwellSeconds(film: DecalFilm, celsius = 20): number {
  return DECAL_FILM_TABLE[film].dwell * 0.5 ** ((celsius - 20) / DWELL_HALVES)
}

/** A rung of the ladder on which a decal settles: what is done, and how long it is left alone, minutes. */
export type Rung = { say: string; minutes: number }

const RUNGS = {
  under: { say: 'Setting solution under it', minutes: 1 },
  mild: { say: 'Mild softener over it', minutes: 4 },
  usual: { say: 'Usual softener over it', minutes: 10 },
  strong: { say: 'One drop of strong softener', minutes: 10 },
  rolled: { say: 'Roll water and air out', minutes: 2 },
  warm: { say: 'Warm air, or a hot damp cloth, twice', minutes: 4 },
} as const satisfies Record<string, Rung>

/** How high what lies under a decal makes one climb. Source: handbook 12.5. */
const CLIMB: Record<DecalGround, number> = { flat: 1, line: 2, hinge: 3, bump: 3, curve: 3 }

/** The rungs for a decal, mildest first: each is climbed only where the one before left it standing up. Source: handbook 12.5. */
export function ladderFor(film: DecalFilm, over: DecalGround): Rung[] {
  const { tender, warmed } = DECAL_FILM_TABLE[film]
  const softeners = [RUNGS.mild, RUNGS.usual, RUNGS.strong]
  const climbed = softeners.slice(0, tender ? Math.min(2, CLIMB[over]) : CLIMB[over])
  return [
    RUNGS.under,
    ...(warmed ? [RUNGS.rolled] : []),
    ...climbed,
    ...(warmed ? [RUNGS.warm] : []),
  ]
}
