'use client'

import { useMemo, useRef, useState } from 'react'
import { mixSchema } from '@/core/formats/mixFile'
import { addedFromShare, type Mix, type MixRequest, mix } from '@/core/mixing'
import { parse } from '@/core/model/input'
import type { Bottle, StoredMix } from '@/core/model/project'
import { newId } from '@/store/ids'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { MeasuringCup } from '@/ui/MeasuringCup'
import { focusFirstError, numberOf, sayProblem } from '../forms'
import { useBench } from '../shell/BenchContext'
import { Recipes } from './Recipes'

/** One ingredient as it is typed. */
export type Line = { key: number; bottle: string; name: string; parts: string; share: string }

const CUPS = [2, 5, 7, 9] as const

const BEGIN: readonly Line[] = [
  { key: 1, bottle: '', name: 'paint', parts: '2', share: '' },
  { key: 2, bottle: '', name: 'thinner', parts: '1', share: '' },
]

type Amount = {
  by: 'volume' | 'area'
  volume: string
  area: string
  coats: string
  tool: string
  open: boolean
}

/** A request as it comes from the form: judged by the schema. */
function requestOf(
  lines: readonly Line[],
  amount: Amount,
  cup: string,
  shelf: readonly Bottle[],
): unknown {
  const ingredients = lines.map((line) => {
    const bottle = shelf.find((one) => one.id === line.bottle)
    const share = numberOf(line.share)
    return {
      name: bottle?.name ?? line.name,
      parts: numberOf(line.parts),
      ...(share === undefined ? {} : { share: typeof share === 'number' ? share / 100 : share }),
      ...(bottle?.dropsPerMl === undefined ? {} : { dropsPerMl: bottle.dropsPerMl }),
    }
  })
  return {
    format: 'tectoria-mix',
    version: 1,
    ingredients,
    round: 'drops',
    ...(cup === '' ? {} : { cupMl: Number(cup) }),
    ...(amount.by === 'volume'
      ? { volumeMl: numberOf(amount.volume) }
      : {
          area: numberOf(amount.area),
          coats: amount.coats.split(/[\s,]+/).filter(Boolean),
          tool: amount.tool,
          open: amount.open,
        }),
  }
}

type Read = { mixed: Mix | null; errors: Record<string, string> }

function readMix(request: unknown): Read {
  const parsed = parse(mixSchema, request)
  if (!parsed.ok) {
    const errors: Record<string, string> = {}
    for (const problem of parsed.problems)
      errors[problem.path || 'volumeMl'] ??= sayProblem(problem)
    return { mixed: null, errors }
  }
  if (parsed.value.ingredients[0]?.share === 0)
    return {
      mixed: null,
      errors: { 'ingredients[0].share': 'Found 0 %, expected paint first: above 0 %' },
    }
  return { mixed: mix(parsed.value as MixRequest), errors: {} }
}

