'use client'

import Link from 'next/link'
import { useBench, useDamaged, usePartsFailure } from '@/state/hooks'
import { Button } from '@/ui/Button'

/** What is not as it should be with the data or the work in the background: told on every screen until it is mended. */
export function Notices() {
  const damaged = useDamaged().length
  const failure = usePartsFailure()
  const { parts } = useBench()
  if (damaged === 0 && !failure) return null
  return (
    <div data-screen-only className="border-b border-rule bg-raised px-4 py-1.5 lg:px-6">
      {damaged > 0 && (
        <p role="alert">
          {damaged === 1 ? 'One entry' : `${damaged} entries`} of your data can’t be read and{' '}
          {damaged === 1 ? 'lies' : 'lie'} apart. Everything else works.{' '}
          <Link href="/settings#damaged" className="text-act underline">
            Look at {damaged === 1 ? 'it' : 'them'}
          </Link>
        </p>
      )}
      {failure && (
        <p role="alert" className="flex flex-wrap items-center gap-x-3">
          What you see may be old: {failure}.
          <Button size="small" onClick={parts.refresh}>
            Try again
          </Button>
        </p>
      )}
    </div>
  )
}
