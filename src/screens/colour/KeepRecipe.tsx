'use client'
import { useState } from 'react'
import type { Recipe } from '@/core/colour'
import { DROPS_PER_ML } from '@/core/knowledge'
import type { StoredMix } from '@/core/model/mix'
import type { Family } from '@/core/model/vocabulary'
import type { MixablePaint } from '@/core/shelf'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { buildFields, ForBuild } from '../shared/ForBuild'
import { isAmount, numberOf } from '../shared/fieldText'

/** Keeps a recipe as a mix for touch-ups, at a wanted volume. */
export function KeepRecipe({
  recipe,
  paints,
  family,
}: {
  recipe: Recipe
  paints: readonly MixablePaint[]
  family: Family
}) {
  const run = useRun()
  const [name, setName] = useState('')
  const [volume, setVolume] = useState('3')
  const [forBuild, setForBuild] = useState('')
  const [tried, setTried] = useState(false)
  const ml = numberOf(volume)
  const nameError = tried && name.trim() === '' ? 'Enter a name for the label' : null
  const volumeError = isAmount(ml, 1000) ? null : 'Enter 0.1 to 1000 ml'
  const keep = async () => {
    setTried(true)
    if (name.trim() === '' || volumeError || typeof ml !== 'number') return
    const kept = mixOf(recipe, paints, family, name.trim(), ml)
    const mix = { ...kept, ...buildFields(forBuild) }
    if (!(await run('keepMix', mix, [], false))) return
    setName('')
    setTried(false)
  }
  return (
    <form
      noValidate
      aria-label="Save the recipe"
      className="mt-6 flex flex-wrap items-start gap-3 border-t border-rule pt-4"
      onSubmit={(event) => {
        event.preventDefault()
        void keep()
      }}
    >
      <div className="min-w-0 flex-1 basis-56">
        <TextField
          label="Save it for touch-ups as"
          value={name}
          error={nameError}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <div className="min-w-0 flex-1 basis-44">
        <ForBuild value={forBuild} onChange={setForBuild} />
      </div>
      <div className="w-28">
        <TextField
          label="Volume"
          unit="ml"
          inputMode="decimal"
          value={volume}
          error={volumeError}
          onChange={(event) => setVolume(event.target.value)}
        />
      </div>
      <Button type="submit" look="act" className="mt-6">
        Save the mix
      </Button>
    </form>
  )
}

function mixOf(
  recipe: Recipe,
  paints: readonly MixablePaint[],
  family: Family,
  name: string,
  volumeMl: number,
): StoredMix {
  return {
    id: newId(),
    name,
    at: new Date().toISOString(),
    colour: recipe.predicted,
    family,
    ingredients: recipe.parts.map(({ bottle, drops, name: paint }) => {
      const one = paints[bottle]
      return {
        name: paint,
        ...(one ? { bottle: one.bottle.id } : {}),
        parts: neatParts(drops, one),
        ...(one?.share === undefined ? {} : { share: one.share }),
        ...(one?.dropsPerMl === undefined ? {} : { dropsPerMl: one.dropsPerMl }),
      }
    }),
    volumeMl,
  }
}

/** Drops of a bottle as parts of neat paint, a usual drop of neat paint being one. */
function neatParts(drops: number, paint: MixablePaint | undefined): number {
  const { share = 1, dropsPerMl = DROPS_PER_ML.paint } = paint ?? {}
  return Number(((drops * share * DROPS_PER_ML.paint) / dropsPerMl).toFixed(4))
}
