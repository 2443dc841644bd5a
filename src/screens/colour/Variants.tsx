'use client'

import { useMemo } from 'react'
import {
  CHIP_DEEP,
  CHIP_DEEP_SHARE,
  CHIP_LIGHTER,
  chipColours,
  hexOf,
  labOf,
  lightened,
  offWhites,
  SCALE_EFFECT,
  underSheen,
} from '@/core/colour'
import { GLOSS_UNITS } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import { SHEENS } from '@/core/model/vocabulary'
import { bottlePaint } from '@/core/shelf'
import { useProject } from '@/state/hooks'
import { SelectField } from '@/ui/Field'
import { number } from '@/ui/units'
import { capital, plain } from '../shared/words'
import { useAddress } from './address'
import { ColourField } from './ColourField'
import { Surround } from './Judged'

/** A white is at least this light and no more coloured than this: L* and chroma. */
const WHITE = { lightness: 88, chroma: 9 } as const
/** A grey lies between these and is no more coloured than this. */
const GREY = { from: 25, to: 80, chroma: 12 } as const

type Shade = { colour: string; say: string; under: string }

/** A colour as it is used: lighter for its scale, chipped, and a white that isn't a toy's. */
export function Variants() {
  const project = useProject()
  const { get, getColour, set } = useAddress('/colour')
  const colour = getColour('of', '#5B6B3A')
  const paints = useMemo(
    () => (project.shelf ?? []).filter((bottle) => bottle.role === 'colour' && bottle.colour),
    [project],
  )
  const distances = SCALE_EFFECT.map(
    ([scale, share]): Shade => ({
      colour: hexOf(lightened({ masstone: colour }, share)),
      say: `1:${scale}`,
      under: `${Math.round(share * 100)} %`,
    }),
  )
  const chips = Object.keys(CHIP_LIGHTER).flatMap((density): Shade[] => {
    const [from, to] = CHIP_LIGHTER[density as keyof typeof CHIP_LIGHTER]
    const [least, most] = chipColours(colour, density as keyof typeof CHIP_LIGHTER)
    const word = density === 'dense' ? 'dense' : 'few'
    return [
      { colour: least, say: word, under: `L* + ${from}` },
      { colour: most, say: word, under: `L* + ${to}` },
    ]
  })
  const own = SHEENS.find((sheen) => sheen === get('sheen', 'satin')) ?? 'satin'
  const sheens = SHEENS.map(
    (sheen): Shade => ({
      colour: hexOf(underSheen(colour, GLOSS_UNITS[own], GLOSS_UNITS[sheen])),
      say: plain(sheen),
      under: sheen === own ? 'as it is' : `${GLOSS_UNITS[sheen]} gloss units`,
    }),
  )
  const deep = Object.entries(CHIP_DEEP).map(
    ([say, entry]): Shade => ({
      colour: entry,
      say: capital(say),
      under: entry,
    }),
  )
  const [from, to] = CHIP_DEEP_SHARE.map((share) => Math.round(share * 100))
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[20rem_minmax(0,1fr)]">
      <div className="space-y-4">
        <ColourField label="Colour" value={colour} onChange={(of) => set({ of })} />
        {paints.length > 0 && (
          <SelectField
            label="Or the colour of a bottle"
            value=""
            onChange={(event) => event.target.value && set({ of: event.target.value })}
            choices={[
              { value: '', say: 'Choose a bottle' },
              ...paints.map((paint) => ({
                value: (paint.colour ?? '').toUpperCase(),
                say: paint.name,
              })),
            ]}
          />
        )}
        <SelectField
          label="Its sheen now"
          value={own}
          onChange={(event) => set({ sheen: event.target.value })}
          choices={SHEENS.map((value) => ({ value, say: plain(value) }))}
        />
      </div>
      <div className="space-y-7">
        <Row
          title="At a distance"
          says="A matter of taste: the smaller the scale, the more light neutral in it."
          shades={[{ colour, say: 'As it is', under: colour }, ...distances]}
        />
        <Row
          title="Under another sheen"
          says="Matt adds a little light of its own: darks come out lighter, colours paler."
          shades={sheens}
        />
        <Row
          title="Chips in it"
          says={`Lighter marks, by how dense they lie; deep ones inside, over ${from} to ${to} % of each.`}
          shades={[{ colour, say: 'Face', under: colour }, ...chips, ...deep]}
        />
        <OffWhites paints={paints} />
      </div>
    </div>
  )
}

function Row({ title, says, shades }: { title: string; says: string; shades: readonly Shade[] }) {
  return (
    <section>
      <h2 className="font-display text-lg font-semibold">{title}</h2>
      <p className="text-sm text-soft">{says}</p>
      <Surround className="mt-1">
        <div className="flex h-16" aria-hidden="true">
          {shades.map(({ colour, say, under }) => (
            <span key={`${say} ${under}`} className="flex-1" style={{ background: colour }} />
          ))}
        </div>
      </Surround>
      <ol className="flex px-5 pt-1" aria-label={title}>
        {shades.map(({ colour, say, under }) => (
          <li key={`${say} ${under}`} className="min-w-0 flex-1 pr-1 text-sm">
            <span className="block truncate">{say}</span>
            <span className="block truncate text-soft">{under}</span>
            <span className="sr-only">{colour}</span>
          </li>
        ))}
      </ol>
    </section>
  )
}

/** White of the shelf broken with a grey of the shelf. */
function OffWhites({ paints }: { paints: readonly Bottle[] }) {
  const { get, set } = useAddress('/colour')
  const whites = paints.filter((paint) => isWhite(paint.colour ?? ''))
  const greys = paints.filter((paint) => isGrey(paint.colour ?? ''))
  const white = whites.find((white) => white.id === get('white', '')) ?? whites[0]
  const fitting = greys.filter((grey) => grey.family === white?.family)
  const grey = fitting.find((paint) => paint.id === get('grey', '')) ?? fitting[0]
  if (!white || !grey)
    return (
      <p className="border-y-2 border-rule py-4 text-soft">
        For an off-white, put a white and a grey of one family on the shelf with their colours.
      </p>
    )
  const shades = offWhites(bottlePaint(white), bottlePaint(grey)).map(
    ({ share, lab }): Shade => ({
      colour: hexOf(lab),
      say: `${Math.round(share * 100)} % grey`,
      under: `L* ${number(lab.l, 1, true)}`,
    }),
  )
  return (
    <div>
      <Row
        title="An off-white"
        says="A pure white looks like a toy, and hides badly. Broken with a little grey it is truer at scale."
        shades={[
          {
            colour: white.colour ?? '',
            say: white.name,
            under: `L* ${number(labOf(white.colour ?? '#FFFFFF').l, 1, true)}`,
          },
          ...shades,
        ]}
      />
      <div className="mt-2 grid max-w-xl grid-cols-2 gap-3 px-5">
        <SelectField
          label="White"
          value={white.id}
          onChange={(event) => set({ white: event.target.value })}
          choices={whites.map((white) => ({ value: white.id, say: white.name }))}
        />
        <SelectField
          label="Grey"
          value={grey.id}
          onChange={(event) => set({ grey: event.target.value })}
          choices={fitting.map((paint) => ({ value: paint.id, say: paint.name }))}
        />
      </div>
    </div>
  )
}

function isWhite(colour: string): boolean {
  const { l, a, b } = labOf(colour)
  return l > WHITE.lightness && Math.hypot(a, b) < WHITE.chroma
}

function isGrey(colour: string): boolean {
  const { l, a, b } = labOf(colour)
  return l > GREY.from && l < GREY.to && Math.hypot(a, b) < GREY.chroma
}
