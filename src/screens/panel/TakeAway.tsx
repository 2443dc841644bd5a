'use client'
import type { Panel } from '@/core/model/panel'
import { PANEL_FORMAT, type Show } from '@/core/model/panelFormat'
import type { Sequence } from '@/core/model/sequence'
import type { Looked } from '@/state/useLook'
import { Button } from '@/ui/Button'
import { saveBlob, saveFile } from '@/ui/saveFile'
import { OwnLayout } from './OwnLayout'
import { namedStep } from './panelWords'
import type { Trial, Tried } from './tried'

/** The panel as a picture with what it shows under it, and as a file that the command line lays to the same bytes. */
export function TakeAway({
  tried,
  trial,
  looked,
  panel,
  sequence,
  at,
  show,
  onPart,
  onPanel,
}: {
  tried: Tried
  trial: Trial
  looked: Looked
  panel: Panel
  sequence: Sequence
  at: number
  show: Show
  /** It is on the part: no picture of the panel is there to keep. */
  onPart: boolean
  onPanel: (panel: Panel) => void
}) {
  const name = tried.say.replaceAll(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()
  const picture = async () => {
    if (!looked.seen) return
    const lines = [
      `${tried.say}, 1:${trial.scale}`,
      trial.steps.slice(0, at).map(namedStep).join(', '),
    ]
    const blob = await captioned(looked.seen, lines)
    if (blob) saveBlob(`${name}.png`, blob)
  }
  const file = () => {
    const request = {
      format: PANEL_FORMAT,
      version: 1,
      sequence,
      panel: { ...panel, pxPerMm: 10 },
      upTo: at,
      show,
    }
    saveFile(`${name}.panel.json`, JSON.stringify(request, null, 2), 'application/json')
  }
  return (
    <div className="flex flex-wrap gap-2">
      {!onPart && (
        <Button disabled={!looked.whole} onClick={() => void picture()}>
          Save picture
        </Button>
      )}
      <Button onClick={file}>Export as file</Button>
      <OwnLayout onPanel={onPanel} />
    </div>
  )
}

/** How high a line of the caption is, px, and the room round it. */
const LINE = 22
const ROOM = 12

/** A picture with lines of text under it, as PNG; null where the browser can't. */
function captioned(
  { width, height, pixels }: NonNullable<Looked['seen']>,
  lines: readonly string[],
): Promise<Blob | null> {
  const canvas = document.createElement('canvas')
  const context = canvas.getContext('2d')
  if (!context) return Promise.resolve(null)
  const font = '15px sans-serif'
  context.font = font
  const wrapped = lines.flatMap((line) => wrap(context, line, width - 2 * ROOM))
  canvas.width = width
  canvas.height = height + wrapped.length * LINE + 2 * ROOM
  context.fillStyle = 'white'
  context.fillRect(0, 0, canvas.width, canvas.height)
  context.putImageData(new ImageData(pixels, width, height), 0, 0)
  context.fillStyle = 'black'
  context.font = font
  wrapped.forEach((line, i) => {
    context.fillText(line, ROOM, height + ROOM + (i + 0.8) * LINE)
  })
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/png'))
}

/** A line in pieces that are no wider than they may be. */
function wrap(context: CanvasRenderingContext2D, line: string, most: number): string[] {
  const out: string[] = []
  for (const word of line.split(' ')) {
    const before = out.at(-1)
    const next = before === undefined ? word : `${before} ${word}`
    if (before !== undefined && context.measureText(next).width <= most) out[out.length - 1] = next
    else out.push(word)
  }
  return out
}
