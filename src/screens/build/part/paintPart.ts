import type { WearEffect } from '@/core/knowledge'
import type { Sheen } from '@/core/model/vocabulary'
import type { DrawnShape } from '@/core/shape/drawn'
import { BESIDE, type Eye, type Pictured } from '@/core/shape/pictured'

/** What a zone looks like: its colour, #RRGGBB, and how it shines. */
export type ZoneLook = { colour: string; sheen: Sheen | null }

/** What the zones of a part are shown by: their colours after so many steps, or how much of a wear goes where. */
export type Looks = {
  looks: readonly ZoneLook[]
  /** What is shown, as the end of a sentence. */
  said: string
  steps: readonly string[]
  count: number
  setCount: (count: number) => void
  /** Empty: colours. */
  wear: WearEffect | ''
  setWear: (wear: WearEffect | '') => void
}

/** A part as it is looked at, whichever way it is drawn. */
export type SeenPart = {
  drawn: DrawnShape
  /** What each of its zones looks like. */
  looks: readonly ZoneLook[]
  lit: boolean
  eye: Eye
  /** px. */
  height: number
  /** The chosen zone's place; -1: none is. */
  chosen: number
  onPick: (zone: number) => void
}

/** What nothing lies on. */
export const BARE: ZoneLook = { colour: '#8F8F8F', sheen: null }

/** How strong a highlight is by sheen, and how narrow. */
const SHINE: Record<Sheen, { strong: number; narrow: number }> = {
  gloss: { strong: 0.55, narrow: 14 },
  'semi-gloss': { strong: 0.38, narrow: 9 },
  satin: { strong: 0.22, narrow: 6 },
  matt: { strong: 0, narrow: 1 },
}

/** How light a face is that no lamp falls on. */
const SHADE = 0.5

/** Paints a picture: each zone in its colour, in light or flat, lines where zones meet, and round the chosen one. */
export function paint(
  context: CanvasRenderingContext2D,
  { width, height, zone, light }: Pictured,
  looks: readonly ZoneLook[],
  lit: boolean,
  chosen: number,
): void {
  const image = context.createImageData(width, height)
  // Asked of the picture anew for every channel it takes longer than all the rest.
  const { data } = image
  const colours = [BARE, ...looks].map(({ colour }) => channels(colour))
  for (let i = 0; i < zone.length; i++) {
    const at = zone[i] as number
    if (at === BESIDE) continue
    const { sheen } = looks[at] ?? BARE
    const rgb = colours[at + 1] ?? (colours[0] as Channels)
    const falls = lit ? (light[i] as number) : 1
    const shine = lit && sheen ? SHINE[sheen] : null
    const lamp = Math.max(0, (falls - SHADE) / (1 - SHADE))
    const glint = shine ? shine.strong * lamp ** shine.narrow : 0
    for (let c = 0; c < 3; c++) {
      const dark = (rgb[c] as number) * falls
      data[i * 4 + c] = dark + (255 - dark) * glint
    }
    data[i * 4 + 3] = 255
  }
  context.putImageData(image, 0, 0)
  lines(context, { width, height, zone, chosen })
}

/** Where zones meet, thin; round the chosen one, thick and in the colour of what can be acted on. */
function lines(
  context: CanvasRenderingContext2D,
  { width, height, zone, chosen }: Pick<Pictured, 'width' | 'height' | 'zone'> & { chosen: number },
): void {
  const style = getComputedStyle(context.canvas)
  const [ink, act] = ['--ink', '--act'].map((name) => style.getPropertyValue(name))
  for (let y = 0; y < height - 1; y++)
    for (let x = 0; x < width - 1; x++) {
      const own = zone[y * width + x] as number
      const right = zone[y * width + x + 1]
      const below = zone[(y + 1) * width + x]
      if (right === own && below === own) continue
      const isChosen = chosen >= 0 && [own, right, below].includes(chosen)
      context.globalAlpha = isChosen ? 1 : 0.35
      context.fillStyle = (isChosen ? act : ink) || 'black'
      if (isChosen) context.fillRect(x - 1, y - 1, 4, 4)
      else context.fillRect(x, y, 1, 1)
    }
  context.globalAlpha = 1
}

type Channels = [number, number, number]

function channels(hex: string): Channels {
  return [1, 3, 5].map((from) => Number.parseInt(hex.slice(from, from + 2), 16)) as Channels
}
