'use client'

import Link from 'next/link'
import {
  actRow,
  familyRow,
  faultRow,
  questionRow,
  solventRow,
  type Technique,
} from '@/core/knowledge'
import { sayDuration } from '@/core/model/duration'
import type { ActStep } from '@/core/model/sequence'
import { useAsked, useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { bareMeasure, measured, unitOf } from '@/ui/units'
import { useLatestClimate } from '../shared/useLatestClimate'
import { capital, stepName, TOUCH_WORDS } from '../shared/words'
import { AddTechnique } from './AddTechnique'
import { OnSmallPanel } from './OnSmallPanel'

/** One entry of the library: what for, what it needs, its steps, its figures here, and the way into a build. */
export function TechniqueView({
  technique,
  build,
}: {
  technique: Technique
  build: string | null
}) {
  const { builds = [] } = useProject()
  const scale = builds.find(({ id }) => id === build)?.scale ?? 72
  return (
    <article aria-labelledby="technique" className="min-w-0">
      <div className="flex flex-wrap items-start justify-between gap-3">
        <h2 id="technique" className="font-display text-4xl font-semibold">
          {technique.name}
        </h2>
        <Button data-screen-only="" onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <p className="mt-1 max-w-prose text-lg">{technique.purpose}</p>
      <div className="mt-5 grid gap-x-10 gap-y-6 xl:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="min-w-0 space-y-6">
          {technique.steps.length > 0 && <OnSmallPanel technique={technique} scale={scale} />}
          <Steps technique={technique} />
          <Facts technique={technique} />
        </div>
        <aside className="min-w-0 space-y-6 xl:border-l xl:border-rule xl:pl-6">
          <Numbers technique={technique} scale={scale} />
          {technique.steps.length > 0 && (
            <AddTechnique name={technique.name} chosen={technique} build={build} />
          )}
        </aside>
      </div>
    </article>
  )
}

const AT_WORDS = {
  here: '',
  'under-colour': 'under the newest colour',
  'over-colour': 'over that colour',
} as const

function Steps({ technique }: { technique: Technique }) {
  if (technique.steps.length === 0)
    return <p className="text-soft">It adds no step: it is a way of looking and holding.</p>
  return (
    <ol className="border-t-2 border-strong">
      {technique.steps.map(({ step, window, at }, i) => (
        <li
          // biome-ignore lint/suspicious/noArrayIndexKey: the steps of an entry never change
          key={i}
          className="grid grid-cols-[2rem_minmax(0,1fr)] gap-x-2 border-b border-rule py-2"
        >
          <span className="font-display text-xl font-semibold">{i + 1}</span>
          <span className="min-w-0">
            {step.colour && (
              <span
                className="mr-2 inline-block size-4 border border-ink/40 align-[-2px]"
                style={{ background: step.colour }}
                title={step.colour}
              />
            )}
            <span className="font-semibold">{stepName(step)}</span>{' '}
            <span className="text-sm text-soft">
              {[
                familyOf(step),
                step.coats?.join(', '),
                step.thinning === undefined ? null : `${Math.round(step.thinning * 100)} % thinner`,
                step.grit === undefined ? null : `grit ${step.grit}`,
                AT_WORDS[at ?? 'here'],
              ]
                .filter(Boolean)
                .join(' · ')}
            </span>
            {window && <span className="block text-sm">{capital(window)}</span>}
          </span>
        </li>
      ))}
    </ol>
  )
}

/** The family it is laid in, by name; null for an act without paint. */
function familyOf(step: ActStep): string | null {
  const family = step.family ?? actRow(step.do, step.family).family
  return family && family !== 'must' ? familyRow(family).name : null
}

function Facts({ technique }: { technique: Technique }) {
  return (
    <dl className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      <Fact name="Wants under it">
        {technique.surface ? `${capital(technique.surface.join(' or '))}; ` : ''}
        {technique.surface ? technique.needs : capital(technique.needs)}
      </Fact>
      <Fact name="Tools">{capital(technique.tools.join(', '))}</Fact>
      <Fact name="How much">{capital(technique.amounts)}</Fact>
      <Fact name="Look for">{technique.lookFor}</Fact>
      {technique.variants.length > 0 && (
        <Fact name="Variants">
          {technique.variants.map((variant) => (
            <span key={variant.name} className="block">
              <span className="font-semibold">{variant.name}</span>: {variant.say}
            </span>
          ))}
        </Fact>
      )}
      {technique.schools.length > 0 && (
        <Fact name="Ways differ">
          {technique.schools.map((school) => (
            <span key={school} className="block">
              {questionRow(school).question}:{' '}
              {questionRow(school)
                .choices.map((row) => row.name)
                .join(' · ')}
            </span>
          ))}
        </Fact>
      )}
      {technique.faults.length > 0 && (
        <Fact name="How it goes wrong" wide>
          {technique.faults.map((id) => (
            <span key={id} className="mb-1.5 block">
              <span className="font-semibold">{capital(faultRow(id).symptom)}</span>:{' '}
              {faultRow(id).causes}. Next time: {faultRow(id).nextTime || 'as above'}.
            </span>
          ))}
        </Fact>
      )}
    </dl>
  )
}

function Fact({
  name,
  wide,
  children,
}: {
  name: string
  wide?: boolean
  children: React.ReactNode
}) {
  return (
    <div className={wide ? 'min-w-0 sm:col-span-2' : 'min-w-0'}>
      <dt className="text-sm font-semibold text-soft">{name}</dt>
      <dd className="mt-0.5">{children}</dd>
    </div>
  )
}

function Numbers({ technique, scale }: { technique: Technique; scale: number }) {
  const climate = useLatestClimate()
  const { answer } = useAsked(
    (worker) => worker.techniques([technique], climate, scale, 100),
    [technique, climate, scale],
  )
  const numbers = answer?.[0]
  if (!numbers) return null
  return (
    <section>
      <h3 className="text-sm font-semibold text-soft">Here, at 1:{scale}, on 100 cm²</h3>
      <dl className="mt-1 grid grid-cols-[1fr_auto] gap-x-4 gap-y-1">
        <Figure name="Hands">{sayDuration(numbers.handsOn)}</Figure>
        <Figure name="Waiting">{sayDuration(numbers.waiting)}</Figure>
        {numbers.ml ? <Figure name="Mixed paint">{measured(numbers.ml, 'ml', 1)}</Figure> : null}
        {numbers.marks && (
          <Figure name={capital(numbers.marks.what)}>
            {millimetres(numbers.marks.from)}–{millimetres(numbers.marks.to)} {unitOf('mm')}
          </Figure>
        )}
      </dl>
      {numbers.marks && <p className="text-sm text-soft">{capital(numbers.marks.say)}.</p>}
      {numbers.comesOff && (
        <p className="mt-1 text-sm">
          Comes off again with {solventRow(numbers.comesOff.solvent).name},{' '}
          {TOUCH_WORDS[numbers.comesOff.touch]}.
        </p>
      )}
      {numbers.stages.length > 0 && (
        <p className="mt-1 text-sm">
          On satin it asks for{' '}
          {numbers.stages.map((step) => stepName(step).toLowerCase()).join(', ')} first; that is in
          the figures.
        </p>
      )}
      <p className="mt-1 text-sm">
        <Link href="/explain" className="text-act underline">
          May it go on what lies there?
        </Link>
      </p>
    </section>
  )
}

function millimetres(value: number): string {
  return bareMeasure(value, 'mm', value < 0.1 ? 2 : value < 10 ? 1 : 0)
}

function Figure({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <>
      <dt>{name}</dt>
      <dd className="text-right font-semibold whitespace-nowrap">{children}</dd>
    </>
  )
}
