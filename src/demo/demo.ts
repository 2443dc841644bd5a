import { DateTime } from 'luxon'
import { ACT_MINUTES } from '@/core/knowledge'
import type { Build } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { Mesh } from '@/core/model/mesh'
import type { Project } from '@/core/model/project'
import type { Sessions } from '@/core/model/sessions'
import type { Zone } from '@/core/model/zone'
import builds from './builds.json'
import hound from './hound.json'
import { DEMO_BRIEF, dampEvening, demoAccidents, demoPictures, demoTests } from './remembered'
import { DEMO_TOOLS, demoShelf } from './shelf'

/** The four builds, in the open project format. */
const DEMO_BUILDS = (builds as Build[]).map((build) =>
  build.id === 'lantern-wardens'
    ? { ...build, zones: [...(build.zones ?? []), ...(hound.zones as Zone[])] }
    : build,
)

/** What the hound is drawn by: made by scripts/demoHound.ts. */
const HOUND = hound.mesh as Mesh

function named(id: string): Build {
  const build = DEMO_BUILDS.find((build) => build.id === id)
  if (!build) throw new RangeError(`demo: no build "${id}"`)
  return build
}

const GANNET = named('gannets-lament')
const PLOUGHMAN = named('ploughman-6')
const WARDENS = named('lantern-wardens')
const CORRIEBRECK = named('corriebreck-1100')

const MINUTE = 60_000
const HOUR = 60
const DAY = 24 * HOUR

/** A step done in the past: minutes before now at which it began, and how many minutes lay between its coats' ends. */
type Past = { build: Build; part: string; step: string; ago: number }

/** What was done, oldest first. The newest ones make the states the demo opens on. */
const PAST: readonly Past[] = [
  { build: GANNET, part: 'bells', step: 'degrease', ago: 10 * DAY },
  { build: GANNET, part: 'hull-port', step: 'prime', ago: 9 * DAY },
  { build: GANNET, part: 'hull-starboard', step: 'prime', ago: 9 * DAY - 45 },
  { build: WARDENS, part: 'wardens', step: 'wash', ago: 8 * DAY },
  { build: WARDENS, part: 'hound', step: 'wash', ago: 8 * DAY - 20 },
  { build: GANNET, part: 'hull-port', step: 'teal', ago: 7 * DAY },
  { build: GANNET, part: 'hull-starboard', step: 'teal', ago: 7 * DAY - 30 },
  { build: GANNET, part: 'bells', step: 'prime', ago: 7 * DAY - 90 },
  { build: GANNET, part: 'hull-port', step: 'mask-teal', ago: 5 * DAY },
  { build: GANNET, part: 'hull-port', step: 'bone', ago: 5 * DAY - 30 },
  { build: GANNET, part: 'hull-port', step: 'unmask', ago: 5 * DAY - 85 },
  { build: CORRIEBRECK, part: 'body', step: 'prime', ago: 4 * DAY },
  { build: GANNET, part: 'hull-port', step: 'bands', ago: 4 * DAY - 60 },
  { build: GANNET, part: 'hull-port', step: 'gloss', ago: 3 * DAY },
  { build: PLOUGHMAN, part: 'frame', step: 'prime', ago: 3 * DAY - 60 },
  { build: PLOUGHMAN, part: 'armour', step: 'prime', ago: 3 * DAY - 120 },
  { build: GANNET, part: 'hull-port', step: 'decals', ago: 2 * DAY },
  // The lining can be cleaned until 24 h after it was laid: 52 minutes are left.
  { build: GANNET, part: 'hull-port', step: 'line', ago: DAY - 52 + 20 },
  // Three coats of moss bear tape 12 h · 1.3 after the last: overnight.
  { build: PLOUGHMAN, part: 'armour', step: 'moss', ago: 6 * HOUR },
  { build: GANNET, part: 'hull-starboard', step: 'mask-teal', ago: 50 },
]

function actsOf(past: Past, now: number): LoggedAct[] {
  const { build, part, step } = past
  const meant = build.steps.find((otherStep) => otherStep.id === step)
  if (!meant || !isAct(meant)) throw new RangeError(`demo: no act "${step}" in "${build.id}"`)
  const coats = meant.coats?.length ?? 0
  const minutes = meant.minutes ?? ACT_MINUTES
  const every = minutes + 11
  const at = (ago: number) => new Date(now - ago * MINUTE).toISOString()
  const base = { build: build.id, part, step }
  const id = (what: string) => `demo.${build.id}.${part}.${step}.${what}`
  const started: LoggedAct = { ...base, id: id('started'), at: at(past.ago), kind: 'started' }
  const laid = Array.from({ length: coats }, (_, i): LoggedAct => {
    const ago = past.ago - minutes - i * every
    return { ...base, id: id(`coat-${i + 1}`), at: at(ago), kind: 'coat-done', coat: i + 1 }
  })
  const end = past.ago - minutes - Math.max(0, coats - 1) * every
  return [started, ...laid, { ...base, id: id('finished'), at: at(end), kind: 'finished' }]
}

