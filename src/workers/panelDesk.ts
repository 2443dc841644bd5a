import { onPainted } from '@/core/builds/techniqueNumbers'
import type { Panel } from '@/core/model/panel'
import { type Show, USUAL_SCALE } from '@/core/model/panelFormat'
import type { Sequence } from '@/core/model/sequence'
import { changedBetween } from '@/core/panel/changed'
import { type Inside, insideOf, type Lights, lightsOf } from '@/core/panel/compose'
import type { PanelState } from '@/core/panel/films'
import { type GoneOn, goneOn } from '@/core/panel/goneOn'
import { type KeptPanel, laidPanel } from '@/core/panel/keptPanel'
import { wrongMarks } from '@/core/panel/markSizes'
import { figuresOf, movedBy, usualOf } from '@/core/panel/measures/figures'
import { measuresOf, type PanelMeasures } from '@/core/panel/measures/measures'
import { panelSurface } from '@/core/panel/panelSurface'
import { type PartSurface, partSurface } from '@/core/panel/partSurface'
import { pictureOf } from '@/core/panel/picture'
import { type PanelPlan, panelPlan } from '@/core/panel/runPanel'
import { seenFrom } from '@/core/panel/seenFrom'
import { touchedBy } from '@/core/panel/touched'
import { findingsOfSimulation } from '@/core/stack/findings'
import { PRIMER } from '@/core/stack/state/filmColours'
import type { Samples } from '@/core/surface/samples'
import type { PanelFigures, PanelWorker, PartAsked, PartSeen } from './panelMessages'

/** So many panels of one surface are gone on with: what is tried, and what it is compared with; and so many in all. */
const KEPT = { alike: 2, all: 5 } as const

/** What was seen of it last, and of which state. */
type Seen = { state: PanelState; lights: Lights; show: Show; rgb: Uint8Array }

type Laid = { panel: KeptPanel; inside: GoneOn | undefined; seen: Seen | undefined }

/** What the worker of the panel reckons, without the worker: what was laid lately is gone on with. */
export function panelDesk(): PanelWorker {
  let kept: Laid[] = []
  const lay = (sequence: Sequence, settings: Panel, px: number): Laid => {
    const run = panelSurface({ ...settings, pxPerMm: px }, sequence.scale)
    const panel = laidPanel(panelPlan(sequence), run, ...kept.map((one) => one.panel))
    const same = kept.find((one) => sameStates(one.panel, panel))
    // What lies on the same surface may be gone on with, by one of them alone: its bands are written over.
    const before = same ?? kept.findLast((one) => one.panel.run.samples === run.samples)
    const laid: Laid = {
      panel,
      inside: before?.inside,
      seen: before?.panel.run.seed === run.seed ? before.seen : undefined,
    }
    if (before) before.inside = undefined
    const others = kept.filter((one) => one !== same)
    const alike = others.filter((one) => one.panel.run.samples === run.samples)
    const gone = new Set(alike.slice(KEPT.alike - 1))
    kept = [laid, ...others.filter((one) => !gone.has(one))].slice(0, KEPT.all)
    return laid
  }
  const lightsAt = (laid: Laid, at: number) => {
    const { run, states } = laid.panel
    const state = states[Math.min(at, states.length - 1)] as PanelState
    const { seen } = laid
    const changed = seen ? changedBetween(seen.state, state) : null
    // Measured is what was looked at a moment ago.
    if (seen?.state === state) return { state, changed, lights: seen.lights }
    // What was looked at last may be of another state than what was measured since.
    const same = seen !== undefined && laid.inside?.inside.films === seen.state.films
    const only = same ? (changed ?? undefined) : undefined
    laid.inside = goneOn(state.films, run.samples.count, PRIMER, laid.inside, only)
    const again = seen && changed ? { lights: seen.lights, changed } : undefined
    return { state, changed, lights: lightsOf(laid.inside.inside, state, again) }
  }
  return {
    look: ({ sequence, panel: settings, at, show, px, away, lit }) => {
      const laid = lay(sequence, settings, px)
      const { samples, seed } = laid.panel.run
      const { state, changed, lights } = lightsAt(laid, at)
      const { seen } = laid
      const again = seen?.show === show && changed ? { ...seen, changed } : undefined
      const rgb = pictureOf(samples, state, lights, show, seed, again)
      laid.seen = { state, lights, show, rgb }
      const grid = samples.grid as NonNullable<typeof samples.grid>
      const before = laid.panel.states[at - 1]
      return {
        width: grid.width,
        height: grid.height,
        pixels: withAlpha(away > 0 ? seenFrom(rgb, grid, away) : rgb),
        touched: lit && before ? (touchedBy(before, state) as Uint8Array<ArrayBuffer>) : null,
      }
    },
    figures: ({ sequence, panel: settings, at, px, away }) => {
      const laid = lay(sequence, settings, px)
      const { samples, scale } = laid.panel.run
      const { state, lights } = lightsAt(laid, at)
      const { plan } = laid.panel
      return figuresAt({ samples, state, lights, scale }, { plan, at, away })
    },
    moved: ({ sequence, panel: settings, at, px }) => {
      const { run, states } = lay(sequence, settings, px).panel
      let inside: Inside | undefined
      const rows: PanelMeasures[] = []
      let last: PanelState | null = null
      for (const state of states.slice(0, at + 1)) {
        if (state === last) {
          rows.push(rows.at(-1) as PanelMeasures)
          continue
        }
        inside = insideOf(state.films, run.samples.count, PRIMER, inside)
        const lights = lightsOf(inside, state)
        rows.push(measuresOf(run.samples, state, lights, { ground: PRIMER, scale: run.scale }))
        last = state
      }
      return movedBy(rows)
    },
    part: partDesk(),
    onPainted: (technique) => {
      const { before, after } = onPainted(technique)
      return { before, after }
    },
  }
}

