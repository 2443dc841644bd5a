import type { FilmPlace, SectionStep } from '@/core/model/section'

/**
 * The ground that a core is drilled through, from left to right: a face with a recess in it, and a raised plate with its two
 * edges. Films are laid on it one after the other; what runs into recesses fills the recess, what catches edges lies on them.
 */

/** One film to be drawn: what of a step of the section makes its shape. */
export type FilmLaid = Pick<SectionStep, 'does' | 'place' | 'onFace' | 'downTo'> & {
  id: string
  coats: readonly number[]
}

/** A film as it is drawn: heights in pixels over the bottom of the ground, one for each place from left to right. */
export type DrawnFilm = {
  id: string
  /** What was there before and is there after; `open`: after is lower. */
  from: readonly number[]
  to: readonly number[]
  /** Between the coats of a film over a face. */
  coatLines: readonly (readonly number[])[]
}

/** Places from left to right that are reckoned. */
export const PLACES = 160

/** The recess, the plate and the run of its edges, shares of the width. */
const RECESS = { from: 0.24, to: 0.34, wall: 0.012 }
const PLATE = { from: 0.62, to: 0.86, wall: 0.02 }
const EDGE = 0.028
/** Not to scale: the recess is ten times deeper than a film is thick. */
const DEEP = 26
const HIGH = 20

/** The least that a film is drawn with, pixels: thinner would not be seen. */
const HAIR = 1.5
/** The most that a patch is drawn with, pixels: many of them would make mountains of what lies over them. */
const PATCH = 8

const shareOf = (place: number) => (place + 0.5) / PLACES

/** How the ground stands at a share of the width, pixels over its lowest point. */
export function groundAt(share: number): number {
  const ramp = (x: number, from: number, to: number) =>
    Math.min(1, Math.max(0, (x - from) / (to - from)))
  const into = ramp(share, RECESS.from, RECESS.from + RECESS.wall)
  const outOf = ramp(share, RECESS.to - RECESS.wall, RECESS.to)
  const onto = ramp(share, PLATE.from, PLATE.from + PLATE.wall)
  const off = ramp(share, PLATE.to - PLATE.wall, PLATE.to)
  return DEEP * (1 - into + outOf) + HIGH * (onto - off)
}

/** The ground from left to right, before anything lies on it. */
export const BARE: readonly number[] = Array.from({ length: PLACES }, (_, i) =>
  groundAt(shareOf(i)),
)

function isRecess(share: number): boolean {
  return share > RECESS.from && share < RECESS.to
}

/** The corners of the plate and a little beyond them, where a brush or a finger catches. */
function isEdge(share: number): boolean {
  const near = (corner: number) => Math.abs(share - corner) < EDGE
  return near(PLATE.from + PLATE.wall) || near(PLATE.to - PLATE.wall)
}

/** Are there spots of this film here? The same film has them always at the same places, never in recesses. */
function isSpot(id: string, share: number): boolean {
  let seed = 7
  for (const letter of id) seed = (seed * 31 + letter.charCodeAt(0)) % 9973
  const wave = Math.sin(share * 37 + seed) + Math.sin(share * 23 + seed * 1.7)
  return wave > 0.55 && !isRecess(share)
}

const HERE: Record<FilmPlace, (id: string, share: number) => boolean> = {
  face: () => true,
  recesses: (_, share) => isRecess(share),
  edges: (_, share) => isEdge(share),
  spots: isSpot,
}

const sum = (all: readonly number[]) => all.reduce((a, b) => a + b, 0)

/** All that lies on the face, µm: what a scale is chosen by. */
export function micronsOf(laid: readonly FilmLaid[]): number {
  return sum(
    laid.map(({ does, place, coats, onFace }) =>
      does === 'film' && place === 'face' ? sum(coats) * onFace : 0,
    ),
  )
}

/**
 * Lays films on the ground, first one first.
 *
 * @param scale pixels for a µm; the recess and the plate are not to it
 */
export function drawnFilms(laid: readonly FilmLaid[], scale: number): DrawnFilm[] {
  let now: readonly number[] = BARE
  const after = new Map<string, readonly number[]>()
  return laid.map((film): DrawnFilm => {
    const from = now
    const down = film.downTo === null ? BARE : (after.get(film.downTo) ?? BARE)
    const to = film.does === null ? from : layFilm(film, from, down, scale)
    now = to
    after.set(film.id, to)
    return { id: film.id, from, to, coatLines: coatLines(film, from, to) }
  })
}