export function MixScreen() {
  const { project, change } = useBench()
  const shelf = useMemo(() => project.shelf ?? [], [project])
  const [lines, setLines] = useState<readonly Line[]>(BEGIN)
  const [amount, setAmount] = useState<Amount>({
    by: 'volume',
    volume: '6',
    area: '374',
    coats: 'light, light',
    tool: 'airbrush',
    open: false,
  })
  const [cup, setCup] = useState('7')
  const [name, setName] = useState('')
  const [nameError, setNameError] = useState<string | null>(null)
  const form = useRef<HTMLFormElement>(null)
  const { mixed, errors } = useMemo(
    () => readMix(requestOf(lines, amount, cup, shelf)),
    [lines, amount, cup, shelf],
  )
  const put = (key: number, fields: Partial<Line>) =>
    setLines(lines.map((line) => (line.key === key ? { ...line, ...fields } : line)))
  const choose = (key: number, id: string) => {
    const bottle = shelf.find((one) => one.id === id)
    put(key, {
      bottle: id,
      ...(bottle?.share !== undefined && bottle.share < 1
        ? { share: String(Math.round(bottle.share * 100)) }
        : { share: bottle && key !== lines[0]?.key && isPaint(bottle) ? '100' : '' }),
    })
  }
  const keep = () => {
    const said = name.trim()
    setNameError(said === '' ? 'Found nothing, expected a name of 1 to 120 characters' : null)
    if (!mixed || said === '') return focusFirstError(form.current)
    const stored = storedMix(said, lines, mixed, shelf)
    void change(`Kept the mix ${said}`, [
      { table: 'mixes', id: stored.id, row: stored },
      { table: 'acts', ...mixedAct(stored) },
    ])
    setName('')
  }
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
            keep()
          }}
        >
          <fieldset className="space-y-2">
            <legend className="mb-1 font-display text-xl font-semibold">
              Paint first, then the rest
            </legend>
            {lines.map((line, i) => (
              <div
                key={line.key}
                className="grid grid-cols-2 items-start gap-2 border-t border-rule pt-2 sm:grid-cols-[minmax(0,1fr)_6rem_8rem_auto]"
              >
                <SelectField
                  label={i === 0 ? 'Paint' : `Ingredient ${i + 1}`}
                  value={line.bottle}
                  onChange={(event) => choose(line.key, event.target.value)}
                  choices={[
                    { value: '', say: line.name },
                    ...shelf.map((bottle) => ({
                      value: bottle.id,
                      say: `${bottle.name}${bottle.maker ? `, ${bottle.maker}` : ''}`,
                    })),
                  ]}
                />
                <TextField
                  label="Parts"
                  inputMode="decimal"
                  value={line.parts}
                  error={errors[`ingredients[${i}].parts`]}
                  onChange={(event) => put(line.key, { parts: event.target.value })}
                />
                <TextField
                  label="Bottle is paint"
                  unit="%"
                  inputMode="decimal"
                  placeholder={i === 0 ? '100' : '0'}
                  value={line.share}
                  error={errors[`ingredients[${i}].share`]}
                  onChange={(event) => put(line.key, { share: event.target.value })}
                />
                <Button
                  className="mt-6"
                  disabled={lines.length === 1}
                  onClick={() => setLines(lines.filter((one) => one.key !== line.key))}
                >
                  Take out
                </Button>
              </div>
            ))}
            <Button
              onClick={() =>
                setLines([
                  ...lines,
                  {
                    key: Math.max(...lines.map((one) => one.key)) + 1,
                    bottle: '',
                    name: `ingredient ${lines.length + 1}`,
                    parts: '1',
                    share: '',
                  },
                ])
              }
            >
              Another ingredient
            </Button>
          </fieldset>
          <AmountFields amount={amount} setAmount={setAmount} errors={errors} />
          <SelectField
            label="Cup"
            className="max-w-48"
            value={cup}
            onChange={(event) => setCup(event.target.value)}
            choices={[
              ...CUPS.map((ml) => ({ value: String(ml), say: `${ml} ml` })),
              { value: '', say: 'Large enough' },
            ]}
          />
          <div className="flex flex-wrap items-start gap-2 border-t border-rule pt-4">
            <div className="min-w-0 flex-1 basis-60">
              <TextField
                label="Keep it for touch-ups as"
                value={name}
                error={nameError}
                onChange={(event) => setName(event.target.value)}
              />
            </div>
            <Button type="submit" look="act" className="mt-6">
              Keep the mix
            </Button>
          </div>
        </form>
        <section aria-label="The mix" aria-live="polite" className="min-w-0">
          {mixed ? (
            <Result mixed={mixed} cup={cup} shelf={shelf} lines={lines} />
          ) : (
            <p className="border-l-4 border-stop pl-3">
              The amounts are not given until every field reads. {Object.values(errors)[0]}.
            </p>
          )}
        </section>
      </div>
      <Recipes
        onOpen={(stored) =>
          setLines(
            stored.ingredients.map((one, key) => ({
              key,
              bottle: shelf.some((bottle) => bottle.id === one.bottle) ? (one.bottle ?? '') : '',
              name: one.name,
              parts: String(one.parts),
              share: one.share === undefined ? '' : String(Math.round(one.share * 100)),
            })),
          )
        }
      />
    </div>
  )
}

function isPaint(bottle: Bottle): boolean {
  return !['thinner', 'retarder', 'flow-aid', 'cleaner'].includes(bottle.role)
}

function storedMix(
  name: string,
  lines: readonly Line[],
  mixed: Mix,
  shelf: readonly Bottle[],
): StoredMix {
  const first = shelf.find((one) => one.id === lines[0]?.bottle)
  return {
    id: newId(),
    name,
    at: new Date().toISOString(),
    ...(first?.colour ? { colour: first.colour } : {}),
    ...(first ? { family: first.family } : {}),
    ingredients: lines.map((line, i) => ({
      name: mixed.ingredients[i]?.name ?? line.name,
      ...(line.bottle ? { bottle: line.bottle } : {}),
      parts: Number(numberOf(line.parts)),
      ...(line.share.trim() === '' ? {} : { share: Number(numberOf(line.share)) / 100 }),
    })),
    volumeMl: mixed.totalMl,
  }
}

