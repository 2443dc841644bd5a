'use client'
import { useSearchParams } from 'next/navigation'
import { Suspense, useDeferredValue, useMemo, useState } from 'react'
import { labOf } from '@/core/colour'
import type { Bottle } from '@/core/model/bottle'
import { conditionOf } from '@/core/shelf'
import { useProject, useRun } from '@/state/hooks'
import { addBottle, changeBottles, pourInto, removeBottles } from '@/store/actions/shelf'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { Swatch } from '@/ui/Swatch'
import { about, bareMeasure, localeHere } from '@/ui/units'
import { changedFields } from '../shared/forms'
import { useNow } from '../shared/now'
import { familyName, plain } from '../shared/words'
import { BottleForm } from './BottleForm'
import { stateWords } from './bottleState'
import { Costs } from './Costs'
import { ManyBar } from './ManyBar'
import { ManyRow } from './ManyRow'
import { QuickBottle } from './QuickBottle'
import { ShelfCsv } from './ShelfCsv'
import { Shortages } from './Shortages'
import { Tools } from './Tools'

export function ShelfScreen() {
  return (
    <Suspense>
      <Shelf />
    </Suspense>
  )
}

const NONE: readonly Bottle[] = []
const ORDER = new Intl.Collator(localeHere(), { numeric: true })

type Sort = 'maker' | 'left' | 'colour' | 'family'

/** Orders of the shelf; within each by name. */
const SORTS: Record<Sort, { say: string; by: (a: Bottle, b: Bottle) => number }> = {
  maker: { say: 'By maker', by: (a, b) => ORDER.compare(a.maker ?? '', b.maker ?? '') },
  left: { say: 'Emptiest first', by: (a, b) => a.leftMl / a.sizeMl - b.leftMl / b.sizeMl },
  colour: { say: 'By colour', by: (a, b) => hueRank(a) - hueRank(b) },
  family: { say: 'By family', by: (a, b) => ORDER.compare(a.family, b.family) },
}

/** Greys by lightness first, then the others round the circle of hues, those without a colour last. */
function hueRank({ colour }: Bottle): number {
  if (!colour) return 1000
  const { l, a, b } = labOf(colour)
  if (Math.hypot(a, b) < 8) return -1 + l / 100
  return ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360
}

const EMPTY: Bottle = {
  id: '',
  name: '',
  family: 'water-acrylic',
  role: 'colour',
  sizeMl: 17,
  leftMl: 17,
}

/** A full bottle like another one, still without a name and a colour. */
function alike({ family, role, sheen, maker, sizeMl, solvent, product }: Bottle): Bottle {
  const kept = { ...EMPTY, family, role, sizeMl, leftMl: sizeMl }
  return {
    ...kept,
    ...(sheen ? { sheen } : {}),
    ...(maker ? { maker } : {}),
    ...(solvent ? { solvent } : {}),
    ...(product ? { product } : {}),
  }
}

/** Bottles as they are sought and put in order. */
function useFound() {
  const bottles = useProject().shelf ?? NONE
  const asked = useSearchParams().get('find') ?? ''
  const [find, setFind] = useState(asked)
  const [family, setFamily] = useState('')
  const [role, setRole] = useState('')
  const [sort, setSort] = useState<Sort>('maker')
  // A thousand bottles are drawn after what is typed.
  const wanted = useDeferredValue(find)
  const found = useMemo(() => {
    const words = wanted.toLowerCase().split(/\s+/).filter(Boolean)
    return bottles
      .filter((bottle) => family === '' || bottle.family === family)
      .filter((bottle) => role === '' || bottle.role === role)
      .filter((bottle) => words.every((word) => searchText(bottle).includes(word)))
      .sort((a, b) => SORTS[sort].by(a, b) || ORDER.compare(a.name, b.name))
  }, [bottles, wanted, family, role, sort])
  return { bottles, found, find, setFind, family, setFamily, role, setRole, sort, setSort }
}

type Found = ReturnType<typeof useFound>

