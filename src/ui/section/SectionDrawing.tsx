import { memo, useId } from 'react'
import type { SectionStep } from '@/core/model/section'
import type { Family, Sheen } from '@/core/model/vocabulary'
import { FAMILY_TEXTURE } from '../filmTexture'
import { inkOn, TextureMark } from '../TextureMark'
import {
  BARE,
  bandPath,
  type DrawnFilm,
  drawnFilms,
  type FilmLaid,
  linePath,
  micronsOf,
  PLACES,
} from './profile'

/** A film of the section: how it lies, and what it looks like. */
export type SectionFilm = FilmLaid &
  Pick<SectionStep, 'seen' | 'sheen' | 'translucent'> & {
    family: Family | null
    colour: string | null
    /** How settled it is, 0 (just laid) to 1 (cured); what is planned is drawn paler. */
    settled: number | 'planned'
  }

/** Light on the top of a film, by its sheen: how broad and how bright. */
const LIGHT: Record<Sheen, { wide: number; bright: number }> = {
  gloss: { wide: 2.6, bright: 0.95 },
  'semi-gloss': { wide: 2.2, bright: 0.65 },
  satin: { wide: 1.8, bright: 0.4 },
  matt: { wide: 1, bright: 0 },
}

/** Pixels for the ground under everything. */
const GROUND = 52
/** Its lower end, from left to right. */
const SUNK = BARE.map(() => -GROUND)
/** Room over the newest film. */
const AIR = 30
/** A µm is drawn no larger and no smaller than this, pixels: however many findings lie between its rows, a film stays near its own. */
const SCALES = { least: 1.4, most: 40 }

/** How a section comes to be drawn in a place of some height: its scale, its films, where each ends on the right. */
export type SectionLayout = {
  scale: number
  /** A whole number of µm for the bar beside the ground, and how long that is. */
  bar: { microns: number; long: number }
  tall: number
  drawn: DrawnFilm[]
  /** Where a film meets the right edge, pixels from the top. */
  middleOf: (id: string) => number | null
  /** What it was laid on, there. */
  boundaryOf: (id: string) => number | null
}

/** Lays the section out for a height; it may come out lower or higher. */
export function sectionLayout(films: readonly SectionFilm[], height: number): SectionLayout {
  const microns = Math.max(1, micronsOf(films))
  const room = Math.max(80, height - GROUND - AIR - 46)
  const scale = Math.min(SCALES.most, Math.max(SCALES.least, room / microns))
  const drawn = drawnFilms(films, scale)
  const top = Math.max(46, ...drawn.map(({ to }) => Math.max(...to)))
  const tall = Math.ceil(top + GROUND + AIR)
  const right = new Map(
    drawn.map(({ id, from, to }) => [
      id,
      { low: from[PLACES - 1] ?? 0, high: to[PLACES - 1] ?? 0 },
    ]),
  )
  const down = (height: number) => tall - GROUND - height
  return {
    scale,
    bar: barOf(scale),
    tall,
    drawn,
    middleOf: (id) => {
      const ends = right.get(id)
      return ends ? down((ends.low + ends.high) / 2) : null
    },
    boundaryOf: (id) => {
      const ends = right.get(id)
      return ends ? down(ends.low) : null
    },
  }
}

/** A part in section, newest film on top: each as thick as its coats dry, in its colour, under its sheen. */
export const SectionDrawing = memo(function SectionDrawing({
  films,
  layout,
  wide,
  chosen,
  onChoose,
}: {
  films: readonly SectionFilm[]
  layout: SectionLayout
  wide: number
  /** The film that is looked at: outlined. */
  chosen: string | null
  /** null: it is only looked at. */
  onChoose: ((id: string) => void) | null
}) {
  const id = useId()
  const { tall, drawn, bar } = layout
  const base = tall - GROUND
  const seen = films.at(-1)?.seen ?? null
  const ground = bandPath(SUNK, BARE, wide, base)
  return (
    <svg
      width={wide}
      height={tall}
      viewBox={`0 0 ${wide} ${tall}`}
      className="block"
      aria-hidden="true"
    >
      <defs>
        {[...new Set(films.map(({ family }) => family))].map((family) => (
          <Textures key={family ?? 'none'} id={id} family={family} />
        ))}
        <pattern id={`${id}ground`} width="16" height="16" patternUnits="userSpaceOnUse">
          <path d="M0 16 16 0" stroke="#000" strokeOpacity="0.22" strokeWidth="1.2" />
        </pattern>
      </defs>
      <path d={ground} className="fill-strong" />
      <path d={ground} fill={`url(#${id}ground)`} />
      {drawn.map((film, i) => {
        const look = films[i]
        return look ? (
          <Film
            key={film.id}
            id={id}
            film={film}
            look={look}
            wide={wide}
            base={base}
            onChoose={onChoose && (() => onChoose(film.id))}
          />
        ) : null
      })}
      {seen && <SeenFromAbove colour={seen} wide={wide} />}
      {chosen && <Outline drawn={drawn} chosen={chosen} wide={wide} base={base} />}
      <ScaleBar long={bar.long} tall={tall} />
    </svg>
  )
})

