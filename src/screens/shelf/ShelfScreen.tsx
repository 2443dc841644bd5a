'use client'
import { parseAsBoolean, parseAsString, parseAsStringLiteral, useQueryStates } from 'nuqs'
import { Suspense, useDeferredValue, useMemo, useState } from 'react'
import { labOf } from '@/core/colour'
import type { Bottle } from '@/core/model/bottle'
import { changedFields } from '@/core/model/rowFields'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { localeHere } from '@/ui/units'
import { OnDemand } from '../shared/OnDemand'
import { usePiece } from '../shared/usePiece'
import { familyName, plain } from '../shared/words'
import { Bottles } from './Bottles'
import { Costs } from './Costs'
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

const loadForm = () => import('./BottleForm')
const loadMany = async () => {
  const [bar, row] = await Promise.all([import('./ManyBar'), import('./ManyRow')])
  return { ManyBar: bar.ManyBar, ManyRow: row.ManyRow }
}

const NONE: readonly Bottle[] = []
let order: Intl.Collator | null = null
/** As a list is put in order here. */
function inOrder(a: string, b: string): number {
  order ??= new Intl.Collator(localeHere(), { numeric: true })
  return order.compare(a, b)
}

type Sort = 'maker' | 'left' | 'colour' | 'family'

/** Orders of the shelf; within each by name. */
const SORTS: Record<Sort, { say: string; by: (a: Bottle, b: Bottle) => number }> = {
  maker: { say: 'By maker', by: (a, b) => inOrder(a.maker ?? '', b.maker ?? '') },
  left: { say: 'Emptiest first', by: (a, b) => a.leftMl / a.sizeMl - b.leftMl / b.sizeMl },
  colour: { say: 'By colour', by: (a, b) => hueRank(a) - hueRank(b) },
  family: { say: 'By family', by: (a, b) => inOrder(a.family, b.family) },
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
  const [{ find, family, role, sort, table }, setAddress] = useQueryStates(ADDRESS)
  // A thousand bottles are drawn after what is typed.
  const wanted = useDeferredValue(find)
  const found = useMemo(() => {
    const words = wanted.toLowerCase().split(/\s+/).filter(Boolean)
    return bottles
      .filter((bottle) => family === '' || bottle.family === family)
      .filter((bottle) => role === '' || bottle.role === role)
      .filter((bottle) => words.every((word) => searchText(bottle).includes(word)))
      .sort((a, b) => SORTS[sort].by(a, b) || inOrder(a.name, b.name))
  }, [bottles, wanted, family, role, sort])
  return { bottles, found, find, family, role, sort, table, setAddress }
}

/** What the address tells of it: a link or a reload leads back to the same. */
const ADDRESS = {
  find: parseAsString.withDefault(''),
  family: parseAsString.withDefault(''),
  role: parseAsString.withDefault(''),
  sort: parseAsStringLiteral(['maker', 'left', 'colour', 'family']).withDefault('maker'),
  table: parseAsBoolean.withDefault(false),
}

type Found = ReturnType<typeof useFound>

function Shelf() {
  const seeking = useFound()
  const { bottles, found } = seeking
  const [editing, setEditing] = useState<Bottle | null>(null)
  const [ticked, setTicked] = useState<ReadonlySet<string> | null>(null)
  const { piece: many } = usePiece(
    loadMany,
    ticked !== null,
    'What changes several bottles couldn’t be loaded. Ask for it once more.',
    () => setTicked(null),
  )
  const severalOrOne = () => {
    setTicked(ticked ? null : new Set())
    setEditing(null)
  }
  return (
    <div className="p-4 lg:p-6">
      <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-2">
        <h1 className="font-display text-4xl font-semibold">Shelf</h1>
        <div className="flex flex-wrap gap-2">
          {bottles.length > 0 && !ticked && (
            <Button
              aria-pressed={seeking.table}
              onClick={() => void seeking.setAddress({ table: !seeking.table })}
            >
              As a table
            </Button>
          )}
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
      {ticked && many && (
        <many.ManyBar
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
        <p className="mt-6 text-soft">No bottle matches.</p>
      )}
      <Bottles
        found={found}
        headOf={(bottle) =>
          seeking.sort === 'maker' ? (bottle.maker ?? 'No maker') : SORTS[seeking.sort].say
        }
        asTable={seeking.table}
        ticked={many && ticked}
        Row={many?.ManyRow ?? null}
        onTick={setTicked}
        onOpen={setEditing}
      />
      <Tools />
      <Costs />
      <ShelfCsv />
    </div>
  )
}

/** Search for, of which family and role, in which order. */
function Seeking({ bottles, find, family, role, sort, setAddress }: Found) {
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <input
        aria-label="Find a bottle by name, maker, family, role or code"
        placeholder="Name, maker, family, role, code"
        value={find}
        onChange={(event) => void setAddress({ find: event.target.value })}
        className="control min-h-11 min-w-0 flex-1 basis-60 px-3"
      />
      <Only
        label="Family"
        value={family}
        onChange={(next) => void setAddress({ family: next })}
        values={bottles.map((bottle) => bottle.family)}
        say={(value) => familyName(value as Bottle['family'])}
      />
      <Only
        label="Role"
        value={role}
        onChange={(next) => void setAddress({ role: next })}
        values={bottles.map((bottle) => bottle.role)}
        say={plain}
      />
      <select
        aria-label="Order"
        value={sort}
        onChange={(event) => void setAddress({ sort: event.target.value as Sort })}
        className="control min-h-11 max-w-44 px-2"
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
          'changeBottles',
          [{ id: bottle.id, fields: changedFields(known, bottle) }],
          `Changed: ${bottle.name}`,
        )
      : await run('addBottle', bottle)
    if (written) onClose()
  }
  const remove = async () => {
    if (await run('removeBottles', [current])) onClose()
  }
  return (
    <OnDemand
      load={loadForm}
      failed="The form of a bottle couldn’t be loaded. Ask for it once more."
      onClose={onClose}
    >
      {({ BottleForm }) => (
        <BottleForm
          key={current.id}
          bottle={current}
          shelf={bottles}
          onPour={(poured) => run('pourInto', current.id, poured)}
          onSave={(bottle) => void save(bottle)}
          onRemove={known ? () => void remove() : null}
          onAlike={known ? () => onAlike(known) : null}
          onClose={onClose}
        />
      )}
    </OnDemand>
  )
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
      className="control min-h-11 max-w-44 px-2"
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

function searchText(bottle: Bottle): string {
  const { name, maker, family, role, code, boughtAt, earlierCodes = [] } = bottle
  const codes = earlierCodes.map((code) => code.code)
  return [name, maker, familyName(family), family, role, code, ...codes, boughtAt]
    .filter(Boolean)
    .join(' ')
    .toLowerCase()
}
