import { useState } from 'react'
import { laysClear } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import type { BuildAct } from '@/core/model/build'
import type { StoredMix } from '@/core/model/mix'
import { bottlesThatCan } from '@/core/shelf'
import { isPaintedFrom } from '@/core/stack'
import { Button } from '@/ui/Button'
import { Swatch } from '@/ui/Swatch'
import { BottleTray, type TrayPaint } from './BottleTray'
import { paintOf } from './paintedStep'
import type { StepFields } from './stepDraft'

/** What a step is painted from: every bottle that can do the act, or a saved mix; it brings its family and its colour along. */
export function PaintChoice({
  step,
  fields,
  shelf,
  mixes,
  disabled,
  onChoose,
}: {
  step: BuildAct
  fields: StepFields
  shelf: readonly Bottle[]
  mixes: readonly StoredMix[]
  disabled: boolean
  onChoose: (chosen: StepFields) => void
}) {
  const [open, setOpen] = useState(false)
  const bottles = bottlesThatCan(step.do, shelf)
  const kept = laysClear(step) ? [] : mixes.filter((mix) => mix.colour && mix.family)
  if (bottles.length + kept.length === 0) return null
  const meant = { ...step, ...typed(fields) } as BuildAct
  const mix = kept.find(({ id }) => id === fields.mix)
  // A step of an older file names no bottle: what it would be painted from is shown as it is guessed.
  const bottle =
    bottles.find(({ id }) => id === fields.bottle) ??
    bottles.find((other) => isPaintedFrom(meant, other))
  const take = (paint: TrayPaint) => {
    const fields = Object.entries(paintOf(paint, laysClear(step)))
    onChoose(Object.fromEntries(fields.map(([field, value]) => [field, value ?? ''])))
    setOpen(false)
  }
  return (
    <div className="border-y border-rule py-2">
      <div className="flex items-center gap-2">
        <Swatch colour={(mix ?? bottle)?.colour ?? null} />
        <p className="min-w-0 flex-1 leading-tight">
          <span className="block text-sm text-soft">Painted from</span>
          <span className="block truncate font-semibold">
            {mix?.name ?? bottle?.name ?? 'Whatever suits'}
          </span>
        </p>
        {!disabled && (
          <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
            {open ? 'Cancel' : 'Another bottle'}
          </Button>
        )}
      </div>
      {open && (
        <div className="mt-2">
          <BottleTray
            bottles={bottles}
            mixes={kept}
            chosen={(mix ?? bottle)?.id ?? ''}
            onTake={take}
          />
          <Button
            size="small"
            look="quiet"
            onClick={() => {
              onChoose({ mix: '', bottle: '' })
              setOpen(false)
            }}
          >
            Whatever suits
          </Button>
        </div>
      )}
    </div>
  )
}

/** The paint that is typed now: fields that are left empty aren't said. */
function typed({ family, colour, sheen }: StepFields): Partial<BuildAct> {
  return {
    family: family || undefined,
    colour: colour || undefined,
    sheen: sheen || undefined,
    bottle: undefined,
  } as Partial<BuildAct>
}
