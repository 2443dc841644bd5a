// Thousands of wrong files, read as the application and the command line read them: each is refused with what is wrong and where, or
// everything can be made of it. `npm run fuzz -- [FILES] [SEED]`.
import { readFileSync } from 'node:fs'
import { COMMANDS } from '../cli/commands'
import { readContent } from '../src/core/formats/convert/content'
import { convert, TARGETS } from '../src/core/formats/convert/convert'
import { type Parsed, parseJson } from '../src/core/model/input'
import { drawn } from './drawn.mjs'
import { mutatedBytes, mutatedJson } from './fuzz/mutate'
import { files, NOW, requests, smallProject } from './fuzz/seeds'

const FILES = Number(process.argv[2] ?? 10_000)
const SEED = Number(process.argv[3] ?? 7)
/** A file that takes longer, ms, is told. */
const LONG = 3_000

const random = drawn(SEED)
const one = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)] as T
const project = smallProject()
const sequence = JSON.parse(readFileSync('docs/examples/01-gloss-under-lining.json', 'utf8'))
const asked = Object.entries(requests(sequence)).flatMap(([name, all]) =>
  all.map((request) => ({ name, request })),
)
const texts = Object.entries(files(project))
let ids = 0
const newId = () => `new-${ids++}`
const flags = { seconds: 0.02, now: NOW }

/** What is wrong with an answer, or null. */
function complaint(answer: Parsed<unknown>): string | null {
  if (answer.ok) {
    JSON.stringify(answer.value)
    return null
  }
  if (answer.problems.length === 0) return 'refused without a reason'
  const bare = answer.problems.find(
    ({ path, found, expected }) =>
      typeof path !== 'string' || !found || !expected || found.length > 200,
  )
  return bare ? `a reason that says nothing: ${JSON.stringify(bare)}` : null
}

/** Everything that can be made of a file that was taken in. */
function madeOf(name: string, bytes: Uint8Array): string | null {
  const file = { name, bytes, newId }
  const read = readContent(file)
  if (!read.ok) return complaint(read)
  for (const to of TARGETS) {
    // A calendar waits for a plan.
    if (to === 'ics') continue
    const options = { steps: 1 }
    const made = convert(file, { to, now: NOW, options, zoneRules: () => null })
    const wrong = complaint(made)
    if (wrong) return `${to}: ${wrong}`
    if (to !== 'json' || !made.ok || read.value.is !== 'project') continue
    const again = readContent({
      name: 'again.json',
      bytes: new TextEncoder().encode(made.value as string),
      newId,
    })
    if (!again.ok) return `what was written isn't read again: ${JSON.stringify(again.problems[0])}`
  }
  return null
}

/** What is changed was right before: else nothing but its own mistake would be found. */
function seedsAreRight(): string[] {
  const wrong = asked.flatMap(({ name, request }) => {
    const answer = COMMANDS[name]?.run(structuredClone(request), flags)
    return answer?.ok ? [] : [`${name}: ${JSON.stringify(answer?.problems[0])}`]
  })
  const unread = texts.flatMap(([name, bytes]) => {
    const read = readContent({ name, bytes, newId })
    return read.ok ? [] : [`${name}: ${JSON.stringify(read.problems[0])}`]
  })
  return [...wrong, ...unread]
}

type Case = {
  name: string
  input: string | Uint8Array
  run: () => string | null
  ok: () => boolean
}

function nextCase(): Case {
  const way = random()
  if (way < 0.45) {
    const { name, request } = one(asked)
    const input = mutatedJson(request, random)
    return commandCase(name, input)
  }
  if (way < 0.7) {
    const input = new TextEncoder().encode(mutatedJson(project, random))
    return fileCase('bench.json', input)
  }
  const [name, bytes] = one(texts)
  return fileCase(name, mutatedBytes(bytes, random))
}

function commandCase(name: string, input: string): Case {
  let answer: Parsed<unknown> | null = null
  const run = () => {
    const json = parseJson(input)
    answer = json.ok ? (COMMANDS[name]?.run(json.value, flags) ?? null) : json
    return answer ? complaint(answer) : `no command ${name}`
  }
  return { name, input, run, ok: () => answer?.ok ?? false }
}

function fileCase(name: string, bytes: Uint8Array): Case {
  let taken = false
  const run = () => {
    taken = readContent({ name, bytes, newId }).ok
    return madeOf(name, bytes)
  }
  return { name, input: bytes, run, ok: () => taken }
}

const unfit = seedsAreRight()
if (unfit.length > 0) {
  console.error(`Not right to begin with:\n${unfit.join('\n')}`)
  process.exit(1)
}
const told = new Map<string, { tried: number; taken: number }>()
let wrong = 0
for (let i = 0; i < FILES; i++) {
  const { name, input, run, ok } = nextCase()
  const began = performance.now()
  let why: string | null
  try {
    why = run()
  } catch (error) {
    why = error instanceof Error ? (error.stack ?? error.message) : String(error)
  }
  const took = performance.now() - began
  if (took > LONG) why ??= `took ${Math.round(took)} ms`
  const sum = told.get(name) ?? { tried: 0, taken: 0 }
  told.set(name, { tried: sum.tried + 1, taken: sum.taken + (ok() ? 1 : 0) })
  if (!why) continue
  wrong++
  const shown = typeof input === 'string' ? input : new TextDecoder().decode(input)
  console.error(`── ${name}, file ${i}: ${why}\n${shown.slice(0, 1500)}\n`)
}
for (const [name, { tried, taken }] of told)
  console.log(`${name.padEnd(12)} ${tried} files, ${taken} taken in, ${tried - taken} refused`)
console.log(`seed ${SEED}: ${FILES} files, ${wrong} wrong`)
process.exit(wrong > 0 ? 1 : 0)