/** What lies on a surface, in figures. */
function figuresAt(
  {
    samples,
    state,
    lights,
    scale,
  }: { samples: Samples; state: PanelState; lights: Lights; scale: number },
  { plan, at, away }: { plan: PanelPlan; at: number; away: number },
): PanelFigures {
  const { sequence, simulation } = plan
  const measures = measuresOf(samples, state, lights, { ground: PRIMER, scale })
  return {
    measures,
    findings: findingsOfSimulation(simulation).flatMap((finding) => {
      const { step, rule, severity, because, follows } = finding
      return severity === 'note' || follows || step >= at ? [] : [{ step, rule, severity, because }]
    }),
    figures: figuresOf(measures),
    usual: usualOf(measures, state, samples, scale, sequence.school),
    wrong: wrongMarks(sequence.steps.slice(0, at), scale, away),
  }
}

function sameStates(a: KeptPanel, b: KeptPanel): boolean {
  return a.states.length === b.states.length && a.states.every((state, i) => state === b.states[i])
}

type Painted = {
  surface: PartSurface
  zones: ReadonlyMap<string, number>
  panel?: KeptPanel
}

/** Paints parts: the surface of the last one is kept, and what lies on it. */
function partDesk(): (asked: PartAsked) => PartSeen {
  let kept: (Painted & { key: string }) | null = null
  return ({ name, drawn, standIn, sequence, seed, at, away, most }) => {
    const key = `${name} ${most}`
    if (kept?.key !== key) {
      if (!drawn) throw new RangeError(`part: no shape called "${name}" is known`)
      kept = {
        key,
        surface: partSurface(drawn, standIn ?? undefined, most),
        zones: new Map(drawn.zones.map((zone, place) => [zone, place])),
      }
    }
    const { surface, zones, panel: before } = kept
    const { samples, corners } = surface
    const run = { samples, seed, scale: sequence.scale ?? USUAL_SCALE, zones }
    const panel = laidPanel(panelPlan(sequence), run, ...(before ? [before] : []))
    kept.panel = panel
    const state = panel.states[Math.min(at, panel.states.length - 1)] as PanelState
    const lights = lightsOf(insideOf(state.films, samples.count, PRIMER), state)
    const points = new Float32Array(samples.count * 3)
    const normals = new Float32Array(samples.count * 3)
    for (let i = 0; i < samples.count; i++) {
      points.set([samples.x[i] as number, samples.y[i] as number, samples.z[i] as number], i * 3)
      normals.set(
        [samples.nx[i] as number, samples.ny[i] as number, samples.nz[i] as number],
        i * 3,
      )
    }
    return {
      points,
      normals,
      corners: corners.slice(),
      colours: lights,
      gloss: state.gloss.slice(),
      figures: figuresAt(
        { samples, state, lights, scale: run.scale },
        { plan: panel.plan, at, away },
      ),
    }
  }
}

function withAlpha(rgb: Uint8Array): Uint8ClampedArray<ArrayBuffer> {
  const out = new Uint8ClampedArray((rgb.length / 3) * 4)
  for (let i = 0, to = 0; i < rgb.length; i += 3, to += 4) {
    out[to] = rgb[i] as number
    out[to + 1] = rgb[i + 1] as number
    out[to + 2] = rgb[i + 2] as number
    out[to + 3] = 255
  }
  return out
}
