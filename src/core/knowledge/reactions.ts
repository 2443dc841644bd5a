import { type Family, SOLVENTS, type Solvent } from '../model/vocabulary'

/** What a solvent does to a film, weakest first. Source: handbook 2.3. */
export const EFFECTS = ['-', 's', 'r', 'l', 'd'] as const

/** What a solvent does to a film it wets, mildest first. Source: handbook 2.3. */
export type Effect = (typeof EFFECTS)[number]

/** Each effect in words, for findings. */
export const EFFECT_WORDS = {
  '-': 'leaves it alone',
  s: 'softens it',
  r: 're-wets it, so that it can be moved or wiped away',
  l: 'lifts or wrinkles it',
  d: 'dissolves it',
} as const satisfies Record<Effect, string>

/** How far a film has come: before recoat, before cured, after. Source: handbook 2.3. */
export const FILM_STATES = ['fresh', 'set', 'cured'] as const

/** How far a film has dried, as the reaction table asks. Source: handbook 2.3. */
export type FilmState = (typeof FILM_STATES)[number]

/** Effects on a fresh, a set and a cured film, as one row of three marks: "d s -". */
type Cell = `${Effect} ${Effect} ${Effect}`

type Row = Record<Exclude<Solvent, 'plastic-solvent'>, Cell>

/** Columns in the handbook's order, so that a row reads like the handbook's. */
function row(
  water: Cell,
  alcohol: Cell,
  spiritMild: Cell,
  spiritHot: Cell,
  lacquerMild: Cell,
  lacquerHot: Cell,
  reducer: Cell,
): Row {
  return {
    water,
    alcohol,
    'spirit-mild': spiritMild,
    'spirit-hot': spiritHot,
    'lacquer-mild': lacquerMild,
    'lacquer-hot': lacquerHot,
    'reducer-2k': reducer,
  }
}

const WATER_ACRYLIC = row('d s -', 'd r s', 's - -', 's s -', 'l s s', 'l l s', 'l s s')
const UNTOUCHED = row('- - -', '- - -', '- - -', '- - -', '- - -', '- - -', '- - -')
const ENAMEL_WASH = row('- - -', 's s -', 'd r r', 'd r r', 'l s -', 'd l s', 'l s -')
/** Powder, graphite and pencil are moved by anything wet. */
const LOOSE = row('r r r', 'r r r', 'r r r', 'r r r', 'r r r', 'r r r', 'r r r')

/**
 * The reaction matrix; every family has a row. Source: handbook 2.3. `plastic-solvent` is no column: it dissolves
 * everything but a cured two-part film. `texture` thinned with spirit reads the row of `enamel-wash`.
 */
export const REACTIONS = {
  lacquer: row('- - -', 's - -', 's - -', 's - -', 'd r r', 'd d r', 'd s s'),
  'alcohol-acrylic': row('s - -', 'd r s', '- - -', 's - -', 'd s s', 'd l s', 'd s s'),
  'water-acrylic': WATER_ACRYLIC,
  'acrylic-pu': row('d s -', 'd s s', '- - -', 's - -', 'l s -', 'l s s', 'l s -'),
  enamel: row('- - -', 's - -', 'd r -', 'd r s', 'l l s', 'l l l', 'l l s'),
  'metal-enamel': row('- - -', 's - -', 'd r -', 'd r s', 'l s s', 'l l s', 'l s s'),
  'enamel-wash': ENAMEL_WASH,
  oil: row('- - -', 's s -', 'd r s', 'd r s', 'l s -', 'l l s', 'l s s'),
  'urethane-2k': row('s - -', 's - -', '- - -', 's - -', 'l s -', 'l s -', 'l s -'),
  'water-wash': row('d r -', 'd r s', '- - -', 's - -', 'l s s', 'l l s', 'l s s'),
  watercolour: row('r r r', 'r r r', '- - -', '- - -', 's s s', 's s s', 's s s'),
  release: row('d d d', 's s s', '- - -', '- - -', 's s s', 's s s', 's s s'),
  'mirror-metal': row('- - -', 's s s', 's - -', 'l s s', 'd d d', 'd d d', 'd d d'),
  'chrome-ink': row('s - -', 'd d d', 's s s', 'l l l', 'd d d', 'd d d', 'd d d'),
  'reactive-iron': row('d s -', 's s -', '- - -', '- - -', 's s -', 'l s s', 's s -'),
  decal: row('s - -', 's s s', '- - -', 's s s', 'l s s', 'l l s', 'l s s'),
  texture: WATER_ACRYLIC,
  pigment: LOOSE,
  graphite: LOOSE,
  pencil: LOOSE,
  latex: UNTOUCHED,
  tape: UNTOUCHED,
  salt: UNTOUCHED,
  'putty-mask': UNTOUCHED,
} as const satisfies Record<Family, Row>

type Marks = Record<Exclude<Solvent, 'plastic-solvent'>, Record<FilmState, Effect>>

/** The matrix taken apart once. */
const MARKS = Object.fromEntries(
  Object.entries(REACTIONS).map(([family, cells]) => [
    family,
    Object.fromEntries(
      Object.entries(cells).map(([solvent, cell]) => {
        const [fresh, set, cured] = cell.split(' ')
        return [solvent, { fresh, set, cured }]
      }),
    ),
  ]),
) as Record<Family, Marks>

/** What a solvent does to a film in a state, before the energy of application. Source: handbook 2.3. */
export function reaction(family: Family, state: FilmState, solvent: Solvent): Effect {
  if (solvent === 'plastic-solvent')
    return family === 'urethane-2k' && state === 'cured' ? '-' : 'd'
  return MARKS[family][solvent][state]
}

/** An effect moved along the scale; nothing never becomes something. Source: handbook 2.3, energy. */
export function shiftEffect(effect: Effect, by: number): Effect {
  if (effect === '-') return '-'
  const at = Math.min(EFFECTS.length - 1, Math.max(0, EFFECTS.indexOf(effect) + by))
  return EFFECTS[at] as Effect
}

/** Is the first effect worse than the second? */
export function worseEffect(a: Effect, b: Effect): boolean {
  return EFFECTS.indexOf(a) > EFFECTS.indexOf(b)
}

/** Is the first solvent hotter than the second? Source: handbook 2.2, weakest first. */
export function hotter(a: Solvent, b: Solvent): boolean {
  return SOLVENTS.indexOf(a) > SOLVENTS.indexOf(b)
}
