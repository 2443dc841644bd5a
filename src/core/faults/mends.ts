import type { FaultId } from '../knowledge/faults'
import type { ActStep } from '../model/sequence'
import type { Which } from './history'

/** A step of a mending: as the newest of a kind was laid, but for what is said. */
export type MendStep = MendLike | ActStep | 'take-off'

/** A step as the newest of a kind was laid, with what is different. */
export type MendLike = { like: Which; but?: Partial<ActStep> }

/** One way to mend now. */
export type Mend = {
  say: string
  /** For these causes; left out: for any. */
  of?: readonly string[]
  /** What goes into the plan; left out: nothing a plan can say. `take-off`: the wash on top comes off as chapter 2.3 knows. */
  steps?: readonly MendStep[]
}

const CLEAR: Which = { role: ['clear'] }
const COLOUR: Which = { role: ['colour', 'clear-colour', 'metal'] }
const SPRAYED: Which = { sprayed: true }
const FILM: Which = { kind: ['film'] }
const WASH: Which = { role: ['wash', 'filter', 'oil'] }
const METAL: Which = { role: ['metal'] }
const DECAL: Which = { act: ['decal'] }
const PIGMENT: Which = { role: ['pigment'] }
const PRIMER: Which = { role: ['primer'] }

const GOOD_ROOM = { celsius: 22, humidity: 45 }
const THIN = ['mist', 'light'] as const
const AGAIN: MendStep = { like: COLOUR, but: { over: 'patch', coats: ['mist', 'light'] } }
const CLEAR_AGAIN: MendStep = { like: CLEAR, but: { coats: [...THIN] } }
const LINE_AGAIN: MendStep = { like: WASH }
const sand = (grit: number): ActStep => ({ do: 'sand', grit })