/** The texture of a family, in black and in white: which is taken goes by the colour it lies on. */
function Textures({ id, family }: { id: string; family: Family | null }) {
  const texture = family ? FAMILY_TEXTURE[family] : 'plain'
  return ['#000', '#fff'].map((ink) => (
    <pattern
      key={ink}
      id={`${id}${family}${ink.slice(1)}`}
      width="8"
      height="8"
      patternUnits="userSpaceOnUse"
    >
      <g color={ink} opacity={0.42}>
        <TextureMark texture={texture} />
      </g>
    </pattern>
  ))
}

function Film({
  id,
  film: { from, to, coatLines },
  look,
  wide,
  base,
  onChoose,
}: {
  id: string
  film: DrawnFilm
  look: SectionFilm
  wide: number
  base: number
  onChoose: (() => void) | null
}) {
  if (look.does === null) return null
  const path = bandPath(from, to, wide, base)
  if (look.does === 'open') return <path d={path} className="fill-surface" />
  const planned = look.settled === 'planned'
  const colour = look.translucent ? glassOf(look) : look.colour
  const fill = colour ?? 'var(--raised)'
  const ink = look.colour && !look.translucent ? inkOn(look.colour) : '#000'
  const light = look.sheen ? LIGHT[look.sheen] : LIGHT.matt
  const top = look.place === 'face' ? null : from
  return (
    // The rows beside it do the same with the keyboard.
    // biome-ignore lint/a11y/noStaticElementInteractions: hidden from readers; each row is a button
    <g
      data-film={look.id}
      opacity={planned ? 0.55 : 1}
      onClick={onChoose ?? undefined}
      className={onChoose ? 'cursor-pointer' : undefined}
    >
      <path d={path} fill={fill} />
      <path d={path} fill={`url(#${id}${look.family}${ink.slice(1)})`} />
      {coatLines.map((line, n) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: coats have no other name than their number
        <path key={n} d={linePath(line, wide, base)} fill="none" stroke={ink} strokeOpacity="0.5" />
      ))}
      <path
        d={linePath(to, wide, base, top)}
        fill="none"
        stroke={light.bright > 0 ? '#fff' : ink}
        strokeWidth={light.wide}
        strokeOpacity={light.bright > 0 ? light.bright : 0.45}
        strokeDasharray={planned && light.bright === 0 ? '5 4' : undefined}
      />
      {typeof look.settled === 'number' && look.settled < 1 && (
        <path d={path} fill="#fff" fillOpacity={0.3 * (1 - look.settled)} />
      )}
    </g>
  )
}

/** What lets light through takes the colour of what is seen through it, with light in it. */
function glassOf({ colour, seen }: SectionFilm): string {
  return `color-mix(in oklab, ${colour ?? seen ?? 'var(--raised)'} ${colour ? 70 : 38}%, #fff)`
}

/** A strip of what the eye sees, over the section. */
function SeenFromAbove({ colour, wide }: { colour: string; wide: number }) {
  return (
    <g>
      <rect x="0" y="0" width={wide} height={AIR - 12} className="fill-surround" />
      <rect x="4" y="4" width={Math.max(0, wide - 8)} height={AIR - 20} fill={colour} />
    </g>
  )
}

function Outline({
  drawn,
  chosen,
  wide,
  base,
}: {
  drawn: readonly DrawnFilm[]
  chosen: string
  wide: number
  base: number
}) {
  const film = drawn.find(({ id }) => id === chosen)
  if (!film) return null
  const path = bandPath(film.from, film.to, wide, base) || linePath(film.from, wide, base)
  return (
    <>
      <path d={path} fill="none" stroke="var(--surface)" strokeWidth="5" />
      <path d={path} fill="none" stroke="var(--act)" strokeWidth="2.5" />
    </>
  )
}

function barOf(scale: number): SectionLayout['bar'] {
  const fits = [20, 10, 5, 2].find((microns) => microns * scale <= GROUND - 14) ?? 1
  return { microns: fits, long: fits * scale }
}

/** A bar in the ground, upright as thickness is. */
function ScaleBar({ long, tall }: { long: number; tall: number }) {
  return (
    <path
      d={`M7 ${tall - 7}h8M11 ${tall - 7}v${-long}M7 ${tall - 7 - long}h8`}
      fill="none"
      stroke="#fff"
      strokeWidth="2"
    />
  )
}
