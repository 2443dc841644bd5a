'use client'

import { useState } from 'react'
import type { FoundFilm } from '@/core/builds'
import type { Known } from '@/core/formats/text/lexicon'
import { readPlan } from '@/core/formats/text/readPlan'
import type { Build, Part } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { ActStep, Step } from '@/core/model/sequence'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { useNow } from '../shared/now'
import { PartChecks } from '../shared/PartChecks'
import { isPast, type ReadInstant, useInstants } from '../shared/useInstants'
import { TimesBeforeNow, WhenField } from '../shared/WhenField'
import { stepName } from '../shared/words'
import { stepDetail } from './stepDetail'

/** A film as it is typed: what it is in words, and roughly since when. */
type Typed = { key: number; what: string; when: string }

/** A model that is painted already: what lies there, from the lowest film on, and roughly since when. */
export function TakeOver({ build, part, known }: { build: Build; part: Part; known: Known }) {
  const [open, setOpen] = useState(false)
  return (
    <details
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
      className="border-t border-rule"
    >
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
        It is painted already
      </summary>
      {open && <Films build={build} part={part} known={known} onDone={() => setOpen(false)} />}
    </details>
  )
}

function Films({
  build,
  part,
  known,
  onDone,
}: {
  build: Build
  part: Part
  known: Known
  onDone: () => void
}) {
  const run = useRun()
  const now = useNow(60_000)
  const [rows, setRows] = useState<Typed[]>([{ key: 0, what: '', when: 'a month ago' }])
  const [parts, setParts] = useState<string[]>([part.id])
  const readInstant = useInstants(rows.map(({ when }) => when).join())
  const read = rows.map((row) => readFilm(row, known, now, readInstant))
  const films = read.flatMap(({ film }) => film ?? [])
  const set = (key: number, fields: Partial<Typed>) =>
    setRows(rows.map((row) => (row.key === key ? { ...row, ...fields } : row)))
  const said = rows.filter(({ what }) => what.trim() !== '').length
  const take = async () => {
    const names = build.parts.filter(({ id }) => parts.includes(id)).map(({ name }) => name)
    const label = `Taken over: ${names.join(', ')}`
    if (await run('takeOverBuild', build.id, parts, films, label)) onDone()
  }
  return (
    <form
      className="space-y-3 pb-3"
      onSubmit={(event) => {
        event.preventDefault()
        if (films.length === said && said > 0 && parts.length > 0) void take()
      }}
    >
      <p className="text-sm text-soft">
        What lies on it, the lowest film first, as far as you know.
      </p>
      <TimesBeforeNow />
      {rows.map((row, i) => {
        const { step, film } = read[i] ?? { film: null }
        return (
          <div key={row.key} className="space-y-2 border-l-4 border-strong pl-3">
            <TextField
              label={i === 0 ? 'Lowest film' : 'Over it'}
              value={row.what}
              placeholder={i === 0 ? 'grey lacquer primer' : 'base dark blue enamel'}
              error={row.what.trim() !== '' && !step ? 'I don’t know that film' : null}
              hint={film ? `${stepName(film.step)}: ${stepDetail(film.step)}` : undefined}
              onChange={(event) => set(row.key, { what: event.target.value })}
            />
            <WhenField
              label="Roughly since"
              value={row.when}
              now={now}
              onChange={(when) => set(row.key, { when })}
            />
          </div>
        )
      })}
      <Button
        size="small"
        onClick={() =>
          setRows([
            ...rows,
            { key: (rows.at(-1)?.key ?? 0) + 1, what: '', when: rows.at(-1)?.when ?? '' },
          ])
        }
      >
        One more film
      </Button>
      <PartChecks legend="On" parts={build.parts} chosen={parts} onChoose={setParts} />
      <Button
        type="submit"
        look="act"
        disabled={said === 0 || films.length < said || parts.length === 0}
      >
        Take it over
      </Button>
    </form>
  )
}

/** The act that a text says; undefined: none. */
function stepIn(what: string, known: Known): ActStep | undefined {
  const acts = readPlan(what, known).steps.map(({ step }) => step as Step)
  return acts.find(isAct)
}

/** The act that a row says, and the film where its time is one before now too. */
function readFilm(
  { what, when }: Typed,
  known: Known,
  now: number,
  readInstant: ReadInstant,
): { step?: ActStep | undefined; film: FoundFilm | null } {
  const step = stepIn(what, known)
  const at = readInstant(when, now)
  return { step, film: step && isPast(at, now) ? { step, at } : null }
}
