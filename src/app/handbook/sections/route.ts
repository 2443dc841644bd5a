import { chapters, rulesOf, sectionsOf } from '@/screens/handbook/chapters'

export const dynamic = 'force-static'

/** What the finder finds in the handbook: sections and rules with their addresses. */
export function GET(): Response {
  return Response.json(
    chapters().flatMap((chapter) => [...sectionsOf(chapter), ...rulesOf(chapter)]),
  )
}
