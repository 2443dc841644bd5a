'use client'

import { useMemo } from 'react'
import {
  type Cast,
  groundOf,
  isReadyMade,
  paintIn,
  paintLaid,
  rankUndercoats,
  SHADE_GONE,
  SHADE_SHOWS,
  shadeLeft,
  thicknessOf,
} from '@/core/colour'
import type { Bottle } from '@/core/model/bottle'
import { coatsWord } from '@/core/model/counted'
import { bottlePaint } from '@/core/shelf'
import { useProject } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { SelectField } from '@/ui/Field'
import { number } from '@/ui/units'
import { isWithin, numberOf } from '../shared/fieldText'
import { familyName } from '../shared/words'
import { colourOf, useAddress } from './address'
import { CoatStrip, sayCover } from './CoatStrip'
import { ColourField } from './ColourField'
import { COATS_LAID, coatLaid, colouredPaints } from './coats'
import { FaceOfBuild } from './FaceOfBuild'
import { SwatchSeen } from './SwatchSeen'

/** Coats that are shown. */
const COATS = 8
/** Surfaces beside the one that is chosen and the shelf's own primers. */
const PLAIN = [
  { colour: '#F4F4F2', say: 'White' },
  { colour: '#8B8C8B', say: 'Grey' },
  { colour: '#222223', say: 'Black' },
] as const

/** How many coats of a bottle cover which surface, the soonest first. */
export function Cover() {
  const project = useProject()
  const { get, getColour, set } = useAddress('/colour')
  const paints = useMemo(() => colouredPaints(project.shelf ?? []), [project])
  const bottle = paints.find((paint) => paint.id === get('paint', '')) ?? paints[0]
  const own = getColour('over', '#8B8C8B')
  const coat = coatLaid(get('coat', 'light'))
  const shade = getColour('shade', '#222223')
  const read = readColour(colourOf(get('seen', '')), get('off', ''))
  const film = thicknessOf(coat.wetUm, bottle ? paintLaid(bottle, coat.share) : coat.share)
  const rows = useMemo(
    () => (bottle ? rowsOf(bottle, own, project.shelf ?? [], film) : []),
    [bottle, own, project, film],
  )
  if (!bottle)
    return (
      <p className="border-y-2 border-rule py-6">
        There is no coloured bottle on the shelf. Put one there with its colour, and you see its
        coats.
      </p>
    )
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[20rem_minmax(0,1fr)]">
      <div className="space-y-4">
        <SelectField
          label="Paint"
          value={bottle.id}
          onChange={(event) => set({ paint: event.target.value })}
          choices={paints.map((paint) => ({
            value: paint.id,
            say: `${paint.name}, ${familyName(paint.family)}`,
          }))}
        />
        <SelectField
          label="Each coat"
          value={coat.value}
          onChange={(event) => set({ coat: event.target.value })}
          choices={COATS_LAID}
        />
        <ColourField label="Goes on" value={own} onChange={(over) => set({ over })} />
        <FaceOfBuild onFace={(over) => set({ over })} />
        <ColourField
          label="Shaded before with"
          value={shade}
          onChange={(next) => set({ shade: next })}
        />
        <p className="text-sm text-soft">
          Each is {coat.wetUm} µm wet, {Math.round(coat.share * 100)} % paint.{' '}
          {thinnedWords(bottle)}A colour covers when it differs from its own opaque look by less
          than ΔE00 1.5; the figure under each step is that difference.
        </p>
        <SwatchSeen key={bottle.id} bottle={bottle} over={own} film={film} read={read} />
      </div>
      <div>
        <Shading bottle={bottle} own={own} shade={shade} film={film} />
        <ul className="mt-5 space-y-5" aria-label="Surfaces">
          {rows.map(({ say, colour, covering, cast }) => (
            <li key={`${say} ${colour}`}>
              <div className="flex flex-wrap justify-between gap-x-6">
                <h2 className="font-display text-lg font-semibold">
                  {say} <span className="font-sans text-sm font-normal text-soft">{colour}</span>
                </h2>
                <p>
                  {sayCover(covering)}
                  {castWords(cast)}
                </p>
              </div>
              <div className="mt-1">
                <CoatStrip ground={colour} covering={covering} />
              </div>
            </li>
          ))}
        </ul>
      </div>
    </div>
  )
}

