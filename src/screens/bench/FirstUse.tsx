'use client'

import Link from 'next/link'
import { useState } from 'react'
import { useLoadDemo } from '@/state/demo'
import { Button } from '@/ui/Button'

/** What an empty bench offers: begin a build, or look at one that is under way. */
export function FirstUse() {
  const load = useLoadDemo()
  const [busy, setBusy] = useState(false)
  const demo = async () => {
    setBusy(true)
    await load()
    setBusy(false)
  }
  return (
    <section className="max-w-2xl p-6 lg:p-12">
      <h1 className="font-display text-4xl font-semibold">An empty bench</h1>
      <p className="mt-4 text-lg">
        Choose a starting sequence for your kit. Tectoria checks what goes on what, runs the drying
        clocks and lays the coats into the evenings you have.
      </p>
      <div className="mt-8 flex flex-wrap gap-3">
        <Link
          href="/builds?new=1"
          className="inline-flex min-h-14 items-center rounded-tool border-2 border-act bg-act px-5 text-lg font-semibold text-act-ink"
        >
          Start a build
        </Link>
        <Button size="bench" disabled={busy} onClick={() => void demo()}>
          Look at the demo bench
        </Button>
      </div>
      <p className="mt-6 text-soft">
        Coming from another machine?{' '}
        <Link href="/settings#data" className="text-act underline">
          Import your file
        </Link>
        .
      </p>
    </section>
  )
}
