import { useState } from 'react'
import {
  levelOfLightness,
  patchColour,
  patchLight,
  type WhiteBalance,
  whiteBalance,
} from '@/core/colour'
import { changedRow } from '@/core/model/changedRow'
import type { PhotoPin, Picture, PinEffect } from '@/core/model/picture'
import type { PicturePoint } from '@/core/pictures/align'
import { modelMm, wayBetween } from '@/core/pictures/known'
import { useProject } from '@/state/hooks'
import { useChangePins, useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import type { Marked } from '../shared/picture/PointPicture'
import { patchAt, type ShownPicture } from '../shared/picture/shown'

/** What a tap on the picture does. */
export const TOOLS = [
  { id: 'pin', say: 'Pin' },
  { id: 'colour', say: 'Read a colour' },
  { id: 'grey', say: 'Set the grey' },
  { id: 'length', say: 'Known length' },
] as const
export type PictureTool = (typeof TOOLS)[number]['id']

/** A place as shares of the picture. */
type At = [number, number]

/** A colour that was read, how far off it may be, and where. */
export type ReadColour = { colour: string; unsure: number; at: At }

/** What is done on a picture by tapping places of it. */
export function usePictureTools(picture: Picture, shown: ShownPicture | null) {
  const run = useRun()
  const changePins = useChangePins(picture.id)
  const { builds = [] } = useProject()
  const build = builds.find(({ id }) => id === picture.build)
  const [tool, setTool] = useState<PictureTool>('pin')
  const [effect, setEffect] = useState<PinEffect>('rust')
  const [chosen, choose] = useState<string | null>(null)
  const [stretching, setStretching] = useState(false)
  const [from, setFrom] = useState<At | null>(null)
  const [length, setLength] = useState<{ from: At; to: At } | null>(null)
  const [read, setRead] = useState<ReadColour | null>(null)
  const balance = shown ? balanceOf(picture, shown) : null
  const pins = picture.pins ?? []
  const pin = pins.find(({ id }) => id === chosen) ?? null
  const toneAt = (at: At): ReadColour | null => {
    const patch = shown && patchAt(shown, pointOf(shown, at))
    const found = patch && patchColour(patch, balance)
    return found && { ...found, at }
  }
  const setPin = (id: string, fields: Partial<PhotoPin>, label: string) =>
    changePins((now) => changedRow(now, id, fields), label)
  const put = (at: At) => {
    const tone = toneAt(at)?.colour
    const made: PhotoPin = { id: newId(), at, effect, state: 'wanted', ...(tone ? { tone } : {}) }
    choose(made.id)
    void changePins((now) => [...now, made], 'Pinned')
  }
  const stretch = (one: PhotoPin, to: At) => {
    const mm = modelMm(picture, build?.scale ?? 1, one.at, to)
    const direction = Math.round(wayBetween(picture, one.at, to)) % 360
    void setPin(
      one.id,
      { direction, ...(mm === null ? {} : { mm: Math.max(0.01, Math.round(mm * 100) / 100) }) },
      'Measured a pin',
    )
    setStretching(false)
  }
  const point = (place: PicturePoint) => {
    if (!shown) return
    const at: At = [place.x / shown.canvas.width, place.y / shown.canvas.height]
    if (tool === 'pin') {
      if (stretching && pin) stretch(pin, at)
      else put(at)
    } else if (tool === 'colour') setRead(toneAt(at))
    else if (tool === 'grey')
      void run('changePicture', picture.id, { grey: { ...picture.grey, at } }, 'Set by a grey')
    else if (from === null) setFrom(at)
    else {
      setLength({ from, to: at })
      setFrom(null)
    }
  }
  return {
    ...{ tool, effect, setEffect, chosen, choose, stretching, setStretching, pin, pins, setPin },
    ...{ read, from, length, setLength, point, balance, build },
    setTool: (next: PictureTool) => {
      setTool(next)
      setStretching(false)
      setFrom(null)
    },
    isDark: picture.grey !== undefined && shown !== null && balance === null,
    marks: marksOf(picture, shown, { from, length, read: tool === 'colour' ? read : null }),
  }
}

/** All of it, as `usePictureTools` gives it. */
export type PictureTools = ReturnType<typeof usePictureTools>

function pointOf({ canvas }: ShownPicture, [x, y]: At): PicturePoint {
  return { x: x * canvas.width, y: y * canvas.height }
}

/** What the picture's grey says of its light; null: it has none, or it is too dark. */
function balanceOf({ grey }: Picture, shown: ShownPicture): WhiteBalance | null {
  const light = grey && patchLight(patchAt(shown, pointOf(shown, grey.at)))
  if (!light) return null
  return whiteBalance(light, grey.l === undefined ? undefined : levelOfLightness(grey.l))
}

function marksOf(
  { pins = [], grey, known }: Picture,
  shown: ShownPicture | null,
  {
    from,
    length,
    read,
  }: { from: At | null; length: { from: At; to: At } | null; read: ReadColour | null },
): Marked[] {
  if (!shown) return []
  const line = length ?? known
  const places: [At | undefined | null, string][] = [
    ...pins.map((one, i): [At, string] => [one.at, String(i + 1)]),
    [grey?.at, 'grey'],
    [from ?? line?.from, 'from'],
    [from ? null : line?.to, 'to'],
    [read?.at, 'colour'],
  ]
  return places.flatMap(([at, say]) => (at ? [{ at: pointOf(shown, at), say }] : []))
}
