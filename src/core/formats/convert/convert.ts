import { strToU8, zipSync } from 'fflate'
import { DateTime } from 'luxon'
import type { SolveOptions } from '../../bench/solve'
import { stateOf } from '../../builds/benchState'
import { stepName } from '../../knowledge/stepName'
import { type Parsed, quote } from '../../model/input'
import { isAct } from '../../model/isAct'
import type { Project } from '../../model/project'
import type { ActStep } from '../../model/sequence'
import { planBench, type ScheduledTask } from '../../schedule/planBench'
import { mixLabel } from '../../shelf/mixLabel'
import { buildMarkdown } from '../buildMarkdown'
import { writeCsv } from '../csv'
import { labelsSvg } from '../labelDrawing'
import { logCsv, logMarkdown } from '../logFile'
import { type PaletteColour, writePalette } from '../palette'
import { planCalendar } from '../planCalendar'
import { shelfCsv } from '../shelfCsv'
import { writePlan, writeSequence } from '../text/writePlan'
import { type Content, type FileToRead, readContent } from './content'

/** The formats that are written. Content: docs/formats.md, Converting. */
export const TARGETS = ['json', 'csv', 'gpl', 'ics', 'md', 'txt', 'svg', 'zip'] as const

/** A format that is written. */
export type Target = (typeof TARGETS)[number]

/** What a conversion needs beside the file: the instant that a plan is made at, how long it may take, the rules of a time zone. */
export type Conversion = {
  to: Target
  now: number
  options: SolveOptions
  zoneRules: (zone: string) => string | null
}

type Written = string | Uint8Array

/** Reads one open format and writes another; what the file doesn't hold is told, and nothing is made up. */
export function convert(file: FileToRead, conversion: Conversion): Parsed<Written> {
  const read = readContent(file)
  if (!read.ok) return read
  const written = write(read.value, conversion)
  if (typeof written === 'string' || written instanceof Uint8Array)
    return { ok: true, value: written }
  return {
    ok: false,
    problems: [{ path: '--to', found: quote(conversion.to), expected: written.expected }],
  }
}

type Lacking = { expected: string }

function write(source: Content, conversion: Conversion): Written | Lacking {
  if (source.is === 'measure')
    return conversion.to === 'json'
      ? inJson(source.value)
      : { expected: 'json: a mesh is measured, no more' }
  if (source.is === 'palette') return writeColours(source.colours, conversion.to)
  return PROJECT_WRITERS[conversion.to](source, conversion)
}

function inJson(value: unknown): string {
  return `${JSON.stringify(value, null, 2)}\n`
}

function writeColours(colours: readonly PaletteColour[], to: Target): Written | Lacking {
  switch (to) {
    case 'gpl':
      return writePalette('Palette', colours)
    case 'csv':
      return writeCsv(['name', 'colour'], colours)
    case 'json':
      return inJson({ format: 'tectoria-palette', version: 1, colours })
    default:
      return { expected: 'gpl, csv or json: a palette holds nothing but colours' }
  }
}

type OfProject = Extract<Content, { is: 'project' }>

const PROJECT_WRITERS: Record<
  Target,
  (source: OfProject, conversion: Conversion) => Written | Lacking
> = {
  json: ({ project, sequence }) => inJson(sequence ?? project),
  zip: ({ project, photos }) => zipped(project, photos),
  csv: ({ project }) => {
    if (project.shelf?.length) return shelfCsv(project.shelf)
    return project.acts?.length
      ? logCsv(project)
      : { expected: 'another format: it holds neither bottles nor a log' }
  },
  gpl: ({ project }) => {
    const colours = coloursOf(project)
    return colours.length > 0
      ? writePalette('Tectoria', colours)
      : { expected: 'another format: it holds no colours' }
  },
  ics: ({ project }, conversion) => calendarOf(project, conversion),
  md: ({ project }) =>
    markdownOf(project) || { expected: 'another format: it holds neither builds nor a log' },
  txt: ({ project, sequence }) =>
    sequence
      ? writeSequence(sequence)
      : (project.builds ?? []).map((build) => writePlan(build, namedIn(project))).join('\n') || {
          expected: 'another format: it holds no builds',
        },
  svg: ({ project }) => {
    const labels = (project.mixes ?? []).map((mix) => mixLabel(mix, project))
    const zone = zoneOf(project)
    const dates = {
      day: (at: number) => dated(at, zone, 'd LLL yyyy'),
      hour: (at: number) => dated(at, zone, 'd LLL yyyy, HH:mm'),
    }
    return labels.length > 0
      ? labelsSvg(labels, dates)
      : { expected: 'another format: it holds no kept mixes to label' }
  },
}

function zoneOf(project: Project): string {
  return project.sessions?.zone ?? 'UTC'
}

function dated(at: number, zone: string, format: string): string {
  return DateTime.fromMillis(at, { zone }).setLocale('en-GB').toFormat(format)
}

/** A project with its photos. @param photos by their names in the archive */
export function zipped(project: Project, photos: Readonly<Record<string, Uint8Array>>): Uint8Array {
  // Without a time in it the same project is the same archive.
  return zipSync(
    { 'project.json': strToU8(inJson(project)), ...photos },
    { mtime: '1980-01-01T00:00:00' },
  )
}

function namedIn({ shelf, mixes }: Project) {
  return { ...(shelf ? { shelf } : {}), ...(mixes ? { mixes } : {}) }
}

/** Colours of bottles and kept mixes, and those that steps name, each once. */
function coloursOf(project: Project): PaletteColour[] {
  const named = [...(project.shelf ?? []), ...(project.mixes ?? [])].flatMap(({ name, colour }) =>
    colour ? [{ name, colour }] : [],
  )
  const own = (project.builds ?? []).flatMap(({ steps }) =>
    steps.flatMap((step) => {
      const { colour } = step as Partial<ActStep>
      return isAct(step) && colour ? [{ name: stepName(step), colour }] : []
    }),
  )
  const seen = new Set<string>()
  return [...named, ...own].filter(
    ({ colour }) => !seen.has(colour.toUpperCase()) && seen.add(colour.toUpperCase()),
  )
}

function markdownOf(project: Project): string {
  const builds = (project.builds ?? []).map((build) => buildMarkdown(build, namedIn(project)))
  const log = logMarkdown(project, zoneOf(project))
  return [...builds, ...(log === '' ? [] : [`# Log\n\n${log}`])].join('\n')
}

function calendarOf(project: Project, { now, options, zoneRules }: Conversion): Written | Lacking {
  if (!project.builds?.length || !project.sessions)
    return { expected: 'another format: a calendar wants builds and times at the bench' }
  const plan = planBench(stateOf(project), now, options)
  if (plan.tasks.every(({ start }) => start === null))
    return { expected: 'another format: nothing of it is planned at an hour' }
  const names = (task: ScheduledTask) => {
    const build = project.builds?.find(({ id }) => id === task.build)
    const part = build?.parts.find(({ id }) => id === task.part)
    const step = build?.steps.find(({ id }) => id === task.step)
    return {
      act: step && isAct(step) ? stepName(step) : task.step,
      part: part?.name ?? task.part,
      build: build?.name ?? task.build,
    }
  }
  const zone = zoneOf(project)
  return planCalendar(plan, names, zone, zoneRules(zone), now)
}
