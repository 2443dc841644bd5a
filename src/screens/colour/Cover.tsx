'use client'

import { useMemo } from 'react'
import { cover, groundOf } from '@/core/colour'
import type { Bottle } from '@/core/model/project'
import { bottlePaint } from '@/core/plan'
import { SelectField } from '@/ui/Field'
import { useBench } from '../shell/BenchContext'
import { familyName } from '../words'
import { useAddress } from './address'
import { CoatStrip, sayCover } from './CoatStrip'
import { ColourField } from './ColourField'

/** Coats that are shown. */
const COATS = 8
/** Surfaces beside the one that is chosen and the shelf's own primers. */
const PLAIN = [
  { colour: '#F4F4F2', say: 'White' },
  { colour: '#8B8C8B', say: 'Grey' },
  { colour: '#222223', say: 'Black' },
] as const

/** How thick a coat is against a normal light one at half paint. Source: handbook 4.4, 5.1. */
const COAT_CHOICES = [
  { value: '0.53', say: 'Mist' },
  { value: '1', say: 'Light' },
  { value: '2', say: 'Wet' },
] as const

/** How many coats of a bottle cover which surface, the soonest first. */
export function Cover() {
  const { project } = useBench()
  const { get, set } = useAddress('/colour')
  const paints = useMemo(
    () =>
      (project.shelf ?? [])
        .filter((one) => one.colour && ['colour', 'primer', 'clear-colour'].includes(one.role))
        .sort((a, b) => a.name.localeCompare(b.name)),
    [project],
  )
  const bottle = paints.find((one) => one.id === get('paint', '')) ?? paints[0]
  const own = get('over', '#8B8C8B')
  const coat = COAT_CHOICES.find((one) => one.value === get('coat', '1'))?.value ?? '1'
  const rows = useMemo(
    () => (bottle ? rowsOf(bottle, own, project.shelf ?? [], Number(coat)) : []),
    [bottle, own, project, coat],
  )
  if (!bottle)
    return (
      <p className="border-y-2 border-rule py-6">
        There is no coloured bottle on the shelf. Put one there with its colour, and its coats are
        reckoned.
      </p>
    )
  return (
    <div className="grid gap-8 xl:grid-cols-[20rem_minmax(0,1fr)]">
      <div className="space-y-4">
        <SelectField
          label="Paint"
          value={bottle.id}
          onChange={(event) => set({ paint: event.target.value })}
          choices={paints.map((one) => ({
            value: one.id,
            say: `${one.name}, ${familyName(one.family)}`,
          }))}
        />
        <SelectField
          label="Each coat"
          value={coat}
          onChange={(event) => set({ coat: event.target.value })}
          choices={COAT_CHOICES}
        />
        <ColourField label="Goes on" value={own} onChange={(over) => set({ over })} />
        <p className="text-sm text-soft">
          A coat is fifteen µm wet at half paint. {thinnedWords(bottle)}A colour covers when it
          differs from its own opaque look by less than ΔE00 1.5; the figure under each step is that
          difference.
        </p>
      </div>
      <ul className="space-y-5" aria-label="Surfaces">
        {rows.map(({ say, colour, covering }) => (
          <li key={`${say} ${colour}`}>
            <div className="flex flex-wrap justify-between gap-x-6">
              <h2 className="font-display text-lg font-semibold">
                {say} <span className="font-sans text-sm font-normal text-soft">{colour}</span>
              </h2>
              <p>{sayCover(covering)}</p>
            </div>
            <div className="mt-1">
              <CoatStrip ground={colour} covering={covering} />
            </div>
          </li>
        ))}
      </ul>
    </div>
  )
}

function thinnedWords({ share = 1 }: Bottle): string {
  return share < 1
    ? `This bottle is ${Math.round(share * 100)} % paint, and its coats thinner. `
    : ''
}

function rowsOf(bottle: Bottle, own: string, shelf: readonly Bottle[], thickness: number) {
  const primers = shelf.flatMap((one) =>
    one.role === 'primer' && one.colour && one.id !== bottle.id
      ? [{ colour: one.colour.toUpperCase(), say: one.name }]
      : [],
  )
  const surfaces = [{ colour: own, say: 'What it goes on' }, ...primers, ...PLAIN]
  const first = surfaces.filter(
    (one, i) => surfaces.findIndex((other) => other.colour === one.colour) === i,
  )
  const paint = bottlePaint(bottle)
  const film = thickness * (bottle.share ?? 1)
  const never = Number.POSITIVE_INFINITY
  return first
    .map((one) => ({ ...one, covering: cover(paint, groundOf(one.colour), COATS, film) }))
    .sort((a, b) => (a.covering.toCover ?? never) - (b.covering.toCover ?? never))
}
