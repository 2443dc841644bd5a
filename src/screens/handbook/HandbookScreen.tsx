import Link from 'next/link'
import { chapters, sectionsOf } from './chapters'

/** What the program goes by, chapter by chapter. */
export function HandbookScreen() {
  return (
    <div className="max-w-5xl p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">Handbook</h1>
      <p className="mt-1 max-w-prose text-soft">
        What every check, clock and amount here goes by. A finding leads to its rule.
      </p>
      <ol className="mt-4 border-t-2 border-strong">
        {chapters().map((chapter) => (
          <li
            key={chapter.slug}
            className="grid gap-x-6 border-b border-rule py-3 md:grid-cols-[18rem_minmax(0,1fr)]"
          >
            <Link
              href={`/handbook/${chapter.slug}`}
              className="font-display text-xl font-semibold underline decoration-rule underline-offset-4 hover:decoration-act"
            >
              {chapter.title}
            </Link>
            <span className="flex flex-wrap gap-x-4">
              {sectionsOf(chapter).map(({ says, to }) => (
                <Link
                  key={to}
                  href={to}
                  className="inline-flex min-h-8 items-center text-act underline"
                >
                  {says}
                </Link>
              ))}
            </span>
          </li>
        ))}
      </ol>
    </div>
  )
}
