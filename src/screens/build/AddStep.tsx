'use client'

import Link from 'next/link'
import { useState } from 'react'
import type { Known } from '@/core/formats/text/lexicon'
import type { ReadPlan } from '@/core/formats/text/readPlan'
import { laysClear } from '@/core/knowledge'
import { ACT_OF_ROLE } from '@/core/knowledge/words/roles'
import type { Bottle } from '@/core/model/bottle'
import type { StoredMix } from '@/core/model/mix'
import type { ActStep, Step } from '@/core/model/sequence'
import { bottlesThatCan } from '@/core/shelf'
import { stepName } from '../shared/words'
import { ACT_GROUPS } from './acts'
import { BottleTray, type TrayPaint } from './BottleTray'
import { LayOn } from './LayOn'
import { paintedStep } from './paintedStep'
import { SayStep } from './SayStep'

/** What can be opened to take a step from. */
const DRAWERS = { acts: 'Steps', bottles: 'Bottles' } as const
type Drawer = keyof typeof DRAWERS

/** Lays steps: said in words, tapped among acts, taken from a bottle, or a whole technique. */
export function AddStep({
  known,
  shelf,
  mixes,
  before,
  technique,
  layOn,
  laid,
  onAdd,
  onPaint,
  onWait,
  onSay,
  children,
}: {
  known: Known
  shelf: readonly Bottle[]
  mixes: readonly StoredMix[]
  /** The steps that a new one comes after. */
  before: readonly Step[]
  /** Where techniques are chosen. */
  technique: string
  /** Which parts it is for. */
  layOn: React.ComponentProps<typeof LayOn>
  /** The act that was laid last and can be painted from a bottle; null: none. */
  laid: ActStep | null
  onAdd: (said: ActStep) => void
  /** What the act that was laid last is painted from. */
  onPaint: (paint: TrayPaint) => void
  /** A time in which it is left alone. */
  onWait: () => void
  onSay: (read: ReadPlan) => Promise<boolean>
  children?: React.ReactNode
}) {
  const [open, setOpen] = useState<ReadonlySet<Drawer>>(new Set())
  const toggle = (drawer: Drawer) => {
    const next = new Set(open)
    if (!next.delete(drawer)) next.add(drawer)
    setOpen(next)
  }
  const take = (paint: TrayPaint) => {
    const step = paintedStep(paint)
    if (step) onAdd(step)
  }
  const usable = shelf.filter(({ role }) => ACT_OF_ROLE[role] !== null)
  return (
    <section aria-label="Add steps" className="mb-3">
      <SayStep known={known} before={before} onSay={onSay} />
      <div className="mt-2 flex items-center gap-2 overflow-x-auto *:shrink-0 lg:flex-wrap lg:overflow-visible">
        {(Object.keys(DRAWERS) as Drawer[]).map((drawer) => (
          <button
            key={drawer}
            type="button"
            aria-expanded={open.has(drawer)}
            onClick={() => toggle(drawer)}
            className="key min-h-11 px-4"
          >
            {DRAWERS[drawer]}
          </button>
        ))}
        <button type="button" onClick={onWait} className="key min-h-11 px-4">
          Wait
        </button>
        <Link href={technique} className="key inline-flex min-h-11 items-center px-4">
          Technique
        </Link>
        {children}
        <LayOn {...layOn} />
      </div>
      {open.has('acts') && laid && (
        <PaintLaid step={laid} shelf={shelf} mixes={mixes} onTake={onPaint} />
      )}
      {open.has('acts') && <ActDrawer onAdd={onAdd} />}
      {open.has('bottles') && <BottleDrawer shelf={usable} mixes={mixes} onTake={take} />}
    </section>
  )
}

/** Bottles and saved mixes to lay a step from. */
function BottleDrawer({
  shelf,
  mixes,
  onTake,
}: {
  shelf: readonly Bottle[]
  mixes: readonly StoredMix[]
  onTake: (paint: TrayPaint) => void
}) {
  return (
    <div className="mt-2 border-y-2 border-rule py-2">
      {shelf.length + mixes.length === 0 ? (
        <p className="text-soft">
          No bottle is on the shelf yet.{' '}
          <Link href="/shelf" className="text-act underline">
            Add one
          </Link>
        </p>
      ) : (
        <BottleTray bottles={shelf} mixes={mixes} onTake={onTake} />
      )}
    </div>
  )
}

/** From what the act just laid is painted: every bottle that can, a tap away. */
function PaintLaid({
  step,
  shelf,
  mixes,
  onTake,
}: {
  step: ActStep
  shelf: readonly Bottle[]
  mixes: readonly StoredMix[]
  onTake: (paint: TrayPaint) => void
}) {
  const able = bottlesThatCan(step.do, shelf)
  if (able.length === 0) return null
  return (
    <section aria-label="Painted from" className="mt-2 border-l-4 border-act pl-3">
      <p className="text-sm font-semibold text-soft">{stepName(step)}: from which bottle?</p>
      <BottleTray
        bottles={able}
        mixes={laysClear(step) ? [] : mixes}
        chosen={(step as { bottle?: string }).bottle ?? ''}
        onTake={onTake}
      />
    </section>
  )
}

/** Every act by its stage; a tap lays it as it is usually done. */
function ActDrawer({ onAdd }: { onAdd: (said: ActStep) => void }) {
  return (
    <div className="mt-2 max-h-80 overflow-y-auto border-y-2 border-rule py-2">
      {ACT_GROUPS.map((group) => (
        <fieldset key={group.name} className="mb-2 grid gap-1 sm:grid-cols-[9rem_minmax(0,1fr)]">
          <legend className="float-left pt-2 text-sm font-semibold text-soft sm:w-36">
            {group.name}
          </legend>
          <div className="flex flex-wrap gap-1">
            {group.acts.map(({ key, name, said }) => (
              <button
                key={key}
                type="button"
                onClick={() => onAdd(said)}
                className="key min-h-9 px-2.5 text-sm pointer-coarse:min-h-11"
              >
                {name}
              </button>
            ))}
          </div>
        </fieldset>
      ))}
    </div>
  )
}
