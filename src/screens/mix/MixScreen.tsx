'use client'
import { useSearchParams } from 'next/navigation'
import { Suspense, useRef } from 'react'
import { SelectField } from '@/ui/Field'
import { focusFirstError } from '../shared/fieldText'
import { Advice } from './Advice'
import { AmountFields } from './AmountFields'
import { Ingredients } from './Ingredients'
import { KeepFields } from './KeepFields'
import { LabelView } from './LabelView'
import { PouredWrongly } from './PouredWrongly'
import { PutRight } from './PutRight'
import { Recipes } from './Recipes'
import { Result } from './Result'
import { thinnedTo } from './request'
import { TwoParts } from './TwoParts'
import { useMixDesk } from './useMixDesk'

/** The mixing desk, or the label of a saved mix. */
export function MixScreen() {
  return (
    <Suspense>
      <MixOrLabel />
    </Suspense>
  )
}

/** The desk, or the label of a saved mix where the address asks for one. */
function MixOrLabel() {
  const label = useSearchParams().get('label')
  return label === null ? <MixingDesk /> : <LabelView id={label} />
}

function MixingDesk() {
  const desk = useMixDesk(useSearchParams().get('for'))
  const { shelf, lines, setLines, amount, setAmount, cup, setCup, cups, mixed, errors } = desk
  const form = useRef<HTMLFormElement>(null)
  const paint = shelf.find((bottle) => bottle.id === lines[0]?.bottle) ?? null
  return (
    <div className="p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">Mix</h1>
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 xl:grid-cols-[minmax(0,1fr)_25rem]">
        <form
          ref={form}
          noValidate
          aria-label="Mix"
          className="min-w-0 space-y-5"
          onSubmit={(event) => {
            event.preventDefault()
            if (!desk.keep()) focusFirstError(form.current)
          }}
        >
          <Ingredients lines={lines} shelf={shelf} errors={errors} onChange={setLines} />
          <AmountFields amount={amount} setAmount={setAmount} errors={errors} />
          <SelectField
            label="Cup"
            className="max-w-48"
            value={cup}
            error={errors.cupMl}
            onChange={(event) => setCup(event.target.value)}
            choices={[
              ...cups.map((ml) => ({ value: String(ml), say: `${ml} ml` })),
              { value: '', say: 'Large enough' },
            ]}
          />
          <KeepFields desk={desk} />
        </form>
        <div className="min-w-0">
          <section aria-label="The mix" aria-live="polite">
            {mixed ? (
              <Result mixed={mixed} cup={cup} shelf={shelf} lines={lines} />
            ) : (
              <p className="border-l-4 border-stop pl-3">
                You get the amounts once every field can be read. {Object.values(errors)[0]}.
              </p>
            )}
          </section>
          <Advice
            paint={paint}
            ml={mixed?.totalMl ?? 0}
            fills={mixed?.fills ?? 1}
            onThin={(share) => setLines(thinnedTo(lines, share, shelf))}
          />
        </div>
      </div>
      <PutRight />
      <PouredWrongly mixed={mixed} />
      <TwoParts />
      <Recipes onOpen={desk.open} />
    </div>
  )
}
