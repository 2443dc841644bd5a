'use client'

import { useState } from 'react'
import { patchColour, patchLight, type WhiteBalance, whiteBalance } from '@/core/colour'
import { usePictureDesk } from '@/state/pictureDesk'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { FileButton } from '@/ui/FileButton'
import { number } from '@/ui/units'
import { openPicture } from '../shared/picture/openPicture'
import { type Marked, PointPicture } from '../shared/picture/PointPicture'
import { patchAt, type ShownPicture } from '../shared/picture/shown'

/** A colour out of a picture that stays on this machine: a patch of it, and if wanted another that is grey in truth. */
export function PictureTarget({ onChoose }: { onChoose: (colour: string) => void }) {
  const desk = usePictureDesk()
  const [picture, setPicture] = useState<ShownPicture | null>(null)
  const [failed, setFailed] = useState<string | null>(null)
  const open = (file: File) => {
    setFailed(null)
    openPicture(desk, file)
      .then(setPicture)
      .catch((error: unknown) => setFailed(reasonOf(error)))
  }
  return (
    <div>
      <FileButton
        say={picture ? 'Another picture' : 'Take it from a picture'}
        accept="image/*"
        onFile={open}
      />
      {failed && (
        <p role="alert" className="mt-1 text-sm font-semibold text-stop">
          {failed}
        </p>
      )}
      {picture && (
        <Patches picture={picture} onChoose={onChoose} onClose={() => setPicture(null)} />
      )}
    </div>
  )
}

/** The light of patches: the colour, set by a grey where one was chosen, and how unsure it is. */
function usePatchLight(onChoose: (colour: string) => void) {
  const [neutral, setNeutral] = useState(false)
  const [balance, setBalance] = useState<WhiteBalance | null>(null)
  const [dark, setDark] = useState(false)
  const [unsure, setUnsure] = useState<number | null>(null)
  const take = (patch: Uint8ClampedArray) => {
    const light = patchLight(patch)
    const read = patchColour(patch, balance)
    if (!light || !read) return
    if (neutral) {
      const found = whiteBalance(light)
      setDark(found === null)
      setBalance(found)
      setNeutral(false)
    } else {
      setUnsure(read.unsure)
      onChoose(read.colour)
    }
  }
  return { neutral, setNeutral, balance, setBalance, dark, unsure, take }
}

type PatchLight = ReturnType<typeof usePatchLight>

function Patches({
  picture,
  onChoose,
  onClose,
}: {
  picture: ShownPicture
  onChoose: (colour: string) => void
  onClose: () => void
}) {
  const [mark, setMark] = useState<Marked | null>(null)
  const light = usePatchLight(onChoose)
  return (
    <div className="mt-2">
      <PointPicture
        picture={picture}
        label="Picture"
        marks={mark ? [mark] : []}
        onPoint={(place) => {
          setMark({ at: place, say: light.neutral ? 'grey' : 'colour' })
          light.take(patchAt(picture, place))
        }}
      />
      <PatchWords light={light} />
      <div className="mt-1 flex flex-wrap gap-2">
        <Button
          size="small"
          aria-pressed={light.neutral}
          className={cx(light.neutral && 'border-act')}
          onClick={() => light.setNeutral(!light.neutral)}
        >
          {light.balance ? 'Another grey' : 'Set by a grey'}
        </Button>
        {light.balance && (
          <Button size="small" onClick={() => light.setBalance(null)}>
            As the camera saw it
          </Button>
        )}
        <Button size="small" onClick={onClose}>
          Put the picture away
        </Button>
      </div>
    </div>
  )
}

/** What to do with the picture next, and how much its colour can be trusted. */
function PatchWords({ light: { neutral, unsure, balance, dark } }: { light: PatchLight }) {
  return (
    <>
      <p className="mt-1 text-sm text-soft">
        {neutral
          ? 'Now choose a place that is grey in truth: a grey card, bare grey plastic.'
          : 'Choose a place: a patch about it is averaged. A picture is never exact; swatch the mix.'}
      </p>
      {unsure !== null && (
        <p className="text-sm" role="status">
          The thing itself may be ΔE00 {number(unsure, 0, true)} from it
          {balance ? '.' : ': set it by a grey to know better.'}
        </p>
      )}
      {dark && (
        <p className="text-sm font-semibold text-stop">
          That place is too dark to tell the light by. Choose a lighter grey.
        </p>
      )}
    </>
  )
}
