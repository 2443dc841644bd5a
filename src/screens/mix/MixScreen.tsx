'use client'
import { useSearchParams } from 'next/navigation'
import { Suspense, useMemo, useRef, useState } from 'react'
import { useProject, useRun } from '@/state/hooks'
import { keepMix } from '@/store/actions/shelf'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { ForBuild } from '../shared/ForBuild'
import { focusFirstError } from '../shared/forms'
import { Advice } from './Advice'
import { AmountFields } from './AmountFields'
import { isPaint, keptMix } from './keep'
import { LabelView } from './LabelView'
import { PouredWrongly } from './PouredWrongly'
import { PutRight } from './PutRight'
import { Recipes } from './Recipes'
import { Result } from './Result'
import { type Amount, BEGIN, cupSizes, type Line, readMix, requestOf, thinnedTo } from './request'
import { TwoParts } from './TwoParts'

export function MixScreen() {
  return (
    <Suspense>
      <MixOrLabel />
    </Suspense>
  )
}

/** The desk, or the label of a kept mix where the address asks for one. */
function MixOrLabel() {
  const label = useSearchParams().get('label')
  return label === null ? <Desk /> : <LabelView id={label} />
}

function Desk() {
  const project = useProject()
  const run = useRun()
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
  const cups = cupSizes(project.tools ?? [])
  const [name, setName] = useState('')
  const [takenOut, setTakenOut] = useState(true)
  const [forBuild, setForBuild] = useState('')
  const [nameError, setNameError] = useState<string | null>(null)
  const form = useRef<HTMLFormElement>(null)
  const { mixed, errors } = useMemo(
    () => readMix(requestOf(lines, amount, cup, shelf)),
    [lines, amount, cup, shelf],
  )
  const put = (key: number, fields: Partial<Line>) =>
    setLines(lines.map((line) => (line.key === key ? { ...line, ...fields } : line)))
  const choose = (key: number, id: string) => {
    const bottle = shelf.find((bottle) => bottle.id === id)
    put(key, {
      bottle: id,
      ...(bottle?.share !== undefined && bottle.share < 1
        ? { share: String(Number((bottle.share * 100).toFixed(2))) }
        : { share: bottle && key !== lines[0]?.key && isPaint(bottle) ? '100' : '' }),
    })
  }
  const keep = async () => {
    const said = name.trim()
    setNameError(said === '' ? 'Found nothing, expected a name of 1 to 120 characters' : null)
    if (!mixed || said === '') return focusFirstError(form.current)
    const { mix, drawn } = keptMix(said, lines, mixed, shelf, { takenOut, forBuild })
    if (await run(keepMix, mix, drawn, true)) setName('')
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
            void keep()
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
                  onClick={() => setLines(lines.filter((otherLine) => otherLine.key !== line.key))}
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
                    key: Math.max(...lines.map((line) => line.key)) + 1,
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
              ...cups.map((ml) => ({ value: String(ml), say: `${ml} ml` })),
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
            <div className="min-w-0 flex-1 basis-48">
              <ForBuild value={forBuild} onChange={setForBuild} />
            </div>
            <Button type="submit" look="act" className="mt-6">
              Keep the mix
            </Button>
            {lines.some((line) => line.bottle !== '') && (
              <label className="flex min-h-11 w-full items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5"
                  checked={takenOut}
                  onChange={(event) => setTakenOut(event.target.checked)}
                />
                Take it out of the bottles
              </label>
            )}
          </div>
        </form>
        <div className="min-w-0">
          <section aria-label="The mix" aria-live="polite">
            {mixed ? (
              <Result mixed={mixed} cup={cup} shelf={shelf} lines={lines} />
            ) : (
              <p className="border-l-4 border-stop pl-3">
                The amounts are not given until every field reads. {Object.values(errors)[0]}.
              </p>
            )}
          </section>
          <Advice
            paint={shelf.find((bottle) => bottle.id === lines[0]?.bottle) ?? null}
            ml={mixed?.totalMl ?? 0}
            fills={mixed?.fills ?? 1}
            onThin={(share) => setLines(thinnedTo(lines, share, shelf))}
          />
        </div>
      </div>
      <PutRight />
      <PouredWrongly mixed={mixed} />
      <TwoParts />
      <Recipes
        onOpen={(stored) =>
          setLines(
            stored.ingredients.map((ingredient, key) => ({
              key,
              bottle: shelf.some((bottle) => bottle.id === ingredient.bottle)
                ? (ingredient.bottle ?? '')
                : '',
              name: ingredient.name,
              parts: String(ingredient.parts),
              share:
                ingredient.share === undefined
                  ? ''
                  : String(Number((ingredient.share * 100).toFixed(2))),
            })),
          )
        }
      />
    </div>
  )
}
