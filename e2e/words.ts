import { readFileSync } from 'node:fs'
import { DECIDED } from '../src/core/formats/knowledgeIndex'

/** Words that docs/words.md has a better one for: its last column. */
const OFF_LIST = readFileSync('docs/words.md', 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| word'))
  .flatMap((line) => line.split('|')[4]?.trim() || [])

const ONE_OF_MANY =
  /(?<![\d.,:])1 (?:coats|acts|steps|parts|bottles|drops|evenings|findings|passes|minutes|hours|days|builds)\b/
const BROKEN = /\b(?:undefined|NaN|null|Infinity)\b|\[object|\b[0-9a-f]{8}-[0-9a-f]{4}-/
const RULES = new RegExp(
  `(?<![\\w-])(?:${DECIDED.filter((rule) => rule.includes('-')).join('|')})(?![\\w-])`,
)

/** What no screen should say, found in the text of one. */
export function wrongWords(text: string): string[] {
  const found = [ONE_OF_MANY, BROKEN, RULES].flatMap((pattern) => pattern.exec(text)?.[0] ?? [])
  return [...found, ...OFF_LIST.filter((words) => text.includes(words))]
}
