import type { ReactNode } from 'react'

/** Something that may be said of a part: folded to its heading until there is anything. */
export function PartSection({
  heading,
  said,
  children,
}: {
  heading: string
  /** Is there anything? It is then open. */
  said: boolean
  children: ReactNode
}) {
  return (
    <section className="mt-6 border-t border-rule pt-3" aria-label={heading}>
      <details open={said}>
        <summary className="min-h-11 cursor-pointer py-1.5">
          <h2 className="inline font-display text-xl font-semibold">{heading}</h2>
        </summary>
        {children}
      </details>
    </section>
  )
}
