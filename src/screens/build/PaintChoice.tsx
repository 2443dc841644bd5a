import { actRow, laysClear } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import type { StoredMix } from '@/core/model/mix'
import type { ActStep } from '@/core/model/sequence'
import { isPaintedFrom } from '@/core/stack'
import { SelectField } from '@/ui/Field'
import { familyName } from '../shared/words'

/** What a step gets from a bottle or from a kept mix. */
export type PaintFields = {
  family: string
  colour: string
  sheen: string
  mix: string
  bottle: string
}

/** What a step is painted from: a bottle of the shelf or a kept mix; it brings its family and its colour along. */
export function PaintChoice({
  step,
  draft,
  shelf,
  mixes,
  disabled,
  onChoose,
}: {
  step: ActStep
  draft: PaintFields
  shelf: readonly Bottle[]
  mixes: readonly StoredMix[]
  disabled: boolean
  onChoose: (chosen: PaintFields) => void
}) {
  const role = actRow(step.do, step.family).role
  const clear = laysClear(step)
  const bottles = shelf.filter((bottle) =>
    clear ? bottle.role === 'clear' && bottle.sheen : bottle.colour && fits(bottle, role),
  )
  const kept = clear ? [] : mixes.filter((mix) => mix.colour && mix.family)
  if (bottles.length + kept.length === 0) return null
  const choose = (value: string) => {
    const mix = kept.find((mix) => `mix ${mix.id}` === value)
    const bottle = bottles.find((bottle) => `bottle ${bottle.id}` === value)
    if (mix)
      onChoose({
        ...draft,
        family: mix.family ?? '',
        colour: mix.colour ?? '',
        mix: mix.id,
        bottle: '',
      })
    else if (bottle)
      onChoose({
        family: bottle.family,
        colour: bottle.colour ?? draft.colour,
        sheen: bottle.sheen ?? (clear ? draft.sheen : ''),
        mix: '',
        bottle: bottle.id,
      })
    else onChoose({ ...draft, mix: '', bottle: '' })
  }
  const { bottle: named, ...guessed } = draft
  const meant = { ...guessed, do: step.do } as ActStep
  // A step of an older file names no bottle: what it would be painted from is shown as it is guessed.
  const current =
    bottles.find(({ id }) => id === named) ?? bottles.find((bottle) => isPaintedFrom(meant, bottle))
  return (
    <SelectField
      label="Painted from"
      disabled={disabled}
      value={chosenOf(kept, draft, current)}
      onChange={(event) => choose(event.target.value)}
      choices={[
        { value: '', say: 'Whatever suits' },
        ...kept.map((mix) => ({ value: `mix ${mix.id}`, say: `${mix.name}, kept mix` })),
        ...bottles.map((bottle) => ({
          value: `bottle ${bottle.id}`,
          say: `${bottle.name}, ${familyName(bottle.family)}`,
        })),
      ]}
    />
  )
}

function chosenOf(
  kept: readonly StoredMix[],
  draft: PaintFields,
  bottle: Bottle | undefined,
): string {
  if (kept.some((mix) => mix.id === draft.mix)) return `mix ${draft.mix}`
  return bottle ? `bottle ${bottle.id}` : ''
}

/** Any colour may be laid as a colour; washes, metals and the like are laid from their own. */
function fits(bottle: Bottle, role: Bottle['role'] | null): boolean {
  const isColour = role === 'colour' || role === 'clear-colour'
  return isColour
    ? bottle.role === 'colour' || bottle.role === 'clear-colour'
    : bottle.role === role
}
