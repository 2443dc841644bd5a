'use client'
import { useState } from 'react'
import { stepFields } from '@/core/formats/stepFields'
import { actRow } from '@/core/knowledge'
import type { BuildStep } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { ActStep, Step } from '@/core/model/sequence'
import { isSeen, type Knob, knobsOf } from '@/core/panel/knobs'
import { markMmOf } from '@/core/panel/markSizes'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { TextField } from '@/ui/Field'
import { isWithin, numberOf } from '../shared/fieldText'
import { sayProblem } from '../shared/problemWords'
import { capital } from '../shared/words'
import { namedStep, valueSaid } from './panelWords'

/** A knob that takes a number: as it is typed, and what it may be. */
type Row = {
  label: string
  unit: string
  /** Kept as a share where it is typed in percent. */
  times: number
  least: number
  most: number
  usual: (step: ActStep, scale: number) => number | null
}

const NUMBERS: Partial<Record<Knob, Row>> = {
  amount: { label: 'How much', unit: '%', times: 100, least: 0, most: 100, usual: () => 0.5 },
  markMm: { label: 'Mark', unit: 'mm', times: 1, least: 0.01, most: 100, usual: markMmOf },
  direction: {
    label: 'Direction',
    unit: '°',
    times: 1,
    least: -360,
    most: 360,
    usual: () => null,
  },
  wipe: { label: 'Wiped along', unit: '°', times: 1, least: -360, most: 360, usual: () => null },
  thinning: { label: 'Thinner', unit: '%', times: 100, least: 0, most: 100, usual: () => null },
}

/** "The same but …": what of one step can be turned, with its place in the order. */
export function Knobs({
  step,
  scale,
  isFirst,
  isLast,
  onTurn,
  onLeaveOut,
  onShift,
}: {
  step: BuildStep
  scale: number
  isFirst: boolean
  isLast: boolean
  onTurn: (fields: Record<string, unknown>) => void
  onLeaveOut: () => void
  onShift: (by: 1 | -1) => void
}) {
  const act = isAct(step as Step) ? (step as ActStep) : null
  const knobs = act ? knobsOf(act) : []
  return (
    <section aria-labelledby="panel-knobs">
      <h2 id="panel-knobs" className="font-display text-2xl font-semibold">
        The same, but {namedStep(step)} …
      </h2>
      {!act || !isSeen(act) ? (
        <p className="mt-1 text-soft">Nothing of it is seen on the panel.</p>
      ) : null}
      <div className="mt-2 grid grid-cols-2 gap-3">
        {act &&
          knobs.map((knob) => (
            <KnobField
              key={`${step.id} ${knob}`}
              knob={knob}
              act={act}
              scale={scale}
              onTurn={onTurn}
            />
          ))}
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button size="small" disabled={isFirst} onClick={() => onShift(-1)}>
          Earlier
        </Button>
        <Button size="small" disabled={isLast} onClick={() => onShift(1)}>
          Later
        </Button>
        <Button size="small" onClick={onLeaveOut}>
          Without it
        </Button>
      </div>
    </section>
  )
}

type Turned = {
  knob: Knob
  act: ActStep
  scale: number
  onTurn: (fields: Record<string, unknown>) => void
}

function KnobField(turned: Turned) {
  const { knob, act, onTurn } = turned
  const row = NUMBERS[knob]
  if (row) return <NumberKnob {...turned} row={row} />
  const field = stepFields(actRow(act.do, act.family), false).find(({ path }) => path === knob)
  if (field?.control.is !== 'one') return null
  return (
    <Choose
      label={field.label}
      value={String((act as Record<string, unknown>)[knob] ?? '')}
      choices={[
        { value: '', say: 'As usual' },
        ...field.control.of.map((value) => ({ value, say: capital(valueSaid(knob, value)) })),
      ]}
      onChoose={(next) => onTurn({ [knob]: next === '' ? undefined : next })}
    />
  )
}

function NumberKnob({ knob, act, scale, onTurn, row }: Turned & { row: Row }) {
  const [typed, setTyped] = useState<string | null>(null)
  const { label, unit, times, least, most, usual } = row
  const own = (act as Record<string, unknown>)[knob]
  const shown = (value: unknown) =>
    typeof value === 'number' ? String(Math.round(value * times * 100) / 100) : ''
  const read = numberOf(typed ?? '')
  const isWrong = typed !== null && read !== undefined && !isWithin(read, least, most)
  const asUsual = usual(act, scale)
  return (
    <TextField
      label={label}
      unit={unit}
      inputMode="decimal"
      value={typed ?? shown(own)}
      placeholder={asUsual === null ? 'as usual' : shown(asUsual)}
      error={
        isWrong
          ? sayProblem({
              path: knob,
              found: typed ?? '',
              expected: `a number from ${least} to ${most} ${unit}`,
            })
          : null
      }
      onChange={({ target }) => {
        setTyped(target.value)
        const next = numberOf(target.value)
        if (next === undefined) onTurn({ [knob]: undefined })
        else if (isWithin(next, least, most)) onTurn({ [knob]: next / times })
      }}
      onBlur={() => isWrong || setTyped(null)}
    />
  )
}
