'use client'

import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react'
import { patchColour, patchLight, type WhiteBalance, whiteBalance } from '@/core/colour'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { FileButton } from '@/ui/FileButton'
import { number } from '@/ui/units'

/** Largest width and height that a picture is shown with, pixels. */
const SHOWN = 320
/** Half the side of the patch that is taken, pixels of what is shown. */
const HALF = 5
const SIDE = 2 * HALF + 1

/** The picture is read far oftener than drawn. */
function contextOf(canvas: HTMLCanvasElement | null) {
  return canvas?.getContext('2d', { willReadFrequently: true }) ?? null
}

type At = { x: number; y: number }

/** A colour out of a picture that stays on this machine: a patch of it, and if wanted another that is grey in truth. */
export function PictureTarget({ onChoose }: { onChoose: (colour: string) => void }) {
  const [picture, setPicture] = useState<ImageBitmap | null>(null)
  const [failed, setFailed] = useState<string | null>(null)
  const open = (file: File) => {
    setFailed(null)
    createImageBitmap(file)
      .then(setPicture)
      .catch((error: unknown) => setFailed(`${file.name} is no picture: ${reasonOf(error)}`))
  }
  return (
    <div>
      <FileButton
        say={picture ? 'Another picture' : 'Take it from a picture'}
        accept="image/*"
        onFile={open}
      />
      {failed && <p className="mt-1 text-sm font-semibold text-stop">{failed}</p>}
      {picture && (
        <Patches
          picture={picture}
          onChoose={onChoose}
          onClose={() => {
            picture.close()
            setPicture(null)
          }}
        />
      )}
    </div>
  )
}

/** How far the arrow keys move the patch, points. */
const MOVES: Record<string, At> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
}

/** The patch of a picture that is taken: where it lies, by pointer or keys. */
function usePatch(size: { width: number; height: number }, onTake: (at: At) => void) {
  const { width, height } = size
  const [at, setAt] = useState<At>({ x: SHOWN / 4, y: SHOWN / 4 })
  const point = (event: PointerEvent<HTMLCanvasElement>) => {
    const box = event.currentTarget.getBoundingClientRect()
    const place = {
      x: ((event.clientX - box.left) / box.width) * width,
      y: ((event.clientY - box.top) / box.height) * height,
    }
    setAt(place)
    onTake(place)
  }
  const key = (event: KeyboardEvent<HTMLCanvasElement>) => {
    const far = event.shiftKey ? 20 : 4
    const move = MOVES[event.key]
    if (move) {
      setAt({
        x: Math.min(width, Math.max(0, at.x + move.x * far)),
        y: Math.min(height, Math.max(0, at.y + move.y * far)),
      })
    } else if (event.key === 'Enter' || event.key === ' ') onTake(at)
    else return
    event.preventDefault()
  }
  return { at, point, key }
}

/** The light of patches: the colour, set by a grey where one was chosen, and how unsure it is. */
function usePatchLight(onChoose: (colour: string) => void) {
  const [neutral, setNeutral] = useState(false)
  const [balance, setBalance] = useState<WhiteBalance | null>(null)
  const [dark, setDark] = useState(false)
  const [unsure, setUnsure] = useState<number | null>(null)
  const take = (patch: Uint8ClampedArray | undefined) => {
    const light = patch ? patchLight(patch) : null
    const read = patch ? patchColour(patch, balance) : null
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
  picture: ImageBitmap
  onChoose: (colour: string) => void
  onClose: () => void
}) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const scale = Math.min(1, SHOWN / Math.max(picture.width, picture.height))
  const [width, height] = [Math.max(1, picture.width * scale), Math.max(1, picture.height * scale)]
  useEffect(() => {
    contextOf(canvas.current)?.drawImage(picture, 0, 0, width, height)
  }, [picture, width, height])
  const light = usePatchLight(onChoose)
  const { at, point, key } = usePatch({ width, height }, ({ x, y }) =>
    light.take(contextOf(canvas.current)?.getImageData(x - HALF, y - HALF, SIDE, SIDE).data),
  )
  return (
    <div className="mt-2">
      <div className="relative inline-block bg-surround p-3">
        {/* biome-ignore lint/a11y/noInteractiveElementToNoninteractiveRole: a place in a picture is chosen with the arrow keys too */}
        <canvas
          ref={canvas}
          width={width}
          height={height}
          tabIndex={0}
          role="application"
          aria-label="Picture: arrow keys move the patch, Enter takes it"
          className="block cursor-crosshair"
          onPointerDown={point}
          onKeyDown={key}
        />
        <span
          aria-hidden="true"
          className="pointer-events-none absolute size-[13px] -translate-1/2 border-2 border-white outline-2 outline-black"
          style={{ left: at.x + 12, top: at.y + 12 }}
        />
      </div>
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
          : 'Choose a place: eleven by eleven points of it are averaged. A picture is never exact; swatch the mix.'}
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