/** Ways to mend each fault, the usual first. Source: handbook 8, "mend now". */
export const MENDS: Record<FaultId, readonly Mend[]> = {
  'white-frost': [
    {
      say: 'In a warm, dry room: a mist of gloss, then the matt clear again, thin',
      of: ['damp-air', 'cold-can', 'wiped-with-spirit'],
      steps: [
        { like: CLEAR, but: { sheen: 'gloss', coats: ['mist'], climate: GOOD_ROOM } },
        CLEAR_AGAIN,
      ],
    },
    {
      say: 'Sand it gently, then gloss in a mist and the clear again, thin',
      of: ['too-thick'],
      steps: [sand(2000), { like: CLEAR, but: { sheen: 'gloss', coats: ['mist'] } }, CLEAR_AGAIN],
    },
    {
      say: 'Stir it until nothing lies on the bottom, then the clear again, thin',
      of: ['not-stirred'],
      steps: [CLEAR_AGAIN],
    },
    { say: 'A mist of levelling thinner melts a light frost' },
  ],
  wrinkles: [
    {
      say: 'Let it cure for days, sand it back, and paint again in thin coats',
      steps: [sand(1000), { like: FILM, but: { coats: ['mist', 'light', 'light'] } }],
    },
    { say: 'Stop: nothing more on it until it has cured' },
  ],
  'lifts-with-tape': [
    {
      say: 'Feather the edge, prime the spot, touch up',
      steps: [sand(1500), { do: 'prime', over: 'patch', coats: [...THIN] }, AGAIN],
    },
    {
      say: 'Wash the part and cure it in the light before you prime again',
      of: ['resin-undercured'],
    },
  ],
  'colour-wiped': [
    {
      say: 'Touch up, clear it again, line again',
      steps: [
        AGAIN,
        { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light'] },
        LINE_AGAIN,
      ],
    },
    { say: 'Touch up with the same colour', steps: [AGAIN] },
  ],
  'wash-wont-run': [
    {
      say: 'Gloss over it first, then the wash again',
      of: ['matt-surface'],
      steps: [{ do: 'clear', family: 'lacquer', sheen: 'gloss', coats: [...THIN] }, LINE_AGAIN],
    },
    {
      say: 'Thin it until it runs by itself, then again',
      of: ['too-thick'],
      steps: [{ like: WASH, but: { thinning: 0.9 } }],
    },
    {
      say: 'Flow aid, one drop at a time, at most 6 in 3 ml',
      of: ['surface-tension'],
      steps: [{ like: WASH, but: { flowAid: 2 } }],
    },
    { say: 'Stir it well, and try a corner first', of: ['not-stirred'] },
    { say: 'Wet the face with its thinner first', of: ['not-pre-wetted'] },
    {
      say: 'Wipe the face clean and degrease it',
      of: ['greasy'],
      steps: [{ do: 'degrease' }, LINE_AGAIN],
    },
  ],
  'wash-wont-clean': [
    { say: 'Take it off, longer on the swab', steps: ['take-off'] },
    { say: 'Paint it over', steps: [AGAIN] },
  ],
  'wash-left-lines': [{ say: 'Line again', steps: [LINE_AGAIN] }],
  'tide-marks': [
    { say: 'Wet the edge again, and draw it out', steps: ['take-off'] },
    {
      say: 'A thin wash over all of it',
      steps: [{ like: WASH, but: { thinning: 0.95, over: 'all', wick: true } }],
    },
  ],
  'drawn-lines': [
    { say: 'Across the lines, to soften them', steps: ['take-off'] },
    { say: 'A filter in the face’s colour', steps: [{ do: 'filter', family: 'enamel-wash' }] },
  ],
  'orange-peel': [
    {
      say: 'Sand it level, then a thinner coat',
      steps: [sand(2000), { like: SPRAYED, but: { coats: ['light', 'wet'] } }],
    },
  ],
  'dusty-spray': [
    {
      say: 'Rub it off with a soft cloth; sand what stays, and spray again with retarder',
      steps: [sand(3000), { like: SPRAYED, but: { retarder: 5, coats: ['light', 'light'] } }],
    },
    {
      say: 'What fell on a clear beside it: polish it off once that is hard',
      steps: [{ do: 'cut-polish' }],
    },
  ],
  runs: [
    {
      say: 'Let it dry, sand it level, and spray again in thin coats',
      steps: [sand(1500), { like: SPRAYED, but: { coats: ['mist', 'light', 'light'] } }],
    },
  ],
  'spider-lines': [
    {
      say: 'Let it dry, sand it, and spray again with less pressure',
      steps: [sand(1500), { like: SPRAYED, but: { coats: ['mist', 'light'] } }],
    },
  ],
  'tip-dry': [
    {
      say: 'Wipe the tip, a drop of retarder, thinner',
      steps: [{ like: SPRAYED, but: { retarder: 5 } }],
    },
  ],
  'fish-eyes': [
    {
      say: 'Wash it back, degrease, then a mist coat first',
      steps: [{ do: 'degrease' }, { like: SPRAYED, but: { coats: ['mist', 'mist', 'light'] } }],
    },
  ],
  silvering: [
    {
      say: 'Prick it, softening fluid, and again',
      steps: [{ do: 'decal-soften' }, { do: 'decal-soften' }],
    },
    { say: 'A wash over it hides what is left', steps: [{ do: 'line' }] },
  ],
  'decal-wrinkled': [
    { say: 'Leave it alone until it is dry: most of it lies down again' },
    { say: 'Replace it', steps: [{ like: DECAL }] },
  ],
  bubbles: [
    {
      say: 'Cut it out, fill with clear, and level it',
      steps: [sand(2000), { like: CLEAR, but: { coats: ['light', 'wet'] } }],
    },
  ],
  'rub-through': [
    {
      say: 'Touch up, then clear',
      steps: [
        AGAIN,
        { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light', 'light'] },
      ],
    },
  ],
  'chips-wont-open': [
    {
      say: 'A needle or tape to start, warm water, alcohol sparingly',
      steps: [{ do: 'chip-wet', tool: 'needle' }],
    },
    { say: 'Put the chips on top with a sponge instead', steps: [{ do: 'chip-sponge' }] },
  ],
  'chips-sheets': [
    {
      say: 'Let it dry, touch up, and seal what is left',
      steps: [
        { like: COLOUR, but: { over: 'patch', tool: 'brush', coats: ['light'] } },
        { do: 'clear', family: 'lacquer', sheen: 'satin', coats: [...THIN] },
      ],
    },
  ],
  'undercoat-off': [
    {
      say: 'Paint the patch again',
      steps: [{ do: 'prime', over: 'patch', coats: [...THIN] }, AGAIN],
    },
  ],
  'metal-dull': [{ say: 'The metal again', steps: [{ like: METAL }] }],
  'chrome-smeared': [
    {
      say: 'Strip it, gloss black, and the chrome again',
      steps: [
        sand(2000),
        {
          do: 'base',
          family: 'lacquer',
          colour: '#0A0A0B',
          sheen: 'gloss',
          coats: ['light', 'wet'],
        },
        { like: METAL },
      ],
    },
  ],
  sticky: [
    { say: 'Warmth and time: 25 °C, and look again in two days' },
    { say: 'Strip it: it never dries there', of: ['enamel-on-vinyl', 'off-ratio'] },
    { say: 'Wash it in alcohol and cure it in the light', of: ['resin-residue'] },
  ],
  cracks: [
    {
      say: 'Let it cure, sand it, and coat it again',
      steps: [sand(1000), { like: FILM, but: { coats: ['mist', 'light', 'light'] } }],
    },
  ],
  'plastic-cracked': [
    {
      say: 'Glue it, fill it, sand it',
      steps: [{ do: 'fill', filler: 'cyanoacrylate' }, sand(600)],
    },
  ],
  'glass-fogged': [{ say: 'Polish it, or dip it in gloss', steps: [{ do: 'cut-polish' }] }],
  'powders-gone': [{ say: 'More powder', steps: [{ like: PIGMENT }] }],
  'effect-lost': [
    { say: 'Repeat it on top', steps: [{ like: { role: ['wash', 'filter', 'oil', 'pigment'] } }] },
  ],
  'too-stark': [
    { say: 'Take some of it off again while it moves', steps: ['take-off'] },
    { say: 'A filter over it', steps: [{ do: 'filter', family: 'enamel-wash' }] },
  ],
  'uneven-cover': [
    {
      say: 'A ground coat, then the colour again',
      steps: [
        { like: COLOUR, but: { colour: '#B9B4A8', coats: ['light', 'light'] } },
        { like: COLOUR },
      ],
    },
  ],
  'primer-texture': [
    {
      say: 'Sand it with 1500 or finer',
      steps: [sand(1500), { like: PRIMER, but: { coats: ['light', 'wet'] } }],
    },
  ],
  'closed-lines': [
    {
      say: 'Scribe them again',
      steps: [{ do: 'scribe' }, { do: 'prime', over: 'patch', coats: ['mist'] }, AGAIN],
    },
  ],
}
