import Link from 'next/link'
import type { ReactNode } from 'react'
import type { Build } from '@/core/model/build'
import { Button } from '@/ui/Button'
import { BuildHead } from './BuildHead'
import { FinishedFacts } from './FinishedFacts'

/** The head of what of a build is made for paper: its name, what it came to, and how to print it or go back. */
export function PaperHead({ build, children }: { build: Build; children?: ReactNode }) {
  return (
    <>
      <div className="flex flex-wrap items-start justify-between gap-4">
        <BuildHead build={build} />
        <div data-screen-only="" className="flex flex-wrap gap-2">
          <Button look="act" onClick={() => window.print()}>
            Print
          </Button>
          {children}
          <Link href={`/builds/${build.id}`} className="key inline-flex min-h-11 items-center px-4">
            Back to the build
          </Link>
        </div>
      </div>
      <div className="mt-4">
        <FinishedFacts build={build} />
      </div>
    </>
  )
}
