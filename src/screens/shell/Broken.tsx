'use client'

import { Button } from '@/ui/Button'
import { ExportRaw } from './ExportRaw'

/** Something failed while it was shown: what, why, and the ways on. Nothing of it needs the bench. */
export function Broken({
  what,
  why,
  onAgain,
}: {
  what: string
  why: string
  onAgain?: () => void
}) {
  return (
    <div className="max-w-prose p-6" role="alert">
      <h1 className="font-display text-3xl font-semibold">{what}</h1>
      <p className="mt-2 break-words">{why || 'It didn’t say why.'}</p>
      <p className="mt-2 text-soft">Nothing of your data was changed by it.</p>
      <div className="mt-4 flex flex-wrap items-start gap-2">
        {onAgain && (
          <Button look="act" onClick={onAgain}>
            Try again
          </Button>
        )}
        <ExportRaw />
        <a href="/rescue" className="key inline-flex min-h-11 items-center px-4">
          Go to the rescue page
        </a>
      </div>
    </div>
  )
}
