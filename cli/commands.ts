import { readBenchProblem, type SolveOptions, solve } from '../src/core/bench'
import { blendAnswer, readBlend } from '../src/core/formats/blendFile'
import { checkAnswer } from '../src/core/formats/checkFile'
import { coverAnswer, readCover } from '../src/core/formats/coverFile'
import { diagnoseAnswer } from '../src/core/formats/diagnoseFile'
import { readDiagnose } from '../src/core/formats/diagnoseRequest'
import { dryAnswer, readDry } from '../src/core/formats/dryFile'
import { explainAnswer, readExplain } from '../src/core/formats/explainFile'
import { masksAnswer, readMasks } from '../src/core/formats/masksFile'
import { matchAnswer, readMatch } from '../src/core/formats/matchFile'
import { mixAnswer, readMix } from '../src/core/formats/mixFile'
import { benchAnswer, planAnswer, projectSchedule } from '../src/core/formats/planFile'
import { readProject } from '../src/core/formats/projectFile'
import { readSequence } from '../src/core/formats/sequenceFile'
import { readText } from '../src/core/formats/text/textFile'
import { readWear, wearAnswer } from '../src/core/formats/wearFile'
import { readShape, shapeAnswer } from '../src/core/formats/zonesFile'
import type { Parsed } from '../src/core/model/input'
import type { Project } from '../src/core/model/project'
import { PROJECT_FORMAT } from '../src/core/model/projectFormat'
import { runPanel } from './panel'

/** What may be said beside the file. */
export type Flags = {
  /** Longest time for a schedule, seconds. */
  seconds: number
  /** What to convert to, and the file that it is written to. */
  to?: string
  out?: string
  /** How a mesh file is meant, as it was typed. */
  unit?: string
  scale?: string
  up?: string
  /** The file that a picture is written to. */
  png?: string
  /** The instant a project is judged at, epoch milliseconds. */
  now: number
}

/** A command reads its document and then answers with one object. */
export type Command = {
  about: string
  /** It reads the file as it stands, not as JSON. */
  plain?: true
  run: (value: unknown, flags: Flags) => Parsed<unknown>
}

function command<T>(
  about: string,
  read: (value: unknown) => Parsed<T>,
  answer: (value: T, flags: Flags) => unknown,
): Command {
  return {
    about,
    run: (value, flags) => {
      const parsed = read(value)
      return parsed.ok ? { ok: true, value: answer(parsed.value, flags) } : parsed
    },
  }
}

/** How many steps a schedule may take: the clock ends it first. */
const MANY_STEPS = 1e9

/** So much longer, ms, until there is any plan at all. */
const GRACE = 3000

/** Longest time that a computation may take by its flags; a plan is always waited for a little. */
export function until(flags: Flags): SolveOptions {
  const end = Date.now() + flags.seconds * 1000
  let found = false
  return {
    steps: MANY_STEPS,
    stop: () => Date.now() >= (found ? end : end + GRACE),
    onBest: () => {
      found = true
    },
  }
}

function isProject(value: unknown): boolean {
  return (value as { format?: unknown } | null)?.format === PROJECT_FORMAT
}

/** The commands of the contract, by name. */
export const COMMANDS: Record<string, Command> = {
  check: command('judges a sequence', readSequence, checkAnswer),
  explain: command('may one film go on another, when and how', readExplain, explainAnswer),
  dry: command('milestones of a film in a climate', readDry, dryAnswer),
  mix: command('amounts of a mix', readMix, mixAnswer),
  cover: command('coats of a paint over backgrounds', readCover, coverAnswer),
  match: command('recipes that come nearest a colour', readMatch, matchAnswer),
  blend: command('the colours of recipes', readBlend, blendAnswer),
  schedule: {
    about: 'schedules a bench problem or a project',
    run: (value, flags) =>
      isProject(value)
        ? command<Project>('', readProject, (project, f) =>
            projectSchedule(project, f.now, until(f)),
          ).run(value, flags)
        : command('', readBenchProblem, (problem, f) => benchAnswer(solve(problem, until(f)))).run(
            value,
            flags,
          ),
  },
  zones: command('zones of a stand-in, or of a mesh: .stl, .obj', readShape, shapeAnswer),
  masks: command('which colour when, and what is masked for it', readMasks, masksAnswer),
  wear: command('where wear goes, by a story', readWear, wearAnswer),
  panel: { about: 'a sequence laid on a test panel: its measures, and a picture', run: runPanel },
  diagnose: command(
    'why something went wrong, and how it is mended',
    readDiagnose,
    (request, { now }) => diagnoseAnswer(request, now),
  ),
  text: { about: 'a plan in plain words', plain: true, run: (value) => readText(value) },
  project: command('everything that follows from a project', readProject, (project, flags) =>
    planAnswer(project, flags.now, until(flags)),
  ),
}
