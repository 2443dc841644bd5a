import { labsOfLights } from '../../colour/manyLabs'
import { deltaE00, type Lab, labOfLight } from '../../colour/spectrum'
import { ranked } from '../../surface/ranked'
import { isFace, type Samples, samplesThat } from '../../surface/samples'
import { spread } from '../../surface/spread'
import { insideOf, type Lights, lightsOf } from '../compose'
import { micronsAt, type PanelState, unmasked } from '../films'
import { type ChipMeasures, chipMeasures } from './chipMeasures'
import { type StreakMeasures, streakMeasures } from './streakMeasures'

type Triple = [l: number, a: number, b: number]

/** What a panel comes to. A field that can't be said is null. Source: handbook 10.4; contracts, panel answer. */
export type PanelMeasures = {
  mean: Triple
  face: Triple | null
  lines: Triple | null
  lineContrast: number | null
  faceStained: number
  lineFill: number | null
  opened: number
  chips: ChipMeasures
  streaks: StreakMeasures | null
  dust: { top: number; bottom: number; up: number | null; down: number | null }
  film: { face: number | null; edge: number | null; line: number | null }
  sheen: number | null
  masked: number
  accidents: { step: number; kind: string; share: number }[]
}

/** The CIELAB of the mean linear light of a whole flat picture. */
export function meanLab({ area }: Samples, lights: Lights): Lab {
  let [r, g, b, whole] = [0, 0, 0, 0]
  for (let i = 0; i < area.length; i++) {
    const own = area[i] as number
    r += own * (lights[i * 3] as number)
    g += own * (lights[i * 3 + 1] as number)
    b += own * (lights[i * 3 + 2] as number)
    whole += own
  }
  return labOfLight([r / whole, g / whole, b / whole])
}

/** The middle of what a field comes to over some samples; null over none. */
export function medianOf(of: readonly number[], value: (i: number) => number): number | null {
  if (of.length === 0) return null
  const values = new Float32Array(of.length)
  for (let k = 0; k < of.length; k++) values[k] = value(of[k] as number)
  return ranked(values, values.length >> 1)
}

function medianLab(of: readonly number[], labs: Float32Array): Triple | null {
  const channel = (c: number) => medianOf(of, (i) => labs[i * 3 + c] as number)
  const l = channel(0)
  return l === null ? null : [l, channel(1) as number, channel(2) as number]
}

/** Three numbers as a colour. */
export const labOfTriple = ([l, a, b]: Triple): Lab => ({ l, a, b })

/** Samples of a surface that measures speak of: faces, lines, what of the faces lies within 1 mm of lines, and edges. */
type Places = { faces: number[]; lines: number[]; beside: number[]; edges: number[] }

/** Faces so near to a line are what it is compared with, mm. Source: handbook 10.4. */
const BESIDE = 1

const known = new WeakMap<Samples, Places>()

function placesOf(samples: Samples): Places {
  const before = known.get(samples)
  if (before) return before
  const faces = samplesThat(samples, (i) => isFace(samples, i))
  const deep = samples.lineDepth / 2
  const lines = deep > 0 ? samplesThat(samples, (i) => (samples.recess[i] as number) >= deep) : []
  const { distance } = spread(samples, lines, BESIDE)
  const beside = faces.filter((i) => (distance[i] as number) <= BESIDE)
  const edges = samplesThat(samples, (i) => (samples.edge[i] as number) > 0.5)
  const places = { faces, lines, beside, edges }
  known.set(samples, places)
  return places
}

/** A change of colour that is seen as a stain, ΔE00. Source: handbook 10.4. */
const STAINED = 2

/** Share of faces that would differ without lines and washes. */
function stained(samples: Samples, state: PanelState, labs: Float32Array, ground: string): number {
  const { faces } = placesOf(samples)
  const washes = state.films.filter(({ stains }) => stains)
  if (washes.length === 0 || faces.length === 0) return 0
  const without = { ...state, films: state.films.filter(({ stains }) => !stains) }
  const clean = labsOfLights(lightsOf(insideOf(without.films, samples.count, ground), without))
  const at = (from: Float32Array, i: number): Lab => ({
    l: from[i * 3] as number,
    a: from[i * 3 + 1] as number,
    b: from[i * 3 + 2] as number,
  })
  let count = 0
  for (const i of faces) {
    if (!washes.some(({ x }) => (x[i] as number) > 0)) continue
    if (deltaE00(at(labs, i), at(clean, i)) > STAINED) count++
  }
  return count / faces.length
}

/** Mean X of what is dusty, over some samples; null over none. */
function dustOver(samples: Samples, state: PanelState, of: (i: number) => boolean): number | null {
  const dusty = state.films.filter(({ kind }) => kind === 'dust')
  let [sum, count] = [0, 0]
  for (let i = 0; i < samples.count; i++) {
    if (!of(i)) continue
    count++
    for (const { x } of dusty) sum += x[i] as number
  }
  return count === 0 ? null : sum / count
}

function share(samples: Samples, of: (i: number) => number): number {
  let [sum, whole] = [0, 0]
  for (let i = 0; i < samples.count; i++) {
    sum += (samples.area[i] as number) * of(i)
    whole += samples.area[i] as number
  }
  return sum / whole
}

/** Levels between which the highest and the lowest quarter begin. */
const QUARTERS = [0.75, 0.25] as const
const LOOKS_UP = 0.3

/**
 * All measures of a state, over its flat colours.
 *
 * @param ground #RRGGBB of the bare surface
 * Source: handbook 10.4.
 */
export function measuresOf(
  samples: Samples,
  state: PanelState,
  lights: Lights,
  { ground, scale }: { ground: string; scale: number },
): PanelMeasures {
  const labs = labsOfLights(lights)
  const { faces, lines, beside, edges } = placesOf(samples)
  const mean = meanLab(samples, lights)
  const [lined, near] = [medianLab(lines, labs), medianLab(beside, labs)]
  const { level, up } = samples
  const washes = state.films.filter(({ stains }) => stains)
  const filled = lines.reduce(
    (sum, i) => sum + washes.reduce((own, { x }) => own + (x[i] as number), 0),
    0,
  )
  const um = (of: readonly number[]) => medianOf(of, (i) => micronsAt(state, i))
  return {
    mean: [mean.l, mean.a, mean.b],
    face: medianLab(faces, labs),
    lines: lined,
    lineContrast: lined && near && deltaE00(labOfTriple(lined), labOfTriple(near)),
    faceStained: stained(samples, state, labs, ground),
    lineFill: lines.length > 0 ? filled / lines.length : null,
    opened: share(samples, (i) => ((state.opened[i] as number) > 127 ? 1 : 0)),
    chips: chipMeasures(samples, state, scale),
    streaks: streakMeasures(state, scale),
    dust: {
      top: dustOver(samples, state, (i) => (level[i] as number) > QUARTERS[0]) ?? 0,
      bottom: dustOver(samples, state, (i) => (level[i] as number) < QUARTERS[1]) ?? 0,
      up: dustOver(samples, state, (i) => (up[i] as number) > LOOKS_UP),
      down: dustOver(samples, state, (i) => (up[i] as number) < -LOOKS_UP),
    },
    film: { face: um(faces), edge: um(edges), line: um(lines) },
    sheen:
      faces.length > 0
        ? faces.reduce((sum, i) => sum + (state.gloss[i] as number), 0) / faces.length
        : null,
    masked: share(samples, (i) => 1 - unmasked(state, i)),
    accidents: state.accidents.map(({ step, kind, over }) => ({
      step,
      kind,
      share: share(samples, (i) => (over[i] as number) / 255),
    })),
  }
}
