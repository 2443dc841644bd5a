import { strFromU8, unzipSync } from 'fflate'
import { measureMesh } from '../../mesh/measure'
import type { Bottle } from '../../model/bottle'
import type { Build } from '../../model/build'
import { type Parsed, type Problem, parse, parseJson, quote } from '../../model/input'
import { type StoredMix, storedMixSchema } from '../../model/mix'
import type { Project } from '../../model/project'
import { PROJECT_FORMAT, PROJECT_VERSION } from '../../model/projectFormat'
import { SEQUENCE_FORMAT, type Sequence } from '../../model/sequence'
import { type PaletteColour, readPalette } from '../palette'
import { readProject } from '../projectFile'
import { readSequence } from '../sequenceFile'
import { previewShelfCsv } from '../shelfCsv'
import { buildOfSequence } from '../text/buildOfSequence'
import { buildOfText } from '../text/buildOfText'
import { readPlan } from '../text/readPlan'
import { givesNothing, readText } from '../text/textFile'

/** What a file held: everything but a palette and a mesh becomes a project. */
export type Content =
  | {
      is: 'project'
      project: Project
      photos: Readonly<Record<string, Uint8Array>>
      sequence?: Sequence
    }
  | { is: 'palette'; colours: readonly PaletteColour[] }
  | { is: 'measure'; value: unknown }

/** How a file is read: its bytes, its name where it has one, and how a mesh is meant. */
export type FileToRead = {
  name: string
  bytes: Uint8Array
  newId: () => string
}

/** Largest unpacked archive with its pictures, bytes: more is refused before it is unpacked. */
const LARGEST = 1_500_000_000

/**
 * Reads any open format: a project, alone or packed with its photos, a sequence, a plan in words, a shelf as CSV, a palette, a
 * label, a mesh.
 *
 * @returns what it held, or every problem; never throws
 */
export function readContent(file: FileToRead): Parsed<Content> {
  const { bytes, name } = file
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) return readZip(bytes)
  if (/\.(?:stl|obj)$/i.test(name)) return readMesh(file)
  const text = strFromU8(bytes).replace(/^\uFEFF/, '')
  const start = text.trimStart()
  if (start.startsWith('{') || /\.json$/i.test(name)) return readJson(text)
  if (start.startsWith('GIMP Palette')) {
    const palette = readPalette(text)
    return palette.ok ? { ok: true, value: { is: 'palette', colours: palette.value } } : palette
  }
  if (start.startsWith('<')) return readLabel(text)
  if (/\.csv$/i.test(name) || /^[^\n]*\bfamily\b[^\n]*\brole\b/.test(start)) return readShelf(text)
  if (start.startsWith('BEGIN:VCALENDAR'))
    return refused('', start.slice(0, 40), 'a format that is read: a calendar is only written')
  return readWords(text, file.newId)
}

function refused(
  path: string,
  found: string,
  expected: string,
): { ok: false; problems: Problem[] } {
  return { ok: false, problems: [{ path, found: quote(found), expected }] }
}

/** A project of nothing but this. */
function projectWith(lists: Partial<Project>): Content {
  return {
    is: 'project',
    project: { format: PROJECT_FORMAT, version: PROJECT_VERSION, ...lists } as Project,
    photos: {},
  }
}

function readZip(bytes: Uint8Array): Parsed<Content> {
  let files: Record<string, Uint8Array>
  let size = 0
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        size += originalSize
        return size <= LARGEST && (name === 'project.json' || /^photos\/[^/\\]+$/.test(name))
      },
    })
  } catch (error) {
    return refused('', String(error), 'an archive that can be unpacked')
  }
  if (size > LARGEST)
    return refused('', `${size} bytes`, `an archive of up to ${LARGEST} bytes unpacked`)
  const { 'project.json': json, ...photos } = files
  if (!json) return refused('project.json', 'nothing', 'a file of that name in the archive')
  const read = readJson(strFromU8(json))
  return read.ok && read.value.is === 'project'
    ? { ok: true, value: { ...read.value, photos } }
    : read
}

function readJson(text: string): Parsed<Content> {
  const json = parseJson(text)
  if (!json.ok) return json
  const { format } = json.value as { format?: unknown }
  if (format === SEQUENCE_FORMAT) {
    const sequence = readSequence(json.value)
    return sequence.ok
      ? { ok: true, value: { ...ofSequence(sequence.value), sequence: sequence.value } }
      : sequence
  }
  const project = readProject(json.value)
  return project.ok
    ? { ok: true, value: { is: 'project', project: project.value, photos: {} } }
    : project
}

