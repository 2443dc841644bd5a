import MiniSearch from 'minisearch'
import { ACT_WORDS } from '../knowledge/words/acts'
import { FAMILY_WORDS } from '../knowledge/words/materials'
import { SYNONYMS } from '../knowledge/words/synonyms'
import type { Act, Family } from '../model/vocabulary'

/** What something that is found is. */
export type FoundKind =
  | 'screen'
  | 'build'
  | 'part'
  | 'step'
  | 'finding'
  | 'note'
  | 'technique'
  | 'fault'
  | 'family'
  | 'bottle'
  | 'saved mix'
  | 'rule'
  | 'chapter'
  | 'key'
  | 'command'

/** Something that can be found: what it says, in which further words, and where it leads (as the screens know it). */
export type Findable = {
  id: string
  kind: FoundKind
  says: string
  /** What else it is found by. */
  words?: string
  to: string
}

/** Everything that can be found, in a form that is asked quickly. */
export type SearchIndex = { find: (query: string, most: number) => Findable[] }

/** Kinds by how likely they are meant where they are found alike. */
const WEIGHT: Record<FoundKind, number> = {
  command: 1,
  screen: 1.5,
  build: 1.4,
  part: 1.8,
  fault: 1.25,
  technique: 1.2,
  bottle: 1.1,
  'saved mix': 1.1,
  step: 1,
  family: 0.6,
  finding: 0.9,
  rule: 0.85,
  chapter: 0.9,
  key: 0.8,
  note: 0.7,
}

/** Puts everything that can be found into an index. Words of one meaning find one another. */
export function searchIndex(findable: readonly Findable[]): SearchIndex {
  const known = new Map(findable.map((row) => [row.id, row]))
  const index = new MiniSearch<Findable & { also: string }>({
    fields: ['says', 'words', 'also'],
    storeFields: [],
    tokenize: (text) => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [],
    searchOptions: {
      boost: { says: 3, words: 2 },
      prefix: (term) => term.length > 1,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      combineWith: 'AND',
      boostDocument: (id) => WEIGHT[known.get(String(id))?.kind ?? 'note'],
    },
  })
  index.addAll(
    findable.map((row) => ({
      words: '',
      ...row,
      also: alsoCalled(`${row.says} ${row.words ?? ''}`),
    })),
  )
  return {
    find: (query, most) =>
      byBeginning(
        index.search(query).flatMap(({ id }) => known.get(String(id)) ?? []),
        query,
      ).slice(0, most),
  }
}

/** What is called by the very words comes first, then what begins with them; within each as it was found. */
function byBeginning(found: readonly Findable[], query: string): Findable[] {
  const sought = query.trim().toLowerCase()
  const rank = ({ says }: Findable) => {
    const said = says.toLowerCase()
    return said === sought ? 0 : said.startsWith(sought) ? 1 : 2
  }
  return found.toSorted((a, b) => rank(a) - rank(b))
}

const GROUPS = SYNONYMS.map((words) => ({
  words: words.map((word) => word.toLowerCase()),
  all: words.join(' '),
}))

/** The other words of what a text speaks of. */
function alsoCalled(text: string): string {
  const said = ` ${text.toLowerCase().replaceAll(/[^\p{L}\p{N}]+/gu, ' ')} `
  return GROUPS.filter(({ words }) =>
    words.some((word) => said.includes(` ${word.replaceAll(/[^\p{L}\p{N}]+/gu, ' ')} `)),
  )
    .map(({ all }) => all)
    .join(' ')
}

/** Words that an act is called by. */
export function actCalled(act: Act): string {
  return ACT_WORDS[act].join(' ')
}

/** Words that a family is called by. */
export function familyCalled(family: Family): string {
  return FAMILY_WORDS[family].join(' ')
}
