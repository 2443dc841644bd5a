import type { Finding, RuleName } from '../stack/rules/finding'
import { effectsOn } from '../stack/state/solventEffects'
import type { StepContext } from '../stack/state/stepContext'
import { noiseOver, seedOf } from '../surface/noise'
import { type ActContext, reachOf } from './actContext'
import { type PanelAccident, type PanelFilm, type PanelState, thinned, withFilms } from './films'

type Kind = PanelAccident['kind']

/** What a stop of a rule looks like. Source: contracts, panel request. */
const SEEN_AS: Partial<Record<RuleName, (context: StepContext) => Kind>> = {
  'solvent-attacks-film': bySolvent,
  'seal-first': bySolvent,
  'lock-first': bySolvent,
  'solvent-attacks-substrate': () => 'crazed',
  'hard-over-soft': () => 'lifted',
  'recoat-window-missed': () => 'lifted',
  'decal-needs-gloss': () => 'silvered',
  'wear-through': () => 'wiped',
}

/** A clean-up goes through its film; a coat dissolves what is under it, or lifts it. */
function bySolvent(context: StepContext): Kind {
  const kind = context.resolved.row.kind
  if (kind === 'clean' || kind === 'prep') return 'wiped'
  return effectsOn(context).some(({ effect }) => effect === 'd') ? 'dissolved' : 'lifted'
}

/** The accident that a step's stops come to; null: nothing is seen of them. */
export function accidentOf(findings: readonly Finding[], context: StepContext): Kind | null {
  for (const { rule, severity } of findings) {
    const seen = severity === 'stop' ? SEEN_AS[rule] : undefined
    if (seen) return seen(context)
  }
  return null
}

const WRINKLE_MM = 0.5
const CRACK_MM = 1.6
const VEIL_MM = 1.2

/** Where a step reaches: what it laid, or everything that it may touch. */
function touched(context: ActContext, after: PanelState): (i: number) => number {
  const reach = reachOf(context)
  const own = after.films.filter(({ step }) => step === context.index)
  const patchy = own.length > 0 && !own.some(({ whole }) => whole)
  return (i) => (patchy && !own.some(({ x }) => (x[i] as number) > 0) ? 0 : reach(i))
}

/** How each kind shows: what of a sample it takes, 0 to 1, by noise, and what is left of the films there. */
type Showing = {
  mm: number
  /** Share of a sample that shows it. */
  shows: (noise: number) => number
  /** What is left of the step's own film and of the ones under it, where it shows. */
  own: number
  under: number
  /** A veil in this colour, X. */
  veil?: { colour: string; thick: number }
}

const SHOWN: Record<Kind, Showing> = {
  lifted: { mm: WRINKLE_MM, shows: (n) => (n > 0.15 ? 1 : 0), own: 0.35, under: 0.6 },
  dissolved: { mm: 3, shows: (n) => (n > -0.2 ? 1 : 0), own: 0.6, under: 0.55 },
  crazed: {
    mm: CRACK_MM,
    shows: (n) => (Math.abs(n) < 0.05 ? 1 : 0),
    own: 0.3,
    under: 0.3,
    veil: { colour: '#E9E8E4', thick: 2 },
  },
  silvered: {
    mm: VEIL_MM,
    shows: (n) => (n > 0 ? 1 : 0),
    own: 1,
    under: 1,
    veil: { colour: '#F1F0EA', thick: 0.4 },
  },
  wiped: { mm: 4, shows: (n) => (n > -0.1 ? 1 : 0), own: 0.3, under: 0.1 },
}

/** The state with an accident shown as what it is, where it is. Source: handbook 10.3, last row. */
export function withAccident(context: ActContext, after: PanelState, kind: Kind): PanelState {
  const { samples, index, seed } = context
  const { mm, shows, own, under, veil } = SHOWN[kind]
  const noise = noiseOver(samples, seedOf(seed, index, kind), mm)
  const at = touched(context, after)
  const over = Uint8Array.from(noise, (one, i) => Math.round(255 * shows(one) * at(i)))
  const newest = after.films.findLast(({ step, ink, whole }) => step < index && ink && whole)
  const left = (share: number) => (i: number) => 1 - ((1 - share) * (over[i] as number)) / 255
  const changed = withFilms(after, (film) => {
    const mine = film.step === index
    if (mine ? own < 1 : under < 1 && film === newest)
      return thinned(film, left(mine ? own : under))
    return film
  })
  const films = [...changed.films]
  if (veil) {
    const x = Float32Array.from(over, (one) => (veil.thick * one) / 255)
    films.push({ ...blank(index, x), ink: { colour: veil.colour } })
  }
  // What is dissolved mixes with what was laid on it.
  if (kind === 'dissolved' && newest) {
    const x = newest.x.map((one, i) => (0.5 * one * (over[i] as number)) / 255)
    films.push({ ...blank(index, x), ink: newest.ink })
  }
  return { ...changed, films, accidents: [...after.accidents, { step: index, kind, over }] }
}

function blank(step: number, x: Float32Array): PanelFilm {
  return {
    step,
    act: 'base',
    role: null,
    ink: null,
    x,
    cover: null,
    kind: 'coat',
    whole: false,
    stains: false,
  }
}