function layFilm(
  film: FilmLaid,
  from: readonly number[],
  down: readonly number[],
  scale: number,
): number[] {
  const here = (i: number) => HERE[film.place](film.id, shareOf(i))
  const all = Math.max(HAIR, sum(film.coats) * scale)
  const thick = film.place === 'face' || film.place === 'recesses' ? all : Math.min(PATCH, all)
  if (film.does === 'open')
    return from.map((height, i) => (here(i) ? Math.min(height, down[i] ?? height) : height))
  if (film.place === 'recesses') return filled(from, here, thick)
  if (film.place === 'face' && film.onFace < 1) {
    const thin = from.map((height) => height + Math.max(HAIR, thick * film.onFace))
    return filled(thin, (i) => isRecess(shareOf(i)), thick * (1 - film.onFace))
  }
  if (film.place === 'face') {
    const flows = levelled(from)
    return from.map((height, i) => Math.max(height + thick * 0.7, (flows[i] ?? height) + thick))
  }
  return from.map((height, i) => (here(i) ? height + thick : height))
}

/** A film that is laid wet rounds what it lies on. */
function levelled(from: readonly number[]): number[] {
  const at = (i: number) => from[Math.min(from.length - 1, Math.max(0, i))] ?? 0
  const near = [-3, -2, -1, 0, 1, 2, 3]
  return from.map((_, i) => near.reduce((sum, by) => sum + at(i + by), 0) / near.length)
}

/** What runs together lies level, and no higher than the rim of what it runs into. */
function filled(from: readonly number[], here: (i: number) => boolean, thick: number): number[] {
  const within = from.flatMap((height, i) => (here(i) ? [{ height, i }] : []))
  const floor = Math.min(...within.map(({ height }) => height))
  const [first, last] = [within[0]?.i ?? 0, within.at(-1)?.i ?? 0]
  const rim = Math.min(from[first - 1] ?? floor, from[last + 1] ?? floor)
  const level = Math.min(floor + thick, Math.max(rim, floor + HAIR))
  return from.map((height, i) => (here(i) ? Math.max(height, level) : height))
}

/** Each coat where the one before it ended; only where the film lies evenly. */
function coatLines(
  { place, coats, onFace }: FilmLaid,
  from: readonly number[],
  to: readonly number[],
): number[][] {
  const all = sum(coats)
  if (place !== 'face' || onFace < 1 || all === 0) return []
  return coats.slice(0, -1).map((_, n) => {
    const share = sum(coats.slice(0, n + 1)) / all
    return from.map((height, i) => height + ((to[i] ?? height) - height) * share)
  })
}

/**
 * The outline of what lies between two lines, as an SVG path; nothing where they are one.
 *
 * @param tall pixels, where heights are counted up from
 */
export function bandPath(
  from: readonly number[],
  to: readonly number[],
  wide: number,
  tall: number,
): string {
  const x = (i: number) => round((i / (PLACES - 1)) * wide)
  const y = (height: number | undefined) => round(tall - (height ?? 0))
  return runsOf(from, to)
    .map(([first, last]) => {
      const places = Array.from({ length: last - first + 1 }, (_, i) => first + i)
      const over = places.map((i) => `${x(i)} ${y(to[i])}`)
      const under = places.reverse().map((i) => `${x(i)} ${y(from[i])}`)
      return `M${over.join('L')}L${under.join('L')}Z`
    })
    .join('')
}

/** A line from left to right, or the pieces of it where something lies under it. */
export function linePath(
  line: readonly number[],
  wide: number,
  tall: number,
  over: readonly number[] | null = null,
): string {
  const runs = over ? runsOf(over, line) : [[0, PLACES - 1] as const]
  return runs
    .map(([first, last]) =>
      Array.from({ length: last - first + 1 }, (_, n) => {
        const i = first + n
        return `${n === 0 ? 'M' : 'L'}${round((i / (PLACES - 1)) * wide)} ${round(tall - (line[i] ?? 0))}`
      }).join(''),
    )
    .join('')
}

/** First and last places of each run in which the two lines part, with the places beside it where they still are one: its ends slope as what lies over it does. */
function runsOf(from: readonly number[], to: readonly number[]): (readonly [number, number])[] {
  const runs: [number, number][] = []
  for (let i = 0; i < PLACES; i++) {
    if (Math.abs((to[i] ?? 0) - (from[i] ?? 0)) < 0.01) continue
    const last = runs.at(-1)
    if (last && last[1] === i - 1) last[1] = i
    else runs.push([i, i])
  }
  return runs.map(([first, last]) => [Math.max(0, first - 1), Math.min(PLACES - 1, last + 1)])
}

const round = (pixels: number) => Math.round(pixels * 10) / 10
