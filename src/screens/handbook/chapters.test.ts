import { DECIDED } from '@/core/formats/knowledgeIndex'
import { ruleAddress } from '../shared/RuleLink'
import { chapters, rulesOf, sectionsOf } from './chapters'

it('chapters come in the order of their numbers, each with its heading', () => {
  const all = chapters()
  expect(all.map(({ slug }) => Number.parseInt(slug, 10))).toEqual(all.map((_, i) => i + 1))
  for (const { title } of all) expect(title).toMatch(/^\d+\. \S/)
})

it.each(chapters().map((chapter) => [chapter.slug, chapter] as const))(
  'the sections of %s have addresses of their own',
  (slug, chapter) => {
    const to = sectionsOf(chapter).map((section) => section.to)
    expect(new Set(to).size).toBe(to.length)
    for (const address of to) expect(address).toMatch(new RegExp(`^/handbook/${slug}#.`))
  },
)

it.each(DECIDED)('a finding of %s leads to its row', (rule) => {
  const rows = chapters().flatMap(rulesOf)
  expect(rows.filter(({ to }) => to === ruleAddress(rule))).toHaveLength(1)
})
