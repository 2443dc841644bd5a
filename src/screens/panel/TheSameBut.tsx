'use client'
import { useEffect, useState } from 'react'
import { stepsOfPart } from '@/core/builds'
import { questionRow } from '@/core/knowledge'
import { REAL_SIZES } from '@/core/knowledge/realSizes'
import { isAct } from '@/core/model/isAct'
import type { School, Step } from '@/core/model/sequence'
import type { SchoolQuestion } from '@/core/model/vocabulary'
import type { WrongMarks } from '@/core/panel/markSizes'
import { useAsked } from '@/state/hooks'
import type { PanelFigures } from '@/state/panelDesks'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { TextField } from '@/ui/Field'
import { SeverityMark } from '@/ui/Severity'
import { number } from '@/ui/units'
import { isWithin, numberOf } from '../shared/fieldText'
import { useNow } from '../shared/now'
import { RuleLink } from '../shared/RuleLink'
import { differsSaid, namedStep } from './panelWords'
import type { Tried } from './tried'
import type { Trying } from './useTrial'

/** What the whole of it could be otherwise, what is so far, and the way into the build. */
export function TheSameBut({
  tried,
  trying,
  wrong,
  findings,
  onTakeOver,
}: {
  tried: Tried
  trying: Trying
  wrong: readonly WrongMarks[]
  /** What the check says of it. */
  findings: PanelFigures['findings']
  onTakeOver: () => Promise<void>
}) {
  const { trial, differs, isChanged } = trying
  return (
    <section aria-labelledby="panel-whole" className="mt-5 border-t border-rule pt-3">
      <h2 id="panel-whole" className="font-display text-2xl font-semibold">
        What you try
      </h2>
      <div className="mt-2 grid grid-cols-2 items-end gap-3 sm:grid-cols-3">
        <ScaleField scale={trial.scale} onScale={(scale) => trying.set({ scale })} />
        <LookField
          question="liningLook"
          school={trial.school}
          onSchool={(school) => trying.set({ school })}
        />
        {tried.build && <LiningSurface tried={tried} trying={trying} />}
      </div>
      {wrong.length > 0 && (
        <ul className="mt-3 space-y-1 border-l-4 border-risk pl-3 text-sm">
          {wrong.map((one) => (
            <li key={one.step}>{wrongSaid(one, trial.steps[one.step])}</li>
          ))}
        </ul>
      )}
      {findings.length > 0 && (
        <ul aria-label="What the check says" className="mt-3 space-y-1">
          {findings.map(({ step, rule, severity, because }) => (
            <li key={`${step} ${rule}`} className="max-w-prose">
              <SeverityMark severity={severity} /> {because} <RuleLink rule={rule} />
            </li>
          ))}
        </ul>
      )}
      {isChanged && (
        <ul aria-label="What differs" className="mt-3">
          {trial.scale !== tried.scale && (
            <Line
              says={`At 1:${trial.scale}, not 1:${tried.scale}`}
              onBack={() => trying.set({ scale: tried.scale })}
            />
          )}
          {differs.map((one) => (
            <Line
              key={differsSaid(one)}
              says={differsSaid(one)}
              onBack={() => trying.takeBack(one)}
            />
          ))}
        </ul>
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        {tried.build && differs.length > 0 && (
          <Button look="act" onClick={() => void onTakeOver()}>
            Take it over into the build
          </Button>
        )}
        {isChanged && <Button onClick={trying.reset}>Back to how it was</Button>}
        {!isChanged && (
          <p className="text-soft">
            Nothing differs yet. Choose a step under the picture, and turn it.
          </p>
        )}
      </div>
    </section>
  )
}

function Line({ says, onBack }: { says: string; onBack: () => void }) {
  return (
    <li className="flex items-start justify-between gap-2 border-t border-rule py-1">
      <span className="min-w-0 [overflow-wrap:anywhere]">{says}</span>
      <Button size="small" look="quiet" onClick={onBack}>
        Undo<span className="sr-only">: {says}</span>
      </Button>
    </li>
  )
}

function ScaleField({ scale, onScale }: { scale: number; onScale: (scale: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null)
  const read = numberOf(typed ?? '')
  const isWrong = typed !== null && !isWithin(read, 1, 5000)
  return (
    <TextField
      label="Scale, 1 to"
      inputMode="decimal"
      value={typed ?? String(scale)}
      error={isWrong ? 'Enter a number from 1 to 5000' : null}
      onChange={({ target }) => {
        setTyped(target.value)
        const next = numberOf(target.value)
        if (isWithin(next, 1, 5000)) onScale(next)
      }}
      onBlur={() => isWrong || setTyped(null)}
    />
  )
}

/** A question on which practice differs, as what is usual goes by it. */
function LookField({
  question,
  school,
  onSchool,
}: {
  question: SchoolQuestion
  school: School | undefined
  onSchool: (school: School) => void
}) {
  const row = questionRow(question)
  return (
    <Choose
      label={row.question}
      value={String(school?.[question] ?? row.choices[0]?.value ?? '')}
      choices={row.choices.map(({ value, name }) => ({ value, say: name }))}
      onChoose={(value) => onSchool({ ...school, [question]: value } as School)}
    />
  )
}

/** Lining on another surface: the clears that it wants come with it. */
function LiningSurface({ tried, trying }: { tried: Tried; trying: Trying }) {
  const now = useNow(60_000)
  const [asked, setAsked] = useState<string | null>(null)
  const row = questionRow('liningSurface')
  const build = tried.build?.id ?? ''
  const part = tried.part?.id ?? ''
  const { answer, stale } = useAsked(
    asked === null ? null : (worker) => worker.school(build, 'liningSurface', asked, now),
    [build, asked],
  )
  const { set } = trying
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is taken once, when it comes
  useEffect(() => {
    if (asked === null || !answer || stale) return
    setAsked(null)
    set({
      steps: stepsOfPart(answer.build, part),
      school: answer.build.school,
    })
  }, [answer, stale])
  const chosen = trying.trial.school?.liningSurface ?? row.choices[0]?.value ?? ''
  return (
    <Choose
      label={row.question}
      value={asked ?? chosen}
      choices={row.choices.map(({ value, name }) => ({ value, say: name }))}
      onChoose={setAsked}
    />
  )
}

function wrongSaid({ stands, mm, realMm, why }: WrongMarks, step: unknown): string {
  const name = step && isAct(step as Step) ? namedStep(step as Step) : 'a step'
  const { say, from, to } = REAL_SIZES[stands]
  const own = `A mark of ${name} is ${number(mm, 2)} mm`
  return why === 'coarse'
    ? `${own}: ${number(realMm, 0)} mm on the real thing, where ${say} are ${from} to ${to}. Too coarse for this scale.`
    : `${own}: finer than the eye sees from there. A filter gives the same tone.`
}
