import Link from 'next/link'
import { useMemo } from 'react'
import { type TriedSwatch, triedSwatch } from '@/core/builds'
import { changedRow } from '@/core/model/changedRow'
import { newestFirst } from '@/core/model/newestPicture'
import type { TestPiece } from '@/core/model/testPiece'
import { useProject } from '@/state/hooks'
import { useChangeTried, useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { cx } from '@/ui/cx'
import { TextField } from '@/ui/Field'
import { Swatch } from '@/ui/Swatch'
import { isWithin, numberOf } from '../shared/fieldText'
import { Thumb } from '../shared/picture/Thumb'
import { SwatchSays } from '../shared/SwatchSays'

type Tried = TestPiece['tried'][number]

/** One of what was tried: how much and how thin, its picture, what is to be said of it; and the one that is chosen. */
export function TriedCard({ piece, tried, nth }: { piece: TestPiece; tried: Tried; nth: number }) {
  const run = useRun()
  const changeTried = useChangeTried()
  const project = useProject()
  const { pictures = [] } = project
  const said = useMemo(() => triedSwatch(project, piece, tried), [project, piece, tried])
  const isChosen = piece.chosen === tried.id
  const set = (fields: Partial<Tried>, label: string) =>
    void changeTried(piece.id, (now) => changedRow(now, tried.id, fields), label)
  return (
    <li className={cx('border-t-4 bg-raised p-3', isChosen ? 'border-act' : 'border-rule')}>
      <div className="flex items-center justify-between gap-2">
        <h3 className="font-semibold">
          Try {nth}
          {isChosen && ', chosen'}
        </h3>
        <Button
          size="small"
          disabled={isChosen}
          onClick={() => void run('chooseTried', piece.id, tried.id)}
        >
          Do it like this
        </Button>
      </div>
      {tried.picture && (
        <Link href={`/pictures?id=${tried.picture}`} className="mt-2 block">
          <Thumb id={tried.picture} say={`Try ${nth}`} className="h-32 w-full" />
          {said && !said.fit && <span className="text-sm underline">Read its colour</span>}
        </Link>
      )}
      {tried.swatch && <SwatchOfTried piece={piece} colour={tried.swatch} said={said} />}
      <div className="mt-2 grid grid-cols-2 gap-2">
        <Percent
          tried={tried}
          of="amount"
          say="How much"
          onSay={(steps) => set({ steps }, 'How much was tried')}
        />
        <Percent
          tried={tried}
          of="thinning"
          say="Thinner in it"
          onSay={(steps) => set({ steps }, 'How thin it was tried')}
        />
      </div>
      <div className="mt-2 space-y-2">
        <TextField
          key={tried.note ?? ''}
          label="What is seen"
          defaultValue={tried.note ?? ''}
          maxLength={4000}
          onBlur={({ target }) =>
            target.value !== (tried.note ?? '') && set({ note: target.value }, 'A test piece noted')
          }
        />
        {pictures.length > 0 && (
          <Choose
            label="Picture"
            value={tried.picture ?? ''}
            choices={[
              { value: '', say: 'None' },
              ...newestFirst(pictures).map(({ id, name }) => ({ value: id, say: name })),
            ]}
            onChoose={(picture) => picture && set({ picture }, 'The picture of a test piece')}
          />
        )}
      </div>
    </li>
  )
}

/** The colour that was read from it, and what that says of the bottle. */
function SwatchOfTried({
  piece,
  colour,
  said,
}: {
  piece: TestPiece
  colour: string
  said: TriedSwatch | null
}) {
  return (
    <div className="mt-2">
      <p className="flex items-center gap-2 text-sm">
        <Swatch colour={colour} /> {colour}
        {said && `: ${said.bottle.name}, ${said.coats} × over ${said.over}`}
      </p>
      {said?.fit && (
        <SwatchSays
          bottle={said.bottle}
          fit={said.fit}
          laid={`${said.coats} × over ${said.over} on ${piece.name} came out ${colour}`}
        />
      )}
    </div>
  )
}

/** A share of the last act that was tried, in percent; what is no share is put back. */
function Percent({
  tried: { steps },
  of,
  say,
  onSay,
}: {
  tried: Tried
  of: 'amount' | 'thinning'
  say: string
  onSay: (steps: Tried['steps']) => void
}) {
  const value = steps.at(-1)?.[of]
  const said = value === undefined ? '' : String(Math.round(value * 1000) / 10)
  return (
    <TextField
      key={said}
      label={say}
      unit="%"
      inputMode="decimal"
      defaultValue={said}
      onBlur={({ target }) => {
        const percent = numberOf(target.value)
        if (target.value === said) return
        if (!isWithin(percent, 0, 100)) {
          target.value = said
          return
        }
        onSay(
          steps.map((step, i) =>
            i === steps.length - 1 ? { ...step, [of]: percent / 100 } : step,
          ),
        )
      }}
    />
  )
}
