import type { Bottle } from '@/core/model/bottle'
import { conditionOf } from '@/core/shelf'
import { BottleFace } from '@/ui/BottleFace'
import { cx } from '@/ui/cx'
import { Swatch } from '@/ui/Swatch'
import { about, bareMeasure } from '@/ui/units'
import { useBeginning } from '@/ui/useBeginning'
import { useNow } from '../shared/now'
import { familyName, plain } from '../shared/words'
import { stateWords } from './bottleState'
import type { ManyRow } from './ManyRow'

/** The bottles under their heads: on the shelf, in a table to compare, or in rows to tick and edit in place. */
export function Bottles({
  found,
  headOf,
  asTable,
  ticked,
  Row,
  onTick,
  onOpen,
}: {
  found: readonly Bottle[]
  /** What a bottle stands under. */
  headOf: (bottle: Bottle) => string
  asTable: boolean
  /** null: none are being ticked. */
  ticked: ReadonlySet<string> | null
  /** What a bottle is ticked and edited by; null: it isn't here. */
  Row: typeof ManyRow | null
  onTick: (ticked: ReadonlySet<string>) => void
  onOpen: (bottle: Bottle) => void
}) {
  if (asTable && !ticked) return <BottleTable bottles={found} onOpen={onOpen} />
  const heads = [...new Set(found.map(headOf))]
  const tick = (id: string, on: boolean) => {
    const next = new Set(ticked)
    if (on) next.add(id)
    else next.delete(id)
    onTick(next)
  }
  return heads.map((head) => {
    const own = found.filter((bottle) => headOf(bottle) === head)
    return (
      <section key={head} aria-label={head} className="mt-6">
        <h2 className="font-display text-xl font-semibold">{head}</h2>
        {ticked && Row ? (
          <ul className="mt-1 grid grid-cols-[minmax(0,1fr)] gap-x-8 border-t border-rule md:grid-cols-2 2xl:grid-cols-3">
            {own.map((bottle) => (
              <Row
                key={bottle.id}
                bottle={bottle}
                ticked={ticked.has(bottle.id)}
                onTick={(on) => tick(bottle.id, on)}
              />
            ))}
          </ul>
        ) : (
          <Board bottles={own} onOpen={onOpen} />
        )}
      </section>
    )
  })
}

/** So many bottles of a board are made at once. */
const FIRST = 12

/** Bottles side by side on their board. */
function Board({
  bottles,
  onOpen,
}: {
  bottles: readonly Bottle[]
  onOpen: (bottle: Bottle) => void
}) {
  const { shown, more } = useBeginning(bottles, FIRST)
  return (
    <ul className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-y-4">
      {shown.map((bottle) => (
        <OnShelf key={bottle.id} bottle={bottle} onOpen={() => onOpen(bottle)} />
      ))}
      {more}
    </ul>
  )
}

/** Family and role in words; a family that names its role already says it once. */
function kindOf(bottle: Bottle): string {
  const family = familyName(bottle.family)
  const role = plain(bottle.role).toLowerCase()
  return family.toLowerCase().includes(role) ? family : `${family} ${role}`
}

/** A bottle as a thing: it stands on its board as full as it is, and is opened by a tap. */
function OnShelf({ bottle, onOpen }: { bottle: Bottle; onOpen: () => void }) {
  const now = useNow(60_000)
  const { low } = conditionOf(bottle, now)
  const states = stateWords(bottle, now)
  return (
    <li className="[contain-intrinsic-size:auto_190px] [content-visibility:auto]">
      <button
        type="button"
        onClick={onOpen}
        className="group flex h-full w-full flex-col text-left leading-tight"
      >
        <span className="flex h-28 shrink-0 items-end justify-start border-b-4 border-strong pl-3 group-hover:bg-plate">
          <BottleFace
            colour={bottle.colour ?? null}
            level={bottle.leftMl / bottle.sizeMl}
            family={bottle.family}
            low={low}
          />
        </span>
        <span className="block px-3 pt-1.5">
          <span className="block font-semibold break-words">{bottle.name}</span>
          <span className="block text-sm text-soft">
            {kindOf(bottle)}
            {bottle.sheen ? `, ${bottle.sheen}` : ''}
          </span>
          <Left bottle={bottle} low={low} />
          {states.length > 0 && (
            <span className="block text-sm font-semibold text-risk">{states.join(' · ')}</span>
          )}
        </span>
      </button>
    </li>
  )
}

function Left({ bottle, low }: { bottle: Bottle; low: boolean }) {
  return (
    <span className="block text-sm">
      <span className={cx('font-semibold', low && 'text-risk')}>
        {bareMeasure(bottle.leftMl, 'ml', 1)}
      </span>{' '}
      of {about(bottle.sizeMl, 'ml', 1)}
    </span>
  )
}

const HEADS = ['Colour', 'Name', 'Maker', 'Kind', 'Left', 'State'] as const

/** Many bottles side by side, to compare. */
function BottleTable({
  bottles,
  onOpen,
}: {
  bottles: readonly Bottle[]
  onOpen: (bottle: Bottle) => void
}) {
  const now = useNow(60_000)
  return (
    <div className="mt-6 overflow-x-auto">
      <table className="w-full min-w-[44rem] border-collapse text-left">
        <caption className="sr-only">Bottles on the shelf</caption>
        <thead>
          <tr className="text-sm text-soft">
            {HEADS.map((head) => (
              <th key={head} scope="col" className="py-1 pr-4 font-semibold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {bottles.map((bottle) => (
            <tr key={bottle.id} className="border-t border-rule">
              <td className="py-1 pr-4">
                <Swatch colour={bottle.colour} />
              </td>
              <td className="pr-4">
                <button
                  type="button"
                  onClick={() => onOpen(bottle)}
                  className="min-h-9 text-left font-semibold underline decoration-rule underline-offset-4 hover:decoration-ink"
                >
                  {bottle.name}
                </button>
              </td>
              <td className="pr-4">{bottle.maker ?? ''}</td>
              <td className="pr-4 text-soft">{kindOf(bottle)}</td>
              <td className="pr-4 whitespace-nowrap">
                <Left bottle={bottle} low={conditionOf(bottle, now).low} />
              </td>
              <td className="text-sm text-risk">{stateWords(bottle, now).join(' · ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
