import Link from 'next/link'
import Markdown, { type Components } from 'react-markdown'
import rehypeSlug from 'rehype-slug'
import remarkGfm from 'remark-gfm'
import { type Chapter, chapters, sectionsOf } from './chapters'
import { ruleAnchors } from './ruleAnchors'

/** A chapter as it is read: its sections beside it, the chapters before and after it below. */
export function ChapterScreen({ slug }: { slug: string }) {
  const all = chapters()
  const at = all.findIndex((chapter) => chapter.slug === slug)
  const chapter = all[at]
  if (!chapter) return null
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-4 p-4 lg:p-6 xl:grid-cols-[minmax(0,1fr)_15rem]">
      <article className="min-w-0 max-w-4xl">
        <p>
          <Link href="/handbook" className="text-act underline">
            Handbook
          </Link>
        </p>
        <Markdown
          remarkPlugins={[remarkGfm]}
          rehypePlugins={[rehypeSlug, ruleAnchors]}
          components={LOOK}
        >
          {chapter.text}
        </Markdown>
        <nav
          aria-label="Other chapters"
          className="mt-8 flex justify-between gap-4 border-t-2 border-strong pt-3"
        >
          <Turn to={all[at - 1]} />
          <Turn to={all[at + 1]} />
        </nav>
      </article>
      <Contents chapter={chapter} />
    </div>
  )
}

function Turn({ to }: { to: Chapter | undefined }) {
  if (!to) return <span />
  return (
    <Link href={`/handbook/${to.slug}`} className="text-act underline">
      {to.title}
    </Link>
  )
}

function Contents({ chapter }: { chapter: Chapter }) {
  const sections = sectionsOf(chapter)
  if (sections.length < 2) return null
  return (
    <nav aria-label="In this chapter" className="sticky top-4 hidden h-fit pt-8 xl:block">
      <ul>
        {sections.map(({ says, to }) => (
          <li key={to}>
            <a href={to} className="inline-flex min-h-8 items-center text-act underline">
              {says}
            </a>
          </li>
        ))}
      </ul>
    </nav>
  )
}

/** The elements of a chapter in the look of the application; a wide table scrolls by itself. */
const LOOK: Components = {
  h1: ({ node: _, ...props }) => (
    <h1 {...props} className="mt-1 font-display text-4xl font-semibold" />
  ),
  h2: ({ node: _, ...props }) => (
    <h2
      {...props}
      className="mt-8 scroll-mt-4 border-t-2 border-strong pt-2 font-display text-2xl font-semibold"
    />
  ),
  h3: ({ node: _, ...props }) => (
    <h3 {...props} className="mt-5 scroll-mt-4 font-display text-xl font-semibold" />
  ),
  p: ({ node: _, ...props }) => <p {...props} className="mt-3 max-w-prose" />,
  ul: ({ node: _, ...props }) => <ul {...props} className="mt-3 max-w-prose list-disc pl-5" />,
  ol: ({ node: _, ...props }) => <ol {...props} className="mt-3 max-w-prose list-decimal pl-5" />,
  table: ({ node: _, ...props }) => (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <section aria-label="Table" tabIndex={0} className="mt-3 overflow-x-auto">
      <table {...props} className="border-collapse text-sm" />
    </section>
  ),
  th: ({ node: _, ...props }) => (
    <th {...props} className="border-b-2 border-strong py-1.5 pr-4 text-left align-bottom" />
  ),
  td: ({ node: _, ...props }) => (
    <td
      {...props}
      className="border-b border-rule py-1.5 pr-4 align-top max-sm:min-w-24 max-sm:not-first:min-w-40"
    />
  ),
  code: ({ node: _, ...props }) => (
    <code
      {...props}
      className="scroll-mt-24 rounded-[2px] bg-sunk px-1 text-[0.92em] target:outline-2 target:outline-act"
    />
  ),
  pre: ({ node: _, ...props }) => (
    <pre {...props} className="mt-3 overflow-x-auto bg-sunk p-3 text-sm" />
  ),
  a: ({ node: _, ...props }) => <a {...props} className="text-act underline" />,
}
