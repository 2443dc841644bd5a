import Link from 'next/link'
import type { ActStep } from '@/core/model/sequence'
import type { StepCard } from '@/core/shelf'
import { bareMeasure, measured, unitOf } from '@/ui/units'

/** Mix, pressure, coats, what to look for, cautions: the facts of a step in a row of columns. */
export function StepFacts({
  card,
  step,
  mixedFor,
  then,
}: {
  card: StepCard
  step: ActStep
  /** Parts that the mix is for: more than one in a run. */
  mixedFor: number
  /** What follows, and the wait before it. */
  then: string | null
}) {
  const { mix, thinning, pressure } = card
  return (
    <div className="mt-6 grid gap-x-8 gap-y-5 border-t border-rule pt-4 sm:grid-cols-2 xl:grid-cols-3">
      {thinning && (
        <Fact name="Mix">
          <Amounts mix={mix} mixedFor={mixedFor} />
          <p className="text-sm text-soft">
            {thinning[1] === 0
              ? 'As it comes: it is bottled ready to use.'
              : `Thinner ${percent(thinning[0])}–${percent(thinning[1])} % of the mix, ${card.thinnedWith}${card.alsoInMix ? `; ${card.alsoInMix}` : ''}.`}{' '}
            <Link href="/mix" className="text-act underline">
              Mix
            </Link>
          </p>
          {card.warmth.map((line) => (
            <p key={line} className="text-sm text-soft">
              {line}
            </p>
          ))}
        </Fact>
      )}
      {pressure && (
        <Fact name="Pressure">
          <p>
            <strong className="text-2xl">
              {bareMeasure(pressure[0], 'bar', 1)}–{bareMeasure(pressure[1], 'bar', 1)}
            </strong>{' '}
            {unitOf('bar')}
          </p>
        </Fact>
      )}
      {step.coats && (
        <Fact name="Coats">
          <p>{step.coats.join(', ')}</p>
          <p className="text-sm text-soft">
            {step.gap ? `${step.gap} between them` : 'The flash time between them'}
          </p>
        </Fact>
      )}
      {then && (
        <Fact name="Afterwards">
          <p>{then}</p>
        </Fact>
      )}
      <Fact name="Look for">
        <p>{card.guide.lookFor}</p>
      </Fact>
      {card.cautions.length > 0 && (
        <Fact name="Cautions">
          <ul className="space-y-1 text-sm">
            {card.cautions.map((caution) => (
              <li key={caution.id}>{caution.show}</li>
            ))}
          </ul>
        </Fact>
      )}
    </div>
  )
}

/** What goes into the cup. */
function Amounts({ mix, mixedFor }: { mix: StepCard['mix']; mixedFor: number }) {
  if (!mix) return <p className="text-sm text-soft">Give the part an area to get drops.</p>
  return (
    <>
      <ul>
        {mix.ingredients.map((ingredient) => (
          <li key={ingredient.name} className="flex items-baseline justify-between gap-3">
            <span className="min-w-0 truncate">{ingredient.name}</span>
            <span className="whitespace-nowrap">
              <strong className="text-2xl">{Math.round(ingredient.drops)}</strong> drops
            </span>
          </li>
        ))}
      </ul>
      <p className="text-sm text-soft">
        {measured(mix.totalMl, 'ml', 1)} for the coats that are left
        {mixedFor > 1 ? ` on ${mixedFor} parts` : ''}, a spare of 15 % in it.
      </p>
    </>
  )
}

function Fact({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className="min-w-0">
      <h3 className="mb-1 text-sm font-semibold text-soft">{name}</h3>
      {children}
    </div>
  )
}

function percent(share: number): number {
  return Math.round(share * 100)
}