function mixedAct(stored: StoredMix) {
  const id = newId()
  return {
    id,
    row: { id, at: stored.at, kind: 'mixed' as const, mix: stored.id, text: stored.name },
  }
}

function AmountFields({
  amount,
  setAmount,
  errors,
}: {
  amount: Amount
  setAmount: (amount: Amount) => void
  errors: Record<string, string>
}) {
  return (
    <fieldset>
      <legend className="mb-1 font-display text-xl font-semibold">How much</legend>
      <div className="flex flex-wrap gap-5">
        {(['volume', 'area'] as const).map((by) => (
          <label key={by} className="flex min-h-11 items-center gap-2">
            <input
              type="radio"
              name="by"
              className="size-5"
              checked={amount.by === by}
              onChange={() => setAmount({ ...amount, by })}
            />
            {by === 'volume' ? 'A volume' : 'For an area and its coats'}
          </label>
        ))}
      </div>
      {amount.by === 'volume' ? (
        <div className="max-w-48">
          <TextField
            label="Volume"
            unit="ml"
            inputMode="decimal"
            value={amount.volume}
            error={errors.volumeMl}
            onChange={(event) => setAmount({ ...amount, volume: event.target.value })}
          />
        </div>
      ) : (
        <div className="grid gap-3 sm:grid-cols-3">
          <TextField
            label="Area"
            unit="cm²"
            inputMode="decimal"
            value={amount.area}
            error={errors.area ?? errors.volumeMl}
            onChange={(event) => setAmount({ ...amount, area: event.target.value })}
          />
          <TextField
            label="Coats"
            value={amount.coats}
            error={Object.entries(errors).find(([path]) => path.startsWith('coats'))?.[1]}
            hint="mist, light, wet, clear-wet, brush"
            onChange={(event) => setAmount({ ...amount, coats: event.target.value })}
          />
          <SelectField
            label="Tool"
            value={amount.tool}
            onChange={(event) => setAmount({ ...amount, tool: event.target.value })}
            choices={[
              { value: 'airbrush', say: 'Airbrush 0.2–0.3 mm' },
              { value: 'airbrush-broad', say: 'Airbrush 0.4–0.5 mm' },
              { value: 'spray-can', say: 'Spray can' },
              { value: 'brush', say: 'Brush' },
            ]}
          />
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-5"
              checked={amount.open}
              onChange={(event) => setAmount({ ...amount, open: event.target.checked })}
            />
            Small or open parts
          </label>
        </div>
      )}
    </fieldset>
  )
}

function Result({
  mixed,
  cup,
  shelf,
  lines,
}: {
  mixed: Mix
  cup: string
  shelf: readonly Bottle[]
  lines: readonly Line[]
}) {
  const thin = 1 - mixed.paintShare
  return (
    <>
      <p className="text-2xl font-semibold">{mixed.ratio}</p>
      <p className="text-soft">
        {mixed.totalMl.toFixed(1)} ml
        {mixed.fills > 1 ? `, in ${mixed.fills} fills of ${mixed.fillMl.toFixed(2)} ml` : ''}
      </p>
      <p className="mb-5 text-soft">
        Thinned {(thin * 100).toFixed(0)} % of the mix, that is{' '}
        {mixed.paintShare > 0 ? (addedFromShare(thin) * 100).toFixed(0) : '—'} % added to the paint.
      </p>
      <MeasuringCup
        layers={mixed.ingredients.map((one, i) => ({
          ...one,
          colour: shelf.find((bottle) => bottle.id === lines[i]?.bottle)?.colour ?? null,
        }))}
        fillMl={mixed.fillMl}
        cupMl={cup === '' ? null : Number(cup)}
        fills={mixed.fills}
        rounded
      />
      <p className="mt-4 text-soft">
        Whole drops are {mixed.errorPercent.toFixed(1)} % off the ratio.
      </p>
      {mixed.warnings.map((warning) => (
        <p key={warning} className="mt-2 border-l-4 border-risk pl-3">
          {warning}
        </p>
      ))}
    </>
  )
}
