import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import GithubSlugger from 'github-slugger'
import type { HandbookSection } from '../shared/handbookSection'
import { ruleAnchor } from '../shared/RuleLink'

/** A chapter of the handbook: its address, its heading, its text in Markdown. */
export type Chapter = { slug: string; title: string; text: string }

const FOLDER = join(process.cwd(), 'docs', 'handbook')

/** All chapters in their order, as they lie in docs/handbook; on the server alone. */
export function chapters(): Chapter[] {
  return readdirSync(FOLDER)
    .filter((file) => /^\d+-[a-z-]+\.md$/.test(file))
    .sort((a, b) => Number.parseInt(a, 10) - Number.parseInt(b, 10))
    .map((file) => {
      const text = readFileSync(join(FOLDER, file), 'utf8')
      const title = headingsOf(text, 1)[0] ?? file
      return { slug: file.replace(/\.md$/, ''), title, text }
    })
}

/** The headings of a level, in their order. */
function headingsOf(text: string, level: number): string[] {
  const mark = `${'#'.repeat(level)} `
  return text.split('\n').flatMap((line) => (line.startsWith(mark) ? [line.slice(level + 1)] : []))
}

/** The sections of a chapter; their ids are those that the page gives its headings. */
export function sectionsOf({ slug, text }: Chapter): HandbookSection[] {
  const ids = new GithubSlugger()
  ids.slug(headingsOf(text, 1)[0] ?? '')
  return text.split('\n').flatMap((line): HandbookSection[] => {
    const heading = /^(#{2,6}) (.+)$/.exec(line)
    if (!heading?.[2]) return []
    const id = ids.slug(heading[2])
    return heading[1] === '##'
      ? [{ says: heading[2], to: `/handbook/${slug}#${id}`, is: 'chapter' }]
      : []
  })
}

/** The rules that a chapter has a row for. */
export function rulesOf({ slug, text }: Chapter): HandbookSection[] {
  const inRules = text.split('\n').reduce<{ on: boolean; rows: string[] }>(
    ({ on, rows }, line) => {
      if (/^\| rule \|/.test(line)) return { on: true, rows }
      if (!line.startsWith('|')) return { on: false, rows }
      return { on, rows: on ? [...rows, line.split('|')[1] ?? ''] : rows }
    },
    { on: false, rows: [] },
  )
  return inRules.rows.flatMap((cell) =>
    [...cell.matchAll(/`([a-z0-9-]+)`/g)].map(
      ([, rule = '']): HandbookSection => ({
        says: rule,
        to: `/handbook/${slug}#${ruleAnchor(rule)}`,
        is: 'rule',
      }),
    ),
  )
}
