import Link from 'next/link'
import { useState } from 'react'
import { PIN_WORDS } from '@/core/knowledge'
import { changedRow } from '@/core/model/changedRow'
import { PIN_EFFECTS, type Picture, type PinEffect } from '@/core/model/picture'
import type { TestPiece } from '@/core/model/testPiece'
import { useProject } from '@/state/hooks'
import { useChangeTried, useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { SelectField, TextField } from '@/ui/Field'
import { Swatch } from '@/ui/Swatch'
import { number } from '@/ui/units'
import { isWithin, numberOf } from '../shared/fieldText'
import { panelHref } from '../shared/panelHref'
import type { PictureTools, ReadColour } from './usePictureTools'

/** What to tap next, and what came of it. */
export function ToolWords({ picture, tools }: { picture: Picture; tools: PictureTools }) {
  return (
    <div className="mt-2 min-h-24">
      {tools.tool === 'pin' && <Pinning tools={tools} />}
      {tools.tool === 'colour' && <Reading picture={picture} tools={tools} />}
      {tools.tool === 'grey' && <Grey picture={picture} isDark={tools.isDark} />}
      {tools.tool === 'length' && <Length picture={picture} tools={tools} />}
    </div>
  )
}

function Pinning({
  tools: { effect, setEffect, stretching, setStretching, pin },
}: {
  tools: PictureTools
}) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <div className="w-52">
        <Choose
          label="What the next pin marks"
          value={effect}
          choices={PIN_EFFECTS.map((value) => ({ value, say: PIN_WORDS[value] }))}
          onChoose={(value) => setEffect(value as PinEffect)}
        />
      </div>
      {pin && (
        <Button aria-pressed={stretching} onClick={() => setStretching(!stretching)}>
          How long, which way
        </Button>
      )}
      <p role="status" className="basis-full text-sm text-soft">
        {stretching ? 'Tap where it ends.' : 'Tap a place to pin it.'}
      </p>
    </div>
  )
}

function Reading({ picture, tools: { read, balance } }: { picture: Picture; tools: PictureTools }) {
  if (!read) return <p className="text-sm text-soft">Tap a place to read its colour.</p>
  const colour = encodeURIComponent(read.colour)
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Swatch colour={read.colour} size="large" />
      <p role="status">
        <strong>{read.colour}</strong>, off by ΔE00 {number(read.unsure, 0, true)} or less
        {balance ? '.' : ': set a grey to know better.'}
      </p>
      <span className="flex flex-wrap gap-2">
        {[
          { say: 'Mix it', href: `/colour?target=${colour}` },
          { say: 'Choose its lining', href: `/colour?do=line&face=${colour}` },
          { say: 'See it on the panel', href: panelHref({ colour: read.colour }) },
          {
            say: 'It is a bottle’s swatch',
            href: `/colour?do=cover&seen=${colour}&off=${read.unsure.toFixed(1)}`,
          },
        ].map(({ say, href }) => (
          <Link key={say} href={href} className="key inline-flex min-h-11 items-center px-4">
            {say}
          </Link>
        ))}
      </span>
      <TestSwatches picture={picture} read={read} isSet={balance !== null} />
    </div>
  )
}

/** Where the picture is of a test piece: the colour is kept as its swatch, once a grey has set it. */
function TestSwatches({
  picture,
  read,
  isSet,
}: {
  picture: Picture
  read: ReadColour
  isSet: boolean
}) {
  const changeTried = useChangeTried()
  const { tests = [] } = useProject()
  const of = tests.flatMap((piece) =>
    piece.tried.flatMap((one, i) =>
      one.picture === picture.id ? [{ piece, tried: one.id, nth: i + 1 }] : [],
    ),
  )
  const keep = (piece: TestPiece, tried: string) =>
    void changeTried(
      piece.id,
      (now) => changedRow(now, tried, { swatch: read.colour, unsure: read.unsure }),
      `The swatch of ${piece.name}`,
    )
  if (of.length === 0) return null
  return (
    <div className="flex basis-full flex-wrap items-center gap-2">
      {of.map(({ piece, tried, nth }) => (
        <Button key={tried} disabled={!isSet} onClick={() => keep(piece, tried)}>
          Keep it as the swatch of {piece.name}, try {nth}
        </Button>
      ))}
      {!isSet && <p className="text-sm">A swatch counts once a grey has set the light.</p>}
    </div>
  )
}

/** How light greys are that people have at hand, CIELAB L*. */
const CARDS = [
  { value: '', say: 'I don’t know how light it is' },
  { value: '50', say: 'A grey card, 18 %' },
  { value: '96', say: 'White paper' },
] as const

function Grey({ picture, isDark }: { picture: Picture; isDark: boolean }) {
  const run = useRun()
  const { grey, id } = picture
  if (!grey)
    return (
      <p className="text-sm text-soft">
        Tap a place that is grey in truth: a grey card, bare grey plastic, white paper. It takes the
        light of the room out of every colour that is read.
      </p>
    )
  const set = (l: string) =>
    void run(
      'changePicture',
      id,
      { grey: l === '' ? { at: grey.at } : { at: grey.at, l: Number(l) } },
      'How light the grey is',
    )
  return (
    <div className="flex flex-wrap items-end gap-3">
      <div className="w-72 max-w-full">
        <Choose
          label="What it is"
          value={grey.l === undefined ? '' : String(grey.l)}
          choices={CARDS}
          onChoose={set}
        />
      </div>
      <Button onClick={() => void run('changePicture', id, { grey: undefined }, 'No grey')}>
        As the camera saw it
      </Button>
      {isDark && (
        <p className="basis-full font-semibold text-stop">
          That place is too dark to tell the light by: tap a lighter grey.
        </p>
      )}
    </div>
  )
}

function Length({
  picture,
  tools: { from, length, setLength },
}: {
  picture: Picture
  tools: PictureTools
}) {
  const run = useRun()
  const [mm, setMm] = useState('')
  const [of, setOf] = useState('model')
  const [wrong, setWrong] = useState<string | null>(null)
  const { known } = picture
  if (!length)
    return (
      <p className="text-sm text-soft">
        {from
          ? 'Tap where it ends.'
          : known
            ? `${number(known.mm, 1)} mm are known${known.real ? ' on the real thing' : ''}. Tap both ends of another length to change that.`
            : 'Tap both ends of something that you can measure: pins then know how large they are.'}
      </p>
    )
  const keep = async () => {
    const said = numberOf(mm)
    if (!isWithin(said, 0.1, 1_000_000)) return setWrong('Enter a length from 0.1 to 1000000 mm')
    setWrong(null)
    const next = { ...length, mm: said, ...(of === 'real' ? { real: true } : {}) }
    if (await run('changePicture', picture.id, { known: next }, 'A length is known'))
      setLength(null)
  }
  return (
    <form
      noValidate
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        void keep()
      }}
    >
      <div className="w-32">
        <TextField
          label="It is long"
          unit="mm"
          inputMode="decimal"
          value={mm}
          error={wrong}
          onChange={({ target }) => setMm(target.value)}
        />
      </div>
      <div className="w-44">
        <SelectField
          label="On what"
          value={of}
          choices={[
            { value: 'model', say: 'the model' },
            { value: 'real', say: 'the real thing' },
          ]}
          onChange={({ target }) => setOf(target.value)}
        />
      </div>
      <Button look="act" type="submit">
        Keep it
      </Button>
    </form>
  )
}
