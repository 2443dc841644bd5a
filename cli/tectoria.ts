import { readFileSync, writeSync } from 'node:fs'
import { type Parsed, type Problem, parseJson } from '../src/core/model/input'
import { seen, seenJson } from '../src/core/model/seen'
import { COMMANDS, type Flags } from './commands'
import { runConvert } from './convert'

const USAGE = `Usage: npm run -s tectoria -- COMMAND FILE [--seconds N] [--now INSTANT]
       npm run -s tectoria -- zones FILE.stl|FILE.obj [--unit mm|cm|m|inch] [--scale N] [--up y|z]
       npm run -s tectoria -- panel FILE [--png FILE]
       npm run -s tectoria -- convert FILE --to json|csv|gpl|ics|md|txt|svg|zip [--out FILE]
${Object.entries(COMMANDS)
  .map(([name, { about }]) => `  ${name.padEnd(10)}${about}`)
  .join('\n')}
  FILE      a JSON file, for text a plan in words, or - for standard input
Answers one JSON object on standard output. Exit status: 0 answered, 2 the input is not valid, 1 something failed.`

/** Longest time for a schedule unless it is said, seconds. */
const DEFAULT_SECONDS = 5

class Misuse extends Error {}

function print(value: unknown): void {
  printBytes(Buffer.from(`${seenJson(JSON.stringify(value, null, 2))}\n`))
}

function printBytes(bytes: Uint8Array): void {
  for (let at = 0; at < bytes.length; ) at += writeSome(bytes, at)
}

/** A pipe that is full for the moment takes nothing: try again. */
function writeSome(bytes: Uint8Array, at: number): number {
  try {
    return writeSync(1, bytes, at)
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'EAGAIN') return 0
    throw error
  }
}

function refuse(problems: readonly Problem[]): number {
  const first = problems[0]
  const message = first
    ? `${first.path === '' ? 'The document' : first.path}: found ${first.found}, expected ${first.expected}`
    : 'The input is not valid'
  print({ format: 'tectoria-error', version: 1, message, errors: problems })
  console.error(seen(message))
  return 2
}

type Arguments = { words: string[]; flags: Flags; help: boolean }

function readArguments(args: readonly string[]): Arguments {
  const words: string[] = []
  const flags: Flags = { seconds: DEFAULT_SECONDS, now: Date.now() }
  let help = false
  for (let i = 0; i < args.length; i++) {
    const arg = args[i] as string
    if (arg === '--help' || arg === '-h') help = true
    else if (arg === '--seconds') flags.seconds = secondsOf(args[++i])
    else if (arg === '--now') flags.now = instantOf(args[++i])
    else if (arg === '--to') flags.to = args[++i] ?? ''
    else if (arg === '--unit' || arg === '--scale' || arg === '--up')
      flags[arg.slice(2) as 'unit' | 'scale' | 'up'] = args[++i] ?? ''
    else if (arg === '--out' || arg === '--png')
      flags[arg.slice(2) as 'out' | 'png'] = pathOf(arg, args[++i])
    else if (arg.startsWith('--')) throw new Misuse(`There is no flag "${arg}".`)
    else words.push(arg)
  }
  return { words, flags, help }
}

function secondsOf(text: string | undefined): number {
  const seconds = Number(text)
  if (text === undefined || !(seconds > 0 && seconds <= 3600))
    throw new Misuse(`--seconds: found ${text ?? 'nothing'}, expected a number above 0, up to 3600`)
  return seconds
}

function pathOf(flag: string, text: string | undefined): string {
  if (!text) throw new Misuse(`${flag}: found nothing, expected the file to write`)
  return text
}

function instantOf(text: string | undefined): number {
  const at = Date.parse(text ?? '')
  if (!Number.isFinite(at))
    throw new Misuse(
      `--now: found ${text ?? 'nothing'}, expected an instant such as 2026-03-14T19:00:00Z`,
    )
  return at
}

async function main(args: readonly string[]): Promise<number> {
  const { words, flags, help } = readArguments(args)
  if (help) {
    console.error(USAGE)
    return 0
  }
  const [name, file] = words
  const command = name === undefined ? undefined : COMMANDS[name]
  if (!command && name !== 'convert')
    throw new Misuse(name === undefined ? 'Which command?' : `There is no command "${name}".`)
  if (file === undefined) throw new Misuse('Which file? - is standard input.')
  if (!command) {
    const converted = runConvert(file, flags)
    if (!converted.ok) return refuse(converted.problems)
    if ('answer' in converted.value) print(converted.value.answer)
    else printBytes(Buffer.from(converted.value.file))
    return 0
  }
  if (name === 'zones' && /\.(stl|obj)$/i.test(file)) {
    // What meshes need takes a while to load, and nothing else needs it.
    const { runMesh } = await import('./mesh')
    return answerWith(runMesh(file, flags))
  }
  const text = readFileSync(file === '-' ? 0 : file, 'utf8')
  const read: Parsed<unknown> = command.plain ? { ok: true, value: text } : parseJson(text)
  if (!read.ok) return refuse(read.problems)
  return answerWith(command.run(read.value, flags))
}

function answerWith(answered: Parsed<unknown>): number {
  if (!answered.ok) return refuse(answered.problems)
  print(answered.value)
  return 0
}

try {
  process.exitCode = await main(process.argv.slice(2))
} catch (error) {
  console.error(seen(error instanceof Error ? error.message : String(error)))
  if (error instanceof Misuse) console.error(USAGE)
  process.exitCode = 1
}