function ofSequence(sequence: Sequence): Extract<Content, { is: 'project' }> {
  const content = projectWith({ builds: [buildOfSequence(sequence)] })
  return content as Extract<Content, { is: 'project' }>
}

function readShelf(text: string): Parsed<Content> {
  const read = previewShelfCsv(text, [])
  if (!read.ok) return read
  const { added, bad } = read.value
  if (bad.length > 0)
    return {
      ok: false,
      problems: bad.flatMap(({ line, problems }) =>
        problems.map((problem) => ({ ...problem, path: `line ${line}, ${problem.path}` })),
      ),
    }
  return { ok: true, value: projectWith({ shelf: added as Bottle[] }) }
}

/** The first label of a drawing, as the kept mix that it is of. */
function readLabel(text: string): Parsed<Content> {
  const data = [...text.matchAll(/<metadata>([^<]*)<\/metadata>/g)].map(([, json = '']) =>
    parseJson(unescaped(json)),
  )
  if (data.length === 0)
    return refused('metadata', 'nothing', 'a label, as it is written by Tectoria')
  const mixes: StoredMix[] = []
  for (const [i, json] of data.entries()) {
    if (!json.ok) return json
    const label = json.value as Record<string, unknown>
    const mixed = parse(storedMixSchema, mixOf(label, i))
    if (!mixed.ok) return mixed
    mixes.push(mixed.value)
  }
  return { ok: true, value: projectWith({ mixes }) }
}

function mixOf(
  { name, ingredients, family, colour, mixedAt, more }: Record<string, unknown>,
  i: number,
) {
  const at = typeof mixedAt === 'number' && Number.isFinite(mixedAt) ? mixedAt : 0
  return {
    id: `label-${i + 1}`,
    name,
    at: new Date(at).toISOString(),
    ingredients,
    ...(family ? { family } : {}),
    ...(colour ? { colour } : {}),
    volumeMl: (more as { ml?: unknown } | undefined)?.ml,
  }
}

function unescaped(text: string): string {
  return text
    .replaceAll('&quot;', '"')
    .replaceAll('&lt;', '<')
    .replaceAll('&gt;', '>')
    .replaceAll('&amp;', '&')
}

/** Plans in words, each from its "build:" on. */
function readWords(text: string, newId: () => string): Parsed<Content> {
  const plans = text.split(/^(?=\s*build:)/im).filter((plan) => plan.trim() !== '')
  const builds: Build[] = []
  const [only] = plans
  if (plans.length === 1 && only !== undefined && isOfOneSurface(only)) {
    const read = readText(only)
    return read.ok
      ? { ok: true, value: { ...ofSequence(read.value.sequence), sequence: read.value.sequence } }
      : read
  }
  for (const plan of plans) {
    const read = readPlan(plan)
    if (read.lines.some(givesNothing)) {
      const problems = readText(plan)
      if (!problems.ok) return problems
    }
    builds.push(buildOfText(read, newId))
  }
  if (builds.length === 0) return refused('', text.slice(0, 40), 'a file of an open format')
  const whole = { format: PROJECT_FORMAT, version: PROJECT_VERSION, builds }
  const project = readProject(whole)
  return project.ok
    ? { ok: true, value: { is: 'project', project: project.value, photos: {} } }
    : project
}

/** A text that names neither a build nor parts is a sequence. */
function isOfOneSurface(text: string): boolean {
  const { header, steps } = readPlan(text)
  return (
    header.fields.name === undefined &&
    header.parts.length < 2 &&
    steps.every(({ parts }) => parts === null)
  )
}

/** A mesh is read in millimetres, at the size of the model, z up. */
function readMesh({ name, bytes }: FileToRead): Parsed<Content> {
  try {
    const measured = measureMesh(name, bytes, { unit: 'mm', scale: 1, up: 'z' })
    return {
      ok: true,
      value: { is: 'measure', value: { format: 'tectoria-mesh', version: 1, ...measured } },
    }
  } catch (error) {
    return refused(
      '',
      error instanceof Error ? error.message : String(error),
      'a mesh that can be read',
    )
  }
}
