import { useState } from 'react'
import {
  roundNow,
  spotChanged,
  spotFound,
  spotRounds,
  spotsMoved,
  stumpMinutes,
  zonesOf,
} from '@/core/builds'
import { SPOT_WORDS } from '@/core/knowledge'
import type { Build, Part } from '@/core/model/build'
import { counted } from '@/core/model/counted'
import { editOfPart } from '@/core/model/edit'
import {
  SPOT_KINDS,
  SPOT_STATES,
  type Spot,
  type SpotKind,
  type SpotState,
} from '@/core/model/spot'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { cx } from '@/ui/cx'
import { numberOf } from '../shared/fieldText'
import { capital } from '../shared/words'
import { PartSection } from './PartSection'
import type { EditBuild } from './useBuildEdits'

/** How far a spot is, as it is tapped. */
const STATES: Record<SpotState, string> = {
  found: 'Found',
  filled: 'Filled',
  sanded: 'Sanded',
  good: 'Good',
}

/** What wants mending before colour: found by looking, filled, sanded, seen good, and looked at again. */
export function Preparation({ build, part, edit }: { build: Build; part: Part; edit: EditBuild }) {
  const zones = zonesOf(build, part.id)
  const [where, setWhere] = useState('')
  const rounds = spotRounds(part)
  const last = rounds.at(-1)
  const find = (kind: SpotKind) =>
    void edit(
      `Found: ${SPOT_WORDS[kind].one}`,
      editOfPart(part.id, (now) => spotFound(now, newId(), kind, where || undefined)),
    )
  return (
    <PartSection heading="Before colour" said={rounds.length > 0}>
      <p className="max-w-prose text-soft">
        {last
          ? roundWords(last.open, roundNow(part))
          : 'Turn it in raking light and tap what you see; colour is kept back until all of it is good.'}
      </p>
      {rounds.map(({ round, spots }) => (
        <div key={round}>
          {rounds.length > 1 && <h3 className="mt-3 font-semibold">Look {round}</h3>}
          <ul aria-label={`Spots of look ${round}`}>
            {spots.map((spot) => (
              <SpotRow
                key={spot.id}
                spot={spot}
                where={zones.find(({ id }) => id === spot.zone)?.name}
                onChange={(fields, label) =>
                  void edit(
                    label,
                    editOfPart(part.id, (now) => spotChanged(now, spot.id, fields)),
                  )
                }
              />
            ))}
          </ul>
        </div>
      ))}
      {last && last.open > 1 && <AllOn part={part} edit={edit} />}
      <div className="mt-3 flex flex-wrap items-end gap-2">
        {zones.length > 0 && (
          <div className="w-44">
            <Choose
              label="Where"
              value={where}
              choices={[
                { value: '', say: 'Anywhere' },
                ...zones.map(({ id, name }) => ({ value: id, say: name })),
              ]}
              onChoose={setWhere}
            />
          </div>
        )}
        <fieldset className="flex flex-wrap gap-1.5">
          <legend className="mb-1 text-sm font-semibold text-soft">I see</legend>
          {SPOT_KINDS.map((kind) => (
            <Button key={kind} size="small" onClick={() => find(kind)}>
              {capital(SPOT_WORDS[kind].one.replace(/^an? /, ''))}
            </Button>
          ))}
        </fieldset>
      </div>
    </PartSection>
  )
}

function roundWords(open: number, next: number): string {
  if (open === 0)
    return `All of it is good. Prime it thinly and look again: what you find then is look ${next}.`
  return open === 1
    ? 'One is open. Colour waits for it.'
    : `${open} are open. Colour waits for them.`
}

/** One spot: what, where, and how far it is. */
function SpotRow({
  spot,
  where,
  onChange,
}: {
  spot: Spot
  where: string | undefined
  onChange: (fields: Partial<Spot> | null, label: string) => void
}) {
  const { kind, state = 'found', count } = spot
  const name = capital(SPOT_WORDS[kind].one.replace(/^an? /, ''))
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-1.5">
      <span className={cx('min-w-0 flex-1 basis-40', state === 'good' && 'text-soft')}>
        {name}
        {where && <span className="text-soft">, {where.toLowerCase()}</span>}
        {kind === 'supports' && (
          <label className="ml-3 text-sm text-soft">
            <input
              className="control mr-1.5 min-h-9 w-16 px-2 text-right"
              inputMode="numeric"
              defaultValue={count ?? ''}
              onBlur={({ target }) => {
                const typed = numberOf(target.value)
                const next = typeof typed === 'number' && typed >= 1 ? Math.round(typed) : undefined
                if (next !== count) onChange({ count: next }, 'Stumps counted')
              }}
            />
            stumps{count ? `, ${Math.round(stumpMinutes(count))} min` : ''}
          </label>
        )}
      </span>
      <fieldset className="flex">
        <legend className="sr-only">{`${name}: how far it is`}</legend>
        {SPOT_STATES.map((one) => (
          <label
            key={one}
            className={cx(
              'flex min-h-9 cursor-pointer items-center border border-rule px-2.5 text-sm first:rounded-l-tool last:rounded-r-tool has-focus-visible:outline-2',
              state === one ? 'bg-ink font-semibold text-ground' : 'text-soft hover:text-ink',
            )}
          >
            <input
              type="radio"
              className="sr-only"
              name={`spot-${spot.id}`}
              checked={state === one}
              onChange={() => onChange({ state: one }, `${name}: ${STATES[one].toLowerCase()}`)}
            />
            {STATES[one]}
          </label>
        ))}
      </fieldset>
      <Button size="small" look="quiet" onClick={() => onChange(null, `Removed: ${name}`)}>
        Remove
      </Button>
    </li>
  )
}

/** Spots that are as far go on together: what one sitting does to all of them. */
function AllOn({ part, edit }: { part: Part; edit: EditBuild }) {
  const counts = SPOT_STATES.slice(0, -1).flatMap((from, i) => {
    const count = (part.spots ?? []).filter(({ state = 'found' }) => state === from).length
    return count > 1 ? [{ from, to: SPOT_STATES[i + 1] as SpotState, count }] : []
  })
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      {counts.map(({ from, to, count }) => (
        <Button
          key={from}
          size="small"
          onClick={() =>
            void edit(
              `${counted(count, 'spot')} ${STATES[to].toLowerCase()}`,
              editOfPart(part.id, (now) => spotsMoved(now, from, to)),
            )
          }
        >
          All {count} {STATES[from].toLowerCase()}: {STATES[to].toLowerCase()} now
        </Button>
      ))}
    </div>
  )
}
