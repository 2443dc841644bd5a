// A right file for every reader: what is changed is made of these.
import { strToU8, zipSync } from 'fflate'
import { convert, type Target } from '../../src/core/formats/convert/convert'
import type { Project } from '../../src/core/model/project'
import { demoProject } from '../../src/demo/demo'

export const NOW = Date.parse('2026-03-17T18:25:00Z')

/** A right request for every command that reads JSON, small enough to be answered thousands of times. */
export function requests(sequence: object): Record<string, object[]> {
  const bottle = { name: 'Sand', masstone: '#C9B48A', hiding: 2, strength: 1 }
  const dark = { name: 'Rust', masstone: '#7A4527', hiding: 1, strength: 1.4 }
  const panel = { layout: 'hull', widthMm: 12, heightMm: 8, pxPerMm: 4, seed: 7 }
  const facts = [{ step: 1, celsius: 19, humidity: 81 }]
  return {
    check: [sequence],
    explain: [
      of('explain', {
        on: { family: 'lacquer', role: 'primer' },
        put: { family: 'enamel-wash', act: 'line', coats: ['light'] },
        ...{ substrate: 'polystyrene', climate: AIR },
      }),
    ],
    dry: [
      of('dry', {
        film: { family: 'enamel', role: 'colour', tool: 'airbrush', coats: ['light', 'wet'] },
        climate: AIR,
      }),
      of('dry', {
        film: { family: 'lacquer', role: 'primer', coats: ['mist'] },
        climate: [
          { at: '2026-03-17T17:00:00Z', ...AIR },
          { at: '2026-03-17T19:00:00Z', celsius: 14, humidity: 70, air: 'fan' },
        ],
        ...{ laidAt: '2026-03-17T17:30:00Z', now: '2026-03-17T20:00:00Z' },
      }),
    ],
    mix: [
      of('mix', {
        ingredients: [
          { name: 'paint', parts: 2, share: 0.8, dropsPerMl: 28 },
          { name: 'thinner', parts: 1, dropsPerMl: 36 },
        ],
        ...{ volumeMl: 6, cupMl: 2, round: 'drops' },
      }),
      of('mix', {
        ingredients: [{ name: 'paint', parts: 2 }],
        ...{ area: 200, tool: 'airbrush', coats: ['light', 'wet'], open: true },
      }),
    ],
    cover: [of('cover', { paint: bottle, over: ['#FFFFFF', '#111111'], coats: 6, share: 1 })],
    match: [
      of('match', { target: '#7C6A54', bottles: [bottle, dark], maxBottles: 2, maxDrops: 6 }),
    ],
    blend: [of('blend', { bottles: [bottle, dark], recipes: [[3, 1]] })],
    zones: [
      of('shape', {
        standIn: { kind: 'box-hull', lengthMm: 120, widthMm: 60, heightMm: 40, complexity: 1.3 },
      }),
      of('shape', { standIn: { kind: 'cone', diameterMm: 20, lengthMm: 30 } }),
    ],
    masks: [
      of('masks', {
        base: '#8C8C8C',
        colours: [
          { id: 'white', masstone: '#F1F0EA', hiding: 4 },
          { id: 'black', masstone: '#111111', hiding: 1 },
        ],
        zones: [
          { id: 'body', colour: 'white', areaCm2: 140 },
          { id: 'roof', colour: 'black', areaCm2: 30 },
        ],
        edges: [{ a: 'body', b: 'roof', mm: 210 }],
      }),
    ],
    wear: [
      of('wear', {
        ...{ scale: 72, seed: 7, school: { wear: 'restrained' }, contrast: { chips: 22 } },
        zones: [
          {
            ...{ id: 'nose', areaCm2: 20, facing: 'front', height: 0.4, edgeShare: 0.3 },
            ...{ wear: ['leading'], iron: true },
          },
        ],
        story: [{ event: 'gravel-road', zone: 'nose', strength: 0.8 }],
      }),
    ],
    panel: [of('panel', { sequence, panel, upTo: 6, show: 'flat' })],
    diagnose: [
      of('diagnose', {
        symptom: 'white-frost',
        sequence,
        facts,
        answers: { 'can-was-cold': true },
      }),
    ],
  }
}

const AIR = { celsius: 18, humidity: 60 }

function of(format: string, fields: object): object {
  return { format: `tectoria-${format}`, version: 1, ...fields }
}

/** The demo with one build: everything a project can hold, and quick to judge. */
export function smallProject(): Project {
  const { builds = [], ...rest } = demoProject(NOW, 'Europe/Lisbon')
  return { ...rest, builds: builds.slice(0, 1) }
}

const SHAPE = `solid a
facet normal 0 0 1
outer loop
vertex 0 0 0
vertex 10 0 0
vertex 0 10 0
endloop
endfacet
endsolid a
`

const OBJ = 'v 0 0 0\nv 10 0 0\nv 0 10 0\nv 0 0 10\nf 1 3 2\nf 1 2 4\nf 2 3 4\nf 1 4 3\n'

/** A binary STL of one triangle. */
function binaryStl(): Uint8Array {
  const bytes = new Uint8Array(84 + 50)
  const view = new DataView(bytes.buffer)
  view.setUint32(80, 1, true)
  ;[0, 0, 1, 0, 0, 0, 10, 0, 0, 0, 10, 0].forEach((value, i) => {
    view.setFloat32(84 + 4 * i, value, true)
  })
  return bytes
}

/** Right files that aren't JSON, by name: what is written of a project, and what is only read. */
export function files(project: Project): Record<string, Uint8Array> {
  const json = strToU8(JSON.stringify(project))
  const written = (to: Target): Uint8Array => {
    const made = convert(
      { name: 'bench.json', bytes: json, newId: () => 'new' },
      { to, now: NOW, options: { steps: 1 }, zoneRules: () => null },
    )
    if (!made.ok) throw new Error(`${to}: ${JSON.stringify(made.problems)}`)
    return typeof made.value === 'string' ? strToU8(made.value) : made.value
  }
  return {
    'bench.json': json,
    'bench.zip': zipSync({ 'project.json': json, 'photos/a': strToU8('no picture') }),
    ...{ 'shelf.csv': written('csv'), 'colours.gpl': written('gpl') },
    ...{ 'plan.txt': written('txt'), 'label.svg': written('svg') },
    ...{ 'part.stl': strToU8(SHAPE), 'binary.stl': binaryStl(), 'part.obj': strToU8(OBJ) },
  }
}