/** The starboard hull has the first of three coats of bone, six minutes ago: the next is due in four. */
function runningCoat(now: number): LoggedAct[] {
  const base = { build: GANNET.id, part: 'hull-starboard', step: 'bone' }
  const at = (ago: number) => new Date(now - ago * MINUTE).toISOString()
  return [
    { ...base, id: 'demo.running.started', at: at(11), kind: 'started' },
    { ...base, id: 'demo.running.coat-1', at: at(6), kind: 'coat-done', coat: 1 },
  ]
}

function remarks(now: number): LoggedAct[] {
  const at = (ago: number) => new Date(now - ago * MINUTE).toISOString()
  return [
    {
      id: 'demo.note.bone',
      at: at(5 * DAY - 60),
      kind: 'noted',
      build: GANNET.id,
      part: 'hull-port',
      step: 'bone',
      text: 'Bone covers the teal in three; the second coat still showed the band edge.',
    },
    {
      id: 'demo.observed.teal',
      at: at(7 * DAY - 39),
      kind: 'observed',
      build: GANNET.id,
      part: 'hull-port',
      step: 'teal',
      milestone: 'touch',
      seen: 'not-yet',
    },
    { id: 'demo.mixed.bone', at: at(15), kind: 'mixed', build: GANNET.id, mix: 'bone-spray' },
  ]
}

/** Tue and Thu 19:00–21:30, Sat 10:00–16:00, no compressor after 21:00; and one today, so that a session lies ahead. */
function demoSessions(now: number, zone: string): Sessions {
  const local = DateTime.fromMillis(now, { zone })
  const from = local.plus({ minutes: 25 - (local.minute % 5) })
  const endOfDay = local.endOf('day').startOf('minute')
  const to = DateTime.min(from.plus({ minutes: 150 }), endOfDay)
  const pattern: Sessions['pattern'] = [
    { day: 'tue', from: '19:00', to: '21:30' },
    { day: 'thu', from: '19:00', to: '21:30' },
    { day: 'sat', from: '10:00', to: '16:00' },
  ]
  const own = pattern.find(
    (one) => one.day === local.toFormat('ccc', { locale: 'en' }).toLowerCase(),
  )
  const ahead = own !== undefined && own.from > local.toFormat('HH:mm')
  const extra =
    ahead || from.day !== local.day || to <= from
      ? []
      : [{ date: local.toISODate() ?? '', from: from.toFormat('HH:mm'), to: to.toFormat('HH:mm') }]
  return {
    zone,
    pattern,
    exceptions: extra,
    quiet: { from: '21:00', to: '08:00' },
    changeoverMinutes: 8,
  }
}

/**
 * The demo's bench in the open project format, placed relative to an instant: loaded by the same import as anybody's file.
 *
 * @param now epoch milliseconds
 * @param zone time zone of the sessions, as "Europe/Lisbon"
 */
export function demoProject(now: number, zone: string): Project {
  const damp = dampEvening(now)
  const acts = [
    ...PAST.flatMap((past) => actsOf(past, now)),
    ...runningCoat(now),
    ...remarks(now),
    ...damp.acts,
  ]
  return {
    format: 'tectoria-project',
    version: 1,
    builds: DEMO_BUILDS.map((build) =>
      build.id === GANNET.id ? { ...build, brief: DEMO_BRIEF } : build,
    ),
    meshes: [HOUND],
    shelf: demoShelf(now),
    tools: DEMO_TOOLS,
    mixes: [
      {
        id: 'bone-spray',
        name: 'Bone for the hulls',
        at: new Date(now - 15 * MINUTE).toISOString(),
        build: GANNET.id,
        colour: '#DAD5C4',
        family: 'alcohol-acrylic',
        ingredients: [
          { name: 'Bone White', bottle: 'ferrowick-bone-white', parts: 1, share: 0.8 },
          { name: 'Alcohol Thinner', bottle: 'ferrowick-alcohol-thinner', parts: 1 },
        ],
        volumeMl: 4,
      },
      {
        id: 'broken-bone',
        name: 'Broken bone, touch-up',
        at: new Date(now - 5 * DAY * MINUTE).toISOString(),
        build: GANNET.id,
        colour: '#D2CDBE',
        family: 'alcohol-acrylic',
        ingredients: [
          { name: 'Bone White', bottle: 'ferrowick-bone-white', parts: 6, share: 0.8 },
          { name: 'Band Ochre', bottle: 'ferrowick-band-ochre', parts: 1, share: 1 },
        ],
        volumeMl: 3,
      },
    ],
    acts: acts.sort((a, b) => Date.parse(a.at) - Date.parse(b.at)),
    sessions: demoSessions(now, zone),
    climate: [
      {
        id: 'demo.climate',
        at: new Date(now - 11 * DAY * MINUTE).toISOString(),
        celsius: 20,
        humidity: 50,
      },
      ...damp.climate,
    ],
    pictures: demoPictures(now),
    tests: demoTests(now),
    accidents: demoAccidents(now),
    panels: [],
    corrections: [],
  }
}
