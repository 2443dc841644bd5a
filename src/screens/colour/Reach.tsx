'use client'

import Link from 'next/link'
import { useMemo, useState } from 'react'
import { coverWith, groundOf, mixOptics, portionsOf, type Recipe } from '@/core/colour'
import { counted } from '@/core/model/counted'
import type { Family } from '@/core/model/vocabulary'
import { type MixablePaint, mixableFamilies, mixablePaints } from '@/core/shelf'
import { useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { SelectField } from '@/ui/Field'
import { number } from '@/ui/units'
import { panelHref } from '../shared/panelHref'
import { familyName } from '../shared/words'
import { useAddress } from './address'
import { CoatStrip, sayCover } from './CoatStrip'
import { ColourField } from './ColourField'
import { nearness, SideBySide, Surround } from './Judged'
import { KeepRecipe } from './KeepRecipe'
import { PaletteTargets } from './PaletteTargets'
import { PictureTarget } from './PictureTarget'
import { useRecipes } from './useRecipes'

/** Coats that are shown over the surface. */
const COATS = 6

/** Recipes of the shelf's bottles for a colour, beside it and over the surface that it goes on. */
export function Reach() {
  const project = useProject()
  const { get, getColour, set } = useAddress('/colour')
  const target = getColour('target', '#7C8A84')
  const over = getColour('over', '#8B8C8B')
  const maxBottles = Number(get('bottles', '3')) || 3
  const maxDrops = Number(get('drops', '12')) || 12
  const shelf = useMemo(() => project.shelf ?? [], [project])
  const families = useMemo(() => mixableFamilies(shelf), [shelf])
  const family = (families.find((family) => family === get('family', '')) ?? families[0]) as
    | Family
    | undefined
  const paints = useMemo(() => (family ? mixablePaints(shelf, family) : []), [shelf, family])
  const search = useRecipes(target, paints, maxBottles, maxDrops)
  const [chosen, setChosen] = useState(0)
  const recipe = search.recipes?.[chosen] ?? search.recipes?.[0]
  if (!family)
    return (
      <p className="border-y-2 border-rule py-6">
        No family has two coloured bottles on the shelf. Put them there with their colours, and
        recipes are found from them.
      </p>
    )
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[20rem_minmax(0,1fr)]">
      <div className="space-y-4">
        <ColourField label="Target" value={target} onChange={(target) => set({ target })} />
        <StoredTargets onChoose={(target) => set({ target })} />
        <PictureTarget onChoose={(target) => set({ target })} />
        <PaletteTargets onChoose={(target) => set({ target })} />
        <SelectField
          label="Mixed from"
          value={family}
          onChange={(event) => set({ family: event.target.value })}
          choices={families.map((value) => ({
            value,
            say: `${familyName(value)}, ${counted(mixablePaints(shelf, value).length, 'bottle')}`,
          }))}
        />
        <div className="grid grid-cols-2 gap-3">
          <SelectField
            label="Bottles at most"
            value={String(maxBottles)}
            onChange={(event) => set({ bottles: event.target.value })}
            choices={['1', '2', '3', '4'].map((value) => ({ value, say: value }))}
          />
          <SelectField
            label="Drops at most"
            value={String(maxDrops)}
            onChange={(event) => set({ drops: event.target.value })}
            choices={['6', '12', '24'].map((value) => ({ value, say: value }))}
          />
        </div>
        <ColourField label="Goes on" value={over} onChange={(over) => set({ over })} />
      </div>
      <section aria-label="Recipes" className="min-w-0">
        <Progress search={search} />
        {search.failed && <p className="border-l-4 border-stop pl-3">{search.failed}</p>}
        {recipe && (
          <Found target={target} over={over} recipe={recipe} paints={paints}>
            <Others
              recipes={search.recipes ?? []}
              chosen={search.recipes?.indexOf(recipe) ?? 0}
              target={target}
              onChoose={setChosen}
            />
            <KeepRecipe recipe={recipe} paints={paints} family={family} />
          </Found>
        )}
      </section>
    </div>
  )
}

function Progress({ search }: { search: ReturnType<typeof useRecipes> }) {
  if (search.progress === null) return null
  return (
    <div className="mb-3 flex items-center gap-3">
      <progress
        aria-label="Looking through the shelf"
        value={search.progress}
        className="h-2 w-48 accent-(--act)"
      />
      <Button size="small" onClick={search.cancel}>
        Stop looking
      </Button>
    </div>
  )
}

