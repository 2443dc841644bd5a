'use client'

import dynamic from 'next/dynamic'
import { type ReactNode, useMemo, useState } from 'react'
import { shapeOfPart } from '@/core/builds'
import { WEAR_EFFECT_TABLE, WEAR_EFFECTS, type WearEffect } from '@/core/knowledge'
import type { Build, Part } from '@/core/model/build'
import type { Mesh } from '@/core/model/mesh'
import type { Zone } from '@/core/model/zone'
import { type Eye, USUAL_EYE } from '@/core/shape/pictured'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { Swatch } from '@/ui/Swatch'
import { hasGraphics } from '../../shared/stage/hasGraphics'
import { Turns } from '../../shared/stage/Turns'
import type { Looks, ZoneLook } from './paintPart'
import { StillPart } from './StillPart'

const PartScene = dynamic(() => import('./PartScene').then(({ PartScene }) => PartScene), {
  ssr: false,
  loading: () => <p className="p-4 text-soft">Taking it in hand…</p>,
})

/** How high the part is drawn, px. */
const HEIGHT = 340

/** The part as it looks after any of its steps, to be turned; its zones are chosen on it or in the list beside it. */
export function PartView({
  build,
  part,
  zones,
  mesh,
  looks,
  chosen,
  onChoose,
  onLasso,
  children,
}: {
  build: Build
  part: Part
  zones: readonly Zone[]
  /** What it is drawn by, where that is a mesh. */
  mesh: Mesh | undefined
  looks: Looks
  chosen: string | null
  onChoose: (zone: string | null) => void
  /** What a line was drawn round; null: nothing is to be drawn round. */
  onLasso: ((triangles: number[]) => void) | null
  /** More that can be done with it. */
  children?: ReactNode
}) {
  const shape = useMemo(() => shapeOfPart(build, part, mesh), [build, part, mesh])
  const [lit, setLit] = useState(true)
  const [inHand, setInHand] = useState(false)
  const [eye, setEye] = useState<Eye>(USUAL_EYE)
  if (!shape) return null
  const pick = (place: number) => onChoose(zones[place]?.id ?? null)
  const view = {
    drawn: shape,
    looks: looks.looks,
    // How much of a wear is where is no colour in a light.
    lit: lit && looks.wear === '',
    eye,
    height: HEIGHT,
    chosen: zones.findIndex(({ id }) => id === chosen),
    onPick: pick,
  }
  return (
    <div className="mb-4 grid gap-4 lg:grid-cols-[minmax(0,1fr)_17rem]">
      <div>
        <div className="rounded-tool bg-surround">
          {inHand && !onLasso ? (
            <PartScene {...view} />
          ) : (
            <StillPart {...view} label={`${part.name}, ${looks.said}`} onLasso={onLasso} />
          )}
        </div>
        {looks.wear === '' && <Steps looks={looks} />}
        <div className="mt-2 flex flex-wrap gap-2">
          <Turns onTurn={setEye} />
          <Button size="small" aria-pressed={!lit} onClick={() => setLit(!lit)}>
            Colours alone
          </Button>
          {hasGraphics() && (
            <Button size="small" aria-pressed={inHand} onClick={() => setInHand(!inHand)}>
              Take it in hand
            </Button>
          )}
          {children}
        </div>
      </div>
      <div>
        <ZoneList
          zones={zones}
          held={part.holder?.zone}
          looks={looks.looks}
          chosen={chosen}
          onChoose={onChoose}
        />
        <ShownBy looks={looks} />
      </div>
    </div>
  )
}

/** Colours, or how much of a wear goes where. */
function ShownBy({ looks: { wear, setWear } }: { looks: Looks }) {
  return (
    <div className="mt-2 w-56">
      <Choose
        label="Shown by"
        value={wear}
        choices={[
          { value: '', say: 'Its colours' },
          ...WEAR_EFFECTS.map((value) => ({
            value,
            say: `Where ${WEAR_EFFECT_TABLE[value].say} goes`,
          })),
        ]}
        onChoose={(next) => setWear(next as WearEffect | '')}
      />
    </div>
  )
}

/** Goes through the steps: what it looks like after each. */
function Steps({ looks: { steps, count, setCount, said } }: { looks: Looks }) {
  return (
    <label className="mt-2 flex flex-wrap items-center gap-x-3">
      <span className="text-sm font-semibold text-soft">It is shown</span>
      <input
        type="range"
        className="h-11 min-w-40 flex-1 accent-act"
        min={0}
        max={steps.length}
        value={count}
        aria-valuetext={said}
        onChange={({ target }) => setCount(Number(target.value))}
      />
      <span className="basis-full sm:basis-56">{said}</span>
    </label>
  )
}

/** The zones by name, each with its colour: what is chosen on the part can be chosen here. */
function ZoneList({
  zones,
  held,
  looks,
  chosen,
  onChoose,
}: {
  zones: readonly Zone[]
  /** The zone that it is held by. */
  held: string | undefined
  looks: readonly ZoneLook[]
  chosen: string | null
  onChoose: (zone: string | null) => void
}) {
  return (
    <ul aria-label="Zones" className="max-h-100 self-start overflow-y-auto border-t border-rule">
      {zones.map(({ id, name }, i) => (
        <li key={id} className="border-b border-rule">
          <button
            type="button"
            aria-pressed={id === chosen}
            onClick={() => onChoose(id === chosen ? null : id)}
            className="flex min-h-11 w-full items-center gap-3 px-2 text-left aria-pressed:bg-act-wash aria-pressed:font-semibold"
          >
            <Swatch colour={looks[i]?.colour ?? null} size="small" />
            <span>
              {name}
              {id === held && <span className="block text-sm text-soft">held here</span>}
            </span>
          </button>
        </li>
      ))}
    </ul>
  )
}