function Shelf() {
  const seeking = useFound()
  const { bottles, found } = seeking
  const [editing, setEditing] = useState<Bottle | null>(null)
  const [ticked, setTicked] = useState<ReadonlySet<string> | null>(null)
  const severalOrOne = () => {
    setTicked(ticked ? null : new Set())
    setEditing(null)
  }
  return (
    <div className="p-4 lg:p-6">
      <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-2">
        <h1 className="font-display text-4xl font-semibold">Shelf</h1>
        <div className="flex flex-wrap gap-2">
          {bottles.length > 0 && (
            <Button aria-pressed={ticked !== null} onClick={severalOrOne}>
              {ticked ? 'Done with several' : 'Edit several'}
            </Button>
          )}
          <Button look="act" onClick={() => setEditing(EMPTY)}>
            Add a bottle
          </Button>
        </div>
      </div>
      <QuickBottle last={bottles.at(-1)} />
      <Seeking {...seeking} />
      {ticked && (
        <ManyBar
          chosen={bottles.filter((bottle) => ticked.has(bottle.id))}
          found={found}
          onChoose={(ids) => setTicked(new Set(ids))}
        />
      )}
      {editing && (
        <Editing
          bottle={editing}
          bottles={bottles}
          onAlike={(bottle) => setEditing(alike(bottle))}
          onClose={() => setEditing(null)}
        />
      )}
      <Shortages />
      {bottles.length === 0 && !editing && (
        <p className="mt-6 border-y-2 border-rule py-6">
          The shelf is empty. Add the bottles you own: mixes then know their drops and their
          thinning.
        </p>
      )}
      {bottles.length > 0 && found.length === 0 && (
        <p className="mt-6 text-soft">No bottle is called that.</p>
      )}
      <Bottles {...seeking} ticked={ticked} onTick={setTicked} onOpen={setEditing} />
      <Tools />
      <Costs />
      <ShelfCsv />
    </div>
  )
}

/** What is sought, of which family and role, in which order. */
function Seeking({
  bottles,
  find,
  setFind,
  family,
  setFamily,
  role,
  setRole,
  sort,
  setSort,
}: Found) {
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <input
        aria-label="Find a bottle by name, maker, family, role or code"
        placeholder="Name, maker, family, role, code"
        value={find}
        onChange={(event) => setFind(event.target.value)}
        className="min-h-11 min-w-0 flex-1 basis-60 rounded-tool border-2 border-strong bg-raised px-3"
      />
      <Only
        label="Family"
        value={family}
        onChange={setFamily}
        values={bottles.map((bottle) => bottle.family)}
        say={(value) => familyName(value as Bottle['family'])}
      />
      <Only
        label="Role"
        value={role}
        onChange={setRole}
        values={bottles.map((bottle) => bottle.role)}
        say={plain}
      />
      <select
        aria-label="Order"
        value={sort}
        onChange={(event) => setSort(event.target.value as Sort)}
        className="min-h-11 max-w-44 rounded-tool border-2 border-strong bg-raised px-2"
      >
        {Object.entries(SORTS).map(([value, { say }]) => (
          <option key={value} value={value}>
            {say}
          </option>
        ))}
      </select>
    </div>
  )
}

/** The form of one bottle, known or new, and what it writes. */
function Editing({
  bottle: edited,
  bottles,
  onAlike,
  onClose,
}: {
  bottle: Bottle
  bottles: readonly Bottle[]
  /** Another bottle like it is wanted. */
  onAlike: (bottle: Bottle) => void
  onClose: () => void
}) {
  const run = useRun()
  const known = bottles.find((bottle) => bottle.id === edited.id)
  const current = known ?? edited
  const save = async (bottle: Bottle) => {
    const written = known
      ? await run(
          changeBottles,
          [{ id: bottle.id, fields: changedFields(known, bottle) }],
          `Changed: ${bottle.name}`,
        )
      : await run(addBottle, bottle)
    if (written) onClose()
  }
  const remove = async () => {
    if (await run(removeBottles, [current])) onClose()
  }
  return (
    <BottleForm
      key={current.id}
      bottle={current}
      shelf={bottles}
      onPour={(poured) => run(pourInto, current.id, poured)}
      onSave={(bottle) => void save(bottle)}
      onRemove={known ? () => void remove() : null}
      onAlike={known ? () => onAlike(known) : null}
      onClose={onClose}
    />
  )
}