function StoredTargets({ onChoose }: { onChoose: (colour: string) => void }) {
  const project = useProject()
  const mixes = (project.mixes ?? []).filter((mix) => mix.colour)
  if (mixes.length === 0) return null
  return (
    <SelectField
      label="Or the colour of a saved mix"
      value=""
      onChange={(event) => event.target.value && onChoose(event.target.value.toUpperCase())}
      choices={[
        { value: '', say: 'Choose a mix' },
        ...mixes.map((mix) => ({ value: mix.colour ?? '', say: mix.name })),
      ]}
    />
  )
}

function Found({
  target,
  over,
  recipe,
  paints,
  children,
}: {
  target: string
  over: string
  recipe: Recipe
  paints: readonly MixablePaint[]
  children: React.ReactNode
}) {
  const covering = useMemo(() => {
    const drops = paints.map((_, i) => recipe.parts.find((part) => part.bottle === i)?.drops ?? 0)
    const optics = mixOptics(portionsOf(paints, drops))
    return coverWith(optics, recipe.lab, groundOf(over), COATS, 1)
  }, [recipe, over, paints])
  return (
    <>
      <SwatchCard left={`Target ${target}`} right={`Predicted ${recipe.predicted}`}>
        <Surround>
          <SideBySide
            className="h-40"
            colours={[
              { colour: target, say: 'target' },
              { colour: recipe.predicted, say: 'predicted' },
            ]}
          />
        </Surround>
        <p className="mt-3 text-2xl font-semibold">{sayRecipe(recipe)}</p>
        <p>
          <span className="font-semibold">ΔE00 {number(recipe.deltaE00, 1, true)}</span>
          <span className="text-soft"> · {nearness(recipe.deltaE00)}</span>{' '}
          <Link href={panelHref({ colour: recipe.predicted })} className="text-act underline">
            See it on the panel
          </Link>
        </p>
      </SwatchCard>
      <p className="mt-1 text-sm text-soft">
        Worked out from the bottles’ swatches. Try one drop size on card first, and keep what you
        saw.
      </p>
      <h2 className="mt-6 font-display text-xl font-semibold">Over {over}, coat by coat</h2>
      <div className="mt-2">
        <CoatStrip ground={over} covering={covering} />
      </div>
      <p className="mt-2 text-soft">
        {sayCover(covering)} Under each step: how far it is from the mix laid on opaque, ΔE00.
      </p>
      {children}
    </>
  )
}

/** A card as it lies in a box of swatches: the colours, under them what they are mixed from, and a hole for the ring. */
function SwatchCard({
  left,
  right,
  children,
}: {
  /** What the two colours are, under their edges. */
  left: string
  right: string
  children: React.ReactNode
}) {
  return (
    <div className="relative border border-rule bg-raised p-4 pr-12">
      <span
        aria-hidden="true"
        className="absolute top-4 right-3.5 size-5 rounded-full border border-strong bg-surface"
      />
      {children}
      <p className="mt-2 flex flex-wrap justify-between gap-x-6 border-t border-rule pt-2 text-sm text-soft">
        <span>{left}</span>
        <span>{right}</span>
      </p>
    </div>
  )
}

/** Drops by name, most first. */
export function sayRecipe({ parts }: Recipe): string {
  return [...parts]
    .sort((a, b) => b.drops - a.drops)
    .map(({ name, drops }) => `${name} ${drops}`)
    .join(' : ')
}

function Others({
  recipes,
  chosen,
  target,
  onChoose,
}: {
  recipes: readonly Recipe[]
  chosen: number
  target: string
  onChoose: (index: number) => void
}) {
  return (
    <fieldset className="mt-6">
      <legend className="font-display text-xl font-semibold">Other bottles</legend>
      <div className="mt-2 border-t-2 border-strong">
        {recipes.map((recipe, i) => (
          <label
            key={recipe.parts.map((part) => part.bottle).join()}
            className={cx(
              'flex min-h-14 cursor-pointer items-center gap-4 border-b border-rule py-2',
              i === chosen && 'bg-sunk',
            )}
          >
            <input
              type="radio"
              name="recipe"
              className="ml-2 size-5"
              checked={i === chosen}
              onChange={() => onChoose(i)}
            />
            <SideBySide
              className="h-8 w-20 shrink-0"
              colours={[
                { colour: target, say: 'target' },
                { colour: recipe.predicted, say: 'predicted' },
              ]}
            />
            <span className="min-w-0 flex-1">{sayRecipe(recipe)}</span>
            <span className="w-24 pr-3 text-right whitespace-nowrap tabular-nums">
              ΔE00 {number(recipe.deltaE00, 1, true)}
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  )
}
