'use client'

import { useSearchParams } from 'next/navigation'
import { Suspense } from 'react'
import { laysClear, substrateRow } from '@/core/knowledge'
import { COATS, SHEENS, type Sheen, SUBSTRATES, type Substrate } from '@/core/model/vocabulary'
import { useAsked, useParts, useProject } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { SelectField } from '@/ui/Field'
import { about } from '@/ui/units'
import { setAddress } from '../shared/address'
import { useLatestClimate } from '../shared/useLatestClimate'
import { capital, plain } from '../shared/words'
import { Answer } from './Answer'
import { asked, FILMS, type FilmChoice, filmOf, filmOfStep } from './films'

export function ExplainScreen() {
  return (
    <Suspense>
      <Explain />
    </Suspense>
  )
}

const GROUPS = [...new Set(FILMS.map((film) => film.group))]

/** May this go on that, from when, and how? Every choice stands in the address, so that it can be gone back to. */
function Explain() {
  const ask = useQuestion()
  const climate = useLatestClimate()
  const { on, put, onSheen, coat, substrate } = ask
  const { answer, stale, failed } = useAsked(
    async (worker) => {
      const laid = asked(on, onSheen, '')
      const found = await worker.explain(laid, asked(put, 'gloss', coat), substrate, climate)
      // With what was asked: the answer before stands there until this one comes.
      return { found, on, put, substrate }
    },
    [on, put, onSheen, substrate, coat, climate],
  )
  return (
    <div className="p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">May this go on that?</h1>
      <p className="mt-1 text-soft">
        At {about(climate.celsius, '°C', 1)} and {climate.humidity} %, the room as it was last read.
      </p>
      <div className="mt-5 grid gap-4 border-y-2 border-strong py-4 md:grid-cols-2 xl:grid-cols-[1fr_1fr_auto]">
        <div className="grid grid-cols-[minmax(0,1fr)_7.5rem] gap-2">
          <FilmField label="New coat" value={ask.put} onChange={(id) => ask.set({ put: id })} />
          <SelectField
            label="Coat"
            value={ask.coat}
            onChange={(event) => ask.set({ coat: event.target.value })}
            choices={[
              { value: '', say: 'As usual' },
              ...COATS.map((value) => ({ value, say: plain(value) })),
            ]}
          />
        </div>
        <div
          className={cx('grid gap-2', laysClear(ask.on.step) && 'grid-cols-[minmax(0,1fr)_7.5rem]')}
        >
          <FilmField label="On top of" value={ask.on} onChange={(id) => ask.set({ on: id })} />
          {laysClear(ask.on.step) && (
            <SelectField
              label="Its sheen"
              value={ask.onSheen}
              onChange={(event) => ask.set({ sheen: event.target.value })}
              choices={SHEENS.map((value) => ({ value, say: plain(value) }))}
            />
          )}
        </div>
        <SelectField
          label="Part made of"
          value={ask.substrate}
          onChange={(event) => ask.set({ substrate: event.target.value })}
          choices={SUBSTRATES.map((value) => ({ value, say: capital(substrateRow(value).name) }))}
        />
      </div>
      {failed && !answer && <p className="mt-5">It couldn’t be worked out: {failed}</p>}
      {answer && (
        <div aria-busy={stale}>
          <Answer {...answer} />
        </div>
      )}
    </div>
  )
}

function FilmField({
  label,
  value,
  onChange,
}: {
  label: string
  value: FilmChoice
  onChange: (id: string) => void
}) {
  return (
    <label className="block min-w-0">
      <span className="mb-1 block text-sm font-semibold text-soft">{label}</span>
      <select
        value={value.id}
        onChange={(event) => onChange(event.target.value)}
        className="control min-h-11 w-full px-2.5"
      >
        {GROUPS.map((group) => (
          <optgroup key={group} label={group}>
            {FILMS.filter((film) => film.group === group).map((film) => (
              <option key={film.id} value={film.id}>
                {film.say}
              </option>
            ))}
          </optgroup>
        ))}
      </select>
    </label>
  )
}

function useQuestion() {
  const query = useSearchParams()
  const parts = useParts()
  const project = useProject()
  const clock = parts.find((part) => part.clocks.length > 0)?.clocks[0]
  const build = project.builds?.find((build) => build.id === clock?.build)
  const lying = clock ? filmOfStep(build, clock.step) : null
  const first = FILMS[0] as FilmChoice
  const set = (next: Record<string, string>) => setAddress('/explain', next)
  return {
    on: filmOf(query.get('on')) ?? lying ?? first,
    put: filmOf(query.get('put')) ?? filmOf('base.alcohol-acrylic') ?? first,
    onSheen: (query.get('sheen') as Sheen | null) ?? 'gloss',
    coat: query.get('coat') ?? '',
    substrate: known(query.get('substrate')),
    set,
  }
}

function known(text: string | null): Substrate {
  return SUBSTRATES.find((substrate) => substrate === text) ?? 'polystyrene'
}
