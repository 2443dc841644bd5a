import type { Differs } from '@/core/builds'
import { WAY_WORDS } from '@/core/knowledge/words/ways'
import type { BuildStep } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { Layout, Show } from '@/core/model/panelFormat'
import type { Step } from '@/core/model/sequence'
import type { PanelFigure } from '@/core/panel/measures/figures'
import { measured, number } from '@/ui/units'
import { capital, plain, stepName } from '../shared/words'

/** A step by its name; a wait too. */
export function namedStep(step: Step | BuildStep | undefined): string {
  if (!step) return 'bare plastic'
  return isAct(step as Step) ? stepName(step as never).toLowerCase() : 'a wait'
}

export const LAYOUT_WORDS: Record<Layout, string> = {
  hull: 'Hull plates',
  armour: 'Armour and bolts',
  fender: 'A curved body',
  figure: 'Cloth and leather',
  engine: 'Bell and pipes',
}

export const SHOW_WORDS: Record<Show, string> = {
  lit: 'In light',
  flat: 'Colours alone',
  sheen: 'Sheen',
  thickness: 'Thickness',
  accident: 'What goes wrong',
}

const percent = (share: number) => `${number(share * 100, share < 0.1 ? 1 : 0)} %`
const real = (mm: number) => measured(mm, 'mm', mm < 10 ? 1 : 0)

/** A figure: what it is called, and how its value is said. */
export const FIGURE_WORDS: Record<PanelFigure, { say: string; of: (value: number) => string }> = {
  lightness: { say: 'Lightness', of: (value) => `L* ${number(value, 0)}` },
  lineContrast: { say: 'Lines against the face', of: (value) => `ΔE ${number(value, 0)}` },
  faceStained: { say: 'Face stained', of: percent },
  chipped: { say: 'Chipped', of: percent },
  chipMm: { say: 'A chip, on the real thing', of: real },
  chipCores: { say: 'Chips with a core', of: percent },
  streaks: { say: 'Streaks', of: (value) => number(value, 0) },
  streakMm: { say: 'A streak, on the real thing', of: real },
  dustBelow: { say: 'Dustier below by', of: (value) => `${number(value * 5, 1)} µm` },
  faceUm: { say: 'Paint on faces', of: (value) => `${number(value, 0)} µm` },
  edgeUm: { say: 'Paint over edges', of: (value) => `${number(value, 0)} µm` },
  lineUm: { say: 'Paint in lines', of: (value) => `${number(value, 0)} µm` },
  sheen: { say: 'Sheen', of: (value) => `${number(value, 0)} gloss units` },
}

/** Fields that are shares, and those in mm or degrees. */
const SHARES = new Set(['amount', 'thinning'])
const UNITS: Record<string, string> = { direction: '°', wipe: '°', markMm: ' mm', grit: '' }

/** What a field of a step is called on the panel. */
export const KNOB_WORDS: Record<string, string> = {
  amount: 'how much',
  markMm: 'mark',
  direction: 'direction',
  thinning: 'thinner',
  sheen: 'sheen',
  tool: 'done with',
  wipe: 'wiped along',
  colour: 'colour',
  coats: 'coats',
  family: 'family',
}

/** A value of a field in words. */
export function valueSaid(field: string, value: unknown): string {
  if (value === null || value === undefined) return 'as usual'
  if (SHARES.has(field) && typeof value === 'number') return percent(value)
  if (typeof value === 'number') return `${number(value, 2)}${UNITS[field] ?? ''}`
  if (Array.isArray(value)) return value.join(', ')
  if (typeof value !== 'string') return 'changed'
  const way = WAY_WORDS.find(({ says }) => Object.entries(says)[0]?.[1] === value)
  return way?.words[0] ?? (value.startsWith('#') ? value : plain(value).toLowerCase())
}

/** What a variant does otherwise, in a few words. */
export function differsSaid(differs: Differs): string {
  const name = capital(namedStep(differs.step))
  switch (differs.kind) {
    case 'left-out':
      return `Without ${name.toLowerCase()}`
    case 'added':
      return `With ${name.toLowerCase()}`
    case 'moved':
      return `${name}: elsewhere in the order`
    case 'changed': {
      const field = KNOB_WORDS[differs.field] ?? differs.field
      return `${name}: ${field} ${valueSaid(differs.field, differs.to)}, not ${valueSaid(differs.field, differs.from)}`
    }
  }
}