/** A colour that was read from a picture, as the address brings it. */
function readColour(colour: string | null, off: string) {
  const unsure = numberOf(off)
  return colour ? { colour, unsure: isWithin(unsure, 0, 50) ? unsure : 0 } : null
}

/** How much of a shading is left after each coat. */
function Shading({
  bottle,
  own,
  shade,
  film,
}: {
  bottle: Bottle
  own: string
  shade: string
  film: number
}) {
  const left = useMemo(
    () => shadeLeft(bottlePaint(bottle), groundOf(own), groundOf(shade), COATS, film),
    [bottle, own, shade, film],
  )
  const gone = left.find((layer) => layer.deltaE00 < SHADE_GONE)
  const faint = left.find((layer) => layer.deltaE00 < SHADE_SHOWS)
  return (
    <section aria-labelledby="shading">
      <h2 id="shading" className="font-display text-lg font-semibold">
        What is left of the shading
      </h2>
      <ol
        className="mt-1 flex border-t-2 border-strong px-5"
        aria-label="Difference after each coat"
      >
        {left.map(({ coats, deltaE00 }) => (
          <li key={coats} className="flex-1 pt-1 text-sm">
            <span className="text-soft">{coats === 0 ? 'bare' : coats}</span>
            <span className={cx('block', deltaE00 < SHADE_GONE ? 'text-soft' : 'font-semibold')}>
              <span className="sr-only">ΔE00 </span>
              {number(deltaE00, 1, true)}
            </span>
          </li>
        ))}
      </ol>
      <p className="mt-1 text-soft">{shadingWords(faint?.coats, gone?.coats)}</p>
    </section>
  )
}

function shadingWords(faint: number | undefined, gone: number | undefined): string {
  if (faint === undefined) return `It still shows after ${COATS} coats.`
  if (gone === undefined) return `From ${coatsWord(faint)} on it hardly shows.`
  return `From ${coatsWord(faint)} on it hardly shows; from ${coatsWord(gone)} on it is gone.`
}

function thinnedWords(bottle: Bottle): string {
  if (isReadyMade(bottle))
    return `This bottle is ready to use, ${Math.round(paintIn(bottle) * 100)} % paint: nothing is added to it. `
  const { share = 1 } = bottle
  return share < 1
    ? `This bottle is ${Math.round(share * 100)} % paint, and its coats thinner. `
    : ''
}

function rowsOf(bottle: Bottle, own: string, shelf: readonly Bottle[], film: number) {
  const primers = shelf.flatMap((otherBottle) =>
    otherBottle.role === 'primer' && otherBottle.colour && otherBottle.id !== bottle.id
      ? [{ colour: otherBottle.colour.toUpperCase(), say: otherBottle.name }]
      : [],
  )
  const surfaces = [{ colour: own, say: 'What it goes on' }, ...primers, ...PLAIN]
  const first = surfaces.filter(
    (surface, i) => surfaces.findIndex((other) => other.colour === surface.colour) === i,
  )
  const named = new Map(first.map((ground) => [ground.colour, ground.say]))
  return rankUndercoats(bottlePaint(bottle), [...named.keys()], COATS, film).map((undercoat) => ({
    ...undercoat,
    say: named.get(undercoat.colour) ?? '',
  }))
}

/** What a surface lends a colour at its first coat. */
function castWords(cast: readonly Cast[]): string {
  return cast.length === 0 ? '' : ` After one: ${cast.join(', ')}.`
}