/** The bottles under their heads: rows to open, or to tick and edit in place. */
function Bottles({
  found,
  sort,
  ticked,
  onTick,
  onOpen,
}: Found & {
  ticked: ReadonlySet<string> | null
  onTick: (ticked: ReadonlySet<string>) => void
  onOpen: (bottle: Bottle) => void
}) {
  const headOf = (bottle: Bottle) =>
    sort === 'maker' ? (bottle.maker ?? 'No maker') : SORTS[sort].say
  const heads = [...new Set(found.map(headOf))]
  const tick = (id: string, on: boolean) => {
    const next = new Set(ticked)
    if (on) next.add(id)
    else next.delete(id)
    onTick(next)
  }
  return heads.map((head) => (
    <section key={head} aria-label={head} className="mt-6">
      <h2 className="font-display text-xl font-semibold">{head}</h2>
      <ul className="mt-1 grid grid-cols-[minmax(0,1fr)] gap-x-8 border-t-2 border-strong md:grid-cols-2 2xl:grid-cols-3">
        {found
          .filter((bottle) => headOf(bottle) === head)
          .map((bottle) =>
            ticked ? (
              <ManyRow
                key={bottle.id}
                bottle={bottle}
                ticked={ticked.has(bottle.id)}
                onTick={(on) => tick(bottle.id, on)}
              />
            ) : (
              <BottleRow key={bottle.id} bottle={bottle} onOpen={() => onOpen(bottle)} />
            ),
          )}
      </ul>
    </section>
  ))
}

/** Shows only what has one value of a field, of those that there are. */
function Only({
  label,
  value,
  values,
  say,
  onChange,
}: {
  label: string
  value: string
  values: readonly string[]
  say: (value: string) => string
  onChange: (value: string) => void
}) {
  const choices = [...new Set(values)].sort()
  if (choices.length < 2) return null
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      className="min-h-11 max-w-44 rounded-tool border-2 border-strong bg-raised px-2"
    >
      <option value="">{label}: all</option>
      {choices.map((choice) => (
        <option key={choice} value={choice}>
          {say(choice)}
        </option>
      ))}
    </select>
  )
}

/** Family and role in words; a family that names its role already says it once. */
function kindOf(bottle: Bottle): string {
  const family = familyName(bottle.family)
  const role = plain(bottle.role).toLowerCase()
  return family.toLowerCase().includes(role) ? family : `${family} ${role}`
}

function searchText(bottle: Bottle): string {
  const { name, maker, family, role, code, boughtAt, earlierCodes = [] } = bottle
  const codes = earlierCodes.map((code) => code.code)
  return [name, maker, familyName(family), family, role, code, ...codes, boughtAt]
    .filter(Boolean)
    .join(' ')
    .toLowerCase()
}

function BottleRow({ bottle, onOpen }: { bottle: Bottle; onOpen: () => void }) {
  const now = useNow(60_000)
  const level = Math.min(1, bottle.leftMl / bottle.sizeMl)
  const states = stateWords(bottle, now)
  return (
    <li className="border-b border-rule [contain-intrinsic-size:auto_57px] [content-visibility:auto]">
      <button
        type="button"
        onClick={onOpen}
        className="flex min-h-14 w-full items-center gap-3 py-1.5 text-left hover:bg-sunk"
      >
        <Swatch colour={bottle.colour} />
        <span className="min-w-0 flex-1">
          <span className="block truncate font-semibold">{bottle.name}</span>
          <span className="block truncate text-sm text-soft">
            {kindOf(bottle)}
            {bottle.sheen ? `, ${bottle.sheen}` : ''}
          </span>
          {states.length > 0 && (
            <span className="block truncate text-sm font-semibold text-risk">
              {states.join(' · ')}
            </span>
          )}
        </span>
        <span className="w-32 shrink-0 text-right whitespace-nowrap">
          <span
            className={cx('text-lg font-semibold', conditionOf(bottle, now).low && 'text-risk')}
          >
            {bareMeasure(bottle.leftMl, 'ml', 1)}
          </span>
          <span className="text-sm text-soft"> of {about(bottle.sizeMl, 'ml', 1)}</span>
          <span className="mt-1 block h-1.5 bg-sunk" aria-hidden="true">
            <span className="block h-full bg-ink" style={{ width: `${level * 100}%` }} />
          </span>
        </span>
      </button>
    </li>
  )
}
